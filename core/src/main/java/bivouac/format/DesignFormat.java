package bivouac.format;

import bivouac.design.Accepted;
import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Holding;
import bivouac.design.Leaving;
import bivouac.design.NamingHabit;
import bivouac.design.PretendFiles;
import bivouac.design.Promise;
import bivouac.design.Walkthrough;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;

/** A whole design as the text of a file, and back. {@code read(write(d))} is equal to {@code d}. */
public final class DesignFormat {

    /** The version that is written. A file of a greater one is refused. */
    public static final int VERSION = 1;

    private DesignFormat() {}

    /** The text of the file: UTF-8, LF, members in a stable order. */
    public static String write(Design design) {
        return JsonOut.lay(new JsonOut.Members()
                .put("format", VERSION)
                .put("application", write(design.application()))
                .put(
                        "windows",
                        design.windows().stream().map(WindowFormat::write).toList())
                .list("walkthroughs", design.walkthroughs(), DesignFormat::write)
                .list("accepted", design.accepted(), DesignFormat::write)
                .list("promises", design.promises(), Promise::sentence));
    }

    private static JsonOut.Members write(Accepted a) {
        return new JsonOut.Members()
                .put("finding", a.finding())
                .putUnless(a.about().isEmpty(), "about", a.about())
                .put("because", a.because())
                .put("on", a.on().toString())
                .putUnless(!a.explored(), "explored", true);
    }

    static JsonOut.Members write(Walkthrough w) {
        return new JsonOut.Members()
                .put("name", w.name())
                .put("today", w.today().toString())
                .put("lines", w.lines());
    }

    static JsonOut.Members write(Application app) {
        var application = new JsonOut.Members().put("name", app.name());
        var about = new JsonOut.Members()
                .putUnlessEmpty("version", app.about().version())
                .putUnlessEmpty("rights", app.about().rights())
                .putUnlessEmpty("comments", app.about().comments())
                .putUnlessEmpty("link", app.about().link());
        application
                .putUnless(app.about().equals(Application.About.NOTHING), "about", about)
                .list("variables", app.variables(), WindowFormat::write)
                .put("start", StepFormat.write(app.start()))
                .put("departure", app.departure().words())
                .list("askingOrder", app.leaving().asked(), a -> a)
                .putUnless(
                        app.leaving().plan().isEmpty(),
                        "plan",
                        StepFormat.write(app.leaving().plan()))
                .list("scripts", app.routines().scripts(), RoutineFormat::write)
                .list("timers", app.routines().timers(), RoutineFormat::write)
                .putUnless(app.files().equals(PretendFiles.NONE), "files", write(app.files()))
                .list("tasks", app.tasks(), TaskFormat::write)
                .list("holdings", app.holdings(), DesignFormat::write)
                .putUnless(
                        app.names() == NamingHabit.SUFFIX, "names", app.names().words());
        return application;
    }

    /** Reads the text of a file; {@link Unreadable} says the first thing that is wrong, and where. */
    public static Design read(String text) throws Unreadable {
        Json json = JsonReader.read(text);
        if (!(json instanceof Json.Members members)) {
            throw new Unreadable(
                    "This is no Bivouac design: it begins with " + json.kind() + ", not with { \"format\": 1.");
        }
        Fields f = new Fields(members);
        version(f);
        var design = new Design(
                application(f.must("application")),
                f.list("windows", WindowFormat::read),
                f.list("walkthroughs", DesignFormat::walkthrough),
                f.list("accepted", DesignFormat::accepted),
                f.list("promises", p -> Promise.of(Fields.asText(p))));
        f.done();
        Optional<String> beyond = new Savable().why(design);
        if (beyond.isPresent()) {
            throw new Unreadable(beyond.get());
        }
        return design;
    }

    /** Reads the bytes of a file. */
    static Design read(byte[] bytes) throws Unreadable {
        return read(Utf8.text(bytes));
    }

    private static LocalDate day(Json json) throws Unreadable {
        try {
            return LocalDate.parse(Fields.asText(json));
        } catch (DateTimeParseException e) {
            throw Unreadable.at(json.at(), "expected a date as \"2026-01-31\".");
        }
    }

    private static Accepted accepted(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var accepted = new Accepted(
                f.text("finding"), f.text("about", ""), f.text("because"), day(f.must("on")), f.yes("explored", false));
        f.done();
        return accepted;
    }

    private static Walkthrough walkthrough(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        LocalDate today = day(f.must("today"));
        var walkthrough = new Walkthrough(f.text("name"), today, f.list("lines", Fields::asText));
        f.done();
        return walkthrough;
    }

    private static void version(Fields f) throws Unreadable {
        if (!f.has("format")) {
            throw new Unreadable("This is no Bivouac design: the member “format” is missing.");
        }
        Json json = f.must("format");
        if (!(json instanceof Json.Whole(Json.At at, long version)) || version < 1) {
            throw Unreadable.at(json.at(), "the format has to be a whole number from 1 on.");
        }
        if (version > VERSION) {
            throw Unreadable.at(
                    at,
                    "this design has format " + version + ", and this Bivouac reads up to " + VERSION
                            + "; open it with a newer Bivouac.");
        }
    }

    private static Application application(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var application = new Application(
                f.text("name"),
                f.value("about", Application.About.NOTHING, DesignFormat::about),
                f.list("variables", WindowFormat::variable),
                StepFormat.script(f, "start"),
                f.value("departure", new DepartureRule.LastWindow(), DesignFormat::departure),
                f.value("files", PretendFiles.NONE, DesignFormat::files),
                f.list("tasks", TaskFormat::read),
                f.list("holdings", DesignFormat::holding),
                f.value(
                        "names",
                        NamingHabit.SUFFIX,
                        j -> Fields.oneOf(j, ReadyMadeFormat.words(NamingHabit.values(), NamingHabit::words))),
                new Leaving(f.list("askingOrder", Fields::asText), StepFormat.script(f, "plan")),
                RoutineFormat.read(f));
        f.done();
        return application;
    }

    private static Holding holding(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var holding = new Holding(
                f.name(),
                f.yes("ofApplication", false),
                f.yes("mayFail", false),
                f.yes("leavesTrace", false),
                f.yes("mayStay", false));
        f.done();
        return holding;
    }

    private static JsonOut.Members write(Holding holding) {
        var out = new JsonOut.Members();
        WindowFormat.write(out, holding.name());
        return out.putUnless(!holding.ofApplication(), "ofApplication", true)
                .putUnless(!holding.mayFail(), "mayFail", true)
                .putUnless(!holding.leavesTrace(), "leavesTrace", true)
                .putUnless(!holding.mayStay(), "mayStay", true);
    }

    private static PretendFiles files(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var files = new PretendFiles(
                f.list("there", DesignFormat::path), f.list("unreadable", DesignFormat::path), f.yes("full", false));
        f.done();
        return files;
    }

    private static String path(Json json) throws Unreadable {
        String path = Fields.asText(json);
        if (!PretendFiles.isPath(path)) {
            throw Unreadable.at(json.at(), "expected a path that begins with a slash, found “" + path + "”.");
        }
        return path;
    }

    private static JsonOut.Members write(PretendFiles files) {
        return new JsonOut.Members()
                .list("there", files.paths(), p -> p)
                .list("unreadable", files.unreadable(), p -> p)
                .putUnless(!files.full(), "full", true);
    }

    private static Application.About about(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var about = new Application.About(
                f.text("version", ""), f.text("rights", ""), f.text("comments", ""), f.text("link", ""));
        f.done();
        return about;
    }

    private static DepartureRule departure(Json json) throws Unreadable {
        String word = Fields.asText(json);
        return DepartureRule.of(word)
                .orElseThrow(() -> Unreadable.at(
                        json.at(),
                        "expected “when the last window has closed”, “with WINDOW” or “only when told”, found “" + word
                                + "”."));
    }
}

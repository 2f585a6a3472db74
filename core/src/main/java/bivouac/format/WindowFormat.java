package bivouac.format;

import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Menu;
import bivouac.design.Name;
import bivouac.design.ReadyMade;
import bivouac.design.Script;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.Window;
import bivouac.design.WindowFrame;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** Windows in files: each an object whose member {@code window} says its kind. */
final class WindowFormat {

    private static final int LARGEST_SIDE = 10_000;

    private static final Map<String, WindowFrame.Place> PLACES =
            ReadyMadeFormat.words(WindowFrame.Place.values(), WindowFrame.Place::words);

    private static final Map<String, Fields.Reader<Window>> KINDS = kinds();

    private WindowFormat() {}

    private static Map<String, Fields.Reader<Window>> kinds() {
        var kinds = new LinkedHashMap<String, Fields.Reader<Window>>();
        for (FacedWindow.Kind kind : FacedWindow.Kind.values()) {
            kinds.put(kind.words(), json -> face(json, kind));
        }
        ReadyMadeFormat.into(kinds);
        return kinds;
    }

    static Window read(Json json) throws Unreadable {
        return Fields.oneOf(Fields.of(json).must("window"), KINDS).read(json);
    }

    static JsonOut.Members write(Window window) {
        return switch (window) {
            case FacedWindow face -> write(face);
            case ReadyMade ready -> ReadyMadeFormat.write(ready);
        };
    }

    static void write(JsonOut.Members out, Name name) {
        out.put("name", name.shown()).putUnless(name.isProposed(), "expressionName", name.expression());
    }

    private static FacedWindow face(Json json, FacedWindow.Kind kind) throws Unreadable {
        Fields f = Fields.of(json);
        f.find("window");
        Name name = f.name();
        FacedWindow usual = FacedWindow.of(kind, name.shown());
        var read = new FacedWindow(
                kind,
                name,
                f.text("title", name.shown()),
                f.value("size", FacedWindow.Size.BY_CONTENTS, WindowFormat::size),
                f.yes("resizable", usual.resizable()),
                f.value("instances", Optional.empty(), j -> Optional.of(instances(j))),
                f.yes("owned", usual.owned()),
                f.list("takes", WindowFormat::take),
                f.list("variables", WindowFormat::own),
                f.list("menus", WindowFormat::menu),
                f.list("rows", PartFormat::row),
                f.has("endings") ? Optional.of(f.list("endings", WindowFormat::ending)) : Optional.empty(),
                waysOut(f),
                moments(f),
                f.value("frame", usual.frame(), j -> frame(j, usual.frame())),
                f.yes("mayFail", false),
                RoutineFormat.read(f));
        f.done();
        return read;
    }

    private static FacedWindow.Size size(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var size = new FacedWindow.Size(f.count("width", 0, LARGEST_SIDE), f.count("height", 0, LARGEST_SIDE));
        f.done();
        return size;
    }

    private static WindowFrame frame(Json json, WindowFrame usual) throws Unreadable {
        Fields f = Fields.of(json);
        var frame = new WindowFrame(
                f.value("least", usual.least(), WindowFormat::size),
                f.yes("minimises", usual.minimises()),
                f.yes("maximises", usual.maximises()),
                f.yes("onTop", false),
                f.text("icon", ""),
                f.value("opens", usual.place(), j -> Fields.oneOf(j, PLACES)));
        f.done();
        return frame;
    }

    private static JsonOut.Members write(WindowFrame frame, WindowFrame usual) {
        var out = new JsonOut.Members();
        if (!frame.least().equals(usual.least())) {
            out.put("least", write(frame.least()));
        }
        return out.putUnless(frame.minimises() == usual.minimises(), "minimises", frame.minimises())
                .putUnless(frame.maximises() == usual.maximises(), "maximises", frame.maximises())
                .putUnless(!frame.onTop(), "onTop", true)
                .putUnlessEmpty("icon", frame.icon())
                .putUnless(
                        frame.place() == usual.place(), "opens", frame.place().words());
    }

    private static JsonOut.Members write(FacedWindow.Size size) {
        return new JsonOut.Members().put("width", size.width()).put("height", size.height());
    }

    private static Instances instances(Json json) throws Unreadable {
        String word = Fields.asText(json);
        return switch (word) {
            case "many" -> new Instances.Many();
            case "single" -> new Instances.Single();
            default -> {
                if (word.startsWith("one for each ")) {
                    yield new Instances.OneForEach(word.substring("one for each ".length()));
                }
                throw Unreadable.at(json.at(), "expected many, single or one for each TAKE, found “" + word + "”.");
            }
        };
    }

    private static String word(Instances instances) {
        return switch (instances) {
            case Instances.Many m -> "many";
            case Instances.Single s -> "single";
            case Instances.OneForEach(String key) -> "one for each " + key;
        };
    }

    static Take take(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var take = new Take(f.name(), TypeFormat.read(f.must("type")), f.expression("default"));
        f.done();
        return take;
    }

    /** One of the application, which keeps no window. */
    static Variable variable(Json json) throws Unreadable {
        return variable(json, TypeFormat::read);
    }

    private static Variable own(Json json) throws Unreadable {
        return variable(json, TypeFormat::ofVariable);
    }

    private interface Reads {
        Type type(Json json) throws Unreadable;
    }

    private static Variable variable(Json json, Reads reads) throws Unreadable {
        Fields f = Fields.of(json);
        var variable = new Variable(f.name(), reads.type(f.must("type")), f.expression("starts"), f.yes("kept", false));
        f.done();
        return variable;
    }

    static JsonOut.Members write(Variable v) {
        var out = new JsonOut.Members();
        write(out, v.name());
        return out.put("type", v.type().toString()).put("starts", v.starts()).putUnless(!v.kept(), "kept", true);
    }

    private static Menu menu(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var menu = new Menu(f.text("menu"), f.list("commands", PartFormat::command));
        f.done();
        return menu;
    }

    static Ending ending(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        Ending ending = ending(f);
        f.done();
        return ending;
    }

    /** The members that say an ending; there may be more beside them. */
    static Ending ending(Fields f) throws Unreadable {
        return new Ending(f.text("name"), f.list("gives", g -> {
            Fields give = Fields.of(g);
            var read = new Ending.Give(give.name(), TypeFormat.read(give.must("type")));
            give.done();
            return read;
        }));
    }

    private static Map<Way, WayOut> waysOut(Fields f) throws Unreadable {
        Map<Way, WayOut> ways = new EnumMap<>(Way.class);
        Optional<Json> found = f.find("waysOut");
        if (found.isPresent()) {
            Fields out = Fields.of(found.get());
            for (Way way : Way.values()) {
                Optional<Json> one = out.find(way.words());
                if (one.isPresent()) {
                    ways.put(way, wayOut(one.get(), way));
                }
            }
            out.done();
        }
        return ways;
    }

    private static WayOut wayOut(Json json, Way way) throws Unreadable {
        if (json instanceof Json.Text(Json.At at, String word)) {
            if (word.equals("absent") && way.isOfTheUser()) {
                return new WayOut.Absent();
            }
            throw Unreadable.at(
                    at, "expected an object with the ending" + (way.isOfTheUser() ? ", or “absent”." : "."));
        }
        Fields f = Fields.of(json);
        WayOut out;
        if (f.has("asPressing") && way.isOfTheUser()) {
            out = new WayOut.AsPressing(f.text("asPressing"));
        } else {
            out = new WayOut.LeadsTo(f.text("ending"), StepFormat.givens(f, "gives"), f.yes("unasked", false));
        }
        f.done();
        return out;
    }

    private static Map<FacedWindow.Moment, Script> moments(Fields f) throws Unreadable {
        Map<FacedWindow.Moment, Script> moments = new EnumMap<>(FacedWindow.Moment.class);
        for (var moment : FacedWindow.Moment.values()) {
            Script script = StepFormat.script(f, moment.words());
            if (!script.isEmpty()) {
                moments.put(moment, script);
            }
        }
        return moments;
    }

    private static JsonOut.Members write(FacedWindow w) {
        var out = new JsonOut.Members().put("window", w.kind());
        write(out, w.name());
        FacedWindow usual = FacedWindow.of(w.of(), w.name().shown());
        out.putUnless(w.title().equals(w.name().shown()), "title", w.title());
        if (!w.size().equals(FacedWindow.Size.BY_CONTENTS)) {
            out.put("size", write(w.size()));
        }
        out.putUnless(w.resizable() == usual.resizable(), "resizable", w.resizable());
        out.putUnless(w.frame().equals(usual.frame()), "frame", write(w.frame(), usual.frame()))
                .putUnless(!w.mayFail(), "mayFail", true);
        out.list("scripts", w.routines().scripts(), RoutineFormat::write)
                .list("timers", w.routines().timers(), RoutineFormat::write);
        w.instances().ifPresent(i -> out.put("instances", word(i)));
        out.putUnless(w.owned() == usual.owned(), "owned", w.owned());
        out.list("takes", w.takes(), WindowFormat::write);
        out.list("variables", w.variables(), WindowFormat::write);
        out.list("menus", w.menus(), m -> new JsonOut.Members()
                .put("menu", m.text())
                .put("commands", m.commands().stream().map(PartFormat::write).toList()));
        out.list("rows", w.rows(), PartFormat::write);
        w.said()
                .ifPresent(e ->
                        out.put("endings", e.stream().map(WindowFormat::write).toList()));
        writeWaysOut(out, w.waysOut());
        w.moments().forEach((moment, script) -> out.put(moment.words(), StepFormat.write(script)));
        return out;
    }

    static Object write(Take t) {
        var out = new JsonOut.Members();
        write(out, t.name());
        return out.put("type", t.type().toString()).put("default", t.byDefault());
    }

    static JsonOut.Members write(Ending e) {
        return new JsonOut.Members().put("name", e.name()).list("gives", e.gives(), g -> {
            var give = new JsonOut.Members();
            write(give, g.name());
            return give.put("type", g.type().toString());
        });
    }

    private static void writeWaysOut(JsonOut.Members out, Map<Way, WayOut> ways) {
        var members = new JsonOut.Members();
        ways.forEach((way, leads) -> members.put(
                way.words(),
                switch (leads) {
                    case WayOut.Absent a -> "absent";
                    case WayOut.AsPressing(String part) -> new JsonOut.Members().put("asPressing", part);
                    case WayOut.LeadsTo l -> {
                        var one = new JsonOut.Members().put("ending", l.ending());
                        StepFormat.write(one, "gives", l.gives());
                        yield one.putUnless(!l.unasked(), "unasked", true);
                    }
                }));
        out.putUnless(ways.isEmpty(), "waysOut", members);
    }
}

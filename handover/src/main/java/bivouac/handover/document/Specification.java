package bivouac.handover.document;

import bivouac.check.Checked;
import bivouac.check.Findings;
import bivouac.check.known.Beside;
import bivouac.closing.Closings;
import bivouac.closing.Departing;
import bivouac.closing.OnTheWay;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.MessageBox;
import bivouac.design.ScriptPlace;
import bivouac.design.Take;
import bivouac.design.Task;
import bivouac.design.WaysIn;
import bivouac.design.Window;
import bivouac.overview.OverviewSvg;
import bivouac.plan.Program;
import bivouac.rehearsal.DepartureTried;
import bivouac.rehearsal.Walk;
import bivouac.sentence.RoutineLine;
import bivouac.sentence.ScriptLines;
import bivouac.sentence.Sentences;
import bivouac.sentence.Token;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The whole design as one page of HTML: every window drawn, its ways in and out, its scripts as sentences; closings,
 * departure, walkthroughs, findings. It needs no network and prints well.
 */
public final class Specification {

    private static final String STYLE = """
            body { font: 14px/1.45 Inter, "Segoe UI", sans-serif; color: #20302B; max-width: 900px; margin: 32px auto; padding: 0 16px; }
            h1 { font-size: 26px; } h2 { font-size: 20px; border-bottom: 1px solid #D8D2C4; margin-top: 40px; }
            h3 { font-size: 16px; margin-top: 28px; } h4 { font-size: 14px; margin: 16px 0 4px; }
            section { break-inside: avoid; } p { margin: 4px 0; } .small { color: #5B6661; font-size: 12px; }
            table { border-collapse: collapse; margin: 6px 0; } td, th { border: 1px solid #D8D2C4; padding: 3px 8px; text-align: left; vertical-align: top; }
            th { background: #F6F3EC; font-weight: 600; } code, pre { font: 12px/1.5 "JetBrains Mono", monospace; white-space: pre-wrap; }
            .window { display: inline-block; min-width: 300px; border: 1px solid #A9A290; border-radius: 6px; margin: 8px 0; background: #FFFDF8; }
            .title { background: #E6DED0; padding: 4px 10px; font-weight: 600; } .menus { padding: 3px 10px; border-bottom: 1px solid #D8D2C4; white-space: pre; }
            .face { padding: 10px; } .row { display: flex; gap: 8px; align-items: baseline; margin: 4px 0; } .answers { justify-content: flex-end; }
            .group { border: 1px solid #D8D2C4; border-radius: 4px; padding: 6px; } .field { border: 1px solid #A9A290; border-radius: 4px; padding: 1px 8px; min-width: 120px; }
            .label { color: #5B6661; } .button { border: 1px solid #A9A290; border-radius: 5px; padding: 2px 10px; } .default { background: #2F5D50; color: #FFFDF8; }
            .link { text-decoration: underline; color: #1D5A79; } .title.small, .large { font-size: 16px; } span.title { background: none; padding: 0; font-size: 20px; }
            .overview svg { width: 100%; height: auto; }
            @media print { body { margin: 0; max-width: none; font-size: 11px; } h2 { break-before: page; } a { color: inherit; text-decoration: none; } }
            """;

    private final Program program;
    private final Design design;
    private final Html page = new Html();

    private Specification(Program program) {
        this.program = program;
        this.design = program.design();
    }

    public static String of(Program program) {
        return new Specification(program).write();
    }

    private String write() {
        String name = design.application().name();
        page.open("!DOCTYPE html").open("html", "lang=\"en\"").open("head").open("meta", "charset=\"utf-8\"");
        page.element("title", name).open("style");
        String head = page + STYLE + "</style></head>\n<body>\n";
        var body = new Specification(program);
        body.body(name);
        return head + body.page + "</body></html>\n";
    }

    private void body(String name) {
        var about = design.application().about();
        page.element("h1", name);
        Stream.of(about.version().isEmpty() ? "" : "Version " + about.version(), about.rights(), about.comments())
                .filter(t -> !t.isEmpty())
                .forEach(t -> page.element("p", t, "class=\"small\""));
        contents();
        overview();
        start();
        page.element("h2", "Windows", "id=\"windows\"");
        design.windows().forEach(w -> {
            if (w instanceof FacedWindow face) {
                window(face);
            }
        });
        page.element("h2", "Message boxes, file dialogs and pickers", "id=\"boxes\"");
        design.windows().forEach(w -> {
            if (!(w instanceof FacedWindow)) {
                readyMade(w);
            }
        });
        closings();
        departure();
        walkthroughs();
        findings();
    }

    private void contents() {
        page.open("p");
        Map<String, String> parts = new java.util.LinkedHashMap<>();
        parts.put("overview", "Overview");
        parts.put("start", "Start, values and tasks");
        parts.put("windows", "Windows");
        parts.put("boxes", "Message boxes, file dialogs and pickers");
        parts.put("closings", "Closings");
        parts.put("departure", "Departure");
        parts.put("walkthroughs", "Walkthroughs");
        parts.put("findings", "Findings");
        parts.forEach((id, title) -> page.open("a", Html.attribute("href", "#" + id))
                .text(title)
                .close("a")
                .text(" · "));
        page.close("p");
    }

    private void overview() {
        page.element("h2", "Overview", "id=\"overview\"");
        page.open("div", "class=\"overview\"").drawing(OverviewSvg.of(program)).close("div");
    }

    private void start() {
        page.element("h2", "Start, values and tasks", "id=\"start\"");
        script("When the application starts", new ScriptPlace.Start());
        if (!design.application().variables().isEmpty()) {
            page.open("table").heads("value", "type", "starts with", "kept");
            design.application()
                    .variables()
                    .forEach(v -> page.row(
                            v.name().shown(),
                            v.type().toString(),
                            v.starts().map(e -> e.source()).orElse(""),
                            v.kept() ? "for the next run" : ""));
            page.close("table");
        }
        if (!design.application().tasks().isEmpty()) {
            page.open("table").heads("task", "takes", "ends as");
            design.application()
                    .tasks()
                    .forEach(t -> page.row(
                            t.name().shown(),
                            takes(t.takes()),
                            Stream.concat(
                                            t.endings().stream().map(Specification::ending),
                                            t.told().stream().map(Task.Told::words))
                                    .collect(Collectors.joining(" · "))));
            page.close("table");
        }
        if (!design.application().holdings().isEmpty()) {
            page.open("table").heads("holding", "of", "may fail", "when killed");
            design.application()
                    .holdings()
                    .forEach(h -> page.row(
                            h.name().shown(),
                            h.ofApplication() ? "the application" : "the window that takes it",
                            h.mayFail() ? "to be taken" : "",
                            h.leavesTrace() ? "leaves a trace" : ""));
            page.close("table");
        }
        design.application()
                .routines()
                .scripts()
                .forEach(s -> script(
                        "do " + RoutineLine.write(s),
                        new ScriptPlace.Named(Optional.empty(), s.name().shown())));
        design.application()
                .routines()
                .timers()
                .forEach(t -> script(
                        "timer " + t.name() + ", every " + t.every(),
                        new ScriptPlace.OfTimer(Optional.empty(), t.name().shown())));
    }

    private static String takes(List<Take> takes) {
        return takes.stream().map(t -> t.name() + ": " + t.type()).collect(Collectors.joining(", "));
    }

    private static String ending(Ending ending) {
        return ending.name()
                + (ending.gives().isEmpty()
                        ? ""
                        : " ("
                                + ending.gives().stream()
                                        .map(g -> g.name() + ": " + g.type())
                                        .collect(Collectors.joining(", "))
                                + ")");
    }

    private void window(FacedWindow face) {
        String shown = face.name().shown();
        page.open("section");
        page.element("h3", shown, Html.attribute("id", "window-" + face.name().expression()));
        page.element("p", face.of().words() + (face.owned() ? ", owned by its opener" : ""), "class=\"small\"");
        Drawn.face(page, face);
        page.close("section");
        if (!face.takes().isEmpty()) {
            page.element("p", "Takes " + takes(face.takes()) + ".");
        }
        if (!face.variables().isEmpty()) {
            page.element(
                    "p",
                    "Its own values: "
                            + face.variables().stream()
                                    .map(v -> v.name() + ": " + v.type())
                                    .collect(Collectors.joining(", "))
                            + ".");
        }
        waysIn(face);
        page.element(
                "p",
                "Ends as " + face.endings().stream().map(Specification::ending).collect(Collectors.joining(" · "))
                        + ".");
        scripts(shown);
    }

    private void waysIn(Window window) {
        List<WaysIn.WayIn> ways = WaysIn.into(design, window.name().shown());
        page.element(
                "p",
                ways.isEmpty()
                        ? "Nothing opens it."
                        : "Opened by "
                                + ways.stream()
                                        .map(w -> w.place().words() + " ("
                                                + Sentences.manner(w.open().manner()) + ")")
                                        .distinct()
                                        .collect(Collectors.joining("; "))
                                + ".");
    }

    private void scripts(String window) {
        design.scripts().forEach((place, script) -> {
            boolean ofIt = place.ofWindow().filter(window::equals).isPresent();
            if (ofIt && !script.doesNothing()) {
                script(words(place), place);
            }
        });
    }

    private String words(ScriptPlace place) {
        return place.ownWords(
                design,
                p -> p.displayName() + p.trigger().map(t -> " " + t.word()).orElse(""));
    }

    private void script(String title, ScriptPlace place) {
        if (place.in(design).isEmpty()) {
            return;
        }
        page.element("h4", title).open("pre");
        for (ScriptLines.Line line : ScriptLines.of(design, place)) {
            page.text("    ".repeat(line.indent()) + Token.words(line.tokens()) + "\n");
        }
        page.close("pre");
    }

    private void readyMade(Window window) {
        page.open("section");
        page.element(
                "h3",
                window.name().shown(),
                Html.attribute("id", "window-" + window.name().expression()));
        if (window instanceof MessageBox box) {
            Drawn.box(page, box);
        } else {
            page.element("p", window.kind(), "class=\"small\"");
        }
        waysIn(window);
        page.close("section");
    }

    private void closings() {
        page.element("h2", "Closings", "id=\"closings\"");
        page.open("table");
        page.heads(Stream.concat(
                        Stream.of("window"), Stream.of(Closings.Column.values()).map(Closings.Column::words))
                .toArray(String[]::new));
        for (Closings.Row row : Closings.of(program).rows()) {
            if (row.window() instanceof FacedWindow) {
                page.row(Stream.concat(
                                Stream.of(row.window().name().shown()),
                                Stream.of(Closings.Column.values()).map(c -> cell(row, c)))
                        .toArray(String[]::new));
            }
        }
        page.close("table");
    }

    private static String cell(Closings.Row row, Closings.Column column) {
        return switch (row.cell(column)) {
            case Closings.Cell.NoWay(var why) -> why.words();
            case Closings.Cell.AsPressing(String part) -> "presses " + part;
            case Closings.Cell.Leads l ->
                Stream.concat(
                                l.things().stream().map(Specification::said),
                                Stream.of("→ " + String.join(", ", l.endings())))
                        .collect(Collectors.joining("; "));
        };
    }

    private static String said(OnTheWay thing) {
        return switch (thing) {
            case OnTheWay.Asks a -> "asks " + a.words();
            case OnTheWay.Checks c -> "checks " + c.words();
            case OnTheWay.Runs r -> "runs " + r.words();
            case OnTheWay.Saves s -> "saves kept values";
            case OnTheWay.GivesBack g -> "gives back " + g.words();
        };
    }

    private void departure() {
        Departing departing = Departing.of(program);
        page.element("h2", "Departure", "id=\"departure\"");
        page.element(
                "p",
                "Asked for by "
                        + departing.askers().stream().map(DepartureTried::words).collect(Collectors.joining("; "))
                        + ".");
        page.open("ol");
        departing.asked().forEach(a -> page.element("li", a.window().name() + ": " + Departing.inShort(a)));
        page.close("ol");
        script("The plan, when all have closed", new ScriptPlace.Plan());
        page.element("p", "Given back: " + departing.givenBackInShort() + ". Kept: " + departing.keptInShort() + ".");
        page.element("p", "Exit codes: " + String.join("; ", departing.codesInShort()) + ".");
    }

    private void walkthroughs() {
        page.element("h2", "Walkthroughs", "id=\"walkthroughs\"");
        design.walkthroughs().forEach(w -> {
            Walk walk = Walk.play(program, w);
            page.element("h4", w.name() + (walk.broken().isEmpty() ? "" : " (does not hold now)"));
            page.element("pre", String.join("\n", w.lines()));
        });
    }

    private void findings() {
        page.element("h2", "Findings", "id=\"findings\"");
        Checked checked = Findings.checked(program, Beside.UNKNOWN);
        if (checked.open().isEmpty()) {
            page.element("p", "None open in the design as it is written.");
        }
        page.open("ul");
        checked.open().forEach(f -> page.element("li", f.weight().word() + ": " + f.what()));
        checked.accepted()
                .forEach(t -> page.element(
                        "li",
                        "accepted: " + t.finding().what() + " On " + t.why().on() + ": "
                                + t.why().because()));
        page.close("ul");
    }
}

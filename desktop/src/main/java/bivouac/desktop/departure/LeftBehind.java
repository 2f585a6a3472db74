package bivouac.desktop.departure;

import bivouac.closing.Departing;
import bivouac.closing.OnTheWay;
import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Holding;
import bivouac.design.Script;
import bivouac.design.Variable;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What a kill at a stop of the departure leaves behind, and what the next start finds of it (D7).
 *
 * @param lines one for values, kept values, and each holding that may be held then
 */
record LeftBehind(List<Line> lines) {

    /** @param next what the next start finds */
    record Line(String what, String left, String next) {}

    /** The parts of the departure, in their order; a kill strikes in one of them. */
    enum Stage {
        ASKED("while windows are asked"),
        CLOSING("while windows close"),
        PLAN("in the plan"),
        GIVING_BACK("while the application gives back"),
        KEPT("before kept values are saved");

        private final String words;

        Stage(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    static LeftBehind of(Design design, Departing departing, Stage stage) {
        Application app = design.application();
        var lines = new ArrayList<Line>();
        String lost = app.variables().stream()
                .filter(v -> !v.kept())
                .map(v -> v.name().shown())
                .limit(4)
                .collect(Collectors.joining(", "));
        lines.add(new Line(
                "Values",
                lost.isEmpty() ? "none of the application" : lost + " are gone",
                lost.isEmpty() ? "nothing to find" : "first values, as ever"));
        if (!departing.kept().isEmpty()) {
            lines.add(new Line(
                    "Kept values",
                    departing.kept().stream()
                                    .map(Variable::name)
                                    .map(n -> n.shown())
                                    .collect(Collectors.joining(", ")) + " are not saved",
                    "as they were saved last"));
        }
        if (stage == Stage.ASKED || stage == Stage.CLOSING) {
            departing.asked().stream()
                    .flatMap(a -> a.back().stream())
                    .map(OnTheWay::words)
                    .distinct()
                    .flatMap(name -> app.holding(name).stream())
                    .forEach(h -> lines.add(holding(design, h)));
        }
        if (stage != Stage.KEPT) {
            departing.givenBack().forEach(h -> lines.add(holding(design, h)));
        }
        return new LeftBehind(List.copyOf(lines));
    }

    private static Line holding(Design design, Holding holding) {
        String name = holding.name().shown();
        String next = !holding.leavesTrace()
                ? "nothing of it"
                : looksAtTraces(design)
                        ? "its name in app.traces, which a script reads"
                        : "its name in app.traces, and nobody looks";
        return new Line("Held", name + (holding.leavesTrace() ? " leaves a trace" : ", if it was taken"), next);
    }

    private static boolean looksAtTraces(Design design) {
        return design.scripts().values().stream().anyMatch(LeftBehind::readsTraces);
    }

    private static boolean readsTraces(Script script) {
        return script.steps().toString().contains("app.traces");
    }
}

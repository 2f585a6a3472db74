package bivouac.format;

import bivouac.design.Design;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Where things of a design stand in its file, for reports that lead there. */
public final class Places {

    private final Json file;
    private final Design design;

    /**
     * A place in a file.
     *
     * @param line from 1
     * @param column from 1
     * @param path to the value there: {@code /windows/2/rows/0/1}
     */
    public record Place(int line, int column, String path) {}

    private Places(Json file, Design design) {
        this.file = file;
        this.design = design;
    }

    /** @param text of the file that holds the design */
    public static Places in(String text, Design design) throws Unreadable {
        return new Places(JsonReader.read(text), design);
    }

    /**
     * Where something stands; what holds it, where it is not written down itself.
     *
     * @param window shown name; empty for the application
     * @param part expression name of a part of the window
     */
    public Place of(
            Optional<String> window, Optional<String> part, Optional<ScriptPlace> script, Optional<StepPath> step) {
        Json holder = window.flatMap(this::window)
                .or(() -> member(file, "application"))
                .orElse(file);
        Json at = script.flatMap(s -> script(holder, s, step))
                .or(() -> part.flatMap(p -> part(holder, p)))
                .orElse(holder);
        return new Place(at.at().line(), at.at().column(), at.at().path());
    }

    private Optional<Json> window(String shown) {
        return items(member(file, "windows")).filter(w -> isNamed(w, shown)).findFirst();
    }

    private static boolean isNamed(Json json, String name) {
        return Stream.of("expressionName", "name")
                .flatMap(m -> member(json, m).stream())
                .anyMatch(n -> n instanceof Json.Text(var at, String text) && text.equals(name));
    }

    private static Optional<Json> member(Json json, String name) {
        return json instanceof Json.Members members
                ? Optional.ofNullable(members.values().get(name))
                : Optional.empty();
    }

    private static Stream<Json> items(Optional<Json> json) {
        return json.stream().flatMap(j -> j instanceof Json.Items all ? all.values().stream() : Stream.empty());
    }

    /** A part by its expression name, or by the shown one that it is made from. */
    private Optional<Json> part(Json window, String name) {
        Optional<String> shown = design.windows().stream()
                .filter(w -> isNamed(window, w.name().shown()))
                .findFirst()
                .flatMap(w -> design.faced(w.name().shown()))
                .flatMap(f -> f.part(name))
                .map(p -> p.name().shown());
        Stream<Json> commands = items(member(window, "menus")).flatMap(m -> items(member(m, "commands")));
        Stream<Json> parts = items(member(window, "rows")).flatMap(Places::inRow);
        return Stream.concat(commands, parts)
                .filter(p ->
                        isNamed(p, name) || shown.filter(s -> isNamed(p, s)).isPresent())
                .findFirst();
    }

    private static Stream<Json> inRow(Json row) {
        return row instanceof Json.Items all ? all.values().stream() : items(member(row, "parts"));
    }

    private Optional<Json> script(Json holder, ScriptPlace place, Optional<StepPath> step) {
        Optional<Json> script =
                switch (place) {
                    case ScriptPlace.Start s -> member(holder, "start");
                    case ScriptPlace.Plan p -> member(holder, "plan");
                    case ScriptPlace.Named(var window, String name) -> routine(holder, "scripts", name, "do");
                    case ScriptPlace.OfTimer(var window, String name) -> routine(holder, "timers", name, "fires");
                    case ScriptPlace.AtMoment m -> member(holder, m.moment().words());
                    case ScriptPlace.AtPart p -> part(holder, p.part()).map(j -> trigger(j, p));
                    case ScriptPlace.AtRow r ->
                        part(holder, r.part())
                                .map(j -> member(j, r.moment().words()).orElse(j));
                };
        return script.map(
                s -> step.flatMap(p -> step(s, p.number(place.in(design)))).orElse(s));
    }

    private static Optional<Json> routine(Json holder, String kind, String name, String script) {
        return items(member(holder, kind))
                .filter(r -> isNamed(r, name))
                .findFirst()
                .map(r -> member(r, script).orElse(r));
    }

    private Json trigger(Json part, ScriptPlace.AtPart place) {
        return design.faced(place.window())
                .flatMap(f -> f.part(place.part()))
                .flatMap(p -> p.trigger())
                .flatMap(t -> member(part, t.word()))
                .orElse(part);
    }

    /** Steps are numbered as they are read, and stand in the file in the same order. */
    private static Optional<Json> step(Json script, int number) {
        var steps = new ArrayList<Json>();
        steps(script, steps);
        return number >= 1 && number <= steps.size() ? Optional.of(steps.get(number - 1)) : Optional.empty();
    }

    private static void steps(Json json, List<Json> into) {
        switch (json) {
            case Json.Items all -> all.values().forEach(v -> steps(v, into));
            case Json.Members members -> {
                if (members.values().containsKey("step")) {
                    into.add(members);
                }
                members.values().values().forEach(v -> steps(v, into));
            }
            default -> {
                // no step stands in it
            }
        }
    }
}

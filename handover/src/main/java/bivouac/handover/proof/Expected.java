package bivouac.handover.proof;

import bivouac.design.Walkthrough;
import bivouac.expression.Value;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.plan.Program;
import bivouac.rehearsal.Moment;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.SceneLines;
import bivouac.rehearsal.Walk;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What the rehearsal sees of a trail, in the lines in which a driven program tells it (E3), up to the first fault. */
public final class Expected {

    private static final String FAULT = "  fault";

    /** What a driver tells last where nothing happens any more, and the trail goes on. */
    static final String HANGS = "  it does not come to rest";

    private Expected() {}

    /** Whether two tellings are of the same: equal up to the first fault of the rehearsal. */
    public static Optional<String> difference(List<String> expected, List<String> seen) {
        for (int i = 0; i < expected.size(); i++) {
            String wanted = expected.get(i);
            if (wanted.startsWith(FAULT)) {
                return Optional.empty();
            }
            String found = i < seen.size() ? seen.get(i) : "nothing more";
            if (!wanted.equals(found)) {
                int event = i;
                while (event > 0 && expected.get(event).startsWith("  ")) {
                    event--;
                }
                return Optional.of("At “" + expected.get(event) + "”: expected “" + wanted.strip() + "”, seen “"
                        + found.strip() + "”.");
            }
        }
        return seen.size() > expected.size()
                ? Optional.of("More was seen than expected: “"
                        + seen.get(expected.size()).strip() + "”.")
                : Optional.empty();
    }

    public static List<String> of(Program program, Walkthrough walkthrough) {
        Walk walk = Walk.play(program, walkthrough);
        List<NamedEvent> events =
                walk.moments().stream().flatMap(m -> m.event().stream()).toList();
        return of(program, walkthrough.today(), events);
    }

    /** The events of a walkthrough that happen, as a trail. */
    public static List<String> trail(Program program, Walkthrough walkthrough) {
        return Walk.play(program, walkthrough).moments().stream()
                .flatMap(m -> m.event().stream())
                .map(NamedEvent::toString)
                .toList();
    }

    private static List<String> of(Program program, java.time.LocalDate today, List<NamedEvent> events) {
        Rehearsal whole = Rehearsal.replay(program, today, events).rehearsal();
        var lines = new ArrayList<String>();
        for (int i = 0; i < whole.moments().size(); i++) {
            Rehearsal at = whole.goTo(i);
            tell(lines, i == 0 ? "Start" : events.get(i - 1).toString(), at.present(), at.scene());
        }
        return List.copyOf(lines);
    }

    private static void tell(List<String> lines, String event, Moment moment, Scene scene) {
        lines.add(event);
        for (Sighting seen : moment.seen()) {
            act(seen).ifPresent(a -> lines.add("  " + a));
        }
        SceneLines.of(scene).forEach(l -> lines.add("  " + l));
    }

    private static Optional<String> act(Sighting seen) {
        return switch (seen) {
            case Sighting.Faulted f -> Optional.of("fault " + f.fault().rule());
            case Sighting.Opened(var w, boolean waits) -> Optional.of("opens " + w);
            case Sighting.Asked(var w, String title, String text) ->
                Optional.of("asks " + w + (text.isEmpty() ? "" : ": " + text));
            case Sighting.Closed(var w, String ending, var gives) ->
                Optional.of("ends " + w + (ending.isEmpty() ? "" : " " + ending) + values(gives));
            case Sighting.Noted(String text) -> Optional.of("notes " + text);
            case Sighting.LinkFollowed(String address) -> Optional.of("follows " + address);
            case Sighting.TaskStarted(String task, var takes) -> Optional.of("runs " + task + values(takes));
            case Sighting.Taken(String holding) -> Optional.of("takes " + holding);
            case Sighting.GivenBack(String holding) -> Optional.of("gives back " + holding);
            case Sighting.KeptSaved k -> Optional.of("saves kept values");
            case Sighting.Ended(long code, String saying) ->
                Optional.of("ends with code " + code + (saying.isEmpty() ? "" : ", saying " + saying));
            case Sighting.Explanation e -> Optional.empty();
        };
    }

    private static String values(List<Sighting.Named> values) {
        return values.isEmpty()
                ? ""
                : " with " + values.stream().map(n -> shown(n.value())).collect(Collectors.joining(", "));
    }

    private static String shown(Value value) {
        return switch (value) {
            case Value.Items(List<Value> items) ->
                items.stream().map(Expected::shown).collect(Collectors.joining(", "));
            case Value.Row row ->
                row.columns().values().stream().map(Expected::shown).collect(Collectors.joining(", "));
            default -> value.shown();
        };
    }
}

package bivouac.rehearsal;

import bivouac.design.Design;
import bivouac.design.Part;
import bivouac.design.ReadyMade;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.state.State;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A trail in plain words: who and what for each event, and what it caused. */
public final class TrailWords {

    private TrailWords() {}

    /** The first line of an event. {@code who} is empty for what happens to the whole application. */
    public record Line(String who, String what, String detail) {
        @Override
        public String toString() {
            String head = who.isEmpty() ? what : who + ": " + what;
            return detail.isEmpty() ? head : head + " " + detail;
        }
    }

    public static Line line(Design design, NamedEvent event) {
        return switch (event) {
            case NamedEvent.Pressed(var w, String part) -> new Line(w.toString(), label(design, w, part), "");
            case NamedEvent.RowPressed(var w, String part, int row) ->
                new Line(w.toString(), label(design, w, part), "row " + row);
            case NamedEvent.Typed(var w, String part, String text) ->
                new Line(w.toString(), label(design, w, part), "“" + text + "” typed");
            case NamedEvent.TextSelected(var w, String part, var span) ->
                new Line(w.toString(), label(design, w, part), ((NamedEvent.TextSelected) event).words());
            case NamedEvent.Ticked(var w, String part) -> new Line(w.toString(), label(design, w, part), "ticked");
            case NamedEvent.Selected(var w, String part, String item) ->
                new Line(w.toString(), label(design, w, part), "“" + item + "” chosen");
            case NamedEvent.RowsSelected(var w, String part, var rows) ->
                new Line(
                        w.toString(),
                        label(design, w, part),
                        ((NamedEvent.RowsSelected) event).numbers() + " selected");
            case NamedEvent.RowActivated(var w, String part) ->
                new Line(w.toString(), label(design, w, part), "row activated");
            case NamedEvent.RowsRemoved(var w, String part) ->
                new Line(w.toString(), label(design, w, part), "selected rows removed by hand");
            case NamedEvent.Answered(var w, String ending) -> new Line(w.toString(), ending, "");
            case NamedEvent.Chose(var w, var paths, String filter) ->
                new Line(w.toString(), "chosen", String.join(", ", paths));
            case NamedEvent.Picked(var w, String value) -> new Line(w.toString(), "picked", value);
            case NamedEvent.CloseBoxUsed(var w) -> new Line(w.toString(), "close box", "");
            case NamedEvent.EscapePressed(var w) -> new Line(w.toString(), "Escape", "");
            case NamedEvent.EnterPressed(var w) -> new Line(w.toString(), "Enter", "");
            case NamedEvent.Cancelled(var w, String part) ->
                new Line(w.toString(), label(design, w, part), "asked to end");
            case NamedEvent.TaskTold told ->
                new Line(told.task(), "tells", Part.Progress.shown(told.done(), told.line()));
            case NamedEvent.TaskEnded ended -> new Line(ended.task(), "ends " + ended.ending(), "");
            case NamedEvent.TimerFired(String timer, var of) ->
                new Line(of.map(Sighting.Which::toString).orElse(""), "timer " + timer + " fires", "");
            case NamedEvent.FilesOpened(var paths) -> new Line("", "Files are opened:", String.join(", ", paths));
            case NamedEvent.FilesDropped(var w, var paths) ->
                new Line(w.toString(), "dropped", String.join(", ", paths));
            case NamedEvent.FileTouched(var w, String path, boolean gone) ->
                new Line(w.toString(), path, gone ? "is gone" : "changes outside");
            case NamedEvent.DayPassed d -> new Line("", "A day passes", "");
            case NamedEvent.OpenedWithSamples(String w) -> new Line(w, "opened with samples", "");
            case NamedEvent.SessionEnded s -> new Line("", "The session ends", "");
            case NamedEvent.ProcessKilled k -> new Line("", "The process is killed", "");
            case NamedEvent.StartedAgain s -> new Line("", "Start again", "");
        };
    }

    private static String label(Design design, Sighting.Which which, String part) {
        return design.faced(which.window())
                .flatMap(f -> f.part(part))
                .map(Part::displayName)
                .orElse(part);
    }

    /** What an event caused, as a few short clauses, the most important first. */
    public static String caused(List<Sighting> seen) {
        String clauses = clauses(seen.stream());
        return clauses.isEmpty() ? "nothing else" : clauses;
    }

    /** How many letters of what an event caused a line of the trail has room for. */
    private static final int ROOM = 32;

    /** All that a moment says, a line for each thing: what the event was beside who and what, then what it caused in order. */
    public static List<String> inFull(Design design, Moment moment) {
        var all = new ArrayList<String>();
        moment.event()
                .map(e -> line(design, e).detail())
                .filter(d -> !d.isEmpty())
                .ifPresent(all::add);
        all.addAll(everything(moment.seen()));
        return List.copyOf(all);
    }

    /** Whether a line of the trail shows all of it. */
    public static boolean fits(List<String> inFull) {
        return inFull.size() < 2 && inFull.stream().allMatch(l -> l.length() <= ROOM);
    }

    private static final String FAULT = "fault ";

    /** Whether a line of what was seen tells of a fault. */
    public static boolean isFault(String line) {
        return line.startsWith(FAULT);
    }

    private static String clauses(Stream<Sighting> seen) {
        return seen.sorted(Comparator.comparingInt(TrailWords::importance))
                .flatMap(s -> clause(s).stream())
                .collect(Collectors.joining("; "));
    }

    /** Windows and ends before messages, those before work and holdings, and values last: a line shows only its beginning. */
    private static int importance(Sighting seen) {
        return switch (seen) {
            case Sighting.Faulted f -> 0;
            case Sighting.Opened o -> 1;
            case Sighting.Asked a -> 1;
            case Sighting.Closed c -> 1;
            case Sighting.Refused r -> 1;
            case Sighting.BroughtBack b -> 1;
            case Sighting.DepartureCalledOff d -> 1;
            case Sighting.Ended e -> 1;
            case Sighting.Noted n -> 2;
            case Sighting.LinkFollowed l -> 2;
            case Sighting.TaskStarted t -> 3;
            case Sighting.TaskEnded t -> 3;
            case Sighting.Taken t -> 4;
            case Sighting.GivenBack g -> 4;
            case Sighting.KeptSaved k -> 4;
            case Sighting.TimerStarted t -> 5;
            case Sighting.TimerStopped t -> 5;
            case Sighting.Focused f -> 5;
            case Sighting.Set s -> 6;
            case Sighting.WentInto w -> 6;
        };
    }

    /** What an event would cause; nothing for one that stands for any text. */
    public static Preview preview(Rehearsal rehearsal, Event event) {
        if (event instanceof Event.Edit edit && edit.text().isEmpty()) {
            return new Preview("", false);
        }
        var seen = new ArrayList<Sighting>();
        State next = rehearsal.machine().step(rehearsal.present().state(), event, seen::add);
        // a scene costs more than the event, and is looked at only where something closes, or rows can change
        boolean closes = seen.stream().anyMatch(Sighting.Closed.class::isInstance);
        Optional<Scene> before = closes ? Optional.of(rehearsal.scene()) : Optional.empty();
        String clauses = Stream.concat(
                        parts(rehearsal, next).stream(),
                        Stream.of(clauses(seen.stream().filter(s -> !isAnsweredItself(before, event, s)))))
                .filter(c -> !c.isEmpty())
                .collect(Collectors.joining("; "));
        return faults(seen).stream()
                .findFirst()
                .map(f -> new Preview(f, true))
                .orElseGet(() -> new Preview(clauses.isEmpty() ? nothing(event) : clauses, false));
    }

    /** What becomes of lists, and of what shows how far work is. */
    private static List<String> parts(Rehearsal rehearsal, State next) {
        Scene before = rehearsal.scene();
        return PartChanges.canBe(before)
                ? PartChanges.words(before, rehearsal.machine().scene(next))
                : List.of();
    }

    private static String nothing(Event event) {
        return event instanceof Event.Killed ? "nothing runs any more" : "nothing else";
    }

    /** That a message box, file dialog or picker ends with its answer is the event itself. */
    private static boolean isAnsweredItself(Optional<Scene> before, Event event, Sighting seen) {
        return event instanceof Event.OnWindow on
                && seen instanceof Sighting.Closed closed
                && before.flatMap(b -> b.window(closed.window()))
                        .filter(w -> w.instance() == on.instance() && w.design() instanceof ReadyMade)
                        .isPresent();
    }

    /** What an event would cause, in words. */
    public record Preview(String words, boolean isFault) {}

    /** Only the faults among what was seen. */
    public static List<String> faults(List<Sighting> seen) {
        return seen.stream()
                .filter(Sighting.Faulted.class::isInstance)
                .map(s -> fault(((Sighting.Faulted) s)))
                .toList();
    }

    private static String fault(Sighting.Faulted f) {
        String where = f.fault().where().map(w -> " (" + w + ")").orElse("");
        return FAULT + f.fault().rule() + ": " + f.fault().message() + where;
    }

    private static Optional<String> clause(Sighting s) {
        return switch (s) {
            case Sighting.Opened(var w, boolean waits) -> Optional.of("opens " + w + (waits ? ", waits" : ""));
            case Sighting.Asked(var w, String title, String text) -> Optional.of("opens " + w + ", waits");
            case Sighting.Closed(var w, String ending, var gives) ->
                Optional.of(w + (ending.isEmpty() ? " closes" : " ends " + ending) + values(gives));
            case Sighting.Noted(String text) -> Optional.of("notes “" + text + "”");
            case Sighting.LinkFollowed(String address) -> Optional.of("follows the link to " + address);
            case Sighting.TaskStarted(String task, var takes) -> Optional.of("runs " + task + values(takes));
            case Sighting.TaskEnded(String task, String ending, var gives) ->
                gives.isEmpty()
                        ? Optional.empty()
                        : Optional.of(task + " gives " + values(gives).substring(6));
            case Sighting.Taken(String holding) -> Optional.of("takes " + holding);
            case Sighting.GivenBack(String holding) -> Optional.of("gives back " + holding);
            case Sighting.KeptSaved k -> Optional.of("kept values saved");
            case Sighting.Ended(long code, String saying) ->
                Optional.of("the application ends, exit code " + code
                        + (saying.isEmpty() ? "" : ", saying “" + saying + "”"));
            case Sighting.TimerStarted(String timer, var every) ->
                Optional.of("starts the timer " + timer + ", every " + every.shown()
                        + (every.shown().equals("1") ? " second" : " seconds"));
            case Sighting.TimerStopped(String timer) -> Optional.of("stops the timer " + timer);
            case Sighting.Focused(var w, String part) -> Optional.of("the focus goes to " + part + " of " + w);
            case Sighting.BroughtBack(var w) -> Optional.of(w + " comes to the front");
            case Sighting.Refused(var w) -> Optional.of(w + " stays open");
            case Sighting.DepartureCalledOff d -> Optional.of("the departure is called off");
            case Sighting.Set(String what, var value) -> Optional.of("sets " + what + " to " + value.shown());
            case Sighting.WentInto w -> Optional.empty();
            case Sighting.Faulted f -> Optional.of(fault(f));
        };
    }

    private static String values(List<Sighting.Named> gives) {
        return gives.isEmpty()
                ? ""
                : gives.stream()
                        .map(g -> g.name() + " " + g.value().shown())
                        .collect(Collectors.joining(", ", " with ", ""));
    }

    /** All that was seen, one line each, for a terminal. */
    public static List<String> everything(List<Sighting> seen) {
        var lines = new ArrayList<String>();
        for (Sighting s : seen) {
            clause(s).ifPresent(c -> lines.add(s instanceof Sighting.Asked a ? c + ": “" + a.text() + "”" : c));
        }
        return lines;
    }
}

package bivouac.desktop.rehearse;

import bivouac.design.PretendFiles;
import bivouac.machine.Event;
import bivouac.machine.Samples;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.rehearsal.Covered;
import bivouac.rehearsal.EventNames;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Onward;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailWords;
import bivouac.state.State;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What can happen now, grouped as it is shown. Made from a rehearsal alone, so that it can be tested without a screen. */
public record NextEvents(List<Group> groups, List<String> notNow) {

    /** A heading with its events. */
    public record Group(String title, List<Row> rows) {}

    /** As many texts are offered for a field. */
    private static final int TEXTS = 3;

    /**
     * An event to do.
     *
     * @param keys the keys that do it on the desk; empty for none
     * @param isNew whether it was not rehearsed yet
     * @param done whether the trail shows that it was done from here: the next event of the trail
     */
    public record Row(Event event, String who, String what, String keys, boolean done, boolean isNew) {

        /** This event and another with the same effect, in one line. */
        Row and(Row other) {
            String both = keys.isEmpty() || other.keys.isEmpty() ? keys + other.keys : keys + ", " + other.keys;
            return new Row(event, who, what + " · " + other.what, both, done || other.done, isNew || other.isNew);
        }
    }

    /** What an event comes to. */
    private record Came(State after, List<Sighting> seen) {}

    /** Answers, close box and Escape that come to the very same stand together (C1, C7). */
    private static List<List<Event>> alike(Rehearsal rehearsal, List<Event> events) {
        var all = new ArrayList<List<Event>>();
        Map<Came, List<Event>> same = new HashMap<>();
        for (Event event : events) {
            boolean leaves =
                    event instanceof Event.Answer || event instanceof Event.CloseBox || event instanceof Event.Escape;
            if (!leaves) {
                all.add(List.of(event));
                continue;
            }
            var seen = new ArrayList<Sighting>();
            State after = rehearsal.machine().step(rehearsal.present().state(), event, seen::add);
            List<Event> known = same.computeIfAbsent(new Came(after, seen), c -> new ArrayList<>());
            if (known.isEmpty()) {
                all.add(known);
            }
            known.add(event);
        }
        return all;
    }

    public static NextEvents of(Rehearsal rehearsal, Covered covered) {
        return of(rehearsal, covered, Samples.of(rehearsal.machine().program(), rehearsal.today()));
    }

    /** @param worth the texts that are worth trying in the design, where they are known already */
    public static NextEvents of(Rehearsal rehearsal, Covered covered, Samples worth) {
        Scene scene = rehearsal.scene();
        List<Event> possible = rehearsal.possible();
        Optional<NamedEvent> next = rehearsal.now() + 1 < rehearsal.moments().size()
                ? rehearsal.moments().get(rehearsal.now() + 1).event()
                : Optional.empty();
        var groups = new ArrayList<Group>();
        for (Scene.OpenWindow window : scene.windows().reversed()) {
            Optional<Integer> enter = bivouac.machine.Machine.defaultButton(window);
            List<Row> rows = alike(
                            rehearsal,
                            possible.stream()
                                    .filter(e -> e instanceof Event.OnWindow w && w.instance() == window.instance())
                                    .flatMap(e -> withTexts(e, scene, worth))
                                    .toList())
                    .stream()
                    .map(all -> all.stream()
                            .map(e -> row(rehearsal, covered, scene, window, enter, e, next))
                            .reduce(Row::and)
                            .orElseThrow())
                    .toList();
            if (!rows.isEmpty()) {
                groups.add(new Group(window.which().toString(), rows));
            }
        }
        List<Row> own = possible.stream()
                .filter(NextEvents::isOfWork)
                .flatMap(e -> onward(e, scene))
                .map(e -> row(rehearsal, covered, scene, null, Optional.empty(), e, next))
                .toList();
        if (!own.isEmpty()) {
            groups.add(new Group("By the application", own));
        }
        List<Row> system = possible.stream()
                .filter(e -> !(e instanceof Event.OnWindow) && !isOfWork(e))
                .map(e -> row(rehearsal, covered, scene, null, Optional.empty(), e, next))
                .toList();
        groups.add(new Group("By the system", system));
        var notNow = scene.windows().stream()
                .filter(w -> w.blockedBy().isPresent())
                .map(w -> w.which() + ", " + w.blockedBy().get().words())
                .toList();
        return new NextEvents(List.copyOf(groups), notNow);
    }

    private static boolean isOfWork(Event event) {
        return event instanceof Event.TaskEnds || event instanceof Event.TaskTells;
    }

    /** Work goes on by strides. */
    private static Stream<Event> onward(Event event, Scene scene) {
        return event instanceof Event.TaskTells tells
                ? scene.tasks().stream()
                        .filter(t -> t.place() == tells.place())
                        .flatMap(t -> Onward.tells(scene, t).stream())
                : Stream.of(event);
    }

    /** Beside typing by hand, the texts that are worth trying. */
    private static Stream<Event> withTexts(Event event, Scene scene, Samples worth) {
        return event instanceof Event.Edit edit
                ? Stream.concat(
                        Stream.of(event),
                        worth.worthTrying(scene, edit).stream()
                                .filter(e -> !e.text().isEmpty()) // which stands for any
                                .limit(TEXTS))
                : Stream.of(event);
    }

    private static Row row(
            Rehearsal rehearsal,
            Covered covered,
            Scene scene,
            Scene.OpenWindow window,
            Optional<Integer> enter,
            Event event,
            Optional<NamedEvent> next) {
        NamedEvent name = EventNames.name(scene, event);
        TrailWords.Line line = TrailWords.line(rehearsal.machine().program().design(), name);
        String what =
                switch (event) {
                    case Event.Edit e ->
                        e.text().isEmpty() ? line.what() + ", typed" : line.what() + ": “" + e.text() + "”";
                    case Event.Choose choose -> names(choose.paths());
                    case Event.Pick pick -> pick.value();
                    case Event.PressRow(int i, int part, int number) ->
                        line.what() + ": "
                                + window.parts()
                                        .get(part)
                                        .each()
                                        .get(number - 1)
                                        .text();
                    case Event.OnRows rows -> line.what() + ": " + line.detail();
                    case Event.SelectText select -> line.what() + ": " + line.detail();
                    case Event.Select select -> line.what() + ": " + line.detail();
                    case Event.TaskEnds end -> line.who() + " " + line.what();
                    case Event.TaskTells tells -> line.who() + " " + line.what() + " " + line.detail();
                    case Event.Cancel cancel -> line.what() + ": cancel";
                    case Event.OpenFiles files -> line.what() + " " + names(files.paths());
                    case Event.DropFiles files -> line.what() + ": " + names(files.paths());
                    case Event.FileChanges file -> PretendFiles.nameOf(file.path()) + " " + line.detail();
                    case Event.OpenWithSamples _,
                            Event.TimerFires _,
                            Event.DayPasses _,
                            Event.SessionEnds _,
                            Event.Killed _,
                            Event.StartAgain _,
                            Event.OnWindow _ -> line.what();
                };
        return new Row(
                event,
                line.who(),
                what,
                keys(window, enter, event),
                next.equals(Optional.of(name)),
                covered.isNew(rehearsal.machine().program().design(), name, scene));
    }

    private static String names(List<String> paths) {
        return paths.stream()
                .map(p -> p.endsWith("/") ? p : PretendFiles.nameOf(p))
                .collect(Collectors.joining(", "));
    }

    private static String keys(Scene.OpenWindow window, Optional<Integer> enter, Event event) {
        if (window == null) {
            return "";
        }
        return switch (event) {
            case Event.Escape e -> "Esc";
            case Event.Answer(int i, int answer) when enter.equals(Optional.of(answer)) -> "Enter";
            case Event.Press(int i, int part) when enter.equals(Optional.of(part)) -> "Enter";
            case Event.Press(int i, int part)
            when window.parts().get(part).design() instanceof bivouac.design.Part.MenuCommand m -> m.shortcut();
            case Event.PressRow(int i, int part, int row)
            when window.parts().get(part).design() instanceof bivouac.design.Part.MenuCommand m ->
                bivouac.design.Each.shortcut(m.shortcut(), row);
            case Event.TaskEnds _,
                    Event.TaskTells _,
                    Event.OpenWithSamples _,
                    Event.TimerFires _,
                    Event.DayPasses _,
                    Event.OpenFiles _,
                    Event.FileChanges _,
                    Event.SessionEnds _,
                    Event.Killed _,
                    Event.StartAgain _,
                    Event.OnWindow _ -> "";
        };
    }
}

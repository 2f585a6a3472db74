package bivouac.desktop.rehearse;

import bivouac.design.PretendFiles;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import bivouac.rehearsal.Covered;
import bivouac.rehearsal.EventNames;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailWords;
import bivouac.rehearsal.WorthTrying;
import java.util.ArrayList;
import java.util.List;
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
    public record Row(Event event, String who, String what, String keys, boolean done, boolean isNew) {}

    public static NextEvents of(Rehearsal rehearsal, Covered covered) {
        return of(
                rehearsal, covered, WorthTrying.of(rehearsal.machine().program().design(), rehearsal.today()));
    }

    /** @param worth the texts that are worth trying in the design, where they are known already */
    public static NextEvents of(Rehearsal rehearsal, Covered covered, WorthTrying worth) {
        Scene scene = rehearsal.scene();
        List<Event> possible = rehearsal.possible();
        Optional<NamedEvent> next = rehearsal.now() + 1 < rehearsal.moments().size()
                ? rehearsal.moments().get(rehearsal.now() + 1).event()
                : Optional.empty();
        var groups = new ArrayList<Group>();
        for (Scene.OpenWindow window : scene.windows().reversed()) {
            Optional<Integer> enter = bivouac.machine.Machine.defaultButton(window);
            List<Row> rows = possible.stream()
                    .filter(e -> e instanceof Event.OnWindow w && w.instance() == window.instance())
                    .flatMap(e -> withTexts(e, window, worth))
                    .map(e -> row(rehearsal, covered, scene, window, enter, e, next))
                    .toList();
            if (!rows.isEmpty()) {
                groups.add(new Group(window.which().toString(), rows));
            }
        }
        List<Row> own = possible.stream()
                .filter(Event.TaskEnds.class::isInstance)
                .map(e -> row(rehearsal, covered, scene, null, Optional.empty(), e, next))
                .toList();
        if (!own.isEmpty()) {
            groups.add(new Group("By the application", own));
        }
        List<Row> system = possible.stream()
                .filter(e -> !(e instanceof Event.OnWindow) && !(e instanceof Event.TaskEnds))
                .map(e -> row(rehearsal, covered, scene, null, Optional.empty(), e, next))
                .toList();
        groups.add(new Group("By the system", system));
        var notNow = scene.windows().stream()
                .filter(w -> w.blockedBy().isPresent())
                .map(w -> w.which() + ", " + w.blockedBy().get().words())
                .toList();
        return new NextEvents(List.copyOf(groups), notNow);
    }

    /** Beside typing by hand, the texts that are worth trying. */
    private static Stream<Event> withTexts(Event event, Scene.OpenWindow window, WorthTrying worth) {
        return event instanceof Event.Edit(int i, int part, String text)
                ? Stream.concat(
                        Stream.of(event),
                        worth.in(window.parts().get(part).design()).stream()
                                .limit(TEXTS)
                                .map(t -> new Event.Edit(i, part, t)))
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
                    case Event.Choose choose ->
                        choose.paths().stream()
                                .map(p -> p.endsWith("/") ? p : PretendFiles.nameOf(p))
                                .collect(Collectors.joining(", "));
                    case Event.Pick pick -> pick.value();
                    case Event.OnRows rows -> line.what() + ": " + line.detail();
                    case Event.Select select -> line.what() + ": " + line.detail();
                    case Event.TaskEnds end -> line.who() + " " + line.what();
                    default -> line.what();
                };
        return new Row(
                event,
                line.who(),
                what,
                keys(window, enter, event),
                next.equals(Optional.of(name)),
                covered.isNew(rehearsal.machine().program().design(), name, scene));
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
            default -> "";
        };
    }
}

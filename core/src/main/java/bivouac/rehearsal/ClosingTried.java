package bivouac.rehearsal;

import bivouac.closing.Closings;
import bivouac.closing.Closings.Column;
import bivouac.closing.Trigger;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.MessageBox;
import bivouac.design.ScriptPlace;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Plays the shortest way to a window, and then closes it in one of its ways. */
public final class ClosingTried {

    private ClosingTried() {}

    /** The rehearsal just after the wish to close it; where that is not possible there, as far as it came. */
    public static WayThere.Found by(Rehearsal rehearsal, Closings.Row row, Column column) {
        String window = row.window().name().shown();
        WayThere.Found there = WayThere.to(rehearsal, window);
        if (there.rehearsal().isEmpty()) {
            return there;
        }
        Rehearsal at = there.rehearsal().get();
        Optional<Event> event = wishes(at, row, column)
                .filter(e -> at.machine().isPossible(at.present().state(), e))
                .findFirst();
        return event.map(e -> new WayThere.Found(
                        Optional.of(at.act(e).settled()), window + " closed by " + column.words() + "."))
                .orElseGet(() -> new WayThere.Found(
                        Optional.of(at),
                        window + " is open; " + column.words() + " is not possible here. " + there.sentence()));
    }

    /** Events that mean the wish to close it so, the likeliest first. */
    private static Stream<Event> wishes(Rehearsal at, Closings.Row row, Column column) {
        Scene scene = at.scene();
        Optional<Scene.OpenWindow> open =
                Wishes.newest(scene, row.window().name().shown());
        return switch (column) {
            case CLOSE_STEP -> Stream.concat(triggers(scene, row.triggers()), answers(open, row));
            case CLOSE_BOX -> open.stream().map(w -> new Event.CloseBox(w.instance()));
            case ESCAPE -> open.stream().map(w -> new Event.Escape(w.instance()));
            case OWNER_CLOSING ->
                open.flatMap(Scene.OpenWindow::owner).flatMap(scene::window).stream()
                        .map(w -> new Event.CloseBox(w.instance()));
            case DEPARTURE -> departures(at, scene);
            case SESSION_ENDING -> Stream.of(new Event.SessionEnds());
        };
    }

    private static Stream<Event> triggers(Scene scene, List<Trigger> triggers) {
        return triggers.stream()
                .map(Trigger::place)
                .filter(ScriptPlace.AtPart.class::isInstance)
                .flatMap(p -> Wishes.press(scene, (ScriptPlace.AtPart) p).stream());
    }

    private static Stream<Event> answers(Optional<Scene.OpenWindow> open, Closings.Row row) {
        return open.stream()
                .map(w -> row.window() instanceof MessageBox
                        ? new Event.Answer(w.instance(), 0)
                        : new Event.Escape(w.instance()));
    }

    private static Stream<Event> departures(Rehearsal at, Scene scene) {
        Design design = at.machine().program().design();
        Stream<Event> told = triggers(scene, Closings.of(at.machine().program()).ending());
        return design.application().departure() instanceof DepartureRule.WithWindow(String name)
                ? Stream.concat(Wishes.closeBox(scene, name).stream(), told)
                : told;
    }
}

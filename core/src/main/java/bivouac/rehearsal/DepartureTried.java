package bivouac.rehearsal;

import bivouac.closing.Closings;
import bivouac.closing.Departing;
import bivouac.design.ScriptPlace;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import java.util.Optional;

/** Asks for the end of the application, in one of the ways that a design has for it. */
public final class DepartureTried {

    private DepartureTried() {}

    /** The rehearsal just after it was asked for; from the moment that it stands at, else from a fresh start. */
    public static WayThere.Found by(Rehearsal rehearsal, Departing.Asker asker) {
        return tried(rehearsal, asker)
                .or(() -> tried(rehearsal.again().settled(), asker))
                .map(r -> new WayThere.Found(Optional.of(r), "The end was asked for by " + words(asker) + "."))
                .orElseGet(() -> new WayThere.Found(
                        Optional.empty(),
                        "The end cannot be asked for by " + words(asker)
                                + " here; act out what leads there, and play it again."));
    }

    private static Optional<Rehearsal> tried(Rehearsal at, Departing.Asker asker) {
        return wish(at.scene(), asker)
                .filter(e -> at.machine().isPossible(at.present().state(), e))
                .map(e -> at.act(e).settled());
    }

    /** What asks for it, as people say it. */
    public static String words(Departing.Asker asker) {
        return switch (asker) {
            case Departing.Asker.OfScript(var trigger) -> trigger.place().words();
            case Departing.Asker.OfWindow(String window, var by) -> by.words() + " of " + window;
            case Departing.Asker.LastWindow l -> "the last window closing";
            case Departing.Asker.SessionEnding s -> "session ending";
        };
    }

    private static Optional<Event> wish(Scene scene, Departing.Asker asker) {
        return switch (asker) {
            case Departing.Asker.OfScript(var trigger) ->
                trigger.place() instanceof ScriptPlace.AtPart part ? Wishes.press(scene, part) : Optional.empty();
            case Departing.Asker.OfWindow(String window, var by) ->
                by == Closings.Column.ESCAPE
                        ? Wishes.newest(scene, window).map(w -> new Event.Escape(w.instance()))
                        : Wishes.closeBox(scene, window);
            case Departing.Asker.LastWindow l ->
                scene.windows().size() == 1
                        ? Optional.of(
                                new Event.CloseBox(scene.windows().getFirst().instance()))
                        : Optional.empty();
            case Departing.Asker.SessionEnding s -> Optional.of(new Event.SessionEnds());
        };
    }
}

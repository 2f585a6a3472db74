package bivouac.rehearsal;

import bivouac.design.ScriptPlace;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import java.util.Optional;

/** Events on a scene by the names of what a person would use. */
final class Wishes {

    private Wishes() {}

    /** The open window of a name, the newest of several. */
    static Optional<Scene.OpenWindow> newest(Scene scene, String window) {
        return scene.windows().reversed().stream()
                .filter(w -> w.which().window().equals(window))
                .findFirst();
    }

    /** Pressing a part; empty where its window is not open. */
    static Optional<Event> press(Scene scene, ScriptPlace.AtPart part) {
        return newest(scene, part.window()).flatMap(w -> w.parts().stream()
                .filter(p -> p.design().name().expression().equals(part.part()))
                .findFirst()
                .map(p -> new Event.Press(w.instance(), p.number())));
    }

    /** Closing a window by its close box; empty where it is not open. */
    static Optional<Event> closeBox(Scene scene, String window) {
        return newest(scene, window).map(w -> new Event.CloseBox(w.instance()));
    }
}

package bivouac.desktop.rehearse;

import bivouac.design.Editing;
import bivouac.machine.Scene;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Region;

/** What stands in a window on the desk, under its title bar. */
interface DeskBody {

    Region node();

    /** Shows the window as it is in another scene. */
    void update(Scene.OpenWindow window);

    /** Where the keyboard goes when the window gets it; empty if nothing in it takes keys. */
    Optional<Node> firstFocus();

    /** Enter was pressed, and no button had the keyboard. */
    void enter();

    /** Does one of the platform's own to the field that had the keyboard last (P6). */
    default void edit(Editing what) {
        // only windows with parts have fields
    }

    /** Tells what is selected in its texts, before something else is done (P7). */
    default void tell() {
        // as above
    }

    /** Puts the keyboard into a part. */
    default void focusPart(int number) {
        // only windows with parts have any
    }
}

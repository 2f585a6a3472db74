package bivouac.desktop.frame;

import bivouac.desktop.work.Situation;
import javafx.scene.Parent;

/** A screen. It is drawn from situations, and does what a person asks through the work. */
public interface ScreenView {

    Parent node();

    /** Draws a situation; called for each new one while the screen is the one shown. */
    void show(Situation situation);

    /** Puts the keyboard where a person begins on this screen. */
    void focus();
}

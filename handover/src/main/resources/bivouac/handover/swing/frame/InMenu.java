package frame;

import java.util.List;
import javax.swing.JMenuItem;

/** What can stand in a menu: a command, or those of which there is one for each row. */
public interface InMenu {

    /** As they stand there now. */
    List<JMenuItem> items();

    /** What is done when there are more or fewer. */
    default void whenOthers(Runnable arranges) {}
}

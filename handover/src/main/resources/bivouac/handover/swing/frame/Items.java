package frame;

import java.util.List;
import java.util.function.Consumer;
import javax.swing.JComponent;

/** What shows the items of a choice. */
sealed interface Items permits DropDown, RadioButtons, Pages {

    JComponent component();

    /** @param chosen empty for none */
    void show(List<String> items, String chosen);

    /** Hears of each item that is chosen, by whomever. */
    void whenChosen(Consumer<String> hears);

    /** As a person does. */
    void press(String item);

    void usable(boolean yes);
}

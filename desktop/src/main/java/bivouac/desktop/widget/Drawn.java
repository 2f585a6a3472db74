package bivouac.desktop.widget;

import java.util.List;
import java.util.Optional;

/** Something that is drawn only where it says something else than before: finding the styles of new nodes would be felt. */
public final class Drawn {

    private Optional<List<?>> said = Optional.empty();

    /** @param says all that is seen of it, and all by which it changes the design */
    public void ifOther(List<?> says, Runnable draw) {
        if (!said.equals(Optional.of(says))) {
            said = Optional.of(says);
            draw.run();
        }
    }
}

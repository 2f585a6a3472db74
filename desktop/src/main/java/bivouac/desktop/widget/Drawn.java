package bivouac.desktop.widget;

import java.util.List;

/** Something that is drawn only where it says something else than before: finding the styles of new nodes would be felt. */
public final class Drawn {

    private List<?> said = List.of();

    /** @param says all that is seen of it, and all by which it changes the design */
    public void ifOther(List<?> says, Runnable draw) {
        if (!says.equals(said)) {
            said = says;
            draw.run();
        }
    }
}

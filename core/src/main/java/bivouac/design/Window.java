package bivouac.design;

import java.util.List;
import java.util.Optional;

/** Anything that opens. */
public sealed interface Window permits FacedWindow, ReadyMade {

    Name name();

    /** What it is handed when it opens. */
    List<Take> takes();

    /** Its named results, those built in included. */
    List<Ending> endings();

    String title();

    Window named(Name name);

    Window taking(List<Take> takes);

    /** The kind in the words of the trade, as on screens and in files. */
    String kind();

    default Optional<Ending> ending(String wanted) {
        return endings().stream().filter(e -> e.name().equals(wanted)).findFirst();
    }
}

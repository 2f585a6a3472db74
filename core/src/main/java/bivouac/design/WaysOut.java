package bivouac.design;

import java.util.List;

/** The ways out of a window as they stand when what is not written is filled in by rule C1. */
public final class WaysOut {

    /** The ending that is built in where nothing else is said. */
    public static final String CLOSED = "closed";

    public static final String OK = "ok";
    public static final String CANCELLED = "cancelled";

    static final List<Ending> OF_A_WINDOW = List.of(Ending.of(CLOSED));
    static final List<Ending> OF_A_DIALOG = List.of(Ending.of(OK), Ending.of(CANCELLED));

    private WaysOut() {}

    /** Where {@code way} leads out of {@code window}. */
    public static WayOut of(FacedWindow window, Way way) {
        WayOut said = window.waysOut().get(way);
        if (said != null) {
            return leadsToOneOfMany(window, said) ? new WayOut.Absent() : said;
        }
        return switch (way) {
            case CLOSE_BOX -> usual(window);
            case ESCAPE -> window.of() == FacedWindow.Kind.DIALOG ? usual(window) : new WayOut.Absent();
            case OWNER_CLOSING, DEPARTURE, SESSION_ENDING ->
                of(window, Way.CLOSE_BOX) instanceof WayOut.LeadsTo closeBox
                        ? new WayOut.LeadsTo(closeBox.ending(), closeBox.gives(), false)
                        : WayOut.LeadsTo.ending(CLOSED);
        };
    }

    /** P5: it presses a part of which there is one for each row, and which of them is not said. */
    private static boolean leadsToOneOfMany(FacedWindow window, WayOut said) {
        return said instanceof WayOut.AsPressing(String name)
                && window.part(name).filter(p -> !p.each().isOnce()).isPresent();
    }

    /** A way that leads to an ending: marked unasked as it was, with what it gave where that ending was it already. */
    public static WayOut leadingTo(FacedWindow window, Way way, String ending) {
        return of(window, way) instanceof WayOut.LeadsTo(String before, var gives, boolean unasked)
                ? new WayOut.LeadsTo(ending, before.equals(ending) ? gives : List.of(), unasked)
                : WayOut.LeadsTo.ending(ending);
    }

    /** A way that leads where it did, asked or unasked (C2); itself where it leads nowhere. */
    public static WayOut asking(FacedWindow window, Way way, boolean unasked) {
        WayOut out = of(window, way);
        return out instanceof WayOut.LeadsTo(String ending, var gives, boolean u)
                ? new WayOut.LeadsTo(ending, gives, unasked)
                : out;
    }

    /** The ending of a <em>close</em> step that names none: the one of the close box, else the built-in one. */
    public static String usualEnding(FacedWindow window) {
        return of(window, Way.CLOSE_BOX) instanceof WayOut.LeadsTo closeBox ? closeBox.ending() : CLOSED;
    }

    private static WayOut usual(FacedWindow window) {
        String wanted = window.of() == FacedWindow.Kind.DIALOG ? CANCELLED : CLOSED;
        boolean known = window.said().isEmpty()
                || window.ending(wanted).isPresent()
                || window.endings().isEmpty();
        return WayOut.LeadsTo.ending(known ? wanted : window.endings().getLast().name());
    }
}

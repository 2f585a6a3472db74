package bivouac.design;

import java.util.Optional;

/**
 * What the system is told about a window's frame. No rule of window life depends on it (S1).
 *
 * @param least the least size of the face in pixels; 0 leaves that side to the contents
 * @param icon the icon's file beside the design, with slashes; empty for the application's own
 * @param place where it stands when it opens
 */
public record WindowFrame(
        FacedWindow.Size least, boolean minimises, boolean maximises, boolean onTop, String icon, Place place) {

    /** Where a window stands when it opens. */
    public enum Place {
        CENTRE("centre of the screen"),
        OVER_OWNER("over its owner"),
        REMEMBERED("where it was last");

        private final String words;

        Place(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public static Optional<Place> of(String words) {
            for (Place place : values()) {
                if (place.words.equals(words)) {
                    return Optional.of(place);
                }
            }
            return Optional.empty();
        }
    }

    /** What a window of a kind is told where nothing else is said. */
    public static WindowFrame usual(FacedWindow.Kind kind) {
        boolean dialog = kind == FacedWindow.Kind.DIALOG;
        return new WindowFrame(
                FacedWindow.Size.BY_CONTENTS, !dialog, !dialog, false, "", dialog ? Place.OVER_OWNER : Place.CENTRE);
    }

    /** The same with another icon. */
    public WindowFrame showing(String other) {
        return new WindowFrame(least, minimises, maximises, onTop, other, place);
    }
}

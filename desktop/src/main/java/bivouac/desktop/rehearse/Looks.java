package bivouac.desktop.rehearse;

import bivouac.design.Picker;

/**
 * Fonts and colours of the rehearsed application as styles. They are data of the design, and so the one place where
 * code styles a node.
 */
final class Looks {

    private Looks() {}

    /**
     * The style of a text.
     *
     * @param font as pickers write it; empty, or anything that is no font, for none
     * @param colour as pickers write it; empty, or anything that is no colour, for none
     */
    static String style(String font, String colour) {
        return (Picker.Of.FONT.accepts(font) ? font(font) : "")
                + (Picker.Of.COLOUR.accepts(colour) ? "-fx-text-fill: " + colour + ";" : "");
    }

    private static String font(String font) {
        int space = font.lastIndexOf(' ');
        return "-fx-font-family: \""
                + font.substring(0, space).replace("\"", "").replace("\\", "") + "\"; -fx-font-size: "
                + font.substring(space + 1) + "px;";
    }
}

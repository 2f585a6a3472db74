package bivouac.overview;

import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Picker;
import bivouac.design.Window;

/** The sign of a window's kind: the line of its roof, in the path language of SVG. Origin is the top left. */
public final class RoofLine {

    private RoofLine() {}

    /** Small, as a mark: 17 by 10 pixels. */
    public static String small(Window window) {
        return switch (window) {
            case FacedWindow face ->
                switch (face.of()) {
                    case MAIN -> "M0,9 H4 L8.5,1 L13,9 H17";
                    case CHILD -> "M0,9 H2 L6,4 L10,9 H17";
                    case DIALOG -> "M0,4 H17 M0,8 H17";
                };
            case MessageBox box -> "M0,4 H5 L8.5,9 L12,4 H17";
            case FileDialog dialog -> "M0,2 H6 V5 H11 V8 H17";
            case Picker picker -> "M0,5 H3 M7,5 H10 M14,5 H17";
        };
    }

    /** Over the top border of a card of a given width. */
    public static String over(Window window, double width) {
        return switch (window) {
            case FacedWindow face ->
                switch (face.of()) {
                    case MAIN ->
                        "M0,0 H" + (width / 2 - 14) + " L" + width / 2 + ",-8 L" + (width / 2 + 14) + ",0 H" + width;
                    case CHILD -> "M0,0 H8 L17,-5 L26,0 H" + width;
                    case DIALOG -> "M0,0 H" + width + " M0,-4 H" + width;
                };
            case MessageBox box -> "M0,-6 H20 L26,0 L32,-6 H" + width;
            case FileDialog dialog -> "M0,-8 H24 V-4 H48 V0 H" + width;
            case Picker picker -> dots(width);
        };
    }

    private static String dots(double width) {
        var path = new StringBuilder();
        for (double x = 0; x + 3 <= width; x += 9) {
            path.append("M").append(x).append(",0 h3 ");
        }
        return path.toString();
    }
}

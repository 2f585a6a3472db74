package bivouac.desktop.widget;

import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Picker;
import bivouac.design.Window;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;

/** The sign of a window's kind: its roof line, small. 17 by 10 pixels. */
public final class Mark extends StackPane {

    public Mark(Window window) {
        this(path(window), window instanceof FacedWindow f && f.of() == FacedWindow.Kind.MAIN);
        setAccessibleText(window.kind());
    }

    private Mark(String line, boolean strong) {
        var path = new SVGPath();
        path.setContent(line);
        path.getStyleClass().add("mark-line");
        if (strong) {
            path.getStyleClass().add("strong");
        }
        getChildren().add(path);
        getStyleClass().add("mark");
        setMinSize(17, 12);
        setPrefSize(17, 12);
        setMaxSize(17, 12);
    }

    public static Mark ofApplication() {
        return new Mark("M0,1 V9 M16,1 V9 M4,5 H12 M9,2 L12,5 L9,8", false);
    }

    private static String path(Window window) {
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

    /** The roof line of a card of a given width, to be drawn over its top border; origin is the card's top left. */
    public static String roof(Window window, double width) {
        double w = width;
        return switch (window) {
            case FacedWindow face ->
                switch (face.of()) {
                    case MAIN -> "M0,0 H" + (w / 2 - 14) + " L" + w / 2 + ",-8 L" + (w / 2 + 14) + ",0 H" + w;
                    case CHILD -> "M0,0 H8 L17,-5 L26,0 H" + w;
                    case DIALOG -> "M0,0 H" + w + " M0,-4 H" + w;
                };
            case MessageBox box -> "M0,-6 H20 L26,0 L32,-6 H" + w;
            case FileDialog dialog -> "M0,-8 H24 V-4 H48 V0 H" + w;
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

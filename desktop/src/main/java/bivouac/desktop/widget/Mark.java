package bivouac.desktop.widget;

import bivouac.design.FacedWindow;
import bivouac.design.Window;
import bivouac.overview.RoofLine;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;

/** The sign of a window's kind: its roof line, small. 17 by 10 pixels. */
public final class Mark extends StackPane {

    public Mark(Window window) {
        this(RoofLine.small(window), window instanceof FacedWindow f && f.of() == FacedWindow.Kind.MAIN);
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
}

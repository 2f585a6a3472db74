package bivouac.desktop.widget;

import bivouac.design.MessageBox;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;

/** The icons of message boxes, each with a shape and a sign of its own, 28 pixels large. */
public final class Severities {

    private Severities() {}

    public static StackPane icon(MessageBox.Severity severity) {
        var shape = new SVGPath();
        shape.setContent(
                switch (severity) {
                    case QUESTION -> "M14,1 A13,13 0 1 1 13.9,1 Z";
                    case WARNING -> "M14,2 L27,26 H1 Z";
                    case ERROR -> "M9,1 H19 L27,9 V19 L19,27 H9 L1,19 V9 Z";
                    case INFO -> "M5,1 H23 Q27,1 27,5 V23 Q27,27 23,27 H5 Q1,27 1,23 V5 Q1,1 5,1 Z";
                    case NONE -> "";
                });
        shape.getStyleClass().addAll("severity", severity.word());
        var sign = Ui.label(
                switch (severity) {
                    case QUESTION -> "?";
                    case WARNING -> "!";
                    case ERROR -> "×";
                    case INFO -> "i";
                    case NONE -> "";
                },
                "severity-sign",
                severity.word());
        var icon = new StackPane(shape, sign);
        int side = severity == MessageBox.Severity.NONE ? 0 : 28;
        icon.setMinSize(side, side);
        icon.setMaxSize(side, side);
        icon.setAccessibleText(severity.word());
        return icon;
    }
}

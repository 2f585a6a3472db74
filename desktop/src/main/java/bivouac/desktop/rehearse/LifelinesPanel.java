package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Segments;
import bivouac.desktop.widget.Ui;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.SnapshotParameters;
import javafx.scene.control.Button;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javax.imageio.ImageIO;

/** The lifelines at the foot of the Rehearsal screen, shown or put away, and kept as a drawing or a picture. */
final class LifelinesPanel extends VBox {

    private static final double HEIGHT = 184;

    private final LifelinesView lines;
    private final Consumer<String> say;

    LifelinesPanel(LifelinesView lines, Consumer<String> say) {
        this.lines = lines;
        this.say = say;
        VBox.setVgrow(lines, Priority.ALWAYS);
        lines.setPrefHeight(HEIGHT);
        lines.setMinHeight(HEIGHT);
        var shown = new Segments("lifelines", this::show, "Lifelines", "put away");
        Button drawing = Ui.link("Keep as SVG", "lifelines-svg", () -> ask("svg"));
        Button picture = Ui.link("Keep as PNG", "lifelines-png", () -> ask("png"));
        getChildren().addAll(Ui.styled(Ui.row(12, shown, Ui.spring(), drawing, picture), "lifelines-head"), lines);
        getStyleClass().add("lifelines-panel");
    }

    private void show(int segment) {
        Ui.show(lines, segment == 0);
    }

    private void ask(String kind) {
        var chooser = new FileChooser();
        chooser.setTitle("Keep the lifelines as " + kind.toUpperCase(java.util.Locale.ROOT));
        chooser.setInitialFileName("lifelines." + kind);
        var file = chooser.showSaveDialog(getScene().getWindow());
        if (file != null) {
            keep(file.toPath());
        }
    }

    /** Writes the lifelines to a file; its ending says as what. */
    void keep(Path file) {
        try {
            if (file.toString().endsWith(".svg")) {
                Files.writeString(file, lines.svg(), StandardCharsets.UTF_8);
            } else {
                WritableImage image = lines.picture().snapshot(new SnapshotParameters(), null);
                ImageIO.write(SwingFXUtils.fromFXImage(image, null), "png", file.toFile());
            }
            say.accept("Lifelines kept in " + file.getFileName() + ".");
        } catch (IOException e) {
            say.accept("The lifelines could not be kept in " + file.getFileName() + ": " + e.getMessage() + ".");
        }
    }
}

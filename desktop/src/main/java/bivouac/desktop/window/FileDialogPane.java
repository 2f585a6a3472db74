package bivouac.desktop.window;

import bivouac.design.FileDialog;
import bivouac.design.PretendFiles;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Work;
import bivouac.sentence.Declarations;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.layout.VBox;

/** A file dialog, drawn over the pretend files, with what the design says of it under the drawing. */
final class FileDialogPane {

    private static final int SHOWN = 4;

    private final Work work;

    FileDialogPane(Work work) {
        this.work = work;
    }

    Node draw(FileDialog dialog) {
        var title = new TextLine("face-title", "Title", dialog.title(), t -> take(dialog, dialog.titled(t), "title"));
        return Ui.column(14, ReadyMadePane.frame(title, body(dialog)), settings(dialog));
    }

    private VBox body(FileDialog dialog) {
        List<String> files = PretendFiles.in(work.now().design()).paths();
        String folder = dialog.startsIn().startsWith("/") && !dialog.startsIn().contains("{")
                ? dialog.startsIn()
                : files.isEmpty() ? "/" : PretendFiles.folderOf(files.getFirst());
        var list = Ui.styled(Ui.column(2), "drawn-list");
        PretendFiles.inside(files, folder.endsWith("/") ? folder : folder + "/").stream()
                .filter(p -> p.endsWith("/")
                        || dialog.asks() != FileDialog.Asks.FOLDER
                                && dialog.offered().getFirst().fits(PretendFiles.nameOf(p)))
                .limit(SHOWN)
                .forEach(p -> list.getChildren()
                        .add(Ui.shortened(PretendFiles.nameOf(p) + (p.endsWith("/") ? "/" : ""), "plain")));
        list.setMinHeight(72);
        var kinds = dialog.asks() == FileDialog.Asks.FOLDER
                ? Ui.label("", "quiet")
                : Ui.shortened(dialog.offered().getFirst().label() + "  ▾", "quiet");
        var buttons = Ui.row(
                6,
                kinds,
                Ui.spring(),
                ReadyMadePane.shape(dialog.asks().verb(), "primary"),
                ReadyMadePane.shape("Cancel", "secondary"));
        buttons.setAlignment(Pos.CENTER_RIGHT);
        return Ui.column(8, Ui.shortened(folder, "desk-path"), list, buttons);
    }

    private Node settings(FileDialog dialog) {
        var lines = Ui.styled(Ui.column(6, ReadyMadePane.line("It asks for", asks(dialog))), "part-pane");
        if (dialog.asks() != FileDialog.Asks.FOLDER) {
            var filters = new TextLine("file-filters", "Filters", Declarations.filters(dialog), t -> {
                try {
                    return take(dialog, Declarations.readFilters(t, dialog), "filters");
                } catch (Declarations.Wrong e) {
                    work.say(e.getMessage());
                    return e.getMessage();
                }
            });
            filters.setPromptText("all files; or Tables: *.csv, *.tsv; Pictures: *.png");
            lines.getChildren().add(ReadyMadePane.line("It filters by", filters));
        }
        var folder = new TextLine(
                "file-folder",
                "Starting folder",
                dialog.startsIn(),
                t -> take(dialog, dialog.startingIn(t.strip()), "starting folder"));
        folder.setPromptText("where it was last; or /Home/Hut, or {app.file}");
        lines.getChildren().add(ReadyMadePane.line("It starts in", folder));
        if (dialog.asks() == FileDialog.Asks.SAVE) {
            lines.getChildren().addAll(extension(dialog), replaces(dialog));
        }
        return lines;
    }

    private Node asks(FileDialog dialog) {
        var choice = new ChoiceBox<String>();
        choice.setId("file-asks");
        choice.setAccessibleText("What it asks for");
        for (FileDialog.Asks asks : FileDialog.Asks.values()) {
            choice.getItems().add(asks.words());
        }
        choice.setValue(dialog.asks().words());
        choice.setOnAction(e ->
                take(dialog, dialog.asking(FileDialog.Asks.of(choice.getValue()).orElseThrow()), "purpose"));
        return choice;
    }

    private Node extension(FileDialog dialog) {
        var extension = new TextLine(
                "file-extension",
                "Extension",
                dialog.extension(),
                t -> take(dialog, dialog.adding(t.strip().replaceFirst("^[*.]+", "")), "extension"));
        extension.setPromptText("none; for example csv");
        return ReadyMadePane.line("Else it adds", extension);
    }

    private Node replaces(FileDialog dialog) {
        var asks = new CheckBox("before it replaces a file");
        asks.setId("file-replaces");
        asks.setSelected(dialog.asksToReplace());
        asks.setOnAction(e -> take(dialog, dialog.replacing(asks.isSelected()), "replace question"));
        return ReadyMadePane.line("It asks", asks);
    }

    private String take(FileDialog from, FileDialog to, String what) {
        return ReadyMadePane.change(work, from, to, what);
    }
}

package bivouac.desktop.rehearse;

import bivouac.design.FileDialog;
import bivouac.design.PretendFiles;
import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.FileChoice;
import bivouac.machine.Scene;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/**
 * A file dialog on the desk, over the pretend files: where one is, what is there, the name typed, the filter that is on.
 * The question whether a file is to be replaced is part of it (C8).
 */
final class FileDialogBody implements DeskBody {

    private final FileDialog dialog;
    private final Consumer<Event> act;
    private final Supplier<List<String>> files;
    private final Label where = Ui.shortened("", "desk-path");
    private final Button up = Ui.button("Up", "folder-up", this::goUp, "secondary");
    private final ListView<String> list = new ListView<>();
    private final TextField name = new TextField();
    private final ChoiceBox<FileDialog.Filter> filter = new ChoiceBox<>();
    private final Label problem = Ui.wrapped("", "problem");
    private final Button choose;
    private final HBox replace;
    private final Region node;
    private Scene.OpenWindow shown;
    private String folder;
    /** What the question is about whether it is to be replaced. */
    private List<String> replacing = List.of();

    FileDialogBody(Scene.OpenWindow window, FileDialog dialog, Supplier<List<String>> files, Consumer<Event> act) {
        this.dialog = dialog;
        this.act = act;
        this.files = files;
        this.shown = window;
        this.folder = PretendFiles.begin(files.get(), window.text());
        choose = Ui.button(dialog.asks().verb(), "file-choose", this::choose, "primary");
        var cancel =
                Ui.button("Cancel", "file-cancel", () -> act.accept(new Event.Escape(shown.instance())), "secondary");
        replace = Ui.row(
                8,
                Ui.label("It is there already.", "plain"),
                Ui.spring(),
                Ui.button("Replace it", "file-replace", () -> end(replacing), "primary"),
                Ui.button("Keep it", "file-keep", this::notReplaced, "secondary"));
        var buttons = Ui.styled(Ui.row(6, filter, Ui.spring(), choose, cancel), "box-buttons");
        buttons.setAlignment(Pos.CENTER_RIGHT);
        HBox.setHgrow(where, Priority.ALWAYS);
        var path = Ui.row(8, where, Ui.spring(), up);
        path.setAlignment(Pos.CENTER_LEFT);
        node = Ui.styled(Ui.column(8, path, list, nameRow(), problem, replace, buttons), "desk-body");
        node.setPrefWidth(400);
        prepare();
        draw();
    }

    private Node nameRow() {
        var label = Ui.label(dialog.asks() == FileDialog.Asks.FOLDER ? "Folder" : "File name", "desk-label");
        label.setLabelFor(name);
        HBox.setHgrow(name, Priority.ALWAYS);
        return Ui.row(8, label, name);
    }

    private void prepare() {
        list.setId("file-list");
        list.setAccessibleText("Files and folders");
        list.setPrefHeight(132);
        list.setFixedCellSize(24);
        list.setCellFactory(l -> new Cell());
        list.getSelectionModel()
                .setSelectionMode(
                        dialog.asks() == FileDialog.Asks.SEVERAL ? SelectionMode.MULTIPLE : SelectionMode.SINGLE);
        list.getSelectionModel().getSelectedItems().subscribe(this::selected);
        list.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                activate();
            }
        });
        list.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                activate();
                e.consume();
            } else if (e.getCode() == KeyCode.BACK_SPACE) {
                goUp();
                e.consume();
            }
        });
        name.setId("file-name");
        name.setAccessibleText("File name");
        name.textProperty().subscribe(t -> say(""));
        filter.setId("file-filter");
        filter.setAccessibleText("Kind of files");
        filter.getItems().setAll(dialog.offered());
        filter.setConverter(new javafx.util.StringConverter<>() {
            @Override
            public String toString(FileDialog.Filter f) {
                return f == null ? "" : f.label();
            }

            @Override
            public FileDialog.Filter fromString(String label) {
                return FileDialog.Filter.ALL;
            }
        });
        filter.getSelectionModel().selectFirst();
        filter.getSelectionModel().selectedItemProperty().subscribe(f -> draw());
        Ui.show(filter, dialog.asks() != FileDialog.Asks.FOLDER);
        Ui.show(replace, false);
        say("");
    }

    private void draw() {
        where.setText(folder);
        up.setDisable(folder.equals("/"));
        boolean folders = dialog.asks() == FileDialog.Asks.FOLDER;
        list.getItems().setAll(choice().shown(folder, filter.getSelectionModel().getSelectedIndex()));
        list.setPlaceholder(Ui.label(folders ? "No folder in here." : "No file of this kind here.", "quiet"));
        // so that the arrows and Enter lead somewhere at once
        if (dialog.asks() == FileDialog.Asks.ONE && name.getText().isEmpty()) {
            list.getItems().stream()
                    .filter(p -> !p.endsWith("/"))
                    .findFirst()
                    .ifPresent(list.getSelectionModel()::select);
        }
        if (folders && name.getText().isEmpty()) {
            name.setText(folder);
        }
    }

    private void selected() {
        List<String> chosen = List.copyOf(list.getSelectionModel().getSelectedItems());
        if (chosen.isEmpty()) {
            return;
        }
        if (dialog.asks() == FileDialog.Asks.FOLDER) {
            name.setText(chosen.getFirst());
        } else {
            var names = chosen.stream()
                    .filter(p -> !p.endsWith("/"))
                    .map(PretendFiles::nameOf)
                    .toList();
            if (!names.isEmpty()) {
                name.setText(String.join("; ", names));
            }
        }
    }

    /** A folder is gone into, a file is chosen. */
    private void activate() {
        String path = list.getSelectionModel().getSelectedItem();
        if (path == null) {
            return;
        }
        if (path.endsWith("/")) {
            go(path);
        } else {
            choose();
        }
    }

    private void goUp() {
        if (!folder.equals("/")) {
            go(PretendFiles.folderOf(folder));
        }
    }

    private void go(String other) {
        folder = other;
        if (dialog.asks() == FileDialog.Asks.FOLDER) {
            name.setText(other);
        }
        draw();
    }

    private FileChoice choice() {
        return new FileChoice(dialog, files.get());
    }

    private int filterNumber() {
        return Math.max(0, filter.getSelectionModel().getSelectedIndex());
    }

    private void choose() {
        switch (choice().choose(folder, name.getText(), filterNumber())) {
            case FileChoice.Answer.Stays(String sentence) -> say(sentence);
            case FileChoice.Answer.Ends(var paths) -> end(paths);
            case FileChoice.Answer.AsksToReplace(var paths) -> {
                replacing = paths;
                Ui.show(replace, true);
                choose.setDisable(true);
                replace.lookup("#file-keep").requestFocus();
            }
        }
    }

    private void end(List<String> paths) {
        act.accept(new Event.Choose(shown.instance(), paths, filterNumber()));
    }

    private void notReplaced() {
        say("");
        name.requestFocus();
    }

    private void say(String what) {
        problem.setText(what);
        Ui.show(problem, !what.isEmpty());
        Ui.show(replace, false);
        choose.setDisable(false);
    }

    @Override
    public Region node() {
        return node;
    }

    @Override
    public void update(Scene.OpenWindow window) {
        shown = window;
        draw();
    }

    @Override
    public Optional<Node> firstFocus() {
        return Optional.of(dialog.asks() == FileDialog.Asks.SAVE ? name : list);
    }

    @Override
    public void enter() {
        choose();
    }

    /** A folder or file, by its own name. */
    private static final class Cell extends ListCell<String> {
        @Override
        protected void updateItem(String path, boolean empty) {
            super.updateItem(path, empty);
            setText(empty || path == null ? null : PretendFiles.nameOf(path) + (path.endsWith("/") ? "/" : ""));
            setId(empty || path == null ? null : "file-" + PretendFiles.nameOf(path));
        }
    }
}

package bivouac.desktop.window;

import bivouac.design.AccessKey;
import bivouac.design.Copies;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Removal;
import bivouac.design.Row;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.Groups;
import bivouac.desktop.widget.LineField;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Clip;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.Declarations;
import bivouac.sentence.PartTyping;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The window itself, drawn with its parts; a part is chosen where it stands, and added by typing where it will. */
final class FacePane {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private static final int ROWS_SHOWN = 4;

    private final Work work;
    private final Runnable toScript;
    private final FaceMenus.Unfolded unfolded = new FaceMenus.Unfolded();

    /** @param toScript puts the keyboard where the next step of the chosen part is typed */
    FacePane(Work work, Runnable toScript) {
        this.work = work;
        this.toScript = toScript;
    }

    Node draw(Situation s, FacedWindow face) {
        String name = face.name().shown();
        var title = new TextLine("face-title", "Title", face.title(), text -> {
            work.change(s.design().changingFace(name, f -> f.titled(text)), "title of " + name + " changed");
            return "";
        });
        title.getStyleClass().add("face-title");
        HBox.setHgrow(title, Priority.ALWAYS);
        var bar = Ui.styled(Ui.row(8, title, Ui.styled(Ui.label("✕"), "close-sign")), "desk-title-bar");
        var window = Ui.styled(new VBox(bar), "desk-window", "drawn");
        if (!face.menus().isEmpty()) {
            window.getChildren().add(new FaceMenus(face, s.chosen().part(), unfolded, c -> box(s, face, c)));
        }
        var body = Ui.styled(Ui.column(8), "desk-body");
        boolean buttonsLast = !face.rows().isEmpty() && isButtons(face.rows().getLast());
        List<List<Row>> runs = Row.runs(face.rows());
        for (int i = 0; i < runs.size(); i++) {
            if (buttonsLast && i == runs.size() - 1) {
                body.getChildren().add(adding(s, face));
            }
            body.getChildren()
                    .add(Groups.framed(
                            runs.get(i).getFirst().group(),
                            runs.get(i).stream().map(r -> row(s, face, r)).toList()));
        }
        if (!buttonsLast) {
            body.getChildren().add(adding(s, face));
        }
        window.getChildren().add(body);
        window.setMaxWidth(400);
        return window;
    }

    private static boolean isButtons(Row row) {
        return row.parts().stream().allMatch(Part.Button.class::isInstance);
    }

    private Node row(Situation s, FacedWindow face, Row row) {
        var line = Ui.row(8);
        row.parts().forEach(p -> {
            Node box = box(s, face, p);
            if (!(p instanceof Part.Button)) {
                HBox.setHgrow(box, Priority.ALWAYS);
            }
            line.getChildren().add(box);
        });
        line.setAlignment(isButtons(row) ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
        return line;
    }

    /** A part to be chosen; what it looks like is drawn by a control that takes no part in it. */
    private Node box(Situation s, FacedWindow face, Part part) {
        String window = face.name().shown();
        String name = part.name().expression();
        var box = new StackPane(look(part));
        box.setAlignment(Pos.CENTER_LEFT);
        box.setId("face-" + name);
        box.getStyleClass().add("face-part");
        box.setFocusTraversable(true);
        box.setAccessibleText(part.kind() + " " + part.displayName());
        box.pseudoClassStateChanged(CHOSEN, s.chosen().part().equals(Optional.of(name)));
        boolean found = s.findings().stream()
                .anyMatch(f -> f.place().window().equals(Optional.of(window))
                        && f.place().part().equals(Optional.of(name)));
        box.pseudoClassStateChanged(PseudoClass.getPseudoClass("wrong"), found);
        Runnable choose = () -> work.choose(Chosen.script(new ScriptPlace.AtPart(window, name)));
        box.setOnMouseClicked(e -> {
            choose.run();
            toScript.run();
        });
        box.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                choose.run();
                toScript.run();
                e.consume();
            } else if (e.isControlDown() && copies(e.getCode(), window, part)) {
                e.consume();
            } else if (e.getCode() == KeyCode.DELETE) {
                work.change(
                        Removal.part(s.design(), window, name),
                        part.kind() + " " + part.displayName() + " removed, with its script",
                        Chosen.window(window));
                e.consume();
            }
        });
        return box;
    }

    /** Ctrl+C copies the part, Ctrl+V puts what was copied under it, Ctrl+D does both. */
    private boolean copies(KeyCode key, String window, Part part) {
        switch (key) {
            case C -> work.copy(new Clip.OfPart(window, part), part.kind() + " " + part.displayName());
            case D -> paste(window, new Clip.OfPart(window, part), part);
            case V -> {
                if (work.clip() instanceof Clip.OfPart clip) {
                    paste(window, clip, part);
                }
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void paste(String window, Clip.OfPart clip, Part after) {
        Copies.part(
                        work.now().design(),
                        clip.window(),
                        clip.part(),
                        window,
                        Optional.of(after.name().expression()))
                .ifPresent(c -> work.paste(
                        c,
                        clip.part().kind() + " " + clip.part().displayName() + " put in as " + c.name(),
                        Chosen.script(new ScriptPlace.AtPart(window, c.name()))));
    }

    private static Node look(Part part) {
        Node look =
                switch (part) {
                    case Part.Caption c ->
                        Ui.wrapped(
                                c.text().isBlank() ? "(empty caption)" : c.text(),
                                "desk-caption",
                                "size-" + c.size().word());
                    case Part.Picture p ->
                        Ui.label(p.file().isBlank() ? "(no picture yet)" : "picture " + p.file(), "desk-picture");
                    case Part.Link l -> Ui.label(AccessKey.without(l.text()), "desk-link");
                    case Part.TextField f when f.entry() == Part.Entry.SEVERAL_LINES -> area(f);
                    case Part.TextField f -> field(f.label(), f.starts());
                    case Part.ValueField f -> field(f.label(), f.starts());
                    case Part.ListOfRows l -> rows(l);
                    case Part.Choice c ->
                        field(c.label(), (c.starts().isEmpty() ? String.join(" · ", c.items()) : c.starts()) + "  ▾");
                    case Part.TickBox b -> {
                        var box = new CheckBox(AccessKey.without(b.text()));
                        box.setSelected(b.ticked());
                        yield box;
                    }
                    case Part.Button b -> {
                        var button = new Button(AccessKey.without(b.text()));
                        button.getStyleClass().add(b.isDefault() ? "primary" : "secondary");
                        button.setMinWidth(Region.USE_PREF_SIZE);
                        yield button;
                    }
                    case Part.MenuCommand m ->
                        Ui.styled(
                                Ui.row(
                                        6,
                                        Ui.label((m.ticking() ? "✓ " : "") + AccessKey.without(m.text()), "plain"),
                                        Ui.spring(),
                                        Ui.label(m.shortcut(), m.shortcut().isEmpty() ? "quiet" : "key")),
                                "face-command");
                };
        look.setMouseTransparent(true);
        look.setFocusTraversable(false);
        return look;
    }

    private static Node rows(Part.ListOfRows l) {
        var table = Ui.styled(Ui.column(0), "drawn-list");
        table.getChildren()
                .add(Ui.shortened(
                        l.columns().isEmpty() ? "no columns yet" : Declarations.columns(l.columns()), "group-name"));
        l.first().stream().limit(ROWS_SHOWN).forEach(r -> table.getChildren()
                .add(Ui.shortened(String.join("   ", r), "plain")));
        if (l.first().size() > ROWS_SHOWN) {
            table.getChildren().add(Ui.label("and " + (l.first().size() - ROWS_SHOWN) + " more", "quiet"));
        }
        HBox.setHgrow(table, Priority.ALWAYS);
        return Ui.row(8, Ui.label(AccessKey.without(l.label()), "desk-label"), table);
    }

    private static Node area(Part.TextField f) {
        var area = new TextArea(f.starts());
        area.setPrefRowCount(2);
        area.setFocusTraversable(false);
        HBox.setHgrow(area, Priority.ALWAYS);
        return Ui.row(8, Ui.label(AccessKey.without(f.label()), "desk-label"), area);
    }

    private static Node field(String label, String starts) {
        var field = new TextField(starts);
        field.setFocusTraversable(false);
        HBox.setHgrow(field, Priority.ALWAYS);
        var row = Ui.row(8, Ui.label(AccessKey.without(label), "desk-label"), field);
        row.setMaxWidth(Double.MAX_VALUE);
        return row;
    }

    private Node adding(Situation s, FacedWindow face) {
        String window = face.name().shown();
        String prompt = face.parts().isEmpty()
                ? "Type a part: button Greet, text field Name, caption Hello…"
                : "Type a part to add it here";
        return Ui.styled(
                new LineField("new-part", prompt, PartTyping::offers, (typed, byTab) -> add(window, typed, byTab)),
                "adding");
    }

    /** Enter adds the part and stays here; Tab adds it and goes on to its script. */
    private String add(String window, String typed, boolean byTab) {
        Design design = work.now().design();
        return switch (PartTyping.add(design, window, typed)) {
            case PartTyping.Result.Unfinished(String why) -> typed.isBlank() ? "" : why;
            case PartTyping.Result.Added added -> {
                var place = new ScriptPlace.AtPart(window, added.part());
                boolean runs = place.in(added.design()) != null
                        && added.design()
                                .faced(window)
                                .flatMap(f -> f.part(added.part()))
                                .flatMap(Part::trigger)
                                .isPresent();
                work.change(added.design(), added.did(), Chosen.script(place));
                if (byTab && runs) {
                    toScript.run();
                }
                yield "";
            }
        };
    }
}

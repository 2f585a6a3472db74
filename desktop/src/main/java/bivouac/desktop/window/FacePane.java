package bivouac.desktop.window;

import bivouac.check.finding.Finding;
import bivouac.design.AccessKey;
import bivouac.design.Copies;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Removal;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.Drafts;
import bivouac.desktop.widget.DrawnList;
import bivouac.desktop.widget.Groups;
import bivouac.desktop.widget.LineField;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Clip;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.PartTyping;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The window itself, drawn with its parts; a part is chosen where it stands, and added by typing where it will. */
final class FacePane {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass WRITING = PseudoClass.getPseudoClass("writing");
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Work work;
    private final Runnable toScript;
    private final FaceMenus.Unfolded unfolded = new FaceMenus.Unfolded();
    private final VBox body = Ui.styled(Ui.column(8), "desk-body");
    private final VBox window = Ui.styled(new VBox(), "desk-window", "drawn");
    private final DrawnList frame = new DrawnList(window.getChildren());
    private final DrawnList rows = new DrawnList(body.getChildren());

    /** The boxes of the parts, by the names of the parts. */
    private final Map<String, Node> boxes = new HashMap<>();

    private final Drafts<String> drafts = new Drafts<>();
    private Optional<String> chosen = Optional.empty();
    private Set<String> wrong = Set.of();

    /** @param toScript puts the keyboard where the next step of the chosen part is typed */
    FacePane(Work work, Runnable toScript) {
        this.work = work;
        this.toScript = toScript;
        window.setMaxWidth(400);
    }

    Node node() {
        return window;
    }

    void show(Situation s, FacedWindow face) {
        String name = face.name().shown();
        chosen = s.chosen().part();
        wrong = s.findings().stream()
                .map(Finding::place)
                .filter(p -> p.window().equals(Optional.of(name)))
                .flatMap(p -> p.part().stream())
                .collect(Collectors.toSet());
        var above = new ArrayList<DrawnList.Item>();
        above.add(new DrawnList.Item(List.of(name, face.title()), () -> bar(name, face.title())));
        if (!face.menus().isEmpty()) {
            above.add(new DrawnList.Item(
                    List.of(
                            name,
                            face.menus().stream()
                                    .map(m -> List.of(m.text(), looks(m.commands())))
                                    .toList(),
                            unfolded.of(face, chosen).map(Menu::text)),
                    () -> new FaceMenus(face, chosen, unfolded, c -> box(name, c))));
        }
        if (!face.tools().isEmpty()) {
            above.add(new DrawnList.Item(List.of(name, looks(face.tools())), () -> tools(name, face.tools())));
        }
        above.add(new DrawnList.Item("body", () -> body));
        if (!face.statusLine().isEmpty()) {
            above.add(new DrawnList.Item(List.of(name, looks(face.statusLine())), () -> foot(name, face.statusLine())));
        }
        frame.show(above);
        rows.show(rows(face));
        boxes.keySet().removeIf(part -> face.part(part).isEmpty());
        boxes.forEach(this::mark);
    }

    private void mark(String part, Node box) {
        box.pseudoClassStateChanged(CHOSEN, chosen.equals(Optional.of(part)));
        box.pseudoClassStateChanged(WRONG, wrong.contains(part));
    }

    private Node bar(String window, String now) {
        var title = new TextLine("face-title", "Title", now, text -> {
            work.change(
                    work.now().design().changingFace(window, f -> f.titled(text)), "title of " + window + " changed");
            return "";
        });
        title.getStyleClass().add("face-title");
        HBox.setHgrow(title, Priority.ALWAYS);
        return Ui.styled(Ui.row(8, title, Ui.styled(Ui.label("✕"), "close-sign")), "desk-title-bar");
    }

    /** The rows, those of one group in its frame; a part is added above a last row of buttons, else at the end. */
    private List<DrawnList.Item> rows(FacedWindow face) {
        String name = face.name().shown();
        var all = new ArrayList<DrawnList.Item>();
        List<Row> body = face.bodyRows();
        for (List<List<Row>> together : byPage(face, Row.runs(body))) {
            Optional<Row.Page> page = face.pageOf(together.getFirst().getFirst());
            all.add(new DrawnList.Item(
                    List.of(
                            name,
                            page,
                            together.stream()
                                    .map(run -> List.of(
                                            run.getFirst().group(),
                                            run.stream()
                                                    .map(r -> looks(r.parts()))
                                                    .toList()))
                                    .toList()),
                    () -> onPage(
                            page, together.stream().map(run -> run(name, run)).toList())));
        }
        boolean buttonsLast = !body.isEmpty()
                && body.getLast().isButtons()
                && body.getLast().page().isEmpty();
        boolean none = face.parts().isEmpty();
        all.add(
                buttonsLast ? all.size() - 1 : all.size(),
                new DrawnList.Item(List.of(name, none), () -> adding(name, none)));
        return all;
    }

    /** What is seen of parts, whatever they do. */
    private static List<Part> looks(List<? extends Part> parts) {
        return parts.stream().map(p -> p.triggering(Script.EMPTY)).toList();
    }

    /** Runs on one page beside each other are drawn as one; those in the window itself are drawn by themselves. */
    private static List<List<List<Row>>> byPage(FacedWindow face, List<List<Row>> runs) {
        var all = new ArrayList<List<List<Row>>>();
        Optional<Row.Page> before = Optional.empty();
        for (List<Row> run : runs) {
            Optional<Row.Page> page = face.pageOf(run.getFirst());
            if (page.isEmpty() || !page.equals(before)) {
                all.add(new ArrayList<>());
            }
            all.getLast().add(run);
            before = page;
        }
        return all;
    }

    private Node run(String window, List<Row> run) {
        return Groups.framed(
                run.getFirst().group(), run.stream().map(r -> row(window, r)).toList());
    }

    /** What stands on a page says on which; all pages are seen, one under the other. */
    private static Node onPage(Optional<Row.Page> page, List<Node> nodes) {
        if (page.isEmpty()) {
            return nodes.getFirst();
        }
        var inside = Ui.column(8, Ui.label("on page " + page.get().item(), "quiet", "small"));
        inside.getChildren().addAll(nodes);
        return Ui.styled(inside, "face-page");
    }

    /** A tool is its command once more; it is chosen there. */
    private Node tools(String window, List<Part.MenuCommand> commands) {
        var row = Ui.styled(new FlowPane(2, 2), "desk-tools");
        for (Part.MenuCommand command : commands) {
            String name = command.name().expression();
            var button = Ui.button(
                    AccessKey.without(command.text()),
                    "tool-" + name,
                    () -> work.choose(Chosen.script(new ScriptPlace.AtPart(window, name))),
                    "desk-tool");
            row.getChildren().add(button);
        }
        return row;
    }

    private Node foot(String window, List<Part> parts) {
        var row = Ui.styled(Ui.row(16), "desk-foot");
        parts.forEach(p -> row.getChildren().add(box(window, p)));
        return row;
    }

    private Node row(String window, Row row) {
        var line = Ui.row(8);
        row.parts().forEach(p -> {
            Node box = box(window, p);
            if (!(p instanceof Part.Button)) {
                HBox.setHgrow(box, Priority.ALWAYS);
            }
            line.getChildren().add(box);
        });
        line.setAlignment(row.isButtons() ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
        return line;
    }

    /** A part to be chosen; what it looks like is drawn by a control that takes no part in it. */
    private Node box(String window, Part part) {
        String name = part.name().expression();
        var box = new StackPane(DrawnPart.of(part));
        box.setAlignment(Pos.CENTER_LEFT);
        if (!(part instanceof Part.Button || part instanceof Part.MenuCommand)) {
            box.getChildren().add(tag(name));
        }
        box.setId("face-" + name);
        box.getStyleClass().add("face-part");
        box.setFocusTraversable(true);
        box.setAccessibleText(part.kind() + " " + part.displayName());
        boxes.put(name, box);
        mark(name, box);
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
            } else if (e.isControlDown() && copies(e.getCode(), window, name)) {
                e.consume();
            } else if (e.getCode() == KeyCode.DELETE) {
                work.change(
                        Removal.part(work.now().design(), window, name),
                        part.kind() + " " + part.displayName() + " removed, with its script",
                        Chosen.window(window));
                e.consume();
            }
        });
        return box;
    }

    /** How expressions call the part, where it covers nothing; seen while it is chosen, and on all while a script is written. */
    private static Node tag(String name) {
        var tag = Ui.label("me." + name, "part-tag");
        tag.setMouseTransparent(true);
        StackPane.setAlignment(tag, Pos.CENTER_RIGHT);
        return tag;
    }

    /** Whether a script is being written, and names are wanted. */
    void writing(boolean yes) {
        window.pseudoClassStateChanged(WRITING, yes);
    }

    /** Ctrl+C copies the part, Ctrl+V puts what was copied under it, Ctrl+D does both. */
    private boolean copies(KeyCode key, String window, String name) {
        Part part = work.now().design().faced(window).flatMap(f -> f.part(name)).orElseThrow();
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

    private Node adding(String window, boolean none) {
        String prompt =
                none ? "Type a part: button Greet, text field Name, caption Hello…" : "Type a part to add it here";
        var line = new LineField(
                        "new-part",
                        prompt,
                        typed -> PartTyping.offers(work.now().design(), window, typed),
                        (typed, byTab) -> add(window, typed, byTab))
                .with(drafts.of(window));
        line.field().textProperty().addListener((o, was, is) -> drafts.keep(window, is));
        return Ui.styled(line, "adding");
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
                drafts.keep(window, "");
                Optional<String> refused = work.changed(added.design(), added.did(), Chosen.script(place));
                refused.ifPresent(why -> drafts.keep(window, typed));
                if (byTab && runs && refused.isEmpty()) {
                    toScript.run();
                }
                yield refused.orElse("");
            }
        };
    }
}

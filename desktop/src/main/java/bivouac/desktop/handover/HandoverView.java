package bivouac.desktop.handover;

import bivouac.design.Design;
import bivouac.desktop.frame.Files;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.widget.DrawnList;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.Segments;
import bivouac.desktop.widget.SourceLine;
import bivouac.desktop.widget.SourceList;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.format.Difference;
import bivouac.handover.Change;
import bivouac.handover.HandedOver;
import bivouac.handover.Toolkit;
import bivouac.handover.WrittenFile;
import bivouac.handover.proof.Proof;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The Handover screen: left what is in the program, in the middle one file, right what it changes and its proof. */
public final class HandoverView implements ScreenView {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass DIFFERS = PseudoClass.getPseudoClass("differs");

    private final Work work;
    private final Handing handing;
    private final Files files;
    private final Texts texts;
    private final BorderPane root = new BorderPane();
    private final VBox list = Ui.styled(Ui.column(0), "handover-files");
    private final DrawnList drawn = new DrawnList(list.getChildren());
    private final Label name = Ui.label("", "strong");
    private final Label about = Ui.label("", "quiet");
    private final SourceList source = new SourceList();
    private final Node middle;
    private final Segments looks;
    private final Segments kinds;
    private final VBox side = Ui.styled(Ui.column(8), "handover-side");
    private final Label findings = Ui.label("", "quiet");
    private final Label where = Ui.shortened("", "strong");
    private final Button openIt = Ui.link("Open it", "handover-open", this::openFolder);
    private final Button handOver = Ui.button("Hand over", "hand-over", this::handOver, "primary");

    private Toolkit toolkit = Toolkit.JAVAFX;
    private Situation shown;
    private Handing.Written written = Handing.Written.none(null, toolkit, List.of(), "");
    private final Map<Toolkit, Path> folders = new EnumMap<>(Toolkit.class);
    private Optional<Handing.Proven> proven = Optional.empty();
    private Optional<Design> provenOf = Optional.empty();
    private boolean proving;
    private boolean overHand;
    private boolean instead;
    private boolean difference;
    private String chosen = "";
    private HandoverState state = new HandoverState(List.of(), List.of());

    /** @param asks where to, and which file */
    public HandoverView(Work work, Files asks) {
        this.work = work;
        this.files = asks;
        this.texts = new Texts(work, asks, this::showInstead);
        this.handing = new Handing(work);
        looks = new Segments(
                "handover-look",
                n -> {
                    difference = n == 1;
                    showFile();
                },
                "As it will be",
                "What changes");
        kinds = new Segments(
                        "handover-for",
                        n -> {
                            toolkit = Toolkit.values()[n];
                            proven = Optional.empty();
                            write();
                        },
                        Arrays.stream(Toolkit.values()).map(Toolkit::shown).toArray(String[]::new))
                .inLines();
        root.setTop(Ui.styled(
                Ui.row(
                        8,
                        Ui.label("What leaves the tool", "strong"),
                        Ui.label("into the folder", "quiet"),
                        where,
                        Ui.link("Choose…", "handover-folder", this::chooseFolder),
                        openIt,
                        Ui.spring(),
                        findings),
                "screen-bar"));
        var left = Scrolling.down(list);
        left.getStyleClass().add("handover-left");
        Scrolling.follow(left);
        root.setLeft(left);
        VBox.setVgrow(source, Priority.ALWAYS);
        middle = new VBox(Ui.styled(Ui.row(8, name, about, Ui.spring(), looks), "handover-head"), source);
        root.setCenter(middle);
        var right = Scrolling.down(side);
        right.getStyleClass().add("handover-right");
        root.setRight(right);
    }

    @Override
    public Parent node() {
        return root;
    }

    @Override
    public void show(Situation s) {
        boolean same = shown != null && shown.design() == s.design();
        shown = s;
        int open = s.checked().open().size();
        findings.setText(
                open == 0 ? "no findings go along" : open == 1 ? "1 finding goes along" : open + " findings go along");
        if (!same) {
            write();
        }
    }

    /** The one that was chosen, else one beside the design. */
    private Optional<Path> folder() {
        return Optional.ofNullable(folders.get(toolkit))
                .or(() -> shown.file().map(f -> HandoverState.beside(f, toolkit)));
    }

    private void write() {
        instead = false;
        where.setText(folder().map(Path::toString).orElse("none chosen yet"));
        Toolkit of = toolkit;
        handing.write(shown.design(), of, shown.file(), folder(), w -> {
            if (of == toolkit) {
                written = w;
                draw();
            }
        });
    }

    private void draw() {
        Refocus focus = Refocus.of(root);
        state = HandoverState.of(shown.design(), written.files(), written.changes());
        drawn.show(lines());
        showFile();
        drawSide();
        focus.restore(root, false);
    }

    private List<DrawnList.Item> lines() {
        var all = new ArrayList<DrawnList.Item>();
        String needs = toolkit.needs() + "; " + state.files() + " files";
        all.add(new DrawnList.Item(
                needs,
                () -> Ui.styled(
                        Ui.column(6, Ui.label("A program for", "strong"), kinds, Ui.label(needs, "small")),
                        "handover-kind")));
        String now = state.file(chosen).map(WrittenFile::path).orElse("");
        for (HandoverState.Group group : state.groups()) {
            all.add(new DrawnList.Item(group.title(), () -> Ui.label(group.title(), "group")));
            for (WrittenFile file : group.files()) {
                String path = file.path();
                String changes = change(path)
                        .map(Change::kind)
                        .filter(k -> k != Change.Kind.SAME && k != Change.Kind.NEW)
                        .map(k -> k.words().replaceFirst("[;,].*", ""))
                        .orElse("");
                boolean isChosen = path.equals(now);
                all.add(new DrawnList.Item(List.of(path, changes, isChosen), () -> row(path, changes, isChosen)));
            }
        }
        return all;
    }

    private Node row(String path, String changes, boolean isChosen) {
        var row = Ui.styled(
                Ui.row(6, Ui.shortened(HandoverState.name(path), "plain"), Ui.spring(), Ui.label(changes, "small")),
                "handover-file");
        Ui.pressable(row, "handover-" + path, path, () -> choose(path));
        row.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            int by = e.getCode() == KeyCode.DOWN ? 1 : e.getCode() == KeyCode.UP ? -1 : 0;
            if (by != 0) {
                go(path, by);
                e.consume();
            }
        });
        row.pseudoClassStateChanged(CHOSEN, isChosen);
        return row;
    }

    private Optional<Change> change(String path) {
        return written.changes().stream()
                .flatMap(List::stream)
                .filter(c -> c.path().equals(path))
                .findFirst();
    }

    /** To the next file, or the one before. */
    private void go(String from, int by) {
        List<String> all = state.groups().stream()
                .flatMap(g -> g.files().stream())
                .map(WrittenFile::path)
                .toList();
        int to = all.indexOf(from) + by;
        if (to >= 0 && to < all.size()) {
            choose(all.get(to));
            focus();
        }
    }

    private void choose(String path) {
        chosen = path;
        draw();
    }

    private void showFile() {
        Optional<WrittenFile> file = state.file(chosen);
        name.setText(file.map(f -> HandoverState.name(f.path())).orElse(""));
        about.setText(file.map(f -> f.text().lines().count() + " lines").orElse(written.why()));
        Optional<Change> change = file.flatMap(f -> change(f.path()));
        boolean differs = change.filter(c -> !c.there().isEmpty() && !c.there().equals(c.written()))
                .isPresent();
        Ui.show(looks, differs);
        source.show(
                file.map(f -> differs && difference ? lines(change.get()) : f.text())
                        .orElse(""),
                SourceLine.Language.of(file.map(WrittenFile::path).orElse("")));
    }

    private static String lines(Change change) {
        var out = new StringBuilder("# − in the folder   + as it will be\n");
        Difference.between(change.there(), change.written())
                .lines()
                .forEach(l ->
                        out.append(sign(l.of())).append(' ').append(l.text()).append('\n'));
        return out.toString();
    }

    private static char sign(Difference.Of of) {
        return switch (of) {
            case BOTH -> ' ';
            case FIRST -> '−';
            case SECOND -> '+';
            case LEFT_OUT -> '⋮';
        };
    }

    // The right side

    private void drawSide() {
        side.getChildren().clear();
        if (!written.why().isEmpty()) {
            side.getChildren().add(Ui.wrapped(written.why(), "problem"));
        }
        side.getChildren().add(Ui.label("What would change", "head"));
        if (folder().isEmpty()) {
            side.getChildren()
                    .add(Ui.wrapped(
                            "Save the design, or choose a folder: then it is said here what changes in it.", "quiet"));
        }
        state.counts().forEach(c -> side.getChildren().add(count(c)));
        boolean byHand = written.changes().stream().flatMap(List::stream).anyMatch(c -> c.kind()
                .isByHand());
        if (byHand) {
            var box = new javafx.scene.control.CheckBox("write over what was changed by hand");
            box.setId("handover-over");
            box.setSelected(overHand);
            box.setOnAction(e -> overHand = box.isSelected());
            side.getChildren().add(box);
        }
        written.replaces().ifPresent(this::goes);
        proof();
        Ui.show(openIt, HandoverState.isThere(written.changes().orElse(List.of())));
        enable();
        side.getChildren().addAll(Ui.styled(new Region(), "handover-gap"), handOver);
        side.getChildren().addAll(Ui.styled(new Region(), "handover-gap"), besideIt());
    }

    /** Another program stands there: what of it would go is said, and somebody has to want it. */
    private void goes(String what) {
        var box = new javafx.scene.control.CheckBox("let that program go");
        box.setId("handover-instead");
        box.setSelected(instead);
        box.setOnAction(e -> {
            instead = box.isSelected();
            enable();
        });
        side.getChildren().addAll(Ui.wrapped(what, "problem"), box);
    }

    private void enable() {
        boolean isWanted = written.replaces().isEmpty() || instead;
        handOver.setDisable(folder().isEmpty() || written.files().isEmpty() || !isWanted);
    }

    /** What leaves the tool for people who have no use for a program. */
    private Node besideIt() {
        return Ui.column(
                4,
                Ui.label("Documents and texts", "head"),
                Ui.wrapped("To read, to print, and for other tools; texts to translators and back.", "quiet"),
                Ui.link("Write documents to a folder…", "documents-out", this::writeDocuments),
                Ui.link("Write the texts for translation…", "texts-out", texts::out),
                Ui.link("Take texts in…", "texts-in", texts::in));
    }

    private void writeDocuments() {
        String before = shown.file()
                .map(f -> HandoverState.documentsBeside(f).toString())
                .orElse("");
        files.askFolder("Write documents to", before, to -> handing.document(shown, to, work::say));
    }

    /** Something else in the middle, until it is put away again; empty for the file that is looked at. */
    private void showInstead(Optional<Node> other) {
        root.setCenter(other.orElse(middle));
        if (other.isEmpty()) {
            focus();
        }
    }

    private static Node count(HandoverState.Count count) {
        int more = count.files() - count.first().size();
        String names = String.join(", ", count.first()) + (more == 0 ? "" : " and " + more + " more");
        var number = Ui.styled(Ui.label(Integer.toString(count.files())), "handover-count");
        var words = Ui.column(0, Ui.wrapped(count.kind().words(), "strong"), Ui.wrapped(names, "small"));
        javafx.scene.layout.HBox.setHgrow(words, Priority.ALWAYS);
        var row = Ui.row(10, number, words);
        row.setAlignment(javafx.geometry.Pos.TOP_LEFT);
        return Ui.styled(row, "handover-line");
    }

    private void proof() {
        var prove = Ui.button(proving ? "Proving…" : "Prove it", "prove", this::prove, "secondary");
        prove.setDisable(proving || written.files().isEmpty());
        side.getChildren()
                .addAll(
                        Ui.styled(new Region(), "handover-gap"),
                        Ui.row(8, Ui.label("Proof", "head"), Ui.label("walkthroughs, driven in the program", "quiet")));
        if (proving) {
            side.getChildren()
                    .add(Ui.wrapped("The program is built, and its windows are driven; go on meanwhile.", "quiet"));
        } else if (proven.isEmpty()) {
            side.getChildren()
                    .add(Ui.wrapped(
                            "Each walkthrough is played on the program's own windows, and what is seen after each event is"
                                    + " compared with the rehearsal.",
                            "quiet"));
        }
        proven.filter(p -> !proving).ifPresent(this::proofShown);
        side.getChildren().add(prove);
    }

    private void proofShown(Handing.Proven result) {
        boolean old = provenOf.filter(d -> d == shown.design()).isEmpty();
        String words = result.said().isEmpty() ? HandoverState.sentence(result.outcomes()) : result.said();
        side.getChildren().add(Ui.wrapped(words + (old ? ", before the last change of the design" : ""), "strong"));
        var squares = new FlowPane(3, 3);
        for (Proof.Outcome o : result.outcomes()) {
            var square = Ui.styled(new Region(), "proof-square");
            square.pseudoClassStateChanged(DIFFERS, o.difference().isPresent());
            javafx.scene.control.Tooltip.install(square, new javafx.scene.control.Tooltip(o.name()));
            squares.getChildren().add(square);
        }
        side.getChildren().add(squares);
        result.outcomes().stream()
                .filter(o -> o.difference().isPresent())
                .findFirst()
                .ifPresent(o -> side.getChildren()
                        .add(Ui.styled(
                                Ui.column(
                                        4,
                                        Ui.label(
                                                o.verdict() == Proof.Verdict.TOO_LONG
                                                        ? "It went no further"
                                                        : "First difference",
                                                "small"),
                                        Ui.wrapped(o.name(), "strong"),
                                        Ui.wrapped(o.difference().orElseThrow(), "plain")),
                                "handover-difference")));
    }

    private void prove() {
        Design of = shown.design();
        Toolkit kind = toolkit;
        proving = true;
        draw();
        handing.prove(written, result -> {
            proving = false;
            if (kind == toolkit) {
                proven = Optional.of(result);
                provenOf = Optional.of(of);
            }
            work.say("Proof: " + (result.said().isEmpty() ? HandoverState.sentence(result.outcomes()) : result.said())
                    + ".");
            draw();
        });
    }

    private void handOver() {
        folder().ifPresent(to ->
                handing.handOver(written, shown.file(), to, new HandedOver.Allowed(overHand, instead), said -> {
                    work.say(said);
                    write();
                }));
    }

    private void openFolder() {
        folder().ifPresent(f -> handing.open(f, work::say));
    }

    private void chooseFolder() {
        files.askFolder("Hand over to", folder().map(Path::toString).orElse(""), to -> {
            folders.put(toolkit, to);
            write();
        });
    }

    @Override
    public boolean takes(KeyEvent key) {
        if (key.isControlDown() && key.getCode() == KeyCode.ENTER && !handOver.isDisabled()) {
            handOver();
            return true;
        }
        return false;
    }

    @Override
    public void focus() {
        Node first = Refocus.find(
                root, "handover-" + state.file(chosen).map(WrittenFile::path).orElse(""));
        if (first != null) {
            first.requestFocus();
        }
    }
}

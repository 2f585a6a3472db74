package bivouac.desktop.window;

import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.PretendFiles;
import bivouac.design.ReadyMade;
import bivouac.design.ScriptPlace;
import bivouac.design.Take;
import bivouac.design.Variable;
import bivouac.design.Window;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.widget.Drawn;
import bivouac.desktop.widget.DrawnList;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.Refocus;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.Declarations;
import bivouac.sentence.FrameLine;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The Window screen: before, now, after. */
public final class WindowView implements ScreenView {

    /** From this width on, in pixels, all three columns have room. */
    private static final double ROOMY = 1000;

    private final Work work;
    private final BorderPane root = new BorderPane();
    private final HBox bar = Ui.styled(Ui.row(10), "screen-bar");
    private final VBox waysIn = Ui.styled(Ui.column(12), "side-cards");
    private final VBox waysOut = Ui.styled(Ui.column(12), "side-cards");
    private final VBox face = Ui.styled(Ui.column(10), "face-column");
    private final BelowFace below;
    private final FacePane facePane;
    private final HBox waysInHead = head("Ways in", "before");
    private final HBox waysOutHead = head("Ways out", "after");
    private final HBox columns;
    private final HBox applicationColumns;
    private final ScriptPane startScript;
    private final Label startHead = Ui.label("", "strong");
    private final Button toStart;
    private final ApplicationPane application;
    private final VBox applicationEnd = Ui.styled(Ui.column(6), "side-cards");
    private Situation shown;

    private final Drawn barDrawn = new Drawn();
    private final DrawnList faceDrawn = new DrawnList(face.getChildren());
    private final Drawn waysInDrawn = new Drawn();
    private final Drawn waysOutDrawn = new Drawn();

    public WindowView(Work work) {
        this.work = work;
        this.below = new BelowFace(work);
        this.facePane = new FacePane(work, this::toScript);
        root.setTop(bar);
        root.getStyleClass().add("window-screen");
        var left = column(waysInHead, waysIn);
        var right = column(waysOutHead, waysOut);
        var faceFirst = new FaceFirst(scroll(face, "face-scroll"), scroll(below, "below-scroll"));
        VBox.setVgrow(faceFirst, Priority.ALWAYS);
        var middle = Ui.styled(Ui.column(0, head("Face", "now"), faceFirst), "middle");
        HBox.setHgrow(middle, Priority.ALWAYS);
        columns = new HBox(left, middle, right);
        // where the screen is narrow, what is before and after gives way to what is now
        root.widthProperty().map(w -> w.doubleValue() < ROOMY).subscribe(narrow -> {
            wide(left, narrow ? 176 : 256);
            wide(right, narrow ? 292 : 364);
        });
        startScript = new ScriptPane(work);
        application = new ApplicationPane(work);
        toStart = Ui.link("The start", "to-start", () -> work.goTo(Chosen.APPLICATION));
        applicationColumns = applicationColumns();
        root.setCenter(columns);
        root.sceneProperty()
                .flatMap(Scene::focusOwnerProperty)
                .subscribe(owner -> facePane.writing(owner instanceof TextField && Ui.isInside(owner, below)));
    }

    private static HBox head(String title, String time) {
        return Ui.styled(Ui.row(6, Ui.label(title, "head"), Ui.spring(), Ui.label(time, "quiet")), "column-head");
    }

    private static Region column(HBox head, VBox cards) {
        return Ui.styled(Ui.column(0, head, scroll(cards, "side-scroll")), "side-column");
    }

    private static void wide(Region column, double width) {
        column.setPrefWidth(width);
        column.setMinWidth(width);
        column.setMaxWidth(width);
    }

    private static ScrollPane scroll(Region content, String style) {
        var scroll = Scrolling.down(content);
        scroll.getStyleClass().add(style);
        Scrolling.follow(scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        return scroll;
    }

    @Override
    public Parent node() {
        return root;
    }

    @Override
    public void show(Situation s) {
        if (shown != null && shown.looksLike(s)) {
            shown = s;
            below.know(s);
            startScript.know(s);
            return;
        }
        boolean keepText =
                shown != null && shown.design() == s.design() && shown.chosen().equals(s.chosen());
        Refocus focus = Refocus.of(root);
        shown = s;
        draw();
        focus.restore(root, keepText);
    }

    private void draw() {
        Optional<Window> window = shown.chosen().window().flatMap(shown.design()::window);
        window.ifPresentOrElse(this::drawWindow, this::drawApplication);
    }

    /** Left what comes first, in the middle what it has, right what comes last. */
    private void drawApplication() {
        Application app = shown.design().application();
        barDrawn.ifOther(List.of("application", app.name()), () -> bar.getChildren()
                .setAll(
                        Mark.ofApplication(),
                        Ui.label(app.name(), "window-title"),
                        Ui.label("the application itself, and what all its windows share", "quiet"),
                        Ui.spring(),
                        Ui.button("Rehearse from the start", "rehearse-start", this::fromTheStart, "primary")));
        ScriptPlace place =
                shown.chosen().script().filter(p -> p.ofWindow().isEmpty()).orElseGet(ScriptPlace.Start::new);
        startHead.setText(place instanceof ScriptPlace.Start ? "The start" : capital(place.words()));
        Ui.show(toStart, !(place instanceof ScriptPlace.Start));
        startScript.show(shown, place);
        application.show(shown);
        applicationEnd.getChildren().setAll(new DepartureInShort(work).draw(shown));
        root.setCenter(applicationColumns);
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private void fromTheStart() {
        work.startAgain();
        work.show(Screen.REHEARSAL);
    }

    /** The three columns of the application, made once. */
    private HBox applicationColumns() {
        var kept = Ui.wrapped("Kept values are loaded first; nothing opens the application but its user.", "quiet");
        var start =
                Ui.styled(Ui.column(8, Ui.row(6, startHead, Ui.spring(), toStart), kept, startScript), "side-cards");
        var left = column(head("Start", "before"), start);
        var right = column(head("Departure", "after"), applicationEnd);
        root.widthProperty().map(w -> w.doubleValue() < ROOMY).subscribe(narrow -> {
            wide(left, narrow ? 216 : 272);
            wide(right, narrow ? 200 : 244);
        });
        var cards = Ui.styled(Ui.column(12, application.node()), "application-column");
        var middle = Ui.styled(Ui.column(0, head("What it has", "now"), scroll(cards, "face-scroll")), "middle");
        HBox.setHgrow(middle, Priority.ALWAYS);
        return new HBox(left, middle, right);
    }

    private void drawWindow(Window window) {
        root.setCenter(columns);
        var head = new WindowBar(work);
        barDrawn.ifOther(head.says(window), () -> bar.getChildren().setAll(head.nodes(window)));
        var in = new WaysInColumn(work, shown, window);
        waysInDrawn.ifOther(in.says(), () -> waysIn.getChildren().setAll(in.cards()));
        var out = new WaysOutColumn(work, shown, window);
        waysOutDrawn.ifOther(out.says(), () -> waysOut.getChildren().setAll(out.cards()));
        switch (window) {
            case FacedWindow f -> {
                facePane.show(shown, f);
                faceDrawn.show(lines(f));
                Optional<Part> part = shown.chosen().part().flatMap(f::part);
                ScriptPlace place = shown.chosen().script().orElseGet(() -> usualPlace(f));
                below.show(shown, place, Optional.of(f), part.or(() -> partOf(place, f)));
            }
            case ReadyMade ready -> {
                List<String> files = PretendFiles.in(shown.design()).paths();
                faceDrawn.show(List.of(taking(ready), new DrawnList.Item(List.of(ready, files), () -> drawn(ready))));
                below.say(noScript(ready));
            }
        }
    }

    private DrawnList.Item taking(Window window) {
        return new DrawnList.Item(List.of(window.name(), window.takes(), shown.rowTypes()), () -> takes(window));
    }

    /** What it takes, itself, what it has of its own, and its frame. */
    private List<DrawnList.Item> lines(FacedWindow f) {
        return List.of(
                taking(f),
                new DrawnList.Item("face", facePane::node),
                new DrawnList.Item(List.of(f.name(), f.variables(), shown.rowTypes()), () -> variables(f)),
                new DrawnList.Item(
                        List.of(f.name(), FrameLine.write(f)),
                        () -> frame(f.name().shown(), FrameLine.write(f))));
    }

    private Node drawn(ReadyMade window) {
        return switch (window) {
            case MessageBox box -> new BoxPane(work).draw(box);
            case FileDialog dialog -> new FileDialogPane(work).draw(dialog);
            case Picker picker -> new PickerPane(work).draw(picker);
        };
    }

    private static String noScript(ReadyMade window) {
        String results = window instanceof MessageBox ? "each answer" : "each result";
        return "A " + window.kind() + " runs no script of its own: what " + results
                + " does stands in the branches of its openers, at the right.";
    }

    /** The script shown where none is chosen: the first trigger's, else what runs when the window has opened. */
    private static ScriptPlace usualPlace(FacedWindow face) {
        String name = face.name().shown();
        return face.parts().stream()
                .filter(p -> p.getsEvents() && (p instanceof Part.Button || p instanceof Part.MenuCommand))
                .findFirst()
                .<ScriptPlace>map(p -> new ScriptPlace.AtPart(name, p.name().expression()))
                .orElse(new ScriptPlace.AtMoment(name, FacedWindow.Moment.OPENED));
    }

    private static Optional<Part> partOf(ScriptPlace place, FacedWindow face) {
        return place.ofPart().flatMap(face::part);
    }

    private Node takes(Window window) {
        String name = window.name().shown();
        var line =
                new TextLine("takes", "Takes", work.now().rowTypes().named(Declarations.takes(window.takes())), t -> {
                    try {
                        List<Take> takes =
                                Declarations.readTakes(work.now().rowTypes().whole(t), window.takes());
                        work.change(
                                work.now().design().changing(name, w -> w.taking(takes)),
                                "what " + name + " takes changed");
                        return "";
                    } catch (Declarations.Wrong e) {
                        work.say(e.getMessage());
                        return e.getMessage();
                    }
                });
        line.setPromptText("nothing; for example bunk: whole, name: text = \"\"");
        return labelled("Takes", line);
    }

    private Node variables(FacedWindow f) {
        String name = f.name().shown();
        var line = new TextLine(
                "own-variables",
                "Own values",
                work.now().rowTypes().named(Declarations.variables(f.variables())),
                t -> {
                    try {
                        List<Variable> variables =
                                Declarations.readVariables(work.now().rowTypes().whole(t), f.variables());
                        work.change(
                                work.now().design().changingFace(name, w -> w.holding(variables)),
                                "own values of " + name + " changed");
                        return "";
                    } catch (Declarations.Wrong e) {
                        work.say(e.getMessage());
                        return e.getMessage();
                    }
                });
        line.setPromptText("none; for example changed: yesno = false");
        return labelled("Own", line);
    }

    /** What the system is told of the frame. */
    private Node frame(String window, String now) {
        var line = new TextLine("window-frame", "Frame", now, t -> {
            Design design = work.now().design();
            try {
                FacedWindow changed = FrameLine.read(t, design.faced(window).orElseThrow());
                work.change(design.changingFace(window, w -> changed), "frame of " + window + " changed");
                return "";
            } catch (Declarations.Wrong e) {
                work.say(e.getMessage());
                return e.getMessage();
            }
        });
        line.setPromptText("as usual; for example 480 x 320, least 320 x 200, stays on top");
        return labelled("Frame", line);
    }

    private static Node labelled(String word, Node line) {
        var label = Ui.label(word, "quiet", "face-word");
        HBox.setHgrow(line, Priority.ALWAYS);
        return Ui.row(8, label, line);
    }

    /** Puts the keyboard where the next step of the chosen script is typed. */
    private void toScript() {
        below.focusEnd();
    }

    @Override
    public boolean takes(KeyEvent key) {
        return ScreenView.moves(key, root, "step-line");
    }

    /** The next step is typed in the script, whatever of the chosen part is looked at. */
    @Override
    public void focus(String id) {
        if (id.equals("next-step") && root.getCenter() == columns) {
            below.focusEnd();
        } else {
            ScreenView.super.focus(id);
        }
    }

    /** Whoever goes to a script by a link goes there to write, whatever of it was looked at before. */
    @Override
    public void focusGone() {
        boolean writing = shown != null && shown.chosen().script().isPresent();
        if (writing && root.getCenter() == columns) {
            below.focusEnd();
        } else {
            focus();
        }
    }

    /** In the script that is chosen, where one is; else where parts are added. */
    @Override
    public void focus() {
        boolean writing = shown != null && shown.chosen().script().isPresent();
        Stream<String> places = writing
                ? Stream.of("next-step", "part-text", "part-label", "new-part")
                : Stream.of("new-part", "next-step", "box-text", "face-title");
        places.map(id -> Refocus.find(root, id))
                .filter(Objects::nonNull)
                .findFirst()
                .ifPresent(Node::requestFocus);
    }
}

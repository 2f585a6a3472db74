package bivouac.desktop.findings;

import bivouac.check.finding.Finding;
import bivouac.check.ways.Repair;
import bivouac.design.Accepted;
import bivouac.design.Design;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.Mark;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.TokenFlow;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.ScriptLines;
import java.time.LocalDate;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The finding that is chosen: where it stands, what it means, and what to do about it. */
final class FindingDetail extends HBox {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Work work;
    private final VBox where = Ui.styled(Ui.column(6), "finding-where");
    private final VBox what = Ui.styled(Ui.column(8), "finding-what");
    private final VBox ways = Ui.styled(Ui.column(8), "finding-ways");

    FindingDetail(Work work) {
        this.work = work;
        getStyleClass().add("finding-detail");
        getChildren().addAll(scrolled(where, 340), scrolled(what, 420), scrolled(ways, 310));
        HBox.setHgrow(getChildren().get(1), Priority.ALWAYS);
    }

    private static ScrollPane scrolled(VBox box, double width) {
        var scroll = Scrolling.down(box);
        scroll.setFitToHeight(true);
        scroll.setPrefWidth(width);
        scroll.setMinWidth(260);
        return scroll;
    }

    void show(Situation s, FindingsState.Row row) {
        where.getChildren().setAll(head("Where it stands", "before"));
        what.getChildren().setAll(head("What is wrong", "now"));
        ways.getChildren().setAll(head("What to do about it", "after"));
        row.finding()
                .ifPresentOrElse(
                        f -> finding(s, f, row.accepted()),
                        () -> gone(row.accepted().orElseThrow()));
    }

    private static Node head(String words, String time) {
        return Ui.row(8, Ui.label(words, "head"), Ui.spring(), Ui.label(time, "quiet"));
    }

    private void finding(Situation s, Finding f, Optional<Accepted> accepted) {
        f.trail().ifPresent(trail -> where.getChildren().setAll(new TrailSteps(work, f, trail)));
        if (f.trail().isPresent()) {
            where.getChildren().add(Ui.label("Where it stands", "head"));
        }
        place(s, f);
        what.getChildren()
                .addAll(
                        Ui.row(
                                6,
                                Weights.shape(f.weight()),
                                Ui.label(f.weight().word(), "weight-word"),
                                Ui.label(f.kind().cause().words(), "quiet")),
                        Ui.wrapped(f.what(), "strong"),
                        Ui.label("Why it matters", "head"),
                        Ui.wrapped(f.why(), "plain"));
        f.trail().filter(t -> s.isCompiled()).ifPresent(t -> what.getChildren().set(0, new SituationSketch(s, t)));
        if (accepted.isPresent()) {
            accepted(accepted.get());
            return;
        }
        for (int i = 0; i < f.repairs().size(); i++) {
            ways.getChildren().add(way(f, f.repairs().get(i), i));
        }
        if (f.repairs().isEmpty()) {
            ways.getChildren()
                    .add(Ui.wrapped(
                            "It takes a decision of yours. Go there, and put it right in the design.", "quiet"));
        }
        ways.getChildren().addAll(Ui.row(8, goThere(f)), accept(f));
    }

    private Button goThere(Finding f) {
        return Ui.button(
                "Go there", "finding-go", () -> work.goTo(f), f.repairs().isEmpty() ? "primary" : "secondary");
    }

    private Node way(Finding f, Repair repair, int number) {
        var words = Ui.column(2, Ui.wrapped(repair.words(), "strong"), Ui.wrapped(repair.about(), "quiet"));
        HBox.setHgrow(words, Priority.ALWAYS);
        Button does = Ui.button(
                "Do it",
                "finding-way-" + number,
                () -> work.putRight(f, repair),
                number == 0 ? "primary" : "secondary");
        does.setAccessibleText("Do it: " + repair.words());
        does.setMinWidth(USE_PREF_SIZE);
        return Ui.styled(Ui.row(10, words, does), "finding-way");
    }

    /** It is taken as it is, for a reason that is kept in the file. */
    private Node accept(Finding f) {
        var reason = new TextField();
        reason.setId("accept-because");
        reason.setPromptText("Accept it, because…");
        reason.setAccessibleText("Reason for accepting it");
        HBox.setHgrow(reason, Priority.ALWAYS);
        Button accept = Ui.button("Accept", "accept", () -> accept(f, reason.getText()), "secondary");
        accept.disableProperty().bind(reason.textProperty().map(String::isBlank));
        accept.setMinWidth(USE_PREF_SIZE);
        reason.setOnAction(e -> accept.fire());
        return Ui.row(8, reason, accept);
    }

    private void accept(Finding f, String because) {
        Design design = work.now().design();
        work.change(
                design.accepting(
                        new Accepted(f.what(), f.about(design), because.strip(), LocalDate.now(), f.isExplored())),
                "accepted: " + f.what());
    }

    private void accepted(Accepted accepted) {
        ways.getChildren()
                .addAll(
                        Ui.wrapped("Accepted on " + accepted.on() + ", because:", "quiet"),
                        Ui.wrapped(accepted.because(), "plain"),
                        notAny(accepted, "Accept it no more"));
    }

    private Button notAny(Accepted accepted, String words) {
        return Ui.button(
                words,
                "accept-no-more",
                () -> work.change(
                        work.now().design().notAccepting(accepted), "accepted no more: " + accepted.finding()),
                "secondary");
    }

    private void gone(Accepted accepted) {
        what.getChildren()
                .addAll(
                        Ui.wrapped(accepted.finding(), "strong"),
                        Ui.wrapped(
                                "It was accepted, and is not found any more: what it was about has changed.", "plain"));
        ways.getChildren()
                .addAll(
                        Ui.wrapped("Accepted on " + accepted.on() + ", because: " + accepted.because(), "quiet"),
                        notAny(accepted, "Forget it"));
    }

    /** The script with its step marked; else the window. */
    private void place(Situation s, Finding f) {
        Design design = s.design();
        f.place()
                .window()
                .flatMap(design::window)
                .ifPresentOrElse(
                        w -> where.getChildren()
                                .add(Ui.row(
                                        8, new Mark(w), Ui.shortened(w.name().shown(), "strong"))),
                        () -> where.getChildren()
                                .add(Ui.row(8, Mark.ofApplication(), Ui.label("The application", "strong"))));
        f.place().script().filter(p -> s.isCompiled()).ifPresent(p -> script(s, f, p));
        if (f.place().script().isEmpty()) {
            f.place().part().ifPresent(p -> where.getChildren().add(Ui.label(p, "value")));
        }
    }

    private void script(Situation s, Finding f, ScriptPlace place) {
        where.getChildren().add(Ui.label(place.words(), "quiet"));
        for (ScriptLines.Line line : ScriptLines.of(s.design(), place)) {
            var flow = new TokenFlow(line.tokens(), s.design());
            String number = line instanceof ScriptLines.StepLine step ? Integer.toString(step.number()) : "";
            var row = Ui.styled(Ui.row(0, Ui.styled(Ui.label(number), "step-number"), flow), "finding-step");
            HBox.setHgrow(flow, Priority.ALWAYS);
            HBox.setMargin(flow, new Insets(0, 0, 0, 16 * line.indent()));
            row.pseudoClassStateChanged(
                    WRONG,
                    line instanceof ScriptLines.StepLine step
                            && f.place().step().equals(Optional.of(step.path())));
            where.getChildren().add(row);
        }
    }

    /** Puts the keyboard on the first way to put it right, or on going there. */
    void focusFirst() {
        Node first = lookup("#finding-way-0");
        Node go = lookup("#finding-go");
        if (first != null) {
            first.requestFocus();
        } else if (go != null) {
            go.requestFocus();
        }
    }
}

package bivouac.desktop.findings;

import bivouac.design.Design;
import bivouac.design.Promise;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.explore.Explored;
import bivouac.explore.Offers;
import bivouac.explore.Promises;
import bivouac.explore.Told;
import bivouac.rehearsal.Trails;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What the developer promises of every situation: each with what became of it, and a line to state another. */
final class PromisesPane extends VBox {

    private static final double WIDTH = 320;
    private static final int MOST_OFFERED = 3;

    private final Work work;
    private final VBox list = Ui.column(2);
    private final TextField typed = new TextField();
    private List<Promise> shown = List.of();
    private Optional<Explored> answered = Optional.empty();

    PromisesPane(Work work) {
        super(8);
        this.work = work;
        setId("promises");
        getStyleClass().add("promises");
        setPrefWidth(WIDTH);
        setMinWidth(WIDTH);
        typed.setId("promise-typed");
        typed.setPromptText("never … · always … · after …");
        typed.setAccessibleText("State a promise");
        typed.setOnAction(e -> state());
        var scroll = Scrolling.down(list);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Ui.label("Promises of your own", "head"),
                        scroll,
                        typed,
                        Ui.wrapped(
                                "Checked in every situation, with the names of expressions: never app.unsaved &&"
                                        + " !isOpen(desk) · always at the end … · always possible to … · after … comes … before …",
                                "quiet"));
    }

    void show(Situation s) {
        List<Promise> promises = s.design().promises();
        Optional<Explored> explored = s.looked().isOf(s.program()) ? s.looked().explored() : Optional.empty();
        if (promises.equals(shown)
                && explored.equals(answered)
                && !list.getChildren().isEmpty()) {
            return;
        }
        shown = promises;
        answered = explored;
        list.getChildren().clear();
        if (promises.isEmpty()) {
            list.getChildren().add(Ui.wrapped("None yet. State what must never be, or must always hold.", "plain"));
        }
        for (int i = 0; i < promises.size(); i++) {
            boolean known =
                    explored.isPresent() && i < explored.get().promises().size();
            list.getChildren()
                    .add(row(
                            i,
                            promises.get(i),
                            known ? Optional.of(explored.get().promises().get(i)) : Optional.empty(),
                            explored));
        }
        offers(s.design());
    }

    /** What many would promise, to be taken with one press. */
    private void offers(Design design) {
        List<Promise> offers = Offers.of(design).stream().limit(MOST_OFFERED).toList();
        if (!offers.isEmpty()) {
            list.getChildren().add(Ui.styled(Ui.label("Often promised", "quiet"), "promise-offers"));
        }
        for (int i = 0; i < offers.size(); i++) {
            Promise offer = offers.get(i);
            var take = Ui.link("+ " + offer.sentence(), "promise-offer-" + i, () -> promise(offer));
            take.setAccessibleText("Promise: " + offer.sentence());
            take.setWrapText(true);
            list.getChildren().add(take);
        }
    }

    private Node row(int number, Promise promise, Optional<Promises.Answer> answer, Optional<Explored> explored) {
        String became =
                answer.flatMap(a -> explored.map(e -> Told.answer(e, a))).orElse("not checked yet");
        var words = Ui.column(
                1,
                Ui.wrapped(promise.sentence(), "promise-sentence"),
                Ui.styled(Ui.wrapped(became), "promise-answer", style(answer)));
        HBox.setHgrow(words, Priority.ALWAYS);
        var row = Ui.styled(
                Ui.row(8, Ui.styled(Ui.label(mark(answer)), "promise-mark", style(answer)), words), "promise");
        if (answer.orElse(null) instanceof Promises.Answer.Broken broken && explored.isPresent()) {
            var plays = Ui.button("Play it", "promise-play-" + number, () -> play(broken, explored.get()), "secondary");
            plays.setMinWidth(USE_PREF_SIZE);
            row.getChildren().add(plays);
        }
        var remove = Ui.button("×", "promise-remove-" + number, () -> remove(promise), "secondary");
        remove.setMinWidth(USE_PREF_SIZE);
        remove.setAccessibleText("Take back: " + promise.sentence());
        row.getChildren().add(remove);
        return row;
    }

    /** Three outcomes with three marks, so that colour is not all that tells them apart. */
    private static String mark(Optional<Promises.Answer> answer) {
        return answer.map(a -> switch (a) {
                    case Promises.Answer.Kept kept -> kept.completely() ? "✓" : "○";
                    case Promises.Answer.Broken b -> "◆";
                    case Promises.Answer.Unclear u -> "?";
                })
                .orElse("…");
    }

    private static String style(Optional<Promises.Answer> answer) {
        return answer.map(a -> switch (a) {
                    case Promises.Answer.Kept kept -> "promise-kept";
                    case Promises.Answer.Broken b -> "promise-broken";
                    case Promises.Answer.Unclear u -> "promise-broken";
                })
                .orElse("quiet");
    }

    private void play(Promises.Answer.Broken broken, Explored explored) {
        work.playTrail(
                Trails.lines(explored.question().machine(), explored.question().today(), broken.trail()),
                "Played up to where it is broken: " + broken.promise().sentence());
    }

    private void state() {
        if (typed.getText().isBlank()) {
            return;
        }
        Promise promise = Promise.of(typed.getText());
        if (promise instanceof Promise.Unclear) {
            work.say("That is no promise yet; write " + Promise.FORMS + ".");
            return;
        }
        typed.clear();
        promise(promise);
    }

    private void promise(Promise promise) {
        Design design = work.now().design();
        var all = new ArrayList<>(design.promises());
        if (!all.contains(promise)) {
            all.add(promise);
        }
        work.change(design.promising(all), "promised: " + promise.sentence());
    }

    private void remove(Promise promise) {
        Design design = work.now().design();
        work.change(
                design.promising(design.promises().stream()
                        .filter(p -> !p.equals(promise))
                        .toList()),
                "promise taken back: " + promise.sentence());
    }
}

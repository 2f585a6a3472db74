package bivouac.desktop.rehearse;

import bivouac.desktop.widget.LineField;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.plan.Program;
import bivouac.rehearsal.LooseEnd;
import bivouac.sentence.Completion;
import bivouac.sentence.LineCheck;
import bivouac.sentence.Typed;
import java.util.Optional;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/**
 * <em>What happens then?</em>, asked at the foot of the desk where a rehearsal meets something that nothing stands
 * behind. The step is typed there; the trail is replayed on the changed design, and the rehearsal goes on with it.
 */
final class ThenStrip extends HBox {

    private final Work work;
    private Optional<LooseEnd> shown = Optional.empty();
    private boolean dismissed;

    ThenStrip(Work work) {
        super(10);
        this.work = work;
        setId("then-strip");
        getStyleClass().add("then-strip");
        hide(true);
    }

    void show(Situation s) {
        Optional<LooseEnd> loose = LooseEnd.of(s.rehearsal());
        if (!loose.equals(shown)) {
            shown = loose;
            dismissed = false;
            getChildren().clear();
            loose.ifPresent(l -> ask(s, l));
        }
        hide(shown.isEmpty() || dismissed);
    }

    private void hide(boolean yes) {
        Ui.show(this, !yes);
    }

    private void ask(Situation s, LooseEnd loose) {
        Wiring.Prepared prepared = Wiring.prepare(s.design(), loose);
        // compiled only for offers and checks while the line is typed, and only once it is typed
        var program = new Object() {
            private Program made;

            Program get() {
                made = made == null ? Program.of(prepared.design()) : made;
                return made;
            }
        };
        var line = new LineField(
                        "what-then",
                        loose.ending().isPresent()
                                ? "type the step, or: nothing"
                                : "type the step: message, open, set, close…",
                        typed -> Completion.offers(program.get(), loose.place(), prepared.at(), typed),
                        (typed, byTab) -> finish(loose, typed))
                .checking(typed -> LineCheck.problem(program.get(), loose.place(), prepared.at(), typed))
                .onCancel(() -> {
                    dismissed = true;
                    hide(true);
                });
        HBox.setHgrow(line, Priority.ALWAYS);
        var question = Ui.label(loose.question(), "strong");
        question.setLabelFor(line.field());
        question.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(question, line);
    }

    private String finish(LooseEnd loose, String typed) {
        return switch (Wiring.read(work.now().design(), loose, typed)) {
            case Typed.Unfinished(String why) -> why;
            case Typed.Done done -> {
                work.change(done.design(), done.did());
                yield "";
            }
        };
    }

    /** Puts the keyboard where the step is typed; answers whether something is asked. */
    boolean focusLine() {
        var field = lookup("#what-then");
        if (isVisible() && field != null) {
            field.requestFocus();
            return true;
        }
        return false;
    }
}

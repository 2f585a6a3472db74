package bivouac.desktop.widget;

import bivouac.expression.Problem;
import bivouac.sentence.Completion;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

/**
 * A line that is typed, with offers under it. Tab takes the first offer, or the one chosen with the arrow keys; Enter
 * finishes the line; Escape gives it up. What is wrong is said under the line, and the line stays.
 */
public final class LineField extends VBox {

    /** What finishing a line came to: nothing to say, or why it is not finished. */
    public interface Finish {
        /** Empty if the line was taken. {@code byTab} tells how it was finished. */
        String finish(String line, boolean byTab);
    }

    private final TextField field = new TextField();
    private final Underline underlined = new Underline(field);
    private final VBox offers = new VBox();
    private final Label problem = Ui.wrapped("", "problem");
    private final Function<String, List<Completion.Offer>> completion;
    private final Finish finish;
    private Runnable cancel = () -> {};
    private Runnable up = () -> {};
    private Function<String, Optional<Problem>> check = line -> Optional.empty();
    private BiFunction<String, List<Completion.Offer>, Optional<Completion.Offer>> atEnter =
            (line, offers) -> Optional.empty();
    private List<Completion.Offer> shown = List.of();
    private int chosen;
    private boolean moved;

    public LineField(String id, String prompt, Function<String, List<Completion.Offer>> completion, Finish finish) {
        this.completion = completion;
        this.finish = finish;
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        getStyleClass().add("line-field");
        offers.getStyleClass().add("offers");
        getChildren().add(underlined);
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        field.textProperty().addListener((o, was, is) -> refresh());
        field.caretPositionProperty().addListener((o, was, is) -> refresh());
        field.focusedProperty().addListener((o, was, is) -> refresh());
    }

    public LineField onCancel(Runnable action) {
        cancel = action;
        return this;
    }

    /** What the upward arrow does where nothing is offered. */
    public LineField onUp(Runnable action) {
        up = action;
        return this;
    }

    /** Underlines what is wrong while the line is typed, and says why under it. */
    public LineField checking(Function<String, Optional<Problem>> problem) {
        check = problem;
        return this;
    }

    /** Which of the offers Enter takes for a line that is only begun; without it none where the line can be finished. */
    public LineField takingAtEnter(BiFunction<String, List<Completion.Offer>, Optional<Completion.Offer>> begun) {
        atEnter = begun;
        return this;
    }

    public TextField field() {
        return field;
    }

    /** Puts a line in, the caret behind it. */
    public LineField with(String line) {
        field.setText(line);
        field.end();
        return this;
    }

    private void pressed(KeyEvent e) {
        boolean open = !shown.isEmpty();
        if (e.getCode() == KeyCode.TAB && !e.isShiftDown() && open) {
            take(shown.get(chosen));
            e.consume();
        } else if (e.getCode() == KeyCode.TAB && !e.isShiftDown() && nextPlace()) {
            e.consume();
        } else if (e.getCode() == KeyCode.TAB
                && !e.isShiftDown()
                && !field.getText().isBlank()) {
            finish(true);
            e.consume();
        } else if (open && (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP)) {
            chosen = Math.floorMod(chosen + (e.getCode() == KeyCode.DOWN ? 1 : -1), shown.size());
            moved = true;
            draw();
            e.consume();
        } else if (e.getCode() == KeyCode.UP && !e.isAltDown()) {
            up.run();
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER) {
            Optional<Completion.Offer> begun = open && moved ? Optional.of(shown.get(chosen)) : begun();
            begun.ifPresentOrElse(this::take, () -> finish(false));
            e.consume();
        } else if (e.getCode() == KeyCode.ESCAPE) {
            say("");
            cancel.run();
            e.consume();
        }
    }

    /** Chooses the next value to fill: what stands after the next arrow. */
    private boolean nextPlace() {
        int arrow = field.getText().indexOf("← ", field.getSelection().getEnd());
        if (arrow < 0) {
            return false;
        }
        int from = arrow + 2;
        int comma = field.getText().indexOf(',', from);
        field.selectRange(from, comma < 0 ? field.getText().length() : comma);
        return true;
    }

    /** What the line is the beginning of, where it is typed to its end and means nothing by itself. */
    private Optional<Completion.Offer> begun() {
        String line = field.getText();
        return shown.isEmpty()
                        || field.getCaretPosition() < line.stripTrailing().length()
                ? Optional.empty()
                : atEnter.apply(line, shown);
    }

    /** A line that was taken is empty, wherever the keyboard is by then. */
    private void finish(boolean byTab) {
        String typed = field.getText();
        String why = finish.finish(typed, byTab);
        if (why.isEmpty() && field.getText().equals(typed)) {
            field.clear();
        }
        if (!why.isEmpty() && !shown.isEmpty()) {
            take(shown.get(chosen));
        } else {
            say(why);
        }
    }

    private void say(Problem wrong) {
        say(wrong.message());
        underlined.show(wrong.from(), wrong.to());
    }

    private void say(String why) {
        underlined.show(0, 0);
        problem.setText(why);
        getChildren().remove(problem);
        if (!why.isEmpty()) {
            getChildren().add(problem);
        }
    }

    private void take(Completion.Offer offer) {
        int caret = field.getCaretPosition();
        String rest = field.getText().substring(caret);
        field.setText(field.getText().substring(0, Math.min(offer.from(), caret)) + offer.text() + rest);
        field.selectRange(offer.selectFrom(), offer.selectTo());
    }

    private void refresh() {
        boolean typing = field.isFocused()
                && !field.getText().isEmpty()
                && field.getSelection().getLength() == 0;
        shown = typing ? completion.apply(field.getText().substring(0, field.getCaretPosition())) : List.of();
        chosen = 0;
        moved = false;
        draw();
        if (field.getSelection().getLength() > 0) {
            say("");
        }
        if (typing) {
            Optional<Problem> wrong = shown.isEmpty() ? check.apply(field.getText()) : Optional.empty();
            wrong.ifPresentOrElse(this::say, () -> say(""));
        }
    }

    private void draw() {
        offers.getChildren().clear();
        getChildren().remove(offers);
        for (int i = 0; i < shown.size(); i++) {
            Completion.Offer offer = shown.get(i);
            var line = Ui.label(offer.shown(), "offer");
            line.setMaxWidth(Double.MAX_VALUE);
            line.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("chosen"), i == chosen);
            line.setOnMousePressed(e -> take(offer));
            offers.getChildren().add(line);
        }
        if (!shown.isEmpty()) {
            getChildren().add(1, offers);
        }
    }
}

package bivouac.design;

import java.util.List;
import java.util.Optional;

/** Sets of buttons that the trade has ready: which, in order, which one Enter presses, and what Escape means. */
public enum ButtonSet {
    OK(List.of("OK"), 0, 0),
    OK_CANCEL(List.of("OK", "Cancel"), 0, 1),
    YES_NO(List.of("Yes", "No"), 0, 1),
    YES_NO_CANCEL(List.of("Yes", "No", "Cancel"), 0, 2),
    TRY_AGAIN_CANCEL(List.of("Try again", "Cancel"), 0, 1),
    TRY_AGAIN_SKIP_STOP(List.of("Try again", "Skip", "Stop"), 0, 2);

    private final List<String> texts;
    private final int byDefault;
    private final int escape;

    ButtonSet(List<String> texts, int byDefault, int escape) {
        this.texts = texts;
        this.byDefault = byDefault;
        this.escape = escape;
    }

    /** For people: the buttons, in order. */
    public String words() {
        return String.join(", ", texts);
    }

    /** The box with these buttons. */
    public MessageBox on(MessageBox box) {
        List<MessageBox.Answer> answers =
                texts.stream().map(MessageBox.Answer::of).toList();
        return box.answering(
                answers,
                Optional.of(answers.get(byDefault).ending()),
                Optional.of(answers.get(escape).ending()));
    }

    /** The set whose buttons a box has, whatever Enter and Escape mean there. */
    public static Optional<ButtonSet> of(MessageBox box) {
        List<String> texts =
                box.answers().stream().map(a -> AccessKey.without(a.text())).toList();
        for (ButtonSet set : values()) {
            if (set.texts.equals(texts)) {
                return Optional.of(set);
            }
        }
        return Optional.empty();
    }
}

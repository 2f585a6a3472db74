package frame;

import desk.Desk;
import desk.DeskWindow;
import desk.Ending;
import desk.Manner;
import desk.Way;
import java.util.List;

/**
 * What a message box asks, and how it is answered (C7).
 *
 * @param <A> its answers
 */
public abstract class Question<A extends Enum<A> & Ending> extends Asked {

    private final String text;
    private final List<A> answers;
    private final A escape;

    /** @param escape the answer of close box and Escape; null for none */
    protected Question(Desk desk, String name, String text, List<A> answers, A escape) {
        super(desk, name, false);
        this.text = text;
        this.answers = List.copyOf(answers);
        this.escape = escape;
    }

    /** Asks, and waits for the answer. */
    @SuppressWarnings("unchecked")
    public A ask(DeskWindow asker, DeskWindow owner, Manner manner) {
        return (A) desk.ask(asker, owner, manner, this);
    }

    /** As pressing a button of it. */
    public void answer(A answer) {
        desk.answer(this, () -> answer);
    }

    /** The same, by the words of the answer; for those who drive it. */
    public void answer(String words) {
        answers.stream().filter(a -> a.words().equals(words)).findFirst().ifPresentOrElse(this::answer, () -> {
            throw new IllegalArgumentException("there is no answer " + words);
        });
    }

    @Override
    public void closeBoxUsed() {
        if (escape != null) {
            answer(escape);
        }
    }

    @Override
    protected Ending endingFor(Way way) {
        return escape;
    }

    @Override
    protected String asks() {
        return text;
    }
}

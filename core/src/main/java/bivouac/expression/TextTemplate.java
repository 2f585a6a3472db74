package bivouac.expression;

import bivouac.design.Braces;
import bivouac.design.Expression;
import java.util.ArrayList;
import java.util.List;

/** A text with expressions in braces, compiled (P3). */
public final class TextTemplate<E extends Surroundings> {

    private sealed interface Piece<E extends Surroundings> {
        record Plain<E extends Surroundings>(String text) implements Piece<E> {}

        record Live<E extends Surroundings>(Compiled<E> expression) implements Piece<E> {}
    }

    private final List<Piece<E>> pieces;
    private final List<Problem> problems;
    private final boolean live;
    private final boolean mayFault;

    private TextTemplate(List<Piece<E>> pieces, List<Problem> problems, boolean live, boolean mayFault) {
        this.pieces = List.copyOf(pieces);
        this.problems = List.copyOf(problems);
        this.live = live;
        this.mayFault = mayFault;
    }

    public static <E extends Surroundings> TextTemplate<E> compile(String text, Scope<E> scope) {
        var pieces = new ArrayList<Piece<E>>();
        var problems = new ArrayList<Problem>();
        boolean live = false;
        boolean mayFault = false;
        for (Braces.Piece piece : Braces.pieces(text)) {
            switch (piece) {
                case Braces.Piece.Plain(String plain) -> pieces.add(new Piece.Plain<>(plain));
                case Braces.Piece.Inserted(String source, int at) -> {
                    Compiled<E> compiled = Expressions.compile(new Expression(source), scope);
                    compiled.problems().forEach(p -> problems.add(p.moved(p.message(), at)));
                    pieces.add(new Piece.Live<>(compiled));
                    live = true;
                    mayFault |= compiled.mayFault();
                }
                case Braces.Piece.Unclosed(String rest, int at) -> {
                    problems.add(new Problem(
                            "the brace is never closed; write {{ for a brace that is to be seen",
                            at - 1,
                            text.length()));
                    pieces.add(new Piece.Plain<>("{" + rest));
                }
            }
        }
        return new TextTemplate<>(pieces, problems, live, mayFault);
    }

    /** The expressions in it, in order. */
    public List<Compiled<E>> expressions() {
        return pieces.stream()
                .filter(Piece.Live.class::isInstance)
                .map(p -> ((Piece.Live<E>) p).expression())
                .toList();
    }

    /** The text of one that holds no expression. */
    public String plain() {
        var out = new StringBuilder();
        for (Piece<E> piece : pieces) {
            if (piece instanceof Piece.Plain<E>(String text)) {
                out.append(text);
            }
        }
        return out.toString();
    }

    /** Whether it holds an expression. */
    public boolean isLive() {
        return live;
    }

    public boolean mayFault() {
        return mayFault;
    }

    /** What is wrong in it, with places in the whole text. */
    public List<Problem> problems() {
        return problems;
    }

    /**
     * The text as it stands in the given surroundings; {@link EvaluationFault} where a value is missing,
     * {@link TooMuchWork} where it grows too long.
     */
    public String text(E from) {
        if (pieces.size() == 1 && pieces.getFirst() instanceof Piece.Plain<E>(String only)) {
            return only;
        }
        var out = new StringBuilder();
        for (Piece<E> piece : pieces) {
            switch (piece) {
                case Piece.Plain<E>(String text) -> out.append(text);
                case Piece.Live<E>(Compiled<E> expression) ->
                    out.append(expression.evaluate(from).shown());
            }
            Texts.checkLength(out.length());
        }
        from.budget().spend(out.length() / Budget.CHARACTERS);
        return out.toString();
    }
}

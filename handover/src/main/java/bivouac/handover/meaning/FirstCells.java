package bivouac.handover.meaning;

import bivouac.design.Type;
import bivouac.expression.Texts;
import java.util.Optional;

/** What is typed as the first rows of a list, as the rehearsal reads it. */
public final class FirstCells {

    private FirstCells() {}

    /** The value of a cell; absent where the text is no value of its column, which starts as its type does then. */
    public static Optional<Say> say(String typed, Type column) {
        return PlainTypes.of(column) instanceof Type.Plain plain
                ? Texts.as(plain, typed).map(v -> new Say.Literal(v, plain))
                : Optional.empty();
    }
}

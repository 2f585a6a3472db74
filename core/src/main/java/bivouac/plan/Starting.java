package bivouac.plan;

import bivouac.design.Type;
import bivouac.expression.Compiled;
import bivouac.expression.TextTemplate;
import bivouac.expression.Value;
import java.time.LocalDate;
import java.util.Optional;

/** How the first values of a new window are made (O4): a fault is met, and something that fits stands there instead. */
public interface Starting {

    LocalDate today();

    /** The text, or an empty one after a fault. */
    String text(TextTemplate<Reading> text);

    /** The value; after a fault what the type starts with, and {@code otherwise} where nothing is said. */
    Value value(Optional<Compiled<Reading>> said, Type type, Value otherwise);
}

package bivouac.handover.script;

import bivouac.design.Type;
import bivouac.handover.meaning.Say;
import java.util.Optional;

/**
 * What is handed over, or given back, under a name.
 *
 * @param name the expression name of the take, the column or the give
 * @param value absent where the type's first value is meant
 */
public record Handed(String name, Type type, Optional<Say> value) {}

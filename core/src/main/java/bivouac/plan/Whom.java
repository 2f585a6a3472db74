package bivouac.plan;

import bivouac.design.Target;
import bivouac.expression.Compiled;
import java.util.Optional;

/**
 * Whom a step means, as far as that is known before it is run (R2).
 *
 * @param window the number of the window that it is; -1 where that is known only when it is run
 * @param keptAt where the instance is kept, if the target says so
 * @param key the key of the instance, if the target says one
 */
public record Whom(Target target, int window, Optional<KeptAt> keptAt, Optional<Compiled<Reading>> key) {

    /** Whether it is all open instances of a window. */
    public boolean isEvery() {
        return target instanceof Target.Every;
    }
}

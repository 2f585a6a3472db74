package bivouac.design;

import java.util.Optional;

/** A value that a window is handed when it opens (O2). One without a default has to be handed over. */
public record Take(Name name, Type type, Optional<Expression> byDefault) {

    public static Take of(String name, Type type) {
        return new Take(Name.of(name), type, Optional.empty());
    }
}

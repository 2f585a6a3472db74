package bivouac.design;

import java.util.Objects;

/**
 * An expression as written, in CEL (rule V2). Whether it parses and type-checks depends on where it stands; that is
 * said by the findings.
 */
public record Expression(String source) {
    public Expression {
        Objects.requireNonNull(source, "source");
    }

    public boolean isBlank() {
        return source.isBlank();
    }

    /** Whether nothing but <em>no</em> is written. */
    public boolean isNo() {
        return source.strip().equals("false");
    }

    @Override
    public String toString() {
        return source;
    }
}

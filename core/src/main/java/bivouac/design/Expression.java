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

    /** A text as a CEL string literal. */
    static String literal(String text) {
        var out = new StringBuilder("\"");
        text.chars().forEach(c -> {
            if (c == '"' || c == '\\') {
                out.append('\\').append((char) c);
            } else if (Character.isISOControl(c)) {
                out.append(String.format("\\u%04x", c));
            } else {
                out.append((char) c);
            }
        });
        return out.append('"').toString();
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

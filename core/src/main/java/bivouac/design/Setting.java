package bivouac.design;

/** Whether a part is enabled, visible, or read-only: a value that steps may set, or a condition that it follows (P1). */
public sealed interface Setting {

    Setting YES = new Fixed(true);
    Setting NO = new Fixed(false);

    /** Starts so, and may be set. */
    record Fixed(boolean value) implements Setting {}

    /** Follows the condition, and cannot be set. */
    record Follows(Expression condition) implements Setting {}
}

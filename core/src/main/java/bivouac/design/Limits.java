package bivouac.design;

/**
 * How large the things of a design may be. Decided here once: what reads files, what writes them, what compiles and
 * what acts out all keep to it, so that whatever a person can make can be saved, read again and rehearsed.
 */
public final class Limits {

    /** The most characters of one text, in UTF-16 units; of a value while a design is rehearsed, too (X6). */
    public static final int LONGEST_TEXT = 1_000_000;

    /** How deep steps may stand inside each other. */
    public static final int DEEPEST_STEPS = 50;

    /** The most steps of the named scripts that one script does, each counted as often as it is done (W7). */
    public static final int MOST_DONE = 50_000;

    /** How deep lists and rows may stand inside each other in a type. */
    public static final int DEEPEST_TYPE = 20;

    /** The most characters of an expression, in code points. */
    public static final int LONGEST_EXPRESSION = 20_000;

    /** How deep brackets and choices ({@code ? :}) may stand inside each other in an expression. */
    public static final int DEEPEST_EXPRESSION = 50;

    /** The most signs of one expression: what joins, compares or turns round. */
    public static final int MOST_SIGNS = 500;

    /** The most words of one name in an expression, with points between. */
    public static final int MOST_WORDS = 20;

    /** The largest size of a pattern for {@code matches}, with its counts multiplied out. */
    public static final int LARGEST_PATTERN = 10_000;

    /** The largest design file, in bytes. Designs of a thousand windows have about three million. */
    public static final long LARGEST_FILE = 64L << 20;

    /** The most values of a design file. */
    public static final int MOST_VALUES = 2_000_000;

    /** The most points of a picture that is shown. */
    public static final long MOST_POINTS = 40_000_000;

    private Limits() {}
}

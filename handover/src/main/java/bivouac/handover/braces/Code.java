package bivouac.handover.braces;

/**
 * A piece of an expression.
 *
 * @param grip how tightly it holds together
 */
public record Code(String text, Grip grip) {

    /** How tightly a piece holds together; one that stands inside a tighter one is put in brackets. */
    public enum Grip {
        CHOICE,
        OR,
        AND,
        EQUAL,
        ORDER,
        SUM,
        PRODUCT,
        SIGN,
        WORD
    }

    public static Code word(String text) {
        return new Code(text, Grip.WORD);
    }

    /** As it stands where it has to hold at least so tightly. */
    public String in(Grip least) {
        return grip.compareTo(least) < 0 ? "(" + text + ")" : text;
    }
}

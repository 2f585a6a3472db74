package desk;

/** Why a window closes: the way out, and the ending that it leads to (C2, C5). */
public record Closing(Way way, Ending ending) {

    /** The way in words, as scripts compare it. */
    public String by() {
        return way.words();
    }

    /** The ending in words; empty where there is none. */
    public String to() {
        return ending == null ? "" : ending.words();
    }
}

package bivouac.design;

/** The ways of closing a window that are no <em>close</em> step (C1). */
public enum Way {
    CLOSE_BOX("close box"),
    ESCAPE("Escape"),
    OWNER_CLOSING("owner closing"),
    DEPARTURE("departure"),
    SESSION_ENDING("session ending");

    /** The value of {@code way} when a <em>close</em> step, of the window itself or of another, closes it (C2). */
    public static final String CLOSE_STEP = "close step";

    private final String words;

    Way(String words) {
        this.words = words;
    }

    /** As it stands in files and on screens, and as the value of {@code way}. */
    public String words() {
        return words;
    }

    /** Close box and Escape may be absent or press a part; the others always lead to an ending. */
    public boolean isOfTheUser() {
        return this == CLOSE_BOX || this == ESCAPE;
    }
}

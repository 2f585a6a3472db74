package desk;

/** By which way a window is asked to close (C1). */
public enum Way {
    CLOSE_STEP("close step"),
    CLOSE_BOX("close box"),
    ESCAPE("Escape"),
    OWNER_CLOSING("owner closing"),
    DEPARTURE("departure"),
    SESSION_ENDING("session ending");

    private final String words;

    Way(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}

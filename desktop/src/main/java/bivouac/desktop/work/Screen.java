package bivouac.desktop.work;

/** The screens, in the order of the work; {@code Ctrl} and its number goes to each. */
public enum Screen {
    OVERVIEW("Overview", 1),
    WINDOW("Window", 2),
    REHEARSAL("Rehearsal", 3),
    CLOSINGS("Closings", 4),
    MESSAGES("Messages", 5),
    DEPARTURE("Departure", 6),
    FINDINGS("Findings", 7),
    HANDOVER("Handover", 8);

    private final String word;
    private final int number;

    Screen(String word, int number) {
        this.word = word;
        this.number = number;
    }

    public String word() {
        return word;
    }

    /** The digit that goes to it; digits of screens that do not exist yet stay free. */
    public int number() {
        return number;
    }
}

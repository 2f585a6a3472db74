package bivouac.desktop.work;

/** The screens, in the order of the work; {@code Ctrl} and its number goes to each. */
public enum Screen {
    OVERVIEW("Overview"),
    WINDOW("Window"),
    REHEARSAL("Rehearsal");

    private final String word;

    Screen(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    public int number() {
        return ordinal() + 1;
    }
}

package bivouac.handover;

import java.util.Optional;

/** For what a program is written. */
public enum Toolkit {
    JAVAFX("javafx", "JavaFX");

    private final String word;
    private final String shown;

    Toolkit(String word, String shown) {
        this.word = word;
        this.shown = shown;
    }

    /** As on the command line. */
    public String word() {
        return word;
    }

    /** As people call it. */
    public String shown() {
        return shown;
    }

    public static Optional<Toolkit> of(String word) {
        for (Toolkit toolkit : values()) {
            if (toolkit.word.equals(word)) {
                return Optional.of(toolkit);
            }
        }
        return Optional.empty();
    }
}

package bivouac.sentence;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Careful ways that every application needs, each said in one line and made in one go; then ordinary, editable steps. */
public enum CarefulWay {
    ASK_BEFORE_LOSING("ask before unsaved work is lost"),
    ASK_BEFORE_REMOVING("ask before removing"),
    REMEMBER_PLACE("remember size and place"),
    ONE_FILE("one file open at a time"),
    ONE_INSTANCE("one instance of the application"),
    WORK_BREAKS("say when work breaks"),
    WINDOW_MENU("window menu"),
    EDIT_MENU("edit menu"),
    OPEN_FILES("open files from outside"),
    DROP_FILES("take dropped files"),
    WATCH_FILE("watch the open file");

    private final String words;

    CarefulWay(String words) {
        this.words = words;
    }

    /** As it is typed. */
    public String words() {
        return words;
    }

    /** The way that a line is, however it is spaced. */
    static Optional<CarefulWay> of(String line) {
        String plain = line.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
        return List.of(values()).stream().filter(w -> w.words.equals(plain)).findFirst();
    }
}

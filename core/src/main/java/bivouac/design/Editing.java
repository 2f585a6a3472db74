package bivouac.design;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a menu command does to the field that has the keyboard where it runs no script (P6): the platform's own, in the words and
 * with the keys that platforms have for it.
 */
public enum Editing {
    UNDO("undo", "&Undo", "Ctrl+Z"),
    REDO("redo", "&Redo", "Ctrl+Y"),
    CUT("cut", "Cu&t", "Ctrl+X"),
    COPY("copy", "&Copy", "Ctrl+C"),
    PASTE("paste", "&Paste", "Ctrl+V"),
    SELECT_ALL("select all", "Select &all", "Ctrl+A");

    private final String words;
    private final String text;
    private final String shortcut;

    Editing(String words, String text, String shortcut) {
        this.words = words;
        this.text = text;
        this.shortcut = shortcut;
    }

    /** As it is typed, stands in files and is read on screens. */
    public String words() {
        return words;
    }

    /** What stands in a menu where nobody says otherwise, with its access key. */
    public String text() {
        return text;
    }

    /** The keys that every field knows it by. */
    public String shortcut() {
        return shortcut;
    }

    /** Whether a line parts it from those before it, as menus usually have it. */
    public boolean beginsGroup() {
        return this == CUT || this == SELECT_ALL;
    }

    public static Optional<Editing> of(String words) {
        return Stream.of(values()).filter(e -> e.words.equals(words)).findFirst();
    }

    /** All of them in their words. */
    public static List<String> allWords() {
        return Stream.of(values()).map(Editing::words).toList();
    }
}

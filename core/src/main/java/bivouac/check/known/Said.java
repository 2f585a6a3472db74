package bivouac.check.known;

import bivouac.design.AccessKey;
import java.util.List;
import java.util.Locale;

/**
 * What a person means by the words of a button, a command or an ending, as far as its first words tell. Words count whole,
 * never as beginnings of others: <em>Backup</em> is not <em>back</em>. All lists of such words stand here, and nowhere else.
 * Words are weak: where a box names its Escape, that outweighs them, and where only words speak, a finding is a hint.
 */
public enum Said {
    /** All stays as it is: the window is not closed. */
    STAYS(
            "cancel",
            "stay",
            "back.",
            "back to",
            "go back",
            "return to",
            "keep open",
            "keep editing",
            "keep working",
            "continue editing",
            "continue working",
            "don't close",
            "do not close",
            "no"),

    /** The row stays where it stands. */
    KEEPS_THE_ROW("keep", "no", "cancel", "stay", "back.", "back to", "go back", "leave it"),

    /** Something is lost that cannot be had back. */
    DESTROYS(
            "delete",
            "remove",
            "discard",
            "erase",
            "clear",
            "overwrite",
            "replace",
            "leave unsaved",
            "don't save",
            "do not save",
            "throw away",
            "drop",
            "forget",
            "abandon",
            "check out",
            "reset",
            "cancel the booking"),

    /** Something is done for what would be lost. */
    PROMISES("save", "write", "store", "try again", "retry", "back up", "export", "send"),

    /** What is there is kept, before a window closes. */
    KEEPS("keep"),

    /** An ending at which it did not work out. */
    FAILED(
            "fail",
            "fails",
            "failed",
            "failure",
            "could not",
            "couldn't",
            "cannot",
            "can't",
            "error",
            "refused",
            "rejected",
            "denied",
            "not",
            "no",
            "broken",
            "broke",
            "timed out",
            "timeout",
            "unreadable",
            "unreachable",
            "lost",
            "full",
            "disk full",
            "aborted"),

    /** The end of the whole application. */
    ENDS("exit", "quit", "end the application", "end the program", "leave the application", "shut down"),

    /** The end of all, where it stands on the one window that is there from start to end. */
    LEAVES_ALL("leave.", "end."),

    /** The end of one window. */
    CLOSES("close"),

    /** A window is done with: whoever presses it expects it to go. */
    FINISHES("ok.", "done.", "finish.", "close.", "cancel."),

    /** What else stands on a button of a dialog that may end the application: a person can tell what it does. */
    LEAVES("leave", "log out", "log off", "sign out", "stop", "end");

    private final List<String> words;

    Said(String... words) {
        this.words = List.of(words);
    }

    /** Whether a text begins with one of the words; one with a point behind it has to be the whole text. */
    public boolean by(String text) {
        String plain = AccessKey.without(text)
                .strip()
                .toLowerCase(Locale.ROOT)
                .replace('’', '\'')
                .replaceAll("[.…]+$", "");
        return words.stream()
                .anyMatch(w -> w.endsWith(".") ? plain.equals(w.substring(0, w.length() - 1)) : begins(plain, w));
    }

    private static boolean begins(String text, String words) {
        return text.startsWith(words) && (text.length() == words.length() || !isOfAWord(text.charAt(words.length())));
    }

    private static boolean isOfAWord(char c) {
        return Character.isLetterOrDigit(c) || c == '\'';
    }
}

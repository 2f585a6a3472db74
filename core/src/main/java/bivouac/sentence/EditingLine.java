package bivouac.sentence;

import bivouac.design.Editing;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What a menu command does to the field that has the keyboard (P6), as it is typed behind its text: {@code Cut does cut}. */
public final class EditingLine {

    private static final String DOES = "does ";

    private EditingLine() {}

    /** What stands in the menu, and what it does, if that is one of the platform's own. */
    record Split(String text, Optional<Editing> does) {

        /** As much as was typed, and else what the platform says. */
        String textOr() {
            return text.isEmpty() && does.isPresent() ? does.get().text() : text;
        }
    }

    /** Where it ends with none of them, all of it is the text. */
    static Split split(String typed) {
        String line = " " + typed;
        int at = line.lastIndexOf(" " + DOES);
        Optional<Editing> does = at < 0
                ? Optional.empty()
                : Editing.of(
                        StepTyping.lower(line.substring(at + 1 + DOES.length()).strip()));
        return does.isEmpty()
                ? new Split(typed, does)
                : new Split(line.substring(0, at).strip(), does);
    }

    /** As it is typed into the settings of a command; nothing where it runs its script. */
    public static Optional<Editing> read(String typed) throws Declarations.Wrong {
        String words = StepTyping.lower(typed.strip());
        if (words.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(Editing.of(words)
                .orElseThrow(() -> new Declarations.Wrong("It can do " + String.join(", ", Editing.allWords())
                        + "; leave it empty where it runs its script.")));
    }

    /** All that can be said behind the text of a command. */
    static List<String> offers() {
        return Stream.of(Editing.values()).map(e -> DOES + e.words()).toList();
    }
}

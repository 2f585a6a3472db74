package bivouac.check;

import java.util.List;
import java.util.Locale;

/** What a person means by the words of a button or an ending, as far as its first words tell. */
final class FirstWords {

    private FirstWords() {}

    /** @param plain without access keys */
    static boolean begins(List<String> words, String plain) {
        String text = plain.strip().toLowerCase(Locale.ROOT) + " ";
        return words.stream().anyMatch(text::startsWith);
    }
}

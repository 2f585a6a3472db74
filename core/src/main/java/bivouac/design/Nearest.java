package bivouac.design;

import java.util.Collection;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;

/** The word that was probably meant by one that is not known. */
public final class Nearest {

    /** As many letters may be wrong. */
    private static final int MOST = 2;

    private Nearest() {}

    /** The nearest of the known words, if one is so near that it was probably meant; case does not count. */
    public static Optional<String> to(String word, Collection<String> known) {
        record Near(String word, int distance) {}
        String wanted = word.toLowerCase(Locale.ROOT);
        return known.stream()
                .filter(k -> Math.abs(k.length() - wanted.length()) <= MOST)
                .map(k -> new Near(k, distance(wanted, k.toLowerCase(Locale.ROOT))))
                .filter(n -> n.distance() <= MOST && n.distance() < Math.max(2, wanted.length()))
                .min(Comparator.comparingInt(Near::distance).thenComparing(Near::word))
                .map(Near::word);
    }

    /** The least number of letters changed, put in or left out to make one word the other. */
    static int distance(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int change = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(change, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }
}

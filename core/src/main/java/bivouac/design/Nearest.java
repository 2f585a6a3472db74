package bivouac.design;

import java.util.Collection;
import java.util.Locale;
import java.util.Optional;

/** The word that was probably meant by one that is not known. */
public final class Nearest {

    /** As many letters may be wrong. */
    private static final int MOST = 2;

    private Nearest() {}

    /** The nearest of the known words, if one is so near that it was probably meant; case does not count. */
    public static Optional<String> to(String word, Collection<String> known) {
        String wanted = word.toLowerCase(Locale.ROOT);
        Optional<String> nearest = Optional.empty();
        int least = Math.min(MOST + 1, Math.max(2, wanted.length()));
        for (String one : known) {
            if (Math.abs(one.length() - wanted.length()) < least && isAlike(wanted, one)) {
                int distance = distance(wanted, one.toLowerCase(Locale.ROOT));
                boolean first = nearest.filter(n -> n.compareTo(one) <= 0).isEmpty();
                if (distance < least || distance == least && nearest.isPresent() && first) {
                    least = distance;
                    nearest = Optional.of(one);
                }
            }
        }
        return nearest;
    }

    /** Hardly anybody mistypes both the first and the last letter; so most words need not be compared at length. */
    private static boolean isAlike(String wanted, String one) {
        return !wanted.isEmpty()
                && !one.isEmpty()
                && (letter(wanted, wanted.lastIndexOf('.') + 1) == letter(one, one.lastIndexOf('.') + 1)
                        || letter(wanted, wanted.length() - 1) == letter(one, one.length() - 1));
    }

    private static char letter(String word, int at) {
        return at < word.length() ? Character.toLowerCase(word.charAt(at)) : ' ';
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

package bivouac.design;

import java.util.Collection;
import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The word that was probably meant by one that is not known. */
public final class Nearest {

    /** As many letters may be wrong. */
    private static final int MOST = 2;

    /** What people call what file dialogs and pickers give. */
    private static final Map<String, String> ALSO_CALLED = Map.of(
            "file", "path",
            "folder", "path",
            "filename", "path",
            "files", "paths",
            "font", "value",
            "colour", "value",
            "color", "value",
            "date", "value");

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

    /**
     * The name that was probably meant: by another word for it, with letters wrong, without the kind that names of parts
     * end in, or without what stands before its last point.
     */
    public static Optional<String> named(String name, Collection<String> known) {
        int dot = name.lastIndexOf('.');
        String last = name.substring(dot + 1);
        String called = name.substring(0, dot + 1) + ALSO_CALLED.getOrDefault(last, last);
        if (dot > 0 && !called.equals(name) && known.contains(called)) {
            return Optional.of(called);
        }
        return to(name, known)
                .or(() -> shortest(known.stream().filter(k -> isBegunBy(name, k))))
                .or(() -> shortest(
                        known.stream().filter(k -> k.endsWith("." + last) && k.length() <= name.length() + 7)));
    }

    private static Optional<String> shortest(Stream<String> names) {
        return names.min(Comparator.comparingInt(String::length).thenComparing(k -> k));
    }

    /** {@code me.who} begins {@code me.whoField}: each of its words is one of the other's, or goes on with a capital. */
    private static boolean isBegunBy(String name, String known) {
        String[] mine = name.split("\\.");
        String[] theirs = known.split("\\.");
        if (mine.length != theirs.length || mine.length < 2) {
            return false;
        }
        for (int i = 0; i < mine.length; i++) {
            boolean goesOn = theirs[i].startsWith(mine[i])
                    && (theirs[i].length() == mine[i].length()
                            || Character.isUpperCase(theirs[i].charAt(mine[i].length())));
            if (!goesOn) {
                return false;
            }
        }
        return true;
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

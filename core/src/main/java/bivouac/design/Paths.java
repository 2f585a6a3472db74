package bivouac.design;

import java.util.List;

/** Finds and replaces dotted names in CEL source without parsing it, so that a rename carries wrong expressions too. */
final class Paths {

    private Paths() {}

    /**
     * {@code source} with every dotted name that begins with {@code from} beginning with {@code to} instead. Strings
     * are left alone, and so is a name that follows a dot (it is a member of something else).
     */
    static String replace(String source, List<String> from, List<String> to) {
        var out = new StringBuilder(source.length());
        int i = 0;
        while (i < source.length()) {
            char c = source.charAt(i);
            if (c == '"' || c == '\'') {
                int end = endOfString(source, i);
                out.append(source, i, end);
                i = end;
            } else if (Character.isJavaIdentifierStart(c) && c != '$') {
                int end = match(source, i, from);
                if (end > 0 && !followsDot(source, i)) {
                    out.append(String.join(".", to));
                    i = end;
                } else {
                    int wordEnd = endOfWord(source, i);
                    out.append(source, i, wordEnd);
                    i = wordEnd;
                }
            } else {
                out.append(c);
                i++;
            }
        }
        return out.toString();
    }

    private static boolean followsDot(String source, int at) {
        int i = at - 1;
        while (i >= 0 && Character.isWhitespace(source.charAt(i))) {
            i--;
        }
        return i >= 0 && source.charAt(i) == '.';
    }

    /** Where a match of the dotted name that starts at {@code at} ends; -1 if there is none. */
    private static int match(String source, int at, List<String> name) {
        int i = at;
        for (int n = 0; n < name.size(); n++) {
            int end = endOfWord(source, i);
            if (!source.substring(i, end).equals(name.get(n))) {
                return -1;
            }
            i = end;
            if (n < name.size() - 1) {
                if (i >= source.length() || source.charAt(i) != '.') {
                    return -1;
                }
                i++;
            }
        }
        return i;
    }

    private static int endOfWord(String source, int from) {
        int i = from;
        while (i < source.length() && Character.isJavaIdentifierPart(source.charAt(i))) {
            i++;
        }
        return i;
    }

    private static int endOfString(String source, int from) {
        char quote = source.charAt(from);
        for (int i = from + 1; i < source.length(); i++) {
            if (source.charAt(i) == '\\') {
                i++;
            } else if (source.charAt(i) == quote) {
                return i + 1;
            }
        }
        return source.length();
    }
}

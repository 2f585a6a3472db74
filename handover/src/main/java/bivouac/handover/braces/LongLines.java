package bivouac.handover.braces;

/** Breaks lines that are too long where a person would: behind a comma or before a sign, the outermost first. */
public final class LongLines {

    /** Columns of a line at the most. */
    private static final int MOST = 120;

    private static final String FURTHER = "        ";

    private LongLines() {}

    /** Adds a line, as several where it is too long. */
    public static void wrap(StringBuilder out, String line) {
        String rest = line;
        String indent = line.substring(0, line.length() - line.stripLeading().length()) + FURTHER;
        while (rest.length() > MOST) {
            int at = best(rest, rest.length() - rest.stripLeading().length());
            if (at < 0) {
                break;
            }
            out.append(rest.substring(0, at).stripTrailing()).append('\n');
            rest = indent + rest.substring(at).stripLeading();
        }
        out.append(rest).append('\n');
    }

    /** The place furthest right that fits and lies outermost; -1 for none. */
    private static int best(String line, int from) {
        int best = -1;
        int least = Integer.MAX_VALUE;
        int depth = 0;
        boolean quoted = false;
        for (int i = from; i < Math.min(line.length(), MOST); i++) {
            char c = line.charAt(i);
            if (c == '"') {
                quoted = !quoted;
            } else if (quoted) {
                i += c == '\\' ? 1 : 0;
            } else if (c == '(') {
                depth++;
                // an opening bracket is left only where nothing better is there
                if (least == Integer.MAX_VALUE && best < 0 && i > from + 20) {
                    best = i + 1;
                }
            } else if (c == ')') {
                depth--;
            } else if (isBreak(line, i) && i > from + 20 && (depth <= least || least == Integer.MAX_VALUE)) {
                least = depth;
                best = i + 1;
            }
        }
        return best;
    }

    private static boolean isBreak(String line, int at) {
        return line.charAt(at) == ','
                || line.charAt(at) == ' '
                        && (line.startsWith(" instanceof ", at)
                                || line.startsWith(" ? ", at)
                                || line.startsWith(" : ", at)
                                || line.startsWith(" + ", at)
                                || line.startsWith(" && ", at)
                                || line.startsWith(" || ", at)
                                || line.startsWith(" implements ", at));
    }
}

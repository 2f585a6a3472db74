package bivouac.testkit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A mistake that a person makes in a design of every day, as lines that are other than they should be. It stands at the foot of
 * the design's text:
 *
 * <pre>
 * mistake closing: Stay closes        what kind it is, and what is wrong
 * - when stay                         a line less; {@code #2} after it means the second of these words
 * - stay open
 * + when stay nothing                 a line more, where the line before went
 * </pre>
 */
public record Slip(Kind kind, String what, List<Change> changes) {

    /** What a mistake is about; about those that are grave nothing may slip through. */
    public enum Kind {
        CLOSING,
        ENDING,
        REMOVING,
        LOSING,
        OPENING,
        HANDING,
        VALUES,
        FILES,
        MESSAGES,
        HOLDING,
        NAMES,
        OTHER;

        public boolean isGrave() {
            return ordinal() <= LOSING.ordinal();
        }
    }

    /** A line less, or more. */
    public record Change(boolean isLess, String line, int which) {}

    /** A design of every day, and the mistakes that are made in it. */
    public record Sheet(String right, List<Slip> slips) {}

    private static final Pattern HEAD = Pattern.compile("mistake (\\w+): (.*)");
    private static final Pattern LESS = Pattern.compile("- (.*?)(?:#(\\d+))?");

    public static Sheet read(String text) {
        var right = new StringBuilder();
        var slips = new ArrayList<Slip>();
        for (String line : text.lines().toList()) {
            Matcher head = HEAD.matcher(line);
            if (head.matches()) {
                slips.add(new Slip(
                        Kind.valueOf(head.group(1).toUpperCase(Locale.ROOT)), head.group(2), new ArrayList<>()));
            } else if (slips.isEmpty()) {
                right.append(line).append('\n');
            } else if (!line.isBlank()) {
                slips.getLast().changes().add(change(line));
            }
        }
        return new Sheet(right.toString(), List.copyOf(slips));
    }

    private static Change change(String line) {
        Matcher less = LESS.matcher(line);
        if (less.matches()) {
            return new Change(true, less.group(1), less.group(2) == null ? 1 : Integer.parseInt(less.group(2)));
        }
        if (!line.startsWith("+ ")) {
            throw new IllegalArgumentException(line);
        }
        return new Change(false, line.substring(2), 1);
    }

    /** The design's text with the mistake in it. */
    public String in(String right) {
        var lines = new ArrayList<>(right.lines().toList());
        var gone = new ArrayList<Integer>();
        int at = 0;
        var more = new ArrayList<List<String>>();
        lines.forEach(l -> more.add(new ArrayList<>()));
        for (Change change : changes) {
            if (change.isLess()) {
                at = find(lines, change);
                gone.add(at);
            } else {
                // a step stands further in than what is declared
                more.get(at)
                        .add((lines.get(at).startsWith(" ") && !change.line().startsWith("on ") ? "  " : "")
                                + change.line());
            }
        }
        var out = new StringBuilder();
        for (int i = 0; i < lines.size(); i++) {
            if (!gone.contains(i)) {
                out.append(lines.get(i)).append('\n');
            }
            more.get(i).forEach(l -> out.append(l).append('\n'));
        }
        return out.toString();
    }

    private int find(List<String> lines, Change change) {
        int seen = 0;
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).strip().equals(change.line()) && ++seen == change.which()) {
                return i;
            }
        }
        throw new IllegalArgumentException(what + ": no line " + change.line() + ", number " + change.which());
    }
}

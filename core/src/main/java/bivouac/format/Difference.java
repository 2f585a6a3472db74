package bivouac.format;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import com.github.difflib.patch.Patch;
import java.util.ArrayList;
import java.util.List;

/**
 * What differs between two texts, line by line, with a few lines around each change.
 *
 * @param lines the lines in order
 * @param changes how many places differ
 */
public record Difference(List<Line> lines, int changes) {

    /** Lines shown around a change. */
    private static final int AROUND = 2;

    /** A line of one of the texts, or of both. */
    public record Line(Of of, String text) {}

    /** Whose line it is. */
    public enum Of {
        BOTH,
        FIRST,
        SECOND,
        /** Lines that are the same are left out here. */
        LEFT_OUT
    }

    public Difference {
        lines = List.copyOf(lines);
    }

    public static Difference between(String first, String second) {
        List<String> a = first.lines().toList();
        List<String> b = second.lines().toList();
        Patch<String> patch = DiffUtils.diff(a, b);
        var lines = new ArrayList<Line>();
        int shown = 0;
        for (AbstractDelta<String> delta : patch.getDeltas()) {
            int from = delta.getSource().getPosition();
            same(lines, a, shown, from);
            delta.getSource().getLines().forEach(l -> lines.add(new Line(Of.FIRST, l)));
            delta.getTarget().getLines().forEach(l -> lines.add(new Line(Of.SECOND, l)));
            shown = from + delta.getSource().size();
        }
        if (!patch.getDeltas().isEmpty()) {
            same(lines, a, shown, a.size());
            // nothing follows the last lines, so they are shown up to where nothing is left out
            while (!lines.isEmpty() && lines.getLast().of() == Of.LEFT_OUT) {
                lines.removeLast();
            }
        }
        return new Difference(lines, patch.getDeltas().size());
    }

    /** Equal lines between two changes: a few after the one, a few before the other. */
    private static void same(List<Line> lines, List<String> all, int from, int to) {
        boolean first = lines.isEmpty();
        boolean last = to == all.size();
        int after = first ? from : Math.min(to, from + AROUND);
        int before = last ? to : Math.max(after, to - AROUND);
        all.subList(from, after).forEach(l -> lines.add(new Line(Of.BOTH, l)));
        if (before > after || last && to > after) {
            lines.add(new Line(Of.LEFT_OUT, ""));
        }
        if (!last) {
            all.subList(before, to).forEach(l -> lines.add(new Line(Of.BOTH, l)));
        }
    }
}

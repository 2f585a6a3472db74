package bivouac.check;

import bivouac.check.finding.Finding;
import bivouac.design.Accepted;
import bivouac.design.Design;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The findings of a design, parted into those that are open and those that the developer has accepted.
 *
 * @param open the findings to be dealt with, heaviest first
 * @param accepted those that are taken as they are, with the reasons
 * @param gone what was accepted and is not found any more
 */
public record Checked(List<Finding> open, List<Taken> accepted, List<Accepted> gone) {

    public static final Checked NOTHING = new Checked(List.of(), List.of(), List.of());

    /** A finding that is accepted. */
    public record Taken(Finding finding, Accepted why) {}

    public Checked {
        open = List.copyOf(open);
        accepted = List.copyOf(accepted);
        gone = List.copyOf(gone);
    }

    /**
     * Parts the findings of a design.
     *
     * @param whole whether every situation was met, so that what is not found is not so
     */
    public static Checked of(Design design, List<Finding> findings, boolean whole) {
        var open = new ArrayList<Finding>();
        var taken = new ArrayList<Taken>();
        Set<Accepted> found = new HashSet<>();
        Map<String, Accepted> about = new HashMap<>();
        Map<String, Accepted> says = new HashMap<>();
        design.accepted().forEach(a -> (a.about().isEmpty() ? says : about)
                .putIfAbsent(a.about().isEmpty() ? a.finding() : a.about(), a));
        for (Finding f : findings) {
            Accepted why = says.get(f.what());
            if (why == null && !about.isEmpty()) {
                why = about.get(f.about(design));
            }
            if (why == null) {
                open.add(f);
            } else {
                found.add(why);
                taken.add(new Taken(f, why));
            }
        }
        return new Checked(
                open,
                taken,
                design.accepted().stream()
                        .filter(a -> !found.contains(a) && (whole || !a.explored()))
                        .toList());
    }
}

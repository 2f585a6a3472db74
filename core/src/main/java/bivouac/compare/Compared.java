package bivouac.compare;

import bivouac.check.Findings;
import bivouac.check.finding.Finding;
import bivouac.check.known.Beside;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Window;
import bivouac.explore.Exploration;
import bivouac.explore.Explored;
import bivouac.explore.Limits;
import bivouac.explore.Progress;
import bivouac.explore.Question;
import bivouac.plan.Program;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What two versions of a design do otherwise.
 *
 * @param written windows and endings that are new or gone, in words
 * @param partings where the same events lead to something else
 * @param come findings that the older version does not have, broken promises among them
 * @param gone findings that the newer version does not have any more
 * @param pairs how many pairs of situations were looked at
 * @param complete whether those were all, and both versions were explored completely
 */
public record Compared(
        List<String> written,
        List<Parting> partings,
        List<Finding> come,
        List<Finding> gone,
        int pairs,
        boolean complete) {

    /** Playing them together, and exploring each alone, share the work. */
    private static final int SHARES = 3;

    public Compared {
        written = List.copyOf(written);
        partings = List.copyOf(partings);
        come = List.copyOf(come);
        gone = List.copyOf(gone);
    }

    /** Whether nothing differs, as far as was looked. */
    public boolean isSame() {
        return written.isEmpty() && partings.isEmpty() && come.isEmpty() && gone.isEmpty();
    }

    /** Compares an older version of a design with a newer one. */
    public static Compared of(Design before, Design now, LocalDate today, Limits limits, Progress progress) {
        Limits share = limits.share(SHARES);
        Program then = Program.of(before);
        Program other = Program.of(now);
        var together = new Together(then, other, today);
        boolean all = together.play(share, progress);
        Explored one = Exploration.of(new Question(then, today), share, progress);
        Explored two = Exploration.of(new Question(other, today), share, progress);
        List<Finding> findingsBefore = open(then, one);
        List<Finding> findingsNow = open(other, two);
        return new Compared(
                written(before, now),
                together.partings(),
                without(findingsNow, findingsBefore),
                without(findingsBefore, findingsNow),
                together.pairs(),
                all && one.isComplete() && two.isComplete());
    }

    private static List<Finding> open(Program program, Explored explored) {
        return Findings.checked(program, Beside.UNKNOWN, explored).open();
    }

    private static List<Finding> without(List<Finding> findings, List<Finding> others) {
        Set<String> known = others.stream().map(Finding::what).collect(Collectors.toSet());
        return findings.stream().filter(f -> !known.contains(f.what())).toList();
    }

    private static List<String> written(Design before, Design now) {
        var all = new ArrayList<String>();
        for (Window window : now.windows()) {
            String name = window.name().shown();
            before.window(name)
                    .ifPresentOrElse(older -> endings(older, window, "is new", all), () -> all.add(name + " is new."));
        }
        for (Window window : before.windows()) {
            String name = window.name().shown();
            now.window(name)
                    .ifPresentOrElse(
                            newer -> endings(newer, window, "is gone", all), () -> all.add(name + " is gone."));
        }
        return all;
    }

    /** The endings of a window that another one of its name does not have. */
    private static void endings(Window other, Window window, String how, List<String> to) {
        for (Ending ending : window.endings()) {
            if (other.ending(ending.name()).isEmpty()) {
                to.add(window.name().shown() + ": the ending “" + ending.name() + "” " + how + ".");
            }
        }
    }
}

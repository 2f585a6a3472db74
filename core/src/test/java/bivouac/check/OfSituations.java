package bivouac.check;

import static bivouac.machine.Play.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.known.Beside;
import bivouac.design.Design;
import bivouac.explore.Exploration;
import bivouac.explore.Explored;
import bivouac.explore.Limits;
import bivouac.explore.Progress;
import bivouac.explore.Question;
import bivouac.plan.Program;
import java.time.Duration;
import java.util.List;

/** The findings of a small design, those included that only its situations tell. */
final class OfSituations {

    private OfSituations() {}

    static List<Finding> all(Design design) {
        Program program = Program.of(design);
        Explored explored =
                Exploration.of(new Question(program, TODAY), Limits.of(Duration.ofSeconds(10)), Progress.NONE);
        return Findings.checked(program, Beside.UNKNOWN, explored).open();
    }

    /** The only one of its kind. */
    static Finding one(Design design, Kind kind) {
        List<Finding> all = all(design);
        List<Finding> found = all.stream().filter(f -> f.kind() == kind).toList();
        assertThat(found).as(all::toString).hasSize(1);
        return found.getFirst();
    }

    static void none(Design design, Kind kind) {
        assertThat(all(design)).filteredOn(f -> f.kind() == kind).isEmpty();
    }

    /** Puts the only finding of a kind right by its first way; it is found no more, and nothing is wrong by it. */
    static Design putRight(Design design, Kind kind) {
        List<Finding> before = wrong(design);
        Design right = one(design, kind).repairs().getFirst().in(design);
        none(right, kind);
        assertThat(before).containsAll(wrong(right));
        return right;
    }

    private static List<Finding> wrong(Design design) {
        return all(design).stream()
                .filter(f -> f.weight() == Finding.Weight.WRONG)
                .toList();
    }
}

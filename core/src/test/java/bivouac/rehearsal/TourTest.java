package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.Walkthrough;
import bivouac.format.DesignFile;
import bivouac.machine.Play;
import bivouac.plan.Program;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What was rehearsed is counted, and a tour meets what was not. */
class TourTest {

    private static Design inn() {
        var age = Part.ValueField.of("age", "Age", Part.Holds.WHOLE);
        var check = new Step.If(
                List.of(
                        new Step.If.Case(new Expression("!me.age.given"), Script.of(waits("Wrong"))),
                        new Step.If.Case(new Expression("me.age < 18"), Script.of(note("a child")))),
                Optional.of(Script.of(close("admitted"))));
        var form = dialog("Form", age, button("admit", check))
                .ending(List.of(bivouac.design.Ending.of("admitted"), bivouac.design.Ending.of("cancelled")));
        var design = withMain(
                        main("Inn", button("arrive", waits("Form")), button("count", Step.RunTask.of("count"))),
                        form,
                        box("Wrong", "ok"),
                        child("Lonely"))
                .variable("n", Type.WHOLE, "0")
                .design();
        return design.with(design.application().working(List.of(Task.of("count"))));
    }

    private static Covered covered(Program program, List<Walkthrough> walkthroughs) {
        return Covered.of(
                program,
                walkthroughs.stream().map(w -> Walk.play(program, w).moments()).toList());
    }

    @Test
    void counted_are_windows_triggers_branches_endings_ways_out_task_ends() {
        Program program = Program.of(inn());
        Covered nothing = covered(program, List.of());
        assertThat(nothing.share().met()).isZero();
        assertThat(nothing.all().stream().map(c -> c.getClass().getSimpleName()).distinct())
                .containsExactlyInAnyOrder("Opening", "Trigger", "Branch", "EndsWith", "Leaving", "TaskEnd");
        Covered some = covered(
                program,
                List.of(new Walkthrough(
                        "w",
                        Play.TODAY,
                        List.of(
                                "press \"arrive\" of \"Inn\"",
                                "type \"9\" into \"age\" of \"Form\"",
                                "press \"admit\" of \"Form\"",
                                "Escape of \"Form\""))));
        assertThat(some.met())
                .contains(
                        new Coverable.Opening("Form"),
                        new Coverable.Trigger("Form", "admit", "pressed"),
                        new Coverable.EndsWith("Form", "cancelled"),
                        new Coverable.Leaving("Form", bivouac.design.Way.ESCAPE))
                .doesNotContain(new Coverable.EndsWith("Form", "admitted"));
        assertThat(some.met().stream()
                        .filter(Coverable.Branch.class::isInstance)
                        .map(Coverable::words))
                .containsExactly("Form, admit, step 1: else if me.age < 18");
        assertThat(some.share("Form").isWhole()).isFalse();
        assertThat(some.missing()).hasSize(some.share().all() - some.share().met());
    }

    @Test
    void a_tour_meets_all_that_can_be_met_in_few_walkthroughs_that_hold() {
        Program program = Program.of(inn());
        Tour.Proposal tour = Tour.of(program, Play.TODAY, covered(program, List.of()), () -> false);
        assertThat(tour.left()).extracting(Coverable::words).allMatch(w -> w.contains("Lonely"));
        assertThat(tour.walkthroughs()).hasSizeLessThanOrEqualTo(3);
        tour.walkthroughs()
                .forEach(w -> assertThat(Walk.play(program, w).broken()).isEmpty());
        assertThat(covered(program, tour.walkthroughs()).missing()).containsExactlyElementsOf(tour.left());
    }

    @Test
    void the_walkthroughs_of_a_tour_have_names_of_their_own_beside_those_that_are_kept() throws Exception {
        Design hut = DesignFile.read(Path.of("../examples/ridge-hut.bivouac"));
        Design kept = hut.walked(List.of(new Walkthrough("tour 1", Play.TODAY, List.of())));
        Program program = Program.of(kept);
        Tour.Proposal tour = Tour.of(program, Play.TODAY, covered(program, List.of()), () -> false);
        assertThat(tour.walkthroughs()).hasSizeGreaterThan(1);
        assertThat(tour.walkthroughs().stream().map(Walkthrough::name))
                .doesNotHaveDuplicates()
                .doesNotContain("tour 1");
    }

    @Test
    void a_tour_that_is_stopped_answers_what_it_has() {
        Program program = Program.of(inn());
        Tour.Proposal tour = Tour.of(program, Play.TODAY, covered(program, List.of()), () -> true);
        assertThat(tour.walkthroughs()).isEmpty();
        assertThat(tour.left()).isNotEmpty();
    }

    @Test
    void the_walkthroughs_of_ridge_hut_and_a_tour_that_completes_the_rest_meet_all_of_it() throws Exception {
        Program hut = Program.of(DesignFile.read(Path.of("../examples/ridge-hut.bivouac")));
        var all = new ArrayList<>(hut.design().walkthroughs());
        Covered covered = covered(hut, all);
        Tour.Proposal tour = Tour.of(hut, Play.TODAY, covered, () -> false);
        all.addAll(tour.walkthroughs());
        assertThat(covered(hut, all).missing()).isEmpty();
    }
}

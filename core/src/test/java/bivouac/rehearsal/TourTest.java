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
import bivouac.machine.Machine;
import bivouac.machine.Play;
import bivouac.machine.Samples;
import bivouac.machine.Sighting;
import bivouac.plan.Program;
import bivouac.state.State;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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

    @Test
    void a_tour_of_few_situations_has_the_fewest_events() {
        Design design = withMain(
                        main(
                                "Desk",
                                button("one", set("app.n", "1")),
                                button(
                                        "two",
                                        new Step.If(
                                                List.of(new Step.If.Case(
                                                        new Expression("app.n == 1"),
                                                        Script.of(set("app.n", "2"), alongside("Card")))),
                                                Optional.of(Script.of(set("app.n", "0"))))),
                                button(
                                        "three",
                                        new Step.If(
                                                List.of(new Step.If.Case(
                                                        new Expression("app.n == 2"), Script.of(end()))),
                                                Optional.of(Script.of(set("app.n", "0")))))),
                        child("Card"),
                        child("Never"))
                .variable("n", Type.WHOLE, "0")
                .design();
        Program program = Program.of(design);
        Tour.Proposal tour = Tour.of(program, Play.TODAY, covered(program, List.of()), () -> false);
        assertThat(tour.isAll()).isTrue();
        assertThat(tour.isShortest()).isTrue();
        assertThat(tour.left()).isNotEmpty().extracting(Coverable::words).allMatch(w -> w.contains("Never"));
        assertThat(covered(program, tour.walkthroughs()).missing()).containsExactlyElementsOf(tour.left());
        int events = tour.walkthroughs().stream().mapToInt(Walkthrough::events).sum();
        assertThat(events).isEqualTo(fewest(program, tour.met()));
    }

    @Test
    void values_on_which_nothing_depends_make_no_more_situations_and_what_grows_is_said_to_be_bounded() {
        var log = withMain(main(
                        "Desk", button("log", set("app.log", "app.log + \"x\"")), button("told", note("{app.log}"))))
                .variable("log", Type.TEXT, "\"\"");
        Program free = Program.of(log.design());
        Tour.Proposal tour = Tour.of(free, Play.TODAY, covered(free, List.of()), () -> false);
        assertThat(tour.isAll()).isTrue();
        assertThat(tour.isShortest()).isTrue();
        var asked = new Step.If(
                List.of(new Step.If.Case(new Expression("app.n == 7"), Script.of(alongside("Card")))),
                Optional.empty());
        Program growing =
                Program.of(withMain(main("Desk", button("go", set("app.n", "app.n + 1"), asked)), child("Card"))
                        .variable("n", Type.WHOLE, "0")
                        .design());
        Tour.Proposal followed = Tour.of(growing, Play.TODAY, covered(growing, List.of()), () -> false);
        assertThat(followed.left()).isEmpty();
        assertThat(followed.isAll()).isFalse();
        assertThat(followed.isShortest()).isFalse();
    }

    /** Shortest by trying: breadth first over what is open, what was met, and nothing else, on plain sets. */
    private static int fewest(Program program, Set<Coverable> wanted) {
        var machine = new Machine(program);
        var search = new Search(machine, Samples.of(program, Play.TODAY), Tour.MOST, () -> false);
        record At(State state, Set<Coverable> met) {}
        var atStart = new ArrayList<Sighting>();
        var start = machine.start(Play.TODAY, atStart::add);
        Set<Coverable> there = new HashSet<>();
        Covered.into(there, program.design(), Optional.empty(), atStart);
        there.retainAll(wanted);
        var first = new At(start, Set.copyOf(there));
        Set<At> layer = new HashSet<>(Set.of(first));
        var known = new HashSet<>(layer);
        for (int events = 0; events < 30; events++) {
            var after = new HashSet<At>();
            for (At at : layer) {
                if (at.met().containsAll(wanted)) {
                    return events;
                }
                var scene = machine.scene(at.state());
                for (var event : search.tried(at.state(), scene)) {
                    var seen = new ArrayList<Sighting>();
                    var next = machine.step(at.state(), event, seen::add);
                    var met = new HashSet<>(at.met());
                    Covered.into(met, program.design(), Optional.of(EventNames.name(scene, event)), seen);
                    met.retainAll(wanted);
                    for (var state : List.of(next, first.state())) {
                        var one = new At(state, Set.copyOf(met));
                        if (known.add(one)) {
                            after.add(one);
                        }
                    }
                }
            }
            layer = after;
        }
        throw new AssertionError("not met in 30 events");
    }
}

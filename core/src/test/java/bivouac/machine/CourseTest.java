package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Expression;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The course of scripts: let, repeat and again (W7, X6), kept values (D6, D7). */
class CourseTest {

    @Test
    void a_let_name_is_read_in_what_follows_in_branches_too() {
        withMain(
                        main(
                                "Desk",
                                button(
                                        "go",
                                        Step.Let.of("twice", "app.n * 2"),
                                        waits("Sure", when("yes", note("{twice + 1}"))))),
                        box("Sure", "yes", "no"))
                .variable("n", Type.WHOLE, "20")
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("answer \"yes\" of \"Sure\"")
                .sees("Sure ends yes", "notes “41”");
    }

    @Test
    void a_let_name_that_is_none_is_a_trouble_and_the_step_faults() {
        var design = withMain(main("Desk", button("go", Step.Let.of("no name", "1"))))
                .design();
        assertThat(Program.of(design).troubles()).hasSize(1);
        new Play(design).does("press \"go\" of \"Desk\"").faults(Fault.Rule.X3);
    }

    @Test
    void W7_again_goes_back_to_the_start_of_its_repeat_and_the_end_leaves_it() {
        withMain(main(
                        "Desk",
                        button(
                                "go",
                                new Step.Repeat(
                                        Script.of(set("app.n", "app.n + 1"), onlyIf("app.n < 5", new Step.Again()))),
                                note("{app.n}"))))
                .variable("n", Type.WHOLE, "0")
                .play()
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “5”");
    }

    @Test
    void W7_a_repeat_around_a_question_asks_until_it_is_answered_otherwise() {
        withMain(
                        main(
                                "Desk",
                                button(
                                        "go",
                                        new Step.Repeat(Script.of(waits("Failed", when("again", new Step.Again())))),
                                        note("gave up"))),
                        box("Failed", "again", "give up"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("answer \"again\" of \"Failed\"")
                .opens("Desk", "Failed")
                .does("answer \"give up\" of \"Failed\"")
                .sees("Failed ends give up", "notes “gave up”");
    }

    @Test
    void X6_a_repeat_without_end() {
        withMain(main("Desk", button("go", new Step.Repeat(Script.of(new Step.Again())))))
                .play()
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X6);
    }

    @Test
    void again_outside_a_repeat_is_a_trouble() {
        var design = withMain(main("Desk", button("go", new Step.Again()))).design();
        assertThat(Program.of(design).troubles())
                .anyMatch(t -> t.problem().message().contains("in no “repeat”"));
    }

    @Test
    void D7_kept_values_start_again_as_they_were_saved_last() {
        withMain(main(
                        "Desk",
                        button("more", set("app.n", "app.n + 1")),
                        button("save", new Step.KeptValues(Step.KeptValues.How.SAVE)),
                        button("load", new Step.KeptValues(Step.KeptValues.How.LOAD)),
                        button("say", note("{app.n}"))))
                .kept("n", Type.WHOLE, "1")
                .play()
                .does("press \"more\" of \"Desk\"")
                .does("press \"save\" of \"Desk\"")
                .sees("kept values saved")
                .does("press \"more\" of \"Desk\"")
                .does("press \"load\" of \"Desk\"")
                .does("press \"say\" of \"Desk\"")
                .sees("notes “2”")
                .does("press \"more\" of \"Desk\"")
                .does("killed")
                .does("start again")
                .does("press \"say\" of \"Desk\"")
                .sees("notes “2”");
    }

    @Test
    void a_person_who_watches_is_told_into_which_branch_a_script_went() {
        Step step = new Step.If(
                List.of(
                        new Step.If.Case(new Expression("app.n == 1"), Script.of(note("one"))),
                        new Step.If.Case(new Expression("app.n == 2"), Script.of(note("two")))),
                Optional.of(Script.of(note("many"))));
        for (int n = 1; n <= 3; n++) {
            Play play = withMain(main("Desk", button("go", step)))
                    .variable("n", Type.WHOLE, Integer.toString(n))
                    .play()
                    .does("press \"go\" of \"Desk\"");
            List<Integer> into = play.rehearsal().present().seen().stream()
                    .filter(Sighting.WentInto.class::isInstance)
                    .map(s -> ((Sighting.WentInto) s).inner())
                    .toList();
            assertThat(into).as("app.n is %d", n).containsExactly(n - 1);
        }
    }
}

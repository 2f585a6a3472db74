package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a branch can name and where the script goes on after it: O7, O9, W4, W6. */
class BranchesTest {

    private static FacedWindow giving(String name) {
        return dialog(name, button("ok", close("ok", Given.of("n", "1"))))
                .ending(List.of(Ending.of("ok", Ending.Give.of("n", Type.WHOLE)), Ending.of("cancelled")));
    }

    @Test
    void O7_W4_after_could_not_of_an_opening_alongside_the_script_goes_on() {
        withMain(
                        main("Desk", button("go", alongside("Chart", when("could not", note("no"))), note("after"))),
                        child("Chart").failing(true))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("task \"opening Chart\" ends \"could not\" of \"Desk\"")
                .seesAmongOthers("notes “no”", "notes “after”");
    }

    @Test
    void W3_a_branch_of_an_opening_alongside_ends_by_itself() {
        withMain(
                        main("Desk", button("go", alongside("Chart", when("closed", note("gone"))), note("after"))),
                        child("Chart").failing(true))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("task \"opening Chart\" ends \"done\" of \"Desk\"")
                .sees("opens Chart", "notes “after”")
                .does("close box of \"Chart\"")
                .sees("Chart ends closed", "notes “gone”");
    }

    @Test
    void O9_names_kept_before_are_there_in_the_branch_of_an_opening_alongside() {
        Step keep = new Step.Open(
                "Card", new Manner.Alongside(), Optional.empty(), List.of(), Optional.of("card"), List.of());
        Step closeCard = new Step.Close(new Target.Kept("card"), Optional.empty(), List.of(), Script.EMPTY);
        var play = withMain(
                        main("Desk", button("go", keep, alongside("Plan", when("closed", closeCard)))),
                        child("Card"),
                        child("Plan"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .sees("Plan ends closed", "Card ends closed");
        play.opens("Desk");
    }

    @Test
    void O9_a_kept_window_that_has_gone_meanwhile_is_not_open_in_the_branch() {
        Step keep = new Step.Open(
                "Card", new Manner.Alongside(), Optional.empty(), List.of(), Optional.of("card"), List.of());
        Step front = new Step.Reach(Step.Reach.How.BRING_TO_FRONT, new Target.Kept("card"));
        withMain(
                        main("Desk", button("go", keep, alongside("Plan", when("closed", front)))),
                        child("Card"),
                        child("Plan"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Card\"")
                .does("close box of \"Plan\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void W4_result_reaches_no_further_than_its_own_branch() {
        var inner = waits("Sure", when("yes", note("{result.n}")));
        var design = withMain(
                        main("Desk", button("go", waits("Form", when("ok", inner, note("outer {result.n}"))))),
                        giving("Form"),
                        box("Sure", "Yes", "No"))
                .design();
        assertThat(Program.of(design).troubles())
                .extracting(t -> t.problem().message())
                .singleElement()
                .asString()
                .contains("“result.n” means nothing here");
        new Play(design)
                .does("press \"go\" of \"Desk\"")
                .does("press \"ok\" of \"Form\"")
                .does("answer \"yes\" of \"Sure\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void W4_result_is_there_in_the_steps_inside_its_branch() {
        var check = new Step.If(
                List.of(new Step.If.Case(new bivouac.design.Expression("result.n > 0"), Script.of(note("{result.n}")))),
                Optional.empty());
        withMain(main("Desk", button("go", waits("Form", when("ok", check)))), giving("Form"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"ok\" of \"Form\"")
                .seesAmongOthers("notes “1”");
    }

    @Test
    void W6_steps_after_closing_its_own_window_run_only_where_it_is_refused() {
        withMain(
                        main("Desk", button("go", waits("Form"))),
                        before(
                                dialog("Form", button("ok", close("ok"), note("still here"))),
                                waits("Sure", when("no", stay()))),
                        box("Sure", "Yes", "No"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"ok\" of \"Form\"")
                .does("answer \"no\" of \"Sure\"")
                .seesAmongOthers("Form stays open", "notes “still here”")
                .does("press \"ok\" of \"Form\"")
                .does("answer \"yes\" of \"Sure\"")
                .sees("Sure ends yes", "Form ends ok");
    }
}

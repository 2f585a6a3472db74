package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What has refused, or has failed, leaves nothing behind: the same event can ask once more (C2, C3, C6, O8, D3, X6). */
class AskedAgainTest {

    @Test
    void C3_a_window_that_refused_is_asked_again_by_the_next_step() {
        withMain(
                        main(
                                "Desk",
                                button("card", alongside("Card")),
                                button(
                                        "go",
                                        closes("Card", note("no")),
                                        set("app.n", "1"),
                                        closes("Card", note("no")))),
                        before(child("Card"), onlyIf("app.n == 0", stay())))
                .variable("n", Type.WHOLE, "0")
                .play()
                .does("press \"card\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .sees("Card stays open", "notes “no”", "sets app.n to 1", "Card ends closed")
                .opens("Desk");
    }

    @Test
    void C6_a_value_that_cannot_be_made_is_one_fault_and_the_window_can_close_later() {
        FacedWindow card = dialog(
                        "Card",
                        button("done", set("app.n", "app.n + 1"), close("done", Given.of("n", "10 / (app.n - 1)"))))
                .ending(List.of(Ending.of("done", Ending.Give.of("n", Type.WHOLE)), Ending.of("cancelled")));
        Play play = withMain(main("Desk", button("go", waits("Card", when("done", note("{result.n}"))))), card)
                .variable("n", Type.WHOLE, "0")
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"done\" of \"Card\"");
        assertThat(play.rehearsal().present().seen().stream().filter(Sighting.Faulted.class::isInstance))
                .hasSize(1);
        play.opens("Desk", "Card").does("press \"done\" of \"Card\"").seesAmongOthers("notes “10”");
    }

    @Test
    void O8_what_could_not_be_replaced_closes_by_the_next_step() {
        Step replace = Step.Open.of(
                "New", new Manner.InPlace("", List.of()), when("could not", closes("Old", note("refused"))));
        withMain(main("Main"), child("Old", button("go", replace)), child("New").failing(true))
                .start(alongside("Main"), alongside("Old"))
                .play()
                .does("press \"go\" of \"Old\"")
                .does("task \"opening New\" ends \"could not\" of \"Old\"")
                .seesAmongOthers("Old ends closed")
                .opens("Main");
    }

    @Test
    void D3_scripts_are_let_go_so_it_is_the_same_which_one_ended_the_application() {
        Design design = withMain(after(
                        main(
                                "Desk",
                                button("end", end()),
                                button("later", note("x"), end(), note("never"), note("never"))),
                        run("tidy")))
                .works(task("tidy", "done"))
                .departs(new DepartureRule.OnlyWhenTold())
                .design();
        Play one = new Play(design).does("press \"end\" of \"Desk\"");
        Play other = new Play(design).does("press \"later\" of \"Desk\"");
        assertThat(one.open()).isEqualTo(other.open());
        assertThat(one.state()).isEqualTo(other.state());
        other.does("task \"tidy\" ends \"done\" of \"Desk\"").ended(0);
        assertThat(other.seen()).noneMatch(s -> s.contains("never"));
    }

    @Test
    void X6_asking_again_and_again_is_given_up_and_refused() {
        FacedWindow note = child("Note").living(Optional.of(new Instances.Many()), false);
        Step fill = new Step.Repeat(
                Script.of(onlyIf("app.n < 900", alongside("Note"), set("app.n", "app.n + 1"), new Step.Again())));
        Step ask = new Step.Repeat(
                Script.of(new Step.EndApplication(Optional.empty(), Optional.empty(), Script.of(new Step.Again()))));
        Play play = withMain(
                        before(
                                main("Desk", button("fill", fill), button("ask", ask), button("other", note("other"))),
                                stay()),
                        note)
                .variable("n", Type.WHOLE, "0")
                .departs(new DepartureRule.OnlyWhenTold())
                .play()
                .does("press \"fill\" of \"Desk\"")
                .hasNoFault()
                .does("press \"ask\" of \"Desk\"");
        assertThat(play.rehearsal().present().seen().stream()
                        .filter(Sighting.Faulted.class::isInstance)
                        .map(s -> ((Sighting.Faulted) s).fault().message()))
                .singleElement()
                .asString()
                .startsWith("asking who may close");
        play.does("press \"other\" of \"Desk\"").sees("notes “other”");
        assertThat(play.open()).hasSize(901);
    }
}

package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Instances;
import bivouac.design.Part;
import bivouac.design.Step;
import bivouac.design.Target;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Hiding, showing and bringing to the front: C9, R2, R3, D8, X9. */
class HidingTest {

    private static final Target PLAN = new Target.Single("Plan");

    private static Step reach(Step.Reach.How how, Target target) {
        return new Step.Reach(how, target);
    }

    private static Play desk() {
        return withMain(
                        main(
                                "Desk",
                                button("open", alongside("Plan")),
                                button("hide", reach(Step.Reach.How.HIDE, PLAN)),
                                button("show", reach(Step.Reach.How.SHOW, PLAN)),
                                button("front", reach(Step.Reach.How.BRING_TO_FRONT, PLAN)),
                                button("away", reach(Step.Reach.How.HIDE, new Target.Me()))),
                        child("Plan", Part.TextField.of("note", "Note"), button("box", waitsForOwner("Ask")))
                                .living(Optional.of(new Instances.Single()), false),
                        box("Ask", "OK"))
                .play()
                .does("press \"open\" of \"Desk\"");
    }

    private static boolean hidden(Play play, String window) {
        return play.window(window).hidden();
    }

    @Test
    void C9_a_hidden_window_keeps_everything_and_gets_no_event() {
        var play = desk().does("type \"milk\" into \"note\" of \"Plan\"").does("press \"hide\" of \"Desk\"");
        assertThat(hidden(play, "Plan")).isTrue();
        play.opens("Desk", "Plan").cannot("close box of \"Plan\"").cannot("type \"x\" into \"note\" of \"Plan\"");
        play.does("press \"show\" of \"Desk\"").shows("Plan", "note", "milk");
        assertThat(hidden(play, "Plan")).isFalse();
    }

    @Test
    void O3_bringing_back_shows_a_hidden_window() {
        var play = desk().does("press \"hide\" of \"Desk\"").does("press \"open\" of \"Desk\"");
        assertThat(hidden(play, "Plan")).isFalse();
        play.stacks("Desk", "Plan");
    }

    @Test
    void R2_bringing_to_the_front_puts_a_window_on_top() {
        desk().does("press \"away\" of \"Desk\"").stacks("Plan", "Desk").hasNoFault();
        desk().does("press \"hide\" of \"Desk\"")
                .does("press \"front\" of \"Desk\"")
                .stacks("Desk", "Plan");
    }

    @Test
    void R3_hiding_what_is_not_open_is_a_fault() {
        desk().does("close box of \"Plan\"").does("press \"hide\" of \"Desk\"").faults(Fault.Rule.X3);
    }

    @Test
    void X9_a_window_that_owns_one_waited_for_is_not_hidden() {
        var play = desk().does("press \"box\" of \"Plan\"")
                .does("press \"hide\" of \"Desk\"")
                .faults(Fault.Rule.X9);
        assertThat(hidden(play, "Plan")).isFalse();
    }

    @Test
    void D8_with_everything_hidden_the_application_runs_unseen() {
        var play = withMain(main("Desk", button("away", reach(Step.Reach.How.HIDE, new Target.Me()))))
                .play()
                .does("press \"away\" of \"Desk\"");
        play.faults(Fault.Rule.X5).runs();
    }

    @Test
    void C9_a_hidden_window_is_asked_like_any_other_when_the_session_ends() {
        var careful = before(child("Plan").living(Optional.of(new Instances.Single()), false), note("asked"), stay());
        withMain(main("Desk", button("open", alongside("Plan"), reach(Step.Reach.How.HIDE, PLAN))), careful)
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("session ends")
                .seesAmongOthers("notes “asked”", "Plan stays open")
                .runs();
    }

    @Test
    void C9_what_a_hidden_window_owns_goes_off_the_screen_with_it() {
        var play = withMain(
                        main(
                                "Desk",
                                button("open", alongside("Card")),
                                button("away", reach(Step.Reach.How.HIDE, new Target.Me()))),
                        owned(child("Card")))
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("press \"away\" of \"Desk\"");
        assertThat(hidden(play, "Card")).isTrue();
        play.faults(Fault.Rule.X5);
    }
}

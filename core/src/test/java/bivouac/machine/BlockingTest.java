package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Manner;
import bivouac.design.Step;
import bivouac.design.Target;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class BlockingTest {

    @Test
    void b1_waiting_for_its_owner_blocks_the_owners_and_leaves_the_others_alive() {
        withMain(
                        main("Desk", button("plan", alongside("Plan")), button("go", waitsForOwner("Form"))),
                        child("Plan"),
                        dialog("Form"))
                .play()
                .does("press \"plan\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .blocks("Desk");
    }

    @Test
    void b1_waiting_for_the_application_blocks_all_but_what_it_owns_later_ones_included() {
        var form = dialog("Form", button("more", alongside("Tool"), alongside("Free")));
        withMain(
                        main("Desk", button("plan", alongside("Plan")), button("go", waits("Form"))),
                        child("Plan"),
                        form,
                        dialog("Tool"),
                        child("Free"))
                .play()
                .does("press \"plan\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .blocks("Desk", "Plan")
                .does("press \"more\" of \"Form\"")
                .opens("Desk", "Plan", "Form", "Tool", "Free")
                .blocks("Desk", "Plan", "Free");
    }

    @Test
    void b1_of_two_that_wait_for_the_application_the_later_blocks_the_earlier() {
        var play = withMain(
                        main("Desk", button("go", waits("Form"))),
                        dialog("Form", button("ask", waits("Sure"))),
                        box("Sure", "Yes", "No"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"ask\" of \"Form\"")
                .blocks("Desk", "Form");
        assertThat(play.window("Form").blockedBy().orElseThrow().words()).isEqualTo("blocked by Sure");
        play.cannot("press \"ask\" of \"Form\"")
                .does("answer \"no\" of \"Sure\"")
                .blocks("Desk");
    }

    @Test
    void b1_without_an_owner_it_waits_for_the_application() {
        design().start(alongside("Desk"), waitsForOwner("Welcome"))
                .with(main("Desk"), box("Welcome", "OK"))
                .play()
                .blocks("Desk");
    }

    @Test
    void b2_alongside_blocks_nothing() {
        withMain(main("Desk", button("go", alongside("Form"))), dialog("Form"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .blocks();
    }

    @Test
    void b3_a_blocked_window_gets_no_user_event_its_close_box_included() {
        withMain(main("Desk", button("go", waits("Form"))), dialog("Form"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .cannot("press \"go\" of \"Desk\"")
                .cannot("close box of \"Desk\"");
    }

    @Test
    void b5_a_window_whose_script_waits_is_blocked_whoever_owns_what_it_waits_for() {
        var elsewhere = new Step.Open(
                "Form",
                new Manner.WaitsForOwner(),
                Optional.of(new Target.Single("Plan")),
                List.of(),
                Optional.empty(),
                List.of());
        withMain(main("Desk", button("go", alongside("Plan"), elsewhere)), child("Plan"), dialog("Form"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .blocks("Desk", "Plan");
    }

    @Test
    void b6_while_closing_is_undecided_what_was_asked_or_is_to_be_asked_is_blocked() {
        var desk = before(
                main("Desk", button("go", alongside("Plan"), alongside("Free"))),
                waitsForOwner("Sure", when("no", stay())));
        withMain(desk, owned(child("Plan")), child("Free"), box("Sure", "Yes", "No"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Desk\"")
                .blocks("Desk", "Plan")
                .does("answer \"no\" of \"Sure\"")
                .blocks();
    }

    @Test
    void b6_in_a_departure_all_are_blocked_but_what_its_scripts_opened_waiting() {
        var desk = before(
                main("Desk", button("free", alongside("Free")), button("end", end())),
                waitsForOwner("Sure", when("no", stay())));
        withMain(desk, child("Free"), box("Sure", "Yes", "No"))
                .play()
                .does("press \"free\" of \"Desk\"")
                .does("press \"end\" of \"Desk\"")
                .blocks("Desk", "Free")
                .does("answer \"yes\" of \"Sure\"")
                .ended(0);
    }
}

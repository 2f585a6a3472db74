package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.DepartureRule;
import bivouac.design.FacedWindow;
import bivouac.design.Holding;
import bivouac.design.Part;
import bivouac.design.Step;
import bivouac.rehearsal.Rehearsal;
import bivouac.state.State;
import org.junit.jupiter.api.Test;

/** Holdings: H1, H2, O7, X1, X4, C5, D5, D7. */
class HoldingsTest {

    private static final Holding RADIO = Holding.of("radio").ofTheApplication();
    private static final Holding LOCK = Holding.of("lock").leavingATrace();

    private static Making desk(Part... parts) {
        return withMain(main("Desk", parts)).holds(RADIO, LOCK);
    }

    @Test
    void H1_what_a_window_takes_is_its_own_unless_it_is_the_applications() {
        desk(button("radio", take("radio")), button("lock", take("lock")))
                .play()
                .does("press \"lock\" of \"Desk\"")
                .sees("takes lock")
                .does("press \"radio\" of \"Desk\"")
                .holds("radio", "lock, for Desk");
    }

    @Test
    void H2_a_step_gives_back_and_what_is_given_back_can_be_taken_again() {
        desk(button("take", take("lock")), button("back", giveBack("lock")))
                .play()
                .does("press \"take\" of \"Desk\"")
                .does("press \"back\" of \"Desk\"")
                .sees("gives back lock")
                .holds()
                .does("press \"take\" of \"Desk\"")
                .hasNoFault()
                .holds("lock, for Desk");
    }

    @Test
    void X4_it_is_a_fault_to_take_twice_and_to_give_back_what_is_not_held() {
        desk(button("take", take("lock")), button("back", giveBack("lock")))
                .play()
                .does("press \"back\" of \"Desk\"")
                .faults(Fault.Rule.X4)
                .does("press \"take\" of \"Desk\"")
                .does("press \"take\" of \"Desk\"")
                .faults(Fault.Rule.X4)
                .holds("lock, for Desk");
    }

    @Test
    void H1_two_windows_can_each_hold_the_same_thing_of_their_own() {
        desk(button("open", alongside("Card")))
                .with(child("Card", button("take", take("lock")))
                        .living(java.util.Optional.of(new bivouac.design.Instances.Many()), false))
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("press \"open\" of \"Desk\"")
                .does("press \"take\" of \"Card\"")
                .does("press \"take\" of \"Card\" 2")
                .hasNoFault()
                .holds("lock, for Card", "lock, for Card (2)")
                .does("close box of \"Card\"")
                .holds("lock, for Card (2)");
    }

    @Test
    void C5_a_window_gives_back_what_it_holds_last_taken_first_after_its_after_closing_script() {
        desk(button("open", alongside("Card")))
                .holds(Holding.of("one"), Holding.of("two"))
                .with(child("Card")
                        .at(FacedWindow.Moment.OPENED, bivouac.design.Script.of(take("one"), take("two")))
                        .at(FacedWindow.Moment.AFTER_CLOSING, bivouac.design.Script.of(note("after"))))
                .play()
                .does("press \"open\" of \"Desk\"")
                .holds("one, for Card", "two, for Card")
                .does("close box of \"Card\"")
                .sees("Card ends closed", "notes “after”", "gives back two", "gives back one")
                .holds();
    }

    @Test
    void D5_the_applications_holdings_are_given_back_at_the_end_last_taken_first() {
        desk(button("lock", take("lock")))
                .holds(RADIO, Holding.of("screen").ofTheApplication(), LOCK)
                .departs(new DepartureRule.WithWindow("Desk"))
                .start(take("radio"), take("screen"), alongside("Desk"))
                .play()
                .holds("radio", "screen")
                .does("press \"lock\" of \"Desk\"")
                .does("close box of \"Desk\"")
                .sees(
                        "Desk ends closed",
                        "gives back lock",
                        "gives back screen",
                        "gives back radio",
                        "the application ends, exit code 0")
                .holds();
    }

    private static Play failing(Step.Branch... branches) {
        return withMain(main("Desk"))
                .holds(RADIO.failing())
                .start(take("radio", branches), alongside("Desk"))
                .play();
    }

    @Test
    void O7_taking_what_may_fail_waits_for_the_system_to_tell() {
        failing()
                .opens()
                .cannot("session ends")
                .does("task \"taking radio\" ends \"done\"")
                .sees("takes radio", "opens Desk")
                .holds("radio");
    }

    @Test
    void O7_where_it_could_not_be_taken_its_branch_runs_with_the_reason_and_nothing_is_held() {
        failing(new Step.Branch("could not", bivouac.design.Script.of(note("{result.reason}"))))
                .does("task \"taking radio\" ends \"could not\"")
                .seesAmongOthers("notes “the system could not take it”", "opens Desk")
                .holds()
                .does("close box of \"Desk\"")
                .hasNoFault();
    }

    @Test
    void X1_without_a_branch_it_is_a_fault_that_it_could_not_be_taken() {
        failing()
                .does("task \"taking radio\" ends \"could not\"")
                .faults(Fault.Rule.X1)
                .holds();
    }

    @Test
    void D7_a_killed_run_gives_nothing_back_and_leaves_the_names_of_what_leaves_a_trace() {
        var play = desk(
                        button("lock", take("lock")),
                        button("radio", take("radio")),
                        Part.Caption.of("traces", "{shown(size(app.traces))}"))
                .play()
                .shows("Desk", "traces", "0")
                .does("press \"lock\" of \"Desk\"")
                .does("press \"radio\" of \"Desk\"")
                .does("killed")
                .sees()
                .holds()
                .does("start again")
                .shows("Desk", "traces", "1");
        assertThat(play.does("close box of \"Desk\"").does("start again").text("Desk", "traces"))
                .as("the run just before ended, and gave all back")
                .isEqualTo("0");
    }

    @Test
    void what_is_held_is_part_of_the_state() {
        Rehearsal held = desk(button("take", take("lock")), button("back", giveBack("lock")))
                .play()
                .does("press \"take\" of \"Desk\"")
                .rehearsal();
        State before = held.goTo(0).present().state();
        assertThat(held.present().state()).isNotEqualTo(before);
        var again = held.act(new Event.Press(0, 1));
        assertThat(again.present().state()).isEqualTo(before);
        assertThat(held.machine().again(held.present().state()))
                .isEqualTo(held.present().state());
    }

    @Test
    void a_holding_that_is_not_there_is_a_fault_where_it_is_reached_and_stops_nothing_else() {
        desk(button("take", take("nothing", new Step.Branch("could not", bivouac.design.Script.EMPTY))))
                .play()
                .does("press \"take\" of \"Desk\"")
                .faults(Fault.Rule.X3)
                .does("close box of \"Desk\"")
                .ended(1);
    }
}

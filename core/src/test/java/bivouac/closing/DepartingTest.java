package bivouac.closing;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Holding;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.design.Way;
import bivouac.design.WaysOut;
import bivouac.plan.Program;
import bivouac.rehearsal.DepartureTried;
import bivouac.rehearsal.Rehearsal;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The end of the application, told from the design (D1 to D7), against what the machine does. */
class DepartingTest {

    private static Design desk(DepartureRule rule) {
        var card = before(owned(child("Card")), run("write notes", when("done"), when("failed", stay())));
        return withMain(main("Desk", button("card", alongside("Card")), button("exit", ends(3, "bye"))))
                .with(card, child("Plan"))
                .departs(rule)
                .kept("sold", Type.WHOLE, "0")
                .works(task("write notes", "done", "failed"))
                .holds(Holding.of("radio").ofTheApplication(), Holding.of("lock"))
                .planning(note("over"))
                .design();
    }

    @Test
    void in_short_it_says_the_same_on_every_screen() {
        Departing departing = Departing.of(Program.of(desk(new DepartureRule.LastWindow())));
        assertThat(departing.asked().stream().map(a -> a.window().name() + " " + Departing.inShort(a)))
                .containsExactlyInAnyOrder("Desk nothing", "Card checks", "Plan nothing");
        assertThat(departing.planInShort()).isEqualTo("1 step");
        assertThat(departing.givenBackInShort()).isEqualTo("radio");
        assertThat(departing.keptInShort()).isEqualTo("sold");
        assertThat(departing.codesInShort()).containsExactly("0 as planned", "3 in Desk, exit", "1 after a fault");
    }

    private static List<String> asked(Design design) {
        return Departing.of(Program.of(design)).asked().stream()
                .map(a -> "  ".repeat(a.depth()) + a.window().name())
                .toList();
    }

    private static List<String> askers(Design design) {
        return Departing.of(Program.of(design)).askers().stream()
                .map(DepartureTried::words)
                .toList();
    }

    @Test
    void D1_what_asks_for_it_follows_from_the_rule_and_the_steps() {
        assertThat(askers(desk(new DepartureRule.WithWindow("Desk"))))
                .containsExactly("close box of Desk", "Desk, exit", "session ending");
        assertThat(askers(desk(new DepartureRule.LastWindow())))
                .containsExactly("the last window closing", "Desk, exit", "session ending");
        assertThat(askers(desk(new DepartureRule.OnlyWhenTold()))).containsExactly("Desk, exit", "session ending");
    }

    @Test
    void D2_windows_without_an_owner_from_last_to_first_each_with_what_it_owns() {
        Design design = desk(new DepartureRule.LastWindow());
        assertThat(asked(design)).containsExactly("Plan", "Desk", "  Card");
        Design moved = Departing.moved(Program.of(design), "Desk", -1);
        assertThat(asked(moved)).containsExactly("Desk", "  Card", "Plan");
        assertThat(moved.application().leaving().asked()).containsExactly("Desk", "Plan");
        assertThat(Departing.moved(Program.of(moved), "Desk", -1)).isEqualTo(moved);
    }

    @Test
    void what_is_given_back_kept_and_said_at_the_end() {
        Departing departing = Departing.of(Program.of(desk(new DepartureRule.LastWindow())));
        assertThat(departing.givenBack()).extracting(h -> h.name().shown()).containsExactly("radio");
        assertThat(departing.kept()).extracting(v -> v.name().shown()).containsExactly("sold");
        assertThat(departing.codes()).extracting(Departing.Code::code).containsExactly("3");
    }

    @Test
    void a_window_that_the_departure_goes_past_is_told() {
        Design design = desk(new DepartureRule.LastWindow())
                .changingFace("Card", f -> f.leaving(Way.DEPARTURE, WaysOut.asking(f, Way.DEPARTURE, true)));
        assertThat(Departing.of(Program.of(design)).asked())
                .filteredOn(Departing.Asked::unasked)
                .extracting(a -> a.window().name().shown())
                .containsExactly("Card");
    }

    @Test
    void it_is_played_from_where_the_rehearsal_stands_else_from_a_fresh_start() {
        Design design = desk(new DepartureRule.WithWindow("Desk"));
        Program program = Program.of(design);
        Rehearsal start = Rehearsal.start(program, TODAY);
        Departing.Asker closeBox = Departing.of(program).askers().getFirst();
        Rehearsal ended = DepartureTried.by(start, closeBox).rehearsal().orElseThrow();
        assertThat(ended.scene().ended()).contains(0L);
        var again = DepartureTried.by(ended, Departing.of(program).askers().get(1));
        assertThat(again.rehearsal().orElseThrow().scene().ended()).contains(3L);
        assertThat(again.sentence()).isEqualTo("The end was asked for by Desk, exit.");
    }

    @Test
    void what_a_script_before_closing_can_come_to_is_read_through_repeats_and_named_scripts() {
        Step again = new Step.Repeat(bivouac.design.Script.of(run(
                "write notes",
                when("done"),
                when("failed", waits("Ask", when("again", new Step.Again()), when("stay", stay()))))));
        Design design = withMain(main("Desk", button("card", alongside("Card"))))
                .with(before(child("Card"), again), escaping(box("Ask", "Again", "Stay"), "stay"))
                .works(task("write notes", "done", "failed"))
                .design();
        BeforeClosing before =
                Closings.of(Program.of(design)).row("Card").orElseThrow().before();
        assertThat(before.things()).containsExactly(new OnTheWay.Runs("write notes"), new OnTheWay.Asks("Ask"));
        assertThat(before.decisions()).hasSize(2).allSatisfy(d -> assertThat(d.own())
                .isTrue());
        assertThat(before.decisions().getFirst().canStay("failed")).isTrue();
        assertThat(before.decisions().getFirst().canStay("done")).isFalse();
    }

    @Test
    void D2_a_window_that_is_let_go_over_another_is_asked_before_or_after_it() {
        Program program = Program.of(
                withMain(main("One")).with(main("Two"), main("Three")).design());
        assertThat(asked(program.design())).containsExactly("Three", "Two", "One");
        assertThat(asked(Departing.moved(program, "Three", "One", false))).containsExactly("Two", "Three", "One");
        assertThat(asked(Departing.moved(program, "Three", "One", true))).containsExactly("Two", "One", "Three");
        assertThat(asked(Departing.moved(program, "One", "Three", false))).containsExactly("One", "Three", "Two");
        assertThat(Departing.moved(program, "One", "One", true)).isSameAs(program.design());
        assertThat(Departing.moved(program, "Two", "Three", true)).isSameAs(program.design());
    }
}

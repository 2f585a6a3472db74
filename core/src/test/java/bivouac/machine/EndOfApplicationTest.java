package bivouac.machine;

import static bivouac.machine.Play.*;

import bivouac.design.DepartureRule;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** When and how it all ends: D1, D2, D6, D8, and an end that is put off (W6). */
class EndOfApplicationTest {

    @Test
    void D1_that_a_window_has_closed_outlives_the_event() {
        design().start(waits("Sign in"), run("load", when("ok", alongside("Main"))))
                .works(task("load", "ok", "failed"))
                .with(dialog("Sign in"), main("Main"))
                .play()
                .does("Escape of \"Sign in\"")
                .runs()
                .does("task \"load\" ends \"failed\"")
                .sees("the application ends, exit code 0")
                .ended(0);
    }

    @Test
    void D1_a_new_run_knows_nothing_of_windows_that_closed_before() {
        design().start(new Step.If(
                        List.of(new Step.If.Case(
                                new bivouac.design.Expression("app.n == 0"),
                                Script.of(
                                        set("app.n", "1"), new Step.KeptValues(Step.KeptValues.How.SAVE), waits("A")))),
                        Optional.empty()))
                .kept("n", Type.WHOLE, "0")
                .with(dialog("A"))
                .play()
                .does("Escape of \"A\"")
                .ended(0)
                .does("start again")
                .faults(Fault.Rule.X5)
                .runs();
    }

    @Test
    void D2_windows_with_keys_are_asked_by_their_keys_even_where_they_open_in_the_very_event() {
        var card = before(new FacedWindowMaking(child("Card")).keyed("k"), note("card {takes.k}"));
        withMain(main("Desk", button("go", card("3"), card("1"), card("2"), end())), card)
                .play()
                .does("press \"go\" of \"Desk\"")
                .sees(
                        "opens Card",
                        "opens Card (2)",
                        "opens Card (3)",
                        "notes “card 1”",
                        "notes “card 2”",
                        "notes “card 3”",
                        "Card (2) ends closed",
                        "Card (3) ends closed",
                        "Card ends closed",
                        "Desk ends closed",
                        "the application ends, exit code 0");
    }

    private static Step card(String key) {
        return alongside("Card").handing(Given.of("k", key));
    }

    /** A window that is open once for each value of a take. */
    private record FacedWindowMaking(FacedWindow window) {
        FacedWindow keyed(String key) {
            return window.taking(List.of(Take.of(key, Type.WHOLE)))
                    .living(Optional.of(new Instances.OneForEach(key)), false);
        }
    }

    @Test
    void D2_windows_that_open_while_a_departure_asks_are_asked_by_the_same_order() {
        var b = before(child("B"), note("b"), alongside("A"), alongside("C"));
        withMain(
                        before(main("Desk", button("go", alongside("B"), end())), note("desk")),
                        before(child("A"), note("a")),
                        b,
                        before(child("C"), note("c")))
                .play()
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “b”", "notes “c”", "notes “a”", "notes “desk”");
    }

    @Test
    void D6_an_end_during_a_departure_gives_code_and_saying_each_only_where_it_says_them() {
        withMain(before(main("Desk", button("go", ends(3, "bye"))), end()))
                .play()
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("the application ends, exit code 3, saying “bye”");
        var onlyCode = new Step.EndApplication(
                Optional.of(new bivouac.design.Expression("4")), Optional.empty(), Script.EMPTY);
        withMain(before(main("Desk", button("go", ends(3, "bye"))), onlyCode))
                .play()
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("the application ends, exit code 4, saying “bye”");
    }

    @Test
    void W6_D6_of_ends_that_are_put_off_the_later_keeps_what_it_does_not_say() {
        withMain(main("Desk", button("go", alongside("Plan"))), before(child("Plan"), ends(5, "so"), end()))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .seesAmongOthers("the application ends, exit code 5, saying “so”");
        // the inner request hands its end on to the outer one, which has a text of its own
        var onlySaying = new Step.EndApplication(Optional.empty(), Optional.of("outer"), Script.EMPTY);
        withMain(
                        main("Desk", button("go", alongside("A"), alongside("B"))),
                        before(child("A"), ends(6, "inner")),
                        before(child("B"), onlySaying, closes("A")))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"B\"")
                .seesAmongOthers("the application ends, exit code 6, saying “inner”");
    }

    @Test
    void W6_a_put_off_end_departs_before_the_branches_of_C6_run() {
        withMain(
                        main("Desk", button("go", alongside("Plan", when("closed", note("branch"))))),
                        before(child("Plan"), end()))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .sees("Plan ends closed", "Desk ends closed", "the application ends, exit code 0");
        // called off, the departure lets them run
        withMain(
                        before(main("Desk", button("go", alongside("Plan", when("closed", note("branch"))))), stay()),
                        before(child("Plan"), end()))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .sees("Plan ends closed", "Desk stays open", "the departure is called off", "notes “branch”");
    }

    @Test
    void W6_a_put_off_end_is_dropped_where_the_request_is_refused() {
        withMain(main("Desk", button("go", alongside("Plan"))), before(child("Plan"), end(), stay()))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("close box of \"Plan\"")
                .opens("Desk", "Plan")
                .does("session ends")
                .opens("Desk", "Plan")
                .runs();
    }

    @Test
    void D8_a_window_that_hides_itself_as_it_opens_leaves_the_application_unseen() {
        withMain(main("Main").at(FacedWindow.Moment.OPENED, Script.of(hide("Main"))))
                .play()
                .faults(Fault.Rule.X5);
    }

    @Test
    void D8_a_background_task_that_ends_while_the_only_window_is_hidden() {
        withMain(main("Main", button("go", hide("Main"), run("work").inBackground(true))))
                .works(task("work", "done"))
                .play()
                .does("press \"go\" of \"Main\"")
                .hasNoFault()
                .does("task \"work\" ends \"done\" of \"Main\"")
                .faults(Fault.Rule.X5);
    }

    @Test
    void D8_it_is_a_fault_once_on_becoming_so() {
        withMain(before(main("Main", button("go", hide("Main"))), stay()))
                .departs(new DepartureRule.OnlyWhenTold())
                .play()
                .does("press \"go\" of \"Main\"")
                .faults(Fault.Rule.X5)
                .does("session ends")
                .hasNoFault();
    }
}

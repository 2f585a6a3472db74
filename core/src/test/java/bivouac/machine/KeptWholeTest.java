package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.state.State;
import bivouac.testkit.Families;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a situation at rest holds beside its windows, and in what form it stands: nothing of it is lost by packing it. */
class KeptWholeTest {

    private static void isKept(Play play) {
        assertThat(play.rehearsal().machine().again(play.state())).isEqualTo(play.state());
    }

    // Results

    /** A card gives what it was handed; a note of its own goes before it, and its script after closing waits for a task. */
    private static Play given(String button) {
        FacedWindow card = dialog(
                        "Card",
                        button("note", alongside("Note")),
                        button("done", close("done", Given.of("n", "takes.n"), Given.of("twice", "takes.n * 2"))))
                .taking(List.of(Take.of("n", Type.WHOLE)))
                .ending(List.of(
                        Ending.of("done", Ending.Give.of("n", Type.WHOLE), Ending.Give.of("twice", Type.WHOLE))));
        return withMain(
                        main("Desk", button("go20", opens("20")), button("go21", opens("21"))),
                        card,
                        after(owned(child("Note")), run("tidy")))
                .works(task("tidy", "done"))
                .play()
                .does("press \"go" + button + "\" of \"Desk\"")
                .does("press \"note\" of \"Card\"")
                .does("press \"done\" of \"Card\"");
    }

    private static Step opens(String n) {
        return waits("Card", when("done", note("{result.n} and {result.twice}")))
                .handing(Given.of("n", n));
    }

    @Test
    void C6_a_result_that_is_made_already_stays_while_what_closes_before_it_waits() {
        Play play = given("21");
        assertThat(play.open()).as(play.seen().toString()).contains("Desk", "Card");
        isKept(play);
        play.does("task \"tidy\" ends \"done\" of \"Note\"").seesAmongOthers("notes “21 and 42”");
        assertThat(given("21").state())
                .isEqualTo(given("21").state())
                .isNotEqualTo(given("20").state());
    }

    // Branches left behind

    /** A window that a board owns, opened from the desk, whose script still knows a name of its own when it has closed. */
    private static Step ofTheBoard(String window) {
        return new Step.Open(
                window,
                new Manner.Alongside(),
                Optional.of(new Target.Single("Board")),
                List.of(),
                Optional.empty(),
                List.of(when("done", note("{known} {me.n} {result.text}"))));
    }

    private static FacedWindow giving(String window) {
        return single(owned(dialog(window)))
                .ending(List.of(Ending.of("done", Ending.Give.of("text", Type.TEXT))))
                .leaving(
                        Way.OWNER_CLOSING,
                        new WayOut.LeadsTo("done", List.of(Given.of("text", "'of " + window + "'")), false));
    }

    @Test
    void W3_C6_results_that_have_arrived_stay_in_their_order_while_the_owner_is_still_going() {
        FacedWindow desk = main(
                        "Desk",
                        button("board", alongside("Board")),
                        button(
                                "open",
                                Step.Let.of("known", "'first'"),
                                ofTheBoard("A"),
                                ofTheBoard("B"),
                                ofTheBoard("C")))
                .holding(List.of(Variable.of("n", Type.WHOLE, "7")));
        Play play = withMain(desk, single(after(child("Board"), run("tidy"))), giving("A"), giving("B"), giving("C"))
                .works(task("tidy", "done"))
                .play()
                .does("press \"board\" of \"Desk\"")
                .does("press \"open\" of \"Desk\"")
                .does("close box of \"Board\"");
        assertThat(play.seen().stream().filter(s -> s.startsWith("notes"))).isEmpty();
        List<String> closed = play.seen().stream()
                .filter(s -> s.matches("[ABC] ends.*"))
                .map(s -> s.substring(0, 1))
                .toList();
        assertThat(closed).hasSize(3);
        isKept(play);
        play.does("task \"tidy\" ends \"done\" of \"Board\"");
        assertThat(play.seen().stream().filter(s -> s.startsWith("notes")))
                .containsExactlyElementsOf(
                        closed.stream().map(w -> "notes “first 7 of " + w + "”").toList());
    }

    // Codes and texts of the end

    private static FacedWindow asking(FacedWindow window) {
        return before(window, waits("Sure", when("no", stay())));
    }

    @Test
    void D3_the_code_and_the_text_of_an_end_stay_while_it_is_asked() {
        Design design = withMain(asking(main("Desk", button("one", ends(1, "one")), button("two", ends(2, "two")))))
                .with(box("Sure", "Yes", "No"))
                .departs(new DepartureRule.OnlyWhenTold())
                .design();
        Play one = new Play(design).does("press \"one\" of \"Desk\"");
        Play two = new Play(design).does("press \"two\" of \"Desk\"");
        isKept(one);
        assertThat(one.state()).isNotEqualTo(two.state());
        one.does("answer \"yes\" of \"Sure\"").seesAmongOthers("the application ends, exit code 1, saying “one”");
        two.does("answer \"yes\" of \"Sure\"").seesAmongOthers("the application ends, exit code 2, saying “two”");
    }

    @Test
    void W6_so_they_do_where_the_end_is_put_off_until_a_close_is_decided() {
        Design design = withMain(
                        main("Desk", button("go", alongside("Card"))),
                        before(
                                child("Card"),
                                waits("Sure", when("one", ends(1, "one")), when("two", ends(2, "two"))),
                                waits("Really", when("no", stay()))))
                .with(box("Sure", "One", "Two"), box("Really", "Yes", "No"))
                .departs(new DepartureRule.OnlyWhenTold())
                .design();
        Play one = new Play(design).does("press \"go\" of \"Desk\"").does("close box of \"Card\"");
        Play two = new Play(design).does("press \"go\" of \"Desk\"").does("close box of \"Card\"");
        one.does("answer \"one\" of \"Sure\"");
        two.does("answer \"two\" of \"Sure\"");
        isKept(one);
        assertThat(one.state()).isNotEqualTo(two.state());
        one.does("answer \"yes\" of \"Really\"").seesAmongOthers("the application ends, exit code 1, saying “one”");
        two.does("answer \"yes\" of \"Really\"").seesAmongOthers("the application ends, exit code 2, saying “two”");
    }

    // The day

    private static Play ofDay(String condition) {
        Step asks = new Step.If(
                List.of(new Step.If.Case(new Expression(condition), Script.of(note("late")))), Optional.empty());
        return withMain(main("Desk", button("go", asks)))
                .variable("due", Type.DATE, "date('2026-11-24')")
                .play();
    }

    @Test
    void V4_another_day_is_another_situation_where_the_day_can_be_read() {
        Play play =
                ofDay("app.today > app.due").does("press \"go\" of \"Desk\"").sees();
        State first = play.state();
        play.does("a day passes");
        assertThat(play.state()).isNotEqualTo(first);
        isKept(play);
        play.does("a day passes").does("press \"go\" of \"Desk\"").sees("notes “late”");
    }

    // Many windows

    /** Above 64 windows a state says by their numbers which are open. */
    @ParameterizedTest
    @ValueSource(ints = {3, 62, 63, 64, 90})
    void few_windows_and_many_are_kept_alike(int windows) {
        Play play = new Play(Families.changedWindows(windows))
                .does("press \"open2\" of \"Desk\"")
                .does("press \"open" + windows + "\" of \"Desk\"")
                .does("press \"change\" of \"Sheet " + windows + "\"");
        assertThat(play.open()).containsExactlyInAnyOrder("Desk", "Sheet 2", "Sheet " + windows);
        isKept(play);
        play.does("close box of \"Sheet " + windows + "\"");
        assertThat(play.open()).contains("Ask").hasSize(4);
        isKept(play);
        play.does("answer \"stay\" of \"Ask\"").does("close box of \"Sheet 2\"").sees("Sheet 2 ends closed");
        assertThat(play.open()).containsExactlyInAnyOrder("Desk", "Sheet " + windows);
    }
}

package bivouac.check;

import static bivouac.check.AsWritten.found;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Closing past a question (C1, C2): each mistake with a design that makes it, and one that nearly does. */
class WaysOutFindingsTest {

    private static final MessageBox SURE = escaping(box("Sure", "Leave", "Stay"), "stay");

    private static Step.Open asks(String box, Step.Branch... branches) {
        return Step.Open.of(box, new Manner.WaitsForApplication(), branches);
    }

    private static Step.Open sure(Step... leave) {
        return asks("Sure", when("leave", leave), when("stay"));
    }

    private static Step changed(Step... steps) {
        return new Step.If(List.of(new Step.If.Case(new Expression("me.changed"), Script.of(steps))), Optional.empty());
    }

    private static Design card(FacedWindow card, MessageBox... more) {
        return withMain(main("Desk", button("go", alongside("Card"))), owned(card))
                .with(SURE)
                .with(more)
                .design();
    }

    private static FacedWindow changing(FacedWindow window) {
        return window.holding(List.of(Variable.of("changed", Type.YESNO, "false")));
    }

    /** As {@link AsWritten#putRight}, and expects that nothing is wrong by it. */
    private static Design putRight(Design design, Kind kind) {
        Design now = AsWritten.putRight(design, kind);
        assertThat(Findings.of(Program.of(now)).stream().filter(f -> f.weight() == Finding.Weight.WRONG))
                .isEmpty();
        return now;
    }

    // The question in a trigger

    @Test
    void a_question_in_a_trigger_is_gone_past_by_every_other_way_to_the_same_ending() {
        Design design = card(child("Card", button("leave", sure(close("closed")))));
        assertThat(found(design, Kind.CLOSES_UNASKED))
                .containsExactly(
                        "Card, leave: the close box, the owner closing, the departure and the session ending close"
                                + " Card without the question “Sure”, which leave asks.");
        Design right = putRight(design, Kind.CLOSES_UNASKED);
        assertThat(right.faced("Card").orElseThrow().moment(FacedWindow.Moment.BEFORE_CLOSING))
                .isEqualTo(Script.of(asks("Sure", when("leave"), when("stay", stay()))));
    }

    @Test
    void nothing_is_gone_past_where_the_ways_lead_elsewhere_ask_the_same_or_press_the_part() {
        var form = dialog("Card", button("ok", sure(close("ok"))));
        assertThat(found(card(form), Kind.CLOSES_UNASKED)).isEmpty();
        var asked = before(child("Card", button("leave", close("closed"))), sure(stay()));
        assertThat(found(card(asked), Kind.CLOSES_UNASKED)).isEmpty();
        var tells = child("Card", button("leave", waits("Told"), close("closed")));
        assertThat(found(card(tells, box("Told", "OK")), Kind.CLOSES_UNASKED)).isEmpty();
        var pressing = child("Card", button("leave", sure(close("closed"))))
                .leaving(Way.CLOSE_BOX, new WayOut.AsPressing("leave"));
        assertThat(found(card(pressing), Kind.CLOSES_UNASKED))
                .containsExactly(
                        "Card, leave: the owner closing, the departure and the session ending close Card without"
                                + " the question “Sure”, which leave asks.");
    }

    @Test
    void another_trigger_that_does_not_ask_is_found_unless_its_words_say_what_is_lost() {
        var card = child(
                        "Card",
                        button("leave", sure(close("closed"))),
                        button("away", close("closed")),
                        Part.Button.of("drop", "Discard").triggering(Script.of(close("closed"))))
                .leaving(Way.CLOSE_BOX, new WayOut.AsPressing("leave"));
        assertThat(found(card(card), Kind.CLOSES_UNASKED))
                .singleElement()
                .asString()
                .contains("away")
                .doesNotContain("Discard");
    }

    @Test
    void what_only_one_way_runs_or_checks_is_risky() {
        Design saves = withMain(main("Desk", button("go", alongside("Card"))))
                .with(child("Card", button("keep", run("write notes"), close("closed"))))
                .works(task("write notes", "done"))
                .design();
        assertThat(found(saves, Kind.CLOSES_UNASKED))
                .containsExactly(
                        "Card, keep: the close box, the departure and the session ending close Card, and do not run"
                                + " write notes first, as keep does.");
        Design everywhere = withMain(main("Desk", button("go", alongside("Card"))))
                .with(before(child("Card", button("keep", close("closed"))), run("write notes")))
                .works(task("write notes", "done"))
                .design();
        assertThat(found(everywhere, Kind.CLOSES_UNASKED)).isEmpty();
    }

    @Test
    void a_way_that_is_marked_unasked_past_what_before_closing_asks() {
        var unasked = new WayOut.LeadsTo("closed", List.of(), true);
        var card = before(child("Card"), sure(stay())).leaving(Way.OWNER_CLOSING, unasked);
        assertThat(found(card(card), Kind.CLOSES_UNASKED))
                .containsExactly("Card closes unasked by owner closing; its other ways ask “Sure” first.");
        putRight(
                card(before(child("Card"), asks("Sure", when("leave"), when("stay", stay())))
                        .leaving(Way.SESSION_ENDING, unasked)),
                Kind.CLOSES_UNASKED);
        assertThat(found(card(child("Card").leaving(Way.OWNER_CLOSING, unasked)), Kind.CLOSES_UNASKED))
                .isEmpty();
    }

    @Test
    void a_question_before_the_application_ends_is_gone_past_by_the_close_box_of_its_main_window() {
        var desk = main("Desk", button("exit", sure(end())));
        assertThat(found(
                        withMain(desk)
                                .with(SURE)
                                .departs(new DepartureRule.WithWindow("Desk"))
                                .design(),
                        Kind.CLOSES_UNASKED))
                .containsExactly(
                        "Desk, exit: the close box of Desk and the session ending end the application without the"
                                + " question “Sure”.");
        assertThat(found(
                        withMain(before(desk, sure(stay())))
                                .with(SURE)
                                .departs(new DepartureRule.WithWindow("Desk"))
                                .design(),
                        Kind.CLOSES_UNASKED))
                .isEmpty();
    }

    @Test
    void a_question_in_a_named_script_counts_where_it_is_done() {
        var card = child("Card", button("leave", Step.Do.of("ask")))
                .with(new bivouac.design.Routines(
                        List.of(new bivouac.design.NamedScript(
                                bivouac.design.Name.of("ask"), List.of(), Script.of(sure(close("closed"))))),
                        List.of()));
        assertThat(found(card(card), Kind.CLOSES_UNASKED)).hasSize(1);
    }

    // The answer that is not listened to

    @Test
    void whatever_is_answered_it_closes() {
        Design design = card(before(child("Card"), asks("Sure")));
        assertThat(found(design, Kind.CLOSES_ALL_THE_SAME))
                .containsExactly("Card, before closing, step 1: whatever “Sure” is answered, Card closes.");
        putRight(design, Kind.CLOSES_ALL_THE_SAME);
    }

    @Test
    void the_answer_that_escape_means_or_that_says_so_has_to_stay() {
        var draft = escaping(box("Draft", "Keep", "Drop", "Cancel"), "cancel");
        Design design =
                card(before(child("Card"), asks("Draft", when("keep", stay()), when("drop"), when("cancel"))), draft);
        assertThat(found(design, Kind.CLOSES_ALL_THE_SAME))
                .containsExactly("Card, before closing, step 1: “cancel” in “Draft” closes Card all the same.");
        putRight(design, Kind.CLOSES_ALL_THE_SAME);
        Design right = card(
                before(child("Card"), asks("Draft", when("keep", note("kept")), when("drop"), when("cancel", stay()))),
                draft);
        assertThat(found(right, Kind.CLOSES_ALL_THE_SAME)).isEmpty();
    }

    @Test
    void a_branch_may_stay_by_what_follows_the_question_or_by_a_named_script() {
        var after = before(child("Card"), asks("Sure", when("leave", close("closed"))), stay());
        assertThat(found(card(after), Kind.CLOSES_ALL_THE_SAME)).isEmpty();
        var named = before(child("Card"), asks("Sure", when("leave"), when("stay", Step.Do.of("refuse"))))
                .with(new bivouac.design.Routines(
                        List.of(new bivouac.design.NamedScript(
                                bivouac.design.Name.of("refuse"), List.of(), Script.of(stay()))),
                        List.of()));
        assertThat(found(card(named), Kind.CLOSES_ALL_THE_SAME)).isEmpty();
    }

    @Test
    void a_save_that_failed_closes_all_the_same() {
        var works = task("write notes", "done", "failed");
        Design design = withMain(main("Desk", button("go", alongside("Card"))))
                .with(before(child("Card"), run("write notes", when("done"), when("failed", waits("Told")))))
                .with(box("Told", "OK"))
                .works(works)
                .design();
        assertThat(found(design, Kind.CLOSES_ALL_THE_SAME))
                .containsExactly(
                        "Card, before closing, step 1: when “write notes” ends failed, Card closes all the same.");
        putRight(design, Kind.CLOSES_ALL_THE_SAME);
        Step again = new Step.Repeat(Script.of(run(
                "write notes",
                when("done"),
                when("failed", asks("Sure", when("leave", new Step.Again()), when("stay", stay()))))));
        Design right = withMain(main("Desk", button("go", alongside("Card"))))
                .with(before(child("Card"), again))
                .with(SURE)
                .works(works)
                .design();
        assertThat(found(right, Kind.CLOSES_ALL_THE_SAME)).isEmpty();
    }

    @Test
    void asked_in_the_trigger_and_before_closing() {
        var twice = before(
                child("Card", button("leave", sure(close("closed")))),
                asks("Sure", when("leave"), when("stay", stay())));
        assertThat(found(card(twice), Kind.ASKED_TWICE))
                .containsExactly("Card, leave asks “Sure”, and before closing of Card asks “Sure” on the same way.");
        putRight(card(twice), Kind.ASKED_TWICE);
        var settled = before(
                changing(child("Card", button("leave", sure(set("me.changed", "false"), close("closed"))))),
                changed(asks("Sure", when("leave"), when("stay", stay()))));
        assertThat(found(card(settled), Kind.ASKED_TWICE)).isEmpty();
        var other = before(
                changing(child("Card", button("leave", asks("Other", when("leave", close("closed")), when("stay"))))),
                changed(asks("Sure", when("leave"), when("stay", stay()))));
        assertThat(found(card(other, escaping(box("Other", "Leave", "Stay"), "stay")), Kind.ASKED_TWICE))
                .isEmpty();
    }

    @Test
    void a_question_before_closing_that_waits_for_its_owner_leaves_others_usable() {
        var card = before(child("Card"), waitsForOwner("Sure", when("leave"), when("stay", stay())));
        assertThat(found(card(card), Kind.WAITS_FOR_OWNER_ONLY)).hasSize(1);
        putRight(card(card), Kind.WAITS_FOR_OWNER_ONLY);
        var alone = withMain(before(main("Desk"), waitsForOwner("Sure", when("leave"), when("stay", stay()))))
                .with(SURE)
                .design();
        assertThat(found(alone, Kind.WAITS_FOR_OWNER_ONLY)).isEmpty();
    }

    // Escape, the Delete key

    @Test
    void escape_must_not_mean_what_destroys() {
        Design design = withMain(main("Desk", button("go", asks("Remove", when("delete", note("gone")), when("keep")))))
                .with(escaping(box("Remove", "Delete", "Keep"), "delete"))
                .design();
        assertThat(found(design, Kind.ESCAPE_DESTROYS))
                .containsExactly("Remove: Escape and the close box mean “Delete”, which cannot be taken back.");
        Design right = putRight(design, Kind.ESCAPE_DESTROYS);
        assertThat(((MessageBox) right.window("Remove").orElseThrow()).escapeEnding())
                .contains("keep");
    }

    @Test
    void the_delete_key_goes_past_a_question_that_only_a_trigger_asks() {
        Step remove = new Step.RemoveRow("me.guests", false);
        Part list = Part.ListOfRows.of("guests", "Guests", new Type.Column("name", Type.TEXT))
                .removedByHand(true);
        Design design = withMain(main("Desk", list, button("out", sure(remove))))
                .with(SURE)
                .design();
        assertThat(found(design, Kind.REMOVES_UNASKED))
                .containsExactly("Desk, out: the Delete key removes a row of Guests without the question “Sure”.");
        Design right = putRight(design, Kind.REMOVES_UNASKED);
        Part.ListOfRows asked = (Part.ListOfRows)
                right.faced("Desk").orElseThrow().part("guests").orElseThrow();
        assertThat(asked.at(Part.RowMoment.BEFORE_REMOVING))
                .isEqualTo(Script.of(asks("Sure", when("leave"), when("stay", new Step.KeepRow()))));
        Design byTriggers = withMain(
                        main("Desk", ((Part.ListOfRows) list).removedByHand(false), button("out", sure(remove))))
                .with(SURE)
                .design();
        assertThat(found(byTriggers, Kind.REMOVES_UNASKED)).isEmpty();
    }

    @Test
    void a_question_of_which_no_answer_is_looked_at() {
        Design design = withMain(main("Desk", button("go", asks("Sure"), note("x"))))
                .with(SURE)
                .design();
        assertThat(found(design, Kind.MISSING_BRANCH))
                .containsExactly("Desk, go asks “Sure”, and does the same whatever is answered.");
        assertThat(Ending.of("ok").gives()).isEmpty();
    }

    @Test
    void what_the_start_does_before_it_closes_a_window_is_no_way_to_leave_it() {
        Design design = design().with(main("Desk"), child("Splash"))
                .start(alongside("Splash"), run("load", when("loaded")), alongside("Desk"), closes("Splash"))
                .works(task("load", "loaded"))
                .design();
        assertThat(found(design, Kind.CLOSES_UNASKED)).isEmpty();
    }

    @Test
    void what_the_start_asks_is_whether_to_begin() {
        Design design = design().with(main("Desk"), dialog("Login", button("in", close("ok"))))
                .start(asks("Login", when("ok", alongside("Desk")), when("cancelled", end())))
                .design();
        assertThat(found(design, Kind.CLOSES_UNASKED)).isEmpty();
    }
}

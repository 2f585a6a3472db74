package bivouac.check;

import static bivouac.check.AsWritten.*;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.design.Design;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the answers of a question come to: each finding with a design that nearly has it. */
class AnswerFindingsTest {

    private static Step.Open kept(Step... save) {
        return waits("Keep it", when("save", save), when("drop"), when("stay", stay()));
    }

    @Test
    void a_window_that_could_refuse_is_waited_for() {
        Step.Open open = alongside("Ask", when("closed", stay()));
        Design design = withMain(
                        main("Desk", button("go", alongside("Card"))), owned(before(child("Card"), open)), child("Ask"))
                .design();
        assertThat(all(design, Kind.NOT_AWAITED))
                .extracting(Finding::what, Finding::weight)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(
                        "Card, before closing, step 1: “Ask” is opened alongside, and Card closes before it is answered.",
                        Weight.WRONG));
        putRight(design, Kind.NOT_AWAITED);
        assertThat(found(
                        withMain(main("Desk", button("go", alongside("Card", when("closed", note("gone"))))))
                                .with(child("Card"))
                                .design(),
                        Kind.NOT_AWAITED))
                .isEmpty();
    }

    @Test
    void a_message_box_is_waited_for_whatever_the_step_says() {
        Design design = pressing(KEEP, alongside("Told"));
        assertThat(found(design, Kind.MESSAGE))
                .containsExactly("Desk, go, step 1: “Told” is to be opened alongside, and is waited for all the same.");
        putRight(design, Kind.MESSAGE);
        assertThat(found(
                        asking(KEEP, alongside("Keep it", when("save"), when("drop"), when("stay", stay()))),
                        Kind.NOT_AWAITED))
                .isEmpty();
        assertThat(found(pressing(KEEP, waits("Told")), Kind.MESSAGE)).isEmpty();
    }

    @Test
    void an_answer_has_to_matter() {
        Design nothing = pressing(KEEP, waits("Keep it", when("save"), when("drop"), when("stay")));
        assertThat(found(nothing, Kind.MISSING_BRANCH))
                .containsExactly("Desk, go, step 1: “Keep it” is asked, and nothing is done whatever is answered.");
        Step same = note("both");
        assertThat(found(
                        pressing(KEEP, waits("Keep it", when("save", same), when("drop", same), when("stay", same))),
                        Kind.MISSING_BRANCH))
                .containsExactly("Desk, go, step 1: “Keep it” is asked, and the same is done whatever is answered.");
        assertThat(found(
                        pressing(KEEP, waits("Keep it", when("save", same), when("drop"), when("stay"))),
                        Kind.MISSING_BRANCH))
                .isEmpty();
    }

    @Test
    void what_comes_after_a_question_may_look_at_its_answer() {
        Step.Open named = new Step.Open(
                "Keep it",
                new Manner.WaitsForApplication(),
                Optional.empty(),
                List.of(),
                Optional.of("said"),
                List.of(when("save"), when("drop"), when("stay")));
        assertThat(found(pressing(KEEP, named, note("{said.ending}")), Kind.MISSING_BRANCH))
                .isEmpty();
        Step.Open unnamed = waits("Keep it", when("save"), when("drop"), when("stay"));
        assertThat(found(pressing(KEEP, unnamed, note("over")), Kind.MISSING_BRANCH))
                .hasSize(1);
        assertThat(found(pressing(KEEP, unnamed, run("write")), Kind.MISSING_BRANCH))
                .noneMatch(w -> w.contains("is asked"));
    }

    @Test
    void escape_means_the_answer_that_does_nothing() {
        MessageBox ring = escaping(box("Ring", "Ring", "Not yet"), "ring");
        Step.Open open = waits("Ring", when("ring", note("rung")), when("not yet"));
        Design design = pressing(ring, open);
        assertThat(found(design, Kind.ESCAPE_DESTROYS))
                .containsExactly("Desk, go, step 1: Escape in “Ring” means “Ring”, which does something, and “Not yet”"
                        + " does nothing.");
        putRight(design, Kind.ESCAPE_DESTROYS);
        assertThat(found(pressing(escaping(ring, "not yet"), open), Kind.ESCAPE_DESTROYS))
                .isEmpty();
        Step.Open both = waits("Ring", when("ring", note("rung")), when("not yet", note("put off")));
        assertThat(found(pressing(ring, both), Kind.ESCAPE_DESTROYS)).isEmpty();
        Step.Open leaves = waits("Ring", when("ring", end()), when("not yet"));
        assertThat(found(pressing(ring, leaves), Kind.ESCAPE_DESTROYS)).isEmpty();
    }

    @Test
    void escape_before_closing_stays_even_where_the_other_answer_may_stay_too() {
        Step.Open open = kept(run("write", when("written"), when("failed", stay())));
        Design design = asking(escaping(KEEP, "save"), open);
        assertThat(found(design, Kind.ESCAPE_DESTROYS))
                .containsExactly("Card, before closing, step 1: Escape in “Keep it” means “Save”, which does something,"
                        + " and “Stay” does nothing.");
        putRight(design, Kind.ESCAPE_DESTROYS);
        assertThat(found(asking(KEEP, open), Kind.ESCAPE_DESTROYS)).isEmpty();
    }

    @Test
    void a_save_before_closing_has_to_save() {
        assertThat(found(asking(KEEP, kept()), Kind.CLOSES_ALL_THE_SAME))
                .containsExactly("Card, before closing, step 1: “Save” in “Keep it” does nothing, and Card closes.");
        assertThat(found(asking(KEEP, kept(note("the program saves"))), Kind.CLOSES_ALL_THE_SAME))
                .isEmpty();
        assertThat(found(asking(KEEP, kept(), run("write")), Kind.CLOSES_ALL_THE_SAME))
                .noneMatch(w -> w.contains("does nothing"));
    }

    @Test
    void trying_again_has_to_try() {
        MessageBox failed = box("Failed", "Try again", "Give up");
        Design design = pressing(failed, waits("Failed", when("try again"), when("give up", end())));
        assertThat(found(design, Kind.MISSING_BRANCH))
                .containsExactly("Desk, go, step 1: “Try again” in “Failed” does nothing.");
        assertThat(found(
                        pressing(failed, waits("Failed", when("try again", run("write")), when("give up"))),
                        Kind.MISSING_BRANCH))
                .noneMatch(w -> w.contains("Try again"));
    }

    @Test
    void enter_before_closing_loses_nothing() {
        MessageBox late = new MessageBox(
                KEEP.name(),
                "",
                MessageBox.Severity.QUESTION,
                "Keep it?",
                List.of(),
                Stream.of("Save", "Later", "Stay").map(MessageBox.Answer::of).toList(),
                Optional.of("later"),
                Optional.of("stay"));
        Step.Open open = waits(
                "Keep it",
                when("save", run("write", when("written"), when("failed", stay()))),
                when("later"),
                when("stay", stay()));
        Design design = asking(late, open);
        assertThat(found(design, Kind.ESCAPE_DESTROYS))
                .containsExactly(
                        "Card, before closing, step 1: Enter in “Keep it” means “Later”, at which Card closes and"
                                + " nothing is done.");
        putRight(design, Kind.ESCAPE_DESTROYS);
        Step.Open onlyLeaves = waits("Keep it", when("save", stay()), when("later"), when("stay", stay()));
        assertThat(found(asking(late, onlyLeaves), Kind.ESCAPE_DESTROYS)).isEmpty();
    }

    private static Design removing(Step... before) {
        Part guests = Part.ListOfRows.of("guests", "Guests", new Type.Column("guest", Type.TEXT))
                .starting(List.of(List.of("Maba")))
                .removedByHand(true)
                .at(Part.RowMoment.BEFORE_REMOVING, Script.of(before));
        return withMain(main("Desk", guests))
                .with(escaping(box("Sure", "Remove", "Keep"), "keep"))
                .design();
    }

    @Test
    void a_row_that_is_to_be_kept_is_kept() {
        Design gone = removing(waits("Sure", when("remove", note("gone")), when("keep")));
        assertThat(found(gone, Kind.REMOVES_UNASKED))
                .containsExactly(
                        "Desk, guests, before removing, step 1: whatever “Sure” is answered, the row is removed.");
        putRight(gone, Kind.REMOVES_UNASKED);
        Design mixed = removing(waits("Sure", when("remove", new Step.KeepRow()), when("keep")));
        assertThat(found(mixed, Kind.REMOVES_UNASKED))
                .containsExactly(
                        "Desk, guests, before removing, step 1: “Keep” in “Sure” removes the row all the same.");
        assertThat(found(
                        removing(waits("Sure", when("remove", note("gone")), when("keep", new Step.KeepRow()))),
                        Kind.REMOVES_UNASKED))
                .isEmpty();
    }

    @Test
    void an_error_is_shown_where_something_failed() {
        MessageBox error = new MessageBox(
                Name.of("Not written"),
                "",
                MessageBox.Severity.ERROR,
                "It could not be written.",
                List.of(),
                List.of(MessageBox.Answer.of("OK")),
                Optional.empty(),
                Optional.empty());
        Step told = waits("Not written", when("ok"));
        assertThat(found(pressing(error, run("write", when("written", told), when("failed"))), Kind.MESSAGE))
                .containsExactly(
                        "Desk, go, step 1: when “write” ends written, as it usually does, “Not written” is shown,"
                                + " which is an error.");
        assertThat(found(pressing(error, run("write", when("written"), when("failed", told))), Kind.MESSAGE))
                .isEmpty();
    }

    @Test
    void a_named_script_may_refuse_where_before_closing_does_it() {
        var ask = bivouac.design.NamedScript.of(
                "ask", waits("Keep it", when("save", run("write")), when("drop"), when("stay", stay())));
        var around = bivouac.design.NamedScript.of("around", Step.Do.of("ask"));
        var made = withMain(before(main("Desk"), Step.Do.of("around")))
                .with(KEEP)
                .works(task("write", "written"))
                .does(ask, around);
        assertThat(found(made.design(), Kind.MISPLACED_STEP)).isEmpty();
        assertThat(found(made.design(), Kind.ESCAPE_DESTROYS)).isEmpty();
        Design pressed = withMain(main("Desk", button("go", Step.Do.of("around"))))
                .with(KEEP)
                .works(task("write", "written"))
                .does(ask, around)
                .design();
        assertThat(found(pressed, Kind.MISPLACED_STEP)).hasSize(1);
    }
}

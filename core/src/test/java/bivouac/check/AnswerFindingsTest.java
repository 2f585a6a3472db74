package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Finding.Kind;
import bivouac.check.Finding.Weight;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.Window;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What answers come to, what is done twice, and endings that nothing leads to: each with a design that nearly has it. */
class AnswerFindingsTest {

    private static final MessageBox KEEP = escaping(box("Keep it", "Save", "Drop", "Stay"), "stay");

    private static List<String> found(Design design, Kind kind) {
        return WaysOutFindingsTest.all(design, kind).stream().map(Finding::what).toList();
    }

    private static List<String> given(Design design) {
        return found(design, Kind.UNUSED).stream()
                .filter(w -> w.contains(" gives "))
                .toList();
    }

    private static void putRight(Design design, Kind kind) {
        Design now = design;
        for (Finding f : WaysOutFindingsTest.all(design, kind)) {
            assertThat(f.repairs()).as(f.what()).isNotEmpty();
            now = f.repairs().getFirst().in(now);
        }
        assertThat(found(now, kind)).isEmpty();
    }

    /** A card that asks before it closes. */
    private static Design asking(MessageBox box, Step... before) {
        return withMain(main("Desk", button("go", alongside("Card"))), owned(before(child("Card"), before)))
                .with(box)
                .with(box("Told", "OK"))
                .works(task("write", "written", "failed"))
                .design();
    }

    /** A button that does something. */
    private static Design pressing(Window asked, Step... steps) {
        return withMain(main("Desk", button("go", steps)))
                .with(asked)
                .with(box("Told", "OK"))
                .works(task("write", "written", "failed"))
                .design();
    }

    private static Step.Open kept(Step... save) {
        return waits("Keep it", when("save", save), when("drop"), when("stay", stay()));
    }

    // Alongside

    @Test
    void a_window_that_could_refuse_is_waited_for() {
        Step.Open open = alongside("Ask", when("closed", stay()));
        Design design = withMain(
                        main("Desk", button("go", alongside("Card"))), owned(before(child("Card"), open)), child("Ask"))
                .design();
        assertThat(WaysOutFindingsTest.all(design, Kind.NOT_AWAITED))
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

    // Answers

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
    void a_file_that_is_asked_for_has_to_be_read() {
        var dialog = FileDialog.of(Name.of("Pick"), FileDialog.Asks.ONE);
        Step.Open open = waits("Pick", when("chosen", note("{result.path}")), when("cancelled"));
        assertThat(given(pressing(dialog, open))).isEmpty();
        Step.Open blind = waits("Pick", when("chosen", note("chosen")), when("cancelled"));
        assertThat(given(pressing(dialog, blind)))
                .containsExactly("Pick gives path, filter with “chosen”, and nothing that opens it reads any of it.");
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

    // Twice

    @Test
    void what_was_just_asked_or_done_is_not_done_again() {
        Step.Open ask = waits("Keep it", when("save", note("saved")), when("drop"), when("stay"));
        Design asked = pressing(KEEP, ask, note("between"), ask);
        assertThat(found(asked, Kind.ASKED_TWICE))
                .containsExactly("Desk, go, step 4: “Keep it” is asked again, after step 1 has asked it.");
        putRight(asked, Kind.ASKED_TWICE);
        Design opened = pressing(KEEP, alongside("Desk"), alongside("Desk"));
        assertThat(found(opened, Kind.DONE_TWICE))
                .containsExactly("Desk, go, step 2: it does again what step 1 has just done.");
        putRight(opened, Kind.DONE_TWICE);
    }

    @Test
    void again_is_no_mistake_after_something_else_or_in_an_answer() {
        Step.Open inside = waits("Keep it", when("save", note("saved")), when("drop"), when("stay"));
        Step.Open retry = waits("Keep it", when("save", inside), when("drop"), when("stay"));
        assertThat(found(pressing(KEEP, retry), Kind.ASKED_TWICE)).isEmpty();
        assertThat(found(pressing(KEEP, run("write"), note("once more"), run("write")), Kind.DONE_TWICE))
                .isEmpty();
        assertThat(found(pressing(KEEP, alongside("Desk"), new Step.Off(alongside("Desk"))), Kind.DONE_TWICE))
                .isEmpty();
        assertThat(found(pressing(KEEP, note("a"), note("a")), Kind.DONE_TWICE)).isEmpty();
    }

    // Endings

    private static FacedWindow form(Step pressed, Ending... endings) {
        return dialog("Form", button("admit", pressed)).ending(List.of(endings));
    }

    private static Design opening(FacedWindow form, Step... admitted) {
        return withMain(main("Desk", button("go", waits("Form", when("admitted", admitted), when("cancelled")))))
                .with(form)
                .design();
    }

    private static final Ending ADMITTED = new Ending("admitted", List.of(Ending.Give.of("guest", Type.TEXT)));

    @Test
    void a_way_out_gives_what_its_ending_gives() {
        FacedWindow form = form(close("admitted", Given.of("guest", "\"Maba\"")), ADMITTED, Ending.of("cancelled"));
        Step read = note("{result.guest}");
        assertThat(found(opening(form, read), Kind.GIVES_NOTHING)).isEmpty();
        Design boxed = opening(form.leaving(Way.CLOSE_BOX, WayOut.LeadsTo.ending("admitted")), read);
        assertThat(found(boxed, Kind.GIVES_NOTHING))
                .containsExactly("Form: the close box, the owner closing, the departure, the session ending lead to"
                        + " “admitted” without giving guest.");
        putRight(boxed, Kind.GIVES_NOTHING);
    }

    @Test
    void something_leads_to_each_ending() {
        Step read = note("{result.guest}");
        assertThat(found(opening(form(note("nothing"), ADMITTED, Ending.of("cancelled")), read), Kind.NEVER_RUN))
                .contains("Form never ends with “admitted”: no step and no way out leads to it.");
        assertThat(found(
                        opening(
                                form(
                                        close("admitted", Given.of("guest", "\"Maba\"")),
                                        ADMITTED,
                                        Ending.of("cancelled")),
                                read),
                        Kind.NEVER_RUN))
                .isEmpty();
    }

    @Test
    void what_an_ending_gives_is_read_by_somebody() {
        FacedWindow form = form(close("admitted", Given.of("guest", "\"Maba\"")), ADMITTED, Ending.of("cancelled"));
        assertThat(found(opening(form, note("admitted")), Kind.UNUSED))
                .containsExactly("Form gives guest with “admitted”, and nothing that opens it reads it.");
        assertThat(found(opening(form, note("{result.guest}")), Kind.UNUSED)).isEmpty();
    }

    @Test
    void a_dialog_does_not_end_the_application_unless_it_says_so() {
        FacedWindow form = dialog("Form", Part.Button.of("ok", "OK").triggering(Script.of(end())));
        Design design =
                withMain(main("Desk", button("go", waits("Form")))).with(form).design();
        assertThat(found(design, Kind.WRONG_END))
                .containsExactly("Form, ok, step 1: “OK” on Form ends the whole application.");
        FacedWindow said = dialog("Form", Part.Button.of("ok", "Leave").triggering(Script.of(end())));
        assertThat(found(
                        withMain(main("Desk", button("go", waits("Form"))))
                                .with(said)
                                .design(),
                        Kind.WRONG_END))
                .isEmpty();
    }

    @Test
    void every_repair_leaves_a_design_that_has_gone_on_as_it_is() {
        Design design = pressing(KEEP, note("a"));
        Program.of(design);
        var place = new bivouac.design.ScriptPlace.AtPart("Desk", "go");
        assertThat(new StepRepair.RemoveStep(place, bivouac.design.StepPath.of(4)).in(design))
                .isSameAs(design);
        assertThat(new DesignRepair.Means("Gone", DesignRepair.Means.Key.ENTER, "save").in(design))
                .isEqualTo(design);
        assertThat(new ClosingRepair.LeadTo("Gone", List.of(Way.ESCAPE), "ok").in(design))
                .isEqualTo(design);
    }

    @Test
    void a_window_that_is_made_ends_as_the_step_that_opens_it_says() {
        Design design = withMain(main("Desk", button("go", waits("Form", when("sent", note("sent")), when("dropped")))))
                .design();
        Finding dangling = WaysOutFindingsTest.all(design, Kind.DANGLING).getFirst();
        Design made = dangling.repairs().getFirst().in(design);
        assertThat(made.faced("Form").orElseThrow().endings())
                .extracting(Ending::name)
                .containsExactly("sent", "dropped");
        assertThat(found(made, Kind.DANGLING)).isEmpty();
    }

    @Test
    void what_nothing_uses_goes_with_what_sets_it() {
        Design design = withMain(main("Desk", button("go", set("app.unused", "1"), note("done"))))
                .variable("unused", Type.WHOLE, "0")
                .design();
        putRight(design, Kind.UNUSED);
        Design left = WaysOutFindingsTest.all(design, Kind.UNUSED)
                .getFirst()
                .repairs()
                .getFirst()
                .in(design);
        assertThat(left.application().variables()).isEmpty();
        assertThat(new bivouac.design.ScriptPlace.AtPart("Desk", "go").in(left).steps())
                .containsExactly(note("done"));
    }

    @Test
    void a_conversion_that_is_not_guarded_is_put_under_its_question() {
        Part field = Part.TextField.of("age", "Age");
        Design design = withMain(
                        main("Desk", field, button("go", set("app.years", "whole(me.age)"), note("{app.years}"))))
                .variable("years", Type.WHOLE, "0")
                .design();
        assertThat(found(design, Kind.UNGUARDED)).hasSize(1);
        putRight(design, Kind.UNGUARDED);
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

    // Parts and files

    @Test
    void a_pattern_without_a_star_means_one_file() {
        var name = Name.of("Pick");
        Step.Open open = waits("Pick", when("chosen", note("{result.path}")), when("cancelled"));
        FileDialog dialog = FileDialog.of(name, FileDialog.Asks.ONE);
        Design design = pressing(
                dialog.filtering(List.of(new FileDialog.Filter("Lists", List.of("csv", ".txt", "*.tsv"))), true), open);
        assertThat(found(design, Kind.FILTER))
                .containsExactly(
                        "“csv” in the filter “Lists” of Pick has no star, and so means the one file of that name.",
                        "“.txt” in the filter “Lists” of Pick has no star, and so means the one file of that name.");
        putRight(design, Kind.FILTER);
        assertThat(found(
                        pressing(
                                dialog.filtering(
                                        List.of(new FileDialog.Filter("Lists", List.of("*.csv", "list?.txt"))), true),
                                open),
                        Kind.FILTER))
                .isEmpty();
    }

    @Test
    void parts_are_put_right_by_their_findings() {
        Design keys = withMain(main(
                        "Desk",
                        Part.Button.of("open", "&Open").triggering(Script.of(note("o"))),
                        Part.Button.of("offer", "&Offer && more").triggering(Script.of(note("p")))))
                .design();
        assertThat(found(keys, Kind.PART)).containsExactly("Alt+O on Desk means both Open and Offer & more.");
        putRight(keys, Kind.PART);
        Design rows = withMain(main(
                        "Desk",
                        Part.ListOfRows.of("guests", "Guests", new Type.Column("guest", Type.TEXT))
                                .starting(List.of(List.of("Maba", "Stint"), List.of()))))
                .design();
        assertThat(found(rows, Kind.PART)).hasSize(2);
        Design fitted = WaysOutFindingsTest.all(rows, Kind.PART)
                .getFirst()
                .repairs()
                .getFirst()
                .in(rows);
        assertThat(found(fitted, Kind.PART)).isEmpty();
        assertThat(WaysOutFindingsTest.all(rows, Kind.PART)
                        .getLast()
                        .repairs()
                        .getFirst()
                        .in(fitted))
                .as("changed meanwhile")
                .isSameAs(fitted);
    }

    // Unsaved

    private static FacedWindow changing(FacedWindow window) {
        return window.holding(List.of(bivouac.design.Variable.of("changed", Type.YESNO, "false")));
    }

    @Test
    void a_window_that_says_it_is_unsaved_asks_before_it_closes() {
        Part field = Part.TextField.of("text", "Text").triggering(Script.of(set("me.changed", "true")));
        Design silent = withMain(main("Desk", button("go", alongside("Card"))))
                .with(owned(changing(child("Card", field))))
                .design();
        assertThat(found(silent, Kind.UNSAVED_LOST))
                .containsExactly("Card closes while me.changed is yes, and asks nothing; with its owner too.");
        putRight(silent, Kind.UNSAVED_LOST);
        var asks = before(
                changing(child("Card", field)),
                new Step.If(
                        List.of(new Step.If.Case(new bivouac.design.Expression("me.changed"), Script.of(stay()))),
                        Optional.empty()));
        assertThat(found(
                        withMain(main("Desk", button("go", alongside("Card"))))
                                .with(asks)
                                .design(),
                        Kind.UNSAVED_LOST))
                .isEmpty();
        assertThat(found(
                        withMain(main("Desk", button("go", waits("Form"))))
                                .with(changing(dialog("Form", field)))
                                .design(),
                        Kind.UNSAVED_LOST))
                .as("left by its answers")
                .isEmpty();
    }

    @Test
    void what_is_kept_has_to_be_some_value() {
        Step saves = new Step.KeptValues(Step.KeptValues.How.values()[0]);
        Design none = pressing(KEEP, saves);
        assertThat(found(none, Kind.UNUSED)).anyMatch(w -> w.endsWith("no value of the application is kept."));
        Design some = withMain(main("Desk", button("go", saves), Part.Caption.of("shown", "{app.nights}")))
                .kept("nights", Type.WHOLE, "0")
                .design();
        assertThat(found(some, Kind.UNUSED)).isEmpty();
    }
}

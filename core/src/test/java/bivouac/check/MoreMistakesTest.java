package bivouac.check;

import static bivouac.check.AsWritten.found;
import static bivouac.check.AsWritten.putRight;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Said;
import bivouac.check.ways.FaultWays;
import bivouac.check.ways.Repair;
import bivouac.check.ways.Sought;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.Menu;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.machine.Fault;
import bivouac.machine.Play;
import bivouac.plan.StepRef;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Everyday mistakes that findings missed, each beside the design that nearly has it and is right. */
class MoreMistakesTest {

    // Closing

    private static Design saving(Step.Branch... ofDialog) {
        var box = new MessageBox(
                Name.of("Unsaved"),
                "Card",
                MessageBox.Severity.QUESTION,
                "Save the card?",
                List.of(),
                List.of(MessageBox.Answer.of("Save"), MessageBox.Answer.of("Discard"), MessageBox.Answer.of("Cancel")),
                Optional.of("save"),
                Optional.of("cancel"));
        return AsWritten.asking(
                        box,
                        waits(
                                "Unsaved",
                                when("save", waits("Keep as", ofDialog)),
                                when("discard"),
                                when("cancel", stay())))
                .adding(FileDialog.of(Name.of("Keep as"), FileDialog.Asks.SAVE));
    }

    @Test
    void a_save_dialog_that_is_left_before_closing_closes_and_loses_the_work() {
        Design loses = saving(when("chosen", run("write", when("failed", stay()))), when("cancelled"));
        assertThat(found(loses, Kind.CLOSES_ALL_THE_SAME))
                .containsExactly("Card, before closing, step 2: “cancelled” in “Keep as” closes Card all the same.");
        putRight(loses, Kind.CLOSES_ALL_THE_SAME);
        Design stays = saving(when("chosen", run("write", when("failed", stay()))), when("cancelled", stay()));
        assertThat(found(stays, Kind.CLOSES_ALL_THE_SAME)).isEmpty();
    }

    private static Weight weight(Design design, Kind kind) {
        return AsWritten.all(design, kind).getFirst().weight();
    }

    @Test
    void words_do_not_outweigh_what_a_box_says_of_its_escape() {
        var hook = escaping(box("Hook", "back", "not yet"), "not yet");
        assertThat(found(
                        AsWritten.asking(hook, waits("Hook", when("back"), when("not yet", stay()))),
                        Kind.CLOSES_ALL_THE_SAME))
                .isEmpty();
        var all = escaping(box("Close all", "continue", "stay here"), "stay here");
        assertThat(found(
                        AsWritten.asking(all, waits("Close all", when("continue"), when("stay here", stay()))),
                        Kind.CLOSES_ALL_THE_SAME))
                .isEmpty();
        // a third answer that only its words speak for is a hint
        var three = escaping(box("Three", "keep editing", "close", "cancel"), "cancel");
        Design hinted =
                AsWritten.asking(three, waits("Three", when("keep editing"), when("close"), when("cancel", stay())));
        assertThat(weight(hinted, Kind.CLOSES_ALL_THE_SAME)).isEqualTo(Weight.HINT);
        // what Escape leads to is certain, whatever it is called
        var escapes = escaping(box("Sure", "go", "fine"), "fine");
        Design wrong = AsWritten.asking(escapes, waits("Sure", when("go", stay()), when("fine")));
        assertThat(weight(wrong, Kind.CLOSES_ALL_THE_SAME)).isEqualTo(Weight.WRONG);
    }

    @ParameterizedTest
    @CsvSource({
        "Backup and close, STAYS, false",
        "Back, STAYS, true",
        "Back to the list, STAYS, true",
        "Continue, STAYS, false",
        "No, STAYS, true",
        "Not yet, STAYS, false",
        "Noted, STAYS, false",
        "&Cancel, STAYS, true",
        "Removed, DESTROYS, false",
        "Remove row…, DESTROYS, true",
        "Clearance, DESTROYS, false",
        "not written, FAILED, true",
        "nothing, FAILED, false",
        "failed, FAILED, true",
        "Quitting time, ENDS, false",
        "Quit, ENDS, true"
    })
    void words_count_whole(String text, Said meaning, boolean meant) {
        assertThat(meaning.by(text)).isEqualTo(meant);
    }

    @Test
    void what_is_unsaved_is_set_to_no_only_after_the_work_that_may_fail() {
        Design soon = unsaved(set("app.unsaved", "false"), run("write", when("written"), when("failed", note("no"))));
        assertThat(found(soon, Kind.UNSAVED_LOST))
                .containsExactly(
                        "Desk, go, step 1: “app.unsaved” is set to no before “write” has run, which can fail.");
        putRight(soon, Kind.UNSAVED_LOST);
        Design after = unsaved(run("write", when("written", set("app.unsaved", "false")), when("failed", note("no"))));
        assertThat(found(after, Kind.UNSAVED_LOST)).isEmpty();
        Design again = unsaved(
                set("app.unsaved", "false"), run("write", when("written"), when("failed", set("app.unsaved", "true"))));
        assertThat(found(again, Kind.UNSAVED_LOST)).isEmpty();
    }

    private static Design unsaved(Step... steps) {
        return withMain(main("Desk", button("go", steps)))
                .variable("unsaved", Type.YESNO, "false")
                .works(task("write", "written", "failed"))
                .design();
    }

    @Test
    void what_a_question_asks_about_is_set_somewhere() {
        Design never = rowsAsked(new Step.AddRow("me.guests", List.of(Given.of("guest", "\"x\""))));
        assertThat(found(never, Kind.UNSAVED_LOST))
                .containsExactly(
                        "Desk, before closing, step 1: “me.changed” is asked, and nothing ever sets it to yes.");
        assertThat(found(putRight(never, Kind.UNSAVED_LOST), Kind.UNSAVED_LOST)).isEmpty();
        assertThat(found(rowsAsked(set("me.changed", "true")), Kind.UNSAVED_LOST))
                .isEmpty();
    }

    private static Design rowsAsked(Step pressed) {
        var asks = new Step.If(
                List.of(new Step.If.Case(
                        new Expression("me.changed"), Script.of(waits("Sure", when("leave"), when("stay", stay()))))),
                Optional.empty());
        return withMain(before(
                        main(
                                        "Desk",
                                        Part.ListOfRows.of("guests", "Guests", new Type.Column("guest", Type.TEXT)),
                                        button("go", pressed))
                                .holding(List.of(bivouac.design.Variable.of("changed", Type.YESNO, "false"))),
                        asks))
                .with(escaping(box("Sure", "leave", "stay"), "stay"))
                .design();
    }

    @Test
    void before_closing_does_not_close_what_is_asked_and_waits_for_its_tasks() {
        Design closes = AsWritten.asking(
                box("Sure", "go", "stay"), new Step.Close(new Target.Me(), Optional.empty(), List.of(), Script.EMPTY));
        assertThat(found(closes, Kind.MISPLACED_STEP))
                .containsExactly(
                        "Card, before closing, step 1: it closes the window that is being asked whether it may close.");
        putRight(closes, Kind.MISPLACED_STEP);
        Design background = AsWritten.asking(
                box("Sure", "go", "stay"), Step.RunTask.of("write").inBackground(true));
        assertThat(weight(background, Kind.MISPLACED_STEP)).isEqualTo(Weight.HINT);
        putRight(background, Kind.MISPLACED_STEP);
    }

    // The end

    @Test
    void a_departure_is_tied_to_a_window_that_is_there_and_is_one() {
        var many =
                main("Desk", button("go", note("x"))).living(Optional.of(new bivouac.design.Instances.Many()), false);
        Design tied = withMain(many)
                .departs(new bivouac.design.DepartureRule.WithWindow("Desk"))
                .design();
        assertThat(found(tied, Kind.WRONG_END)).hasSize(1);
        putRight(tied, Kind.WRONG_END);
        Design one = withMain(main("Desk", button("go", note("x"))))
                .departs(new bivouac.design.DepartureRule.WithWindow("Desk"))
                .design();
        assertThat(found(one, Kind.WRONG_END)).isEmpty();
        Design never = withMain(main("Desk", button("go", note("x"))), main("Other"))
                .departs(new bivouac.design.DepartureRule.WithWindow("Other"))
                .design();
        assertThat(found(never, Kind.NEVER_ENDS)).hasSize(1);
        putRight(never, Kind.NEVER_ENDS);
    }

    @Test
    void close_on_a_card_closes_the_card_and_quit_closes_more_than_one_of_many() {
        Design owner = withMain(
                        main("Desk", button("go", alongside("Card"))),
                        owned(child(
                                "Card",
                                Part.Button.of("close", "&Close")
                                        .triggering(Script.of(new Step.Close(
                                                new Target.Owner(), Optional.empty(), List.of(), Script.EMPTY))))))
                .design();
        assertThat(found(owner, Kind.WRONG_END)).hasSize(1);
        putRight(owner, Kind.WRONG_END);
        var many = main("Page", Part.Button.of("quit", "Quit").triggering(Script.of(close("closed"))))
                .living(Optional.of(new bivouac.design.Instances.Many()), false);
        assertThat(found(withMain(many).design(), Kind.WRONG_END)).hasSize(1);
    }

    // Rows

    private static Design rows(Step... pressed) {
        var list = Part.ListOfRows.of("guests", "Guests", new Type.Column("guest", Type.TEXT))
                .at(
                        Part.RowMoment.BEFORE_REMOVING,
                        Script.of(waits("Sure", when("remove"), when("keep", new Step.KeepRow()))));
        return withMain(main("Desk", list, button("go", pressed)))
                .with(escaping(box("Sure", "remove", "keep"), "keep"), escaping(box("Really", "yes", "no"), "no"))
                .design();
    }

    @Test
    void a_button_removes_as_the_delete_key_does_and_asks_once() {
        Design past = rows(onlyIf("me.guests.anySelected", new Step.RemoveRow("me.guests", true)));
        assertThat(found(past, Kind.REMOVES_UNASKED)).hasSize(1);
        putRight(past, Kind.REMOVES_UNASKED);
        Design twice = rows(onlyIf(
                "me.guests.anySelected",
                waits("Really", when("yes", new Step.RemoveRow("me.guests", false)), when("no"))));
        assertThat(found(twice, Kind.ASKED_TWICE)).hasSize(1);
        putRight(twice, Kind.ASKED_TWICE);
        Design right = rows(onlyIf("me.guests.anySelected", new Step.RemoveRow("me.guests", false)));
        assertThat(found(right, Kind.ASKED_TWICE)).isEmpty();
        assertThat(found(right, Kind.REMOVES_UNASKED)).isEmpty();
    }

    // Checks, files, windows that are brought back

    private static Design form(Step... steps) {
        var told = new MessageBox(
                Name.of("Missing"),
                "Form",
                MessageBox.Severity.WARNING,
                "Who is missing.",
                List.of(),
                List.of(MessageBox.Answer.of("OK")),
                Optional.of("ok"),
                Optional.empty());
        return withMain(
                        main("Desk", button("go", waits("Form", when("ok"), when("cancelled")))),
                        dialog("Form", Part.TextField.of("who", "Who"), button("ok", steps)))
                .with(told, FileDialog.of(Name.of("Keep as"), FileDialog.Asks.SAVE))
                .works(task("write", "written", "failed"))
                .design();
    }

    private static Step check(Script otherwise) {
        return new Step.If(
                List.of(new Step.If.Case(new Expression("blank(me.who)"), Script.of(waits("Missing")))),
                Optional.of(otherwise));
    }

    @Test
    void a_check_that_warns_keeps_what_follows_from_the_bad_value() {
        Design warns = form(check(Script.EMPTY), close("ok"));
        assertThat(found(warns, Kind.CLOSES_ALL_THE_SAME))
                .containsExactly("Form, ok, step 1: “Missing” warns, and then Form closes all the same.");
        Design now = putRight(warns, Kind.CLOSES_ALL_THE_SAME);
        assertThat(new ScriptPlace.AtPart("Form", "ok").in(now).steps()).hasSize(1);
        assertThat(found(form(check(Script.of(close("ok")))), Kind.CLOSES_ALL_THE_SAME))
                .isEmpty();
    }

    @Test
    void a_file_dialog_that_is_left_does_not_lead_on_to_the_end() {
        Step asks = waits("Keep as", when("chosen", run("write", when("written"), when("failed"))), when("cancelled"));
        assertThat(found(form(asks, close("ok")), Kind.CLOSES_ALL_THE_SAME))
                .containsExactly("Form, ok, step 1: where “Keep as” is left, Form closes all the same.");
        Step inside = waits("Keep as", when("chosen", run("write"), close("ok")), when("cancelled"));
        assertThat(found(form(inside), Kind.CLOSES_ALL_THE_SAME)).isEmpty();
    }

    @Test
    void a_path_is_given_to_what_fits_it() {
        var writes = new bivouac.design.Task(
                Name.of("write"),
                List.of(new bivouac.design.Take(Name.of("at"), Type.TEXT, Optional.empty())),
                List.of(new bivouac.design.Task.Outcome(
                        Ending.of("written"), List.of(), Optional.of(new Expression("takes.at")))),
                Optional.empty());
        Step run = Step.RunTask.of("write").handing(Given.of("at", "result.path"));
        for (FileDialog.Asks asks : List.of(FileDialog.Asks.ONE, FileDialog.Asks.SAVE)) {
            Design design = withMain(main("Desk", button("go", waits("Which", when("chosen", run), when("cancelled")))))
                    .with(FileDialog.of(Name.of("Which"), asks))
                    .works(writes)
                    .design();
            assertThat(AsWritten.all(design, Kind.MESSAGE).stream()
                            .filter(f -> f.what().contains("writes to the file")))
                    .as(asks.name())
                    .hasSize(asks == FileDialog.Asks.ONE ? 1 : 0);
        }
    }

    @Test
    void a_window_that_is_brought_back_shows_what_it_is_handed_then() {
        FacedWindow card = single(child("Card", Part.Caption.of("shown", "")))
                .taking(List.of(new bivouac.design.Take(Name.of("guest"), Type.TEXT, Optional.empty())))
                .at(FacedWindow.Moment.OPENED, Script.of(set("me.shown", "takes.guest")));
        Design design = withMain(
                        main(
                                "Desk",
                                Part.TextField.of("who", "Who"),
                                button("go", alongside("Card").handing(Given.of("guest", "me.who")))),
                        card)
                .design();
        assertThat(found(design, Kind.NOT_HANDED_OVER)).hasSize(1);
        putRight(design, Kind.NOT_HANDED_OVER);
    }

    @Test
    void typed_texts_are_joined_anywhere_in_a_longer_sum() {
        Design design = withMain(main(
                        "Desk",
                        Part.TextField.of("first", ""),
                        Part.TextField.of("second", ""),
                        Part.Caption.of("shown", ""),
                        button("go", set("me.shown", "\"Sum: \" + me.first + me.second"))))
                .design();
        assertThat(found(design, Kind.SUM)).hasSize(1);
        // no fault comes of it, so exploring must not clear it
        assertThat(OfSituations.all(design)).anyMatch(f -> f.kind() == Kind.SUM);
    }

    @Test
    void one_access_key_means_one_thing_in_a_box_in_a_menu_and_in_the_row_of_menus() {
        var box = new MessageBox(
                Name.of("Sure"),
                "",
                MessageBox.Severity.QUESTION,
                "Sure?",
                List.of(),
                List.of(MessageBox.Answer.of("&Save"), MessageBox.Answer.of("&Stay")),
                Optional.of("stay"),
                Optional.of("stay"));
        FacedWindow menus = main("Desk", button("go", waits("Sure", when("save", note("x")), when("stay"))))
                .withMenus(List.of(
                        new Menu("&File", List.of(command("one", "&New"), command("two", "&Note"))),
                        new Menu("&Format", List.of(command("three", "&New line")))));
        assertThat(found(withMain(menus).with(box).design(), Kind.PART))
                .containsExactlyInAnyOrder(
                        "Alt+S on Sure means both Save and Stay.",
                        "Alt+N on the menu File of Desk means both New and Note.",
                        "Alt+F on the menus of Desk means both File and Format.");
    }

    private static Part.MenuCommand command(String name, String text) {
        return (Part.MenuCommand) Part.MenuCommand.of(name, text, "").triggering(Script.of(note(text)));
    }

    @Test
    void a_text_that_only_scripts_set_and_always_to_numbers_needs_no_question() {
        Step more = set("me.more", "shown(whole(me.more) + 1)");
        assertThat(found(counting(more), Kind.UNGUARDED)).isEmpty();
        assertThat(found(counting(more, set("me.more", "\"many\"")), Kind.UNGUARDED))
                .hasSize(1);
    }

    private static Design counting(Step... steps) {
        return withMain(main("Desk", Part.Button.of("more", "0").triggering(Script.of(steps))))
                .design();
    }

    // Ways to put a fault right

    static Stream<Step> everyStep() {
        Script inner = Script.of(note("x"));
        return Stream.of(
                waits("Card", when("closed", note("x"))),
                alongside("Card").handing(Given.of("x", "1 / app.count")),
                run("write", when("written", note("x"))),
                take("lock", when("could not", note("x"))),
                giveBack("lock"),
                Step.Do.of("tidy"),
                Step.Return.of("saved", Given.of("x", "1 / app.count")),
                new Step.TurnTimer(Step.TurnTimer.How.START, "clock"),
                new Step.Focus("me.go"),
                new Step.StopTask("write"),
                new Step.CancelTask("write"),
                closes("Card", note("x")),
                close("closed"),
                stay(),
                set("app.count", "1 / app.count"),
                new Step.SetIn("x", new Target.Every("Card"), new Expression("1")),
                new Step.If(List.of(new Step.If.Case(new Expression("true"), inner)), Optional.of(inner)),
                new Step.EndApplication(Optional.of(new Expression("1 / app.count")), Optional.empty(), inner),
                note("{card.x}"),
                new Step.AddRow("me.rows", List.of()),
                new Step.ChangeRow("me.rows", List.of()),
                new Step.RemoveRow("me.rows", true),
                new Step.KeepRow(),
                Step.Let.of("x", "card.x"),
                new Step.Repeat(inner),
                new Step.Again(),
                new Step.KeptValues(Step.KeptValues.How.SAVE),
                new Step.NotThereYet(),
                hide("Card"),
                new Step.Off(waits("Card", when("closed", note("x")))));
    }

    @ParameterizedTest
    @EnumSource(Fault.Rule.class)
    void ways_are_sought_for_every_fault_in_every_kind_of_step(Fault.Rule rule) {
        var place = new ScriptPlace.AtPart("Desk", "go");
        var kinds = new ArrayList<Class<?>>();
        everyStep().forEach(step -> {
            Design design = withMain(main("Desk", button("go", step)), single(child("Card")))
                    .variable("count", Type.WHOLE, "0")
                    .design();
            kinds.add(step.getClass());
            var fault = new Fault(rule, "it went wrong", Optional.of(new StepRef(place, StepPath.of(0), 1)));
            for (Repair way : new FaultWays(design).of(fault)) {
                assertThat(way.in(design)).as(rule + " in " + step).isNotNull();
            }
        });
        assertThat(kinds.stream().distinct().count())
                .as("every kind of step is tried")
                .isEqualTo(kindsOf(Step.class));
    }

    private static long kindsOf(Class<?> sealed) {
        return sealed.isSealed()
                ? Stream.of(sealed.getPermittedSubclasses())
                        .mapToLong(MoreMistakesTest::kindsOf)
                        .sum()
                : 1;
    }

    @Test
    void a_way_that_cannot_be_sought_loses_the_way_and_is_told() {
        var sought = Sought.by(() -> {
            throw new IllegalStateException("broken");
        });
        assertThat(sought.ways()).isEmpty();
        assertThat(sought.remark()).contains("a fault of Bivouac").contains("broken");
    }

    @Test
    void a_value_handed_over_twice_is_refused_before_it_could_not_be_saved() {
        Design twice = withMain(main(
                        "Desk", button("go", Step.Do.of("greet", Given.of("who", "\"a\""), Given.of("who", "\"b\"")))))
                .design();
        assertThat(new bivouac.format.Savable().why(twice))
                .hasValueSatisfying(w -> assertThat(w).contains("who"));
        assertThat(Play.withMain(main("Desk")).design()).isNotNull();
    }
}

package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Traits;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.WorkBreaking;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * Designs as people make them every day, looked at by hand: what is found is so, and is written here; all else would be a
 * false alarm.
 */
class OrdinaryDesignsTest {

    private static final MessageBox FAILED = box("Failed", "OK");
    private static final MessageBox UNSAVED = escaping(box("Unsaved", "Save", "Discard", "Cancel"), "cancel");

    private static List<String> found(Design design) {
        // what happens when work breaks is said once for all, as the one finding about it proposes
        Design said = WorkBreaking.unanswered(design).isEmpty() ? design : WorkBreaking.answered(design);
        return OfSituations.all(said).stream().map(Finding::what).toList();
    }

    private static Part pressed(String name, String text, Step... steps) {
        return Part.Button.of(name, text).triggering(Script.of(steps));
    }

    private static Part onlyWhile(String condition, Part part) {
        return part.with(Traits.USUAL.enabled(new Setting.Follows(new Expression(condition))));
    }

    private static Step orElse(String condition, Step yes, Step no) {
        return new Step.If(
                List.of(new Step.If.Case(new Expression(condition), Script.of(yes))), Optional.of(Script.of(no)));
    }

    private static Step told(String task, String good, Step... then) {
        return run(task, when(good, then), when("failed", waits("Failed", when("ok"))));
    }

    @Test
    void a_file_that_is_opened_changed_and_saved() {
        Step saves = run(
                "write",
                when("written", set("app.unsaved", "false")),
                when("failed", waits("Failed", when("ok")), stay()));
        FacedWindow desk = main(
                        "Desk",
                        pressed(
                                "openIt",
                                "Open",
                                waits(
                                        "Open file",
                                        when("chosen", set("app.file", "result.path"), told("read", "read")),
                                        when("cancelled"))),
                        pressed("change", "Change", set("app.unsaved", "true")),
                        pressed(
                                "saveIt",
                                "Save as",
                                waits(
                                        "Save file",
                                        when(
                                                "chosen",
                                                set("app.file", "result.path"),
                                                told("write", "written", set("app.unsaved", "false"))),
                                        when("cancelled"))),
                        pressed("quit", "Quit", end()))
                .titled("{app.file}");
        Design design = withMain(before(
                        desk,
                        onlyIf(
                                "app.unsaved",
                                waits("Unsaved", when("save", saves), when("discard"), when("cancel", stay())))))
                .with(
                        FileDialog.of(Name.of("Open file"), FileDialog.Asks.ONE),
                        FileDialog.of(Name.of("Save file"), FileDialog.Asks.SAVE),
                        UNSAVED,
                        FAILED)
                .variable("unsaved", Type.YESNO, "false")
                .kept("file", Type.TEXT, "\"\"")
                .works(task("write", "written", "failed"), task("read", "read", "failed"))
                .design();
        assertThat(found(design)).containsExactly("Save file adds no extension to a name typed without one.");
    }

    @Test
    void a_named_script_that_asks_before_closing() {
        Step asks = waits(
                "Unsaved",
                when("save", run("write", when("done", set("app.unsaved", "false")), when("failed", stay()))),
                when("discard"),
                when("cancel", stay()));
        FacedWindow desk =
                main("Desk", pressed("exit", "E&xit", end()), pressed("edit", "Edit", set("app.unsaved", "true")));
        Design design = withMain(before(desk, Step.Do.of("ask to save")))
                .with(UNSAVED)
                .variable("unsaved", Type.YESNO, "false")
                .does(NamedScript.of("ask to save", onlyIf("app.unsaved", asks)))
                .works(task("write", "done", "failed"))
                .design();
        assertThat(found(design)).isEmpty();
    }

    @Test
    void a_login_before_the_main_window() {
        FacedWindow login = dialog(
                "Login",
                Part.TextField.of("name", "Name"),
                pressed("ok", "OK", onlyIf("!blank(me.name)", close("ok"))),
                pressed("cancel", "Cancel", close("cancelled")));
        Design design = design().with(main("Desk", pressed("out", "Sign out", closes("Desk"))), login)
                .start(waits("Login", when("ok", alongside("Desk")), when("cancelled", end())))
                .design();
        assertThat(found(design)).isEmpty();
    }

    @Test
    void a_lock_that_ends_the_application_when_it_is_left() {
        FacedWindow locked = dialog(
                        "Locked",
                        Part.TextField.of("pin", "Pin"),
                        pressed("open", "Unlock", onlyIf("me.pin == \"12\"", close("unlocked"))),
                        pressed("leave", "Leave", close("left")))
                .ending(List.of(Ending.of("unlocked"), Ending.of("left")));
        Design design = withMain(
                        main("Desk", pressed("lock", "Lock", waits("Locked", when("unlocked"), when("left", end())))))
                .with(locked)
                .design();
        assertThat(found(design)).isEmpty();
    }

    @Test
    void a_splash_while_something_is_loaded() {
        Design design = design().with(
                        main("Desk", pressed("about", "About", waits("About"))),
                        child("Splash"),
                        dialog("About", pressed("okButton", "OK", close("ok"))))
                .start(
                        alongside("Splash"),
                        run("load", when("loaded"), when("failed", waits("Failed", when("ok")), ends(3, "no data"))),
                        alongside("Desk"),
                        closes("Splash"))
                .with(FAILED)
                .works(task("load", "loaded", "failed"))
                .design();
        assertThat(found(design))
                .containsExactly(
                        "Failed can get behind other windows while it is waited for.",
                        "Work broke off can get behind other windows while it is waited for.");
    }

    @Test
    void an_inspector_beside_a_board_and_a_window_left_as_the_last() {
        Step open = alongside("Inspector", when("closed", set("app.seen", "app.seen + 1")));
        Design design = withMain(main(
                        "Board",
                        pressed("inspect", "Inspect", open),
                        pressed("help", "Help", alongside("Help")),
                        Part.Caption.of("sum", "{app.seen}")))
                .with(owned(child("Inspector", pressed("apply", "Apply", note("applied")))), child("Help"))
                .variable("seen", Type.WHOLE, "0")
                .design();
        assertThat(found(design)).isEmpty();
    }

    @Test
    void a_connection_that_is_tried_again() {
        Step retry = waits("Retry", when("retry", new Step.Again()), when("work offline", set("app.offline", "true")));
        Step loop = new Step.Repeat(Script.of(run("connect", when("ok"), when("failed", retry))));
        Design design = withMain(main(
                        "Desk",
                        Part.Caption.of("state", "{app.offline ? \"offline\" : \"online\"}"),
                        pressed("connect", "Connect", loop)))
                .with(escaping(box("Retry", "Retry", "Work offline"), "work offline"))
                .variable("offline", Type.YESNO, "false")
                .works(task("connect", "ok", "failed"))
                .design();
        assertThat(found(design)).isEmpty();
    }

    @Test
    void a_dialog_that_checks_what_is_typed() {
        FacedWindow order = dialog(
                        "Order",
                        Part.TextField.of("amount", "Amount"),
                        pressed(
                                "okButton",
                                "OK",
                                orElse(
                                        "isWhole(me.amount)",
                                        close("ok", Given.of("amount", "whole(me.amount)")),
                                        waits("Wrong", when("ok")))),
                        pressed("cancelButton", "Cancel", close("cancelled")))
                .ending(List.of(
                        new Ending("ok", List.of(Ending.Give.of("amount", Type.WHOLE))), Ending.of("cancelled")));
        Step open = waitsForOwner("Order", when("ok", set("app.sum", "result.amount")), when("cancelled"));
        Design design = withMain(main("Shop", Part.Caption.of("sum", "{app.sum}"), pressed("order", "Order", open)))
                .with(order, box("Wrong", "OK"))
                .variable("sum", Type.WHOLE, "0")
                .design();
        assertThat(found(design)).isEmpty();
    }

    @Test
    void a_wizard_whose_pages_take_each_others_place() {
        FacedWindow one = child("One", pressed("next", "Next", inPlace("Two")));
        FacedWindow two =
                child("Two", pressed("back", "Back", inPlace("One")), pressed("finish", "Finish", close("closed")));
        Design design = withMain(main("Desk", pressed("go", "Go", alongside("One"))))
                .with(owned(one), owned(two))
                .design();
        assertThat(found(design)).isEmpty();
    }

    @Test
    void a_list_with_a_question_before_a_row_goes_and_a_window_for_each_row() {
        Part mails = Part.ListOfRows.of("mails", "Mails", new Type.Column("subject", Type.TEXT))
                .starting(List.of(List.of("One"), List.of("Two")))
                .removedByHand(true)
                .at(
                        Part.RowMoment.BEFORE_REMOVING,
                        Script.of(waits(
                                "Sure",
                                when("delete", note("{row.subject} deleted")),
                                when("keep", new Step.KeepRow()))))
                .at(Part.RowMoment.ACTIVATED, Script.of(alongside("Mail").handing(Given.of("subject", "row.subject"))));
        Part delete = onlyWhile(
                "me.mails.anySelected", pressed("deleteButton", "Delete", new Step.RemoveRow("me.mails", false)));
        FacedWindow mail = child("Mail", pressed("read", "Read", note("{takes.subject}")))
                .taking(List.of(Take.of("subject", Type.TEXT)))
                .living(Optional.of(new Instances.OneForEach("subject")), true);
        Design design = withMain(main("Inbox", mails, delete))
                .with(escaping(box("Sure", "Delete", "Keep"), "keep"), mail)
                .design();
        assertThat(found(design)).isEmpty();
    }

    @Test
    void many_documents_each_with_its_question() {
        FacedWindow doc = main(
                        "Doc",
                        Part.TickBox.of("dirty", "Dirty"),
                        pressed("newOne", "New", alongside("Doc")),
                        pressed("quit", "Quit", end()))
                .living(Optional.of(new Instances.Many()), false);
        Design design = withMain(before(doc, onlyIf("me.dirty", waits("Lose", when("lose it"), when("keep", stay())))))
                .with(escaping(box("Lose", "Lose it", "Keep"), "keep"))
                .design();
        assertThat(found(design)).isEmpty();
    }

    @Test
    void an_export_in_the_background_that_can_be_begun_twice() {
        Step exports = new Step.RunTask(
                "export",
                true,
                true,
                List.of(),
                Optional.empty(),
                List.of(
                        when("done", closes("Progress"), waits("Done", when("ok"))),
                        when("failed", closes("Progress"), waits("Failed", when("ok")))));
        FacedWindow progress =
                owned(child("Progress", pressed("stop", "Stop", new Step.StopTask("export"), close("closed"))));
        Design design = withMain(main("Desk", pressed("export", "Export", alongside("Progress"), exports)))
                .with(before(progress, new Step.StopTask("export")), box("Done", "OK"), FAILED)
                .works(task("export", "done", "failed"))
                .design();
        assertThat(found(design)).containsExactly("Desk, export, step 2: “export” of this step still runs.");
    }

    @Test
    void a_camera_that_is_taken_and_given_back() {
        Part start = onlyWhile(
                "!app.on",
                pressed(
                        "start",
                        "Start",
                        set("app.on", "true"),
                        new Step.TakeHolding(
                                "camera",
                                List.of(when("could not", set("app.on", "false"), waits("No camera", when("ok")))))));
        Part stop = onlyWhile("app.on", pressed("stop", "Stop", new Step.GiveBack("camera"), set("app.on", "false")));
        Design design = withMain(main("View", start, stop))
                .with(box("No camera", "OK"))
                .holds(Holding.of("camera").failing())
                .variable("on", Type.YESNO, "false")
                .design();
        assertThat(found(design)).isEmpty();
    }

    @Test
    void a_player_that_hides_itself_for_ever() {
        Design design = withMain(
                        main("Player", pressed("hide", "Hide", hide("Player")), pressed("quit", "Quit", end())))
                .departs(new DepartureRule.OnlyWhenTold())
                .design();
        assertThat(found(design))
                .containsExactly(
                        "Nothing is to be seen, and the application still runs.",
                        "Nothing can be done any more with Player open.");
    }

    @Test
    void a_note_that_is_saved_or_dropped() {
        Part text = Part.TextField.of("text", "Text").triggering(Script.of(set("me.changed", "true")));
        Step saves = run(
                "write",
                when("written", set("me.changed", "false")),
                when("failed", waits("Failed", when("ok")), stay()));
        FacedWindow note = main(
                        "Note", text, pressed("save", "Save", told("write", "written", set("me.changed", "false"))))
                .holding(List.of(Variable.of("changed", Type.YESNO, "false")));
        Design design = withMain(before(
                        note,
                        onlyIf(
                                "me.changed",
                                waits("Unsaved", when("save", saves), when("discard"), when("cancel", stay())))))
                .with(UNSAVED, FAILED)
                .works(task("write", "written", "failed"))
                .design();
        assertThat(found(design)).isEmpty();
    }
}

package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.PretendFiles;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.rehearsal.EventNames;
import bivouac.rehearsal.Rehearsal;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Which events are listed (E2, P2, C7, C8, V4), for each kind of part and window: all of these, and no others. */
class OfferedEventsTest {

    private static List<String> offered(Play play) {
        Rehearsal rehearsal = play.rehearsal();
        return rehearsal.possible().stream()
                .map(e -> EventNames.name(rehearsal.scene(), e).toString())
                .toList();
    }

    private static Part disabled(Part part) {
        return part.with(part.traits().enabled(Setting.NO));
    }

    @Test
    void every_part_that_a_person_can_use_offers_its_event() {
        var list = Part.ListOfRows.of("guests", "Guests", new Type.Column("name", Type.TEXT))
                .starting(List.of(List.of("Orla"), List.of("Tam")))
                .at(Part.RowMoment.ACTIVATED, bivouac.design.Script.of(note("x")));
        var desk = main(
                "Desk",
                button("go", note("x")),
                Part.TextField.of("name", "Name"),
                Part.ValueField.of("sum", "Sum"),
                new Part.TickBox(
                        Name.of("tick"), "Tick", false, bivouac.design.Script.EMPTY, bivouac.design.Traits.USUAL),
                new Part.Choice(
                        Name.of("board"),
                        "Board",
                        List.of("full", "none"),
                        java.util.Optional.empty(),
                        "full",
                        bivouac.design.Script.EMPTY,
                        bivouac.design.Traits.USUAL),
                Part.Caption.of("said", "Said"),
                list);
        assertThat(offered(withMain(desk).play()))
                .containsExactlyInAnyOrder(
                        "press \"go\" of \"Desk\"",
                        "type \"\" into \"name\" of \"Desk\"",
                        "type \"\" into \"sum\" of \"Desk\"",
                        "tick \"tick\" of \"Desk\"",
                        "select \"full\" in \"board\" of \"Desk\"",
                        "select \"none\" in \"board\" of \"Desk\"",
                        "select row 1 in \"guests\" of \"Desk\"",
                        "select row 2 in \"guests\" of \"Desk\"",
                        "close box of \"Desk\"",
                        "session ends",
                        "killed");
    }

    @Test
    void what_is_disabled_or_read_only_offers_nothing() {
        Part readOnly = Part.TextField.of("name", "Name");
        var desk = main(
                        "Desk",
                        disabled(button("go", note("x"))),
                        disabled(Part.TextField.of("note", "Note")),
                        readOnly.with(readOnly.traits().readOnly(Setting.YES)))
                .leaving(Way.CLOSE_BOX, new WayOut.Absent());
        assertThat(offered(withMain(desk).play())).containsExactlyInAnyOrder("session ends", "killed");
    }

    @Test
    void C7_a_box_offers_its_answers_and_what_escape_means() {
        var asks = escaping(box("Sure", "Yes", "No"), "no");
        assertThat(offered(withMain(main("Desk", button("go", waits("Sure"))))
                        .with(asks)
                        .play()
                        .does("press \"go\" of \"Desk\"")))
                .containsExactlyInAnyOrder(
                        "answer \"yes\" of \"Sure\"",
                        "answer \"no\" of \"Sure\"",
                        "close box of \"Sure\"",
                        "Escape of \"Sure\"",
                        "session ends",
                        "killed");
        assertThat(offered(withMain(main("Desk", button("go", waits("Sure"))))
                        .with(box("Sure", "Yes", "No"))
                        .play()
                        .does("press \"go\" of \"Desk\"")))
                .doesNotContain("Escape of \"Sure\"", "close box of \"Sure\"");
    }

    private static List<String> choices(FileDialog dialog) {
        var design = withMain(main("Desk", button("go", waits(dialog.name().shown()))))
                .with(dialog)
                .design();
        design = design.with(design.application()
                .pretending(new PretendFiles(List.of("/hut/a.csv", "/hut/b.txt", "/hut/old/c.csv"), List.of(), false)));
        Rehearsal rehearsal = Rehearsal.start(bivouac.plan.Program.of(design), TODAY);
        Rehearsal open = rehearsal.act(rehearsal.possible().getFirst());
        return open.possible().stream()
                .filter(Event.Choose.class::isInstance)
                .map(e -> EventNames.name(open.scene(), e).toString())
                .toList();
    }

    private static FileDialog dialog(FileDialog.Asks asks) {
        return FileDialog.of(Name.of("File"), asks)
                .filtering(List.of(new FileDialog.Filter("Tables", List.of("*.csv"))), false);
    }

    @Test
    void C8_a_file_dialog_offers_what_it_shows_and_one_that_saves_a_new_file_too() {
        assertThat(choices(dialog(FileDialog.Asks.ONE)))
                .containsExactly(
                        "choose \"/hut/a.csv\" as \"Tables\" of \"File\"",
                        "choose \"/hut/old/c.csv\" as \"Tables\" of \"File\"");
        assertThat(choices(FileDialog.of(Name.of("File"), FileDialog.Asks.FOLDER)))
                .containsExactly(
                        "choose \"/\" as \"All files\" of \"File\"",
                        "choose \"/hut/\" as \"All files\" of \"File\"",
                        "choose \"/hut/old/\" as \"All files\" of \"File\"");
        assertThat(choices(dialog(FileDialog.Asks.SAVE)))
                .hasSize(3)
                .first()
                .asString()
                .contains("new.csv");
        assertThat(choices(FileDialog.of(Name.of("File"), FileDialog.Asks.ONE)
                        .filtering(List.of(new FileDialog.Filter("Tables", List.of("*.csv"))), true)))
                .contains("choose \"/hut/b.txt\" as \"All files\" of \"File\"");
    }

    @Test
    void a_picker_offers_what_it_shows_first_and_usual_values() {
        var picker = new Picker(
                Name.of("Tag"),
                Picker.Of.COLOUR,
                "Tag",
                List.of(),
                java.util.Optional.of(new Expression("\"#010203\"")));
        var play = withMain(main("Desk", button("go", waits("Tag"))))
                .with(picker)
                .play()
                .does("press \"go\" of \"Desk\"");
        assertThat(offered(play))
                .contains("pick \"#010203\" of \"Tag\"", "pick \"#2f5d50\" of \"Tag\"", "Escape of \"Tag\"");
        Rehearsal at = play.rehearsal();
        int tag = at.scene().windows().getLast().instance();
        assertThat(at.machine().isPossible(at.present().state(), new Event.Pick(tag, "no colour")))
                .isFalse();
        assertThat(at.machine().isPossible(at.present().state(), new Event.Pick(0, "#2f5d50")))
                .isFalse();
    }

    @Test
    void P2_a_command_of_a_menu_and_a_link_are_offered_as_buttons_are() {
        Part.MenuCommand print = Part.MenuCommand.of("print", "Print", "");
        Part.MenuCommand off = (Part.MenuCommand) disabled(Part.MenuCommand.of("off", "Off", ""));
        Part link = Part.Link.of("more", "More", "");
        var desk = main("Desk", link).withMenus(List.of(new bivouac.design.Menu("File", List.of(print, off))));
        assertThat(offered(withMain(desk).play()))
                .contains("press \"more\" of \"Desk\"", "press \"print\" of \"Desk\"")
                .noneMatch(e -> e.contains("off"));
    }

    @Test
    void V4_a_timer_fires_only_while_it_is_on_and_days_pass_where_that_makes_a_difference() {
        Step start = new Step.TurnTimer(Step.TurnTimer.How.START, "clock");
        Step stop = new Step.TurnTimer(Step.TurnTimer.How.STOP, "clock");
        FacedWindow desk = main(
                        "Desk", button("start", start), button("stop", stop), button("day", note("{app.today}")))
                .with(new bivouac.design.Routines(
                        List.of(), List.of(Timer.of("clock", "5").firing(bivouac.design.Script.of(note("tick"))))));
        var play = withMain(desk).play();
        assertThat(offered(play))
                .doesNotContain("timer \"clock\" of \"Desk\" fires")
                .contains("a day passes");
        play.does("press \"start\" of \"Desk\"");
        assertThat(offered(play)).contains("timer \"clock\" of \"Desk\" fires");
        play.does("timer \"clock\" of \"Desk\" fires").sees("notes “tick”");
        play.does("press \"stop\" of \"Desk\"");
        assertThat(offered(play)).doesNotContain("timer \"clock\" of \"Desk\" fires");
        Rehearsal at = play.rehearsal();
        assertThat(at.machine().isPossible(at.present().state(), new Event.TimerFires(0, 7)))
                .isFalse();
        assertThat(at.machine().isPossible(at.present().state(), new Event.TimerFires(9, 0)))
                .isFalse();
        assertThat(at.machine().isPossible(at.present().state(), new Event.TimerFires(-1, 0)))
                .isFalse();
    }

    @Test
    void a_blocked_window_offers_nothing_and_says_who_blocks_it() {
        var desk = before(main("Desk", button("go", note("x"))), waits("Sure", when("yes"), when("no", stay())));
        var play = withMain(desk, child("Plan"))
                .start(alongside("Desk"), alongside("Plan"))
                .with(escaping(box("Sure", "Yes", "No"), "no"))
                .play()
                .does("close box of \"Desk\"");
        assertThat(offered(play)).noneMatch(e -> e.contains("\"Desk\"") || e.contains("\"Plan\""));
        assertThat(play.window("Plan").blockedBy().orElseThrow().words()).isEqualTo("blocked by Sure");
        var opened = Play.dialog("Form").at(FacedWindow.Moment.OPENED, bivouac.design.Script.of(waitsForOwner("Told")));
        var waiting = withMain(main("Desk", button("go", alongside("Form"), note("x"))), opened)
                .with(box("Told", "OK"))
                .play()
                .does("press \"go\" of \"Desk\"");
        assertThat(waiting.window("Desk").blockedBy().orElseThrow().words()).startsWith("blocked");
    }
}

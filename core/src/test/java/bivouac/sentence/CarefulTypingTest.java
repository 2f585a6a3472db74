package bivouac.sentence;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.design.Type;
import bivouac.machine.Play;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailFile;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Careful ways in one line: what they make is right, and behaves. */
class CarefulTypingTest {

    private static final ScriptPlace PRESSED = new ScriptPlace.AtPart("Desk", "go");

    private static Design desk(Part... parts) {
        var all = new java.util.ArrayList<>(List.of(parts));
        all.add(button("go"));
        return withMain(main("Desk", all.toArray(Part[]::new))).design();
    }

    /** One file at a time says nothing of closing; that is another way, and is offered for it. */
    private static List<String> leftByIt(String line) {
        return line.startsWith("one file")
                ? List.of("Desk closes while me.changed is yes, and asks nothing.")
                : List.of();
    }

    private static Design type(Design design, ScriptPlace place, String line) {
        Typed typed = new StepTyping(design, place, StepPath.of(0), false).read(line);
        assertThat(typed).as(line).isInstanceOf(Typed.Done.class);
        Design done = ((Typed.Done) typed).design();
        assertThat(Findings.of(Program.of(done)).stream()
                        .filter(f -> f.kind() != Finding.Kind.DEAD_TRIGGER && f.kind() != Finding.Kind.UNUSED)
                        .map(Finding::what)
                        .toList())
                .as(line)
                .isEqualTo(leftByIt(line));
        return done;
    }

    private static Rehearsal play(Design design, String... lines) throws Exception {
        var events = TrailFile.read(String.join("\n", lines));
        var replay = Rehearsal.replay(Program.of(design), TODAY, events);
        assertThat(replay.stopped()).isEmpty();
        return replay.rehearsal();
    }

    @Test
    void a_window_menu_reaches_every_open_window_from_each_and_is_added_only_once() {
        Design design = withMain(
                        main("Desk", button("go", alongside("Sheet")), button("ask", waits("Sure"))),
                        child("Sheet").living(Optional.of(new Instances.Many()), false),
                        dialog("Sure"))
                .design();
        Design with = type(design, PRESSED, "window menu");
        assertThat(with.faced("Sure").orElseThrow().menus()).isEmpty();
        var play = new Play(with)
                .does("press \"go\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .does("press row 1 in \"openDesk\" of \"Sheet\" 2");
        assertThat(play.open()).containsExactly("Sheet", "Sheet (2)", "Desk");
        play.does("press row 2 in \"openSheet\" of \"Desk\"");
        assertThat(play.open()).containsExactly("Sheet", "Desk", "Sheet (2)");
        assertThat(new StepTyping(with, PRESSED, StepPath.of(0), false).read("window menu"))
                .isInstanceOf(Typed.Unfinished.class);
        Design more = type(
                with.adding(child("Note"))
                        .changingFace("Sheet", f -> f.at(FacedWindow.Moment.OPENED, Script.of(alongside("Note")))),
                PRESSED,
                "window menu");
        assertThat(more.faced("Desk").orElseThrow().menus().getFirst().commands())
                .hasSize(3);
    }

    @Test
    void what_comes_from_outside_gets_its_script_in_which_it_is_still_to_be_said_what_happens() {
        Design design = desk(Part.TextField.of("note", "Note"));
        Design with = design;
        for (String line : List.of("open files from outside", "take dropped files", "watch the open file")) {
            with = ((Typed.Done) new StepTyping(with, PRESSED, StepPath.of(0), false).read(line)).design();
        }
        assertThat(with.application().routines().scripts())
                .extracting(s -> s.name() + " " + s.takes().getFirst().type())
                .containsExactly("when files are opened list of file");
        assertThat(with.faced("Desk").orElseThrow().routines().scripts())
                .extracting(s -> s.name().shown())
                .containsExactly("when files are dropped", "when a file changes", "when a file is gone");
        assertThat(new Play(with).does("drop \"/a\" on \"Desk\"").seen()).anyMatch(s -> s.contains("not there yet"));
        assertThat(new StepTyping(with, PRESSED, StepPath.of(0), false).read("take dropped files"))
                .isInstanceOf(Typed.Unfinished.class);
    }

    @Test
    void an_edit_menu_stands_behind_the_first_has_what_is_missing_and_takes_no_shortcut_from_another() {
        Design design = withMain(main("Desk", Part.TextField.of("note", "Note"), button("go", note("x"))))
                .design()
                .changingFace(
                        "Desk",
                        f -> f.withMenus(List.of(
                                new Menu("&File", List.of(Part.MenuCommand.of("quit", "Quit", "Ctrl+X"))),
                                new Menu("View", List.of()))));
        Design with = type(design, PRESSED, "edit menu");
        List<Menu> menus = with.faced("Desk").orElseThrow().menus();
        assertThat(menus).extracting(Menu::text).containsExactly("&File", "&Edit", "View");
        assertThat(menus.get(1).commands())
                .extracting(c -> c.does().orElseThrow().words() + " " + c.shortcut() + (c.separated() ? " |" : ""))
                .containsExactly(
                        "undo Ctrl+Z", "redo Ctrl+Y", "cut  |", "copy Ctrl+C", "paste Ctrl+V", "select all Ctrl+A |");
        assertThat(new StepTyping(with, PRESSED, StepPath.of(0), false).read("edit menu"))
                .isInstanceOf(Typed.Unfinished.class);
        Design fewer = with.changingFace(
                "Desk",
                f -> f.withMenus(
                        List.of(new Menu("Edit", menus.get(1).commands().subList(0, 5)))));
        assertThat(type(fewer, PRESSED, "edit menu")
                        .faced("Desk")
                        .orElseThrow()
                        .menus()
                        .getFirst()
                        .commands())
                .hasSize(6);
        Design cutFirst = with.changingFace(
                "Desk",
                f -> f.withMenus(
                        List.of(new Menu("Edit", menus.get(1).commands().subList(2, 3)))));
        assertThat(type(cutFirst, PRESSED, "edit menu")
                        .faced("Desk")
                        .orElseThrow()
                        .menus()
                        .getFirst()
                        .commands())
                .extracting(c -> c.does().orElseThrow())
                .containsExactly(bivouac.design.Editing.values());
    }

    @Test
    void unsaved_work_is_asked_about_on_every_way_and_a_save_that_fails_keeps_the_window() throws Exception {
        Design design = type(desk(Part.TextField.of("note", "Note")), PRESSED, "ask before unsaved  work is lost");
        assertThat(play(design, "close box of \"Desk\"").scene().ended()).contains(0L);
        Rehearsal failed = play(
                design,
                "type \"x\" into \"note\" of \"Desk\"",
                "close box of \"Desk\"",
                "answer \"save\" of \"Unsaved Desk\"",
                "task \"save Desk\" ends \"failed\" of \"Desk\"",
                "answer \"stay\" of \"Desk not saved\"");
        assertThat(failed.scene().windows()).extracting(w -> w.which().window()).containsExactly("Desk");
        Rehearsal saved = play(
                design,
                "type \"x\" into \"note\" of \"Desk\"",
                "close box of \"Desk\"",
                "answer \"save\" of \"Unsaved Desk\"",
                "task \"save Desk\" ends \"failed\" of \"Desk\"",
                "answer \"try again\" of \"Desk not saved\"",
                "task \"save Desk\" ends \"done\" of \"Desk\"");
        assertThat(saved.scene().ended()).contains(0L);
    }

    /** A list has no field that says it: the steps that change its rows do. */
    @Test
    void rows_that_change_are_unsaved_work_too() throws Exception {
        Part list = Part.ListOfRows.of("guests", "Guests", new Type.Column("name", Type.TEXT));
        Design filled = type(desk(list), PRESSED, "add row to me.guests with name ← \"Orla\"");
        Design design = type(filled, PRESSED, "ask before unsaved work is lost");
        assertThat(play(design, "close box of \"Desk\"").scene().ended()).contains(0L);
        assertThat(play(design, "press \"go\" of \"Desk\"", "close box of \"Desk\"")
                        .scene()
                        .windows())
                .extracting(w -> w.which().window())
                .contains("Unsaved Desk");
    }

    @Test
    void a_row_is_asked_about_before_it_goes_wherever_the_line_is_typed() throws Exception {
        Part list = Part.ListOfRows.of("guests", "Guests", new Type.Column("name", Type.TEXT))
                .starting(List.of(List.of("Orla")))
                .removedByHand(true);
        Design design = type(desk(list), PRESSED, "ask before removing");
        Rehearsal kept = play(
                design,
                "select row 1 in \"guests\" of \"Desk\"",
                "remove rows in \"guests\" of \"Desk\"",
                "answer \"keep\" of \"Remove from Guests\"");
        assertThat(kept.scene().windows().getFirst().parts().getFirst().toString())
                .contains("Orla");
        assertThat(new StepTyping(desk(), PRESSED, StepPath.of(0), false).read("ask before removing"))
                .isEqualTo(new Typed.Unfinished("Desk has no list to remove rows from."));
    }

    @Test
    void size_and_place_are_kept_for_the_next_run() {
        Design design = type(desk(), PRESSED, "remember size and place");
        assertThat(design.application().variables()).singleElement().satisfies(v -> assertThat(v.kept())
                .isTrue());
        assertThat(design.faced("Desk")
                        .orElseThrow()
                        .moment(FacedWindow.Moment.OPENED)
                        .isEmpty())
                .isFalse();
        assertThat(design.faced("Desk")
                        .orElseThrow()
                        .moment(FacedWindow.Moment.AFTER_CLOSING)
                        .isEmpty())
                .isFalse();
    }

    @Test
    void another_file_is_opened_only_when_the_one_before_is_settled() throws Exception {
        Design design = type(desk(Part.TextField.of("note", "Note")), PRESSED, "one file open at a time");
        assertThat(play(design, "press \"go\" of \"Desk\"").scene().windows())
                .extracting(w -> w.which().window())
                .containsExactly("Desk", "Open a file");
        Rehearsal stays = play(
                design,
                "type \"x\" into \"note\" of \"Desk\"",
                "press \"go\" of \"Desk\"",
                "answer \"stay\" of \"Unsaved Desk\"");
        assertThat(stays.scene().windows()).extracting(w -> w.which().window()).containsExactly("Desk");
    }

    @Test
    void a_second_instance_says_so_and_ends_with_a_code_that_is_not_zero() throws Exception {
        Design design = type(desk(), new ScriptPlace.Start(), "one instance of the application");
        Rehearsal second =
                play(design, "task \"taking one instance\" ends \"could not\"", "answer \"ok\" of \"Open already\"");
        assertThat(second.scene().ended()).contains(1L);
        assertThat(new StepTyping(desk(), new ScriptPlace.Start(), StepPath.of(0), false)
                        .read("remember size and place"))
                .isInstanceOf(Typed.Unfinished.class);
    }
}

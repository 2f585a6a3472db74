package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.check.finding.Finding;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.design.PretendFiles;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.explore.Explored;
import bivouac.plan.Program;
import bivouac.rehearsal.TrailFile;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What comes from outside (F1 to F3). */
class OutsideTest {

    private static final Step SAYS = note("{size(takes.files)}: {takes.files[0]}");

    private static NamedScript answers(Outside what, Step... steps) {
        return NamedScript.of(what.script(), steps).taking(List.of(what.take()));
    }

    private static FacedWindow answering(FacedWindow window, NamedScript... scripts) {
        return window.with(window.routines().withScripts(List.of(scripts)));
    }

    /** A window that has a file open, and another that it waits for. */
    private static FacedWindow text(NamedScript... scripts) {
        FacedWindow text = main(
                        "Text",
                        button("open", set("me.file", "\"/moor.txt\"")),
                        button("ask", waits("Sure")),
                        button("work", run("write")))
                .holding(List.of(
                        new Variable(bivouac.design.Name.of("file"), Type.Plain.FILE, Optional.empty(), false)));
        return answering(text, scripts);
    }

    private static Design with(FacedWindow text, NamedScript... ofApplication) {
        Design design = withMain(text)
                .with(box("Sure", "yes"))
                .works(task("write", "done"))
                .does(ofApplication)
                .design();
        return design.with(
                design.application().pretending(new PretendFiles(List.of("/moor.txt", "/tarn.txt"), List.of(), false)));
    }

    private static Play all() {
        return new Play(with(
                text(
                        answers(Outside.FILES_DROPPED, note("dropped"), SAYS),
                        answers(Outside.FILE_CHANGED, note("changed {takes.file}")),
                        answers(Outside.FILE_GONE, note("gone {takes.file}"))),
                answers(Outside.FILES_OPENED, note("opened"), SAYS)));
    }

    @Test
    void F1_files_are_opened_by_the_script_of_that_name_which_is_handed_all_of_them() {
        all().does("open files \"/moor.txt\", \"/nowhere/else.txt\"")
                .seesAmongOthers("notes “opened”", "notes “2: /moor.txt”");
    }

    @Test
    void F1_without_the_script_it_is_no_event() {
        var play = new Play(with(text()));
        play.cannot("open files \"/moor.txt\"").cannot("drop \"/moor.txt\" on \"Text\"");
        play.does("press \"open\" of \"Text\"").cannot("file \"/moor.txt\" changes of \"Text\"");
        assertThat(play.rehearsal().possible())
                .noneMatch(e -> e instanceof Event.OpenFiles || e instanceof Event.DropFiles);
    }

    @Test
    void F1_a_script_that_takes_nothing_is_done_all_the_same() {
        new Play(with(text(), NamedScript.of(Outside.FILES_OPENED.script(), note("opened"))))
                .does("open files \"/moor.txt\"")
                .seesAmongOthers("notes “opened”");
    }

    @ParameterizedTest
    @ValueSource(strings = {"open files \"moor.txt\"", "drop \"C:moor.txt\" on \"Text\""})
    void F1_files_are_absolute(String line) {
        all().cannot(line);
    }

    @Test
    void F1_a_thousand_files_come_at_once_and_not_one_more() {
        var paths = new ArrayList<String>();
        for (int i = 0; i < 1_000; i++) {
            paths.add("\"/file" + i + "\"");
        }
        Play play = all().does("open files " + String.join(", ", paths)).seesAmongOthers("notes “1000: /file0”");
        paths.add("\"/one/more\"");
        play.cannot("open files " + String.join(", ", paths));
    }

    @Test
    void F1_nothing_comes_while_a_task_is_waited_for_and_it_comes_behind_it() {
        all().does("press \"open\" of \"Text\"")
                .does("press \"work\" of \"Text\"")
                .cannot("open files \"/moor.txt\"")
                .cannot("file \"/moor.txt\" changes of \"Text\"")
                .cannot("drop \"/moor.txt\" on \"Text\"")
                .does("task \"write\" ends \"done\" of \"Text\"")
                .could("open files \"/moor.txt\"");
    }

    @Test
    void F2_nothing_is_dropped_on_a_window_that_is_blocked_and_files_are_opened_and_changed_all_the_same() {
        all().does("press \"open\" of \"Text\"")
                .does("press \"ask\" of \"Text\"")
                .cannot("drop \"/moor.txt\" on \"Text\"")
                .could("open files \"/moor.txt\"")
                .does("file \"/moor.txt\" changes of \"Text\"")
                .seesAmongOthers("notes “changed /moor.txt”");
    }

    @Test
    void F3_a_file_that_no_window_has_open_changes_unheard_and_one_that_is_gone_cannot_change_again() {
        all().cannot("file \"/moor.txt\" changes of \"Text\"")
                .does("press \"open\" of \"Text\"")
                .cannot("file \"/tarn.txt\" changes of \"Text\"")
                .does("file \"/moor.txt\" is gone of \"Text\"")
                .seesAmongOthers("notes “gone /moor.txt”")
                .cannot("file \"/moor.txt\" changes of \"Text\"")
                .cannot("file \"/moor.txt\" is gone of \"Text\"");
    }

    @Test
    void F1_no_files_are_opened_once_a_departure_has_begun() {
        FacedWindow asking = before(text(answers(Outside.FILES_DROPPED, SAYS)), waits("Sure"));
        Design design = with(asking, answers(Outside.FILES_OPENED, SAYS));
        new Play(design.with(design.application().departing(new DepartureRule.WithWindow("Text"))))
                .does("close box of \"Text\"")
                .cannot("open files \"/moor.txt\"")
                .cannot("drop \"/moor.txt\" on \"Text\"");
    }

    @Test
    void F1_the_next_waits_until_the_one_before_is_dealt_with() {
        new Play(with(
                        text(answers(Outside.FILES_DROPPED, note("dropped"))),
                        answers(Outside.FILES_OPENED, waits("Sure"), note("opened"))))
                .does("open files \"/moor.txt\"")
                .cannot("open files \"/tarn.txt\"")
                .does("answer \"yes\" of \"Sure\"")
                .could("open files \"/tarn.txt\"")
                .could("drop \"/tarn.txt\" on \"Text\"");
    }

    @Test
    void F1_what_is_begun_in_the_background_is_waited_for_by_nobody() {
        Step reads = run("write", when("done", note("read {takes.files[0]}"))).inBackground(true);
        new Play(with(text(answers(Outside.FILES_DROPPED, reads, note("goes on")))))
                .does("drop \"/moor.txt\" on \"Text\"")
                .does("press \"open\" of \"Text\"")
                .does("task \"write\" ends \"done\" of \"Text\"")
                .seesAmongOthers("notes “read /moor.txt”", "notes “goes on”");
    }

    @Test
    void F1_a_script_that_answers_ends_and_nobody_goes_on() {
        NamedScript answers = answers(Outside.FILES_OPENED, new Step.Return("fine", List.of()), note("never"))
                .ending(List.of(bivouac.design.Ending.of("fine")));
        new Play(with(text(), answers)).does("open files \"/moor.txt\"").sees().could("open files \"/moor.txt\"");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "open files \"/a\", \"/b c\"",
                "drop \"/a\" on \"Text\" 2",
                "file \"/a\" changes of \"Text\"",
                "file \"/a\" is gone of \"Text\" 3"
            })
    void lines_are_read_as_they_are_written(String line) throws Exception {
        assertThat(TrailFile.read(line)).extracting(Object::toString).containsExactly(line);
    }

    @Test
    void what_comes_from_outside_is_explored() {
        Design design = with(text(), answers(Outside.FILES_OPENED, waits("Sure")));
        Explored with = explored(design);
        assertThat(with.situations()).isGreaterThan(explored(with(text())).situations());
        assertThat(with.isComplete()).isTrue();
    }

    @Test
    void what_nothing_hands_a_script_its_answer_and_a_window_without_a_file_are_found() {
        Take other = Take.of("urgent", Type.YESNO);
        NamedScript wrong = NamedScript.of(Outside.FILES_OPENED.script(), note("x"))
                .taking(List.of(other))
                .ending(List.of(bivouac.design.Ending.of("fine")));
        FacedWindow without =
                answering(main("Text", button("go", note("x"))), answers(Outside.FILE_CHANGED, note("x")));
        assertThat(findings(with(without, wrong)))
                .contains(
                        "nothing hands “when files are opened” its urgent.",
                        "nobody waits for what “when files are opened” ends as.",
                        "Text: “when a file changes” is never done: the window has no file open.");
        assertThat(findings(with(
                        text(answers(Outside.FILE_CHANGED, note("{takes.file}"))),
                        answers(Outside.FILES_OPENED, SAYS))))
                .noneMatch(f -> f.contains("when files are opened") || f.contains("when a file changes"));
    }

    private static List<String> findings(Design design) {
        return Findings.of(Program.of(design)).stream().map(Finding::what).toList();
    }
}

package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.machine.Play;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a rehearsal meets that nothing stands behind. */
class LooseEndTest {

    private static Optional<LooseEnd> after(Play play) {
        return LooseEnd.of(play.rehearsal());
    }

    @Test
    void a_button_without_a_script_and_a_row_that_is_activated() {
        var rows = Part.ListOfRows.of("rows", "Rows", new Type.Column("a", Type.TEXT))
                .starting(List.of(List.of("x")));
        var play = withMain(main("Desk", button("dead"), rows)).play();
        assertThat(after(play)).as("the start asks nothing").isEmpty();
        play.does("press \"dead\" of \"Desk\"");
        assertThat(after(play))
                .contains(new LooseEnd(
                        new ScriptPlace.AtPart("Desk", "dead"),
                        StepPath.of(0),
                        Optional.empty(),
                        "What happens when dead on Desk is pressed?"));
        play.does("select row 1 in \"rows\" of \"Desk\"");
        assertThat(after(play)).as("selecting a row is no wish for anything").isEmpty();
        play.does("activate row in \"rows\" of \"Desk\"");
        assertThat(after(play).orElseThrow().place())
                .isEqualTo(new ScriptPlace.AtRow("Desk", "rows", Part.RowMoment.ACTIVATED));
    }

    @Test
    void a_button_that_does_something_invisible_is_none() {
        var play = withMain(main("Desk", button("go", set("app.n", "1"))))
                .variable("n", Type.WHOLE, "0")
                .play()
                .does("press \"go\" of \"Desk\"");
        assertThat(after(play)).isEmpty();
    }

    @Test
    void an_ending_without_a_branch_where_there_is_something_to_decide() {
        var play = withMain(
                        main("Desk", button("ask", waits("Sure", when("yes"))), button("tell", waits("Done"))),
                        box("Sure", "yes", "no"),
                        box("Done", "ok"))
                .play();
        play.does("press \"ask\" of \"Desk\"").does("answer \"yes\" of \"Sure\"");
        assertThat(after(play)).as("nothing, on purpose").isEmpty();
        play.does("press \"ask\" of \"Desk\"").does("answer \"no\" of \"Sure\"");
        assertThat(after(play).orElseThrow().question()).isEqualTo("What happens in Desk when Sure ends no?");
        assertThat(after(play).orElseThrow().at()).isEqualTo(StepPath.of(1));
        play.does("press \"tell\" of \"Desk\"").does("answer \"ok\" of \"Done\"");
        assertThat(after(play)).as("one ending that gives nothing").isEmpty();
    }

    @Test
    void the_end_of_a_task_and_a_window_that_could_not_open() {
        Design design = withMain(
                        main("Desk", button("work", Step.RunTask.of("write")), button("card", alongside("Card"))),
                        child("Card").failing(true))
                .design();
        var play = new Play(design.with(design.application().working(List.of(Task.of("write")))));
        play.does("press \"work\" of \"Desk\"").does("task \"write\" ends \"failed\" of \"Desk\"");
        assertThat(after(play).orElseThrow().question()).isEqualTo("What happens in Desk when write ends failed?");
        play.does("press \"card\" of \"Desk\"").does("task \"opening Card\" ends \"could not\" of \"Desk\"");
        assertThat(after(play).orElseThrow().ending()).contains("could not");
    }

    @Test
    void where_several_openers_lack_the_branch_a_window_with_a_face_asks_about_none_of_them() {
        var form = dialog("Form");
        var play = withMain(main("Desk", button("a", waits("Form")), button("b", waits("Form"))), form)
                .play()
                .does("press \"a\" of \"Desk\"")
                .does("Escape of \"Form\"");
        assertThat(after(play)).isEmpty();
        assertThat(Script.of().isEmpty()).isTrue();
    }

    @Test
    void a_holding_that_could_not_be_taken_asks_for_its_branch() {
        var play = withMain(main("Desk", button("go", bivouac.design.Step.TakeHolding.of("radio"))))
                .holds(bivouac.design.Holding.of("radio").failing())
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("task \"taking radio\" ends \"could not\" of \"Desk\"");
        var loose = LooseEnd.of(play.rehearsal()).orElseThrow();
        assertThat(loose.ending()).contains("could not");
        assertThat(loose.question()).contains("taking radio ends could not");
    }
}

package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Task;
import bivouac.design.Traits;
import bivouac.machine.Play;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a person is told who wants an event that cannot be. */
class WhyNotTest {

    private static final Setting NEVER = new Setting.Follows(new Expression("false"));

    private static Play play() {
        var design = withMain(
                        main(
                                "Desk",
                                Part.TextField.of("name", "Name"),
                                button("say", waits("Said")),
                                button("card", alongside("Card")),
                                button("hide", new Step.Reach(Step.Reach.How.HIDE, new Target.Single("Card"))),
                                button("work", Step.RunTask.of("write")),
                                choice()),
                        child("Card", button("x", note("x"))),
                        box("Said", "yes", "no"))
                .design();
        return new Play(design.with(design.application().working(List.of(Task.of("write")))));
    }

    private static Part choice() {
        return Part.Choice.of("size", "Size", "small", "large");
    }

    private static String why(Play play, String line) {
        return WhyNot.of(
                play.rehearsal().machine().program().design(),
                play.rehearsal().scene(),
                TrailFile.parse(line).orElseThrow());
    }

    @Test
    void windows_that_are_not_there_hidden_or_blocked_say_so() {
        var play = play();
        assertThat(why(play, "press \"x\" of \"Card\""))
                .isEqualTo("Card is not open, Desk is; an event that opens it is missing before (Desk, card)");
        assertThat(why(play, "press \"y\" of \"Desk\""))
                .isEqualTo("Desk has no part y; it has name, say, card, hide, work, size");
        play.does("press \"card\" of \"Desk\"").does("press \"hide\" of \"Desk\"");
        assertThat(why(play, "press \"x\" of \"Card\"")).isEqualTo("Card is hidden");
        play.does("press \"say\" of \"Desk\"");
        assertThat(why(play, "press \"say\" of \"Desk\""))
                .startsWith("Desk is blocked")
                .contains("Said");
        assertThat(why(play, "answer \"maybe\" of \"Said\"")).isEqualTo("Said has no answer “maybe”");
        assertThat(why(play, "Escape of \"Said\"")).isEqualTo("Escape does nothing on Said then");
    }

    @Test
    void parts_say_what_keeps_a_hand_off_them() {
        var play = play();
        assertThat(why(play, "select \"huge\" in \"size\" of \"Desk\"")).isEqualTo("Size on Desk has no item “huge”");
        assertThat(why(play, "tick \"name\" of \"Desk\"")).isEqualTo("Name on Desk is nothing that is ticked");
        assertThat(why(play, "select from 0 to 3 in \"name\" of \"Desk\""))
                .isEqualTo("Name on Desk has 0 characters, and from 0 to 3 cannot be selected in it");
        assertThat(why(play, "select from 0 to 0 in \"name\" of \"Desk\""))
                .isEqualTo("from 0 to 0 of Name on Desk is selected already");
        assertThat(why(play, "select from 0 to 0 in \"size\" of \"Desk\"")).isEqualTo("Size on Desk is no text field");
        var off = new Play(withMain(main(
                        "Desk",
                        button("go", note("x")).with(Traits.USUAL.enabled(NEVER)),
                        button("seen", note("x")).with(Traits.USUAL.visible(NEVER))))
                .design());
        assertThat(why(off, "press \"go\" of \"Desk\"")).isEqualTo("go on Desk cannot be used then");
        assertThat(why(off, "press \"seen\" of \"Desk\"")).isEqualTo("seen on Desk is not to be seen");
    }

    @Test
    void tasks_and_the_end_of_the_application_say_so() {
        var play = play();
        assertThat(why(play, "task \"write\" ends \"done\" of \"Desk\"")).isEqualTo("write does not run for Desk");
        play.does("press \"work\" of \"Desk\"");
        assertThat(why(play, "press \"say\" of \"Desk\""))
                .isEqualTo(
                        "write is waited for; first say how it ends: task \"write\" ends \"done\" of \"Desk\" or task \"write\" ends"
                                + " \"failed\" of \"Desk\"");
        assertThat(why(play, "session ends"))
                .isEqualTo(
                        "write is waited for; first say how it ends: task \"write\" ends \"done\" of \"Desk\" or task \"write\" ends"
                                + " \"failed\" of \"Desk\"");
        assertThat(why(play, "task \"write\" ends \"odd\" of \"Desk\"")).isEqualTo("write cannot end odd");
        play.does("killed");
        assertThat(why(play, "press \"say\" of \"Desk\"")).isEqualTo("the process was killed");
        play.does("start again").does("close box of \"Desk\"");
        assertThat(why(play, "press \"say\" of \"Desk\"")).isEqualTo("the application has ended");
    }
}

package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Ending;
import bivouac.design.Given;
import bivouac.design.Step;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.machine.Play;
import java.util.List;
import org.junit.jupiter.api.Test;

class LifelinesTest {

    private static Play play() {
        var form = dialog("Form", button("ok", close("done", Given.of("n", "4"))))
                .ending(List.of(Ending.of("done", Ending.Give.of("n", Type.WHOLE)), Ending.of("cancelled")));
        var design = withMain(
                        main(
                                "Desk",
                                button("form", waits("Form")),
                                button("card", alongside("Card")),
                                button("work", Step.RunTask.of("write").inBackground(true))),
                        form,
                        child("Card"))
                .design();
        return new Play(design.with(design.application().working(List.of(Task.of("write")))));
    }

    private static Lifelines lines(Play play) {
        return Lifelines.of(play.rehearsal().machine(), play.rehearsal().moments());
    }

    @Test
    void a_bar_goes_from_opening_to_closing_with_its_ending_and_values() {
        var lines = lines(play().does("press \"form\" of \"Desk\"").does("press \"ok\" of \"Form\""));
        assertThat(lines.bars()).hasSize(2);
        assertThat(lines.bars().getFirst().isOpen()).isTrue();
        assertThat(lines.bars().getFirst().blocked()).containsExactly(new Lifelines.Stretch(1, 2));
        var form = lines.bars().getLast();
        assertThat(form.opened()).isEqualTo(1);
        assertThat(form.closed()).isEqualTo(2);
        assertThat(form.waits()).isTrue();
        assertThat(form.indent()).isEqualTo(1);
        assertThat(form.ending()).isEqualTo("done");
        assertThat(form.gives()).isEqualTo("n 4");
    }

    @Test
    void what_opens_alongside_is_not_indented_and_blocks_nobody() {
        var lines = lines(play().does("press \"card\" of \"Desk\""));
        assertThat(lines.bars().getLast().indent()).isZero();
        assertThat(lines.bars().getLast().waits()).isFalse();
        assertThat(lines.bars().getFirst().blocked()).isEmpty();
    }

    @Test
    void tasks_are_there_from_their_start_to_their_end() {
        var play = play().does("press \"work\" of \"Desk\"");
        assertThat(lines(play).tasks()).containsExactly(new Lifelines.Run("write", 1, -1, ""));
        play.does("task \"write\" ends \"done\" of \"Desk\"");
        assertThat(lines(play).tasks()).containsExactly(new Lifelines.Run("write", 1, 2, "done"));
    }

    @Test
    void a_longer_trail_goes_on_from_the_one_before_to_the_same_lines() {
        var play = play();
        Lifelines grown = lines(play);
        for (String line : List.of(
                "press \"card\" of \"Desk\"",
                "press \"form\" of \"Desk\"",
                "Escape of \"Form\"",
                "press \"form\" of \"Desk\"",
                "press \"ok\" of \"Form\"",
                "close box of \"Card\"",
                "killed")) {
            play.does(line);
            grown = grown.longer(play.rehearsal().machine(), play.rehearsal().moments());
        }
        assertThat(grown).isEqualTo(lines(play));
        assertThat(grown.bars()).noneMatch(Lifelines.Bar::isOpen);
    }

    @Test
    void they_are_written_as_a_drawing_with_every_text_escaped() {
        var play = play().does("press \"form\" of \"Desk\"").does("press \"ok\" of \"Form\"");
        String svg = LifelinesSvg.of(
                play.rehearsal().machine().program().design(),
                lines(play),
                play.rehearsal().moments());
        assertThat(svg).startsWith("<?xml").contains(">Form<", ">done<", "n 4").doesNotContain("&nbsp;");
        var odd = new Play(withMain(main("A <b> & \"c\"")).design());
        assertThat(LifelinesSvg.of(
                        odd.rehearsal().machine().program().design(),
                        lines(odd),
                        odd.rehearsal().moments()))
                .contains("A &lt;b&gt; &amp; ");
    }
}

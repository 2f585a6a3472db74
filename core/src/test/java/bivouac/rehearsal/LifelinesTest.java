package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bivouac.design.Ending;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.machine.Play;
import java.util.List;
import java.util.Optional;
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
        assertThat(form.within()).isZero();
        assertThat(form.ending()).isEqualTo("done");
        assertThat(form.gives()).isEqualTo("n 4");
    }

    @Test
    void what_opens_alongside_is_in_no_bracket_and_blocks_nobody() {
        var lines = lines(play().does("press \"card\" of \"Desk\""));
        assertThat(lines.bars().getLast().within()).isEqualTo(-1);
        assertThat(lines.bars().getLast().waits()).isFalse();
        assertThat(lines.bars().getFirst().blocked()).isEmpty();
    }

    @Test
    void values_handed_in_stand_at_the_left_end_and_again_where_they_change() {
        var card = child("Card")
                .taking(List.of(Take.of("who", Type.TEXT), Take.of("night", Type.WHOLE)))
                .living(Optional.of(new Instances.Single()), false);
        var play = new Play(withMain(
                        main(
                                "Desk",
                                button("one", openCard("'Ada'", "3")),
                                button("two", openCard("'Bo'", "4")),
                                button("say", waits("Said"))),
                        card,
                        box("Said", "ok").saying("All {1 + 1} beds are taken."))
                .design());
        play.does("press \"one\" of \"Desk\"")
                .does("press \"one\" of \"Desk\"")
                .does("press \"two\" of \"Desk\"")
                .does("press \"say\" of \"Desk\"");
        var lines = lines(play);
        assertThat(lines.bars().get(1).handed())
                .containsExactly(
                        new Lifelines.Handed(1, "who Ada, night 3"), new Lifelines.Handed(3, "who Bo, night 4"));
        assertThat(lines.bars().get(2).handed()).containsExactly(new Lifelines.Handed(4, "All 2 beds are taken."));
    }

    private static Step openCard(String who, String night) {
        return Step.Open.of("Card", new Manner.Alongside()).handing(Given.of("who", who), Given.of("night", night));
    }

    @Test
    void the_drawing_says_what_goes_in_at_the_left_and_what_comes_out_at_the_right_of_a_bar() {
        var play = play().does("press \"form\" of \"Desk\"").does("press \"ok\" of \"Form\"");
        LifelinesPlan plan = LifelinesPlan.of(lines(play), 400);
        LifelinesDrawing drawing = LifelinesDrawing.of(
                play.rehearsal().machine().program().design(),
                plan,
                play.rehearsal().moments());
        LifelinesDrawing.Words gives = said(drawing, LifelinesDrawing.Saying.GIVES);
        assertThat(gives.text()).isEqualTo("↑ n 4");
        assertThat(gives.x()).isGreaterThan(plan.x(2));
        assertThat(gives.whole()).isEqualTo("Form ends done: n 4");
        var ties = drawing.blocks().stream()
                .filter(b -> b.kind() == LifelinesDrawing.Kind.TIE)
                .toList();
        assertThat(ties).extracting(LifelinesDrawing.Block::x).satisfies(x -> {
            assertThat(x.getFirst()).isEqualTo(plan.x(1));
            assertThat(x.getLast()).isCloseTo(plan.x(2), within(2.0));
        });
        assertThat(ties).hasSize(2);
    }

    @Test
    void a_stretch_of_the_drawing_holds_only_what_is_seen_there() {
        var play = play();
        for (int i = 0; i < 30; i++) {
            play.does("press \"form\" of \"Desk\"").does("press \"ok\" of \"Form\"");
        }
        LifelinesPlan plan = LifelinesPlan.of(lines(play), 400);
        var trail = play.rehearsal().moments();
        var design = play.rehearsal().machine().program().design();
        LifelinesDrawing all = LifelinesDrawing.of(design, plan, trail);
        LifelinesDrawing some = LifelinesDrawing.of(design, plan, trail, plan.x(20), plan.x(30));
        assertThat(all.words()).hasSizeGreaterThan(some.words().size());
        assertThat(some.blocks()).allSatisfy(b -> {
            assertThat(b.x() + b.width()).isGreaterThanOrEqualTo(plan.x(20));
            assertThat(b.x()).isLessThanOrEqualTo(plan.x(30));
        });
        assertThat(said(some, LifelinesDrawing.Saying.NAME))
                .as("the name of a bar that began further left stays in sight")
                .satisfies(n -> assertThat(n.x()).isBetween(plan.x(20), plan.x(22)));
    }

    private static LifelinesDrawing.Words said(LifelinesDrawing drawing, LifelinesDrawing.Saying saying) {
        return drawing.words().stream()
                .filter(w -> w.saying() == saying)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void tasks_are_there_from_their_start_to_their_end() {
        var play = play().does("press \"work\" of \"Desk\"");
        assertThat(lines(play).tasks()).containsExactly(new Lifelines.Run("write", 1, -1, ""));
        play.does("task \"write\" ends \"done\" of \"Desk\"");
        assertThat(lines(play).tasks()).containsExactly(new Lifelines.Run("write", 1, 2, "done"));
        assertThat(LifelinesPlan.of(lines(play), 800)
                        .heading(
                                play.rehearsal().machine().program().design(),
                                play.rehearsal().moments(),
                                2))
                .contains("→ done");
    }

    @Test
    void holdings_are_thin_lines_from_taking_to_giving_back() {
        var play = new Play(withMain(main(
                        "Desk", button("take", Step.TakeHolding.of("lock")), button("back", new Step.GiveBack("lock"))))
                .holds(Holding.of("lock"))
                .design());
        play.does("press \"take\" of \"Desk\"");
        assertThat(lines(play).holdings()).containsExactly(new Lifelines.Holding("lock, for Desk", 1, -1));
        play.does("press \"back\" of \"Desk\"").does("press \"take\" of \"Desk\"");
        assertThat(lines(play).holdings())
                .containsExactly(
                        new Lifelines.Holding("lock, for Desk", 1, 2), new Lifelines.Holding("lock, for Desk", 3, -1));
        LifelinesPlan plan = LifelinesPlan.of(lines(play), 800);
        var drawing = LifelinesDrawing.of(
                play.rehearsal().machine().program().design(),
                plan,
                play.rehearsal().moments());
        assertThat(drawing.blocks().stream().filter(b -> b.kind() == LifelinesDrawing.Kind.RING))
                .as("two takings, one giving back")
                .hasSize(3);
        assertThat(said(drawing, LifelinesDrawing.Saying.HOLDING).whole()).isEqualTo("lock, for Desk was held");
        var line = drawing.blocks().stream()
                .filter(b -> b.kind() == LifelinesDrawing.Kind.HOLDING)
                .findFirst()
                .orElseThrow();
        assertThat(line.x()).isEqualTo(plan.x(1));
        assertThat(line.x() + line.width()).isEqualTo(plan.x(2));
    }

    @Test
    void what_a_script_waits_for_stands_below_the_window_whose_script_it_is() {
        var play = play().does("press \"card\" of \"Desk\"").does("press \"form\" of \"Desk\"");
        LifelinesPlan plan = LifelinesPlan.of(lines(play), 800);
        assertThat(plan.rows()).containsExactly(0, 1, 2);
        play.does("press \"ok\" of \"Form\"").does("close box of \"Card\"");
        for (int i = 0; i < 4; i++) {
            play.does("press \"form\" of \"Desk\"").does("press \"ok\" of \"Form\"");
        }
        plan = LifelinesPlan.of(lines(play), 8000);
        assertThat(plan.rows().getFirst()).isZero();
        assertThat(plan.rows().subList(1, plan.rows().size())).doesNotContain(0);
        assertThat(plan.rowCount()).as("rows are used again").isEqualTo(3);
    }

    @Test
    void what_an_ending_gives_never_runs_into_the_next_bar_of_its_row() {
        var play = play();
        for (int i = 0; i < 3; i++) {
            play.does("press \"form\" of \"Desk\"").does("press \"ok\" of \"Form\"");
        }
        LifelinesPlan plan = LifelinesPlan.of(lines(play), 1200);
        LifelinesDrawing drawing = LifelinesDrawing.of(
                play.rehearsal().machine().program().design(),
                plan,
                play.rehearsal().moments());
        List<LifelinesDrawing.Words> gives = drawing.words().stream()
                .filter(w -> w.saying() == LifelinesDrawing.Saying.GIVES)
                .toList();
        assertThat(gives).hasSize(3);
        assertThat(gives.subList(0, 2)).allSatisfy(g -> assertThat(g.most()).isLessThan(plan.column()));
        assertThat(gives.getLast().most()).as("nothing follows").isGreaterThan(plan.column());
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

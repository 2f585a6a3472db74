package bivouac.compare;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Promise;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.explore.Limits;
import bivouac.explore.Progress;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Two versions of a design: what they do otherwise is told with a trail, and nothing else is. */
class ComparedTest {

    private static final Limits LIMITS = Limits.of(Duration.ofSeconds(20));

    /** A card with notes that asks before it closes, where {@code asksWhen} holds. */
    private static Design cards(String asksWhen, Part... more) {
        FacedWindow card = before(
                child("Card", button("write", set("me.changed", "true")))
                        .holding(List.of(Variable.of("changed", Type.YESNO, "false"))),
                new Step.If(
                        List.of(new Step.If.Case(
                                new Expression(asksWhen), Script.of(waits("Sure", when("stay", stay()))))),
                        Optional.empty()));
        FacedWindow desk = main("Desk", button("go", alongside("Card")));
        for (Part part : more) {
            desk = desk.withRows(
                    List.of(bivouac.design.Row.of(button("go", alongside("Card"))), bivouac.design.Row.of(part)));
        }
        return withMain(desk, card, box("Sure", "go", "stay")).design();
    }

    private static Compared compare(Design before, Design now) {
        return Compared.of(before, now, TODAY, LIMITS, Progress.NONE);
    }

    @Test
    void a_design_does_the_same_as_itself() {
        Compared same = compare(cards("me.changed"), cards("me.changed"));
        assertThat(same.isSame()).isTrue();
        assertThat(same.complete()).isTrue();
        // another way to write the same is no difference
        assertThat(compare(cards("me.changed"), cards("!(!me.changed)")).isSame())
                .isTrue();
    }

    /** What ends it is how much was done: the clock, and what runs beside it, decide nothing. */
    @Test
    void it_ends_by_work_and_says_that_there_is_more() {
        Limits little = Limits.usual().withSteps(300);
        Compared one = Compared.of(cards("me.changed"), cards("me.changed"), TODAY, little, Progress.NONE);
        assertThat(one.complete()).isFalse();
        assertThat(one.pairs()).isBetween(1, 20);
        assertThat(Compared.of(cards("me.changed"), cards("me.changed"), TODAY, little, Progress.NONE)
                        .pairs())
                .isEqualTo(one.pairs());
    }

    @Test
    void a_way_out_that_no_longer_asks_is_told_with_the_shortest_trail_that_parts_them() {
        Compared compared = compare(cards("me.changed"), cards("me.changed && way != 'close box'"));
        assertThat(compared.partings()).hasSize(1);
        Parting parting = compared.partings().getFirst();
        assertThat(parting.sentence())
                .isEqualTo("No longer asked: close box of \"Card\" does not ask “Sure” any more.");
        assertThat(parting.trail())
                .containsExactly("press \"go\" of \"Desk\"", "press \"write\" of \"Card\"", "close box of \"Card\"");
        assertThat(parting.now()).contains(List.of("Card ends closed"));
        // the other way round it is otherwise, and nothing is asked no longer
        Compared back = compare(cards("me.changed && way != 'close box'"), cards("me.changed"));
        assertThat(back.partings()).isNotEmpty().allMatch(p -> p.noLonger().isEmpty());
        assertThat(back.partings().getFirst().sentence()).startsWith("Otherwise: close box of");
    }

    @Test
    void three_ways_to_the_same_difference_are_told_as_one() {
        Compared compared = compare(cards("me.changed"), cards("false"));
        assertThat(compared.partings()).hasSize(1);
        Parting parting = compared.partings().getFirst();
        assertThat(parting.also()).isNotEmpty();
        assertThat(parting.sentence())
                .startsWith("No longer asked: close box of \"Card\"")
                .endsWith(" do not ask “Sure” any more.");
    }

    @Test
    void what_can_be_done_in_one_only_is_new_or_gone() {
        Part help = button("help", note("here"));
        assertThat(compare(cards("me.changed"), cards("me.changed", help)).partings())
                .extracting(Parting::sentence)
                .containsExactly("New: press \"help\" of \"Desk\" can be done.");
        assertThat(compare(cards("me.changed", help), cards("me.changed")).partings())
                .extracting(Parting::sentence)
                .containsExactly("Gone: press \"help\" of \"Desk\" can be done no longer.");
    }

    @Test
    void windows_and_endings_that_are_new_or_gone_are_told() {
        Design more = cards("me.changed").adding(dialog("Extra"));
        assertThat(compare(cards("me.changed"), more).written()).containsExactly("Extra is new.");
        assertThat(compare(more, cards("me.changed")).written()).containsExactly("Extra is gone.");
        Design other = cards("me.changed").changing("Sure", w -> box("Sure", "go", "stay", "think"));
        assertThat(compare(cards("me.changed"), other).written()).containsExactly("Sure: the ending “think” is new.");
    }

    @Test
    void faults_and_promises_come_and_go_with_their_trails() {
        Design fine = cards("me.changed");
        Design faulty = cards("me.changed", button("ask", waits("Card")));
        Compared come = compare(fine, faulty);
        assertThat(come.come()).extracting(Finding::what).anyMatch(w -> w.startsWith("Desk, ask, step 1: "));
        assertThat(come.come().getFirst().trail()).isPresent();
        assertThat(compare(faulty, fine).gone()).hasSameSizeAs(come.come());
        Design promised = fine.promising(List.of(Promise.of("never isOpen(card) && isOpen(desk)")));
        assertThat(compare(fine, promised).come())
                .extracting(Finding::what)
                .containsExactly("Broken: never isOpen(card) && isOpen(desk)");
    }

    @Test
    void without_time_it_does_not_say_that_all_was_looked_at() {
        Compared none = Compared.of(
                cards("me.changed"), cards("me.changed"), TODAY, LIMITS.withTime(Duration.ZERO), Progress.NONE);
        assertThat(none.complete()).isFalse();
    }
}

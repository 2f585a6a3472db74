package bivouac.design;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Steps put elsewhere in their script, as dragging does. */
class StepPathTest {

    private static Step note(String text) {
        return new Step.Note(text);
    }

    /** one, if (two, three), four. */
    private static final Script SCRIPT = new Script(List.of(
            note("one"),
            new Step.If(
                    List.of(new Step.If.Case(new Expression("true"), new Script(List.of(note("two"), note("three"))))),
                    Optional.empty()),
            note("four")));

    private static String order(Script script) {
        var words = new StringBuilder();
        for (Step step : script.steps()) {
            words.append(
                    switch (step) {
                        case Step.Note(String text) -> text + " ";
                        case Step.If i -> "(" + order(i.cases().getFirst().script()) + ") ";
                        default -> "? ";
                    });
        }
        return words.toString().strip();
    }

    private static String moved(StepPath from, StepPath to) {
        return order(from.moveTo(SCRIPT, to));
    }

    @Test
    void a_step_goes_before_the_one_that_stands_there_and_numbers_follow_what_is_taken_away() {
        assertThat(moved(StepPath.of(0), StepPath.of(2))).isEqualTo("(two three) one four");
        assertThat(moved(StepPath.of(0), StepPath.of(3))).isEqualTo("(two three) four one");
        assertThat(moved(StepPath.of(2), StepPath.of(0))).isEqualTo("four one (two three)");
        assertThat(moved(StepPath.of(0), StepPath.of(1, 0, 1))).isEqualTo("(two one three) four");
        assertThat(moved(StepPath.of(1, 0, 0), StepPath.of(1, 0, 2))).isEqualTo("one (three two) four");
        assertThat(moved(StepPath.of(1, 0, 1), StepPath.of(0))).isEqualTo("three one (two) four");
    }

    @Test
    void nothing_goes_into_itself_and_what_is_not_there_goes_nowhere() {
        assertThat(StepPath.of(1).moveTo(SCRIPT, StepPath.of(1, 0, 1))).isSameAs(SCRIPT);
        assertThat(StepPath.of(7).moveTo(SCRIPT, StepPath.of(0))).isSameAs(SCRIPT);
    }
}

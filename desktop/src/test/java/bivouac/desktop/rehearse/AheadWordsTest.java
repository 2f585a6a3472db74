package bivouac.desktop.rehearse;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.explore.Ahead;
import bivouac.machine.Event;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class AheadWordsTest {

    private static final Event GO = new Event.Press(0, 0);

    private static Optional<Ahead> ahead(OptionalInt end, boolean sure, Ahead.Mark... marks) {
        return Optional.of(new Ahead(end, sure, marks.length == 0 ? Map.of() : Map.of(GO, marks[0])));
    }

    @Test
    void how_far_the_end_is_is_said_as_surely_as_it_is_known() {
        assertThat(AheadWords.end(Optional.empty())).isEmpty();
        assertThat(AheadWords.end(ahead(OptionalInt.of(1), true))).isEqualTo("The end is 1 event away.");
        assertThat(AheadWords.end(ahead(OptionalInt.of(3), false))).isEqualTo("The end is 3 events away at the most.");
        assertThat(AheadWords.end(ahead(OptionalInt.empty(), true))).isEqualTo("Nothing leads to the end from here.");
        assertThat(AheadWords.end(ahead(OptionalInt.empty(), false)))
                .as("it may lie beyond what was met")
                .isEmpty();
        assertThat(AheadWords.end(ahead(OptionalInt.of(0), true))).isEmpty();
    }

    @Test
    void an_event_says_what_it_leads_to() {
        var both = new Ahead.Mark(true, OptionalInt.of(3));
        assertThat(AheadWords.of(ahead(OptionalInt.of(1), true, both), GO))
                .containsExactly("to a fault, 2 events on", "no way back");
        var next = new Ahead.Mark(false, OptionalInt.of(2));
        assertThat(AheadWords.of(ahead(OptionalInt.of(1), true, next), GO)).containsExactly("to a fault, 1 event on");
        assertThat(AheadWords.of(ahead(OptionalInt.of(1), true), GO)).isEmpty();
        assertThat(AheadWords.of(Optional.empty(), GO)).isEmpty();
    }
}

package bivouac.desktop.rehearse;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.format.DesignFile;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import java.nio.file.Path;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class NextEventsTest {

    private static final bivouac.rehearsal.Covered NOTHING =
            new bivouac.rehearsal.Covered(java.util.Set.of(), java.util.Set.of());

    private final Rehearsal start = start();

    private static Rehearsal start() {
        try {
            return Rehearsal.start(
                    Program.of(DesignFile.read(Path.of("../core/src/test/resources/first-hut.bivouac"))),
                    LocalDate.of(2026, 11, 23));
        } catch (bivouac.format.Unreadable e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void events_are_grouped_by_window_the_topmost_first_then_those_no_hand_reaches() {
        var events = NextEvents.of(start, NOTHING);
        assertThat(events.groups()).extracting(NextEvents.Group::title).containsExactly("Register", "By the system");
        assertThat(events.groups().getFirst().rows())
                .extracting(NextEvents.Row::what)
                .containsExactly("Quit", "Bunk plan", "Arrive…", "Check out", "Guest card", "close box");
        assertThat(events.groups().getLast().rows())
                .extracting(NextEvents.Row::what)
                .containsExactly("The session ends", "The process is killed");
        assertThat(events.notNow()).isEmpty();
    }

    @Test
    void keys_stand_with_what_they_do_and_what_is_blocked_says_by_whom() {
        var arrive = NextEvents.of(start, NOTHING).groups().getFirst().rows().get(2);
        assertThat(arrive.keys()).isEqualTo("Enter");
        assertThat(NextEvents.of(start, NOTHING)
                        .groups()
                        .getFirst()
                        .rows()
                        .getFirst()
                        .keys())
                .isEqualTo("Ctrl+Q");
        var opened = NextEvents.of(start.act(arrive.event()), NOTHING);
        assertThat(opened.groups())
                .extracting(NextEvents.Group::title)
                .containsExactly("Arrival form", "By the system");
        assertThat(opened.notNow()).containsExactly("Register, blocked by Arrival form");
    }

    @Test
    void gone_back_the_next_event_of_the_trail_is_marked() {
        var arrive = NextEvents.of(start, NOTHING).groups().getFirst().rows().get(2);
        var back = NextEvents.of(start.act(arrive.event()).goTo(0), NOTHING);
        assertThat(back.groups().getFirst().rows())
                .filteredOn(NextEvents.Row::done)
                .extracting(NextEvents.Row::what)
                .containsExactly("Arrive…");
    }

    @Test
    void C7_an_answer_the_close_box_and_escape_that_come_to_the_same_stand_in_one_line() {
        Rehearsal asked = start;
        for (String step : java.util.List.of("Check out")) {
            asked = asked.act(NextEvents.of(asked, NOTHING).groups().getFirst().rows().stream()
                    .filter(r -> r.what().equals(step))
                    .findFirst()
                    .orElseThrow()
                    .event());
        }
        assertThat(NextEvents.of(asked, NOTHING).groups().getFirst().rows())
                .extracting(NextEvents.Row::what)
                .anyMatch(w -> w.endsWith(" · close box · Escape"));
    }
}

package bivouac.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.format.DesignFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WaysOutStateTest {

    private static Design hut() throws Exception {
        return DesignFile.read(Path.of("../core/src/test/resources/first-hut.bivouac"));
    }

    @Test
    void ways_out_are_grouped_by_ending_with_what_each_opener_does() throws Exception {
        var state = WaysOutState.of(hut(), hut().window("Arrival form").orElseThrow());
        assertThat(state.groups()).extracting(g -> g.ending().name()).containsExactly("admitted", "cancelled");
        assertThat(state.groups().get(0).rows())
                .extracting(WaysOutState.Row::name)
                .containsExactly("Admit");
        assertThat(state.groups().get(1).rows())
                .extracting(WaysOutState.Row::name)
                .containsExactly("Cancel", "close box", "Escape", "owner closing", "departure", "session ending");
        assertThat(state.groups().get(0).receivers())
                .extracting(WaysOutState.Receiver::does)
                .containsExactly("set app.guests ← app.guests + 1, and 3 more");
        assertThat(state.groups().get(1).receivers())
                .extracting(WaysOutState.Receiver::does)
                .containsExactly("nothing, on purpose");
    }

    @Test
    void a_branch_that_is_not_written_has_other_words_than_an_empty_one() throws Exception {
        var state = WaysOutState.of(hut(), hut().window("Hut full").orElseThrow());
        assertThat(state.groups().getFirst().receivers())
                .extracting(WaysOutState.Receiver::does)
                .containsExactly("no branch: goes on after the step");
    }

    @Test
    void what_is_asked_first_and_what_skips_it_is_said() throws Exception {
        Design unasked = hut().changingFace(
                        "Register", f -> f.leaving(Way.DEPARTURE, new WayOut.LeadsTo("closed", List.of(), true)));
        var rows = WaysOutState.of(unasked, unasked.window("Register").orElseThrow())
                .groups()
                .getFirst()
                .rows();
        assertThat(rows)
                .extracting(WaysOutState.Row::asks)
                .containsExactly("Unsaved register", "unasked", "Unsaved register");
        assertThat(WaysOutState.of(unasked, unasked.window("Register").orElseThrow())
                        .absent())
                .extracting(WaysOutState.Row::name)
                .containsExactly("Escape");
    }

    @Test
    void closing_all_of_a_window_or_one_by_its_key_is_a_way_out_of_it() throws Exception {
        Step every = new Step.Close(new Target.Every("Bunk plan"), Optional.empty(), List.of(), Script.EMPTY);
        Step keyed = new Step.Close(
                new Target.Keyed("Bunk plan", new Expression("1")), Optional.empty(), List.of(), Script.EMPTY);
        for (Step close : List.of(every, keyed)) {
            Design closing =
                    hut().changingFace("Register", f -> f.at(FacedWindow.Moment.BROUGHT_BACK, Script.of(close)));
            assertThat(WaysOutState.of(closing, closing.window("Bunk plan").orElseThrow())
                            .groups()
                            .getFirst()
                            .rows())
                    .extracting(WaysOutState.Row::name)
                    .contains("Register, brought back");
        }
    }
}

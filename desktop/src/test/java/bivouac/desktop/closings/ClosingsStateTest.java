package bivouac.desktop.closings;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.closing.Closings;
import bivouac.closing.Closings.Column;
import bivouac.design.Design;
import bivouac.design.Way;
import bivouac.design.WaysOut;
import bivouac.format.DesignFile;
import bivouac.plan.Program;
import bivouac.rehearsal.Coverable;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

class ClosingsStateTest {

    private static Design hut() throws Exception {
        return DesignFile.read(Path.of("../core/src/test/resources/first-hut.bivouac"));
    }

    private static ClosingsState state(Design design, ClosingsState.Filter filter) {
        return state(design, filter, List.of());
    }

    private static ClosingsState state(Design design, ClosingsState.Filter filter, List<Coverable> missing) {
        return ClosingsState.of(Closings.of(Program.of(design)), filter, missing);
    }

    private static ClosingsState.Line.Row row(ClosingsState state, String window) {
        return state.lines().stream()
                .filter(ClosingsState.Line.Row.class::isInstance)
                .map(ClosingsState.Line.Row.class::cast)
                .filter(r -> r.alike().stream()
                        .anyMatch(a -> a.window().name().shown().equals(window)))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> words(ClosingsState.Line.Row row) {
        return row.squares().stream()
                .map(s -> s.quiet()
                        + String.join(
                                ", ",
                                s.lines().stream().map(ClosingsState.Said::text).toList())
                        + s.endings().stream()
                                .map(t -> " → " + t.ending() + (t.who().isEmpty() ? "" : " " + t.who()))
                                .reduce("", String::concat))
                .toList();
    }

    @Test
    void rows_that_no_rehearsal_has_met_say_which_way_or_ending() throws Exception {
        assertThat(state(hut(), ClosingsState.Filter.UNREHEARSED).lines()).isEmpty();
        var state = state(
                hut(),
                ClosingsState.Filter.UNREHEARSED,
                List.of(
                        new Coverable.Leaving("Arrival form", Way.ESCAPE),
                        new Coverable.EndsWith("Arrival form", "admitted"),
                        new Coverable.Opening("Guest card")));
        assertThat(state.lines()).hasSize(1);
        assertThat(row(state, "Arrival form").squares().stream()
                        .map(ClosingsState.Square::unmet)
                        .toList())
                .containsExactly("admitted not rehearsed", "", "not rehearsed", "", "", "");
    }

    @Test
    void a_window_against_every_way_of_closing_it() throws Exception {
        var state = state(hut(), ClosingsState.Filter.ALL);
        assertThat(words(row(state, "Arrival form")))
                .containsExactly(
                        "checks 2 things → admitted Admit → cancelled Cancel",
                        " → cancelled",
                        " → cancelled",
                        " → cancelled",
                        " → cancelled",
                        " → cancelled");
        assertThat(words(row(state, "Guest card")).subList(1, 4))
                .containsExactly("Unsaved notes → closed", "no way out", "Unsaved notes → closed");
        assertThat(words(row(state, "Register")).get(3)).isEqualTo("never owned");
        assertThat(state.unlike()).isZero();
        assertThat(state.cells()).isEqualTo(hut().windows().size() * 6);
    }

    @Test
    void what_the_others_of_a_row_do_and_one_does_not_is_said_in_it() throws Exception {
        Design unasked = hut().changingFace(
                        "Guest card", f -> f.leaving(Way.OWNER_CLOSING, WaysOut.asking(f, Way.OWNER_CLOSING, true)));
        var state = state(unasked, ClosingsState.Filter.UNLIKE);
        assertThat(state.unlike()).isEqualTo(1);
        assertThat(state.lines()).hasSize(1);
        ClosingsState.Square square = row(state, "Guest card").squares().get(Column.OWNER_CLOSING.ordinal());
        assertThat(square.isMarked()).isTrue();
        assertThat(square.lines()).extracting(ClosingsState.Said::text).containsExactly("does not ask");
    }

    @Test
    void boxes_that_close_alike_share_a_row() throws Exception {
        var state = state(hut(), ClosingsState.Filter.ALL);
        assertThat(row(state, "Name missing").alike())
                .extracting(r -> r.window().name().shown())
                .containsExactly("Hut full", "Name missing", "Nights wrong");
        assertThat(words(row(state, "Check out guest"))).contains("its owner is blocked");
    }
}

package bivouac.desktop.findings;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Checked;
import bivouac.check.Findings;
import bivouac.check.known.Beside;
import bivouac.design.Accepted;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.format.DesignFile;
import bivouac.plan.Program;
import java.nio.file.Path;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class FindingsStateTest {

    /** Two things wrong in the register, one in a window that nothing opens. */
    private static Checked checked(Accepted... accepted) throws Exception {
        Design hut = DesignFile.read(Path.of("../core/src/test/resources/first-hut.bivouac"))
                .adding(FacedWindow.of(FacedWindow.Kind.CHILD, "Loft"));
        for (Accepted one : accepted) {
            hut = hut.accepting(one);
        }
        return Findings.checked(Program.of(hut), Beside.UNKNOWN);
    }

    @Test
    void findings_stand_under_what_they_have_in_common() throws Exception {
        FindingsState state = FindingsState.of(checked(), FindingsState.Filter.ALL, FindingsState.By.WINDOW);
        assertThat(state.groups()).extracting(FindingsState.Group::title).contains("Loft");
        assertThat(FindingsState.of(checked(), FindingsState.Filter.ALL, FindingsState.By.CAUSE)
                        .groups())
                .extracting(FindingsState.Group::title)
                .contains("Never happens");
    }

    @Test
    void an_accepted_one_is_listed_by_itself_and_so_is_one_that_is_found_no_more() throws Exception {
        var day = LocalDate.of(2026, 11, 25);
        Checked checked = checked(
                new Accepted("Nothing opens Loft.", "in spring", day), new Accepted("Something else.", "old", day));
        FindingsState open = FindingsState.of(checked, FindingsState.Filter.ALL, FindingsState.By.CAUSE);
        assertThat(open.rows()).extracting(FindingsState.Row::what).doesNotContain("Nothing opens Loft.");
        FindingsState accepted = FindingsState.of(checked, FindingsState.Filter.ACCEPTED, FindingsState.By.CAUSE);
        assertThat(accepted.groups())
                .extracting(FindingsState.Group::title)
                .containsExactly("Never happens", "Not found any more");
        assertThat(FindingsState.Filter.ACCEPTED.words(checked)).isEqualTo("accepted 2");
    }

    @Test
    void one_goes_to_the_next_round_and_round() throws Exception {
        FindingsState state = FindingsState.of(checked(), FindingsState.Filter.ALL, FindingsState.By.CAUSE);
        String last = state.rows().getLast().what();
        assertThat(state.next(last, 1)).contains(state.rows().getFirst());
        assertThat(state.next(state.rows().getFirst().what(), -1).orElseThrow().what())
                .isEqualTo(last);
        assertThat(FindingsState.of(Checked.NOTHING, FindingsState.Filter.ALL, FindingsState.By.CAUSE)
                        .next("", 1))
                .isEmpty();
    }

    @Test
    void a_weight_of_which_there_is_none_does_not_say_that_nothing_is_found() throws Exception {
        Checked checked = checked();
        assertThat(checked.open()).hasSize(1);
        assertThat(FindingsState.Nothing.of(checked, FindingsState.Filter.HINT).head())
                .isEqualTo("No finding is weighed hint.");
        assertThat(FindingsState.Nothing.of(checked, FindingsState.Filter.HINT).words())
                .startsWith("One finding is open, of another weight.");
        assertThat(FindingsState.Nothing.of(Checked.NOTHING, FindingsState.Filter.HINT)
                        .head())
                .isEqualTo("Nothing found.");
        assertThat(FindingsState.Nothing.of(checked, FindingsState.Filter.ACCEPTED)
                        .head())
                .isEqualTo("Nothing accepted.");
    }
}

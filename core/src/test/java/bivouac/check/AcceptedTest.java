package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.known.Beside;
import bivouac.design.Accepted;
import bivouac.design.Design;
import bivouac.design.Name;
import bivouac.design.Renames;
import bivouac.design.Step;
import bivouac.format.DesignFormat;
import bivouac.plan.Program;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** An accepted finding is known by what it is about, and not by the words that it was told in. */
class AcceptedTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 25);

    private static Design design(Step... steps) {
        return withMain(main("Desk", button("go", steps))).design();
    }

    private static Checked checked(Design design) {
        return Findings.checked(Program.of(design), Beside.UNKNOWN);
    }

    private static Design accepting(Design design) {
        Design now = design;
        for (Finding f : checked(design).open()) {
            now = now.accepting(new Accepted("in other words", f.about(design), "it is meant", DAY, false));
        }
        return now;
    }

    @Test
    void other_words_of_ours_do_not_open_it_again() {
        Design accepted = accepting(design(alongside("Nowhere"), new Step.NotThereYet()));
        assertThat(checked(accepted).open()).isEmpty();
        assertThat(checked(accepted).accepted()).hasSize(2);
        assertThat(checked(accepted).gone()).isEmpty();
    }

    @Test
    void a_step_put_in_before_it_and_a_rename_do_not_open_it_and_something_else_there_does() {
        Design accepted = accepting(design(alongside("Nowhere")));
        var place = new bivouac.design.ScriptPlace.AtPart("Desk", "go");
        Design moved = place.put(accepted, new bivouac.design.Script(List.of(note("first"), alongside("Nowhere"))));
        assertThat(checked(moved).open()).isEmpty();
        assertThat(checked(Renames.window(accepted, "Desk", Name.of("Table"))).open())
                .isEmpty();
        Design other = place.put(accepted, new bivouac.design.Script(List.of(alongside("Elsewhere"))));
        assertThat(checked(other).open()).hasSize(1);
        assertThat(checked(other).gone()).hasSize(1);
    }

    @Test
    void it_is_written_and_read_and_one_of_an_older_file_is_known_by_what_it_says() throws Exception {
        Design accepted = accepting(design(alongside("Nowhere")));
        assertThat(DesignFormat.read(DesignFormat.write(accepted))).isEqualTo(accepted);
        Design design = design(alongside("Nowhere"));
        Design older =
                design.accepting(new Accepted(checked(design).open().getFirst().what(), "it is meant", DAY));
        assertThat(checked(older).open()).isEmpty();
    }
}

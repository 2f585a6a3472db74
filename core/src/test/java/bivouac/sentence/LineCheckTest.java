package bivouac.sentence;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.expression.Problem;
import bivouac.machine.Play;
import bivouac.plan.Program;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LineCheckTest {

    private static final Design DESIGN = Play.withMain(Play.main(
                    "Desk", Play.button("go"), Part.Caption.of("shown", ""), Part.TextField.of("name", "Name")))
            .design();

    private static Optional<Problem> check(String line) {
        return LineCheck.problem(Program.of(DESIGN), new ScriptPlace.AtPart("Desk", "go"), StepPath.of(0), line);
    }

    private static String wrongPiece(String line) {
        Problem problem = check(line).orElseThrow();
        return line.substring(problem.from(), problem.to());
    }

    @Test
    void a_name_that_is_not_there_is_shown_where_it_stands_in_the_line() {
        String line = "set me.shown ← me.name + me.nome";
        assertThat(wrongPiece(line)).contains("nome");
        assertThat(check(line).orElseThrow().from()).isGreaterThan(line.indexOf('+'));
    }

    @Test
    void what_is_right_or_not_begun_has_no_problem() {
        assertThat(check("set me.shown ← me.name")).isEmpty();
        assertThat(check("set me.shown ← ")).isEmpty();
        assertThat(check("open Desk")).isEmpty();
        assertThat(check("if blank(me.name)")).isEmpty();
    }

    @Test
    void the_condition_of_a_case_is_checked_from_after_its_word() {
        String line = "  else if blank(me.nome)";
        assertThat(wrongPiece(line)).contains("nome");
        assertThat(check("if blank("))
                .hasValueSatisfying(p -> assertThat(p.message()).endsWith("."));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "set me.shown ← Hello there | \"Hello there\"",
                "set me.shown <- Not saved! | \"Not saved!\"",
                "if me.name == Tarn Hut | \"Tarn Hut\""
            })
    void a_text_without_its_quotes_is_said_to_want_them(String line, String quoted) {
        assertThat(check(line)).hasValueSatisfying(p -> assertThat(p.message())
                .contains("if a text is meant, write it in quotes: " + quoted));
    }
}

package bivouac.expression;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Expression;
import bivouac.design.Type;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Texts taken apart and put together, and rows as values (V1, V3). */
class TextsAndRowsTest {

    private record Here(Budget budget) implements Surroundings {}

    private static final String LONG = "ab".repeat(400_000);

    private static final Scope<Here> SCOPE = new Scope<>() {
        @Override
        public Optional<Binding<Here>> find(String dotted) {
            return dotted.equals("app.long")
                    ? Optional.of(new Binding<>(Type.TEXT, h -> Value.of(LONG), false))
                    : Optional.empty();
        }

        @Override
        public Optional<Binding<Here>> isOpen(String window) {
            return Optional.empty();
        }

        @Override
        public Collection<String> names() {
            return List.of("app.long");
        }
    };

    private static Value value(String source) {
        Compiled<Here> compiled = Expressions.compile(new Expression(source), SCOPE);
        assertThat(compiled.problems()).as(source).isEmpty();
        return compiled.evaluate(new Here(new Budget(Budget.OF_AN_EVENT)));
    }

    private static String problem(String source) {
        return Expressions.compile(new Expression(source), SCOPE)
                .problems()
                .getFirst()
                .message();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"a-b-c\".replace(\"-\", \"\")|abc",
                "\"aaa\".replace(\"aa\", \"b\")|ba",
                "\"none\".replace(\"x\", \"y\")|none",
                "\"a;b;;c\".split(\";\")|a, b, , c",
                "\"über\".split(\"\")|ü, b, e, r",
                "\"\".split(\";\").size()|1",
                "[\"a\", \"b\"].join(\" + \")|a + b",
                "[].join(\", \")|''",
                "\"Ilva Toft\".substring(5)|Toft",
                "\"Ilva Toft\".substring(0, 4)|Ilva",
                "\"a😀b\".substring(1, 2)|😀",
                "\"a😀b\".indexOf(\"b\")|2",
                "\"abc\".indexOf(\"x\")|-1",
                "\"  two words \".trim()|two words",
                "\"Straße\".upper()|STRASSE",
                "\"ÄB\".lower()|äb",
                "\"abc\".startsWith(\"ab\")|yes",
                "\"abc\".endsWith(\"bc\")|yes",
            })
    void v3_texts_are_taken_apart_and_put_together(String source, String shown) {
        assertThat(value(source).shown()).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"abc\".substring(4)|a text of 3 characters has no part from 4 to 3",
                "\"abc\".substring(2, 1)|a text of 3 characters has no part from 2 to 1",
                "\"abc\".substring(-1)|a text of 3 characters has no part from -1 to 3",
                "\"abc\".replace(\"\", \"x\")|what is to be replaced is empty",
            })
    void x3_a_part_that_is_not_there_is_a_fault(String source, String message) {
        assertThatThrownBy(() -> value(source))
                .isInstanceOf(EvaluationFault.class)
                .hasMessage(message);
    }

    @Test
    void x6_a_text_is_never_made_longer_than_it_may_be() {
        for (String source : List.of(
                "app.long.replace(\"a\", \"0123456789\")",
                "app.long.split(\"\").join(\"0123\")",
                "app.long.replace(\"b\", app.long)")) {
            assertThatThrownBy(() -> value(source)).as(source).isInstanceOf(TooMuchWork.class);
        }
    }

    @Test
    void v1_a_row_is_written_with_its_columns_and_read_by_them() {
        assertThat(value("{\"name\": \"Heron\", \"seats\": 6}.name").shown()).isEqualTo("Heron");
        assertThat(value("[{\"name\": \"Heron\"}, {\"name\": \"Teal\"}].map(b, b.name).join(\"/\")")
                        .shown())
                .isEqualTo("Heron/Teal");
        assertThat(value("{\"a\": 1, \"b\": 2} == {\"b\": 2, \"a\": 1}")).isEqualTo(Value.YES);
        Compiled<Here> row = Expressions.compile(new Expression("{\"a\": 1, \"b\": \"x\"}"), SCOPE);
        assertThat(row.type())
                .contains(new Type.RowOf(List.of(new Type.Column("a", Type.WHOLE), new Type.Column("b", Type.TEXT))));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}|a row has at least one column: {\"name\": …}",
                "{1: 2}|a row is written with the names of its columns in quotes: {\"name\": …}",
                "{\"a\": 1, \"a\": 2}|the row has two values for “a”",
                "{\"a\": 1}.b|the row has no column “b”; it has a",
                "split(\"a\", \"b\")|“split” stands behind the text that it asks: text.split(…)",
                "join([\"a\"], \"b\")|“join” stands behind the list whose items it joins: list.join(…)",
                "[1].join(\"b\")|“join” cannot take a list of whole, text",
            })
    void what_is_wrong_is_said(String source, String message) {
        assertThat(problem(source)).isEqualTo(message);
    }
}

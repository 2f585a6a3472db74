package bivouac.design;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BracesTest {

    @ParameterizedTest
    @CsvSource(quoteCharacter = '`', textBlock = """
            a } b            | a }} b
            a }} b           | a }} b
            {{a}}            | {{a}}
            {a}              | {a}
            {'{' + a}        | {'{' + a}
            {{{a}}}          | {{{a}}}
            {never closed    | {never closed
            }{a              | }}{a
            """, delimiter = '|')
    void a_text_has_one_normal_way_to_be_written(String text, String normal) {
        assertThat(Braces.normal(text)).isEqualTo(normal);
        assertThat(Braces.normal(normal)).isEqualTo(normal);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{", "}", "{{", "}}", "{}", "a{b}c", "{{{", "}}}"})
    void what_is_escaped_reads_as_it_stands_and_inserts_nothing(String plain) {
        String escaped = Braces.escape(plain);
        assertThat(Braces.isLive(escaped)).isFalse();
        var read = new StringBuilder();
        Braces.pieces(escaped).forEach(p -> read.append(((Braces.Piece.Plain) p).text()));
        assertThat(read).hasToString(plain);
        assertThat(Braces.normal(escaped)).isEqualTo(escaped);
    }

    @Test
    void what_is_inserted_knows_where_it_stands() {
        assertThat(Braces.pieces("{{ {a}{b} }}"))
                .containsExactly(
                        new Braces.Piece.Plain("{ "),
                        new Braces.Piece.Inserted("a", 4),
                        new Braces.Piece.Inserted("b", 7),
                        new Braces.Piece.Plain(" }"));
    }
}

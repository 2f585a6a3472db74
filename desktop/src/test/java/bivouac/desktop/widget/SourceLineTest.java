package bivouac.desktop.widget;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.desktop.widget.SourceLine.Kind;
import bivouac.desktop.widget.SourceLine.Language;
import java.util.List;
import org.junit.jupiter.api.Test;

class SourceLineTest {

    private static List<String> kinds(String line) {
        return kinds(line, Language.JAVA);
    }

    private static List<String> kinds(String line, Language language) {
        return SourceLine.of(line, language).getFirst().pieces().stream()
                .filter(p -> p.kind() != Kind.PLAIN)
                .map(p -> p.kind() + " " + p.text())
                .toList();
    }

    @Test
    void words_types_texts_and_remarks_are_told_apart() {
        assertThat(kinds("    private final Label name = part(\"a \\\"new\\\" one\", new Label()); // new"))
                .containsExactly(
                        "WORD private",
                        "WORD final",
                        "TYPE Label",
                        "TEXT \"a \\\"new\\\" one\"",
                        "WORD new",
                        "TYPE Label",
                        "REMARK // new");
        assertThat(kinds("    /** How it ends. */")).containsExactly("REMARK /** How it ends. */");
        assertThat(kinds("@Override")).containsExactly("WORD @Override");
    }

    @Test
    void each_language_has_words_and_remarks_of_its_own() {
        assertThat(kinds("    def ask(self, text: str):  # \"new\"", Language.PYTHON))
                .containsExactly("WORD def", "WORD self", "WORD str", "REMARK # \"new\"");
        assertThat(kinds("    \"\"\"Asks, and waits.\"\"\"", Language.PYTHON))
                .containsExactly("REMARK \"\"\"Asks, and waits.\"\"\"");
        assertThat(kinds("    internal sealed class Card : Face // \"new\"", Language.C_SHARP))
                .containsExactly(
                        "WORD internal", "WORD sealed", "WORD class", "TYPE Card", "TYPE Face", "REMARK // \"new\"");
        assertThat(Language.of("a/B.cs")).isEqualTo(Language.C_SHARP);
        var used = SourceLine.of("using System;\n\nnamespace Hut\n{\n}", Language.C_SHARP);
        assertThat(SourceLine.begins(used)).isEqualTo(2);
        assertThat(kinds("final = new(None)", Language.PYTHON)).containsExactly("WORD None");
        assertThat(kinds("name = \"class\"", Language.of("pyproject.toml"))).containsExactly("TEXT \"class\"");
        assertThat(Language.of("a/B.java")).isEqualTo(Language.JAVA);
        assertThat(Language.of("a/b.py")).isEqualTo(Language.PYTHON);
        var lines = SourceLine.of("import x\n\n\nclass A:\n    pass", Language.PYTHON);
        assertThat(SourceLine.begins(lines)).isEqualTo(3);
    }

    @Test
    void the_pieces_are_the_line_and_reading_begins_at_the_class() {
        String source = "package x;\n\nimport y.Z;\n\n/** A class. */\nfinal class X {}\n";
        var lines = SourceLine.of(source, Language.JAVA);
        assertThat(String.join("\n", lines.stream().map(SourceLine::text).toList()) + "\n")
                .isEqualTo(source);
        assertThat(SourceLine.begins(lines)).isEqualTo(4);
        assertThat(SourceLine.begins(SourceLine.of("a = b", Language.PYTHON))).isZero();
    }
}

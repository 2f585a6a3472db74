package bivouac.desktop.widget;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.desktop.widget.SourceLine.Kind;
import java.util.List;
import org.junit.jupiter.api.Test;

class SourceLineTest {

    private static List<String> kinds(String line) {
        return SourceLine.of(line).getFirst().pieces().stream()
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
    void the_pieces_are_the_line_and_reading_begins_at_the_class() {
        String source = "package x;\n\nimport y.Z;\n\n/** A class. */\nfinal class X {}\n";
        var lines = SourceLine.of(source);
        assertThat(String.join("\n", lines.stream().map(SourceLine::text).toList()) + "\n")
                .isEqualTo(source);
        assertThat(SourceLine.begins(lines)).isEqualTo(4);
        assertThat(SourceLine.begins(SourceLine.of("a = b"))).isZero();
    }
}

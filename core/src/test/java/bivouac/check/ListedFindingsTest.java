package bivouac.check;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Whatever is looked for is gone through, and every kind of finding stands in the list that people read. */
class ListedFindingsTest {

    private static final Path CHECK = Path.of("src/main/java/bivouac/check");
    private static final Path LIST = Path.of("../docs/findings.md");

    @Test
    void every_class_that_finds_something_is_gone_through() throws IOException {
        var through = new StringBuilder();
        try (Stream<Path> files = Files.walk(CHECK)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                through.append(Files.readString(file));
            }
        }
        try (Stream<Path> files = Files.walk(CHECK)) {
            List<String> finding = files.map(f -> f.getFileName().toString().replace(".java", ""))
                    .filter(n -> n.endsWith("Findings") && !n.equals("Findings"))
                    .toList();
            assertThat(finding).hasSizeGreaterThan(30).allSatisfy(name -> assertThat(through)
                    .containsPattern(Pattern.quote(name) + "\\.(into|with)\\("));
        }
    }

    /** {@code -Dgolden.rewrite=true} writes it anew. */
    @Test
    void every_kind_stands_in_the_list() throws IOException {
        var list = new StringBuilder();
        list.append(
                "# What is looked for\n\nEvery kind of finding, by what they have in common, and how heavy one can be.");
        list.append(
                " What is only likely as written becomes wrong where\nexploring shows it, and goes where every situation");
        list.append(" was met and it does not happen.\n");
        for (Finding.Cause cause : Finding.Cause.values()) {
            list.append("\n## ").append(cause.words()).append("\n\n");
            Stream.of(Finding.Kind.values()).filter(k -> k.cause() == cause).forEach(k -> list.append("- ")
                    .append(k.about())
                    .append(" *")
                    .append(k.heaviest().word())
                    .append("*\n"));
        }
        if (Boolean.getBoolean("golden.rewrite")) {
            Files.writeString(LIST, list);
        }
        assertThat(Files.readString(LIST)).isEqualTo(list.toString());
    }
}

package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.handover.java.Lines;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** What is written reads like what a person writes: a class to be read in a review, and the rules of its lines. */
class IdiomTest {

    private static String file(String example, String path) throws Exception {
        return Handover.write(Projects.example(example), Toolkit.JAVAFX).stream()
                .filter(f -> f.path().equals(path))
                .findFirst()
                .orElseThrow()
                .text();
    }

    /** Written anew with {@code -Dgolden.rewrite=true}. */
    private static void isAsBefore(String name, String text) throws Exception {
        Path golden = Path.of("src/test/resources/golden").resolve(name);
        if (Boolean.getBoolean("golden.rewrite")) {
            Files.createDirectories(golden.getParent());
            Files.writeString(golden, text);
        }
        assertThat(text).isEqualTo(Files.readString(golden));
    }

    @Test
    void a_dialog_of_ridge_hut_is_as_it_was_reviewed() throws Exception {
        isAsBefore("ArrivalForm.java.txt", file("ridge-hut", "src/main/java/ridgehut/ArrivalForm.java"));
    }

    @Test
    void the_application_of_kiln_house_is_as_it_was_reviewed() throws Exception {
        isAsBefore("KilnHouse.java.txt", file("kiln-house", "src/main/java/kilnhouse/KilnHouse.java"));
    }

    @Test
    void no_line_is_longer_than_a_page_and_none_is_left_unused() throws Exception {
        for (WrittenFile file : Handover.write(Projects.example("ridge-hut"), Toolkit.JAVAFX)) {
            if (file.path().endsWith(".java")) {
                assertThat(file.text().lines()).as(file.path()).allMatch(l -> l.length() <= 122);
                assertThat(file.text()).as(file.path()).doesNotContain("\n\n\n").doesNotContain("{\n\n}");
            }
        }
    }

    @Test
    void long_lines_break_behind_a_comma_and_never_inside_a_text() {
        String call = "call(" + "first, ".repeat(12) + "\"" + "a, ".repeat(40) + "\", last);";
        String written = new Lines().add(call).toString();
        assertThat(written.lines().count()).isGreaterThan(1);
        assertThat(written.replaceAll("\\n\\s*", " ").replaceAll("\\s+", " "))
                .isEqualTo(call.replaceAll("\\s+", " ") + " ");
        assertThat(written.lines().filter(l -> l.contains("\"")).count()).isEqualTo(1);
    }

    @Test
    void the_same_design_is_the_same_source() throws Exception {
        assertThat(Handover.write(Projects.example("kiln-house"), Toolkit.JAVAFX))
                .isEqualTo(Handover.write(Projects.example("kiln-house"), Toolkit.JAVAFX));
    }
}

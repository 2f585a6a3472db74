package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.handover.braces.Lines;
import bivouac.handover.python.PyLines;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is written reads like what a person writes: a class to be read in a review, and the rules of its lines. */
class IdiomTest {

    private static String file(Toolkit toolkit, String example, String path) throws Exception {
        return Handover.write(Projects.example(example), toolkit).stream()
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
        isAsBefore(
                "ArrivalForm.java.txt", file(Toolkit.JAVAFX, "ridge-hut", "src/main/java/ridgehut/ArrivalForm.java"));
    }

    @Test
    void the_application_of_kiln_house_is_as_it_was_reviewed() throws Exception {
        isAsBefore("KilnHouse.java.txt", file(Toolkit.JAVAFX, "kiln-house", "src/main/java/kilnhouse/KilnHouse.java"));
    }

    @Test
    void the_same_in_python() throws Exception {
        isAsBefore("arrival_form.py.txt", file(Toolkit.TK, "ridge-hut", "ridgehut/windows/arrival_form.py"));
        isAsBefore("application.py.txt", file(Toolkit.TK, "kiln-house", "kilnhouse/application.py"));
    }

    @Test
    void the_same_in_c_sharp() throws Exception {
        isAsBefore("ArrivalForm.cs.txt", file(Toolkit.FORMS, "ridge-hut", "src/ArrivalForm.cs"));
        isAsBefore("KilnHouseApplication.cs.txt", file(Toolkit.FORMS, "kiln-house", "src/KilnHouseApplication.cs"));
    }

    @Test
    void in_c_sharp_every_brace_has_a_line_and_no_line_is_longer_than_a_page() throws Exception {
        for (WrittenFile file : Handover.write(Projects.example("ridge-hut"), Toolkit.FORMS)) {
            if (file.path().endsWith(".cs")) {
                assertThat(file.text().lines()).as(file.path()).allMatch(l -> l.length() <= 122);
                assertThat(file.text())
                        .as(file.path())
                        .doesNotContain("\n\n\n")
                        .doesNotContain("{\n\n")
                        .doesNotContain("\t")
                        .doesNotContain(") {\n")
                        .doesNotContain("} else");
            }
        }
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
    void the_lines_of_python_are_those_of_its_usual_formatters() throws Exception {
        for (WrittenFile file : Handover.write(Projects.example("ridge-hut"), Toolkit.TK)) {
            if (file.path().endsWith(".py")) {
                int most = file.purpose() instanceof WrittenFile.Purpose.Rules ? 122 : 118;
                assertThat(file.text().lines()).as(file.path()).allMatch(l -> l.length() <= most);
                assertThat(file.text())
                        .as(file.path())
                        .doesNotContain("\n\n\n\n")
                        .doesNotContain(":\n\n        ")
                        .doesNotContain("\t");
            }
        }
    }

    @Test
    void long_lines_of_python_break_inside_a_bracket_and_never_inside_a_text() {
        String call = "call(" + "first, ".repeat(12) + "\"" + "a (, ".repeat(20) + "\", last)";
        String written = new PyLines().add(call).toString();
        assertThat(written.lines().count()).isGreaterThan(3);
        assertThat(written.replaceAll(",\\s*\\)", ")")
                        .replaceAll("\\(\\n\\s*", "(")
                        .replaceAll("\\s+", " ")
                        .strip())
                .isEqualTo(call);
        assertThat(new PyLines().add("def run(self):").inside(new PyLines()).toString())
                .isEqualTo("def run(self):\n    pass\n");
    }

    @ParameterizedTest
    @EnumSource
    void the_same_design_is_the_same_source(Toolkit toolkit) throws Exception {
        assertThat(Handover.write(Projects.example("kiln-house"), toolkit))
                .isEqualTo(Handover.write(Projects.example("kiln-house"), toolkit));
    }
}

package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.handover.braces.Spelling;
import bivouac.handover.java.JavaNames;
import bivouac.handover.proof.Expected;
import bivouac.handover.proof.Proof;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Names, pictures, differences and broken programs. */
class SmallThingsTest {

    @TempDir
    Path folder;

    @Test
    void names_are_no_words_of_the_language_and_are_given_once() {
        var names = new JavaNames(Set.of("List"));
        assertThat(names.type("list", "Window")).isEqualTo("ListWindow");
        assertThat(names.type("list", "Window")).isEqualTo("ListWindow2");
        assertThat(names.member("class")).isEqualTo("class2");
        assertThat(names.constant("leave unsaved")).isEqualTo("LEAVE_UNSAVED");
        assertThat(names.constant("leave unsaved")).isEqualTo("LEAVE_UNSAVED2");
        assertThat(JavaNames.safe("new")).isEqualTo("new_");
        assertThat(JavaNames.safe("hashCode")).isEqualTo("hashCode_");
        assertThat(JavaNames.safe("guest")).isEqualTo("guest");
    }

    @Test
    void texts_are_literals_and_comments_that_nothing_ends() {
        assertThat(Spelling.literal("a\"b\\u0022\n\t")).isEqualTo("\"a\\\"b\\\\u0022\\n\\t\"");
        assertThat(Spelling.literal("\uD83C\uDFD4")).isEqualTo("\"\uD83C\uDFD4\"");
        assertThat(Spelling.literal("\uD83C")).as("half of a pair").isEqualTo("\"\\ud83c\"");
        assertThat(JavaNames.comment("a */ b\n c \\u002a/")).isEqualTo("a * / b c \\ u002a/");
    }

    @Test
    void pictures_beside_the_design_are_taken_along_and_none_from_elsewhere() throws Exception {
        Path beside = Files.createDirectories(folder.resolve("design"));
        Files.writeString(folder.resolve("secret.png"), "secret");
        Files.createDirectories(beside.resolve("icons"));
        Files.writeString(beside.resolve("icons/hut.png"), "hut");
        Design design = Design.startingWith("Weir");
        FacedWindow face = (FacedWindow) design.windows().getFirst();
        Design shows = design.changingFace(
                face.name().shown(),
                f -> f.withRows(List.of(Row.of(
                        Part.Picture.of("a", "icons/hut.png"),
                        Part.Picture.of("b", "../secret.png"),
                        Part.Picture.of("c", "none.png"),
                        Part.Picture.of("d", "{app.file}")))));
        Pictures.Taken taken = Pictures.beside(beside, shows, Toolkit.JAVAFX);
        assertThat(taken.missing()).containsExactly("../secret.png", "none.png");
        assertThat(taken.files()).extracting(WrittenFile::path).containsExactly("src/main/resources/icons/hut.png");
        assertThat(taken.files().getFirst().bytes()).asString().isEqualTo("hut");
        assertThat(Handover.pictures(shows, Toolkit.TK)).isEqualTo("weir");
    }

    @Test
    void the_first_difference_is_told_with_its_event_and_none_after_a_fault() {
        List<String> expected = List.of(
                "Start",
                "  opens A",
                "press \"b\" of \"A\"",
                "  notes x",
                "  | A: A",
                "next",
                "  fault X3",
                "  | A: A");
        assertThat(Expected.difference(expected, expected)).isEmpty();
        assertThat(Expected.difference(expected, List.of("Start", "  opens A", "press \"b\" of \"A\"", "  notes y")))
                .contains("At “press \"b\" of \"A\"”: expected “notes x”, seen “notes y”.");
        assertThat(Expected.difference(expected, expected.subList(0, 5)))
                .contains("At “next”: expected “next”, seen “nothing more”.");
        assertThat(Expected.difference(
                        expected,
                        List.of(
                                "Start",
                                "  opens A",
                                "press \"b\" of \"A\"",
                                "  notes x",
                                "  | A: A",
                                "next",
                                "  else")))
                .isEmpty();
        assertThat(Expected.difference(expected.subList(0, 2), expected.subList(0, 3)))
                .contains("More was seen than expected: “press \"b\" of \"A\"”.");
    }

    @Test
    void a_program_that_was_changed_so_that_it_does_otherwise_is_found_out() throws Exception {
        Path program = Projects.write(Projects.example("ferry-bell"), Toolkit.JAVAFX, folder.resolve("bell"));
        Path landing;
        try (var all = Files.walk(program)) {
            landing = all.filter(p -> p.getFileName().toString().equals("Landing.java"))
                    .findFirst()
                    .orElseThrow();
        }
        String source = Files.readString(landing);
        Files.writeString(
                landing, source.replaceFirst("Math\\.addExact\\(app\\.waiting, party\\)", "party + app.waiting + 1"));
        assertThat(Files.readString(landing)).isNotEqualTo(source);
        Proof proof = Proof.of(Toolkit.JAVAFX, program);
        assertThat(proof.compile()).as("it is Java all the same").isEmpty();
        assertThat(proof.drive()).anySatisfy(o -> assertThat(o.difference())
                .hasValueSatisfying(d -> assertThat(d).startsWith("At “").contains("expected “")));
    }

    @Test
    void what_is_no_program_is_said() throws Exception {
        Files.createDirectories(folder.resolve("src/test/java"));
        Files.createDirectories(folder.resolve("src/test/resources/walkthroughs"));
        assertThatThrownBy(() -> Proof.of(Toolkit.JAVAFX, folder).drive())
                .isInstanceOf(NotHandedOver.class)
                .hasMessageContaining("is no written program");
    }
}

package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.handover.Change.Kind;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Writing again never loses what was changed by hand. */
class ProgramFolderTest {

    @TempDir
    Path folder;

    private static WrittenFile file(String path, String text) {
        return new WrittenFile(path, text, new WrittenFile.Purpose.Around());
    }

    private static final WrittenFile OWN = new WrittenFile("src/Own.java", "own, first", new WrittenFile.Purpose.Own());

    private Map<String, Kind> write(boolean overHand, WrittenFile... files) throws Exception {
        var to = ProgramFolder.of(folder, Toolkit.TK);
        List<Change> plan = to.plan(List.of(files));
        to.write(List.of(files), plan, overHand);
        return plan.stream().collect(Collectors.toMap(Change::path, Change::kind));
    }

    private String read(String path) throws Exception {
        return Files.readString(folder.resolve(path));
    }

    @Test
    void what_is_unchanged_is_written_anew_and_what_was_changed_by_hand_is_kept() throws Exception {
        assertThat(write(false, file("a", "one"), file("b", "one"), OWN).values())
                .containsOnly(Kind.NEW);
        Files.writeString(folder.resolve("b"), "by hand");
        Files.writeString(folder.resolve("src/Own.java"), "filled in");
        assertThat(write(false, file("a", "two"), file("b", "two"), OWN))
                .isEqualTo(Map.of("a", Kind.REPLACED, "b", Kind.EDITED, "src/Own.java", Kind.OWN));
        assertThat(read("a")).isEqualTo("two");
        assertThat(read("b")).isEqualTo("by hand");
        assertThat(read("src/Own.java")).isEqualTo("filled in");
        assertThat(write(false, file("a", "two"), file("b", "two"), OWN)).containsEntry("a", Kind.SAME);
        assertThat(write(true, file("a", "two"), file("b", "two"), OWN)).containsEntry("b", Kind.EDITED);
        assertThat(read("b")).as("told to").isEqualTo("two");
        assertThat(read("src/Own.java")).as("never").isEqualTo("filled in");
    }

    @Test
    void a_rename_takes_the_old_file_away_but_not_one_that_was_changed() throws Exception {
        write(false, file("Old", "one"), file("Mine", "one"));
        Files.writeString(folder.resolve("Mine"), "by hand");
        assertThat(write(false, file("New", "one")))
                .isEqualTo(Map.of("New", Kind.NEW, "Old", Kind.REMOVED, "Mine", Kind.REMOVED_EDITED));
        assertThat(folder.resolve("Old")).doesNotExist();
        assertThat(read("Mine")).isEqualTo("by hand");
    }

    @Test
    void an_own_file_that_has_to_follow_is_said_until_it_was_never_touched() throws Exception {
        write(false, OWN);
        var changed = new WrittenFile("src/Own.java", "own, second", new WrittenFile.Purpose.Own());
        assertThat(write(false, changed)).as("nobody has touched it").containsEntry("src/Own.java", Kind.REPLACED);
        Files.writeString(folder.resolve("src/Own.java"), "filled in");
        var third = new WrittenFile("src/Own.java", "own, third", new WrittenFile.Purpose.Own());
        assertThat(write(false, third)).containsEntry("src/Own.java", Kind.OWN_TO_FOLLOW);
        assertThat(read("src/Own.java")).isEqualTo("filled in");
    }

    @Test
    void a_folder_with_files_of_others_keeps_them() throws Exception {
        Files.writeString(folder.resolve("a"), "of another program");
        Files.writeString(folder.resolve("else"), "untouched");
        assertThat(write(false, file("a", "one"))).containsEntry("a", Kind.EDITED);
        assertThat(read("a")).isEqualTo("of another program");
        assertThat(read("else")).isEqualTo("untouched");
    }

    @Test
    void a_link_and_a_file_in_the_way_are_refused_with_a_sentence() throws Exception {
        Path elsewhere = Files.createDirectory(folder.resolve("elsewhere"));
        Files.createSymbolicLink(folder.resolve("src"), elsewhere);
        assertThatThrownBy(() -> write(false, OWN))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageContaining("is a link and leads elsewhere");
        assertThat(elsewhere).isEmptyDirectory();
        Path inTheWay = Files.createFile(folder.resolve("file"));
        assertThatThrownBy(() -> ProgramFolder.of(inTheWay, Toolkit.TK).plan(List.of(OWN)))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageContaining("Name a folder");
        Files.createDirectory(folder.resolve("a"));
        assertThatThrownBy(() -> write(false, file("a", "x")))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageContaining("is no file");
    }

    // What a record says may have been written by anybody

    private void record(String... lines) throws Exception {
        Files.writeString(folder.resolve(ProgramFolder.RECORD), String.join("\n", lines) + "\n");
    }

    private static final String SOME_HASH = "0".repeat(64);

    @ParameterizedTest
    @ValueSource(
            strings = {
                "../x",
                "/tmp/x",
                "a/../../x",
                "./a",
                "..",
                "a\0b",
                "src\\..\\x",
            })
    void a_record_that_names_what_is_elsewhere_is_refused_and_nothing_is_touched(String name) throws Exception {
        Path program = Files.createDirectory(folder.resolve("program"));
        Path secret = Files.writeString(folder.resolve("x"), "secret");
        Files.writeString(program.resolve(ProgramFolder.RECORD), SOME_HASH + " " + name + "\n");
        ProgramFolder to = ProgramFolder.of(program, Toolkit.TK);
        assertThatThrownBy(() -> to.plan(List.of(file("a", "one"))))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageContaining("cannot be trusted")
                .hasMessageEndingWith(".");
        assertThat(secret).hasContent("secret");
        assertThat(program.resolve("a")).doesNotExist();
    }

    @Test
    void what_is_no_record_is_refused_with_its_line() throws Exception {
        record("# a comment", "this is no hash");
        assertThatThrownBy(() -> write(false, file("a", "one")))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageContaining("line 2");
    }

    @Test
    void nothing_is_removed_or_written_through_a_link() throws Exception {
        Path elsewhere = Files.createDirectory(folder.resolve("elsewhere"));
        Path theirs = Files.writeString(elsewhere.resolve("old"), "one");
        Path program = Files.createDirectory(folder.resolve("program"));
        var to = ProgramFolder.of(program, Toolkit.TK);
        List<WrittenFile> first = List.of(file("sub/old", "one"));
        to.write(first, to.plan(first), false);
        Files.delete(program.resolve("sub/old"));
        Files.delete(program.resolve("sub"));
        Files.createSymbolicLink(program.resolve("sub"), elsewhere);
        assertThatThrownBy(() -> to.plan(List.of(file("a", "one"))))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageContaining("is a link");
        assertThat(theirs).hasContent("one");
    }

    @Test
    void a_record_that_is_a_link_is_refused() throws Exception {
        Path elsewhere = Files.writeString(folder.resolve("elsewhere"), "untouched");
        Path program = Files.createDirectory(folder.resolve("program"));
        Files.createSymbolicLink(program.resolve(ProgramFolder.RECORD), elsewhere);
        assertThatThrownBy(() -> ProgramFolder.of(program, Toolkit.TK).plan(List.of(file("a", "one"))))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageContaining("is a link");
        assertThat(elsewhere).hasContent("untouched");
    }

    @Test
    void what_is_no_text_is_somebodys_work_too() throws Exception {
        write(false, file("a", "one"));
        byte[] theirs = {(byte) 0xff, (byte) 0xfe, 0, 1};
        Files.write(folder.resolve("a"), theirs);
        assertThat(write(false, file("a", "two"))).containsEntry("a", Kind.EDITED);
        assertThat(folder.resolve("a")).hasBinaryContent(theirs);
        assertThat(write(false)).containsEntry("a", Kind.REMOVED_EDITED);
        assertThat(folder.resolve("a")).hasBinaryContent(theirs);
    }

    @Test
    void a_picture_is_a_file_like_others() throws Exception {
        var picture = WrittenFile.picture("pictures/hut.png", new byte[] {(byte) 0x89, 'P', 'N', 'G'});
        assertThat(write(false, picture)).containsEntry("pictures/hut.png", Kind.NEW);
        assertThat(write(false, picture)).containsEntry("pictures/hut.png", Kind.SAME);
        Files.write(folder.resolve("pictures/hut.png"), new byte[] {1, 2});
        assertThat(write(false, picture)).containsEntry("pictures/hut.png", Kind.EDITED);
        assertThat(folder.resolve("pictures/hut.png")).hasBinaryContent(new byte[] {1, 2});
        assertThatThrownBy(() -> write(false, picture, file("pictures/hut.png", "text")))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageContaining("Two files");
    }

    @Test
    void whose_program_stands_there_is_known() throws Exception {
        write(false, file("a", "one"));
        assertThat(ProgramFolder.of(folder, Toolkit.TK).other()).isEmpty();
        assertThat(ProgramFolder.of(folder, Toolkit.SWING).other()).contains("tk");
        var swing = ProgramFolder.of(folder, Toolkit.SWING);
        assertThat(HandedOver.replaced(swing, swing.plan(List.of(file("b", "two")))))
                .contains(folder + " holds the program for Tk, of which would go: a.");
    }
}

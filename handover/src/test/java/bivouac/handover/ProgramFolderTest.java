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

/** Writing again never loses what was changed by hand. */
class ProgramFolderTest {

    @TempDir
    Path folder;

    private static WrittenFile file(String path, String text) {
        return new WrittenFile(path, text, new WrittenFile.Purpose.Around());
    }

    private static final WrittenFile OWN = new WrittenFile("src/Own.java", "own, first", new WrittenFile.Purpose.Own());

    private Map<String, Kind> write(boolean overHand, WrittenFile... files) throws Exception {
        var to = new ProgramFolder(folder);
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
        assertThatThrownBy(() -> new ProgramFolder(inTheWay).plan(List.of(OWN)))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageContaining("Name a folder");
        Files.createDirectory(folder.resolve("a"));
        assertThatThrownBy(() -> write(false, file("a", "x")))
                .isInstanceOf(NotHandedOver.class)
                .hasMessageContaining("is no file");
    }
}

package bivouac.machine;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.FileDialog;
import bivouac.design.Name;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What stands between a person and the end of a file dialog (C8). */
class FileChoiceTest {

    private static final List<String> THERE = List.of("/hut/a.csv", "/hut/b.txt", "/hut/old/c.csv");

    private static FileChoice choice(FileDialog.Asks asks) {
        return new FileChoice(
                FileDialog.of(Name.of("File"), asks)
                        .filtering(List.of(new FileDialog.Filter("Tables", List.of("*.csv"))), true),
                THERE);
    }

    private static FileChoice.Answer ends(String... paths) {
        return new FileChoice.Answer.Ends(List.of(paths));
    }

    @Test
    void a_filter_hides_files_and_never_folders() {
        assertThat(choice(FileDialog.Asks.ONE).shown("/hut/", 0)).containsExactly("/hut/old/", "/hut/a.csv");
        assertThat(choice(FileDialog.Asks.ONE).shown("/hut/", 1)).contains("/hut/b.txt");
        assertThat(choice(FileDialog.Asks.FOLDER).shown("/hut/", 0)).containsExactly("/hut/old/");
    }

    @Test
    void a_name_is_meant_in_the_folder_and_a_path_from_the_root() {
        assertThat(choice(FileDialog.Asks.ONE).choose("/hut/", " a.csv ", 0)).isEqualTo(ends("/hut/a.csv"));
        assertThat(choice(FileDialog.Asks.ONE).choose("/hut/old/", "/hut/a.csv", 0))
                .isEqualTo(ends("/hut/a.csv"));
        assertThat(choice(FileDialog.Asks.SEVERAL).choose("/hut/", "a.csv; b.txt", 1))
                .isEqualTo(ends("/hut/a.csv", "/hut/b.txt"));
        assertThat(choice(FileDialog.Asks.FOLDER).choose("/hut/", "old", 0)).isEqualTo(ends("/hut/old/"));
    }

    @Test
    void what_is_not_there_is_said_and_only_saving_may_name_it() {
        assertThat(choice(FileDialog.Asks.ONE).choose("/hut/", "z.csv", 0))
                .isEqualTo(new FileChoice.Answer.Stays("“/hut/z.csv” is not there."));
        assertThat(choice(FileDialog.Asks.FOLDER).choose("/hut/", "new", 0))
                .isEqualTo(new FileChoice.Answer.Stays("“/hut/new/” is not there."));
        assertThat(choice(FileDialog.Asks.SAVE).choose("/hut/", "z.csv", 0)).isEqualTo(ends("/hut/z.csv"));
        assertThat(choice(FileDialog.Asks.SAVE).choose("/hut/", " ", 0))
                .isEqualTo(new FileChoice.Answer.Stays("Choose a file, or type a name."));
    }

    @Test
    void C8_a_file_that_is_there_is_asked_about_also_where_the_extension_is_added() {
        assertThat(choice(FileDialog.Asks.SAVE).choose("/hut/", "a", 0))
                .isEqualTo(new FileChoice.Answer.AsksToReplace(List.of("/hut/a")));
        assertThat(choice(FileDialog.Asks.ONE).choose("/hut/", "a.csv", 0)).isEqualTo(ends("/hut/a.csv"));
    }
}

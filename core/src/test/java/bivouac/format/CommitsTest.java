package bivouac.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.testkit.GitFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Earlier versions of a design, as git keeps them. */
class CommitsTest {

    @TempDir
    private Path folder;

    private Path file;
    private GitFolder git;

    @BeforeEach
    void a_folder_that_git_keeps() throws Exception {
        git = GitFolder.in(folder);
        Path designs = Files.createDirectory(folder.resolve("our designs"));
        file = designs.resolve("bell.bivouac");
    }

    private void holds(String name) throws Exception {
        Files.writeString(
                file,
                Files.readString(Path.of("../examples/ferry-bell.bivouac")).replace("Ferry Bell", name));
    }

    @Test
    void each_commit_that_changed_the_file_is_listed_the_latest_first() throws Exception {
        holds("Harbour Bell");
        git.commit("Begin", "2026-03-01");
        Files.writeString(folder.resolve("other.txt"), "no design");
        git.commit("Something else", "2026-03-02");
        holds("Ferry Bell");
        git.commit("Call it by\tits name", "2026-03-03");
        assertThat(Commits.of(file, 10))
                .extracting(c -> c.day() + " " + c.subject())
                .containsExactly("2026-03-03 Call it by\tits name", "2026-03-01 Begin");
        assertThat(Commits.of(file, 1)).hasSize(1);
        assertThat(Commits.of(folder.resolve("new.bivouac"), 10)).isEmpty();
    }

    @Test
    void a_version_is_read_as_it_was_whatever_lies_there_now() throws Exception {
        holds("Harbour Bell");
        git.commit("Begin", "2026-03-01");
        git.does("tag", "first");
        holds("Ferry Bell");
        git.commit("Call it by its name", "2026-03-03");
        Files.writeString(file, "no design any more");
        assertThat(Commits.read(file, Commits.LAST).application().name()).isEqualTo("Ferry Bell");
        assertThat(Commits.read(file, "first").application().name()).isEqualTo("Harbour Bell");
        assertThat(Commits.read(file, Commits.of(file, 10).getLast().id())).isEqualTo(Commits.read(file, "HEAD~1"));
    }

    @Test
    void what_cannot_be_had_is_said_in_a_sentence() throws Exception {
        Files.writeString(file, "{");
        git.commit("Broken", "2026-03-01");
        assertThatThrownBy(() -> Commits.read(file, "HEAD"))
                .isInstanceOf(Unreadable.class)
                .hasMessageStartingWith("bell.bivouac as it was in “HEAD” could not be read. ");
        assertThatThrownBy(() -> Commits.read(file, "nowhere"))
                .hasMessage(
                        "git knows no version “nowhere” where bell.bivouac lies; git log lists those that there are.");
        assertThatThrownBy(() -> Commits.read(file, "--output=x"))
                .hasMessageStartingWith("git knows no version “--output=x”");
        assertThatThrownBy(() -> Commits.read(file.resolveSibling("new.bivouac"), "HEAD"))
                .hasMessageStartingWith("new.bivouac is not in the version “HEAD”");
    }

    @Test
    void where_git_keeps_nothing_there_are_no_commits(@TempDir Path elsewhere) throws Exception {
        Path alone = Files.copy(Path.of("../examples/ferry-bell.bivouac"), elsewhere.resolve("alone.bivouac"));
        assertThat(Commits.of(alone, 10)).isEmpty();
        assertThatThrownBy(() -> Commits.read(alone, "HEAD"))
                .hasMessage(
                        "alone.bivouac lies in no folder of which git keeps earlier versions; compare it with a file.");
    }
}

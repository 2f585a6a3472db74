package bivouac.cli;

import static bivouac.cli.Said.run;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.testkit.GitFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What {@code bivouac compare} prints, of two files and of one with what git keeps of it. */
class CompareCommandTest {

    @TempDir
    Path folder;

    @Test
    void compare_tells_what_differs_and_ends_with_1_and_with_0_where_nothing_does() throws Exception {
        Path other = folder.resolve("other.bivouac");
        String ferry = "../examples/ferry-bell.bivouac";
        Files.writeString(
                other,
                Files.readString(Path.of(ferry))
                        .replaceFirst("\"departure\": \"[^\"]*\"", "\"departure\": \"only when told\""));
        Said differs = run(new CompareCommand(), "--within", "9s", ferry, other.toString());
        assertThat(differs.out())
                .contains("    before: ")
                .contains("    shown in ")
                .contains("pairs of situations");
        assertThat(differs.code()).isEqualTo(1);
        Said same = run(new CompareCommand(), "--within", "9s", ferry, ferry);
        assertThat(same.out()).startsWith("Nothing differs");
        assertThat(same.code()).isZero();
        Said none =
                run(new CompareCommand(), ferry, folder.resolve("none.bivouac").toString());
        assertThat(none.err()).contains("none.bivouac");
        assertThat(none.code()).isEqualTo(2);
    }

    @Test
    void one_file_is_compared_with_what_git_keeps_of_it() throws Exception {
        Path kept = Files.copy(Path.of("../examples/ferry-bell.bivouac"), folder.resolve("bell.bivouac"));
        GitFolder git = GitFolder.in(folder);
        git.commit("Begin", "2026-03-01");
        Said same = run(new CompareCommand(), "--within", "9s", kept.toString());
        assertThat(same.out()).startsWith("Nothing differs");
        Files.writeString(
                kept,
                Files.readString(kept).replaceFirst("\"departure\": \"[^\"]*\"", "\"departure\": \"only when told\""));
        assertThat(run(new CompareCommand(), "--within", "9s", kept.toString()).code())
                .isEqualTo(1);
        git.commit("Only when told", "2026-03-02");
        assertThat(run(new CompareCommand(), "--within", "9s", kept.toString()).code())
                .isZero();
        assertThat(run(new CompareCommand(), "--within", "9s", "--at", "HEAD~1", kept.toString())
                        .code())
                .isEqualTo(1);
        Said nowhere = run(new CompareCommand(), "--at", "nowhere", kept.toString());
        assertThat(nowhere.err()).contains("git knows no version “nowhere”");
        assertThat(nowhere.code()).isEqualTo(2);
        Said both = run(new CompareCommand(), "--at", "HEAD", kept.toString(), kept.toString());
        assertThat(both.err()).contains("two files, or one file and --at");
        assertThat(both.code()).isEqualTo(2);
    }
}

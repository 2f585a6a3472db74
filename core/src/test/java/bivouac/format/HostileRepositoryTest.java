package bivouac.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Limits;
import bivouac.testkit.GitFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Repositories whose own configuration runs programs, or fetches. Each test first lets git do what it does by itself, to see that
 * the program would be run; then a design of the repository is asked about, and it is not.
 */
class HostileRepositoryTest {

    @TempDir
    private Path folder;

    private Path file;
    private Path ran;
    private Path program;
    private GitFolder git;

    @BeforeEach
    void a_repository_and_a_program_that_leaves_a_trace() throws Exception {
        Path repository = Files.createDirectory(folder.resolve("repository"));
        git = GitFolder.in(repository);
        file = repository.resolve("bell.bivouac");
        Files.copy(Path.of("../examples/ferry-bell.bivouac"), file);
        ran = folder.resolve("ran");
        program =
                Files.writeString(folder.resolve("program.sh"), "#!/bin/sh\necho \"$0 $*\" >> '" + ran + "'\nexit 1\n");
        Files.setPosixFilePermissions(program, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    private void config(Map<String, String> lines) throws Exception {
        for (var line : lines.entrySet()) {
            git.does("config", line.getKey(), line.getValue());
        }
    }

    /** Git by itself, which runs the program; how it ends does not matter. */
    private void plainly(String... what) throws Exception {
        try {
            git.does(what);
        } catch (IOException ended) {
            // with what the program answered
        }
        assertThat(ran).as("the program is run by git itself").exists();
        Files.delete(ran);
    }

    private void asked() {
        Commits.of(file, 10);
        try {
            Commits.read(file, Commits.LAST);
        } catch (Unreadable said) {
            assertThat(said.getMessage()).endsWith(".");
        }
        assertThat(ran)
                .as("the program is run for a design that is asked about")
                .doesNotExist();
    }

    @Test
    void a_converter_of_texts_is_not_run() throws Exception {
        Files.writeString(file.resolveSibling(".gitattributes"), "*.bivouac diff=theirs\n");
        git.commit("Begin", "2026-03-01");
        config(Map.of("diff.theirs.textconv", program.toString()));
        plainly("show", "--textconv", "HEAD:bell.bivouac");
        asked();
        assertThat(Commits.read(file, Commits.LAST).application().name()).isEqualTo("Ferry Bell");
    }

    @Test
    void a_check_of_signatures_is_not_run() throws Exception {
        git.commit("Begin", "2026-03-01");
        // a commit that says that it is signed, by whomever
        Path made = Files.writeString(
                folder.resolve("commit"),
                git.says("cat-file", "commit", "HEAD")
                        .replaceFirst(
                                "\n\n",
                                "\ngpgsig -----BEGIN PGP SIGNATURE-----\n \n iQ==\n -----END PGP SIGNATURE-----\n\n"));
        String signed =
                git.says("hash-object", "-t", "commit", "-w", made.toString()).strip();
        git.does("reset", "-q", "--hard", signed);
        config(Map.of("log.showSignature", "true", "gpg.program", program.toString()));
        plainly("log", "-n", "1");
        asked();
        assertThat(Commits.of(file, 10)).extracting(Commits.Commit::subject).containsExactly("Begin");
    }

    @Test
    void a_remote_that_promises_what_is_missing_is_not_asked() throws Exception {
        git.commit("Begin", "2026-03-01");
        String blob = git.says("rev-parse", "HEAD:bell.bivouac").strip();
        config(Map.of(
                "remote.origin.url", "ext::" + program + " %S",
                "remote.origin.promisor", "true",
                "protocol.ext.allow", "always",
                "extensions.partialClone", "origin",
                "core.repositoryFormatVersion", "1"));
        Files.delete(file.resolveSibling(".git")
                .resolve("objects")
                .resolve(blob.substring(0, 2))
                .resolve(blob.substring(2)));
        plainly("cat-file", "blob", "HEAD:bell.bivouac");
        asked();
    }

    @Test
    void a_monitor_of_files_and_hooks_are_not_run() throws Exception {
        git.commit("Begin", "2026-03-01");
        Path hooks = Files.createDirectory(folder.resolve("hooks"));
        Files.copy(program, hooks.resolve("post-checkout"));
        config(Map.of("core.fsmonitor", program.toString(), "core.hooksPath", hooks.toString()));
        plainly("status");
        asked();
    }

    @Test
    void a_repository_inside_the_folder_of_another_is_none() throws Exception {
        git.commit("Begin", "2026-03-01");
        Path inside = Files.createDirectory(file.resolveSibling("inside"));
        Files.createDirectories(inside.resolve("refs"));
        Files.createDirectories(inside.resolve("objects"));
        Files.writeString(inside.resolve("HEAD"), "ref: refs/heads/main\n");
        Files.writeString(
                inside.resolve("config"),
                "[core]\n\tbare = false\n\tworktree = " + inside + "\n\tfsmonitor = " + program
                        + "\n\trepositoryformatversion = 0\n");
        var within = new GitFolder(inside);
        try {
            within.does("status");
        } catch (IOException ended) {
            // with what the program answered
        }
        assertThat(ran).as("git by itself takes it for a repository").exists();
        Files.delete(ran);
        file = Files.copy(Path.of("../examples/ferry-bell.bivouac"), inside.resolve("bell.bivouac"));
        assertThatThrownBy(() -> Commits.read(file, Commits.LAST))
                .hasMessageContaining("lies in no folder of which git keeps earlier versions");
        asked();
    }

    @Test
    void a_repository_without_commits_is_told() {
        assertThatThrownBy(() -> Commits.read(file, Commits.LAST))
                .hasMessage("git keeps no version of bell.bivouac yet; commit it first, or compare it with a file.");
    }

    @Test
    void what_is_larger_than_any_design_is_told_and_not_cut_off() throws Exception {
        byte[] large = new byte[(int) Limits.LARGEST_FILE + 4];
        java.util.Arrays.fill(large, (byte) ' ');
        Files.write(file, large);
        git.commit("Large", "2026-03-01");
        assertThatThrownBy(() -> Commits.read(file, Commits.LAST))
                .hasMessage("bell.bivouac as it was in “HEAD” is larger than 64 MB, which no design is.");
        assertThat(List.of(Commits.of(file, 1).getFirst().subject())).containsExactly("Large");
    }
}

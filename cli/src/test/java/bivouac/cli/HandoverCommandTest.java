package bivouac.cli;

import static bivouac.cli.Said.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Programs written, and looked after, by {@code bivouac handover}. */
class HandoverCommandTest {

    private static final String HUT = "../examples/ridge-hut.bivouac";

    @TempDir
    Path folder;

    @Test
    void handover_writes_the_program_keeps_what_was_changed_and_ends_with_0() throws Exception {
        String bell = "../examples/ferry-bell.bivouac";
        Path to = folder.resolve("bell");
        Said first = run(new HandoverCommand(), bell, "--for", "javafx", "--to", to.toString());
        assertThat(first.err()).isEmpty();
        assertThat(first.code()).isZero();
        assertThat(first.out()).contains("new: pom.xml").contains("files for JavaFX in " + to);
        Files.writeString(to.resolve("pom.xml"), "mine");
        Said again = run(new HandoverCommand(), bell, "--for", "javafx", "--to", to.toString());
        assertThat(again.out()).contains("changed by hand, kept: pom.xml");
        assertThat(to.resolve("pom.xml")).hasContent("mine");
        Said over = run(new HandoverCommand(), bell, "--for", "javafx", "--to", to.toString(), "--over-changes");
        assertThat(over.out()).contains("changed by hand, written over: pom.xml");
        assertThat(Files.readString(to.resolve("pom.xml"))).contains("<name>");
    }

    @Test
    void handover_for_tk_is_proven_and_what_was_changed_in_it_is_found_out() throws Exception {
        Path design = Files.copy(Path.of("../examples/ferry-bell.bivouac"), folder.resolve("bell.bivouac"));
        Path to = folder.resolve("bell");
        Said said = run(new HandoverCommand(), design.toString(), "--for", "tk", "--to", to.toString(), "--prove");
        assertThat(said.out())
                .contains("new: ferrybell/application.py")
                .contains("files for Tk in " + to)
                .endsWith("Identical to the rehearsal, event by event.\n");
        assertThat(said.code()).isZero();
        Path landing = to.resolve("ferrybell/windows/landing.py");
        Files.writeString(landing, Files.readString(landing).replace("self.app.waiting = ", "self.app.waiting = 1 + "));
        Said changed = run(new HandoverCommand(), design.toString(), "--for", "tk", "--to", to.toString(), "--prove");
        assertThat(changed.out())
                .contains("changed by hand, kept: ferrybell/windows/landing.py")
                .contains("✗ ");
        assertThat(changed.code()).isEqualTo(1);
        Files.writeString(landing, "class :");
        Said none = run(new HandoverCommand(), design.toString(), "--for", "tk", "--to", to.toString(), "--prove");
        assertThat(none.out()).contains("The program does not compile:").contains("landing.py");
        assertThat(none.code()).isEqualTo(1);
    }

    @Test
    void handover_takes_pictures_along_and_says_which_are_missing() throws Exception {
        Path design = Files.copy(Path.of(HUT), folder.resolve("hut.bivouac"));
        Files.copy(Path.of(HUT).resolveSibling("ridge.png"), folder.resolve("ridge.png"));
        Path to = folder.resolve("out");
        Said said = run(new HandoverCommand(), design.toString(), "--for", "javafx", "--to", to.toString());
        assertThat(to.resolve("src/main/resources/ridge.png")).exists();
        assertThat(said.out()).contains("not there, and not taken along: hut.png");
    }

    @Test
    void handover_for_what_nobody_writes_and_of_what_cannot_be_written_says_so_and_ends_with_2() throws Exception {
        Said other = run(new HandoverCommand(), HUT, "--for", "paper", "--to", folder.toString());
        assertThat(other.err())
                .isEqualTo("There is no writer for “paper”. Programs are written for: javafx, tk, swing, forms.\n");
        assertThat(other.code()).isEqualTo(2);
        Path file = Files.createFile(folder.resolve("file"));
        Said inTheWay = run(new HandoverCommand(), HUT, "--for", "javafx", "--to", file.toString());
        assertThat(inTheWay.err()).endsWith("is a file. Name a folder to write to.\n");
        assertThat(inTheWay.code()).isEqualTo(2);
    }

    @Test
    void the_program_of_another_toolkit_goes_only_where_somebody_says_so() throws Exception {
        String bell = "../examples/ferry-bell.bivouac";
        Path to = folder.resolve("bell");
        run(new HandoverCommand(), bell, "--for", "tk", "--to", to.toString());
        long files = Files.walk(to).count();
        Said asked = run(new HandoverCommand(), bell, "--for", "swing", "--to", to.toString());
        assertThat(asked.code()).isEqualTo(ExitCodes.UNREADABLE);
        assertThat(asked.err()).contains("holds the program for Tk, of which would go: ", "--instead");
        assertThat(Files.walk(to).count()).isEqualTo(files);
        Said said = run(new HandoverCommand(), bell, "--for", "swing", "--to", to.toString(), "--instead");
        assertThat(said.code()).isZero();
        assertThat(to.resolve("pom.xml")).exists();
        assertThat(run(new HandoverCommand(), bell, "--to", to.toString()).code())
                .as("there is no toolkit that is meant where none is said")
                .isEqualTo(ExitCodes.UNREADABLE);
    }
}

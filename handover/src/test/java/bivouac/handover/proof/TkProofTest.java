package bivouac.handover.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.format.DesignFile;
import bivouac.handover.HandedOver;
import bivouac.handover.NotHandedOver;
import bivouac.handover.Toolkit;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The proof of a program for Tk finds what is wrong, says it, and leaves nothing behind; the program's own tests hold. */
class TkProofTest {

    @TempDir
    Path folder;

    @BeforeEach
    void write() throws Exception {
        var design = DesignFile.read(Path.of("../examples/ferry-bell.bivouac"));
        HandedOver.to(folder, design, Toolkit.TK, Optional.empty(), new HandedOver.Allowed(true, false));
    }

    private void change(String file, String from, String to) throws Exception {
        Path path = folder.resolve(file);
        String text = Files.readString(path);
        assertThat(text).contains(from);
        Files.writeString(path, text.replace(from, to));
    }

    private Proof proof() {
        return Proof.of(Toolkit.TK, folder);
    }

    @Test
    void a_program_as_it_was_written_is_identical_and_nothing_is_left_in_its_folder() throws Exception {
        assertThat(proof().compile()).isEmpty();
        assertThat(proof().drive()).isNotEmpty().allSatisfy(o -> assertThat(o.difference())
                .isEmpty());
        try (Stream<Path> all = Files.walk(folder)) {
            assertThat(all.map(Path::getFileName).map(Path::toString))
                    .noneMatch(n -> n.endsWith(".pyc") || n.endsWith(".seen") || n.equals("__pycache__"));
        }
    }

    @Test
    void what_does_otherwise_is_found_out_at_its_event() throws Exception {
        change(
                "ferrybell/windows/landing.py",
                "values.exact(self.app.waiting + party)",
                "self.app.waiting + party + 1");
        assertThat(proof().compile()).as("it is Python all the same").isEmpty();
        assertThat(proof().drive()).anySatisfy(o -> assertThat(o.difference())
                .hasValueSatisfying(d -> assertThat(d).startsWith("At “").contains("expected “")));
    }

    @Test
    void what_is_no_python_is_said_before_anything_is_driven() throws Exception {
        change("ferrybell/own_tasks.py", "class OwnTasks", "class class OwnTasks");
        assertThat(proof().compile())
                .hasValueSatisfying(s -> assertThat(s).contains("own_tasks.py").contains("SyntaxError"));
    }

    @Test
    void a_warning_counts_and_so_does_what_cannot_be_imported() throws Exception {
        change("ferrybell/windows/landing.py", "class Landing(Face):", "CODE = \"\\d\"\n\n\nclass Landing(Face):");
        assertThat(proof().compile()).isPresent();
        write();
        change("ferrybell/windows/landing.py", "import Face", "import Faces");
        assertThat(proof().compile()).hasValueSatisfying(s -> assertThat(s).contains("cannot import name 'Faces'"));
    }

    @Test
    void a_folder_without_a_program_is_said_in_a_sentence() throws Exception {
        Path empty = Files.createDirectories(folder.resolve("empty"));
        assertThatThrownBy(() -> Proof.of(Toolkit.TK, empty).compile())
                .isInstanceOf(NotHandedOver.class)
                .hasMessage(empty + " is no written program: it has no tests.");
        assertThat(Proof.of(Toolkit.TK, empty).drive()).as("nothing to drive").isEmpty();
    }

    /** As a developer runs them; answers what was said, which ends with OK where all hold. */
    private String unittest() throws Exception {
        var tests = new ProcessBuilder("python3", "-m", "unittest")
                .directory(folder.toFile())
                .redirectErrorStream(true);
        var display = Display.open().orElseThrow();
        try {
            tests.environment().put("DISPLAY", display.name());
            Process process = tests.start();
            return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        } finally {
            display.close();
        }
    }

    @Test
    void the_tests_of_the_program_hold_and_fail_where_a_rule_is_broken() throws Exception {
        assertThat(unittest()).endsWith("OK");
        change("ferrybell/support/desk.py", "return waited.within(window)", "return False");
        assertThat(unittest())
                .contains("test_a_waiting_window_blocks_its_owner")
                .contains("FAILED");
        write();
        change(
                "ferrybell/support/desk.py",
                "for one in reversed([h for h in self._held if h[1] is of]):",
                "for one in [h for h in self._held if h[1] is of]:");
        assertThat(unittest())
                .contains("test_holdings_are_given_back_the_last_taken_first")
                .contains("FAILED");
        write();
        change("ferrybell/support/desk.py", "if top is not None and top.waits_for_all:", "if top is None:");
        assertThat(unittest()).contains("test_a_task_of_closing_is_waited_for").contains("FAILED");
    }
}

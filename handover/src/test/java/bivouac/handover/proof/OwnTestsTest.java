package bivouac.handover.proof;

import static bivouac.machine.Play.button;
import static bivouac.machine.Play.main;
import static bivouac.machine.Play.note;
import static bivouac.machine.Play.withMain;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Part;
import bivouac.design.Walkthrough;
import bivouac.handover.HandedOver;
import bivouac.handover.Toolkit;
import bivouac.machine.Play;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A program's own tests and the proof are one comparison: they say the same of the same program. */
class OwnTestsTest {

    @TempDir
    Path folder;

    /** Texts of two lines, one that is noted and one that is to be seen. */
    @BeforeEach
    void a_program_with_texts_of_two_lines() throws Exception {
        Design design = withMain(
                        main("Desk", Part.Caption.of("shown", "one\ntwo"), button("go", note("first\nsecond"))))
                .design();
        Design walked = new Design(
                design.application(),
                design.windows(),
                List.of(new Walkthrough("two lines", Play.TODAY, List.of("press \"go\" of \"Desk\""))));
        HandedOver.to(folder, walked, Toolkit.TK, Optional.empty(), HandedOver.Allowed.NOTHING);
    }

    /** Whether the program's own tests pass. */
    private boolean passes() throws Exception {
        Process process =
                Proof.startOnDisplay(new ProcessBuilder("python3", "-m", "unittest", "tests.test_walkthroughs")
                        .directory(folder.toFile())
                        .redirectErrorStream(true)
                        .redirectOutput(folder.resolve("said").toFile()));
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return process.exitValue() == 0;
    }

    private List<Proof.Verdict> proven() throws Exception {
        return Proof.of(Toolkit.TK, folder).drive().stream()
                .map(Proof.Outcome::verdict)
                .toList();
    }

    @Test
    void texts_of_two_lines_are_the_same_for_both() throws Exception {
        assertThat(proven()).containsExactly(Proof.Verdict.IDENTICAL);
        assertThat(passes()).as(Files.readString(folder.resolve("said"))).isTrue();
    }

    @Test
    void a_program_that_does_more_than_was_rehearsed_passes_neither() throws Exception {
        Path expected = folder.resolve("tests/walkthroughs/001.expected");
        List<String> lines = Files.readAllLines(expected);
        Files.write(expected, lines.subList(0, lines.size() - 1));
        assertThat(proven()).containsExactly(Proof.Verdict.DIFFERENT);
        assertThat(passes()).isFalse();
    }
}

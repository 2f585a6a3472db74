package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.desktop.pictures.PicturesCommand;
import bivouac.handover.ProgramFolder;
import bivouac.handover.Toolkit;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What {@code ./bivouac} leaves where it has no display to draw on. */
class WithoutDisplayTest {

    @TempDir
    Path out;

    private static String saying(java.util.concurrent.Callable<Integer> call, int code) throws Exception {
        PrintStream before = System.out;
        var said = new ByteArrayOutputStream();
        System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
        try {
            assertThat(call.call()).isEqualTo(code);
        } finally {
            System.setOut(before);
        }
        return said.toString(StandardCharsets.UTF_8);
    }

    @Test
    void findings_the_rehearsal_and_programs_are_left() throws Exception {
        Path design = Path.of("../examples/ferry-bell.bivouac");
        String said = saying(() -> PicturesCommand.writtenBeside(design, out), 0);
        assertThat(said).contains("the programs for JavaFX, Tk, Swing, Windows Forms are there too.");
        assertThat(Files.readString(out.resolve("findings.txt"))).isNotBlank();
        assertThat(Files.readString(out.resolve("rehearsal.txt"))).isNotBlank();
        for (Toolkit toolkit : Toolkit.values()) {
            assertThat(out.resolve("program-" + toolkit.word()).resolve("README.md"))
                    .exists();
            assertThat(out.resolve("program-" + toolkit.word()).resolve(ProgramFolder.RECORD))
                    .exists();
        }
        Path own = out.resolve("program-tk/ferrybell/own_tasks.py");
        Files.writeString(own, "mine");
        saying(() -> PicturesCommand.writtenBeside(design, out), 0);
        assertThat(own).as("a second time, nothing of the developer's is lost").hasContent("mine");
    }

    @ParameterizedTest
    @EnumSource
    void each_program_names_what_it_needs(Toolkit toolkit) {
        assertThat(toolkit.needs()).isNotBlank();
        assertThat(Toolkit.of(toolkit.word())).contains(toolkit);
        assertThat(toolkit.remark("x")).endsWith(" x");
    }
}

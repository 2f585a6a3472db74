package bivouac.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.log.StateFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Where the tool keeps its own files, and which design it goes on with. */
class LastOpenedTest {

    @TempDir
    Path folder;

    @Test
    void the_design_that_was_open_last_is_opened_again_if_it_is_still_there() throws Exception {
        var last = new LastOpened(folder.resolve("state"));
        assertThat(last.file()).as("at first none").isEmpty();
        Path one = Files.writeString(folder.resolve("one.bivouac"), "");
        Path two = Files.writeString(folder.resolve("two ö.bivouac"), "");
        last.keep(one);
        last.keep(two);
        assertThat(last.file()).contains(two);
        Files.delete(two);
        assertThat(last.file()).as("it is gone").isEmpty();
        Files.createDirectory(two);
        assertThat(last.file()).as("a folder is no design").isEmpty();
    }

    @Test
    void what_cannot_be_read_is_none() throws Exception {
        Files.createDirectories(folder.resolve("state"));
        Files.write(folder.resolve("state").resolve("last-opened"), new byte[] {0, (byte) 0xff, 'x', '\n', 'y'});
        assertThat(new LastOpened(folder.resolve("state")).file()).isEmpty();
    }

    @Test
    void the_state_folder_is_as_the_environment_says() {
        assertThat(StateFolder.of(Map.of("XDG_STATE_HOME", "/x", "HOME", "/h"), "/j"))
                .isEqualTo(Path.of("/x/bivouac"));
        assertThat(StateFolder.of(Map.of("HOME", "/h"), "/j")).isEqualTo(Path.of("/h/.local/state/bivouac"));
        assertThat(StateFolder.of(Map.of("HOME", ""), "/j")).isEqualTo(Path.of("/j/.local/state/bivouac"));
    }
}

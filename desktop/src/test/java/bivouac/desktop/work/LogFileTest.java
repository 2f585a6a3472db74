package bivouac.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.log.Log;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is written down of starts and failures, and what never is. */
class LogFileTest {

    @TempDir
    private Path folder;

    @Test
    void starts_and_failures_are_written_with_places_and_without_what_they_say() throws Exception {
        Path file = folder.resolve("state").resolve("bivouac.log");
        Runnable end = LogFile.begin(file);
        Log.started("Bivouac test");
        Log.failed("checking the design", new IllegalStateException("Secret guest list", new RuntimeException("Tavo")));
        end.run();
        Log.failed("too late", new IllegalStateException());
        assertThat(Files.readString(file))
                .contains("Bivouac test starts; Java ")
                .contains("checking the design failed")
                .contains("java.lang.IllegalStateException", "because of java.lang.RuntimeException")
                .contains("at bivouac.desktop.work.LogFileTest")
                .doesNotContain("Secret", "Tavo", "too late");
    }

    @Test
    void where_it_cannot_be_written_the_tool_goes_on() throws Exception {
        Path inTheWay = Files.writeString(folder.resolve("file"), "no folder");
        Runnable end = LogFile.begin(inTheWay.resolve("bivouac.log"));
        Log.started("Bivouac test");
        end.run();
        assertThat(inTheWay).hasContent("no folder");
    }

    @Test
    void a_failure_in_the_background_is_written_and_says_where() throws Exception {
        Path file = folder.resolve("bivouac.log");
        Runnable end = LogFile.begin(file);
        Background.Trouble told = Background.Trouble.of("exploring", new ArithmeticException("x"));
        end.run();
        assertThat(Files.readString(file)).contains("exploring failed", "java.lang.ArithmeticException");
        assertThat(told.details()).contains(Log.file().toString());
    }
}

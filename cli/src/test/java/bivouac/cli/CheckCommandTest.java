package bivouac.cli;

import static bivouac.cli.Said.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What {@code bivouac check} prints, and how it ends. */
class CheckCommandTest {

    private static final String HUT = "../examples/ridge-hut.bivouac";

    @TempDir
    Path folder;

    @Test
    void check_of_the_example_finds_nothing_and_ends_with_0() {
        Said said = run(new CheckCommand(), "--within", "1s", HUT);
        assertThat(said.out())
                .contains("Register, manual, step 1: not there yet.")
                .containsPattern("No findings within [0-9]+ events. 1 accepted.\n")
                .containsPattern("Bounded by time.*: [0-9,]+ situations in [0-9.]+ s\\.")
                .contains("Every way of up to ");
        assertThat(said.code()).isZero();
    }

    @Test
    void check_prints_findings_and_ends_with_1() throws Exception {
        Path file = folder.resolve("a.bivouac");
        for (String picture : List.of("hut.png", "ridge.png")) {
            Files.copy(Path.of(HUT).resolveSibling(picture), folder.resolve(picture));
        }
        Files.writeString(file, Files.readString(Path.of(HUT)).replace("All {app.bunks} bunks are taken.", ""));
        Said said = run(new CheckCommand(), "--as-written", file.toString());
        assertThat(said.out())
                .contains("wrong: Hut full says nothing.")
                .endsWith("1 finding as written. 1 accepted.\n");
        assertThat(said.code()).isEqualTo(1);
    }

    @Test
    void check_prints_the_trail_of_what_it_found_by_exploring() throws Exception {
        Path file = folder.resolve("twice.bivouac");
        Files.writeString(file, """
                {
                  "format": 1,
                  "application": {
                    "name": "Twice",
                    "start": [ { "step": "open", "window": "Desk", "manner": "alongside" } ],
                    "departure": "with Desk",
                    "holdings": [ { "name": "key" } ]
                  },
                  "windows": [
                    {
                      "window": "main window",
                      "name": "Desk",
                      "rows": [
                        [ { "part": "button", "name": "take", "text": "Take",
                            "pressed": [ { "step": "take", "holding": "key" } ] } ]
                      ]
                    }
                  ]
                }
                """);
        Said said = run(new CheckCommand(), file.toString());
        assertThat(said.out())
                .contains("wrong: Desk, take, step 1: ")
                .contains("(X4)")
                .contains("    shown in 2 events:\n      1 press \"take\" of \"Desk\"\n      2 press")
                .contains("Explored completely: ");
        assertThat(said.code()).isEqualTo(1);
    }

    @Test
    void promises_are_checked_and_answered_one_by_one() {
        Said said = run(
                new CheckCommand(),
                "--within",
                "3s",
                "--promise",
                "never app.waiting < 0",
                "--promise",
                "never isOpen(bell)",
                "--promise",
                "perhaps",
                "../examples/ferry-bell.bivouac");
        assertThat(said.out())
                .contains("promise kept within a bound (bounded by app.waiting up to 12): never app.waiting < 0")
                .contains("promise not understood: perhaps");
        assertThat(said.code()).isEqualTo(1);
    }

    @Test
    void a_limit_that_is_none_is_said_in_a_sentence() {
        Said said = run(new CheckCommand(), "--within", "soon", HUT);
        assertThat(said.err()).contains("“soon” is no limit; write a time (30s, 5m), a memory (512MB), or both");
        assertThat(said.code()).isEqualTo(2);
        Said bounded = run(new CheckCommand(), "--within", "30s,1MB", HUT);
        assertThat(bounded.out()).contains("Bounded by memory");
        assertThat(bounded.code()).isZero();
    }

    @Test
    void check_of_what_is_no_design_says_so_in_a_sentence_and_ends_with_2() throws Exception {
        Path file = folder.resolve("a.bivouac");
        Files.writeString(file, "{\"format\": 9}");
        Said said = run(new CheckCommand(), file.toString());
        assertThat(said.err()).startsWith("a.bivouac could not be opened. Line 1, column 12");
        assertThat(said.code()).isEqualTo(2);
    }
}

package bivouac.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

class CommandsTest {

    private static final String HUT = "../examples/ridge-hut.bivouac";

    @TempDir
    Path folder;

    private record Said(int code, String out, String err) {}

    private static Said run(Object command, String... args) {
        var out = new StringWriter();
        var err = new StringWriter();
        int code = new CommandLine(command)
                .setOut(new PrintWriter(out, true))
                .setErr(new PrintWriter(err, true))
                .execute(args);
        return new Said(code, out.toString(), err.toString());
    }

    @Test
    void check_of_the_example_finds_nothing_and_ends_with_0() {
        Said said = run(new CheckCommand(), HUT);
        assertThat(said.out()).isEqualToIgnoringNewLines("No findings.");
        assertThat(said.code()).isZero();
    }

    @Test
    void check_prints_findings_and_ends_with_1() throws Exception {
        Path file = folder.resolve("a.bivouac");
        for (String picture : List.of("hut.png", "ridge.png")) {
            Files.copy(Path.of(HUT).resolveSibling(picture), folder.resolve(picture));
        }
        Files.writeString(file, Files.readString(Path.of(HUT)).replace("All {app.bunks} bunks are taken.", ""));
        Said said = run(new CheckCommand(), file.toString());
        assertThat(said.out()).contains("wrong: Hut full says nothing.").contains("1 finding.");
        assertThat(said.code()).isEqualTo(1);
    }

    @Test
    void check_of_what_is_no_design_says_so_in_a_sentence_and_ends_with_2() throws Exception {
        Path file = folder.resolve("a.bivouac");
        Files.writeString(file, "{\"format\": 9}");
        Said said = run(new CheckCommand(), file.toString());
        assertThat(said.err()).startsWith("a.bivouac could not be opened. Line 1, column 12");
        assertThat(said.code()).isEqualTo(2);
    }

    @Test
    void rehearse_plays_all_walkthroughs_says_what_was_rehearsed_and_writes_a_report() throws Exception {
        Path xml = folder.resolve("report.xml");
        Said said = run(new RehearseCommand(), HUT, "--junit", xml.toString());
        assertThat(said.out())
                .contains("✓ a guest arrives, 6 events")
                .contains("23 of 23 walkthroughs hold.")
                .contains("Rehearsed: ");
        assertThat(said.code()).isZero();
        assertThat(Files.readString(xml))
                .contains("<testsuite name=\"Ridge Hut\" tests=\"23\" failures=\"0\">")
                .contains("<testcase classname=\"Ridge Hut\" name=\"a guest arrives\"></testcase>");
    }

    @Test
    void rehearse_says_which_walkthrough_does_not_hold_and_ends_with_1() throws Exception {
        Path file = folder.resolve("a.bivouac");
        Files.writeString(
                file, Files.readString(Path.of(HUT)).replace("} bunks are taken tonight", "} beds are taken"));
        Path xml = folder.resolve("report.xml");
        Said said = run(new RehearseCommand(), file.toString(), "--junit", xml.toString());
        assertThat(said.out()).contains("✗ a guest arrives").contains("; seen: “4 of 5 beds are taken.”.");
        assertThat(said.code()).isEqualTo(1);
        assertThat(Files.readString(xml)).contains("<failure message=\"At event 6: expected &quot;4 of 5 bunks");
    }

    @Test
    void rehearse_of_a_design_without_walkthroughs_says_what_to_do() {
        Said said = run(new RehearseCommand(), "../core/src/test/resources/first-hut.bivouac");
        assertThat(said.out()).contains("keep a trail on the Rehearsal screen");
        assertThat(said.code()).isZero();
    }

    @Test
    void rehearse_acts_the_kept_trail_out_to_the_end() {
        Said said = run(new RehearseCommand(), HUT, "--trail", "../examples/ridge-hut.trail", "--today", "2026-11-23");
        assertThat(said.out())
                .contains("Arrival form ends admitted with guest Ilva Tarn, nights 2")
                .contains("| Register: Register: north ridge, unsaved  (blocked by Unsaved register)")
                .contains("the application ends, exit code 0");
        assertThat(said.code()).isZero();
    }

    @Test
    void rehearse_says_which_event_is_not_possible() throws Exception {
        Path trail = folder.resolve("t.trail");
        Files.writeString(
                trail,
                "task \"taking weather radio\" ends \"done\"\npress \"arrive\" of \"Register\"\npress \"arrive\" of \"Register\"\n");
        Said said = run(new RehearseCommand(), HUT, "--trail", trail.toString());
        assertThat(said.out())
                .contains(
                        "Event 3 of 3 is not possible here: press \"arrive\" of \"Register\" (Register is blocked by");
        assertThat(said.code()).isEqualTo(1);
    }

    @Test
    void rehearse_says_which_line_of_a_trail_is_damaged() throws Exception {
        Path trail = folder.resolve("t.trail");
        Files.writeString(trail, "# a comment\n\npress arrive\n");
        Said said = run(new RehearseCommand(), HUT, "--trail", trail.toString());
        assertThat(said.err()).contains("t.trail: Line 3: “press arrive” is no event");
        assertThat(said.code()).isEqualTo(2);
    }
}

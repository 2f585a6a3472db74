package bivouac.cli;

import static bivouac.cli.Said.run;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What {@code bivouac rehearse} prints and reports; and what ends any command. */
class RehearseCommandTest {

    private static final String HUT = "../examples/ridge-hut.bivouac";

    @TempDir
    Path folder;

    @Test
    void rehearse_plays_all_walkthroughs_says_what_was_rehearsed_and_writes_a_report() throws Exception {
        Path xml = folder.resolve("report.xml");
        Said said = run(new RehearseCommand(), HUT, "--junit", xml.toString());
        assertThat(said.out())
                .contains("✓ a guest arrives, 6 events")
                .contains("25 of 25 walkthroughs hold.")
                .contains("Rehearsed: ");
        assertThat(said.code()).isZero();
        assertThat(Files.readString(xml))
                .contains("<testsuite name=\"Ridge Hut\" tests=\"25\" failures=\"0\">")
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

    @ParameterizedTest
    @ValueSource(strings = {"/", "/dev/zero", "nowhere.bivouac", "."})
    void what_is_no_design_is_said_in_a_sentence_and_ends_with_2(String file) {
        for (Object command : List.of(new CheckCommand(), new RehearseCommand())) {
            Said said = run(command, file);
            assertThat(said.code()).isEqualTo(2);
            assertThat(said.err()).endsWith(".\n").hasLineCount(1);
        }
    }

    @Test
    void a_report_is_never_written_over_what_it_did_not_make() throws Exception {
        Path design = folder.resolve("hut.bivouac");
        Files.copy(Path.of(HUT), design);
        byte[] before = Files.readAllBytes(design);
        Said said = run(new RehearseCommand(), design.toString(), "--junit", design.toString());
        assertThat(said.code()).isEqualTo(2);
        assertThat(said.err()).contains("hut.bivouac is there already, and Bivouac did not make it; name another file");
        assertThat(Files.readAllBytes(design)).isEqualTo(before);

        Path link = folder.resolve("report.xml");
        Files.createSymbolicLink(link, design);
        assertThat(run(new RehearseCommand(), design.toString(), "--junit", link.toString())
                        .code())
                .isEqualTo(2);
        assertThat(Files.readAllBytes(design)).isEqualTo(before);
    }

    @Test
    void a_report_is_made_anew_where_it_was_made_before() throws Exception {
        Path xml = folder.resolve("report.xml");
        assertThat(run(new RehearseCommand(), HUT, "--junit", xml.toString()).code())
                .isZero();
        byte[] first = Files.readAllBytes(xml);
        assertThat(run(new RehearseCommand(), HUT, "--junit", xml.toString()).code())
                .isZero();
        assertThat(Files.readAllBytes(xml)).isEqualTo(first);
        assertThat(run(
                                new RehearseCommand(),
                                HUT,
                                "--junit",
                                folder.resolve("no/where.xml").toString())
                        .err())
                .contains("could not be written: the folder", "is not there");
    }

    @Test
    void a_trail_is_reported_too() throws Exception {
        Path xml = folder.resolve("report.xml");
        Path trail = folder.resolve("t.trail");
        Files.writeString(trail, "task \"taking weather radio\" ends \"done\"\npress \"nothing\" of \"Register\"\n");
        assertThat(run(new RehearseCommand(), HUT, "--trail", trail.toString(), "--junit", xml.toString())
                        .code())
                .isEqualTo(1);
        assertThat(Files.readString(xml))
                .contains("tests=\"1\" failures=\"1\"", "name=\"t.trail\"", "Not possible: press &quot;nothing&quot;");
    }

    @Test
    void a_trail_that_is_no_text_is_said_in_a_sentence() throws Exception {
        Path trail = folder.resolve("t.trail");
        Files.write(trail, new byte[] {'a', '\n', (byte) 0xFF, (byte) 0xFE});
        Said said = run(new RehearseCommand(), HUT, "--trail", trail.toString());
        assertThat(said.code()).isEqualTo(2);
        assertThat(said.err()).contains("Line 2: this is no text in UTF-8");
        assertThat(run(new RehearseCommand(), HUT, "--trail", "/").code()).isEqualTo(2);
    }

    @Test
    void an_output_that_is_full_is_no_success() {
        var full = new OutputStream() {
            @Override
            public void write(int b) throws IOException {
                throw new IOException("No space left on device");
            }
        };
        var err = new ByteArrayOutputStream();
        assertThat(Console.run(new CheckCommand(), full, err, "--as-written", HUT))
                .isEqualTo(2);
        assertThat(err.toString()).contains("The output could not be written");
    }

    @Test
    void a_fault_of_bivouac_itself_has_an_exit_code_of_its_own() {
        var err = new ByteArrayOutputStream();
        assertThat(Console.run(new Broken(), new ByteArrayOutputStream(), err)).isEqualTo(3);
        assertThat(err.toString()).contains("that is a fault of Bivouac", "out of luck");
    }

    @Test
    void a_walkthrough_that_breaks_at_the_start_is_reported_as_such() throws Exception {
        Path file = folder.resolve("a.bivouac");
        Files.writeString(
                file,
                Files.readString(Path.of(HUT))
                        .replace("\"be\": \"result.reason\"", "\"be\": \"nothing.here\"")
                        .replace("\"starts\": \"5\"", "\"starts\": \"5 / 0\""));
        Path xml = folder.resolve("report.xml");
        Said said = run(new RehearseCommand(), file.toString(), "--junit", xml.toString());
        assertThat(said.code()).isEqualTo(1);
        assertThat(said.out()).contains("At the start: expected no fault; seen: fault X3");
        assertThat(Files.readString(xml)).contains("At the start: expected no fault");
    }

    @Test
    void a_trail_is_told_with_the_whole_scene() throws Exception {
        Path trail = folder.resolve("a.trail");
        Files.writeString(trail, "press \"passengerButton\" of \"Landing\"\n");
        Said said = run(new RehearseCommand(), "../examples/ferry-bell.bivouac", "--trail", trail.toString());
        assertThat(said.out())
                .contains("     | Landing: ")
                .contains("  (blocked by Passenger)\n")
                .contains("     | Passenger: ")
                .contains("  (owned by Landing)\n")
                .containsPattern("     \\|   addButton: .*\n")
                .containsPattern("     \\|   partyNumber: .*\n");
        assertThat(said.code()).isZero();
    }

    @picocli.CommandLine.Command(name = "broken")
    private static final class Broken implements java.util.concurrent.Callable<Integer> {
        @Override
        public Integer call() {
            throw new IllegalStateException("out of luck");
        }
    }
}

package bivouac.cli;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.testkit.GitFolder;
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

class CommandsTest {

    private static final String HUT = "../examples/ridge-hut.bivouac";

    @TempDir
    Path folder;

    private record Said(int code, String out, String err) {}

    private static Said run(Object command, String... args) {
        var out = new ByteArrayOutputStream();
        var err = new ByteArrayOutputStream();
        int code = Console.run(command, out, err, args);
        return new Said(code, out.toString(), err.toString());
    }

    @Test
    void check_of_the_example_finds_nothing_and_ends_with_0() {
        Said said = run(new CheckCommand(), "--within", "1s", HUT);
        assertThat(said.out())
                .contains("Register, manual, step 1: not there yet.")
                .contains("No findings. 1 accepted.\n")
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
        assertThat(said.out()).contains("wrong: Hut full says nothing.").endsWith("1 finding. 1 accepted.\n");
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
    void compare_tells_what_differs_and_ends_with_1_and_with_0_where_nothing_does() throws Exception {
        Path other = folder.resolve("other.bivouac");
        String ferry = "../examples/ferry-bell.bivouac";
        Files.writeString(
                other,
                Files.readString(Path.of(ferry))
                        .replaceFirst("\"departure\": \"[^\"]*\"", "\"departure\": \"only when told\""));
        Said differs = run(new CompareCommand(), "--within", "9s", ferry, other.toString());
        assertThat(differs.out())
                .contains("    before: ")
                .contains("    shown in ")
                .contains("pairs of situations");
        assertThat(differs.code()).isEqualTo(1);
        Said same = run(new CompareCommand(), "--within", "9s", ferry, ferry);
        assertThat(same.out()).startsWith("Nothing differs");
        assertThat(same.code()).isZero();
        Said none =
                run(new CompareCommand(), ferry, folder.resolve("none.bivouac").toString());
        assertThat(none.err()).contains("none.bivouac");
        assertThat(none.code()).isEqualTo(2);
    }

    @Test
    void one_file_is_compared_with_what_git_keeps_of_it() throws Exception {
        Path kept = Files.copy(Path.of("../examples/ferry-bell.bivouac"), folder.resolve("bell.bivouac"));
        GitFolder git = GitFolder.in(folder);
        git.commit("Begin", "2026-03-01");
        Said same = run(new CompareCommand(), "--within", "9s", kept.toString());
        assertThat(same.out()).startsWith("Nothing differs");
        Files.writeString(
                kept,
                Files.readString(kept).replaceFirst("\"departure\": \"[^\"]*\"", "\"departure\": \"only when told\""));
        assertThat(run(new CompareCommand(), "--within", "9s", kept.toString()).code())
                .isEqualTo(1);
        git.commit("Only when told", "2026-03-02");
        assertThat(run(new CompareCommand(), "--within", "9s", kept.toString()).code())
                .isZero();
        assertThat(run(new CompareCommand(), "--within", "9s", "--at", "HEAD~1", kept.toString())
                        .code())
                .isEqualTo(1);
        Said nowhere = run(new CompareCommand(), "--at", "nowhere", kept.toString());
        assertThat(nowhere.err()).contains("git knows no version “nowhere”");
        assertThat(nowhere.code()).isEqualTo(2);
        Said both = run(new CompareCommand(), "--at", "HEAD", kept.toString(), kept.toString());
        assertThat(both.err()).contains("two files, or one file and --at");
        assertThat(both.code()).isEqualTo(2);
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

    // Files that are nobody's to overwrite, and files that cannot be used

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

    @picocli.CommandLine.Command(name = "broken")
    private static final class Broken implements java.util.concurrent.Callable<Integer> {
        @Override
        public Integer call() {
            throw new IllegalStateException("out of luck");
        }
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
    void handover_writes_the_program_keeps_what_was_changed_and_ends_with_0() throws Exception {
        String bell = "../examples/ferry-bell.bivouac";
        Path to = folder.resolve("bell");
        Said first = run(new HandoverCommand(), bell, "--for", "javafx", "--to", to.toString());
        assertThat(first.err()).isEmpty();
        assertThat(first.code()).isZero();
        assertThat(first.out()).contains("new: pom.xml").contains("files for JavaFX in " + to);
        Files.writeString(to.resolve("pom.xml"), "mine");
        Said again = run(new HandoverCommand(), bell, "--to", to.toString());
        assertThat(again.out()).contains("changed by hand, kept: pom.xml");
        assertThat(to.resolve("pom.xml")).hasContent("mine");
        Said over = run(new HandoverCommand(), bell, "--to", to.toString(), "--over-changes");
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
    void texts_go_out_and_are_taken_in_again_when_that_is_said() throws Exception {
        Path design = Files.copy(Path.of("../examples/ferry-bell.bivouac"), folder.resolve("bell.bivouac"));
        String before = Files.readString(design);
        Path texts = folder.resolve("texts.csv");
        Said out = run(new TextsCommand(), design.toString(), "--out", texts.toString());
        assertThat(out.code()).isZero();
        assertThat(out.out()).endsWith("texts in " + texts + ".\n");
        List<String> lines = Files.readAllLines(texts);
        String row =
                lines.stream().filter(l -> l.contains(".title,")).findFirst().orElseThrow();
        Files.write(
                texts, lines.stream().map(l -> l.equals(row) ? l + "Sino" : l).toList());

        Said shown = run(new TextsCommand(), design.toString(), "--in", texts.toString());
        assertThat(shown.out()).contains(" → \"Sino\"").endsWith("Nothing is changed without --take.\n");
        assertThat(design).hasContent(before);
        Said taken = run(new TextsCommand(), design.toString(), "--in", texts.toString(), "--take");
        assertThat(taken.out()).endsWith("1 text changed, 0 cannot be taken.\n");
        assertThat(taken.code()).isZero();
        assertThat(Files.readString(design)).contains("\"title\": \"Sino\"");
        Said late = run(new TextsCommand(), design.toString(), "--in", texts.toString());
        assertThat(late.out()).startsWith("0 texts would change");
        Files.write(
                texts,
                lines.stream().map(l -> l.equals(row) ? l + "Campana" : l).toList());
        Said stale = run(new TextsCommand(), design.toString(), "--in", texts.toString());
        assertThat(stale.out()).contains("✗ The title of ").contains("has changed since the file was written");
        assertThat(stale.code()).isEqualTo(1);
    }

    @Test
    void texts_in_no_format_and_from_no_file_end_with_2() {
        Said doc = run(new TextsCommand(), HUT, "--out", folder.resolve("t.doc").toString());
        assertThat(doc.err()).contains("t.doc is neither");
        assertThat(doc.code()).isEqualTo(2);
        assertThat(run(new TextsCommand(), HUT, "--in", folder.resolve("t.xlf").toString())
                        .code())
                .isEqualTo(2);
        assertThat(run(new TextsCommand(), HUT).code()).isEqualTo(2);
    }

    @Test
    void handover_takes_pictures_along_and_says_which_are_missing() throws Exception {
        Path design = Files.copy(Path.of(HUT), folder.resolve("hut.bivouac"));
        Files.copy(Path.of(HUT).resolveSibling("ridge.png"), folder.resolve("ridge.png"));
        Path to = folder.resolve("out");
        Said said = run(new HandoverCommand(), design.toString(), "--to", to.toString());
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
        Said inTheWay = run(new HandoverCommand(), HUT, "--to", file.toString());
        assertThat(inTheWay.err()).endsWith("is a file. Name a folder to write to.\n");
        assertThat(inTheWay.code()).isEqualTo(2);
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

    @Test
    void documents_are_written_beside_what_is_there_and_what_was_changed_by_hand_is_kept() throws Exception {
        String ferry = "../examples/ferry-bell.bivouac";
        Path to = folder.resolve("documents");
        Said first = run(new DocumentsCommand(), ferry, "--to", to.toString());
        assertThat(first.code()).isZero();
        assertThat(first.out()).contains("new: specification.html", "new: overview.svg", "new: flow.scxml");
        Files.writeString(to.resolve("overview.svg"), "<svg/>");
        Files.writeString(to.resolve("notes.txt"), "mine");
        Said again = run(new DocumentsCommand(), ferry, "--to", to.toString());
        assertThat(again.out()).contains("changed by hand, kept: overview.svg").doesNotContain("specification");
        assertThat(to.resolve("overview.svg")).hasContent("<svg/>");
        assertThat(to.resolve("notes.txt")).hasContent("mine");
    }

    @Test
    void documents_in_the_folder_of_a_program_take_nothing_of_it_away() {
        String ferry = "../examples/ferry-bell.bivouac";
        String to = folder.resolve("both").toString();
        run(new HandoverCommand(), ferry, "--for", "tk", "--to", to);
        assertThat(run(new DocumentsCommand(), ferry, "--to", to).out()).doesNotContain("removed");
        assertThat(run(new HandoverCommand(), ferry, "--for", "tk", "--to", to).out())
                .contains("as they were");
        assertThat(folder.resolve("both/pyproject.toml")).exists();
    }

    @Test
    void documents_that_cannot_be_written_are_said() throws Exception {
        Path file = Files.writeString(folder.resolve("file"), "mine");
        Said said = run(new DocumentsCommand(), "../examples/ferry-bell.bivouac", "--to", file.toString());
        assertThat(said.code()).isEqualTo(2);
        assertThat(said.err()).contains("is a file. Name a folder to write to.");
    }
}

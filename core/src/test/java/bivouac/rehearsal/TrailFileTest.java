package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.PretendFiles;
import bivouac.design.Quoted;
import bivouac.design.Renames;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Walkthrough;
import bivouac.machine.Play;
import bivouac.machine.Sighting.Which;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines of trails and walkthroughs: read back as written, whatever stands in them, and never a stack that overflows. */
class TrailFileTest {

    private static final List<String> TEXTS = List.of(
            "",
            "a \"b\" \\ c",
            "line\nbreak\r\ntab\t",
            "\u2028\u2029\u0085\u000b\f",
            "\u0000\u001b[31m\u007f",
            "\ufffe\uffff\ud83d\udffe",
            "half \ud83d",
            "\udc00 half",
            "\ud83c\udfd4 مرحبا 日本",
            "\\n \\u{2028} of \"x\"",
            "of \"Desk\" 2");

    @Test
    void every_text_is_one_line_and_reads_back_the_same() throws Exception {
        for (String text : TEXTS) {
            var events = List.<NamedEvent>of(
                    new NamedEvent.Typed(new Which("Desk " + text, 2), "part", text),
                    new NamedEvent.RowPressed(new Which(text, 2), text, 12),
                    new NamedEvent.Chose(new Which(text, 1), List.of(text, "/b"), text),
                    new NamedEvent.TaskEnded(text, 2, Optional.of(new Which(text, 3)), text));
            String written = TrailFile.write(events);
            assertThat(written.lines()).hasSize(events.size());
            assertThat(TrailFile.read(written)).isEqualTo(events);
            for (var seen : List.<Expectation>of(
                    new Expectation.Message(text),
                    new Expectation.Shows(new Which(text, 4), "p", text),
                    new Expectation.Open(new Which(text, 1)))) {
                assertThat(Expectations.read(seen.toString())).contains(seen);
            }
        }
    }

    @Test
    void lines_of_any_length_are_read() throws Exception {
        String much = "a \"quoted\" \\ text ".repeat(60_000);
        var typed = new NamedEvent.Typed(new Which("Desk", 1), "note", much);
        assertThat(TrailFile.read(typed.toString())).containsExactly(typed);
        assertThat(Expectations.read(new Expectation.Note(much).toString())).isPresent();
        var walkthrough = new Walkthrough("long", Play.TODAY, List.of(typed.toString(), "see note " + Quoted.of(much)));
        Design design = withMain(main("Desk", Part.TextField.of("note", "Note")))
                .design()
                .walked(List.of(walkthrough));
        Design renamed = Renames.window(design, "Desk", Name.of("Table"));
        assertThat(renamed.walkthroughs().getFirst().lines().getFirst()).endsWith(" into \"note\" of \"Table\"");
        assertThat(Walk.play(Program.of(design), walkthrough).moments()).hasSize(2);
    }

    @Test
    void random_damage_is_read_or_refused_and_never_crashes() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(11);
        String trail =
                "press \"a b\" of \"Desk\" 2\nselect rows 1, 3 in \"list\" of \"Desk\"\nchoose \"/a\", \"/b\" as \"All\" of"
                        + " \"Open\"\ntask \"w\" ends \"done\"\nsee not held \"lock\"\n";
        for (int i = 0; i < 20_000; i++) {
            var damaged = new StringBuilder(trail);
            for (int n = 0; n < 1 + random.nextInt(4); n++) {
                int at = random.nextInt(damaged.length());
                switch (random.nextInt(3)) {
                    case 0 -> damaged.deleteCharAt(at);
                    case 1 -> damaged.insert(at, "\"\\, \n{u\ud83d9".charAt(random.nextInt(9)));
                    default -> damaged.setCharAt(at, (char) random.nextInt(0x2100));
                }
            }
            for (String line : damaged.toString().split("\n")) {
                Expectations.read(line);
                TrailFile.parse(line).ifPresent(e -> assertThat(TrailFile.parse(e.toString()))
                        .contains(e));
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '`',
            delimiter = '|',
            value = {
                "pres \"go\" of \"Desk\" | expected press \"PART\" of \"WINDOW\"",
                "dance | events are press \"PART\" of \"WINDOW\" · press row",
                "press go of \"Desk\" | expected press \"PART\" of \"WINDOW\"",
                "press \"go of \"Desk\" | expected press \"PART\" of \"WINDOW\"",
                "select row 0 in \"list\" of \"Desk\" | expected select from 3 to 7 in \"FIELD\" of \"WINDOW\" or select row 2 in \"LIST\" of \"WINDOW\" or",
                "close box \"Desk\" | expected close box of \"WINDOW\"",
                "task \"write\" is \"done\" | expected task \"TASK\" ends \"ENDING\" of \"WINDOW\"",
            })
    void a_line_that_is_none_says_what_it_may_be(String line, String says) {
        assertThatThrownBy(() -> TrailFile.read("\n# a comment\r\n" + line))
                .isInstanceOf(TrailFile.Wrong.class)
                .hasMessageStartingWith("Line 3: “" + line + "” is no event; ")
                .hasMessageContaining(says);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"see \"Desk\" opened", "see titel \"a\" of \"Desk\"", "see exit code 1000", "see", "see \"a"})
    void what_cannot_be_looked_for_says_what_can(String line) {
        var design = withMain(main("Desk")).design();
        var walk = Walk.play(Program.of(design), new Walkthrough("w", Play.TODAY, List.of(line)));
        assertThat(walk.broken().orElseThrow().sentence()).contains("see ", line);
    }

    @Test
    void a_walkthrough_without_its_first_event_hears_which_one_is_missing() {
        var design = design().start(run("load"), alongside("Desk"))
                .works(task("load", "done", "failed"))
                .with(main("Desk", button("go", waits("Form"))), dialog("Form"))
                .design();
        var noTask =
                Walk.play(Program.of(design), new Walkthrough("w", Play.TODAY, List.of("press \"go\" of \"Desk\"")));
        assertThat(noTask.broken().orElseThrow().seen())
                .isEqualTo(
                        "Desk is not open, for load is waited for; first say how it ends: task \"load\" ends \"done\" or"
                                + " task \"load\" ends \"failed\"");
        var noPress = Walk.play(
                Program.of(design),
                new Walkthrough("w", Play.TODAY, List.of("task \"load\" ends \"done\"", "Escape of \"Form\"")));
        assertThat(noPress.broken().orElseThrow().seen())
                .isEqualTo("Form is not open, Desk is; an event that opens it is missing before (Desk, go)");
        var noWindow = Walk.play(
                Program.of(design),
                new Walkthrough("w", Play.TODAY, List.of("task \"load\" ends \"done\"", "Escape of \"From\"")));
        assertThat(noWindow.broken().orElseThrow().seen()).isEqualTo("there is no window “From” in the design");
    }

    /** Whatever is possible means the same when its name is read back, though two things share that name. */
    private static void namesMeanWhatHappened(Play play) {
        var rehearsal = play.rehearsal();
        var scene = rehearsal.scene();
        assertThat(rehearsal.possible()).allSatisfy(event -> {
            NamedEvent name = EventNames.name(scene, event);
            assertThat(EventNames.resolve(scene, name)).contains(event);
        });
    }

    @Test
    void two_endings_parts_and_filters_of_one_name_do_not_make_a_trail_mean_something_else() {
        var twice = FacedWindow.of(FacedWindow.Kind.MAIN, "Desk")
                .withRows(List.of(
                        Row.of(Part.Button.of("go", "First").triggering(Script.of(note("first")))),
                        Row.of(Part.Button.of("go", "Second").triggering(Script.of(note("second")))),
                        Row.of(Part.Button.of("work", "Work").triggering(Script.of(run("load")))),
                        Row.of(Part.Button.of("ask", "Ask").triggering(Script.of(waits("Pick"))))));
        var dialog = new FileDialog(
                Name.of("Pick"),
                FileDialog.Asks.ONE,
                "Pick",
                List.of(),
                List.of(new FileDialog.Filter("All", List.of("*.a")), new FileDialog.Filter("All", List.of("*.b"))),
                false,
                "",
                "",
                false);
        Design made =
                withMain(twice, dialog).works(task("load", "done", "done")).design();
        var files = new PretendFiles(List.of("/x.a", "/x.b"), List.of(), false);
        Design design = made.with(made.application().pretending(files));
        namesMeanWhatHappened(new Play(design));
        namesMeanWhatHappened(new Play(design).does("press \"work\" of \"Desk\""));
        namesMeanWhatHappened(new Play(design).does("press \"ask\" of \"Desk\""));
        assertThat(bivouac.check.Findings.of(Program.of(design)))
                .extracting(f -> f.what())
                .contains(
                        "The task load has the ending “done” twice.",
                        "Two filters of Pick are called “All”.",
                        "Desk has “go” twice.");
    }

    @Test
    void two_runs_of_one_task_for_one_window_are_told_apart() {
        var play = withMain(main(
                        "Desk",
                        button("a", run("load", when("done", note("a"))).inBackground(true)),
                        button("b", run("load", when("done", note("b"))).inBackground(true))))
                .works(task("load", "done"))
                .play()
                .does("press \"a\" of \"Desk\"")
                .does("press \"b\" of \"Desk\"");
        namesMeanWhatHappened(play);
        play.does("task \"load\" 2 ends \"done\" of \"Desk\"").sees("notes “b”");
        play.does("task \"load\" ends \"done\" of \"Desk\"").sees("notes “a”");
    }
}

package bivouac.handover.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Walkthrough;
import bivouac.format.DesignFile;
import bivouac.plan.Program;
import bivouac.rehearsal.Flow;
import bivouac.rehearsal.Moment;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.Walk;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The flow as SCXML, read and played by an interpreter that is not ours: Qt's, from the system's packages. */
class FlowScxmlTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    @TempDir
    Path folder;

    /** A chart, and what was asked of its interpreter with what has to come back. */
    private final class Played {
        private final Program program;
        private final Flow flow;
        private final FlowScxml chart;
        private final Path file;
        private final List<String> asked = new ArrayList<>();
        private final List<String> expected = new ArrayList<>();

        Played(Design design) throws IOException {
            program = Program.of(design);
            flow = Flow.of(program, TODAY);
            chart = new FlowScxml(flow, design.application().name());
            file = Files.writeString(folder.resolve("flow.scxml"), chart.write());
        }

        private void begin(int standing) {
            asked.add("chart " + file);
            expected.add(chart.state(standing));
        }

        /** As far as the application runs; the chart follows what the rehearsal does. */
        void walk(Walkthrough walkthrough) {
            Rehearsal played = Rehearsal.replay(program, walkthrough.today(), Walk.events(walkthrough))
                    .rehearsal();
            List<Moment> moments = played.moments();
            int at = flow.standing(played.machine().scene(moments.getFirst().state()));
            begin(at);
            for (Moment moment : moments.subList(1, moments.size())) {
                NamedEvent event = moment.event().orElseThrow();
                if (event instanceof NamedEvent.ProcessKilled
                        || flow.standings().get(at).ended()) {
                    return;
                }
                int to = flow.standing(played.machine().scene(moment.state()));
                change(new Flow.Change(at, Flow.Happens.of(event), to));
                at = to;
            }
        }

        private void change(Flow.Change change) {
            assertThat(flow.changes()).contains(change);
            asked.add("event " + chart.event(change));
            expected.add(chart.state(change.to()));
        }

        List<String> answers() throws Exception {
            Path script = folder.resolve("play.py");
            try (var in = FlowScxmlTest.class.getResourceAsStream("/scxml/play.py")) {
                Files.write(script, in.readAllBytes());
            }
            Path questions = Files.write(folder.resolve("asked.txt"), asked);
            Process qt = new ProcessBuilder("/usr/bin/python3", script.toString())
                    .redirectInput(questions.toFile())
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
            var out = new String(qt.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (!qt.waitFor(1, TimeUnit.MINUTES) || qt.exitValue() != 0) {
                fail("The interpreter of SCXML did not answer; on Debian it is the package python3-pyside2.qtscxml.");
            }
            return out.lines().toList();
        }
    }

    private static Design example(String name) throws Exception {
        return DesignFile.read(Path.of("../examples").resolve(name + DesignFile.EXTENSION));
    }

    @ParameterizedTest
    @ValueSource(strings = {"ferry-bell", "kiln-house", "ridge-hut"})
    void an_interpreter_that_is_not_ours_goes_the_ways_of_the_walkthroughs(String example) throws Exception {
        Design design = example(example);
        var played = new Played(design);
        design.walkthroughs().forEach(played::walk);
        assertThat(played.answers()).isEqualTo(played.expected);
    }

    @Test
    void every_change_of_a_flow_is_made_by_its_event_and_by_nothing_else() throws Exception {
        var played = new Played(example("ferry-bell"));
        for (Flow.Change change : played.flow.changes()) {
            if (change.from() == 0) {
                played.begin(0);
                played.change(change);
            }
        }
        played.begin(0);
        played.asked.add("event Landing.press.nothing");
        played.expected.add(played.chart.state(0));
        assertThat(played.answers()).isEqualTo(played.expected);
    }

    @Test
    void where_values_decide_each_outcome_has_a_name_of_its_own() throws Exception {
        var played = new Played(example("ferry-bell"));
        List<String> closing = played.flow.changes().stream()
                .filter(c -> c.from() == 0 && c.by().what().equals("close box"))
                .map(played.chart::event)
                .toList();
        assertThat(closing)
                .containsExactlyInAnyOrder("Landing.close_box.to.Landing-Still_waiting", "Landing.close_box.to.ended");
    }

    @Test
    void names_that_are_markup_or_alike_once_they_are_written_stay_apart() throws Exception {
        Design odd = Design.startingWith("A <b> -- & c");
        for (String name : List.of("1st", "Notes 1", "Notes_1", "Ünïcode 窓")) {
            odd = odd.adding(FacedWindow.of(FacedWindow.Kind.CHILD, name));
        }
        odd = odd.walked(List.of(new Walkthrough(
                "all",
                TODAY,
                List.of(
                        "open \"1st\" with samples",
                        "open \"Notes 1\" with samples",
                        "open \"Notes_1\" with samples",
                        "open \"Ünïcode 窓\" with samples",
                        "close box of \"Notes 1\""))));
        var played = new Played(odd);
        odd.walkthroughs().forEach(played::walk);
        assertThat(played.answers()).isEqualTo(played.expected);
        assertThat(played.flow.standings().stream().map(Flow.Standing::windows).collect(Collectors.toSet()))
                .hasSameSizeAs(played.flow.standings());
    }
}

package bivouac.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.machine.Machine;
import bivouac.plan.Program;
import bivouac.rehearsal.Flow.Change;
import bivouac.rehearsal.Flow.Happens;
import bivouac.rehearsal.Flow.Open;
import bivouac.testkit.Families;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class FlowTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    private static Flow ferry() throws Exception {
        return Flow.of(Program.of(DesignFile.read(Path.of("../examples/ferry-bell.bivouac"))), TODAY);
    }

    private static int standing(Flow flow, Open... windows) {
        return flow.standings().indexOf(new Flow.Standing(List.of(windows), false));
    }

    /** What may follow an event in a standing, by number, in the order in which it was met. */
    private static List<Integer> after(Flow flow, int standing, Happens by) {
        return flow.changes().stream()
                .filter(c -> c.from() == standing && c.by().equals(by))
                .map(Change::to)
                .toList();
    }

    @Test
    void it_begins_with_what_the_start_opens_and_comes_to_the_end() throws Exception {
        Flow flow = ferry();
        assertThat(flow.standings().getFirst())
                .isEqualTo(new Flow.Standing(List.of(new Open("Landing", false)), false));
        assertThat(flow.standings()).contains(new Flow.Standing(List.of(), true));
        assertThat(flow.standings()).doesNotHaveDuplicates();
    }

    @Test
    void a_window_that_waits_is_blocked_and_free_again_after_an_ending() throws Exception {
        Flow flow = ferry();
        int passenger = standing(flow, new Open("Landing", true), new Open("Passenger", false));
        assertThat(after(flow, 0, new Happens("Landing", "press", "passengerButton")))
                .containsExactly(passenger);
        assertThat(after(flow, passenger, new Happens("Passenger", "close box", "")))
                .containsExactly(0);
        assertThat(after(flow, passenger, new Happens("Landing", "close box", "")))
                .as("a blocked window hears nothing")
                .isEmpty();
    }

    @Test
    void what_values_decide_is_there_for_each_and_what_only_values_change_stays() throws Exception {
        Flow flow = ferry();
        int asks = standing(flow, new Open("Landing", true), new Open("Still waiting", false));
        int ended = flow.standings().indexOf(new Flow.Standing(List.of(), true));
        assertThat(after(flow, 0, new Happens("Landing", "close box", ""))).containsExactlyInAnyOrder(asks, ended);
        int passenger = standing(flow, new Open("Landing", true), new Open("Passenger", false));
        assertThat(flow.changes())
                .filteredOn(c -> c.by().what().equals("type"))
                .isNotEmpty()
                .allMatch(c -> c.from() == passenger && c.to() == passenger);
    }

    @Test
    void it_has_every_step_of_the_walkthroughs_as_the_machine_makes_them() throws Exception {
        Design design = DesignFile.read(Path.of("../examples/kiln-house.bivouac"));
        Program program = Program.of(design);
        Flow flow = Flow.of(program, TODAY);
        design.walkthroughs().forEach(w -> {
            Rehearsal played =
                    Rehearsal.replay(program, w.today(), Walk.events(w)).rehearsal();
            Machine machine = played.machine();
            List<Moment> moments = played.moments();
            for (int i = 1; i < moments.size(); i++) {
                int from = flow.standing(machine.scene(moments.get(i - 1).state()));
                NamedEvent by = moments.get(i).event().orElseThrow();
                if (flow.standings().get(from).ended() || by instanceof NamedEvent.ProcessKilled) {
                    break;
                }
                int to = flow.standing(machine.scene(moments.get(i).state()));
                assertThat(flow.changes()).contains(new Change(from, Happens.of(by), to));
            }
        });
    }

    @Test
    void of_more_arrangements_than_anyone_reads_some_are_there_and_that_is_said() throws Exception {
        Flow many = Flow.of(Program.of(Families.changedWindows(12)), TODAY);
        assertThat(many.isCut()).isTrue();
        assertThat(many.standings()).hasSizeBetween(100, 2_000);
        assertThat(ferry().isCut()).isFalse();
    }

    @Test
    void nothing_follows_the_end() throws Exception {
        Flow flow = ferry();
        assertThat(flow.changes()).noneMatch(c -> flow.standings().get(c.from()).ended());
    }
}

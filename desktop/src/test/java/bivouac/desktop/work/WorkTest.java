package bivouac.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.machine.Event;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The work without any interface: one swap, one notice; the background arrives when it is let. */
class WorkTest {

    @TempDir
    Path folder;

    private final Queue<Runnable> background = new ArrayDeque<>();
    private final Executor here = Runnable::run;
    private Design hut;
    private Work work;

    @SuppressWarnings("unchecked")
    private final Consumer<Situation> listener = mock(Consumer.class);

    @BeforeEach
    void begin() throws Exception {
        hut = DesignFile.read(Path.of("../core/src/test/resources/first-hut.bivouac"));
        work = new Work(hut, Optional.empty(), LocalDate.of(2026, 11, 23), background::add, here);
        arrive();
        work.listen(listener);
    }

    private void arrive() {
        while (!background.isEmpty()) {
            background.poll().run();
        }
    }

    private Design renamed(String name) {
        return work.now().design().with(work.now().design().application().named(name));
    }

    @Test
    void an_edit_is_told_at_once_and_its_findings_when_they_are_there() {
        work.change(renamed("Other"), "name changed");
        verify(listener, times(1))
                .accept(argThat(s -> s.design().application().name().equals("Other") && !s.isCompiled()));
        arrive();
        // with its findings, and again with its walkthroughs played
        verify(listener, times(2)).accept(argThat(Situation::isCompiled));
        assertThat(work.settled()).isCompleted();
    }

    @Test
    void of_two_edits_only_the_latest_arrives() {
        work.change(renamed("One"), "one");
        work.change(renamed("Two"), "two");
        arrive();
        verify(listener, times(2)).accept(argThat(Situation::isCompiled));
        assertThat(work.now().program().design().application().name()).isEqualTo("Two");
    }

    @Test
    void an_equal_design_changes_nothing() {
        work.change(hut, "nothing");
        assertThat(work.now().saved()).isTrue();
        assertThat(work.now().undoable()).isEmpty();
    }

    @Test
    void undo_and_redo_say_what_they_did_and_saved_is_a_mark() {
        work.change(renamed("Other"), "name changed");
        assertThat(work.now().saved()).isFalse();
        assertThat(work.now().foot()).isEqualTo(new Situation.Foot("Name changed.", true));
        work.undo();
        assertThat(work.now().foot().sentence()).isEqualTo("Undone: name changed.");
        assertThat(work.now().saved()).isTrue();
        work.redo();
        assertThat(work.now().design().application().name()).isEqualTo("Other");
        work.undo();
        work.undo();
        assertThat(work.now().design()).isEqualTo(hut);
    }

    @Test
    void an_edit_that_breaks_the_trail_says_so_and_undoing_it_brings_the_trail_back() {
        work.act(new Event.Press(0, 6));
        assertThat(work.now().rehearsal().scene().windows()).hasSizeGreaterThan(1);
        var trail = work.now().rehearsal().trail();
        work.change(bivouac.design.Removal.part(work.now().design(), "Register", part()), "part removed");
        arrive();
        assertThat(work.now().replayed()).hasValueSatisfying(s -> assertThat(s).contains("is not possible: "));
        assertThat(work.now().rehearsal().trail()).isEmpty();
        work.undo();
        arrive();
        assertThat(work.now().rehearsal().trail()).isEqualTo(trail);
        assertThat(work.now().replayed()).isEmpty();
    }

    private String part() {
        return hut.faced("Register").orElseThrow().parts().get(6).name().expression();
    }

    @Test
    void acting_while_a_change_is_compiled_is_not_lost() {
        work.change(renamed("Other"), "name changed");
        work.startAgain();
        work.act(work.now().rehearsal().possible().getFirst());
        var acted = work.now().rehearsal().trail();
        arrive();
        assertThat(work.now().isCompiled()).isTrue();
        assertThat(work.now().rehearsal().trail()).isEqualTo(acted);
    }

    @Test
    void who_has_stopped_listening_is_told_nothing() {
        @SuppressWarnings("unchecked")
        Consumer<Situation> other = mock(Consumer.class);
        work.listen(other).run();
        work.change(renamed("Other"), "name changed");
        verify(other, never()).accept(any());
    }

    @Test
    void what_is_chosen_follows_the_design() {
        work.choose(Chosen.window("Hut full"));
        work.change(bivouac.design.Removal.window(work.now().design(), "Hut full"), "removed");
        assertThat(work.now().chosen().window()).contains("Register");
        work.goTo(Chosen.APPLICATION);
        assertThat(work.now().screen()).isEqualTo(Screen.WINDOW);
    }

    private void press(String part) {
        var now = work.now().rehearsal();
        work.act(now.possible().stream()
                .filter(e -> bivouac.rehearsal.EventNames.name(now.scene(), e)
                        .toString()
                        .startsWith("press \"" + part + "\""))
                .findFirst()
                .orElseThrow());
    }

    @Test
    void a_trail_is_kept_as_a_walkthrough_and_an_edit_that_breaks_it_is_told() {
        var walkthroughs = new Walkthroughs(work);
        walkthroughs.keep("nothing yet");
        assertThat(work.now().design().walkthroughs()).isEmpty();
        assertThat(work.now().foot().sentence()).startsWith("Nothing was acted out yet");
        press("arrive");
        walkthroughs.keep(" ");
        assertThat(work.now().foot().sentence()).startsWith("Give the walkthrough a name");
        walkthroughs.keep("a guest arrives");
        arrive();
        assertThat(work.now().rehearsed().walks()).hasSize(1);
        assertThat(work.now().rehearsed().broken()).isEmpty();
        work.change(bivouac.design.Removal.window(work.now().design(), "Arrival form"), "window removed");
        arrive();
        assertThat(work.now().rehearsed().broken()).hasSize(1);
        assertThat(work.now().foot().sentence())
                .startsWith("“a guest arrives” does not hold any more. At event 1: expected no fault; seen: fault X3");
        work.undo();
        arrive();
        assertThat(work.now().rehearsed().broken()).isEmpty();
    }

    @Test
    void what_was_ticked_stays_with_the_events_up_to_there_and_is_kept_with_the_trail() {
        var walkthroughs = new Walkthroughs(work);
        press("arrive");
        var blocked =
                new bivouac.rehearsal.Expectation.Blocked(new bivouac.machine.Sighting.Which("Register", 1), true);
        walkthroughs.tick(blocked, true);
        work.goToMoment(0);
        assertThat(work.now().rehearsed().tickedAt(work.now().rehearsal().trail()))
                .isEmpty();
        work.goToMoment(1);
        assertThat(work.now().rehearsed().tickedAt(work.now().rehearsal().trail()))
                .containsExactly(blocked);
        walkthroughs.keep("blocked");
        assertThat(work.now().design().walkthroughs().getFirst().lines()).endsWith(blocked.toString());
        walkthroughs.tick(blocked, false);
        walkthroughs.keep("blocked");
        assertThat(work.now().design().walkthroughs()).hasSize(1);
        assertThat(work.now().design().walkthroughs().getFirst().lines()).hasSize(1);
        arrive();
        work.startAgain();
        walkthroughs.play("blocked");
        assertThat(work.now().rehearsal().now()).isEqualTo(1);
        walkthroughs.remove("blocked");
        assertThat(work.now().design().walkthroughs()).isEmpty();
    }
}

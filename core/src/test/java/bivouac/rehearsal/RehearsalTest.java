package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Design;
import bivouac.design.Holding;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Removal;
import bivouac.design.Renames;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Task;
import bivouac.machine.Event;
import bivouac.machine.Play;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RehearsalTest {

    private final Design design = withMain(
                    main(
                            "Desk",
                            Part.TextField.of("name", "Name").triggering(bivouac.design.Script.of(note("changed"))),
                            button("go", waits("Sure"))),
                    box("Sure", "Yes", "No"))
            .design();

    private final Rehearsal start = Rehearsal.start(Program.of(design), Play.TODAY);

    @Test
    void going_back_is_a_look_up_and_going_on_the_same_way_keeps_what_came_after() {
        Rehearsal later = start.act(new Event.Press(0, 1)).act(new Event.Answer(1, 0));
        Rehearsal back = later.goTo(0);
        assertThat(back.scene().windows()).hasSize(1);
        Rehearsal same = back.act(new Event.Press(0, 1));
        assertThat(same.moments()).isSameAs(later.moments());
        Rehearsal other = back.act(new Event.Edit(0, 0, "x"));
        assertThat(other.moments()).hasSize(2);
        assertThat(later.moments()).as("the one before is not touched").hasSize(3);
    }

    @Test
    void typing_on_in_a_field_is_one_event() {
        Rehearsal typed = start.type(new Event.Edit(0, 0, "I"))
                .type(new Event.Edit(0, 0, "Il"))
                .type(new Event.Edit(0, 0, "Ilva"));
        assertThat(typed.trail())
                .containsExactly(new NamedEvent.Typed(new bivouac.machine.Sighting.Which("Desk", 1), "name", "Ilva"));
        assertThat(TrailWords.caused(typed.present().seen())).isEqualTo("notes “changed”");
    }

    @Test
    void what_is_not_possible_is_refused() {
        Rehearsal blocked = start.act(new Event.Press(0, 1));
        assertThatThrownBy(() -> blocked.act(new Event.Press(0, 1))).isInstanceOf(IllegalArgumentException.class);
        assertThat(blocked.possible()).noneMatch(e -> e instanceof Event.Press);
    }

    @Test
    void a_changed_design_is_replayed_and_stands_where_it_stood() {
        Rehearsal acted = start.act(new Event.Edit(0, 0, "Ilva"))
                .act(new Event.Press(0, 1))
                .goTo(1);
        Design other = design.changingFace("Desk", f -> f.titled("Other"));
        Rehearsal.Replay replay = acted.on(Program.of(other));
        assertThat(replay.stopped()).isEmpty();
        assertThat(replay.rehearsal().now()).isEqualTo(1);
        assertThat(replay.rehearsal().moments()).hasSize(3);
        assertThat(replay.rehearsal().scene().windows().getFirst().title()).isEqualTo("Other");
    }

    @Test
    void an_event_that_is_no_longer_possible_is_named_and_what_was_before_it_is_kept() {
        Rehearsal acted = start.act(new Event.Edit(0, 0, "Ilva"))
                .act(new Event.Press(0, 1))
                .act(new Event.Answer(1, 0));
        Rehearsal.Replay replay = acted.on(Program.of(Removal.part(design, "Desk", "go")));
        assertThat(replay.stopped().orElseThrow().event())
                .isEqualTo(new NamedEvent.Pressed(new bivouac.machine.Sighting.Which("Desk", 1), "go"));
        assertThat(replay.stopped().orElseThrow().why()).isEqualTo("Desk has no part go; it has name");
        assertThat(replay.stopped().orElseThrow().after()).isEqualTo(1);
        assertThat(replay.rehearsal().trail()).hasSize(1);
    }

    @Test
    void a_way_keeps_the_name_it_was_given_through_another_way_a_change_and_back() {
        var named = press(press(two(), "left"), "left").named("twice left");
        assertThat(press(named, "right").name()).as("going on is the same way").isEqualTo("twice left");
        var other = press(named.goTo(1), "right");
        assertThat(other.name()).as("a new way has no name yet").isEmpty();
        assertThat(other.otherWays()).extracting(Trail::name).containsExactly("twice left");
        var changed = other.on(Program.of(other.machine().program().design())).rehearsal();
        assertThat(changed.otherWays()).extracting(Trail::name).containsExactly("twice left");
        assertThat(Comparison.name(changed, changed.otherWays().getFirst())).isEqualTo("twice left");
        assertThat(changed.otherWay(1).name()).isEqualTo("twice left");
        var renamed = changed.naming(changed.otherWays().getFirst(), "left, left");
        assertThat(renamed.otherWays()).extracting(Trail::name).containsExactly("left, left");
    }

    @Test
    void what_usually_happens_is_taken_by_itself_and_its_failing_is_another_way() {
        var program = Program.of(withMain(main("Desk"))
                .holds(Holding.of("radio").ofTheApplication().failing())
                .start(Step.TakeHolding.of("radio"), alongside("Desk"))
                .design());
        Rehearsal waiting = Rehearsal.start(program, Play.TODAY);
        assertThat(waiting.isFresh()).isTrue();
        assertThat(waiting.scene().windows()).isEmpty();
        Rehearsal begun = waiting.settled();
        assertThat(begun.scene().windows()).hasSize(1);
        assertThat(begun.isFresh()).isFalse();
        Rehearsal failed = begun.goTo(0).act(new Event.TaskEnds(-1, 1));
        assertThat(failed.waysFrom(0)).isEqualTo(2);
        Rehearsal again = failed.again();
        assertThat(again.now()).as("a fresh trail, begun as usual").isEqualTo(1);
        assertThat(again.moments()).hasSize(2);
    }

    @Test
    void a_script_that_tries_again_for_ever_is_not_settled_for_ever() {
        var work = new Task(
                Name.of("work"),
                List.of(),
                List.of(Task.Outcome.of("done"), Task.Outcome.of("failed")),
                Optional.of("failed"));
        var trying = new Step.Repeat(
                Script.of(Step.RunTask.of("work", new Step.Branch("failed", Script.of(new Step.Again())))));
        var made = withMain(main("Desk", button("go", trying))).design();
        Rehearsal acted = Rehearsal.start(
                        Program.of(made.with(made.application().working(List.of(work)))), Play.TODAY)
                .act(new Event.Press(0, 0));
        Rehearsal settled = acted.settled();
        assertThat(settled.moments()).hasSizeBetween(10, 100);
        assertThat(settled.scene().tasks())
                .as("it still waits, for a person to decide")
                .hasSize(1);
    }

    @Test
    void what_an_event_would_cause_is_said_before_it_happens() {
        Rehearsal asked = start.act(new Event.Edit(0, 0, "Ilva")).act(new Event.Press(0, 1));
        assertThat(TrailWords.preview(start.act(new Event.Edit(0, 0, "Ilva")), new Event.Press(0, 1))
                        .words())
                .startsWith("opens ");
        assertThat(TrailWords.preview(asked, new Event.Answer(1, 0)).words())
                .as("that the box ends is the answer itself")
                .doesNotContain("ends");
        assertThat(TrailWords.preview(start, new Event.Killed()).words()).isEqualTo("nothing runs any more");
        assertThat(TrailWords.preview(start, new Event.Edit(0, 0, "")).words()).isEmpty();
        var faulty = withMain(main("Desk", button("go", new Step.GiveBack("nothing"))))
                .play()
                .rehearsal();
        var preview = TrailWords.preview(faulty, new Event.Press(0, 0));
        assertThat(preview.isFault()).isTrue();
        assertThat(preview.words()).startsWith("fault X3: there is no holding “nothing”");
        assertThat(faulty.now()).as("nothing has happened").isZero();
    }

    @Test
    void trails_are_read_as_they_were_written_whatever_the_names() throws Exception {
        Design odd = Renames.window(design, "Desk", Name.of("Desk \"of\" \\ 山"));
        Rehearsal acted = Rehearsal.start(Program.of(odd), Play.TODAY)
                .act(new Event.Edit(0, 0, "a\n\t\"b\""))
                .act(new Event.SessionEnds());
        assertThat(TrailFile.read(TrailFile.write(acted.trail()))).isEqualTo(acted.trail());
        assertThatThrownBy(() -> TrailFile.read("press it\n")).hasMessageStartingWith("Line 1: “press it” is no event");
    }

    private static Rehearsal two() {
        return bivouac.machine.Play.withMain(bivouac.machine.Play.main(
                        "Desk",
                        bivouac.design.Part.TextField.of("name", "Name"),
                        bivouac.machine.Play.button("left", bivouac.machine.Play.note("left")),
                        bivouac.machine.Play.button("right", bivouac.machine.Play.note("right"))))
                .play()
                .rehearsal();
    }

    private static Rehearsal press(Rehearsal at, String part) {
        return at.act(EventNames.resolve(
                        at.scene(), new NamedEvent.Pressed(new bivouac.machine.Sighting.Which("Desk", 1), part))
                .orElseThrow());
    }

    private static String words(Rehearsal at) {
        return at.moments().stream()
                .flatMap(m -> m.event().stream())
                .map(e -> ((NamedEvent.Pressed) e).part())
                .collect(java.util.stream.Collectors.joining(" "));
    }

    @Test
    void going_another_way_keeps_the_way_that_was_gone_before() {
        var gone = press(press(press(two(), "left"), "left"), "right");
        var other = press(gone.goTo(1), "right");
        assertThat(words(other)).isEqualTo("left right");
        assertThat(other.waysFrom(1)).isEqualTo(2);
        assertThat(other.waysFrom(0)).isEqualTo(1);
        var back = other.otherWay(1);
        assertThat(words(back)).isEqualTo("left left right");
        assertThat(back.now()).isEqualTo(1);
        assertThat(words(back.otherWay(1))).isEqualTo("left right");
    }

    @Test
    void doing_again_what_another_way_did_goes_on_along_it() {
        var gone = press(press(two(), "left"), "left");
        var other = press(gone.goTo(1), "right");
        var again = press(other.goTo(1), "left");
        assertThat(words(again)).isEqualTo("left left");
        assertThat(again.now()).isEqualTo(2);
        assertThat(again.waysFrom(1)).isEqualTo(2);
    }

    @Test
    void starting_again_keeps_what_was_acted_out_and_a_changed_design_replays_all_ways() {
        var again = press(press(two(), "left"), "right").again();
        assertThat(again.moments()).hasSize(1);
        assertThat(again.waysFrom(0)).isEqualTo(1);
        assertThat(words(again.otherWay(0))).isEqualTo("left right");
        var changed = again.on(again.machine().program()).rehearsal();
        assertThat(words(changed.otherWay(0))).isEqualTo("left right");
    }

    @Test
    void typing_on_leaves_no_ways_behind() {
        var at = two();
        for (String text : new String[] {"A", "Ad", "Ada"}) {
            at = at.type(new bivouac.machine.Event.Edit(0, 0, text));
        }
        assertThat(at.moments()).hasSize(2);
        assertThat(at.waysFrom(0)).isEqualTo(1);
        assertThat(at.otherWay(0)).isSameAs(at);
    }

    @Test
    void what_an_event_caused_is_told_with_windows_first_and_values_last() {
        var design = bivouac.machine.Play.withMain(
                        bivouac.machine.Play.main(
                                "Desk",
                                bivouac.machine.Play.button(
                                        "go",
                                        bivouac.machine.Play.set("app.n", "1"),
                                        bivouac.machine.Play.note("said"),
                                        bivouac.machine.Play.alongside("Card"))),
                        bivouac.machine.Play.child("Card"))
                .variable("n", bivouac.design.Type.WHOLE, "0")
                .play()
                .does("press \"go\" of \"Desk\"");
        assertThat(TrailWords.caused(design.rehearsal().present().seen()))
                .isEqualTo("opens Card; notes “said”; sets app.n to 1");
    }

    @Test
    void a_line_of_the_trail_shows_its_beginning_and_the_chosen_one_all_of_it() {
        Rehearsal typed = start.act(new Event.Edit(0, 0, "Ilva"));
        assertThat(TrailWords.inFull(design, typed.present())).containsExactly("“Ilva” typed", "notes “changed”");
        assertThat(TrailWords.fits(TrailWords.inFull(design, typed.present()))).isFalse();
        Rehearsal asked = typed.act(new Event.Press(0, 1));
        assertThat(TrailWords.inFull(design, asked.present())).containsExactly("opens Sure, waits: “Sure?”");
        assertThat(TrailWords.fits(List.of("opens Sure, waits: “Sure?”"))).isTrue();
        assertThat(TrailWords.isFault("fault X3: nothing there")).isTrue();
        assertThat(TrailWords.isFault("notes “fault”")).isFalse();
    }
}

package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Design;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Removal;
import bivouac.design.Renames;
import bivouac.machine.Event;
import bivouac.machine.Play;
import bivouac.machine.Program;
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
        assertThat(replay.stopped())
                .contains(new NamedEvent.Pressed(new bivouac.machine.Sighting.Which("Desk", 1), "go"));
        assertThat(replay.lost()).isEqualTo(1);
        assertThat(replay.rehearsal().trail()).hasSize(1);
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
}

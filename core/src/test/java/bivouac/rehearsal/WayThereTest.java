package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.machine.Play;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WayThereTest {

    private static Play desk() {
        var ask = new Step.If(
                List.of(new Step.If.Case(
                        new bivouac.design.Expression("me.n.given && me.n > 0"), Script.of(waits("Thanks")))),
                Optional.empty());
        return withMain(
                        main("Desk", button("form", waits("Form")), button("card", alongside("Card"))),
                        dialog("Form", Part.ValueField.of("n", "N"), button("go", ask)),
                        child("Card"),
                        box("Thanks", "OK"),
                        child("Lonely", Part.Caption.of("shown", "{takes.guest} {takes.nights} {takes.tag}"))
                                .taking(List.of(
                                        Take.of("guest", Type.TEXT),
                                        Take.of("nights", Type.WHOLE),
                                        new Take(
                                                Name.of("tag"),
                                                Type.TEXT,
                                                Optional.of(new bivouac.design.Expression("\"fixed\""))))))
                .play();
    }

    private static List<String> trail(WayThere.Found found) {
        return found.rehearsal().orElseThrow().trail().stream()
                .map(NamedEvent::toString)
                .toList();
    }

    @Test
    void a_window_that_was_open_is_gone_back_to_where_it_was_open_last() {
        var play = desk().does("press \"card\" of \"Desk\"")
                .does("close box of \"Card\"")
                .does("press \"form\" of \"Desk\"");
        var found = WayThere.to(play.rehearsal(), "Card");
        assertThat(found.rehearsal().orElseThrow().now()).isEqualTo(1);
        assertThat(found.sentence()).isEqualTo("Back after event 1, where Card was open last.");
        assertThat(found.rehearsal().orElseThrow().moments()).hasSize(4);
    }

    @Test
    void else_the_shortest_way_is_played_with_what_has_to_be_typed() {
        var found = WayThere.to(desk().rehearsal(), "Thanks");
        assertThat(trail(found))
                .containsExactly(
                        "press \"form\" of \"Desk\"", "type \"2\" into \"n\" of \"Form\"", "press \"go\" of \"Form\"");
        assertThat(found.sentence()).isEqualTo("The shortest way to Thanks: 3 events from the start.");
    }

    @Test
    void what_nothing_opens_is_opened_with_samples_for_what_it_takes_and_that_is_said() {
        var found = WayThere.to(desk().rehearsal(), "Lonely");
        assertThat(trail(found)).containsExactly("open \"Lonely\" with samples");
        assertThat(found.sentence()).startsWith("No way to Lonely was found").contains("open with samples");
        var window = found.rehearsal().orElseThrow().scene().windows().getLast();
        assertThat(window.parts().getFirst().text()).isEqualTo("guest 0 fixed");
    }

    @Test
    void a_message_box_that_nothing_opens_is_tried_out_and_answered() {
        var play = withMain(main("Desk"), box("Sure", "yes", "no")).play();
        var tried = WayThere.to(play.rehearsal(), "Sure").rehearsal().orElseThrow();
        assertThat(tried.scene().windows().getFirst().blockedBy()).isPresent();
        var after = tried.act(EventNames.resolve(
                        tried.scene(), new NamedEvent.Answered(new bivouac.machine.Sighting.Which("Sure", 1), "yes"))
                .orElseThrow());
        assertThat(TrailWords.faults(after.present().seen())).isEmpty();
        assertThat(after.scene().windows()).hasSize(1);
    }

    @Test
    void where_it_is_open_now_nothing_changes() {
        var play = desk();
        assertThat(WayThere.to(play.rehearsal(), "Desk")
                        .rehearsal()
                        .orElseThrow()
                        .now())
                .isEqualTo(play.rehearsal().now());
    }

    /** What is known of all situations. */
    private record All(Optional<List<bivouac.machine.Event>> way) implements WayThere.Known {
        @Override
        public Optional<List<bivouac.machine.Event>> way(String window) {
            return way;
        }

        @Override
        public boolean isAll() {
            return true;
        }
    }

    @Test
    void a_way_that_is_known_is_played_and_that_there_is_none_is_said_as_certain() {
        var press = new bivouac.machine.Event.Press(0, 1);
        var found = WayThere.to(desk().rehearsal(), "Card", new All(Optional.of(List.of(press))));
        assertThat(trail(found)).containsExactly("press \"card\" of \"Desk\"");
        var none = WayThere.to(desk().rehearsal(), "Lonely", new All(Optional.empty()));
        assertThat(none.sentence()).startsWith("None of all situations has Lonely open");
    }
}

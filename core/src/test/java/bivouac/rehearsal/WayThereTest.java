package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
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
                        child("Lonely"))
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
                        "press \"form\" of \"Desk\"", "type \"1\" into \"n\" of \"Form\"", "press \"go\" of \"Form\"");
        assertThat(found.sentence()).isEqualTo("The shortest way to Thanks: 3 events from the start.");
    }

    @Test
    void what_nothing_opens_is_not_found_and_that_is_said() {
        var found = WayThere.to(desk().rehearsal(), "Lonely");
        assertThat(found.rehearsal()).isEmpty();
        assertThat(found.sentence()).startsWith("No way to Lonely was found");
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
}

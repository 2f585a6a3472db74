package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.machine.Play;
import org.junit.jupiter.api.Test;

class ComparisonTest {

    private static Rehearsal act(Rehearsal at, String line) throws Exception {
        return at.act(
                EventNames.resolve(at.scene(), TrailFile.read(line).getFirst()).orElseThrow());
    }

    @Test
    void two_ways_part_after_what_they_have_in_common_and_differ_in_what_is_seen() throws Exception {
        var start = withMain(
                        main(
                                "Desk",
                                Part.Caption.of("shown", "{app.n}"),
                                button("more", set("app.n", "app.n + 1")),
                                button("card", alongside("Card"))),
                        child("Card"))
                .variable("n", Type.WHOLE, "0")
                .play()
                .rehearsal();
        Rehearsal first = act(act(start, "press \"more\" of \"Desk\""), "press \"card\" of \"Desk\"");
        Rehearsal second = act(act(first.goTo(1), "press \"more\" of \"Desk\""), "press \"more\" of \"Desk\"");
        var other = second.otherWays().getFirst();
        var compared = Comparison.of(second, other);
        assertThat(compared.parting()).isEqualTo(1);
        assertThat(compared.here()).containsExactly("Desk: more", "Desk: more");
        assertThat(compared.there()).containsExactly("Desk: card");
        assertThat(compared.differs())
                .containsExactly(
                        new Comparison.Difference("Desk, shown", "“3”", "“1”"),
                        new Comparison.Difference("Card", "not open", "open"));
        assertThat(Comparison.name(second, other)).isEqualTo("after event 1: Desk: card");
        assertThat(second.onWay(other).moments()).hasSize(3);
        assertThat(second.onWay(other).otherWays()).isNotEmpty();
    }

    @Test
    void a_way_that_ended_differs_in_whether_the_application_runs() throws Exception {
        var start = new Play(withMain(main("Desk", button("go", note("x")))).design()).rehearsal();
        Rehearsal closed = act(start, "close box of \"Desk\"");
        Rehearsal other = act(closed.goTo(0), "press \"go\" of \"Desk\"");
        assertThat(Comparison.of(other, other.otherWays().getFirst()).differs())
                .contains(new Comparison.Difference("The application", "runs", "has ended with exit code 0"));
    }
}

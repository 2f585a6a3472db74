package bivouac.design;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class SmallThingsTest {

    private final Script script =
            Script.of(note("a"), waits("Box", when("yes", note("b"), note("c")), when("no")), note("d"));

    @Test
    void a_path_finds_puts_in_replaces_and_removes_at_any_depth() {
        StepPath deep = StepPath.of(1, 0, 1);
        assertThat(deep.in(script)).contains(note("c"));
        assertThat(deep.insert(script, note("new"))
                        .steps()
                        .get(1)
                        .inner()
                        .getFirst()
                        .script()
                        .steps())
                .containsExactly(note("b"), note("new"), note("c"));
        assertThat(deep.remove(deep.insert(script, note("new")))).isEqualTo(script);
        assertThat(StepPath.of(0).replace(script, note("z")).steps().getFirst()).isEqualTo(note("z"));
        assertThat(StepPath.of(1, 1, 0)
                        .insert(script, note("x"))
                        .steps()
                        .get(1)
                        .inner()
                        .get(1)
                        .script()
                        .steps())
                .containsExactly(note("x"));
        assertThat(deep.outer()).contains(StepPath.of(1));
        assertThat(StepPath.of(9).in(script)).isEmpty();
        assertThat(StepPath.of(1, 7, 0).in(script)).isEmpty();
        assertThatThrownBy(() -> StepPath.of(1, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void walking_leaves_out_what_is_switched_off() {
        var seen = new java.util.ArrayList<StepPath>();
        Steps.walk(
                new Script(java.util.List.of(
                        new Step.Off(note("x")), script.steps().get(1))),
                (p, s) -> seen.add(p));
        assertThat(seen).containsExactly(StepPath.of(1), StepPath.of(1, 0, 0), StepPath.of(1, 0, 1));
    }

    @Test
    void braces_hold_expressions_two_are_one_and_strings_in_them_may_hold_braces() {
        assertThat(Braces.pieces("a {b} {{c}} {x == '}' ? 1 : 2}!"))
                .containsExactly(
                        new Braces.Piece.Plain("a "),
                        new Braces.Piece.Inserted("b", 3),
                        new Braces.Piece.Plain(" {c} "),
                        new Braces.Piece.Inserted("x == '}' ? 1 : 2", 13),
                        new Braces.Piece.Plain("!"));
        assertThat(Braces.pieces("{open")).containsExactly(new Braces.Piece.Unclosed("open", 1));
        assertThat(Braces.isLive("{{no}}")).isFalse();
        assertThat(Braces.pieces(Braces.escape("a{b}c"))).containsExactly(new Braces.Piece.Plain("a{b}c"));
    }

    @Test
    void access_keys_are_read_as_the_trade_writes_them() {
        assertThat(AccessKey.without("Save && &quit")).isEqualTo("Save & quit");
        assertThat(AccessKey.position("Save && &quit")).hasValue(7);
        assertThat(AccessKey.position("none")).isEmpty();
    }

    @Test
    void c1_the_ways_out_of_each_kind_where_nothing_is_said() {
        var dialog = FacedWindow.of(FacedWindow.Kind.DIALOG, "D");
        var child = FacedWindow.of(FacedWindow.Kind.CHILD, "C");
        for (Way way : Way.values()) {
            assertThat(WaysOut.of(dialog, way)).isEqualTo(WayOut.LeadsTo.ending("cancelled"));
        }
        assertThat(WaysOut.of(child, Way.ESCAPE)).isEqualTo(new WayOut.Absent());
        assertThat(WaysOut.of(child, Way.CLOSE_BOX)).isEqualTo(WayOut.LeadsTo.ending("closed"));
        var pressing = child.leaving(Way.CLOSE_BOX, new WayOut.AsPressing("x"));
        assertThat(WaysOut.of(pressing, Way.DEPARTURE)).isEqualTo(WayOut.LeadsTo.ending("closed"));
    }

    @Test
    void o3_how_many_of_each_kind_where_nothing_is_said() {
        assertThat(main("M").instancesOrUsual()).isInstanceOf(Instances.Single.class);
        assertThat(child("C").instancesOrUsual()).isInstanceOf(Instances.Single.class);
        assertThat(child("C").taking(java.util.List.of(Take.of("t", Type.TEXT))).instancesOrUsual())
                .isInstanceOf(Instances.Many.class);
        assertThat(dialog("D").instancesOrUsual()).isInstanceOf(Instances.Many.class);
    }
}

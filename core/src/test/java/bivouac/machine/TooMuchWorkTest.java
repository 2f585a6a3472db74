package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.plan.Program;
import bivouac.testkit.HostileDesigns;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Events that would cost more time or memory than one may: X6, with its place, and the rest goes on. */
class TooMuchWorkTest {

    private static List<Fault> faults(Play play) {
        return play.rehearsal().present().seen().stream()
                .filter(Sighting.Faulted.class::isInstance)
                .map(s -> ((Sighting.Faulted) s).fault())
                .toList();
    }

    @ParameterizedTest
    @EnumSource
    void X6_a_hostile_press_is_given_up_with_its_place(HostileDesigns hostile) {
        var play = new Play(hostile.design()).does("press \"go\" of \"Desk\"");
        assertThat(faults(play)).isNotEmpty();
        Fault first = faults(play).getFirst();
        assertThat(first.rule()).isEqualTo(Fault.Rule.X6);
        assertThat(first.where().isPresent()
                        || first.message().contains("Desk")
                        || first.message().contains("asking"))
                .as("%s", first)
                .isTrue();
        // it goes on: the next event is dealt with like any other
        assertThat(play.does("press \"other\" of \"Desk\"").seen()).contains("notes “other”");
    }

    private static Design looping(int times) {
        var step = new Step.If(
                List.of(new Step.If.Case(
                        new Expression("app.n < " + times), Script.of(set("app.n", "app.n + 1"), new Step.Again()))),
                Optional.empty());
        return withMain(main("Desk", button("go", new Step.Repeat(Script.of(step)), note("done {app.n}"))))
                .variable("n", Type.WHOLE, "0")
                .design();
    }

    @Test
    void X6_counts_the_steps_that_begin_and_nothing_else() {
        // each round is repeat, if, set and again; the last one repeat and if; then the note
        assertThat(new Play(looping(2_499))
                        .does("press \"go\" of \"Desk\"")
                        .hasNoFault()
                        .seen())
                .contains("notes “done 2499”");
        new Play(looping(2_500)).does("press \"go\" of \"Desk\"").faults(Fault.Rule.X6);
    }

    @Test
    void X6_a_step_that_is_switched_off_is_none() {
        var off = new ArrayList<Step>();
        for (int i = 0; i < 10_500; i++) {
            off.add(new Step.Off(note("never")));
        }
        off.add(note("done"));
        withMain(main("Desk", Part.Button.of("go", "Go").triggering(new Script(off))))
                .play()
                .does("press \"go\" of \"Desk\"")
                .hasNoFault()
                .sees("notes “done”");
    }

    @Test
    void X6_in_before_closing_refuses_as_any_fault_does() {
        var many = before(child("Plan").living(Optional.of(new Instances.Many()), false), alongside("Plan"));
        var play = withMain(main("Desk", button("go", alongside("Plan")), button("end", end())), many)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"end\" of \"Desk\"")
                .faults(Fault.Rule.X6)
                .runs();
        assertThat(play.seen()).contains("the departure is called off");
    }

    @Test
    void X3_a_number_that_grows_too_large() {
        withMain(main("Desk", button("go", set("app.x", "app.x * 1e300"), note("next"))))
                .variable("x", Type.NUMBER, "1e300")
                .play()
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void a_wrongly_typed_value_is_a_fault_where_it_is_reached_as_its_finding_says() {
        var wrong = List.of(set("me.shown", "5"), set("app.n", "\"8\""), set("app.l", "[\"a\"]"));
        for (Step step : wrong) {
            var design = withMain(main("Desk", Part.Caption.of("shown", "x"), button("go", step)))
                    .variable("n", Type.WHOLE, "1")
                    .variable("l", new Type.ListOf(Type.WHOLE), "[]")
                    .design();
            assertThat(Program.of(design).troubles()).hasSize(1);
            new Play(design).does("press \"go\" of \"Desk\"").faults(Fault.Rule.X3);
        }
        var right = withMain(main(
                        "Desk", button("go", set("app.l", "[]"), set("app.l", "app.l + [1]"), note("{size(app.l)}"))))
                .variable("l", new Type.ListOf(Type.WHOLE), "[2, 3]")
                .design();
        assertThat(Program.of(right).troubles()).isEmpty();
        new Play(right).does("press \"go\" of \"Desk\"").hasNoFault().seesAmongOthers("notes “1”");
    }

    @Test
    void X6_a_live_text_that_takes_too_much_work_says_which_and_the_others_are_seen() {
        var desk = main(
                "Desk",
                Part.Caption.of("heavy", "{app.l.all(a, app.l.all(b, app.l.all(c, a + b + c > 0)))}"),
                Part.Caption.of("light", "{app.n} here"),
                button("other", note("other")));
        var play = withMain(desk.at(FacedWindow.Moment.OPENED, Script.EMPTY))
                .variable("l", new Type.ListOf(Type.WHOLE), "[" + "1, ".repeat(500) + "1]")
                .variable("n", Type.WHOLE, "7")
                .play();
        assertThat(faults(play)).singleElement().satisfies(f -> {
            assertThat(f.rule()).isEqualTo(Fault.Rule.X6);
            assertThat(f.message()).startsWith("Desk, heavy: ");
        });
        play.shows("Desk", "light", "7 here").shows("Desk", "heavy", "");
    }

    @Test
    void X6_heavy_conditions_of_many_parts_do_not_keep_each_other_from_being_offered() {
        var parts = new ArrayList<Part>();
        for (int i = 0; i < 60; i++) {
            var traits = bivouac.design.Traits.USUAL.enabled(
                    new bivouac.design.Setting.Follows(new Expression("app.l.all(a, app.l.all(b, a + b > 0))")));
            parts.add(button("b" + i, note("x")).with(traits));
        }
        Play play = withMain(main("Desk", parts.toArray(Part[]::new)))
                .variable("l", new Type.ListOf(Type.WHOLE), "[" + "1, ".repeat(109) + "1]")
                .play();
        var offered = play.rehearsal().possible();
        assertThat(offered.stream().filter(Event.Press.class::isInstance)).hasSize(60);
        assertThat(offered).allMatch(e -> play.rehearsal().machine().isPossible(play.state(), e));
    }
}

package bivouac.state;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Target;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A state keeps what the steps of its program can bring about, and has no room for anything else. */
class LayoutTest {

    private static Layout of(Design design) {
        return Layout.of(Program.of(design));
    }

    private static Layout of(Part... parts) {
        return of(desk(parts).design());
    }

    private static bivouac.machine.Play.Making desk(Part... parts) {
        return withMain(single(main("Desk", parts)), single(child("Board")))
                .with(single(bivouac.machine.Play.owned(child("Card"))));
    }

    /** The bits of the place that a window has in every tight state. */
    private static int bits(Layout layout, String window) {
        return layout.fields[layout.program().window(window).orElseThrow().number].width();
    }

    private static boolean hasPlace(Layout layout, String window) {
        return layout.isAtItsPlace(layout.program().window(window).orElseThrow().number);
    }

    private static Step.Open owned(Manner manner, String by) {
        return new Step.Open(
                "Card", manner, Optional.of(new Target.Single(by)), List.of(), Optional.empty(), List.of());
    }

    @Test
    void the_owner_takes_a_bit_only_where_it_can_be_another_or_none() {
        assertThat(bits(of(button("card", alongside("Card"))), "Card"))
                .as("open, always owned by the desk")
                .isEqualTo(1);
        assertThat(bits(
                        of(button("card", alongside("Card")), button("board", owned(new Manner.Alongside(), "Board"))),
                        "Card"))
                .as("by either, or by none")
                .isEqualTo(3);
        assertThat(bits(
                        of(desk(button("card", alongside("Card")))
                                .start(alongside("Desk"), alongside("Card"))
                                .design()),
                        "Card"))
                .as("the start gives it no owner")
                .isEqualTo(2);
        assertThat(bits(of(button("card", inPlace("Card")), button("too", alongside("Card"))), "Card"))
                .as("in place of the desk it gets the owner that the desk has")
                .isEqualTo(2);
        assertThat(bits(of(button("board", alongside("Board"))), "Board"))
                .as("what says so has no owner")
                .isEqualTo(1);
    }

    @Test
    void how_it_is_waited_for_and_that_it_is_hidden_take_room_where_a_step_does_that() {
        assertThat(bits(of(button("card", waits("Card"))), "Card")).isEqualTo(1 + 2);
        assertThat(bits(of(button("card", waitsForOwner("Card"))), "Card")).isEqualTo(1 + 2);
        Layout hides = of(
                button("card", alongside("Card")), button("hide", hide("Card")), button("board", alongside("Board")));
        assertThat(bits(hides, "Card")).isEqualTo(1 + 1);
        assertThat(bits(hides, "Board")).isEqualTo(1);
        Layout any = of(
                button("card", alongside("Card")),
                button("hide", new Step.Reach(Step.Reach.How.HIDE, new Target.Me())),
                button("board", alongside("Board")));
        assertThat(bits(any, "Desk")).isGreaterThan(1);
        Layout shows = of(
                button("card", alongside("Card")),
                button("show", new Step.Reach(Step.Reach.How.SHOW, new Target.Single("Card"))));
        assertThat(bits(shows, "Card")).as("showing hides nothing").isEqualTo(1);
    }

    @Test
    void a_window_that_can_be_open_twice_or_is_owned_by_such_a_one_has_no_place_of_its_own() {
        Step itself = inPlace("Card");
        Layout twice = of(
                withMain(main("Desk", button("go", alongside("Card"))), single(child("Card", button("again", itself))))
                        .design());
        assertThat(hasPlace(twice, "Card"))
                .as("the new one is there before the old one goes")
                .isFalse();
        Layout many = of(withMain(
                        main("Desk", button("go", alongside("Sheet"))),
                        child("Sheet", button("card", alongside("Card")))
                                .living(Optional.of(new Instances.Many()), false),
                        single(bivouac.machine.Play.owned(child("Card"))))
                .design());
        assertThat(hasPlace(many, "Sheet")).isFalse();
        assertThat(hasPlace(many, "Card")).as("which of the sheets owns it").isFalse();
        assertThat(hasPlace(of(button("card", alongside("Card"))), "Card")).isTrue();
    }

    @Test
    void what_is_wider_than_a_word_has_no_place_of_its_own() {
        assertThat(hasPlace(holding(2), "Desk")).isTrue();
        assertThat(hasPlace(holding(3), "Desk")).isFalse();
    }

    /** A desk that holds so many texts, each of which can be any. */
    private static Layout holding(int texts) {
        var variables = new java.util.ArrayList<Variable>();
        var parts = new java.util.ArrayList<Part>();
        for (int i = 0; i < texts; i++) {
            variables.add(Variable.of("t" + i, Type.TEXT, "''"));
            Step more = set("me.t" + i, "me.t" + i + " + 'x'");
            parts.add(button(
                    "b" + i,
                    new Step.If(
                            List.of(new Step.If.Case(new Expression("me.t" + i + " == ''"), Script.of(more))),
                            Optional.empty())));
        }
        return of(withMain(single(main("Desk", parts.toArray(Part[]::new))).holding(variables))
                .design());
    }

    @Test
    void a_code_and_a_text_of_the_end_are_kept_where_a_step_gives_one() {
        assertThat(of(button("end", end())).endsSaying).isFalse();
        assertThat(of(button("end", ends(3, "bye"))).endsSaying).isTrue();
        assertThat(of(button(
                                "end",
                                new Step.EndApplication(
                                        Optional.of(new Expression("3")), Optional.empty(), Script.EMPTY)))
                        .endsSaying)
                .isTrue();
        assertThat(of(button("end", new Step.EndApplication(Optional.empty(), Optional.of("bye"), Script.EMPTY)))
                        .endsSaying)
                .isTrue();
    }

    @Test
    void which_files_are_there_is_kept_where_a_task_writes_some() {
        assertThat(of(desk(button("go", run("copy")))
                                .works(task("copy", "done"))
                                .design())
                        .filesChange)
                .isFalse();
        Task writing = new Task(
                Name.of("copy"),
                List.of(),
                List.of(
                        Task.Outcome.of("failed"),
                        new Task.Outcome(
                                bivouac.design.Ending.of("done"),
                                List.of(),
                                Optional.of(new Expression("'/copy.txt'")))),
                Optional.empty());
        assertThat(of(desk(button("go", run("copy"))).works(writing).design()).filesChange)
                .isTrue();
        assertThat(of(desk(button("go", note("x"))).works(writing).design()).filesChange)
                .as("nothing runs it")
                .isFalse();
    }

    @Test
    void the_day_is_kept_where_a_value_can_come_to_be_it() {
        assertThat(of(button("go", note("x"))).readsToday).isFalse();
        assertThat(of(button("go", note("{app.today}"))).readsToday).isTrue();
        assertThat(of(desk().variable("due", Type.DATE, "date('2026-01-01')").design()).readsToday)
                .isTrue();
        assertThat(of(desk().variable("due", Type.WHOLE, "1").design()).readsToday)
                .isFalse();
        assertThat(of(desk().with(child("Due").taking(List.of(Take.of("on", Type.DATE))))
                                .design())
                        .readsToday)
                .isTrue();
        assertThat(of(desk().with(child("Due").taking(List.of(Take.of("on", Type.TEXT))))
                                .design())
                        .readsToday)
                .isFalse();
        assertThat(of(desk().with(child("Due").holding(List.of(Variable.of("on", Type.DATE, "date('2026-01-01')"))))
                                .design())
                        .readsToday)
                .isTrue();
        assertThat(of(desk().with(Picker.of(Name.of("When"), Picker.Of.DATE)).design()).readsToday)
                .isTrue();
        assertThat(of(desk().with(Picker.of(Name.of("Which"), Picker.Of.COLOUR)).design()).readsToday)
                .isFalse();
        assertThat(of(Part.ListOfRows.of("days", "Days", new Type.Column("on", Type.DATE))).readsToday)
                .isTrue();
        assertThat(of(Part.ListOfRows.of("days", "Days", new Type.Column("on", Type.TEXT))).readsToday)
                .isFalse();
    }

    @Test
    void up_to_64_windows_have_a_bit_each() {
        assertThat(of(bivouac.testkit.Families.changedWindows(62)).flags).isTrue();
        assertThat(of(bivouac.testkit.Families.changedWindows(63)).flags).isFalse();
    }
}

package bivouac.state;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Take;
import bivouac.design.Traits;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.expression.Value;
import bivouac.plan.Cell;
import bivouac.plan.Deciding;
import bivouac.plan.PartPlan;
import bivouac.plan.Program;
import bivouac.plan.WindowPlan;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Which values count as one where every situation is looked at: those that are only shown, and of lists the number of rows stays. */
class FoldingTest {

    private static Folding of(Program program) {
        assertThat(program.troubles()).isEmpty();
        return new Folding(program, Deciding.of(program, List.of()));
    }

    private static final Part GUESTS = Part.ListOfRows.of(
                    "guests",
                    "Guests",
                    new Type.Column("name", Type.TEXT),
                    new Type.Column("age", Type.WHOLE),
                    new Type.Column("fee", Type.NUMBER))
            .starting(List.of(List.of("Orla", "3", "1.5")));
    private static final Part NOTES = Part.ListOfRows.of("notes", "Notes", new Type.Column("text", Type.TEXT));

    /** Much that is shown, and of it only a column of one list decides anything. */
    private static Program shown() {
        FacedWindow desk = main(
                        "Desk",
                        Part.TextField.of("name", "Name"),
                        new Part.TickBox(Name.of("late"), "Late", false, Script.EMPTY, Traits.USUAL),
                        new Part.Choice(
                                Name.of("board"),
                                "Board",
                                List.of("full", "none"),
                                java.util.Optional.empty(),
                                "full",
                                Script.EMPTY,
                                Traits.USUAL),
                        GUESTS,
                        NOTES,
                        Part.Caption.of("shown", "{me.name} {me.board} {app.greeting} {me.n}"),
                        button("greet", set("app.greeting", "me.name"), set("me.n", "me.n + 1")),
                        button(
                                "go",
                                onlyIf(
                                        "me.guests.rows.exists(r, r.age > 3)",
                                        alongside("Card").handing(Given.of("guest", "me.name")))))
                .holding(List.of(Variable.of("n", Type.WHOLE, "0")));
        FacedWindow card =
                child("Card", Part.Caption.of("for", "{takes.guest}")).taking(List.of(Take.of("guest", Type.TEXT)));
        return Program.of(withMain(desk, card)
                .variable("greeting", Type.TEXT, "''")
                .variable("fixed", Type.WHOLE, "4")
                .design());
    }

    private static PartPlan part(Program program, String name) {
        return program.window("Desk").orElseThrow().parts().stream()
                .filter(p -> p.part.name().shown().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void what_is_only_shown_is_folded_and_named_in_the_order_of_the_design() {
        assertThat(of(shown()).names())
                .containsExactly(
                        "app.greeting",
                        "Desk, n",
                        "Desk, Name",
                        "Desk, Board",
                        "Desk, Guests, name",
                        "Desk, Guests, fee",
                        "Desk, Notes",
                        "Card, takes guest");
    }

    @Test
    void one_value_stands_for_all_others_of_its_type_and_none_is_told_from_them() {
        Program program = shown();
        Folding folding = of(program);
        assertThat(folding.value(new Cell.OfApplication(0))).contains(Value.of(""));
        assertThat(folding.value(new Cell.OfApplication(1)))
                .as("what never changes")
                .contains(new Value.Whole(0));
        WindowPlan desk = program.window("Desk").orElseThrow();
        assertThat(folding.value(new Cell.OfWindow(desk.number, desk.variableSlot(0))))
                .contains(new Value.Whole(0));
        assertThat(folding.value(part(program, "name").cell())).contains(Value.of(""));
        assertThat(folding.none(part(program, "name").cell())).isEqualTo(Value.NONE);
        assertThat(folding.value(part(program, "late").cell()))
                .as("nobody reads it")
                .contains(Value.of(false));
        assertThat(folding.value(part(program, "board").cell())).contains(Value.of("full"));
        assertThat(folding.none(part(program, "board").cell()))
                .as("nothing is chosen")
                .isEqualTo(Value.EMPTY);
        WindowPlan card = program.window("Card").orElseThrow();
        assertThat(folding.value(new Cell.OfWindow(card.number, card.takeSlot(0))))
                .contains(Value.of(""));
    }

    @Test
    void of_a_list_the_number_of_rows_stays_and_what_decides_in_them() {
        Program program = shown();
        Folding folding = of(program);
        Cell notes = part(program, "notes").cell();
        List<Value> rows = folding.rows(notes);
        assertThat(rows).hasSize(65).doesNotHaveDuplicates();
        for (int n = 0; n < rows.size(); n++) {
            assertThat(((Value.Items) rows.get(n)).values()).hasSize(n);
        }
        assertThat(folding.columns(notes)).isEmpty();
        Cell guests = part(program, "guests").cell();
        assertThat(folding.rows(guests)).isEmpty();
        assertThat(folding.columns(guests)).isEqualTo(Map.of("name", Value.of(""), "fee", new Value.Number(0)));
        assertThat(folding.values()).containsAll(rows).contains(Value.of(""), Value.of("full"));
    }

    @Test
    void what_decides_is_not_folded() {
        Program program = Program.of(withMain(main(
                        "Desk",
                        Part.TextField.of("name", "Name"),
                        button("go", onlyIf("me.name == 'x' && app.n > 2", note("x")), set("app.n", "app.n + 1"))))
                .variable("n", Type.WHOLE, "0")
                .design());
        Folding folding = of(program);
        assertThat(folding.names()).isEmpty();
        assertThat(folding.value(new Cell.OfApplication(0))).isEmpty();
        assertThat(folding.value(part(program, "name").cell())).isEmpty();
    }

    // The day

    private static Part dates() {
        return Part.ListOfRows.of("days", "Days", new Type.Column("on", Type.DATE), new Type.Column("what", Type.TEXT));
    }

    /** A design with dates everywhere, in which one condition decides. */
    private static Design dated(String condition) {
        FacedWindow desk = main(
                        "Desk",
                        dates(),
                        Part.TextField.of("name", "Name"),
                        button("go", onlyIf(condition, note("x")), set("app.due", "me.own"), set("app.n", "app.n + 1")),
                        button("card", alongside("Card").handing(Given.of("on", "app.due"))))
                .holding(List.of(Variable.of("own", Type.DATE, "date('2026-01-02')")));
        FacedWindow card = child("Card", button("look", note("x"))).taking(List.of(Take.of("on", Type.DATE)));
        return withMain(desk, card)
                .variable("due", Type.DATE, "date('2026-01-01')")
                .variable("n", Type.WHOLE, "0")
                .design();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "year(app.today) > 2000",
                "app.due == date('2026-01-03')",
                "me.own == app.due",
                "me.days.rows.exists(r, r.on == date('2026-01-03'))"
            })
    void where_a_date_decides_it_makes_a_difference_which_day_it_is(String condition) {
        assertThat(of(Program.of(dated(condition))).readsToday()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"app.n > 2", "me.name == 'x'", "me.days.rows.exists(r, r.what == 'x')"})
    void where_other_things_decide_it_makes_none(String condition) {
        assertThat(of(Program.of(dated(condition))).readsToday()).isFalse();
    }

    @Test
    void a_date_that_is_handed_over_and_decides_there_makes_a_difference() {
        Design design = dated("app.n > 2").changingFace("Card", f -> child(
                        "Card", button("look", onlyIf("takes.on == date('2026-01-03')", note("x"))))
                .taking(f.takes()));
        assertThat(of(Program.of(design)).readsToday()).isTrue();
    }

    @Test
    void a_date_can_be_in_a_list_or_a_row() {
        var row = new Type.RowOf(List.of(new Type.Column("a", Type.TEXT), new Type.Column("on", Type.DATE)));
        assertThat(Folding.holdsDate(Type.DATE)).isTrue();
        assertThat(Folding.holdsDate(row)).isTrue();
        assertThat(Folding.holdsDate(new Type.ListOf(row))).isTrue();
        assertThat(Folding.holdsDate(new Type.ListOf(Type.TEXT))).isFalse();
        assertThat(Folding.holdsDate(new Type.RowOf(List.of(new Type.Column("a", Type.TEXT)))))
                .isFalse();
        assertThat(Folding.holdsDate(Type.WHOLE)).isFalse();
    }
}

package bivouac.plan;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Given;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Traits;
import bivouac.design.Type;
import bivouac.expression.Value;
import bivouac.machine.Samples;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** On which values it depends what happens: a value too many costs situations, one too few would hide something. */
class DecidingTest {

    private static final Part NAME = Part.TextField.of("name", "Name");

    private static Part when(String condition) {
        return ((Part.Button) button("ok")).with(Traits.USUAL.enabled(new Setting.Follows(new Expression(condition))));
    }

    private static Step asks(String condition, Step... then) {
        return new Step.If(List.of(new Step.If.Case(new Expression(condition), Script.of(then))), Optional.empty());
    }

    private static Deciding of(Design design) {
        return Deciding.of(Program.of(design), List.of());
    }

    private static boolean decides(Design design, String window, String part) {
        Program program = Program.of(design);
        PartPlan plan = program.window(window).orElseThrow().part(part).orElseThrow();
        return Deciding.of(program, List.of()).has(plan.cell());
    }

    @Test
    void what_is_shown_decides_nothing_and_what_is_compared_does() {
        Part shows = Part.Caption.of("shown", "Hello {me.name}");
        assertThat(decides(withMain(main("Desk", NAME, shows)).design(), "Desk", "name"))
                .isFalse();
        assertThat(decides(withMain(main("Desk", NAME, when("me.name != ''"))).design(), "Desk", "name"))
                .isTrue();
    }

    @Test
    void what_flows_to_where_it_is_compared_decides_as_well() {
        // from a field into a variable, handed over to a window, and compared there
        Design design = withMain(main("Desk", NAME, button("go", set("app.last", "me.name"), opens("app.last"))))
                .variable("last", Type.TEXT, "''")
                .with(child("Card", when("takes.who == 'Orla'")).taking(List.of(Take.of("who", Type.TEXT))))
                .design();
        assertThat(decides(design, "Desk", "name")).isTrue();
        assertThat(of(design).has(new Cell.OfApplication(0))).isTrue();
        assertThat(of(design).apart(new Cell.OfApplication(0))).contains(Value.of("Orla"));
        Design only = withMain(main("Desk", NAME, button("go", set("app.last", "me.name"), opens("app.last"))))
                .variable("last", Type.TEXT, "''")
                .with(child("Card", Part.Caption.of("shown", "{takes.who}")).taking(List.of(Take.of("who", Type.TEXT))))
                .design();
        assertThat(decides(only, "Desk", "name")).isFalse();
        assertThat(of(only).has(new Cell.OfApplication(0))).isFalse();
    }

    private static Step opens(String value) {
        return Step.Open.of("Card", new bivouac.design.Manner.Alongside())
                .handing(new Given("who", new Expression(value)));
    }

    @Test
    void what_can_fail_to_be_a_number_decides_by_its_form() {
        Step adds = set("app.sum", "app.sum + whole(me.name)");
        Design design = withMain(main("Desk", NAME, button("add", adds)))
                .variable("sum", Type.WHOLE, "0")
                .design();
        assertThat(decides(design, "Desk", "name")).isTrue();
        // the sum itself is compared with nothing
        assertThat(of(design).has(new Cell.OfApplication(0))).isFalse();
        // a number that is shown in a field is always a number there
        var field = new Part.ValueField(
                bivouac.design.Name.of("n"), "N", Part.Holds.WHOLE, "{app.sum}", Script.EMPTY, Traits.USUAL);
        Design shown = withMain(main("Desk", field, button("use", asks("me.n.given"))))
                .variable("sum", Type.WHOLE, "0")
                .design();
        assertThat(of(shown).has(new Cell.OfApplication(0))).isFalse();
        assertThat(decides(shown, "Desk", "n")).isTrue();
    }

    @Test
    void of_a_list_the_columns_decide_that_are_compared() {
        var list = Part.ListOfRows.of(
                "guests", "Guests", new Type.Column("name", Type.TEXT), new Type.Column("paid", Type.YESNO));
        Design design = withMain(main("Desk", list, when("me.guests.rows.exists(r, !r.paid)")))
                .design();
        Program program = Program.of(design);
        PartPlan guests = program.window("Desk").orElseThrow().part("guests").orElseThrow();
        assertThat(Deciding.of(program, List.of()).columns(guests))
                .extracting(Type.Column::name)
                .containsExactly("paid");
        Design counted =
                withMain(main("Desk", list, when("size(me.guests.rows) > 2"))).design();
        Program other = Program.of(counted);
        PartPlan rows = other.window("Desk").orElseThrow().part("guests").orElseThrow();
        assertThat(Deciding.of(other, List.of()).columns(rows)).isEmpty();
        assertThat(Deciding.of(other, List.of()).apartInRows(rows)).contains(new Value.Whole(2));
    }

    @Test
    void what_is_promised_decides() {
        Design design = withMain(main("Desk", Part.Caption.of("shown", "{app.count}")))
                .variable("count", Type.WHOLE, "0")
                .design();
        assertThat(of(design).has(new Cell.OfApplication(0))).isFalse();
        Program promised = Program.of(design.promising(List.of(bivouac.design.Promise.of("never app.count > 3"))));
        var conditions = promised.promises().getFirst().conditions();
        assertThat(Deciding.of(promised, conditions).has(new Cell.OfApplication(0)))
                .isTrue();
    }

    @Test
    void the_day_decides_only_where_it_is_compared() {
        Part shows = Part.Caption.of("shown", "{app.today}");
        assertThat(of(withMain(main("Desk", shows)).design()).has(Cell.OfRun.TODAY))
                .isFalse();
        Part compares = when("app.today > date('2026-12-01')");
        assertThat(of(withMain(main("Desk", compares)).design()).has(Cell.OfRun.TODAY))
                .isTrue();
    }

    // What is typed follows from it

    private static List<String> typed(Part field, Part... others) {
        Part[] parts = new Part[others.length + 1];
        parts[0] = field;
        System.arraycopy(others, 0, parts, 1, others.length);
        Program program = Program.of(withMain(main("Desk", parts)).design());
        var samples = new Samples(program, Deciding.of(program, List.of()), TODAY);
        return samples.of(program.windows().getFirst().parts().getFirst());
    }

    @Test
    void fields_get_what_conditions_tell_apart_and_no_more() {
        assertThat(typed(NAME)).isEmpty();
        assertThat(typed(NAME, when("me.name == 'yes'"))).containsExactly("Abc", "yes");
        assertThat(typed(NAME, when("!blank(me.name)"))).containsExactly("Abc", "");
        assertThat(typed(NAME, when("size(me.name) > 3"))).contains("xxx", "xxxx");
        Part nights = Part.ValueField.of("nights", "Nights", Part.Holds.WHOLE);
        assertThat(typed(nights, when("me.nights.given && me.nights > 30"))).contains("2", "two", "29", "30", "31");
        Part day = Part.ValueField.of("day", "Day", Part.Holds.DATE);
        assertThat(typed(day, when("me.day.given"))).contains("2026-11-23", "soon");
    }

    @Test
    void a_person_is_offered_a_text_for_every_field_and_for_nothing_else() {
        Program program = Program.of(
                withMain(main("Desk", NAME, Part.ValueField.of("n", "N", Part.Holds.WHOLE), Part.Caption.of("c", "c")))
                        .design());
        Samples samples = Samples.of(program, TODAY);
        List<PartPlan> parts = program.windows().getFirst().parts();
        assertThat(samples.worthTrying(parts.get(0))).containsExactly("Abc");
        assertThat(samples.worthTrying(parts.get(1))).containsExactly("2");
        assertThat(samples.worthTrying(parts.get(2))).isEmpty();
        assertThat(samples.of(parts.get(0))).isEmpty();
    }
}

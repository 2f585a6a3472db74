package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class GuardFindingsTest {

    private static List<String> found(Step... pressed) {
        var window = main(
                "Desk",
                Part.TextField.of("first", "First"),
                Part.TextField.of("second", "Second"),
                Part.ValueField.of("sum", "Sum"),
                Part.Caption.of("shown", ""),
                button("go", pressed));
        return Findings.of(Program.of(withMain(window).design())).stream()
                .filter(f -> Set.of(Finding.Kind.UNGUARDED, Finding.Kind.SUM).contains(f.kind()))
                .map(Finding::what)
                .toList();
    }

    private static Step when(String condition, Step then, Step otherwise) {
        return new Step.If(
                List.of(new Step.If.Case(new Expression(condition), Script.of(then))),
                Optional.of(Script.of(otherwise)));
    }

    private static final Step SUM = set("me.sum", "number(me.first) + number(me.second)");

    @Test
    void a_conversion_that_nothing_guards_is_found_once_for_each_text() {
        assertThat(found(SUM))
                .hasSize(2)
                .anyMatch(w -> w.contains("“number(me.first)” can be reached with a text that is no number"));
    }

    @Test
    void a_condition_above_or_the_case_before_guards_it() {
        assertThat(found(when("isNumber(me.first) && isNumber(me.second)", SUM, note("no"))))
                .isEmpty();
        assertThat(found(when("!isNumber(me.first) || !isNumber(me.second)", note("no"), SUM)))
                .isEmpty();
        assertThat(found(when("!isNumber(me.first)", note("no"), SUM))).hasSize(1);
    }

    @Test
    void the_same_expression_can_ask_first() {
        assertThat(found(when("isNumber(me.first) && number(me.first) > 3.0", note("yes"), note("no"))))
                .isEmpty();
        // whichever side stands first: where one decides, the other does no harm
        assertThat(found(when("number(me.first) > 3.0 && isNumber(me.first)", note("yes"), note("no"))))
                .isEmpty();
        assertThat(found(when("number(me.first) > 3.0 || isNumber(me.first)", note("yes"), note("no"))))
                .hasSize(1);
    }

    @Test
    void a_value_field_is_asked_whether_it_holds_one() {
        assertThat(found(set("me.shown", "shown(me.sum)")))
                .containsExactly("Desk, go: “me.sum” can be read while Sum holds no number; ask “me.sum.given” first.");
        assertThat(found(when("me.sum.given", set("me.shown", "shown(me.sum)"), note("no"))))
                .isEmpty();
        assertThat(found(set("me.shown", "me.sum.typed"))).isEmpty();
    }

    @Test
    void two_typed_texts_joined_with_nothing_between_were_surely_meant_as_a_sum() {
        assertThat(found(set("me.shown", "me.first + me.second")))
                .singleElement(org.assertj.core.api.InstanceOfAssertFactories.STRING)
                .contains("joins two typed texts");
        assertThat(found(set("me.shown", "me.first + \" \" + me.second"))).isEmpty();
    }

    @Test
    void a_name_that_stands_twice_in_one_sum_is_a_hint() {
        var design = withMain(main("Desk", button("go", set("app.sum", "app.hay + app.straw + app.hay"))))
                .variable("sum", bivouac.design.Type.NUMBER, "0")
                .variable("hay", bivouac.design.Type.NUMBER, "1")
                .variable("straw", bivouac.design.Type.NUMBER, "2")
                .design();
        assertThat(Findings.of(Program.of(design)))
                .filteredOn(f -> f.kind() == Finding.Kind.SUM)
                .singleElement()
                .satisfies(f -> assertThat(f.what()).contains("“app.hay” stands twice"));
    }

    @Test
    void a_guard_that_asks_the_wrong_way_round_or_only_whether_it_is_blank_is_none() {
        assertThat(found(when("!isNumber(me.first)", set("me.shown", "shown(number(me.first))"), note("no"))))
                .hasSize(1);
        assertThat(found(when("!blank(me.first)", set("me.shown", "shown(number(me.first))"), note("no"))))
                .hasSize(1);
    }

    @Test
    void a_guard_may_stand_in_a_let_in_a_pattern_or_before_a_step_that_leaves() {
        Step shows = set("me.shown", "shown(number(me.first))");
        assertThat(found(new Step.Let("ok", new Expression("isNumber(me.first)")), when("ok", shows, note("no"))))
                .isEmpty();
        assertThat(found(when("me.first.matches('^[0-9]+$')", shows, note("no"))))
                .isEmpty();
        Step leaves = new Step.If(
                List.of(new Step.If.Case(new Expression("!isNumber(me.first)"), Script.of(close("closed")))),
                Optional.empty());
        assertThat(found(leaves, shows)).isEmpty();
        Step stays = new Step.If(
                List.of(new Step.If.Case(new Expression("!isNumber(me.first)"), Script.of(note("no")))),
                Optional.empty());
        assertThat(found(stays, shows)).hasSize(1);
    }

    @Test
    void what_was_asked_is_known_no_more_when_it_is_set() {
        Step shows = set("me.shown", "shown(number(me.first))");
        Step both = new Step.If(
                List.of(new Step.If.Case(
                        new Expression("isNumber(me.first)"), Script.of(set("me.first", "me.second"), shows))),
                Optional.empty());
        assertThat(found(both)).hasSize(1);
    }

    @Test
    void notes_and_texts_and_conditions_on_the_window_are_looked_at_too() {
        assertThat(found(note("{number(me.first)}"))).hasSize(1);
        assertThat(found(note("{isNumber(me.first) ? number(me.first) : 0.0}"))).isEmpty();
        var window = main("Desk", Part.TextField.of("first", "First"), Part.Caption.of("shown", "{number(me.first)}"));
        assertThat(Findings.of(Program.of(withMain(window).design())).stream().map(Finding::what))
                .containsExactly("Desk, shown: “number(me.first)” can be reached with a text that is no number; ask"
                        + " “isNumber(me.first)” first.");
    }

    @Test
    void a_selected_row_is_read_only_where_one_is_selected() {
        var list = Part.ListOfRows.of(
                "guests", "Guests", new bivouac.design.Type.Column("name", bivouac.design.Type.TEXT));
        Step reads = note("{me.guests.selected.name}");
        assertThat(rows(list, reads)).singleElement().asString().contains("while no row is selected");
        Step asked = new Step.If(
                List.of(new Step.If.Case(new Expression("me.guests.anySelected"), Script.of(reads))), Optional.empty());
        assertThat(rows(list, asked)).isEmpty();
        Step numbered = new Step.If(
                List.of(new Step.If.Case(new Expression("me.guests.selectedNumber > 0"), Script.of(reads))),
                Optional.empty());
        assertThat(rows(list, numbered)).isEmpty();
        assertThat(rows(list.at(Part.RowMoment.ACTIVATED, Script.of(reads)))).isEmpty();
    }

    private static List<String> rows(Part.ListOfRows list, Step... pressed) {
        return Findings.of(Program.of(
                        withMain(main("Desk", list, button("go", pressed))).design()))
                .stream()
                .filter(f -> f.kind() == Finding.Kind.UNGUARDED)
                .map(Finding::what)
                .toList();
    }

    @Test
    void texts_joined_through_let_were_meant_as_a_sum_too() {
        assertThat(found(
                        new Step.Let("a", new Expression("me.first")),
                        new Step.Let("b", new Expression("me.second")),
                        set("me.shown", "a + b")))
                .singleElement()
                .asString()
                .contains("joins two typed texts");
    }

    @Test
    void what_is_switched_off_is_not_looked_at() {
        assertThat(found(new Step.Off(SUM))).isEmpty();
    }
}

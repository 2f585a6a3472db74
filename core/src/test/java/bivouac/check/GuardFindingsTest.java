package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
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
                .filter(f -> f.kind() == Finding.Kind.UNGUARDED)
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
        assertThat(found(when("number(me.first) > 3.0 && isNumber(me.first)", note("yes"), note("no"))))
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
    void what_is_switched_off_is_not_looked_at() {
        assertThat(found(new Step.Off(SUM))).isEmpty();
    }
}

package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Steps behind the one that closes their window (W6), and endings that give nothing (C1, C6). */
class ClosingFindingsTest {

    private static List<String> found(Design design, Finding.Kind kind) {
        return Findings.of(Program.of(design)).stream()
                .filter(f -> f.kind() == kind)
                .map(Finding::what)
                .toList();
    }

    private static Design form(FacedWindow form, bivouac.design.Window... others) {
        return withMain(main("Desk", button("go", waits("Form"))), form)
                .with(others)
                .design();
    }

    private static FacedWindow closing(Step... after) {
        var steps = new java.util.ArrayList<Step>();
        steps.add(close("ok"));
        steps.addAll(List.of(after));
        return dialog("Form", Part.Button.of("ok", "OK").triggering(new Script(steps)));
    }

    @Test
    void what_stands_behind_the_close_is_never_run_where_nothing_can_refuse() {
        assertThat(found(form(closing(note("too late"))), Finding.Kind.NEVER_RUN))
                .containsExactly(
                        "Form, ok: step 2 is never run, since step 1 closes Form and nothing can refuse that.");
    }

    @Test
    void nothing_is_said_where_something_can_refuse_or_nothing_follows() {
        var refuses = List.of(
                form(closing()),
                form(closing(new Step.Off(note("kept")))),
                form(before(closing(note("x")), stay())),
                // what it owns asks first
                form(
                        closing(note("x")).at(FacedWindow.Moment.OPENED, Script.of(alongside("Own"))),
                        before(owned(child("Own")), stay())),
                // a fault in a value refuses
                form(dialog(
                                "Form",
                                Part.ValueField.of("n", "N"),
                                button("ok", close("ok", Given.of("n", "me.n")), note("x")))
                        .ending(List.of(Ending.of("ok", Ending.Give.of("n", Type.NUMBER))))),
                // in a branch that runs later, the window may be asked just then
                form(
                        dialog("Form", button("ok", alongside("Own", when("closed", close("ok"), note("x"))))),
                        child("Own")));
        assertThat(refuses)
                .allSatisfy(d -> assertThat(found(d, Finding.Kind.NEVER_RUN)).isEmpty());
    }

    @Test
    void closing_the_window_with_which_the_application_ends_can_be_refused_by_any_other() {
        var desk = main("Desk", button("go", alongside("Plan"), close("closed"), note("x")));
        var rule = new DepartureRule.WithWindow("Desk");
        assertThat(found(withMain(desk, child("Plan")).departs(rule).design(), Finding.Kind.NEVER_RUN))
                .hasSize(1);
        assertThat(found(
                        withMain(desk, before(child("Plan"), stay()))
                                .departs(rule)
                                .design(),
                        Finding.Kind.NEVER_RUN))
                .isEmpty();
    }

    @Test
    void a_close_without_ending_gives_nothing_where_the_usual_ending_gives_values() {
        var plain = new Step.Close(new Target.Me(), Optional.empty(), List.of(), Script.EMPTY);
        var form = dialog("Form", button("ok", plain))
                .ending(List.of(Ending.of("cancelled", Ending.Give.of("n", Type.WHOLE))));
        assertThat(found(form(form), Finding.Kind.NOT_HANDED_OVER))
                .containsExactly("Form, ok: “cancelled” gives n, and this step does not say what.");
        assertThat(found(form(dialog("Form", button("ok", plain))), Finding.Kind.NOT_HANDED_OVER))
                .isEmpty();
    }

    @Test
    void one_brought_back_under_an_owner_that_may_be_hidden_stays_hidden() {
        var board = child("Board", button("hide", hide("Board")), button("card", alongside("Card")));
        var card = owned(child("Card"));
        var fromOutside =
                withMain(main("Desk", button("b", alongside("Board")), button("c", alongside("Card"))), board, card);
        assertThat(found(fromOutside.design(), Finding.Kind.STAYS_HIDDEN))
                .containsExactly("Desk, c: Card stays hidden if its owner Board is hidden then.");
        Step every = new Step.Reach(Step.Reach.How.SHOW, new Target.Every("Card"));
        var shown = withMain(main("Desk", button("b", alongside("Board")), button("c", every)), board, card);
        assertThat(found(shown.design(), Finding.Kind.STAYS_HIDDEN))
                .containsExactly("Desk, c: Card stays hidden if its owner Board is hidden then.");
        var fromInside = withMain(main("Desk", button("b", alongside("Board"))), board, card);
        assertThat(found(fromInside.design(), Finding.Kind.STAYS_HIDDEN)).isEmpty();
    }

    @Test
    void steps_inside_others_have_numbers_of_their_own() {
        Step inner = Step.Open.of("Nowhere", new Manner.Alongside());
        var design = withMain(
                        main(
                                "Desk",
                                button(
                                        "go",
                                        new Step.Off(new Step.Repeat(Script.of(note("x")))),
                                        waits("Form", when("ok", inner), when("cancelled", inner)))),
                        dialog("Form"))
                .design();
        assertThat(Findings.of(Program.of(design)).stream()
                        .filter(f -> f.kind() == Finding.Kind.DANGLING)
                        .map(f -> f.place().words(design)))
                .containsExactly("Desk, go, step 4", "Desk, go, step 5");
    }
}

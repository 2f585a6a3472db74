package bivouac.explore;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Promise;
import bivouac.design.Renames;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.format.DesignFormat;
import bivouac.machine.Machine;
import bivouac.plan.Program;
import bivouac.rehearsal.Trails;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Promises: read and written, kept where they are, and broken by a trail that shows it. */
class PromisesTest {

    /** A desk with a text that can be changed and saved; leaving asks only by its close box. */
    private static Design desk(Step... quits) {
        return withMain(before(
                        main(
                                        "Desk",
                                        button("change", set("app.unsaved", "true")),
                                        button("save", set("app.unsaved", "false")),
                                        button("report", alongside("Report")),
                                        button("quit", quits))
                                .leaving(Way.SESSION_ENDING, new WayOut.LeadsTo("closed", List.of(), false)),
                        new Step.If(
                                List.of(new Step.If.Case(
                                        new Expression("app.unsaved && way == 'close box'"), Script.of(stay()))),
                                Optional.empty())))
                .with(child("Report"))
                .variable("unsaved", Type.YESNO, "false")
                .departs(new DepartureRule.WithWindow("Desk"))
                .design();
    }

    private static List<Promises.Answer> answers(Design design, String... promises) {
        Design promising = promises.length == 0
                ? design
                : design.promising(List.of(promises).stream().map(Promise::of).toList());
        Explored explored = Exploration.of(
                new Question(Program.of(promising), TODAY), Limits.of(Duration.ofSeconds(20)), Progress.NONE);
        return explored.promises();
    }

    private static List<String> broken(Design design, String promise) {
        Promises.Answer answer = answers(design, promise).getFirst();
        assertThat(answer).isInstanceOf(Promises.Answer.Broken.class);
        var machine = new Machine(Program.of(design));
        return Trails.lines(machine, TODAY, ((Promises.Answer.Broken) answer).trail());
    }

    private static void kept(Design design, String promise) {
        assertThat(answers(design, promise)).containsExactly(new Promises.Answer.Kept(Promise.of(promise), true));
    }

    @Test
    void never_is_broken_by_the_shortest_way_to_what_should_not_be() {
        assertThat(broken(desk(end()), "never app.unsaved && isOpen(report)"))
                .containsExactly("press \"change\" of \"Desk\"", "press \"report\" of \"Desk\"");
        kept(desk(end()), "never isOpen(report) && !isOpen(desk)");
    }

    @Test
    void at_the_end_is_looked_at_before_everything_is_forgotten() {
        assertThat(broken(desk(end()), "always at the end !app.unsaved"))
                .containsExactly("press \"change\" of \"Desk\"", "press \"quit\" of \"Desk\"");
        // neither does the end of the session keep it
        assertThat(broken(desk(), "always at the end !app.unsaved"))
                .containsExactly("press \"change\" of \"Desk\"", "session ends");
        Step saves = set("app.unsaved", "false");
        kept(withPlan(desk(end()), saves), "always at the end !app.unsaved");
    }

    private static Design withPlan(Design design, Step step) {
        return design.with(
                design.application().leaving(design.application().leaving().planning(Script.of(step))));
    }

    @Test
    void possible_is_broken_where_no_way_leads_there_any_more() {
        kept(desk(end()), "always possible to !app.unsaved");
        Part breaks = button("crack", set("app.broken", "true"));
        Design design = withMain(main("Desk", breaks, Part.Caption.of("shown", "{app.broken}")))
                .variable("broken", Type.YESNO, "false")
                .design();
        assertThat(broken(design, "always possible to !app.broken")).containsExactly("press \"crack\" of \"Desk\"");
    }

    @Test
    void possible_to_end_needs_no_expression() {
        kept(desk(end()), "always possible to end");
        Part lock = button("lock", set("app.locked", "true"));
        Design design = withMain(before(
                        main("Desk", lock),
                        new Step.If(
                                List.of(new Step.If.Case(new Expression("app.locked"), Script.of(stay()))),
                                Optional.empty())))
                .variable("locked", Type.YESNO, "false")
                .design();
        assertThat(broken(design, "always possible to end")).containsExactly("press \"lock\" of \"Desk\"");
    }

    @Test
    void what_many_would_promise_is_offered_until_it_is_made() {
        assertThat(Offers.of(desk()))
                .extracting(Promise::sentence)
                .containsExactly(
                        "always possible to end",
                        "never app.unsaved && !isOpen(desk)",
                        "always at the end !app.unsaved");
        Design made = desk().promising(Offers.of(desk()));
        assertThat(Offers.of(made)).isEmpty();
        assertThat(answers(made)).noneMatch(Promises.Answer.Unclear.class::isInstance);
    }

    @Test
    void after_comes_before_is_looked_for_on_every_way() {
        assertThat(broken(desk(), "after app.unsaved comes !app.unsaved before the end"))
                .containsExactly("press \"change\" of \"Desk\"", "session ends");
        assertThat(broken(desk(), "after app.unsaved comes !app.unsaved before isOpen(report)"))
                .containsExactly("press \"change\" of \"Desk\"", "press \"report\" of \"Desk\"");
        kept(desk(), "after isOpen(report) comes !isOpen(report) before false");
    }

    @Test
    void what_cannot_be_understood_is_not_checked_and_a_finding() {
        assertThat(answers(desk(), "never app.unknown", "sometimes app.unsaved", "never 1 + 1"))
                .allMatch(Promises.Answer.Unclear.class::isInstance);
        Design design = desk().promising(List.of(Promise.of("never app.unknown")));
        assertThat(bivouac.check.Findings.of(Program.of(design)))
                .extracting(f -> f.what())
                .anyMatch(w -> w.startsWith("application, promise “never app.unknown”: “app.unknown” means nothing"));
    }

    @Test
    void within_a_bound_it_is_not_kept_completely() {
        Design design = withMain(main("Desk", button("more", set("app.count", "app.count + 1"))))
                .variable("count", Type.WHOLE, "0")
                .design();
        assertThat(answers(design, "never app.count < 0"))
                .containsExactly(new Promises.Answer.Kept(Promise.of("never app.count < 0"), false));
        assertThat(broken(design, "never app.count > 3")).hasSize(4);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "never app.unsaved",
                "always possible to end",
                "always at the end !app.unsaved",
                "always possible to app.saved || isOpen(desk)",
                "after app.a comes app.b before app.c",
                "after app.t == ' comes ' comes app.b before the end",
                "none of these",
                "never"
            })
    void a_sentence_is_read_as_it_is_written_and_kept_in_the_file(String sentence) throws Exception {
        Promise promise = Promise.of(sentence);
        assertThat(promise.sentence()).isEqualTo(sentence);
        Design design = desk().promising(List.of(promise));
        assertThat(DesignFormat.read(DesignFormat.write(design))).isEqualTo(design);
        assertThat(promise instanceof Promise.Unclear)
                .isEqualTo(sentence.equals("none of these") || sentence.equals("never"));
    }

    @Test
    void a_rename_is_carried_into_promises() {
        Design design = desk().promising(List.of(Promise.of("never isOpen(report) && app.unsaved")));
        Design renamed = Renames.window(design, "Report", Name.of("Summary"));
        assertThat(renamed.promises()).containsExactly(Promise.of("never isOpen(summary) && app.unsaved"));
        assertThat(Variable.of("unsaved", Type.YESNO, "false").name().expression())
                .isEqualTo("unsaved");
    }
}

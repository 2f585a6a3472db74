package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.explore.Exploration;
import bivouac.explore.Explored;
import bivouac.explore.Limits;
import bivouac.explore.Progress;
import bivouac.explore.Question;
import bivouac.machine.Fault;
import bivouac.machine.Play;
import bivouac.plan.Program;
import bivouac.testkit.Rounds;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What is known at a step of a script: by the values that conditions read, through branches, named scripts and waits. */
class KnownAtAStepTest {

    private static final Step READ = set("app.count", "whole(me.size)");

    private static Design design(Step... steps) {
        return Play.withMain(
                        main(
                                "Desk",
                                button("go", steps),
                                Part.TextField.of("size", "Size"),
                                Part.TextField.of("sizeTwo", "Second size")),
                        dialog("Form"))
                .with(box("Told", "OK"))
                .variable("count", Type.WHOLE, "0")
                .works(task("write", "written", "failed"))
                .design();
    }

    private static List<String> unguarded(Design design) {
        return AsWritten.found(design, Finding.Kind.UNGUARDED);
    }

    private static Step guarded(Step... steps) {
        return new Step.If(
                List.of(new Step.If.Case(new Expression("isWhole(me.size)"), Script.of(steps))), Optional.empty());
    }

    @Test
    void setting_a_value_forgets_what_is_known_of_it_and_of_no_other_that_begins_like_it() {
        assertThat(unguarded(design(guarded(set("me.sizeTwo", "\"x\""), READ)))).isEmpty();
        assertThat(unguarded(design(guarded(set("me.size", "\"x\""), READ)))).hasSize(1);
        assertThat(unguarded(design(guarded(set("me.size.enabled", "false"), READ))))
                .isEmpty();
    }

    @Test
    void setting_in_a_branch_forgets_it_behind_the_branch() {
        Step sets = waits("Form", when("ok", set("me.size", "\"x\"")));
        assertThat(unguarded(design(guarded(sets, READ)))).hasSize(1);
        Step keeps = waits("Form", when("ok", set("me.sizeTwo", "\"x\"")));
        assertThat(unguarded(design(guarded(keeps, READ)))).isEmpty();
        Step task = run("write", when("failed", set("me.size", "\"x\"")));
        assertThat(unguarded(design(guarded(task, READ)))).hasSize(1);
    }

    @Test
    void a_named_script_forgets_what_it_sets() {
        Design named = design(guarded(Step.Do.of("tidy"), READ))
                .changingFace(
                        "Desk",
                        f -> f.with(new Routines(
                                List.of(new NamedScript(
                                        Name.of("tidy"), List.of(), Script.of(set("me.size", "\"x\"")))),
                                List.of())));
        assertThat(unguarded(named)).hasSize(1);
    }

    @Test
    void what_is_done_again_knows_only_what_it_does_not_change() {
        Step repeat = new Step.Repeat(Script.of(READ, set("me.size", "\"x\""), new Step.Again()));
        assertThat(unguarded(design(guarded(repeat)))).hasSize(1);
        Step harmless = new Step.Repeat(Script.of(READ, set("me.sizeTwo", "\"x\""), new Step.Again()));
        assertThat(unguarded(design(guarded(harmless)))).isEmpty();
    }

    @Test
    void while_it_waits_others_change_what_they_name() {
        Step open = waits("Form");
        assertThat(unguarded(design(guarded(open, READ))))
                .as("nobody else sets it")
                .isEmpty();
        Design reached = design(guarded(open, READ))
                .changingFace("Form", f -> f.withRows(List.of(Row.of(button("ok", set("owner.size", "\"x\""))))));
        assertThat(unguarded(reached)).as("the dialog sets it meanwhile").hasSize(1);
    }

    /** Whatever is taken for known at a step never turns out otherwise in any situation that exploring meets. */
    @Test
    void what_is_known_is_never_refuted_by_exploring() {
        int faults = 0;
        int complete = 0;
        for (int seed = 0; seed < Rounds.of(500); seed++) {
            Design design = random(new Random(seed));
            Program program = Program.of(design);
            Explored explored =
                    Exploration.of(new Question(program, Play.TODAY), Limits.of(Duration.ofSeconds(3)), Progress.NONE);
            List<Finding> written = Findings.of(program);
            for (Explored.Faulted f : explored.faults()) {
                if (f.fault().rule() == Fault.Rule.X3 && f.fault().where().isPresent()) {
                    var at = f.fault().where().get();
                    faults++;
                    assertThat(written)
                            .as("seed " + seed + ", " + f.fault() + " in "
                                    + at.place().in(design))
                            .anyMatch(w -> Set.of(Finding.Kind.UNGUARDED, Finding.Kind.EXPRESSION)
                                            .contains(w.kind())
                                    && w.place().script().equals(Optional.of(at.place()))
                                    && w.place().step().equals(Optional.of(at.path())));
                }
            }
            complete += explored.isComplete() ? 1 : 0;
        }
        assertThat(faults).as("many could go wrong").isGreaterThan(Rounds.of(500) / 5);
        assertThat(complete).as("most were explored completely").isGreaterThan(Rounds.of(500) / 2);
    }

    private static Design random(Random random) {
        Design made = design(steps(random, 3));
        Script named = Script.of(steps(random, 1));
        Step[] reaching = random.nextBoolean()
                ? new Step[] {set("owner.size", text(random)), close("ok")}
                : new Step[] {close("ok")};
        return made.changingFace("Form", f -> f.withRows(List.of(Row.of(button("ok", reaching)))))
                .changingFace(
                        "Desk",
                        f -> f.with(
                                new Routines(List.of(new NamedScript(Name.of("tidy"), List.of(), named)), List.of())));
    }

    private static Step[] steps(Random random, int deep) {
        return Stream.generate(() -> step(random, deep))
                .limit(1 + random.nextInt(3))
                .toArray(Step[]::new);
    }

    private static String field(Random random) {
        return random.nextBoolean() ? "me.size" : "me.sizeTwo";
    }

    private static String text(Random random) {
        return random.nextBoolean() ? "\"x\"" : "\"1\"";
    }

    private static Step step(Random random, int deep) {
        return switch (random.nextInt(deep > 0 ? 9 : 3)) {
            case 0 -> set(field(random), text(random));
            case 1, 2 -> set("app.count", "whole(" + field(random) + ") > 0 ? 1 : 0");
            case 3, 4, 5 ->
                new Step.If(
                        List.of(new Step.If.Case(
                                new Expression("isWhole(" + field(random) + ")"), Script.of(steps(random, deep - 1)))),
                        random.nextBoolean() ? Optional.empty() : Optional.of(Script.of(steps(random, deep - 1))));
            case 6 -> waits("Form", when("ok", steps(random, deep - 1)));
            case 7 -> run("write", when("failed", steps(random, deep - 1)));
            default -> Step.Do.of("tidy");
        };
    }
}

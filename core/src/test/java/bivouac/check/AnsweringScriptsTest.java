package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is found of scripts that answer, and how it is put right (W11, W12). */
class AnsweringScriptsTest {

    private static final List<Ending> BOTH = List.of(Ending.of("saved"), Ending.of("given up"));

    private static Step.Branch when(String ending, Step... steps) {
        return new Step.Branch(ending, Script.of(steps));
    }

    private static Design with(NamedScript save, Step... go) {
        return withMain(main("Desk", button("go", go))).does(save).design();
    }

    private static List<Finding> about(Design design, String words) {
        return Findings.of(Program.of(design)).stream()
                .filter(f -> f.what().contains(words))
                .toList();
    }

    /** The one finding with these words, which is gone when its first way is taken. */
    private static Design putRight(Design design, String words) {
        List<Finding> found = about(design, words);
        assertThat(found).as(words).hasSize(1);
        assertThat(found.getFirst().repairs()).isNotEmpty();
        Design right = found.getFirst().repairs().getFirst().in(design);
        assertThat(about(right, words)).isEmpty();
        return right;
    }

    private static NamedScript save(Step... steps) {
        return NamedScript.of("save", steps).ending(BOTH);
    }

    private static final Step.Do DONE =
            Step.Do.of("save").when(when("saved", note("saved")), when("given up", note("given up")));

    @Test
    void one_that_reaches_its_end_without_an_answer_is_found() {
        Step answers = new Step.If(
                List.of(new Step.If.Case(
                        new bivouac.design.Expression("app.today.year() > 2000"),
                        Script.of(Step.Return.of("given up")))),
                Optional.of(Script.of(note("saved"))));
        Design lacks = with(save(answers, Step.Return.of("saved")), DONE);
        assertThat(about(lacks, "can reach its end")).isEmpty();
        Design ends = with(
                save(Step.Open.of(
                        "Sure",
                        new bivouac.design.Manner.WaitsForApplication(),
                        when("yes", Step.Return.of("saved")),
                        when("no", Step.Return.of("given up")))),
                DONE);
        assertThat(about(ends.adding(box("Sure", "Yes", "No")), "can reach its end"))
                .isEmpty();
        Design half = with(
                save(Step.Open.of(
                        "Sure", new bivouac.design.Manner.WaitsForApplication(), when("yes", Step.Return.of("saved")))),
                DONE);
        putRight(half.adding(box("Sure", "Yes", "No")), "can reach its end without saying how it ended");
    }

    @Test
    void an_ending_that_it_never_has_is_found_and_goes_with_its_branches() {
        Design never = with(save(Step.Return.of("saved")), DONE);
        Design right = putRight(never, "never ends as “given up”");
        assertThat(right.application().routines().scripts().getFirst().endings())
                .containsExactly(Ending.of("saved"));
        Part.Button go =
                (Part.Button) right.faced("Desk").orElseThrow().part("go").orElseThrow();
        assertThat(((Step.Do) go.pressed().steps().getFirst()).answers("given up"))
                .isFalse();
    }

    @Test
    void an_answer_without_a_branch_among_its_sisters_is_found() {
        Step.Do half = Step.Do.of("save").when(when("saved", note("saved")));
        Design left = with(save(Step.Return.of("saved"), Step.Return.of("given up")), half);
        assertThat(about(left, "does not say what happens when save ends given up"))
                .hasSize(1);
    }

    @Test
    void a_step_behind_a_return_is_never_run() {
        Design dead = with(save(Step.Return.of("saved"), note("never"), Step.Return.of("given up")), DONE);
        assertThat(about(dead, "is never run, since step 1")).hasSize(1);
    }

    private static Design everywhere(Step.Do done) {
        FacedWindow text = child("Text")
                .living(Optional.of(new Instances.Many()), false)
                .with(new Routines(List.of(save(Step.Return.of("saved"))), List.of()));
        return withMain(main("Desk", button("go", done, Step.Open.of("Text", new bivouac.design.Manner.Alongside()))))
                .with(text)
                .design();
    }

    @Test
    void a_branch_for_an_answer_at_which_it_does_not_stop_is_found_and_made_to_stop() {
        Design wrong =
                everywhere(Step.Do.of("save").in(new Target.Every("Text")).when(when("given up", note("stopped"))));
        Design right = putRight(wrong, "the steps under “when given up” are never run");
        Part.Button go =
                (Part.Button) right.faced("Desk").orElseThrow().part("go").orElseThrow();
        assertThat(((Step.Do) go.pressed().steps().getFirst()).until()).containsExactly("given up");
    }

    @Test
    void what_cannot_be_done_there_is_said() {
        assertThat(about(
                        everywhere(Step.Do.of("save").in(new Target.Single("Desk"))),
                        "there is no script of that name"))
                .hasSize(1);
        assertThat(about(everywhere(Step.Do.of("save").in(new Target.Every("Text"), "lost")), "no ending “lost”"))
                .hasSize(1);
        assertThat(about(everywhere(Step.Do.of("save").in(new Target.Single("Text"))), "several “Text” can be open"))
                .hasSize(1);
    }
}

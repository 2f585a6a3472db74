package bivouac.closing;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Limits;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** What leads to the end, in scripts that nobody writes: an answer comes all the same. */
class TriggersTest {

    private static final Triggers.Goal CLOSING = new Triggers.Goal.Closing("Desk");

    private static Script inConditions(int depth, Step innermost) {
        Script script = Script.of(innermost);
        for (int i = 0; i < depth; i++) {
            var inside = new Step.If.Case(new Expression("app.n > " + i), script);
            script = Script.of(new Step.If(List.of(inside), Optional.empty()));
        }
        return script;
    }

    /** Each condition is looked at once, not once more for every one around it: 2^50 would never end. */
    @Test
    @Timeout(20)
    void conditions_as_deep_as_they_may_be_are_all_checks_on_the_way() {
        int depth = Limits.DEEPEST_STEPS - 1;
        Step closes = Step.Close.me("closed");
        Design design = withMain(main(
                        "Desk", button("go", inConditions(depth, closes).steps().getFirst())))
                .variable("n", bivouac.design.Type.WHOLE, "0")
                .design();
        List<Trigger> triggers = new Triggers(design).to(CLOSING);
        assertThat(triggers).hasSize(1);
        assertThat(triggers.getFirst().before()).hasSize(depth).allMatch(OnTheWay.Checks.class::isInstance);
        assertThat(Findings.of(Program.of(design))).isNotNull();
    }

    /** A script that does one twice, which does one twice: no further than the program itself goes. */
    @Test
    @Timeout(20)
    void scripts_that_do_others_without_end_are_gone_into_as_far_as_a_program_goes() {
        var scripts = new ArrayList<NamedScript>();
        for (int i = 0; i < 40; i++) {
            Step next = new Step.Do("s" + (i + 1), List.of());
            scripts.add(new NamedScript(Name.of("s" + i), List.of(), Script.of(next, next)));
        }
        scripts.add(new NamedScript(Name.of("s40"), List.of(), Script.of(Step.Close.me("closed"))));
        Design design = withMain(main("Desk")).design();
        design = design.with(
                design.application().with(design.application().routines().withScripts(scripts)));
        Script does = Script.of(new Step.Do("s0", List.of()));
        for (var moment : List.of(FacedWindow.Moment.OPENED, FacedWindow.Moment.BEFORE_CLOSING)) {
            design = new ScriptPlace.AtMoment("Desk", moment).put(design, does);
        }
        assertThat(new Triggers(design).to(CLOSING)).hasSize(1);
        BeforeClosing before = BeforeClosing.of(design, design.faced("Desk").orElseThrow());
        assertThat(before.asks()).isFalse();
        assertThat(before.decisions()).isEmpty();
    }
}

package bivouac.handover;

import static bivouac.handover.ScriptFixture.lines;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.FacedWindow;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.WorkBreaking;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A named script that runs something in the background: what is done after it waits for that (W5, W7). */
class LateScriptsTest {

    private static Program program(FacedWindow desk) {
        var fetch = new Task(Name.of("fetch"), List.of(), List.of(Task.Outcome.of("found")), Optional.empty());
        NamedScript look = NamedScript.of("look", Step.RunTask.of("fetch").inBackground(true), note("{app.n}"));
        NamedScript both = NamedScript.of("both", note("{app.n}"), Step.Do.of("look"));
        NamedScript plain = NamedScript.of("plain", note("{app.n}"));
        return Program.of(withMain(desk)
                .variable("n", Type.WHOLE, "0")
                .works(fetch)
                .does(look, both, plain)
                .design());
    }

    private static String pressed(Toolkit toolkit, Step... steps) {
        Part go = button("go", steps);
        return Handover.script(program(main("Desk", go)), new ScriptPlace.AtPart("Desk", "go"), toolkit)
                .strip();
    }

    private static String named(Toolkit toolkit, String script) {
        return Handover.script(program(main("Desk")), new ScriptPlace.Named(Optional.empty(), script), toolkit)
                .strip();
    }

    @Test
    void what_follows_it_is_handed_to_it() {
        assertThat(pressed(Toolkit.JAVAFX, Step.Do.of("both"), set("app.n", "1")))
                .isEqualTo(lines("app.doBoth(this, \"both in Desk, go, step 1\", () -> {", "    app.n = 1;", "});"));
        assertThat(pressed(Toolkit.TK, Step.Do.of("both"), set("app.n", "1")))
                .isEqualTo(lines(
                        "def after_do_both():",
                        "    self.app.n = 1",
                        "",
                        "self.app.do_both(self, \"both in Desk, go, step 1\", after_do_both)"));
        assertThat(pressed(Toolkit.FORMS, Step.Do.of("both"), set("app.n", "1")))
                .isEqualTo(lines("app.DoBoth(this, \"both in Desk, go, step 1\", () =>", "{", "    app.n = 1;", "});"));
    }

    @Test
    void it_says_when_it_is_over_and_hands_on_what_it_was_handed() {
        assertThat(named(Toolkit.JAVAFX, "both"))
                .endsWith("doLook(me, \"look in do both, step 2, done by \" + step, then);");
        assertThat(named(Toolkit.JAVAFX, "look"))
                .contains("fetchInBackground(me, \"fetch in do look, step 1, done by \" + step, result -> {")
                .endsWith(lines("    then.run();", "});"));
        assertThat(named(Toolkit.TK, "look")).contains("    then()").contains(" + step, when_result)");
        assertThat(named(Toolkit.FORMS, "look")).endsWith(lines("    then();", "});"));
    }

    /** W8: the desk calls it, which hands it no step and waits for nothing; it did not compile. */
    @ParameterizedTest
    @EnumSource
    void where_work_breaks_nobody_waits_for_its_end(Toolkit toolkit) throws Exception {
        NamedScript answer =
                NamedScript.of(WorkBreaking.ANSWER, Step.RunTask.of("fetch").inBackground(true), note("told"));
        var design = withMain(main("Desk", button("go", run("fetch"))))
                .works(task("fetch", "found"))
                .does(answer)
                .design();
        List<String> handedOn = Handover.write(design, toolkit).stream()
                .flatMap(f -> f.text().lines())
                .filter(l -> l.contains("when work breaks in do when work breaks"))
                .toList();
        assertThat(handedOn).isNotEmpty().noneMatch(l -> l.contains("done by") || l.contains("+ step"));
    }

    @ParameterizedTest
    @EnumSource
    void one_that_runs_nothing_in_the_background_is_a_call(Toolkit toolkit) {
        assertThat(pressed(toolkit, Step.Do.of("plain"), set("app.n", "1")).lines())
                .hasSize(2);
    }

    @Test
    void before_closing_it_is_over_when_it_comes_back() {
        FacedWindow desk = before(main("Desk"), Step.Do.of("look"), stay());
        var place = new ScriptPlace.AtMoment("Desk", FacedWindow.Moment.BEFORE_CLOSING);
        assertThat(Handover.script(program(desk), place, Toolkit.SWING).strip())
                .isEqualTo(lines(
                        "app.doLook(this, \"look in Desk, before closing, step 1\", () -> {});", "return false;"));
    }
}

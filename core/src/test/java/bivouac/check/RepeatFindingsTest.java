package bivouac.check;

import static bivouac.check.AsWritten.*;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding.Kind;
import bivouac.check.ways.ClosingRepair;
import bivouac.check.ways.ReadyMadeRepair;
import bivouac.check.ways.StepRepair;
import bivouac.design.Design;
import bivouac.design.Step;
import bivouac.design.Way;
import bivouac.plan.Program;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is done twice, and steps that are removed. */
class RepeatFindingsTest {

    @Test
    void what_was_just_asked_or_done_is_not_done_again() {
        Step.Open ask = waits("Keep it", when("save", note("saved")), when("drop"), when("stay"));
        Design asked = pressing(KEEP, ask, note("between"), ask);
        assertThat(found(asked, Kind.ASKED_TWICE))
                .containsExactly("Desk, go, step 4: “Keep it” is asked again, after step 1 has asked it.");
        putRight(asked, Kind.ASKED_TWICE);
        Design opened = pressing(KEEP, alongside("Desk"), alongside("Desk"));
        assertThat(found(opened, Kind.DONE_TWICE))
                .containsExactly("Desk, go, step 2: it does again what step 1 has just done.");
        putRight(opened, Kind.DONE_TWICE);
    }

    @Test
    void again_is_no_mistake_after_something_else_or_in_an_answer() {
        Step.Open inside = waits("Keep it", when("save", note("saved")), when("drop"), when("stay"));
        Step.Open retry = waits("Keep it", when("save", inside), when("drop"), when("stay"));
        assertThat(found(pressing(KEEP, retry), Kind.ASKED_TWICE)).isEmpty();
        assertThat(found(pressing(KEEP, run("write"), note("once more"), run("write")), Kind.DONE_TWICE))
                .isEmpty();
        assertThat(found(pressing(KEEP, alongside("Desk"), new Step.Off(alongside("Desk"))), Kind.DONE_TWICE))
                .isEmpty();
        assertThat(found(pressing(KEEP, note("a"), note("a")), Kind.DONE_TWICE)).isEmpty();
    }

    @Test
    void every_repair_leaves_a_design_that_has_gone_on_as_it_is() {
        Design design = pressing(KEEP, note("a"));
        Program.of(design);
        var place = new bivouac.design.ScriptPlace.AtPart("Desk", "go");
        assertThat(new StepRepair.RemoveStep(place, bivouac.design.StepPath.of(4)).in(design))
                .isSameAs(design);
        assertThat(new ReadyMadeRepair.Means("Gone", ReadyMadeRepair.Means.Key.ENTER, "save").in(design))
                .isEqualTo(design);
        assertThat(new ClosingRepair.LeadTo("Gone", List.of(Way.ESCAPE), "ok").in(design))
                .isEqualTo(design);
    }
}

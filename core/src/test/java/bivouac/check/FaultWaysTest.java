package bivouac.check;

import static bivouac.check.OfSituations.all;
import static bivouac.check.OfSituations.putRight;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.ways.Repair;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Every fault that can be reached can be put right with one press, and is not reached then. */
class FaultWaysTest {

    private static final ScriptPlace GO = new ScriptPlace.AtPart("Desk", "go");

    private static List<Step> goes(Design design) {
        return GO.in(design).steps();
    }

    @Test
    void what_could_not_be_done_is_answered() {
        Step take = new Step.TakeHolding("key", List.of());
        Design design = withMain(main("Desk", button("go", take, end())))
                .holds(Holding.of("key").failing())
                .design();
        assertThat(goes(putRight(design, Kind.FAULT)).getFirst())
                .isEqualTo(new Step.TakeHolding("key", List.of(when("could not"))));
    }

    @Test
    void whoever_waits_for_a_task_stays() {
        Step.RunTask load = run("load", when("done", note("done")));
        Step.RunTask beside = new Step.RunTask("load", true, false, List.of(), Optional.empty(), load.branches());
        Design design = withMain(
                        main("Desk", button("go", alongside("Card"))), once(child("Card", button("load", beside))))
                .works(task("load", "done"))
                .design();
        assertThat(all(design)).filteredOn(f -> f.kind() == Kind.FAULT).hasSize(2);
        Design now = design;
        for (Finding f : all(design)) {
            if (f.kind() == Kind.FAULT && f.why().contains("X2")) {
                now = f.repairs().getFirst().in(now);
            }
        }
        OfSituations.none(now, Kind.FAULT);
        assertThat(new ScriptPlace.AtPart("Card", "load").in(now).steps()).containsExactly(load);
    }

    @Test
    void a_window_is_reached_and_read_only_while_it_is_open() {
        Step front = new Step.Reach(Step.Reach.How.BRING_TO_FRONT, new Target.Single("Card"));
        FacedWindow card = once(child("Card")).holding(List.of(Variable.of("n", Type.WHOLE, "1")));
        Design reached = withMain(main("Desk", button("open", alongside("Card")), button("go", front)), card)
                .design();
        assertThat(goes(putRight(reached, Kind.FAULT))).containsExactly(onlyIf("isOpen(card)", front));
        Step read = note("{card.n}");
        Design noted = withMain(main("Desk", button("open", alongside("Card")), button("go", read)), card)
                .design();
        assertThat(goes(putRight(noted, Kind.FAULT))).containsExactly(onlyIf("isOpen(card)", read));
    }

    @Test
    void a_window_that_is_open_is_not_waited_for() {
        Design design = withMain(
                        main("Desk", button("open", alongside("Card")), button("go", waits("Card"))),
                        once(child("Card")))
                .design();
        assertThat(goes(putRight(design, Kind.FAULT))).containsExactly(onlyIf("!isOpen(card)", waits("Card")));
    }

    @Test
    void a_task_that_still_runs_is_stopped_before_it_is_run_again() {
        Step run = new Step.RunTask("load", true, true, List.of(), Optional.empty(), List.of(when("done")));
        Design design = withMain(main("Desk", button("go", run)))
                .works(task("load", "done"))
                .design();
        assertThat(goes(putRight(design, Kind.FAULT))).containsExactly(new Step.StopTask("load"), run);
    }

    @Test
    void what_can_only_go_is_taken_away() {
        FacedWindow card = owned(child("Card")).at(FacedWindow.Moment.AFTER_CLOSING, Script.of(alongside("Desk")));
        Design after =
                withMain(main("Desk", button("go", alongside("Card"))), card).design();
        for (Finding f : all(after)) {
            if (f.kind() == Kind.FAULT) {
                assertThat(f.repairs()).extracting(Repair::words).containsExactly("Remove the step");
            }
        }
    }

    @Test
    void a_window_that_opens_itself_for_ever_is_one_only() {
        FacedWindow card = child("Card").living(Optional.of(new Instances.Many()), false);
        FacedWindow opening = card.at(FacedWindow.Moment.OPENED, Script.of(alongside("Card")));
        Design design =
                withMain(main("Desk", button("go", alongside("Card"))), opening).design();
        Finding fault = all(design).stream()
                .filter(f -> f.kind() == Kind.FAULT)
                .findFirst()
                .orElseThrow();
        assertThat(fault.repairs()).extracting(Repair::words).containsExactly("One only", "Remove the step");
        OfSituations.none(fault.repairs().getFirst().in(design), Kind.FAULT);
    }

    @Test
    void where_nothing_can_be_done_any_more_a_close_box_is_given_back() {
        FacedWindow trap =
                dialog("Trap").leaving(Way.CLOSE_BOX, new WayOut.Absent()).leaving(Way.ESCAPE, new WayOut.Absent());
        Design design =
                withMain(main("Desk", button("go", waits("Trap"))), trap).design();
        all(design).stream()
                .filter(f -> f.kind() == Kind.DEAD_END || f.kind() == Kind.NO_WAY_OUT)
                .forEach(f -> {
                    assertThat(f.repairs()).as(f.what()).isNotEmpty();
                    OfSituations.none(f.repairs().getFirst().in(design), Kind.DEAD_END);
                });
    }

    @Test
    void a_promise_that_an_answer_breaks_is_kept_by_staying_open_or_taken_back() {
        var promise = bivouac.design.Promise.of("always at the end !app.unsaved");
        var asked = new Step.If(
                List.of(new Step.If.Case(
                        new Expression("app.unsaved"), Script.of(waits("Sure", when("leave"), when("stay", stay()))))),
                Optional.empty());
        Design design = withMain(before(main("Desk", button("go", set("app.unsaved", "true"))), asked))
                .with(escaping(box("Sure", "Leave", "Stay"), "stay"))
                .variable("unsaved", Type.YESNO, "false")
                .design()
                .promising(List.of(promise));
        Finding broken = OfSituations.one(design, Kind.BROKEN_PROMISE);
        assertThat(broken.repairs())
                .extracting(Repair::words)
                .containsExactly("Stay open when leave", "Take the promise back");
        broken.repairs().forEach(r -> OfSituations.none(r.in(design), Kind.BROKEN_PROMISE));
        Design unasked = withMain(main("Desk", button("go", set("app.unsaved", "true"))))
                .variable("unsaved", Type.YESNO, "false")
                .design()
                .promising(List.of(promise));
        assertThat(OfSituations.one(unasked, Kind.BROKEN_PROMISE).repairs())
                .extracting(Repair::words)
                .containsExactly("Ask before it is lost", "Take the promise back");
    }

    private static FacedWindow once(FacedWindow window) {
        return window.living(Optional.of(new Instances.Single()), window.owned());
    }
}

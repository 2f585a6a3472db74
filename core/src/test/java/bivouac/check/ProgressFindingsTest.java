package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Renames;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Task;
import bivouac.plan.Program;
import bivouac.sentence.Declarations;
import bivouac.sentence.PartTyping;
import bivouac.sentence.Sentences;
import bivouac.sentence.StepTyping;
import bivouac.sentence.TaskLine;
import bivouac.sentence.Typed;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is found of work that is to be seen or cancelled, and how it is typed (W9, W10). */
class ProgressFindingsTest {

    private static final Set<Task.Told> BOTH = EnumSet.allOf(Task.Told.class);
    private static final Part BAR = Part.Progress.of("bar", "Writing", "write");

    private static Design desk(Set<Task.Told> told, Part... parts) {
        return withMain(main("Desk", parts))
                .works(task("write", "done", "failed").telling(told))
                .design();
    }

    private static List<Finding> found(Design design) {
        return Findings.of(Program.of(design)).stream()
                .filter(f -> f.kind() == Finding.Kind.PROGRESS
                        || f.kind() == Finding.Kind.DANGLING && f.what().contains("task"))
                .toList();
    }

    /** Its first way puts it right, and nothing else of the kind is there then. */
    private static void isPutRight(Design design, String what) {
        List<Finding> all = found(design);
        assertThat(all).extracting(Finding::what).containsExactly(what);
        assertThat(found(all.getFirst().repairs().getFirst().in(design))).isEmpty();
    }

    @Test
    void work_that_is_shown_and_can_be_cancelled_is_no_finding() {
        assertThat(found(desk(BOTH, BAR, button("go", run("write"))))).isEmpty();
        assertThat(found(desk(Set.of(), button("go", run("write"))))).isEmpty();
        assertThat(found(desk(
                        EnumSet.of(Task.Told.CANCEL),
                        button("go", run("write")),
                        button("stop", new Step.CancelTask("write")))))
                .isEmpty();
    }

    @Test
    void what_nobody_sees_or_can_cancel_is_found_with_a_part_for_it() {
        isPutRight(desk(BOTH, button("go", run("write"))), "“write” may be cancelled, and nobody can.");
        isPutRight(
                desk(EnumSet.of(Task.Told.PROGRESS), button("go", run("write"))),
                "“write” shows progress, and no window has a part for it.");
    }

    @Test
    void a_part_that_shows_nothing_is_found() {
        isPutRight(
                desk(Set.of(), BAR, button("go", run("write"))),
                "Writing on Desk shows “write”, which tells nothing of how far it is.");
        isPutRight(
                desk(BOTH, BAR, Part.Progress.of("other", "Other", "wrote"), button("go", run("write"))),
                "Other on Desk shows the work of “wrote”, and there is no task of that name.");
    }

    @Test
    void cancelling_what_cannot_be_cancelled_is_found() {
        isPutRight(
                desk(Set.of(), button("go", run("write")), button("stop", new Step.CancelTask("write"))),
                "Desk, stop cancels “write”, which cannot be cancelled.");
        for (Step step : List.of(new Step.CancelTask("wrote"), new Step.StopTask("wrote"))) {
            assertThat(found(desk(Set.of(), button("go", run("write")), button("stop", step))))
                    .hasSize(1)
                    .allMatch(f -> f.what().contains("no task of that name"));
        }
    }

    @Test
    void it_is_typed_as_it_is_shown() throws Exception {
        String line = "write ends done; failed; usually done; shows progress; may be cancelled";
        assertThat(TaskLine.write(TaskLine.read(line))).isEqualTo(line);
        assertThat(TaskLine.read(line).told()).isEqualTo(BOTH);
        assertThatThrownBy(() -> TaskLine.read("write ends done; usually shows progress"))
                .isInstanceOf(Declarations.Wrong.class);
        Design design = desk(BOTH, button("go", run("write")));
        var added = (PartTyping.Result.Added) PartTyping.add(design, "Desk", "progress Writing it of write");
        assertThat(added.design().faced("Desk").orElseThrow().parts())
                .anyMatch(p -> p instanceof Part.Progress b
                        && b.task().equals("write")
                        && b.label().equals("Writing it"));
    }

    @Test
    void a_step_that_cancels_is_typed() {
        Design design = desk(BOTH, button("go", run("write")), button("stop", note("x")));
        var place = new ScriptPlace.AtPart("Desk", "stop");
        var typed = (Typed.Done) new StepTyping(design, place, StepPath.of(1), false).read("cancel task write");
        assertThat(place.in(typed.design()).steps()).contains(new Step.CancelTask("write"));
        assertThat(Sentences.line(new Step.CancelTask("write"))).isEqualTo("cancel task write");
    }

    @Test
    void a_task_called_otherwise_is_so_in_its_part_and_in_what_cancels_it() {
        Design design = Renames.task(
                desk(BOTH, BAR, button("go", run("write")), button("stop", new Step.CancelTask("write"))),
                "write",
                Name.of("save all"));
        assertThat(found(design)).isEmpty();
        assertThat(design.faced("Desk").orElseThrow().part("bar").orElseThrow())
                .isEqualTo(Part.Progress.of("bar", "Writing", "save all"));
    }

    @Test
    void what_it_shows_is_for_reading_only() {
        Design design = desk(BOTH, BAR, button("go", run("write")), button("set", set("me.bar", "50")));
        assertThat(Findings.of(Program.of(design))).anyMatch(f -> f.what().contains("me.bar"));
    }
}

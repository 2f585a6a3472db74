package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Holding;
import bivouac.design.Name;
import bivouac.design.PretendFiles;
import bivouac.design.Step;
import bivouac.design.Task;
import bivouac.plan.Program;
import bivouac.sentence.HoldingLine;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What the system refuses: to take back what is held (H2), and to write files (C8). */
class GivingBackFailsTest {

    private static final Step TAKE = Step.TakeHolding.of("lock");

    private static Making desk(Step... back) {
        return withMain(main("Desk", button("take", TAKE), button("back", back)))
                .holds(Holding.of("lock").failingToGoBack());
    }

    private static Step back(Step.Branch... branches) {
        return new Step.GiveBack("lock", List.of(branches));
    }

    @Test
    void H2_it_is_waited_for_and_done() {
        desk(back(), note("after"))
                .play()
                .does("press \"take\" of \"Desk\"")
                .does("press \"back\" of \"Desk\"")
                .blocks("Desk")
                .cannot("close box of \"Desk\"")
                .does("task \"giving back lock\" ends \"done\" of \"Desk\"")
                .sees("gives back lock", "notes “after”")
                .holds();
    }

    @Test
    void H2_where_it_could_not_the_branch_runs_and_it_is_held_no_more() {
        desk(back(when("could not", note("{result.reason}"))), note("after"))
                .play()
                .does("press \"take\" of \"Desk\"")
                .does("press \"back\" of \"Desk\"")
                .does("task \"giving back lock\" ends \"could not\" of \"Desk\"")
                .seesAmongOthers("notes “the system could not take it back”", "notes “after”")
                .holds()
                .does("press \"take\" of \"Desk\"")
                .holds("lock, for Desk");
    }

    @Test
    void H2_without_a_branch_it_is_a_fault_and_a_finding_and_nothing_that_is_not_held_is_waited_for() {
        Design design = desk(back(), note("never")).design();
        assertThat(Findings.of(Program.of(design)).stream().map(f -> f.what()))
                .contains("Desk, back does not say what happens when lock could not be given back.");
        new Play(design)
                .does("press \"take\" of \"Desk\"")
                .does("press \"back\" of \"Desk\"")
                .does("task \"giving back lock\" ends \"could not\" of \"Desk\"")
                .faults(Fault.Rule.X1)
                .does("press \"back\" of \"Desk\"")
                .faults(Fault.Rule.X4);
    }

    @Test
    void H2_a_closing_gives_it_back_without_asking() {
        desk(back())
                .play()
                .does("press \"take\" of \"Desk\"")
                .does("close box of \"Desk\"")
                .seesAmongOthers("Desk ends closed", "gives back lock");
    }

    @Test
    void a_holding_says_so_in_its_line() throws Exception {
        Holding holding = Holding.of("lock").failingToGoBack();
        assertThat(HoldingLine.write(holding)).isEqualTo("lock: giving back may fail");
        assertThat(HoldingLine.read("lock: giving back may fail")).isEqualTo(holding);
    }

    private static Play writing(PretendFiles files, Task.Outcome... outcomes) {
        var save = new Task(Name.of("save"), List.of(), List.of(outcomes), Optional.empty());
        Design design = withMain(main("Desk", button("go", Step.RunTask.of("save"))))
                .works(save)
                .design();
        return new Play(design.with(design.application().pretending(files))).does("press \"go\" of \"Desk\"");
    }

    private static Task.Outcome done(String path) {
        return new Task.Outcome(
                bivouac.design.Ending.of("done"), List.of(), Optional.of(new Expression("\"" + path + "\"")));
    }

    @Test
    void C8_no_new_file_is_written_on_a_full_disk_and_none_that_cannot_be_read() {
        var full = new PretendFiles(List.of("/a.txt", "/b.txt"), List.of("/b.txt"), true);
        String ends = "task \"save\" ends \"done\" of \"Desk\"";
        writing(full, done("/new.txt"), Task.Outcome.of("failed"))
                .cannot(ends)
                .does("task \"save\" ends \"failed\" of \"Desk\"");
        writing(full, done("/a.txt"), Task.Outcome.of("failed")).does(ends);
        writing(full, done("/b.txt"), Task.Outcome.of("failed")).cannot(ends);
        writing(new PretendFiles(List.of("/a.txt"), List.of(), false), done("/new.txt"), Task.Outcome.of("failed"))
                .does(ends);
    }

    @Test
    void C8_a_task_that_could_not_end_at_all_ends_as_it_says() {
        writing(new PretendFiles(List.of("/a.txt"), List.of(), true), done("/new.txt"))
                .does("task \"save\" ends \"done\" of \"Desk\"");
    }
}

package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Which window a step means: O5, R1, R2, R3. */
class TargetsTest {

    private static Step.Open open(String window, Optional<Target> owner, Optional<String> as) {
        return new Step.Open(window, new Manner.Alongside(), owner, List.of(), as, List.of());
    }

    private static FacedWindow many(FacedWindow window) {
        return window.living(Optional.of(new Instances.Many()), window.owned());
    }

    private static List<String> findings(Design design) {
        return Findings.of(Program.of(design)).stream().map(f -> f.what()).toList();
    }

    @Test
    void O5_a_kept_window_can_be_the_owner() {
        var play = withMain(
                        main(
                                "Desk",
                                button(
                                        "go",
                                        open("Board", Optional.empty(), Optional.of("board")),
                                        open("Card", Optional.of(new Target.Kept("board")), Optional.empty()))),
                        many(child("Board")),
                        owned(child("Card")))
                .play()
                .does("press \"go\" of \"Desk\"");
        assertThat(play.window("Card").owner()).map(Object::toString).contains("Board");
        play.does("close box of \"Board\"").sees("Card ends closed", "Board ends closed");
    }

    @Test
    void O5_R3_an_owner_that_is_not_open_is_a_fault_and_nothing_opens() {
        withMain(
                        main(
                                "Desk",
                                button("go", open("Card", Optional.of(new Target.Single("Board")), Optional.empty()))),
                        child("Board"),
                        owned(child("Card")))
                .play()
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3)
                .opens("Desk");
    }

    @Test
    void R1_one_of_many_named_by_its_name_alone_is_a_finding_and_a_fault_and_never_the_first() {
        for (Step step : List.of(
                open("Card", Optional.of(new Target.Single("Board")), Optional.empty()),
                closes("Board"),
                hide("Board"),
                set("board.title", "\"x\""))) {
            var design = withMain(
                            main("Desk", button("more", alongside("Board")), button("go", step)),
                            many(child("Board")),
                            owned(child("Card")))
                    .design();
            assertThat(findings(design)).as("%s", step).anyMatch(f -> f.contains("several") && f.contains("Board"));
            new Play(design)
                    .does("press \"more\" of \"Desk\"")
                    .does("press \"go\" of \"Desk\"")
                    .faults(Fault.Rule.X3)
                    .opens("Desk", "Board");
        }
    }

    @Test
    void R1_a_main_window_is_named_by_its_name_while_only_one_is_open() {
        var design = design().start(alongside("Desk"), alongside("Book"))
                .with(
                        main(
                                "Desk",
                                button("more", alongside("Book").handing(bivouac.design.Given.of("n", "1"))),
                                button("go", closes("Book"))),
                        main("Book").taking(List.of(bivouac.design.Take.of("n", bivouac.design.Type.WHOLE))))
                .design();
        new Play(design)
                .does("press \"more\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3);
        new Play(design).does("press \"go\" of \"Desk\"").sees("Book ends closed");
    }

    @Test
    void W5_a_foreground_task_blocks_every_window_of_the_scene() {
        withMain(main("Desk", button("go", alongside("Plan"), run("work"))), child("Plan"))
                .works(task("work", "done"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .blocks("Desk", "Plan")
                .does("task \"work\" ends \"done\" of \"Desk\"")
                .blocks();
    }

    @Test
    void O3_C9_one_brought_back_under_a_hidden_owner_stays_hidden() {
        var card = owned(child("Card")).living(Optional.of(new Instances.Single()), true);
        var play = withMain(
                        main(
                                "Desk",
                                button("board", alongside("Board")),
                                button("hide", hide("Board")),
                                button("card", alongside("Card"))),
                        child("Board").at(FacedWindow.Moment.OPENED, Script.of(alongside("Card"))),
                        card)
                .play()
                .does("press \"board\" of \"Desk\"")
                .does("press \"hide\" of \"Desk\"")
                .does("press \"card\" of \"Desk\"")
                .sees("Card comes to the front");
        assertThat(play.window("Card").hidden()).isTrue();
        assertThat(findings(play.rehearsal().machine().program().design())).anyMatch(f -> f.contains("stays hidden"));
    }
}

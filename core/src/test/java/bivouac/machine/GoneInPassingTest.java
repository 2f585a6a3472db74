package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.design.Variable;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is said of a window that goes, or comes to the front, while the same event still runs on (O9, V2, P3, S1). */
class GoneInPassingTest {

    private static final Step.Open KEEPING =
            new Step.Open("Card", new Manner.Alongside(), Optional.empty(), List.of(), Optional.of("mine"), List.of());

    private static FacedWindow counting(FacedWindow window) {
        return window.living(Optional.of(new Instances.Single()), window.owned())
                .holding(List.of(Variable.of("n", Type.WHOLE, "3")));
    }

    private static FacedWindow keeper(Part... parts) {
        return main("Desk", parts)
                .holding(List.of(new Variable(Name.of("mine"), new Type.WindowOf("Card"), Optional.empty(), false)));
    }

    @Test
    void O9_a_window_that_a_value_means_is_none_as_soon_as_it_has_gone() {
        withMain(
                        keeper(
                                button("open", KEEPING),
                                button("go", note("{mine.n}"), closes("Card"), note("{mine.n}"))),
                        counting(child("Card")))
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “3”", "Card ends closed")
                .faults(Fault.Rule.X3);
    }

    @Test
    void O9_so_it_is_in_the_branch_that_runs_when_it_has_closed() {
        Step.Open kept = new Step.Open(
                "Card",
                new Manner.Alongside(),
                Optional.empty(),
                List.of(),
                Optional.of("it"),
                List.of(when("closed", note("gone"), note("{it.n}"))));
        Play play = withMain(main("Desk", button("open", kept, note("{it.n}"))), counting(child("Card")))
                .play()
                .does("press \"open\" of \"Desk\"")
                .seesAmongOthers("notes “3”")
                .does("close box of \"Card\"")
                .seesAmongOthers("notes “gone”")
                .faults(Fault.Rule.X3);
        assertThat(play.seen()).doesNotContain("notes “3”");
    }

    @Test
    void V2_an_opener_that_has_gone_is_none_for_the_rest_of_the_script_too() {
        withMain(
                        main("Desk", button("board", alongside("Board"))),
                        counting(child("Board", button("card", alongside("Card")))),
                        child("Card", button("go", note("{opener.n}"), closes("Board"), note("{opener.n}"))))
                .play()
                .does("press \"board\" of \"Desk\"")
                .does("press \"card\" of \"Board\"")
                .does("press \"go\" of \"Card\"")
                .seesAmongOthers("notes “3”", "Board ends closed")
                .faults(Fault.Rule.X3);
    }

    @Test
    void P3_a_live_title_that_has_a_fault_is_told_at_rest_with_its_window() {
        Play play = withMain(main("Desk", button("go", set("app.n", "0")), button("other"))
                        .titled("{10 / app.n} left"))
                .variable("n", Type.WHOLE, "5")
                .play()
                .hasNoFault();
        assertThat(play.titles()).containsExactly("2 left");
        play.does("press \"go\" of \"Desk\"").faults(Fault.Rule.X3);
        assertThat(play.rehearsal().present().seen())
                .anyMatch(s ->
                        s instanceof Sighting.Faulted(Fault f) && f.message().startsWith("Desk, title: "));
    }

    @Test
    void S1_a_window_comes_to_the_front_when_one_of_its_rows_is_chosen_or_done_with() {
        Part list = Part.ListOfRows.of("guests", "Guests", new Type.Column("name", Type.TEXT))
                .starting(List.of(List.of("Orla"), List.of("Tam")))
                .at(Part.RowMoment.ACTIVATED, bivouac.design.Script.of(note("x")));
        Play play = withMain(main("Desk", list), child("Note", button("other")))
                .start(alongside("Desk"), alongside("Note"))
                .play();
        assertThat(play.open()).containsExactly("Desk", "Note");
        play.does("select row 2 in \"guests\" of \"Desk\"");
        assertThat(play.open()).containsExactly("Note", "Desk");
        play.does("press \"other\" of \"Note\"");
        assertThat(play.open()).containsExactly("Desk", "Note");
        play.does("activate row in \"guests\" of \"Desk\"");
        assertThat(play.open()).containsExactly("Note", "Desk");
    }
}

package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.DepartureRule;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** In which order windows are asked and closed: those the design lists, the target, the others, each before what it owns (C4, C5, D2). */
class AskingOrderTest {

    private static FacedWindow asked(FacedWindow window) {
        return before(window, note(window.name().shown()));
    }

    /** A desk to which the departure is tied, and three children. */
    private static Play.Making desk() {
        return withMain(asked(main(
                        "Desk", button("go", alongside("A"), alongside("B"), alongside("C")), button("end", end()))))
                .with(asked(child("A")), asked(child("B")), asked(child("C")))
                .departs(new DepartureRule.WithWindow("Desk"));
    }

    private static List<String> asked(Play.Making making, String event) {
        Play play = making.play().does("press \"go\" of \"Desk\"").does(event);
        return play.seen().stream()
                .filter(s -> s.startsWith("notes"))
                .map(s -> s.substring(7, s.length() - 1))
                .toList();
    }

    private static final String CLOSES = "close box of \"Desk\"";
    private static final String ENDS = "press \"end\" of \"Desk\"";

    @Test
    void D2_without_a_list_the_window_that_asked_comes_first_and_the_others_from_last_to_first() {
        assertThat(asked(desk(), CLOSES)).containsExactly("Desk", "C", "B", "A");
        assertThat(asked(desk(), ENDS)).containsExactly("C", "B", "A", "Desk");
    }

    @Test
    void D2_what_is_listed_comes_before_it_in_the_order_of_the_list() {
        assertThat(asked(desk().askingFirst("A"), CLOSES)).containsExactly("A", "Desk", "C", "B");
        assertThat(asked(desk().askingFirst("A", "C"), CLOSES)).containsExactly("A", "C", "Desk", "B");
        assertThat(asked(desk().askingFirst("C", "A"), ENDS)).containsExactly("C", "A", "B", "Desk");
    }

    @Test
    void D2_a_window_that_asked_and_is_listed_has_its_place_in_the_list() {
        assertThat(asked(desk().askingFirst("B", "Desk"), CLOSES)).containsExactly("B", "Desk", "C", "A");
        assertThat(asked(desk().askingFirst("Desk", "B"), ENDS)).containsExactly("Desk", "B", "C", "A");
    }

    @Test
    void D2_a_list_that_turns_the_order_of_two_windows_round_is_kept_to() {
        Play.Making two = withMain(asked(main("Desk", button("go", alongside("A")), button("end", end()))))
                .with(asked(child("A")));
        assertThat(asked(two, ENDS)).containsExactly("A", "Desk");
        assertThat(asked(two.askingFirst("Desk"), ENDS)).containsExactly("Desk", "A");
    }

    @Test
    void C4_C5_all_that_a_window_owns_is_asked_after_it_branch_by_branch_and_closes_before_it() {
        Play play = withMain(
                        main("Main", button("start", alongside("Root"))),
                        asked(child("Root", button("go", alongside("P"), alongside("R")))),
                        asked(owned(child("P", button("own", alongside("Q"))))),
                        asked(owned(child("Q"))),
                        asked(owned(child("R"))))
                .play()
                .does("press \"start\" of \"Main\"")
                .does("press \"go\" of \"Root\"")
                .does("press \"own\" of \"P\"")
                .does("close box of \"Root\"");
        assertThat(play.seen())
                .containsExactly(
                        "notes “Root”",
                        "notes “R”",
                        "notes “P”",
                        "notes “Q”",
                        "R ends closed",
                        "Q ends closed",
                        "P ends closed",
                        "Root ends closed");
    }

    @Test
    void D2_of_one_window_for_each_key_the_order_is_by_key_whichever_was_opened_first() {
        FacedWindow card = before(child("Card"), note("{takes.n}"))
                .taking(List.of(Take.of("n", Type.WHOLE)))
                .living(Optional.of(new Instances.OneForEach("n")), false);
        Step[] opens = java.util.stream.Stream.of("2", "3", "1")
                .map(n -> (Step) alongside("Card").handing(Given.of("n", n)))
                .toArray(Step[]::new);
        Play play = withMain(main("Desk", button("go", opens), button("end", end())), card)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"end\" of \"Desk\"");
        assertThat(play.seen()).containsSubsequence("notes “1”", "notes “2”", "notes “3”");
    }

    @Test
    void O8_in_place_of_itself_by_what_is_open_already_brings_that_to_the_front() {
        withMain(main("Main"), child("Old", button("go", inPlace("Plan"))))
                .with(child("Plan").living(Optional.of(new Instances.Single()), false))
                .start(alongside("Main"), alongside("Plan"), alongside("Old"))
                .play()
                .does("press \"go\" of \"Old\"")
                .sees("Plan comes to the front", "Old ends closed")
                .opens("Main", "Plan");
    }
}

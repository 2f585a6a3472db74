package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.design.Variable;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Results that arrive while others are dealt with, and what is said of who waits for whom. */
class ArrivalsTest {

    private static Step owned(String window, String by, Step.Branch... branches) {
        return new Step.Open(
                window,
                new Manner.Alongside(),
                Optional.of(new Target.Single(by)),
                List.of(),
                Optional.empty(),
                List.of(branches));
    }

    /** Three windows of one owner, opened from elsewhere; what is done at the end of each asks first. */
    private static Play three() {
        return withMain(
                        main(
                                "Desk",
                                button("board", alongside("Board")),
                                button(
                                        "open",
                                        owned("A", "Board", when("closed", waits("Told A"), note("a"))),
                                        owned("B", "Board", when("closed", waits("Told B"), note("b"))),
                                        owned("C", "Board", when("closed", note("c"))))),
                        single(child("Board")),
                        single(bivouac.machine.Play.owned(child("A"))),
                        single(bivouac.machine.Play.owned(child("B"))),
                        single(bivouac.machine.Play.owned(child("C"))))
                .with(box("Told A", "OK"), box("Told B", "OK"))
                .play()
                .does("press \"board\" of \"Desk\"")
                .does("press \"open\" of \"Desk\"");
    }

    @Test
    void W3_results_that_arrive_together_are_dealt_with_one_after_the_other_in_the_order_of_their_arrival() {
        Play play = three().does("close box of \"Board\"");
        List<String> first = play.seen();
        assertThat(play.open()).hasSize(2);
        List<String> boxes = new java.util.ArrayList<>();
        List<String> notes = new java.util.ArrayList<>(notes(first));
        while (play.open().size() > 1) {
            String box = play.open().getLast();
            boxes.add(box);
            play.does("answer \"ok\" of \"" + box + "\"");
            notes.addAll(notes(play.seen()));
        }
        assertThat(boxes).containsExactlyInAnyOrder("Told A", "Told B");
        assertThat(notes).containsExactlyInAnyOrder("notes “a”", "notes “b”", "notes “c”");
        // the order is that of closing: what was told first was asked first
        List<String> ends = first.stream()
                .filter(s -> s.matches("[ABC] ends closed"))
                .map(s -> s.substring(0, 1))
                .toList();
        List<String> asked = boxes.stream().map(b -> b.substring(5)).toList();
        assertThat(ends.stream().filter(asked::contains)).containsExactlyElementsOf(asked);
    }

    private static List<String> notes(List<String> seen) {
        return seen.stream().filter(s -> s.startsWith("notes")).toList();
    }

    @Test
    void W3_a_situation_with_results_that_wait_is_kept_whole() {
        Play play = three().does("close box of \"Board\"");
        Machine machine = play.rehearsal().machine();
        assertThat(machine.again(play.state())).isEqualTo(play.state());
    }

    @Test
    void B1_what_a_window_is_blocked_by_is_what_a_person_would_deal_with_first() {
        Play play = withMain(
                        main("Desk", button("board", alongside("Board")), button("ask", waits("First"))),
                        single(child("Board", button("own", waitsForOwner("Own")))),
                        single(bivouac.machine.Play.owned(dialog("First", button("again", waits("Second"))))),
                        single(bivouac.machine.Play.owned(dialog("Second"))),
                        single(bivouac.machine.Play.owned(dialog("Own"))))
                .play()
                .does("press \"board\" of \"Desk\"")
                .does("press \"own\" of \"Board\"");
        assertThat(words(play, "Board")).isEqualTo("blocked by Own");
        assertThat(play.window("Desk").blockedBy()).isEmpty();
        play.does("press \"ask\" of \"Desk\"");
        assertThat(words(play, "Board")).isEqualTo("blocked by First");
        assertThat(words(play, "Own")).isEqualTo("blocked by First");
        play.does("press \"again\" of \"First\"");
        for (String window : List.of("Desk", "Board", "Own", "First")) {
            assertThat(words(play, window)).isEqualTo("blocked by Second");
        }
        assertThat(play.window("Second").blockedBy()).isEmpty();
    }

    @Test
    void B5_a_window_whose_script_waits_says_for_whom_and_closing_says_who_asks() {
        Play play = withMain(main("Desk", button("go", waitsForOwner("Card"))), before(dialog("Card"), waits("Sure")))
                .with(box("Sure", "OK"))
                .play()
                .does("press \"go\" of \"Desk\"");
        assertThat(words(play, "Desk")).contains("Card");
        play.does("close box of \"Card\"");
        assertThat(words(play, "Card")).isEqualTo("blocked by Sure");
        assertThat(words(play, "Desk")).isEqualTo("blocked by Sure");
    }

    @Test
    void B6_a_window_still_to_be_asked_says_whose_question_it_waits_for() {
        Play play = withMain(
                        main("Desk", button("plan", alongside("Plan")), button("end", end())),
                        before(single(child("Plan")), waitsForOwner("Sure")))
                .with(single(bivouac.machine.Play.owned(dialog("Sure", button("on", waitsForOwner("Really"))))))
                .with(single(bivouac.machine.Play.owned(dialog("Really"))))
                .play()
                .does("press \"plan\" of \"Desk\"")
                .does("press \"end\" of \"Desk\"");
        assertThat(words(play, "Plan")).isEqualTo("blocked by Sure");
        assertThat(words(play, "Desk")).as("asked after the plan").isEqualTo("blocked by Sure");
        play.does("press \"on\" of \"Sure\"");
        assertThat(words(play, "Desk")).as("the latest question").isEqualTo("blocked by Really");
    }

    @Test
    void B5_a_window_whose_script_waits_for_what_another_owns_says_so() {
        Play play = withMain(
                        main(
                                "Desk",
                                button("board", alongside("Board")),
                                button(
                                        "ask",
                                        new Step.Open(
                                                "Card",
                                                new Manner.WaitsForOwner(),
                                                Optional.of(new Target.Single("Board")),
                                                List.of(),
                                                Optional.empty(),
                                                List.of()))),
                        single(child("Board")),
                        single(bivouac.machine.Play.owned(dialog("Card"))))
                .play()
                .does("press \"board\" of \"Desk\"")
                .does("press \"ask\" of \"Desk\"");
        assertThat(words(play, "Board")).isEqualTo("blocked by Card");
        assertThat(words(play, "Desk")).isEqualTo("blocked: its script waits for Card");
    }

    private static String words(Play play, String window) {
        return play.window(window).blockedBy().orElseThrow().words();
    }

    @Test
    void O9_a_window_that_is_open_already_is_kept_by_whoever_opens_it_again() {
        Step keeping = new Step.Open(
                "Card", new Manner.Alongside(), Optional.empty(), List.of(), Optional.of("mine"), List.of());
        FacedWindow card = single(child("Card")).holding(List.of(Variable.of("n", Type.WHOLE, "3")));
        FacedWindow board = single(child("Board", button("open", keeping), button("read", note("{mine.n}"))))
                .holding(List.of(new Variable(
                        bivouac.design.Name.of("mine"), new Type.WindowOf("Card"), Optional.empty(), false)));
        withMain(main("Desk", button("card", alongside("Card")), button("board", alongside("Board"))), board, card)
                .play()
                .does("press \"card\" of \"Desk\"")
                .does("press \"board\" of \"Desk\"")
                .does("press \"read\" of \"Board\"")
                .faults(Fault.Rule.X3)
                .does("press \"open\" of \"Board\"")
                .does("press \"read\" of \"Board\"")
                .sees("notes “3”");
    }

    @Test
    void C6_what_a_way_out_gives_reaches_who_waits() {
        FacedWindow card = dialog("Card")
                .ending(List.of(bivouac.design.Ending.of("done", bivouac.design.Ending.Give.of("n", Type.WHOLE))))
                .leaving(
                        bivouac.design.Way.ESCAPE,
                        new bivouac.design.WayOut.LeadsTo(
                                "done", List.of(bivouac.design.Given.of("n", "6 * 7")), false));
        withMain(main("Desk", button("go", waits("Card", when("done", note("{result.n}"))))), card)
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("Escape of \"Card\"")
                .seesAmongOthers("notes “42”");
    }
}

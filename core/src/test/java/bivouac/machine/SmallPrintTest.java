package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What rules say beside what they are mostly about. Each was changed by a mutation test once, and no other test noticed. */
class SmallPrintTest {

    private static Step reach(Step.Reach.How how, Target target) {
        return new Step.Reach(how, target);
    }

    private static FacedWindow many(FacedWindow window) {
        return window.living(Optional.of(new Instances.Many()), window.owned());
    }

    @ParameterizedTest
    @CsvSource({"-1, false", "0, true", "255, true", "256, false"})
    void D5_exit_codes_go_from_0_to_255(int code, boolean isOne) {
        var play = withMain(main("Desk", button("go", ends(code, "")))).play().does("press \"go\" of \"Desk\"");
        if (isOne) {
            play.hasNoFault().ended(code);
        } else {
            play.faults(Fault.Rule.X3).runs();
        }
    }

    @Test
    void what_is_set_in_another_window_is_seen_with_its_name() {
        FacedWindow card = single(child("Card")).holding(List.of(Variable.of("n", Type.WHOLE, "0")));
        withMain(
                        main(
                                "Desk",
                                button("open", alongside("Card")),
                                button("go", new Step.SetIn("n", new Target.Single("Card"), new Expression("7")))),
                        card)
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .sees("sets Card.n to 7");
    }

    @Test
    void C9_every_window_of_a_kind_is_hidden_shown_and_brought_to_the_front() {
        var all = new Target.Every("Card");
        var play = withMain(
                        main(
                                "Desk",
                                button("open", alongside("Card")),
                                button("hide", reach(Step.Reach.How.HIDE, all)),
                                button("show", reach(Step.Reach.How.SHOW, all)),
                                button("front", reach(Step.Reach.How.BRING_TO_FRONT, all))),
                        many(child("Card")))
                .play()
                .does("press \"open\" of \"Desk\"")
                .does("press \"open\" of \"Desk\"")
                .does("press \"hide\" of \"Desk\"");
        assertThat(hidden(play)).containsExactlyInAnyOrder(true, true, false);
        play.does("press \"show\" of \"Desk\"");
        assertThat(hidden(play)).containsOnly(false);
        assertThat(play.does("press \"front\" of \"Desk\"").seen())
                .hasSize(2)
                .allMatch(s -> s.contains("to the front"));
    }

    private static List<Boolean> hidden(Play play) {
        return play.rehearsal().scene().windows().stream()
                .map(Scene.OpenWindow::hidden)
                .toList();
    }

    @Test
    void X9_a_window_is_not_hidden_while_one_that_it_owns_is_waited_for_and_else_it_is() {
        var play = withMain(
                        main("Desk", button("board", alongside("Board")), button("other", alongside("Other"))),
                        single(child("Board", button("ask", waitsForOwner("Card")))),
                        single(child(
                                "Other",
                                button("hide", hide("Board")),
                                button("card", hide("Card")),
                                button("self", hide("Other")))),
                        single(owned(dialog("Card"))))
                .play()
                .does("press \"board\" of \"Desk\"")
                .does("press \"other\" of \"Desk\"")
                .does("press \"ask\" of \"Board\"")
                .does("press \"hide\" of \"Other\"")
                .faults(Fault.Rule.X9)
                .does("press \"card\" of \"Other\"")
                .faults(Fault.Rule.X9)
                .does("press \"self\" of \"Other\"")
                .hasNoFault();
        assertThat(play.window("Board").hidden()).isFalse();
        assertThat(play.window("Other").hidden()).isTrue();
    }

    @Test
    void R1_a_window_whose_close_box_is_refused_is_in_front_then() {
        withMain(
                        main("Desk", button("go", alongside("Low"), alongside("High"))),
                        before(child("Low"), stay()),
                        child("High"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .stacks("Desk", "Low", "High")
                .does("close box of \"Low\"")
                .stacks("Desk", "High", "Low");
    }

    @Test
    void P2_a_link_is_offered_like_a_button() {
        Part link = Part.Link.of("site", "The site", "");
        Play play = withMain(main("Desk", link)).play();
        assertThat(play.rehearsal().machine().events(play.state())).contains(new Event.Press(0, 0));
    }

    @ParameterizedTest
    @CsvSource({"true", "false"})
    void V4_a_timer_of_a_window_that_fires_once_is_off_then_and_one_that_does_not_goes_on(boolean once) {
        Timer timer = Timer.of("clock", "1").firing(Script.of(note("tick")));
        Routines routines = new Routines(List.of(), List.of(once ? timer.onlyOnce() : timer));
        var play = withMain(main("Desk", button("on", new Step.TurnTimer(Step.TurnTimer.How.START, "clock")))
                        .with(routines))
                .play()
                .does("press \"on\" of \"Desk\"")
                .does("timer \"clock\" of \"Desk\" fires");
        assertThat(play.can("timer \"clock\" of \"Desk\" fires")).isEqualTo(!once);
    }

    @Test
    void X6_says_whether_steps_were_too_many_or_scripts_too_deep() {
        FacedWindow card = many(child("Card")).at(FacedWindow.Moment.OPENED, Script.of(waits("Card")));
        Play deep =
                withMain(main("Desk", button("go", waits("Card"))), card).play().does("press \"go\" of \"Desk\"");
        assertThat(deep.seen()).anyMatch(s -> s.contains("scripts and requests stand on each other"));
        Play wide = withMain(main("Desk", button("go", new Step.Repeat(Script.of(new Step.Again())))))
                .play()
                .does("press \"go\" of \"Desk\"");
        assertThat(wide.seen()).anyMatch(s -> s.contains("ran more than 10000 steps"));
    }

    @Test
    void O1_only_what_is_not_open_yet_is_opened_with_samples() {
        Design design = withMain(main("Desk", button("go", alongside("Card"))), single(child("Card")), child("Many"))
                .design();
        var play = new Play(design);
        var single = new Event.OpenWithSamples("Card");
        assertThat(play.rehearsal().machine().isPossible(play.state(), single)).isTrue();
        play.does("press \"go\" of \"Desk\"");
        assertThat(play.rehearsal().machine().isPossible(play.state(), single)).isFalse();
        assertThat(play.rehearsal().machine().isPossible(play.state(), new Event.OpenWithSamples("Many")))
                .isTrue();
    }

    // A refusal leaves nothing behind

    private static FacedWindow giving(String name, Step... before) {
        return before(child(name), before)
                .ending(List.of(Ending.of("done", Ending.Give.of("n", Type.WHOLE))))
                .leaving(Way.CLOSE_BOX, new WayOut.LeadsTo("done", List.of(Given.of("n", "5")), false))
                .leaving(Way.DEPARTURE, new WayOut.LeadsTo("done", List.of(Given.of("n", "6")), false));
    }

    @Test
    void D2_what_was_to_be_given_in_a_departure_that_is_refused_is_forgotten() {
        var play = withMain(
                        main("Desk", button("open", alongside("First"), alongside("Second")), button("exit", end())),
                        giving("First", stay()),
                        giving("Second"))
                .play()
                .does("press \"open\" of \"Desk\"");
        var before = play.state();
        play.does("press \"exit\" of \"Desk\"").runs();
        assertThat(play.state()).isEqualTo(before);
        play.does("close box of \"Second\"").sees("Second ends done");
    }

    @Test
    void O8_a_window_that_stays_since_the_new_one_could_not_open_is_as_it_was() {
        FacedWindow desk = main(
                "Desk",
                button(
                        "go",
                        new Step.Open(
                                "Chart",
                                new bivouac.design.Manner.InPlace("done", List.of(Given.of("n", "3"))),
                                Optional.empty(),
                                List.of(),
                                Optional.empty(),
                                List.of(when("could not")))));
        FacedWindow gives = desk.ending(List.of(Ending.of("done", Ending.Give.of("n", Type.WHOLE))));
        var play = withMain(gives, child("Chart").failing(true)).play();
        var before = play.state();
        play.does("press \"go\" of \"Desk\"")
                .does("task \"opening Chart\" ends \"could not\" of \"Desk\"")
                .hasNoFault();
        assertThat(play.state()).isEqualTo(before);
        play.does("press \"go\" of \"Desk\"")
                .does("task \"opening Chart\" ends \"done\" of \"Desk\"")
                .opens("Chart");
    }

    @Test
    void D7_after_a_kill_nothing_is_left_of_what_ran() {
        var waiting = withMain(main("Desk", button("go", waits("Card")), button("load", background())), dialog("Card"))
                .works(task("load", "done"))
                .play()
                .does("press \"load\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"");
        var idle = new Play(waiting.rehearsal().machine().program().design());
        waiting.does("killed");
        idle.does("killed");
        assertThat(waiting.rehearsal().scene().windows()).isEmpty();
        assertThat(waiting.state()).isEqualTo(idle.state());
    }

    @Test
    void P2_enter_presses_the_default_button_and_nothing_where_there_is_none() {
        Part plain = button("plain", note("plain"));
        var none = withMain(main("Desk", plain))
                .play()
                .rehearsal()
                .scene()
                .windows()
                .getFirst();
        assertThat(Machine.defaultButton(none)).isEmpty();
        var play = withMain(main(
                        "Desk",
                        plain,
                        new Part.Button(
                                bivouac.design.Name.of("ask"),
                                "Ask",
                                true,
                                bivouac.design.Each.ONCE,
                                Script.of(waits("Sure")),
                                bivouac.design.Traits.USUAL)))
                .with(box("Sure", "Yes", "No"))
                .play();
        assertThat(Machine.defaultButton(play.rehearsal().scene().windows().getFirst()))
                .contains(1);
        play.does("press \"ask\" of \"Desk\"");
        Scene.OpenWindow sure = play.window("Sure");
        var design = (bivouac.design.MessageBox) sure.design();
        assertThat(Machine.defaultButton(sure).map(i -> design.answers().get(i).ending()))
                .isEqualTo(design.byDefault());
    }

    @Test
    void V1_a_first_value_that_is_none_is_told_at_the_start_and_the_rest_begins() {
        var play = withMain(main("Desk", button("tell", note("{app.n}"))))
                .variable("n", Type.WHOLE, "1 / 0")
                .play();
        assertThat(play.seen()).anyMatch(s -> s.startsWith("fault X3"));
        play.does("press \"tell\" of \"Desk\"").sees("notes “0”");
    }

    // Events that name what there is not

    @Test
    void E1_an_event_that_names_what_there_is_not_is_not_possible_and_breaks_nothing() {
        var pick = bivouac.design.Picker.of(bivouac.design.Name.of("Day"), bivouac.design.Picker.Of.DATE);
        var file = bivouac.design.FileDialog.of(bivouac.design.Name.of("Pick"), bivouac.design.FileDialog.Asks.ONE);
        var play = withMain(main(
                                "Desk",
                                button("ask", waits("Sure")),
                                button("day", waits("Day")),
                                button("pick", waits("Pick")),
                                button("load", background()))
                        .with(new Routines(List.of(), List.of(Timer.of("clock", "1")))))
                .with(box("Sure", "Yes", "No"), pick, file)
                .works(task("load", "done"))
                .play()
                .does("press \"load\" of \"Desk\"");
        impossible(
                play,
                new Event.Press(-1, 0),
                new Event.Press(1, 0),
                new Event.Press(0, -1),
                new Event.Press(0, 4),
                new Event.Tick(0, 0),
                new Event.CloseBox(1),
                new Event.Escape(-1),
                new Event.TimerFires(0, 1),
                new Event.TimerFires(0, -1),
                new Event.TimerFires(1, 0),
                new Event.TimerFires(-1, 0),
                new Event.TaskEnds(1, 0),
                new Event.TaskEnds(0, 2),
                new Event.TaskEnds(0, -1),
                new Event.Answer(0, 0));
        play.does("press \"ask\" of \"Desk\"");
        int box = instance(play, "Sure");
        impossible(play, new Event.Answer(box, -1), new Event.Answer(box, 2), new Event.Answer(1 - box, 0));
        play.does("answer \"no\" of \"Sure\"").does("press \"pick\" of \"Desk\"");
        int dialog = instance(play, "Pick");
        String there = play.rehearsal().machine().events(play.state()).stream()
                .filter(Event.Choose.class::isInstance)
                .map(e -> ((Event.Choose) e).paths().getFirst())
                .findFirst()
                .orElseThrow();
        assertThat(play.rehearsal().machine().isPossible(play.state(), new Event.Choose(dialog, List.of(there), 0)))
                .isTrue();
        impossible(
                play,
                new Event.Choose(dialog, List.of(there), -1),
                new Event.Choose(dialog, List.of(there), 1),
                new Event.Choose(dialog, List.of(), 0),
                new Event.Choose(dialog, List.of("/nowhere"), 0),
                new Event.Pick(dialog, "2026-01-01"));
    }

    private static int instance(Play play, String window) {
        return play.window(window).instance();
    }

    private static void impossible(Play play, Event... events) {
        for (Event event : events) {
            assertThat(play.rehearsal().machine().isPossible(play.state(), event))
                    .as("%s", event)
                    .isFalse();
        }
    }

    private static Step background() {
        return new Step.RunTask("load", true, false, List.of(), Optional.empty(), List.of(when("done")));
    }
}

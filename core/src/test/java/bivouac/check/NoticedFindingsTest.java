package bivouac.check;

import static bivouac.check.OfSituations.*;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.ways.Repair;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.Part;
import bivouac.design.Promise;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Walkthrough;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is no fault and seldom meant: each with a design that shows it, and one that nearly does. */
class NoticedFindingsTest {

    // Refusals

    private static FacedWindow form(Step... beforeClosing) {
        return before(
                child("Form", button("good", set("me.good", "true")))
                        .holding(List.of(Variable.of("good", Type.YESNO, "false"))),
                beforeClosing);
    }

    @Test
    void a_refusal_without_a_word_is_told_with_the_trail_to_it() {
        Design design = withMain(main("Desk", button("go", alongside("Form"))), form(onlyIf("!me.good", stay())))
                .design();
        Finding found = one(design, Kind.REFUSES_SILENTLY);
        assertThat(found.what())
                .isEqualTo("The close box of Form can be refused without a word, as often as it is used.");
        assertThat(found.trail()).contains(List.of("press \"go\" of \"Desk\"", "close box of \"Form\""));
        assertThat(found.isExplored()).isTrue();
        putRight(design, Kind.REFUSES_SILENTLY);
    }

    @Test
    void a_refusal_that_says_something_is_none() {
        Design says = withMain(
                        main("Desk", button("go", alongside("Form"))), form(onlyIf("!me.good", waits("Why"), stay())))
                .with(box("Why", "ok"))
                .design();
        none(says, Kind.REFUSES_SILENTLY);
        Design shows = withMain(
                        main("Desk", button("go", alongside("Form"))),
                        form(onlyIf("!me.good", set("title", "'Not good yet'"), stay())))
                .design();
        none(shows, Kind.REFUSES_SILENTLY);
    }

    // Twice

    private static FacedWindow card() {
        return child("Card").taking(List.of(Take.of("guest", Type.TEXT)));
    }

    private static Step opens(String guest) {
        return alongside("Card").handing(bivouac.design.Given.of("guest", guest));
    }

    @Test
    void a_window_that_is_open_twice_for_the_same_is_told_and_put_right_with_one_press() {
        Design design =
                withMain(main("Desk", button("go", opens("'Orla'"))), card()).design();
        Finding found = one(design, Kind.OPEN_TWICE);
        assertThat(found.what()).isEqualTo("Card can be open twice, both for the same.");
        assertThat(found.trail()).contains(List.of("press \"go\" of \"Desk\"", "press \"go\" of \"Desk\""));
        Repair repair = found.repairs().getFirst();
        assertThat(repair.words()).isEqualTo("One for each guest");
        Design right = repair.in(design);
        assertThat(right.faced("Card").orElseThrow().instances()).contains(new Instances.OneForEach("guest"));
        none(right, Kind.OPEN_TWICE);
    }

    @Test
    void a_window_that_may_be_open_often_or_is_open_for_others_is_none() {
        FacedWindow often = card().living(Optional.of(new Instances.Many()), false);
        none(withMain(main("Desk", button("go", opens("'Orla'"))), often).design(), Kind.OPEN_TWICE);
        FacedWindow single = child("Plan");
        none(withMain(main("Desk", button("go", alongside("Plan"))), single).design(), Kind.OPEN_TWICE);
        FacedWindow dialog = dialog("Ask");
        none(withMain(main("Desk", button("go", waits("Ask"))), dialog).design(), Kind.OPEN_TWICE);
    }

    @Test
    void a_dialog_beside_its_owner_that_opens_again_is_told_as_one_only() {
        Design design = withMain(main("Desk", button("go", alongside("Ask"))), dialog("Ask"))
                .design();
        Repair repair = one(design, Kind.OPEN_TWICE).repairs().getFirst();
        assertThat(repair.words()).isEqualTo("One only");
        none(repair.in(design), Kind.OPEN_TWICE);
    }

    @Test
    void a_start_that_opens_a_window_twice_is_told_without_any_event() {
        Design design = withMain(main("Desk"))
                .with(card())
                .start(alongside("Desk"), opens("'Orla'"), opens("'Orla'"))
                .design();
        assertThat(one(design, Kind.OPEN_TWICE).trail()).contains(List.of());
        none(
                withMain(main("Desk"))
                        .with(card())
                        .start(alongside("Desk"), opens("'Orla'"), opens("'Tam'"))
                        .design(),
                Kind.OPEN_TWICE);
    }

    // Behind others

    @Test
    void what_the_application_asks_while_windows_are_open_can_get_behind_them() {
        Timer nags = Timer.of("nags", "60").firing(Script.of(waits("Nag")));
        Design design = withMain(main("Desk"))
                .with(box("Nag", "ok"))
                .ticks(nags)
                .start(alongside("Desk"), new Step.TurnTimer(Step.TurnTimer.How.START, "nags"))
                .design();
        Finding found = one(design, Kind.HIDDEN_QUESTION);
        assertThat(found.what()).isEqualTo("Nag can get behind other windows while it is waited for.");
        assertThat(found.trail()).contains(List.of("timer \"nags\" fires"));
        Design atStart = withMain(main("Desk"))
                .with(box("Nag", "ok"))
                .start(waits("Nag"), alongside("Desk"))
                .design();
        none(atStart, Kind.HIDDEN_QUESTION);
        Design ofDesk = withMain(main("Desk", button("go", waits("Nag"))))
                .with(box("Nag", "ok"))
                .design();
        none(ofDesk, Kind.HIDDEN_QUESTION);
    }

    @Test
    void a_child_window_that_is_waited_for_and_not_owned_is_told_and_put_right() {
        Design design = withMain(main("Desk", button("go", waits("Card"))))
                .with(child("Card"))
                .design();
        Finding found = one(design, Kind.HIDDEN_QUESTION);
        assertThat(found.why()).startsWith("It is a child window that nothing owns; ");
        Repair repair = found.repairs().getFirst();
        assertThat(repair.words()).isEqualTo("Owned by its opener");
        none(repair.in(design), Kind.HIDDEN_QUESTION);
    }

    // Holdings

    private static final Holding LINK = Holding.of("link").ofTheApplication();

    private static List<String> holdings(Design design) {
        return all(design).stream()
                .filter(f -> f.kind() == Kind.HOLDING && f.isExplored())
                .map(Finding::what)
                .toList();
    }

    @Test
    void what_one_way_of_closing_gives_back_and_another_does_not_is_held_on() {
        Part done = button("done", giveBack("link"), close("closed"));
        FacedWindow console = child("Console", done).at(FacedWindow.Moment.OPENED, Script.of(take("link")));
        Design design = withMain(main("Desk", button("go", alongside("Console"))), console)
                .holds(LINK)
                .design();
        assertThat(holdings(design))
                .containsExactly("“link” can be held on after the windows that take it and give it back have closed.");
        FacedWindow careful =
                after(child("Console").at(FacedWindow.Moment.OPENED, Script.of(take("link"))), giveBack("link"));
        assertThat(holdings(withMain(main("Desk", button("go", alongside("Console"))), careful)
                        .holds(LINK)
                        .design()))
                .isEmpty();
    }

    @Test
    void what_is_given_back_while_a_later_one_is_held_is_out_of_order() {
        Holding screen = Holding.of("screen").ofTheApplication();
        Design design = withMain(
                        main("Desk", button("go", take("link"), take("screen")), button("back", giveBack("link"))))
                .holds(LINK, screen)
                .design();
        assertThat(holdings(design))
                .containsExactly("“link” can be given back while something that was taken after it is still held.");
        Design right = withMain(main(
                        "Desk",
                        button("go", take("link"), take("screen")),
                        button("back", giveBack("screen"), giveBack("link"))))
                .holds(LINK, screen)
                .design();
        assertThat(holdings(right)).isEmpty();
    }

    @Test
    void a_trace_that_nothing_looks_for_is_told_with_the_kill() {
        Design design = withMain(main("Desk", button("go", take("link"))))
                .holds(LINK.leavingATrace())
                .design();
        assertThat(holdings(design))
                .containsExactly("A kill leaves “link” behind, and the next start does not look for it.");
        assertThat(all(design).stream()
                        .filter(f -> f.what().startsWith("A kill"))
                        .findFirst()
                        .orElseThrow()
                        .trail())
                .contains(List.of("press \"go\" of \"Desk\"", "killed"));
        Design looks = withMain(main("Desk", button("go", take("link"))))
                .holds(LINK.leavingATrace())
                .start(onlyIf("'link' in app.traces", note("it was killed")), alongside("Desk"))
                .design();
        assertThat(holdings(looks)).isEmpty();
    }

    // Unsaved

    @Test
    void an_end_with_what_is_unsaved_and_no_question_is_told() {
        FacedWindow desk =
                main("Desk", button("change", set("app.unsaved", "true")), button("save", set("app.unsaved", "false")));
        Design design = withMain(desk).variable("unsaved", Type.YESNO, "false").design();
        Finding found = one(design, Kind.UNSAVED_LOST);
        assertThat(found.what()).isEqualTo("The application can end while “unsaved” is yes, and nobody is asked.");
        assertThat(found.trail()).contains(List.of("press \"change\" of \"Desk\"", "close box of \"Desk\""));
        putRight(design, Kind.UNSAVED_LOST);
        none(
                withMain(desk)
                        .variable("lampIsOn", Type.YESNO, "false")
                        .variable("unsaved", Type.TEXT, "''")
                        .design(),
                Kind.UNSAVED_LOST);
    }

    @Test
    void an_end_after_an_answer_or_a_save_or_against_a_promise_is_none() {
        FacedWindow asks = before(
                main("Desk", button("change", set("app.unsaved", "true"))),
                onlyIf("app.unsaved", waits("Sure", new Step.Branch("no", Script.of(stay())))));
        none(
                withMain(asks)
                        .with(box("Sure", "yes", "no"))
                        .variable("unsaved", Type.YESNO, "false")
                        .design(),
                Kind.UNSAVED_LOST);
        FacedWindow saves =
                before(main("Desk", button("change", set("app.unsaved", "true"))), set("app.unsaved", "false"));
        none(withMain(saves).variable("unsaved", Type.YESNO, "false").design(), Kind.UNSAVED_LOST);
        Design promised = withMain(main("Desk", button("change", set("app.unsaved", "true"))))
                .variable("unsaved", Type.YESNO, "false")
                .design()
                .promising(List.of(Promise.of("always at the end !app.unsaved")));
        assertThat(all(promised))
                .extracting(Finding::kind)
                .contains(Kind.BROKEN_PROMISE)
                .doesNotContain(Kind.UNSAVED_LOST);
    }

    // Walkthroughs against promises

    private static Design walked(String promise, String... lines) {
        return withMain(main("Desk", button("up", set("app.n", "app.n + 1")), button("zero", set("app.n", "0"))))
                .variable("n", Type.WHOLE, "0")
                .design()
                .promising(List.of(Promise.of(promise)))
                .walked(List.of(new Walkthrough("twice", TODAY, List.of(lines))));
    }

    @Test
    void a_walkthrough_that_shows_against_a_promise_is_told_with_the_event() {
        Design design = walked(
                "never app.n == 2",
                "press \"up\" of \"Desk\"",
                "press \"up\" of \"Desk\"",
                "press \"zero\" of \"Desk\"");
        Finding found = one(design, Kind.WALKTHROUGH_AGAINST_PROMISE);
        assertThat(found.what())
                .isEqualTo("The walkthrough “twice” shows against the promise “never app.n == 2”, after event 2.");
        assertThat(found.trail()).contains(List.of("press \"up\" of \"Desk\"", "press \"up\" of \"Desk\""));
        none(walked("never app.n == 2", "press \"up\" of \"Desk\""), Kind.WALKTHROUGH_AGAINST_PROMISE);
    }

    @Test
    void an_order_that_a_walkthrough_does_not_keep_is_told_and_one_that_it_keeps_is_not() {
        String promise = "after app.n == 1 comes app.n == 0 before app.n == 2";
        one(walked(promise, "press \"up\" of \"Desk\"", "press \"up\" of \"Desk\""), Kind.WALKTHROUGH_AGAINST_PROMISE);
        none(
                walked(promise, "press \"up\" of \"Desk\"", "press \"zero\" of \"Desk\"", "press \"up\" of \"Desk\""),
                Kind.WALKTHROUGH_AGAINST_PROMISE);
        one(
                walked(
                        "after app.n == 1 comes app.n == 0 before the end",
                        "press \"up\" of \"Desk\"",
                        "close box of \"Desk\""),
                Kind.WALKTHROUGH_AGAINST_PROMISE);
    }
}

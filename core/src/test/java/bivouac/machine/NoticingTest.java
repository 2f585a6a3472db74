package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What is noted of a situation and of a step, and what nearly looks like it and is not. */
class NoticingTest {

    private static final Holding LINK = Holding.of("link").ofTheApplication();
    private static final Holding SCREEN = Holding.of("screen").ofTheApplication();

    /** A design that is stepped through, one button after the other, and what is noted on the way. */
    private static final class Noted {
        private final Stepper stepper;
        private final Program program;

        Noted(Design design) {
            program = Program.of(design);
            stepper = new Stepper(new Machine(program), TODAY);
            stepper.start();
            Presses.open(stepper);
        }

        /** Presses the only button of a name that can be pressed. */
        private void step(String button) {
            stepper.step(Presses.numberOf(stepper, program, button));
        }

        /** Presses, without looking at what is noted. */
        Noted press(String button) {
            step(button);
            Presses.open(stepper);
            return this;
        }

        /** Presses, and answers what is noted of that step. */
        List<Notice.Kind> pressing(String button) {
            step(button);
            List<Notice.Kind> noted = told(stepper::noticeStep);
            Presses.open(stepper);
            return noted;
        }

        List<Notice.Kind> situation() {
            return told(stepper::noticeSituation);
        }

        private static List<Notice.Kind> told(Consumer<IntConsumer> by) {
            var told = new ArrayList<Notice.Kind>();
            by.accept(n -> told.add(Notice.of(n).kind()));
            return told;
        }
    }

    // Given back out of order

    @Test
    void each_step_is_held_against_what_was_held_before_it_and_not_before_others() {
        Design design = withMain(main(
                        "Desk",
                        button("both", take("link"), take("screen")),
                        button("link back", giveBack("link")),
                        button("screen back", giveBack("screen")),
                        button("other")))
                .holds(LINK, SCREEN)
                .design();
        var noted = new Noted(design);
        assertThat(noted.pressing("both")).isEmpty();
        assertThat(noted.pressing("other")).isEmpty();
        assertThat(noted.pressing("link back")).containsExactly(Notice.Kind.OUT_OF_ORDER);
        assertThat(noted.pressing("other")).isEmpty();
        assertThat(noted.pressing("screen back")).isEmpty();
        assertThat(noted.pressing("both")).isEmpty();
        assertThat(noted.pressing("screen back")).isEmpty();
        assertThat(noted.pressing("link back")).isEmpty();
    }

    @Test
    void what_windows_hold_of_their_own_has_no_order_between_them() {
        FacedWindow sheet = child("Sheet", button("let go", giveBack("lock")), button("done", close("closed")))
                .at(FacedWindow.Moment.OPENED, Script.of(take("lock")));
        Design design = withMain(main("Desk", button("mine", take("lock")), button("go", alongside("Sheet"))), sheet)
                .holds(Holding.of("lock"), LINK)
                .design();
        var noted = new Noted(design).press("mine").press("go");
        assertThat(noted.pressing("let go")).isEmpty();
    }

    // Held on

    /** Where a console takes the link, after what the start does. */
    private static Noted console(FacedWindow console, Step... start) {
        return new Noted(
                withMain(main("Desk", button("go", alongside("Console")), button("screen", take("screen"))), console)
                        .start(start)
                        .holds(LINK, SCREEN)
                        .design());
    }

    private static FacedWindow console(Step... done) {
        return child("Console", button("link on", take("link")), button("shut", close("closed")), button("done", done));
    }

    @Test
    void what_is_not_given_back_by_closing_on_any_way_may_be_held_on() {
        var noted = console(console(giveBack("link")), alongside("Desk"))
                .press("go")
                .press("link on");
        assertThat(noted.situation()).isEmpty();
        assertThat(noted.press("shut").situation()).isEmpty();
    }

    @Test
    void what_one_way_of_closing_gives_back_is_held_on_after_another() {
        var noted = console(console(giveBack("link"), close("closed")), alongside("Desk"))
                .press("go")
                .press("link on");
        assertThat(noted.situation()).as("the console is open").isEmpty();
        assertThat(noted.press("shut").situation()).containsExactly(Notice.Kind.HELD_ON);
        assertThat(noted.press("screen").situation())
                .as("the screen is nobody's in particular")
                .containsExactly(Notice.Kind.HELD_ON);
    }

    @Test
    void what_the_application_takes_itself_may_be_held_on() {
        var noted = console(console(giveBack("link"), close("closed")), take("link"), alongside("Desk"));
        assertThat(noted.situation()).isEmpty();
        assertThat(noted.press("go").press("shut").situation()).isEmpty();
    }

    // Open twice

    /** Cards for guests, of which a step of theirs asks. */
    private static Noted cards(Optional<Instances> said, boolean owned, String... guests) {
        Step[] opens = Stream.of(guests)
                .map(g -> (Step) alongside("Card").handing(Given.of("guest", g)))
                .toArray(Step[]::new);
        FacedWindow card = child("Card", button("only b", onlyIf("takes.guest == 'b'", note("for b"))))
                .taking(List.of(Take.of("guest", Type.TEXT)))
                .living(said, owned);
        return new Noted(withMain(main("Desk", button("go", opens)), card).design()).press("go");
    }

    @Test
    void windows_for_the_same_are_told_once_for_each_two_and_for_others_not() {
        assertThat(cards(Optional.empty(), false, "'a'", "'b'", "'c'").situation())
                .isEmpty();
        assertThat(cards(Optional.empty(), false, "'a'", "'b'", "'a'").situation())
                .containsExactly(Notice.Kind.OPEN_TWICE);
        assertThat(cards(Optional.empty(), false, "'a'", "'a'", "'a'").situation())
                .hasSize(3);
        assertThat(cards(Optional.of(new Instances.Many()), false, "'a'", "'a'").situation())
                .as("so it is said")
                .isEmpty();
    }

    // Behind others

    @Test
    void a_window_waited_for_gets_behind_such_as_do_not_belong_to_it_and_are_seen() {
        FacedWindow form = child("Form", button("more", alongside("Help")));
        FacedWindow help = owned(child("Help"));
        Design design = withMain(main("Desk", button("ask", waits("Form"))), form, help)
                .with(child("Note"))
                .start(alongside("Note"), alongside("Desk"))
                .design();
        var noted = new Noted(design);
        assertThat(noted.situation()).isEmpty();
        assertThat(noted.press("ask").situation())
                .as("the desk and the note")
                .containsExactly(Notice.Kind.BEHIND_OTHERS, Notice.Kind.BEHIND_OTHERS);
        assertThat(noted.press("more").situation())
                .as("its own help stands above it")
                .hasSize(2);
        Design hidden = withMain(
                        main("Desk", button("ask", hide("Note"), hide("Desk"), waits("Form"))),
                        child("Form"),
                        child("Note"))
                .start(alongside("Note"), alongside("Desk"))
                .design();
        assertThat(new Noted(hidden).press("ask").situation())
                .as("what is hidden is not in front")
                .isEmpty();
    }
}

package bivouac.sentence;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.NamedScript;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Take;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Scripts that answer, and those of other windows, as they are typed and offered (W11, W12). */
class AnswerTypingTest {

    private static final ScriptPlace PRESSED = new ScriptPlace.AtPart("Desk", "go");
    private static final ScriptPlace SAVE = new ScriptPlace.Named(Optional.of("Text"), "save all of it");
    private static final StepPath FIRST = StepPath.of(0);

    private static Design design() {
        NamedScript save = NamedScript.of("save all of it")
                .taking(List.of(Take.of("to", Type.TEXT)))
                .ending(List.of(Ending.of("saved", Ending.Give.of("at", Type.TEXT)), Ending.of("given up")));
        return withMain(main("Desk", button("go")))
                .does(NamedScript.of("tidy"))
                .with(
                        child("Text")
                                .living(Optional.of(new Instances.Many()), false)
                                .with(new Routines(List.of(save), List.of())),
                        child("Panel").with(new Routines(List.of(NamedScript.of("fill")), List.of())))
                .design();
    }

    private static Step typed(ScriptPlace place, String line) {
        Typed typed = new StepTyping(design(), place, FIRST, false).read(line);
        assertThat(typed).as(line).isInstanceOf(Typed.Done.class);
        return place.in(((Typed.Done) typed).design()).steps().getFirst();
    }

    @Test
    void a_script_of_every_window_is_typed_with_where_it_stops() {
        Step step = typed(PRESSED, "do save all of it in every Text until given up or saved as s handing to ← app.to");
        assertThat(step)
                .isEqualTo(new Step.Do(
                        "save all of it",
                        Optional.of(new Target.Every("Text")),
                        List.of("given up", "saved"),
                        List.of(Given.of("to", "app.to")),
                        Optional.of("s"),
                        List.of()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "do tidy",
                "do save all of it in every Text until given up or saved as s handing to ← app.to",
                "do fill in Panel",
                "do fill in owner",
                "do fill in opener",
                "do fill in kept card",
                "do fill in this window",
                "do fill in Panel for app.k as s",
                "return given up",
                "return saved giving at ← me.title",
            })
    void each_sentence_is_read_back_to_what_it_was(String line) {
        Step step = typed(PRESSED, line);
        assertThat(Sentences.line(step)).isEqualTo(line);
        assertThat(typed(PRESSED, Sentences.line(step))).isEqualTo(step);
    }

    @Test
    void a_line_says_what_it_still_lacks() {
        assertThat(unfinished("return")).contains("return saved");
        assertThat(unfinished("do ")).contains("do tidy");
        assertThat(unfinished("do tidy in every")).contains("in which window");
        assertThat(unfinished("do tidy in every Text until")).contains("until cancelled");
    }

    private static String unfinished(String line) {
        Typed typed = new StepTyping(design(), PRESSED, FIRST, false).read(line);
        assertThat(typed).as(line).isInstanceOf(Typed.Unfinished.class);
        return ((Typed.Unfinished) typed).why();
    }

    @Test
    void a_branch_is_typed_behind_it_only_for_what_it_can_lead_to() {
        Design with = PRESSED.put(
                design(),
                Script.of(Step.Do.of("save all of it").in(new Target.Every("Text"), "given up"), Step.Do.of("tidy")));
        assertThat(new StepTyping(with, PRESSED, StepPath.of(1), false).read("when given up"))
                .isInstanceOf(Typed.Done.class);
        assertThat(new StepTyping(with, PRESSED, StepPath.of(1), false).read("when saved"))
                .isInstanceOfSatisfying(
                        Typed.Unfinished.class, u -> assertThat(u.why()).contains("there is given up"));
        assertThat(new StepTyping(with, PRESSED, StepPath.of(2), false).read("when saved"))
                .isInstanceOf(Typed.Unfinished.class);
        assertThat(ScriptLines.of(with, PRESSED)).hasSize(2);
    }

    @Test
    void what_can_be_said_is_offered() {
        assertThat(offers(PRESSED, "do ")).contains("tidy", "save all of it in every Text", "fill in Panel");
        assertThat(offers(PRESSED, "do save all of it in every Text until ")).containsExactly("saved", "given up");
        assertThat(offers(PRESSED, "do save all of it in every Text until saved or g"))
                .containsExactly("given up");
        assertThat(offers(SAVE, "return ")).containsExactly("saved", "given up");
        assertThat(offers(SAVE, "return saved giving ")).containsExactly("at");
        assertThat(offers(PRESSED, "return ")).isEmpty();
    }

    private static List<String> offers(ScriptPlace place, String line) {
        return Completion.offers(Program.of(design()), place, FIRST, line).stream()
                .map(Completion.Offer::shown)
                .toList();
    }

    @Test
    void a_named_script_says_its_endings_in_its_line_and_keeps_its_steps() throws Exception {
        String line = "save taking to: text ends saved giving at: text; given up";
        Routines none = Routines.NONE;
        NamedScript made = RoutineLine.script(line, none);
        assertThat(RoutineLine.write(made)).isEqualTo(line);
        NamedScript filled = made.with(Script.of(note("x")));
        NamedScript again = RoutineLine.script("save ends done", none.withScripts(List.of(filled)));
        assertThat(again.script()).isEqualTo(filled.script());
        assertThat(again.endings()).containsExactly(Ending.of("done"));
        assertThat(again.takes()).isEmpty();
    }
}

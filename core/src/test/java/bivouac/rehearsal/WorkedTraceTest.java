package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Holding;
import bivouac.design.NamedScript;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.Walkthrough;
import bivouac.machine.Play;
import bivouac.plan.Program;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * The worked trace at the end of {@code docs/semantics.md}, played word for word: the test quotes what it plays, so that
 * neither can change without the other.
 */
class WorkedTraceTest {

    /** @param says what the rules say, as it stands there */
    private record Part(String says, String... lines) {}

    private static final List<Part> TRACE = List.of(
            new Part(
                    "*Register* is open, with unsaved changes (`app.unsaved`), *Bunk plan* is open and owned by it,"
                            + " nothing else.",
                    "press \"change\" of \"Register\"",
                    "press \"plan\" of \"Register\"",
                    "see \"Register\" open",
                    "see \"Bunk plan\" owned by \"Register\"",
                    "see held \"lock\"",
                    "see held \"weather radio\""),
            new Part(
                    "1. Close box of Register → D1: this is the request for departure; D2 asks Register first, C2: *before"
                            + " closing* runs with `way = \"close box\"`; `app.unsaved` is true, so it opens *Unsaved"
                            + " register*, waiting for the application. The script waits (W2); Register and Bunk plan are"
                            + " blocked (B1).",
                    "close box of \"Register\"",
                    "see note \"Register by close box\"",
                    "see \"Unsaved register\" open",
                    "see \"Register\" blocked",
                    "see \"Bunk plan\" blocked"),
            new Part("2. Close box of Register again → B3: no event.", "see cannot close box of \"Register\""),
            new Part(
                    "3. Escape on the message box → C7: ending *stay* (marked escape). The script goes on: *stay open* →"
                            + " refused. Both windows are open, unblocked, unsaved; nothing was written; no window was asked"
                            + " but Register.",
                    "Escape of \"Unsaved register\"",
                    "see \"Unsaved register\" closed",
                    "see \"Register\" free",
                    "see \"Bunk plan\" free",
                    "see \"unsaved\" in \"state\" of \"Register\"",
                    "see \"0\" in \"asked\" of \"Bunk plan\""),
            new Part(
                    "4. Close box; *save* → the script *save* of Register is done (W7): the task *write register* runs and ends"
                            + " as *failed*; its branch opens *Could not save* (try again · save elsewhere · give up); *try"
                            + " again* → the script goes back to its *repeat*, the task fails again; *give up* → *save* returns"
                            + " *given up*, out of the repeat and the branch (W11), and that branch of *before closing* says"
                            + " *stay open*.",
                    "close box of \"Register\"",
                    "answer \"save\" of \"Unsaved register\"",
                    "task \"write register\" ends \"failed\" of \"Register\"",
                    "see \"Could not save\" open",
                    "answer \"try again\" of \"Could not save\"",
                    "task \"write register\" ends \"failed\" of \"Register\"",
                    "answer \"give up\" of \"Could not save\"",
                    "see \"Register\" free",
                    "see \"0\" in \"asked\" of \"Bunk plan\""),
            new Part(
                    "5. Close box; *save* → the task begins, and its part *writing* on Register shows 0 % (W9); it tells *40 %"
                            + " Ilva Tarn*; *Cancel* of that part asks it to end (W10), once; it ends as *cancelled*, for which the"
                            + " script before closing has no branch: it goes no further, which refuses (C2). Both windows are"
                            + " open, unblocked, unsaved.",
                    "close box of \"Register\"",
                    "answer \"save\" of \"Unsaved register\"",
                    "see \"0 %\" in \"writing\" of \"Register\"",
                    "task \"write register\" tells 40 \"Ilva Tarn\" of \"Register\"",
                    "see \"40 % Ilva Tarn\" in \"writing\" of \"Register\"",
                    "cancel \"writing\" of \"Register\"",
                    "see cannot cancel \"writing\" of \"Register\"",
                    "task \"write register\" ends \"cancelled\" of \"Register\"",
                    "see \"Register\" free",
                    "see \"Bunk plan\" free",
                    "see \"unsaved\" in \"state\" of \"Register\""),
            new Part(
                    "6. *Save first* of Bunk plan does *save* in its owner, Register, until it has answered (W12): the task"
                            + " fails; *give up* → *given up*, and Bunk plan notes it. Register was asked nothing else, and stays"
                            + " unsaved.",
                    "press \"first\" of \"Bunk plan\"",
                    "see \"Bunk plan\" blocked",
                    "task \"write register\" ends \"failed\" of \"Register\"",
                    "answer \"give up\" of \"Could not save\"",
                    "see note \"given up\"",
                    "see \"Bunk plan\" free",
                    "see \"unsaved\" in \"state\" of \"Register\""),
            new Part(
                    "7. Close box; *leave unsaved* → agreed → C4 asks Bunk plan, which agrees → D3, C5: Bunk plan closes, then"
                            + " Register, whose holding (the lock on the file) is given back → D4 the plan's steps → D5 the"
                            + " weather radio is given back → D6 kept values saved, ended with code 0.",
                    "close box of \"Register\"",
                    "answer \"leave unsaved\" of \"Unsaved register\"",
                    "see note \"Bunk plan by owner closing\"",
                    "see noted \"Bunk plan by owner closing\" before closed \"Bunk plan\"",
                    "see closed \"Bunk plan\" before closed \"Register\"",
                    "see closed \"Register\" before given back \"lock\"",
                    "see given back \"lock\" before noted \"the plan\"",
                    "see noted \"the plan\" before given back \"weather radio\"",
                    "see exit code 0"));

    private static Step say(String text) {
        return note(text);
    }

    private static FacedWindow register() {
        Step attempts = new Step.Repeat(new Script(List.of(run(
                "write register",
                when("written", Step.Return.of("written")),
                when(
                        "failed",
                        waits(
                                "Could not save",
                                when("try again", new Step.Again()),
                                when("save elsewhere", Step.Return.of("given up")),
                                when("give up", Step.Return.of("given up"))))))));
        var save = NamedScript.of("save", attempts).ending(List.of(Ending.of("written"), Ending.of("given up")));
        var saves = Step.Do.of("save").when(when("written"), when("given up", stay()));
        var unsaved = new Step.If.Case(
                new Expression("app.unsaved"),
                new Script(List.of(
                        waits("Unsaved register", when("save", saves), when("leave unsaved"), when("stay", stay())))));
        return before(
                main(
                                "Register",
                                button("change", set("app.unsaved", "true")),
                                button("plan", alongside("Bunk plan")),
                                bivouac.design.Part.Progress.of("writing", "Writing", "write register"),
                                bivouac.design.Part.Caption.of("state", "{app.unsaved ? 'unsaved' : 'saved'}"))
                        .at(FacedWindow.Moment.OPENED, Script.of(new Step.TakeHolding("lock", List.of())))
                        .with(new Routines(List.of(save), List.of())),
                say("Register by {way}"),
                new Step.If(List.of(unsaved), Optional.empty()));
    }

    private static Design hut() {
        FacedWindow plan = before(
                owned(child(
                        "Bunk plan",
                        bivouac.design.Part.Caption.of("asked", "{app.asked}"),
                        button(
                                "first",
                                Step.Do.of("save")
                                        .in(new Target.Owner())
                                        .when(when("written"), when("given up", say("given up")))))),
                set("app.asked", "app.asked + 1"),
                say("Bunk plan by {way}"));
        return design().with(
                        register(),
                        plan,
                        escaping(box("Unsaved register", "Save", "Leave unsaved", "Stay"), "stay"),
                        escaping(box("Could not save", "Try again", "Save elsewhere", "Give up"), "give up"))
                .variable("unsaved", Type.YESNO, "false")
                .variable("asked", Type.WHOLE, "0")
                .kept("seen", Type.WHOLE, "1")
                .works(task("write register", "written", "failed").telling(EnumSet.allOf(Task.Told.class)))
                .holds(Holding.of("lock"), Holding.of("weather radio").ofTheApplication())
                .start(new Step.TakeHolding("weather radio", List.of()), alongside("Register"))
                .planning(note("the plan"))
                .departs(new DepartureRule.WithWindow("Register"))
                .design();
    }

    @Test
    void it_is_played_as_it_is_told() {
        var lines = new ArrayList<String>();
        TRACE.forEach(part -> lines.addAll(Arrays.asList(part.lines())));
        Walk walk = Walk.play(Program.of(hut()), new Walkthrough("the worked trace", Play.TODAY, lines));
        assertThat(walk.broken()).isEmpty();
    }

    @Test
    void it_is_told_as_it_is_played() throws Exception {
        String rules = Files.readString(Path.of("../docs/semantics.md"));
        String trace = rules.substring(rules.indexOf("## A worked trace"));
        for (Part part : TRACE) {
            assertThat(trace).contains(part.says());
        }
        assertThat(trace.lines().filter(l -> l.matches("[0-9]+\\. .*")))
                .as("none is left out")
                .hasSize(TRACE.size() - 1);
    }
}

package bivouac.check;

import static bivouac.check.AsWritten.found;
import static bivouac.check.AsWritten.putRight;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding.Kind;
import bivouac.check.known.Beside;
import bivouac.design.Accepted;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Holding;
import bivouac.design.Manner;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Renames;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.format.DesignFormat;
import bivouac.plan.Program;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The end of the application, holdings, what never happens and what nobody uses: what has it, and what nearly has it. */
class EndFindingsTest {

    @Test
    void an_application_that_ends_only_when_told_has_to_be_told() {
        var told = new DepartureRule.OnlyWhenTold();
        assertThat(found(withMain(main("Desk")).departs(told).design(), Kind.NEVER_ENDS))
                .containsExactly("The application ends only when told, and nothing tells it to.");
        assertThat(found(
                        withMain(main("Desk", button("exit", end())))
                                .departs(told)
                                .design(),
                        Kind.NEVER_ENDS))
                .isEmpty();
        assertThat(found(withMain(main("Desk")).design(), Kind.NEVER_ENDS)).isEmpty();
    }

    @Test
    void a_start_that_failed_must_not_end_with_code_0() {
        Step take = new Step.TakeHolding("radio", List.of(when("could not", end())));
        Design design = withMain(main("Desk"))
                .start(take, alongside("Desk"))
                .holds(Holding.of("radio").failing())
                .design();
        assertThat(found(design, Kind.EXIT_CODE))
                .containsExactly("start, step 2: a start that failed ends with code 0.");
        putRight(design, Kind.EXIT_CODE);
        Step told = new Step.TakeHolding("radio", List.of(when("could not", ends(3, "no radio"))));
        assertThat(found(
                        withMain(main("Desk"))
                                .start(told, alongside("Desk"))
                                .holds(Holding.of("radio").failing())
                                .design(),
                        Kind.EXIT_CODE))
                .isEmpty();
    }

    @Test
    void exit_that_closes_and_close_that_ends_are_told_by_their_words() {
        Part exit = Part.Button.of("exit", "E&xit").triggering(Script.of(close("closed")));
        Design closes = withMain(main("Desk", exit, button("end", end())))
                .departs(new DepartureRule.OnlyWhenTold())
                .design();
        assertThat(found(closes, Kind.WRONG_END))
                .containsExactly("Desk, exit, step 1: “Exit” closes only Desk, and the application goes on.");
        putRight(closes, Kind.WRONG_END);
        assertThat(found(withMain(main("Desk", exit)).design(), Kind.WRONG_END)).isEmpty();
        Part shut = Part.Button.of("shut", "Close").triggering(Script.of(end()));
        Design ends = withMain(main("Desk", button("go", alongside("Card"))))
                .with(child("Card", shut))
                .design();
        assertThat(found(ends, Kind.WRONG_END))
                .containsExactly("Card, shut, step 1: “Close” on Card ends the whole application.");
        putRight(ends, Kind.WRONG_END);
    }

    @Test
    void after_closing_nothing_opens() {
        Design design = withMain(main("Desk", button("go", alongside("Card"))))
                .with(after(child("Card"), alongside("Desk")))
                .design();
        assertThat(found(design, Kind.MISPLACED_STEP))
                .containsExactly("Card, after closing, step 1: a script after closing opens Desk.");
    }

    // Holdings

    private static Design holding(Step... steps) {
        return withMain(main("Desk", button("go", steps)))
                .holds(Holding.of("lock"))
                .design();
    }

    @Test
    void taken_twice_or_given_back_while_it_is_not_held() {
        Step take = Step.TakeHolding.of("lock");
        Step back = new Step.GiveBack("lock");
        assertThat(found(holding(take, take, back), Kind.HOLDING))
                .containsExactly("Desk, go, step 2: lock is taken while it is held already.");
        assertThat(found(holding(take, back, back), Kind.HOLDING))
                .containsExactly("Desk, go, step 3: lock is given back while it is not held.");
        assertThat(found(holding(take, back, take, back), Kind.HOLDING)).isEmpty();
        Step either =
                new Step.If(List.of(new Step.If.Case(new Expression("1 < 2"), Script.of(back))), Optional.empty());
        assertThat(found(holding(take, either, take), Kind.HOLDING)).isEmpty();
        Step both = new Step.If(
                List.of(new Step.If.Case(new Expression("1 < 2"), Script.of(back))), Optional.of(Script.of(back)));
        assertThat(found(holding(take, both, back), Kind.HOLDING))
                .containsExactly("Desk, go, step 5: lock is given back while it is not held.");
    }

    @Test
    void a_trigger_that_takes_without_giving_back_can_be_pressed_twice() {
        assertThat(found(holding(Step.TakeHolding.of("lock")), Kind.HOLDING))
                .containsExactly("Desk, go, step 1: done a second time, it takes lock while it is held already.");
        assertThat(found(holding(Step.TakeHolding.of("lock"), close("closed")), Kind.HOLDING))
                .isEmpty();
        assertThat(found(holding(Step.TakeHolding.of("lock"), new Step.GiveBack("lock")), Kind.HOLDING))
                .isEmpty();
    }

    @Test
    void a_holding_that_nothing_takes_is_a_hint() {
        assertThat(found(holding(note("x")), Kind.UNUSED)).containsExactly("Nothing takes the holding “lock”.");
        assertThat(putRight(holding(note("x")), Kind.UNUSED).application().holdings())
                .isEmpty();
    }

    // Never

    @Test
    void steps_behind_one_that_never_goes_on() {
        Step forever = new Step.Repeat(Script.of(note("x"), new Step.Again()));
        assertThat(found(
                        withMain(main("Desk", button("go", forever, note("y")))).design(), Kind.NEVER_RUN))
                .containsExactly("Desk, go: step 4 is never run, since step 1 never goes on to it.");
        Step leaves = new Step.Repeat(Script.of(new Step.If(
                List.of(new Step.If.Case(new Expression("1 < 2"), Script.of(new Step.Again()))), Optional.empty())));
        assertThat(found(withMain(main("Desk", button("go", leaves, note("y")))).design(), Kind.NEVER_RUN))
                .isEmpty();
        assertThat(found(withMain(before(main("Desk"), stay(), note("y"))).design(), Kind.NEVER_RUN))
                .containsExactly("Desk, before closing: step 2 is never run, since step 1 never goes on to it.");
    }

    @Test
    void a_condition_that_is_asked_twice_hides_its_second_case() {
        var same = new Step.If.Case(new Expression("me.n > 1"), Script.of(note("x")));
        var again = new Step.If.Case(new Expression("me.n>1"), Script.of(note("y")));
        var desk = main("Desk", button("go", new Step.If(List.of(same, again), Optional.empty())))
                .holding(List.of(Variable.of("n", Type.WHOLE, "0")));
        assertThat(found(withMain(desk).design(), Kind.NEVER_RUN))
                .singleElement()
                .asString()
                .contains("is asked twice");
    }

    @Test
    void windows_that_only_open_each_other_are_never_come_to() {
        Design design = withMain(main("Desk"))
                .with(child("A", button("b", alongside("B"))))
                .with(child("B", button("a", alongside("A"))))
                .design();
        assertThat(found(design, Kind.NEVER_OPENED))
                .containsExactly(
                        "A is opened only from windows that the start never comes to.",
                        "B is opened only from windows that the start never comes to.");
        Design reached = withMain(main("Desk", button("a", alongside("A"))))
                .with(child("A", button("b", alongside("B"))))
                .with(child("B", button("a", alongside("A"))))
                .design();
        assertThat(found(reached, Kind.NEVER_OPENED)).isEmpty();
    }

    @Test
    void what_nothing_reads_or_runs_is_a_hint_and_what_is_not_there_yet_is_listed() {
        var card = child("Card", button("later", new Step.NotThereYet()))
                .taking(List.of(Take.of("guest", Type.TEXT)))
                .holding(List.of(Variable.of("n", Type.WHOLE, "0")));
        Design design = withMain(main(
                        "Desk",
                        button(
                                "go",
                                Step.Open.of("Card", new Manner.Alongside())
                                        .handing(bivouac.design.Given.of("guest", "\"a\"")))))
                .with(card)
                .variable("count", Type.WHOLE, "0")
                .works(task("print", "done"))
                .design();
        assertThat(found(design, Kind.UNUSED))
                .containsExactlyInAnyOrder(
                        "Nothing reads app.count.",
                        "Nothing runs the task “print”.",
                        "Card: nothing reads me.n.",
                        "Card takes “guest”, and nothing reads it.");
        assertThat(found(design, Kind.NOT_THERE_YET)).containsExactly("Card, later, step 1: not there yet.");
        Design read = withMain(main("Desk", button("go", note("{app.count}"))))
                .variable("count", Type.WHOLE, "0")
                .design();
        assertThat(found(read, Kind.UNUSED)).isEmpty();
    }

    // Parts, and whom steps mean

    @Test
    void an_owner_or_opener_where_there_is_none() {
        Step close = new Step.Close(new bivouac.design.Target.Owner(), Optional.empty(), List.of(), Script.EMPTY);
        Step show = new Step.Reach(Step.Reach.How.SHOW, new bivouac.design.Target.Opener());
        Design design = withMain(
                        main("Desk", button("go", close), button("show", show), button("card", alongside("Card"))))
                .with(owned(child("Card", button("go", close), button("show", show))))
                .design();
        assertThat(found(design, Kind.DANGLING))
                .containsExactly("Desk, go, step 1: Desk has no owner.", "Desk, show, step 1: Desk has no opener.");
    }

    @Test
    void cells_keys_and_lengths_have_to_fit() {
        var list = Part.ListOfRows.of(
                        "guests", "Guests", new Type.Column("name", Type.TEXT), new Type.Column("n", Type.WHOLE))
                .starting(List.of(List.of("Orla", "1"), List.of("Tam")));
        var field = new Part.TextField(
                Name.of("code"),
                "Code",
                "toolong",
                java.util.OptionalInt.of(4),
                Part.TextField.Entry.ONE_LINE,
                Script.EMPTY,
                bivouac.design.Traits.USUAL);
        Design design = withMain(main(
                        "Desk",
                        list,
                        field,
                        Part.Button.of("save", "&Save").triggering(Script.of(set("me.code", "\"abcde\""))),
                        Part.Button.of("send", "&Send").triggering(Script.of(set("me.code", "\"abcd\""))),
                        Part.Button.of("exit", "E&xit").triggering(Script.of(end()))))
                .design();
        assertThat(found(design, Kind.PART))
                .containsExactlyInAnyOrder(
                        "Row 2 of Guests on Desk has 1 cell, and the list has 2 columns.",
                        "Code on Desk starts with 7 characters, and takes 4.",
                        "Desk, save, step 1: “abcde” has 5 characters, and Code takes 4.",
                        "Alt+S on Desk means both Save and Send.");
    }

    // Accepted

    @Test
    void an_accepted_finding_is_open_no_more_until_it_says_something_else() throws Exception {
        Design design =
                withMain(main("Desk", button("later", new Step.NotThereYet()))).design();
        String what = "Desk, later, step 1: not there yet.";
        Design accepted = design.accepting(new Accepted(what, "in spring", LocalDate.of(2026, 11, 25)));
        Checked checked = Findings.checked(Program.of(accepted), Beside.UNKNOWN);
        assertThat(checked.open()).isEmpty();
        assertThat(checked.accepted())
                .singleElement()
                .satisfies(t -> assertThat(t.why().because()).isEqualTo("in spring"));
        assertThat(DesignFormat.read(DesignFormat.write(accepted))).isEqualTo(accepted);
        Design renamed =
                Renames.window(Renames.part(accepted, "Desk", "later", Name.of("soon")), "Desk", Name.of("Front desk"));
        assertThat(Findings.checked(Program.of(renamed), Beside.UNKNOWN).open()).isEmpty();
        Design gone = accepted.changingFace("Desk", f -> f.withRows(List.of()));
        assertThat(Findings.checked(Program.of(gone), Beside.UNKNOWN).gone())
                .extracting(Accepted::finding)
                .containsExactly(what);
        assertThat(Findings.checked(
                                Program.of(accepted.notAccepting(
                                        accepted.accepted().getFirst())),
                                Beside.UNKNOWN)
                        .open())
                .hasSize(1);
    }
}

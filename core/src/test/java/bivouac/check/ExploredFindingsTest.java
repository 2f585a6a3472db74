package bivouac.check;

import static bivouac.check.OfSituations.all;
import static bivouac.check.OfSituations.one;
import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Beside;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Traits;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.explore.Exploration;
import bivouac.explore.Explored;
import bivouac.explore.Limits;
import bivouac.explore.Progress;
import bivouac.explore.Question;
import bivouac.format.DesignFile;
import bivouac.plan.Program;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What only the situations of a design show: that it is told with a trail that shows it, and that nothing else is. */
class ExploredFindingsTest {

    private static Part enabled(String name, String condition, Step... steps) {
        return ((Part.Button) button(name, steps))
                .with(Traits.USUAL.enabled(new Setting.Follows(new Expression(condition))));
    }

    @Test
    void a_fault_is_told_with_the_shortest_trail_that_meets_it() {
        Design design = withMain(main("Desk", button("go", alongside("Card")), button("ask", waits("Card"))))
                .with(child("Card"))
                .design();
        Finding fault = one(design, Kind.FAULT);
        assertThat(fault.weight()).isEqualTo(Weight.WRONG);
        assertThat(fault.what()).startsWith("Desk, ask, step 1: ");
        assertThat(fault.why()).contains("X7");
        assertThat(fault.trail()).contains(List.of("press \"go\" of \"Desk\"", "press \"ask\" of \"Desk\""));
        Design guarded = withMain(
                        main("Desk", button("go", alongside("Card")), enabled("ask", "!isOpen(card)", waits("Card"))))
                .with(child("Card"))
                .design();
        assertThat(all(guarded)).extracting(Finding::kind).doesNotContain(Kind.FAULT);
    }

    @Test
    void an_application_that_can_no_longer_end_is_told_from_where_on() {
        Part lock = button("lock", set("me.locked", "true"));
        FacedWindow desk = before(
                main("Desk", lock).holding(List.of(Variable.of("locked", Type.YESNO, "false"))),
                new Step.If(
                        List.of(new Step.If.Case(new Expression("me.locked"), Script.of(stay()))), Optional.empty()));
        Finding end = one(withMain(desk).design(), Kind.DEAD_END);
        assertThat(end.what()).isEqualTo("The application can no longer end with Desk open.");
        assertThat(end.trail()).contains(List.of("press \"lock\" of \"Desk\""));
        FacedWindow unlocks = desk.withRows(List.of(
                bivouac.design.Row.of(lock), bivouac.design.Row.of(button("unlock", set("me.locked", "false")))));
        assertThat(all(withMain(unlocks).design())).extracting(Finding::kind).doesNotContain(Kind.DEAD_END);
    }

    @Test
    void a_window_that_nothing_makes_go_is_told() {
        FacedWindow card = child("Card", enabled("close", "app.paid", close("closed")))
                .leaving(Way.CLOSE_BOX, new WayOut.AsPressing("close"));
        FacedWindow desk = main("Desk", button("go", alongside("Card")), button("exit", end()))
                .leaving(Way.CLOSE_BOX, new WayOut.Absent());
        Finding stays = one(
                withMain(desk, card)
                        .variable("paid", Type.YESNO, "false")
                        .departs(new DepartureRule.OnlyWhenTold())
                        .with(child("Paid"))
                        .design(),
                Kind.DEAD_END);
        assertThat(stays.what()).isEqualTo("Card cannot be closed any more with Desk, Card open.");
        assertThat(stays.trail()).isPresent();
    }

    @Test
    void a_named_script_is_reached_where_it_is_done() {
        var never = new Step.If(
                List.of(new Step.If.Case(new Expression("!app.paid"), Script.of(note("here")))), Optional.empty());
        Design design = withMain(main("Desk", enabled("go", "!app.paid", Step.Do.of("pay"))))
                .variable("paid", Type.YESNO, "false")
                .does(NamedScript.of("pay", set("app.paid", "true"), note("paid"), never))
                .design();
        assertThat(one(design, Kind.NEVER_RUN).what()).isEqualTo("do pay, step 4 is never run, whatever is done.");
        Design all = withMain(main("Desk", button("go", Step.Do.of("pay"))))
                .variable("paid", Type.YESNO, "false")
                .does(NamedScript.of("pay", set("app.paid", "!app.paid"), note("paid"), never))
                .design();
        assertThat(all(all)).extracting(Finding::kind).doesNotContain(Kind.NEVER_RUN);
    }

    @Test
    void what_no_situation_reaches_is_told_only_where_all_were_met() {
        Part never = enabled("never", "app.paid && !app.paid", note("here"));
        Design design = withMain(main("Desk", never, enabled("pay", "!app.paid", set("app.paid", "true"))))
                .variable("paid", Type.YESNO, "false")
                .design();
        Finding step = one(design, Kind.NEVER_RUN);
        assertThat(step.what()).isEqualTo("Desk, never is never run, whatever is done.");
        // a counter that is not followed to its end
        Design counts = withMain(main(
                        "Desk",
                        enabled("never", "app.count < 0", note("here")),
                        button("more", set("app.count", "app.count + 1"))))
                .variable("count", Type.WHOLE, "0")
                .design();
        assertThat(all(counts)).extracting(Finding::kind).doesNotContain(Kind.NEVER_RUN);
    }

    @Test
    void what_was_only_likely_becomes_certain_or_goes() {
        Part amount = Part.TextField.of("amount", "Amount");
        Step adds = set("app.sum", "app.sum + whole(me.amount)");
        Finding certain = one(
                withMain(main("Desk", amount, button("add", adds), enabled("exit", "app.sum > 5", end())))
                        .variable("sum", Type.WHOLE, "0")
                        .design(),
                Kind.UNGUARDED);
        assertThat(certain.weight()).isEqualTo(Weight.WRONG);
        assertThat(certain.trail()).isPresent();
    }

    @Test
    void dialogs_that_stand_on_each_other_four_deep_are_told() {
        Design design = withMain(
                        main("Desk", button("go", waitsForOwner("One"))),
                        dialog("One", button("go", waitsForOwner("Two"))),
                        dialog("Two", button("go", waitsForOwner("Three"))),
                        dialog("Three", button("go", waitsForOwner("Four"))),
                        dialog("Four"))
                .design();
        Finding deep = one(design, Kind.DEEP);
        assertThat(deep.trail().orElseThrow()).hasSize(4);
    }

    @Test
    void a_window_that_is_left_as_the_last_one_can_be_closed_by_which_the_application_ends() {
        Design design = withMain(main("Desk", button("go", alongside("Card"))), child("Card"))
                .design();
        assertThat(all(design)).extracting(Finding::kind).doesNotContain(Kind.DEAD_END);
        Design owns = withMain(
                        main("Desk", button("go", alongside("Card"))),
                        child("Card", button("more", alongside("Note"))),
                        owned(child("Note")))
                .design();
        assertThat(all(owns)).extracting(Finding::kind).doesNotContain(Kind.DEAD_END);
    }

    @Test
    void a_result_that_is_held_back_is_told() {
        Design two = withMain(
                        main("Desk", button("go", alongside("Card")), button("ask", waitsForOwner("One"))),
                        child("Card", button("ask", waitsForOwner("Two"))),
                        dialog("One"),
                        dialog("Two"))
                .design();
        Finding held = one(two, Kind.HELD_BACK);
        assertThat(held.trail().orElseThrow()).hasSize(4).last().asString().contains("\"One\"");
        assertThat(held.repairs()).hasSize(2);
        OfSituations.putRight(two, Kind.HELD_BACK);
        Design one = withMain(
                        main("Desk", button("go", alongside("Card")), button("ask", waits("One"))),
                        child("Card", button("ask", waits("Two"))),
                        dialog("One"),
                        dialog("Two"))
                .design();
        assertThat(all(one)).extracting(Finding::kind).doesNotContain(Kind.HELD_BACK);
    }

    @Test
    void one_that_is_accepted_is_missed_only_where_every_situation_was_met() {
        Design faulty = withMain(main("Desk", button("go", alongside("Card")), button("ask", waits("Card"))))
                .with(child("Card"))
                .design();
        Finding fault = one(faulty, Kind.FAULT);
        assertThat(fault.isExplored()).isTrue();
        var accepted = new bivouac.design.Accepted(fault.what(), "", "so it is", TODAY, fault.isExplored());
        Program program = Program.of(faulty.accepting(accepted));
        assertThat(Findings.checked(program, Beside.UNKNOWN).gone()).isEmpty();
        Limits none = Limits.of(Duration.ZERO);
        Explored nothing = Exploration.of(new Question(program, TODAY), none, Progress.NONE);
        assertThat(Findings.checked(program, Beside.UNKNOWN, nothing).gone()).isEmpty();
        Design mended = withMain(main("Desk")).design().accepting(accepted);
        Program other = Program.of(mended);
        Explored all = Exploration.of(new Question(other, TODAY), Limits.of(Duration.ofSeconds(10)), Progress.NONE);
        assertThat(Findings.checked(other, Beside.UNKNOWN, all).gone()).containsExactly(accepted);
    }

    /** The examples have been looked through by hand: what is found in them is so, and accepted. */
    @ParameterizedTest
    @ValueSource(strings = {"ferry-bell", "kiln-house", "ridge-hut"})
    void the_examples_have_no_finding_that_is_not_accepted(String name) throws Exception {
        Program program = Program.of(DesignFile.read(Path.of("../examples", name + ".bivouac")));
        Explored explored =
                Exploration.of(new Question(program, TODAY), Limits.of(Duration.ofSeconds(3)), Progress.NONE);
        assertThat(explored.situations()).isGreaterThan(100);
        assertThat(Findings.checked(program, Beside.UNKNOWN, explored).open())
                .extracting(Finding::what)
                .isEmpty();
    }
}

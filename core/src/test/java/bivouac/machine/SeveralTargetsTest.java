package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Name;
import bivouac.design.Renames;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.format.DesignFormat;
import bivouac.plan.Program;
import bivouac.sentence.Sentences;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Steps that mean a window by its key, or all that are open of a name (R2, R3). */
class SeveralTargetsTest {

    private static Step open(String window, String guest) {
        return Step.Open.of(window, new Manner.Alongside()).handing(Given.of("guest", "\"" + guest + "\""));
    }

    private static Step close(Target target, Step... refused) {
        return new Step.Close(target, Optional.empty(), List.of(), Script.of(refused));
    }

    private static FacedWindow card() {
        return child("Card")
                .taking(List.of(Take.of("guest", Type.TEXT)))
                .living(Optional.of(new Instances.OneForEach("guest")), false)
                .titled("{takes.guest}");
    }

    private static Play desk(FacedWindow card, Step... go) {
        return withMain(main(
                        "Desk",
                        button("open", open("Card", "b"), open("Card", "a"), open("Card", "c")),
                        button("go", go)))
                .with(card)
                .play()
                .does("press \"open\" of \"Desk\"");
    }

    private static Target by(String key) {
        return new Target.Keyed("Card", new Expression(key));
    }

    @Test
    void R2_one_is_meant_by_its_key() {
        var play = desk(card(), close(by("\"a\"")), new Step.Reach(Step.Reach.How.HIDE, by("\"c\"")))
                .does("press \"go\" of \"Desk\"")
                .hasNoFault()
                .opens("Desk", "Card", "Card (3)");
        org.assertj.core.api.Assertions.assertThat(play.window("Card (3)").hidden())
                .isTrue();
        org.assertj.core.api.Assertions.assertThat(play.window("Card").title()).isEqualTo("b");
    }

    @Test
    void R3_a_key_that_no_window_has_closes_nothing_and_hiding_it_is_a_fault() {
        desk(card(), close(by("\"z\"")), note("after"))
                .does("press \"go\" of \"Desk\"")
                .sees("notes “after”");
        desk(card(), new Step.Reach(Step.Reach.How.HIDE, by("\"z\"")), note("never"))
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3)
                .opens("Desk", "Card", "Card (2)", "Card (3)");
    }

    @Test
    void R2_every_is_all_of_them_by_key_and_none_is_none() {
        desk(card(), close(new Target.Every("Card")), close(new Target.Every("Card")), note("after"))
                .does("press \"go\" of \"Desk\"")
                .sees("Card (2) ends closed", "Card ends closed", "Card (3) ends closed", "notes “after”")
                .opens("Desk");
        desk(card(), new Step.Reach(Step.Reach.How.HIDE, new Target.Every("Card")))
                .does("press \"go\" of \"Desk\"")
                .hasNoFault();
    }

    @Test
    void R2_without_a_key_the_newest_is_first_and_the_first_that_refuses_ends_it() {
        FacedWindow card = child("Card")
                .taking(List.of(Take.of("guest", Type.TEXT)))
                .living(Optional.of(new Instances.Many()), false)
                .at(
                        FacedWindow.Moment.BEFORE_CLOSING,
                        Script.of(new Step.If(
                                List.of(new Step.If.Case(
                                        new Expression("takes.guest == \"a\""), Script.of(new Step.StayOpen()))),
                                Optional.empty())));
        desk(card, close(new Target.Every("Card"), note("refused")), note("after"))
                .does("press \"go\" of \"Desk\"")
                .sees("Card (3) ends closed", "Card (2) stays open", "notes “refused”", "notes “after”")
                .opens("Desk", "Card", "Card (2)");
    }

    @Test
    void R2_O9_a_window_that_is_kept_is_read_and_set_by_its_name_while_it_is_open() {
        Step keep = new Step.Open(
                "Card",
                new Manner.Alongside(),
                Optional.empty(),
                List.of(Given.of("guest", "\"a\"")),
                Optional.of("card"),
                List.of());
        FacedWindow card = child("Card", bivouac.design.Part.TextField.of("note", "Note"))
                .taking(List.of(Take.of("guest", Type.TEXT)));
        var play = withMain(
                        main(
                                "Desk",
                                button("go", keep, keep, set("card.note", "\"new\""), note("{card.note} {card.title}")),
                                button(
                                        "gone",
                                        keep,
                                        new Step.Close(
                                                new Target.Kept("card"), Optional.empty(), List.of(), Script.EMPTY),
                                        note("{card.note}"))),
                        card)
                .play()
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “new Card”")
                .shows("Card", "note", "")
                .shows("Card (2)", "note", "new");
        play.does("press \"gone\" of \"Desk\"").faults(Fault.Rule.X3);
    }

    private static Step setIn(String member, Target in, String value) {
        return new Step.SetIn(member, in, new Expression(value));
    }

    private static FacedWindow noted() {
        return card().holding(List.of(bivouac.design.Variable.of("note", Type.TEXT, "\"\"")))
                .titled("{takes.guest}{me.note}");
    }

    @Test
    void R2_R3_one_is_set_by_its_key_and_all_by_every_with_a_value_of_the_script_that_sets() {
        var play = desk(noted(), setIn("note", by("\"a\""), "\"!\""))
                .does("press \"go\" of \"Desk\"")
                .hasNoFault();
        assertThat(play.titles()).contains("a!", "b", "c");
        assertThat(desk(noted(), setIn("note", new Target.Every("Card"), "\"?\""))
                        .does("press \"go\" of \"Desk\"")
                        .hasNoFault()
                        .titles())
                .contains("a?", "b?", "c?");
        desk(noted(), setIn("note", by("\"z\""), "\"!\""))
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void what_the_window_has_not_is_said_and_a_rename_carries_what_is_set() throws Exception {
        Design design = withMain(main("Desk", button("go", setIn("note", new Target.Every("Card"), "\"\""))))
                .with(noted())
                .design();
        Design renamed =
                Renames.window(Renames.variable(design, "Card", "note", Name.of("remark")), "Card", Name.of("Sheet"));
        assertThat(DesignFormat.read(DesignFormat.write(renamed))).isEqualTo(renamed);
        assertThat(wrong(renamed)).isEmpty();
        assertThat(Sentences.line(renamed.faced("Desk")
                        .orElseThrow()
                        .parts()
                        .getFirst()
                        .trigger()
                        .orElseThrow()
                        .script()
                        .steps()
                        .getFirst()))
                .isEqualTo("set remark of every Sheet ← \"\"");
        assertThat(wrong(withMain(main("Desk", button("go", setIn("zzz", new Target.Every("Card"), "1"))))
                        .with(noted())
                        .design()))
                .singleElement()
                .asString()
                .contains("Card has no “zzz”");
    }

    private static List<String> wrong(Design design) {
        return Findings.of(Program.of(design)).stream()
                .filter(f -> f.weight() == Finding.Weight.WRONG)
                .map(Finding::what)
                .toList();
    }

    @Test
    void a_key_of_a_window_that_has_none_and_an_owner_that_is_several_are_said() {
        desk(child("Card").taking(List.of(Take.of("guest", Type.TEXT))), close(by("\"a\"")))
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3);
        Step owned = new Step.Open(
                "Card",
                new Manner.Alongside(),
                Optional.of(new Target.Every("Card")),
                List.of(),
                Optional.empty(),
                List.of());
        desk(card(), owned).does("press \"go\" of \"Desk\"").faults(Fault.Rule.X3);
    }
}

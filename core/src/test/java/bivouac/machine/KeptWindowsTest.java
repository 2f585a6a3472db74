package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
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
import bivouac.design.Variable;
import bivouac.format.DesignFormat;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** O9: a window that a variable of another one keeps. */
class KeptWindowsTest {

    private static final Target KEPT = new Target.Kept("card");

    private static Step open(String guest) {
        return new Step.Open(
                "Card",
                new Manner.Alongside(),
                Optional.empty(),
                List.of(Given.of("guest", "\"" + guest + "\"")),
                Optional.of("card"),
                List.of());
    }

    private static FacedWindow card() {
        return child("Card")
                .taking(List.of(Take.of("guest", Type.TEXT)))
                .living(Optional.of(new Instances.Many()), false)
                .titled("{takes.guest}")
                .holding(List.of(Variable.of("n", Type.WHOLE, "0")));
    }

    private static Variable keeps(String window) {
        return new Variable(Name.of("card"), new Type.WindowOf(window), Optional.empty(), false);
    }

    private static FacedWindow desk() {
        return main(
                        "Desk",
                        button("a", open("a")),
                        button("b", open("b")),
                        button("add", Step.SetValue.of("card.n", "card.n + 1")),
                        button("hide", new Step.Reach(Step.Reach.How.HIDE, KEPT)),
                        button("show", new Step.Reach(Step.Reach.How.SHOW, KEPT)),
                        button("close", new Step.Close(KEPT, Optional.empty(), List.of(), Script.EMPTY)))
                .holding(List.of(keeps("Card")))
                .titled("{isOpen(card) ? card.title + shown(card.n) : 'none'}");
    }

    private static Play play() {
        return withMain(desk(), card()).play();
    }

    private static Play press(Play play, String... buttons) {
        Play now = play;
        for (String button : buttons) {
            now = now.does("press \"" + button + "\" of \"Desk\"");
        }
        return now;
    }

    @Test
    void O9_it_is_kept_beyond_the_script_that_opened_it_and_read_and_set_by_its_name() {
        var play = press(play(), "a", "add", "add");
        assertThat(play.window("Desk").title()).isEqualTo("a2");
        press(play, "hide");
        assertThat(play.window("Card").hidden()).isTrue();
        press(play, "show", "close").sees("Card ends closed").opens("Desk").hasNoFault();
    }

    @Test
    void O9_another_that_is_kept_takes_its_place_and_one_that_is_gone_is_kept_no_more() {
        var play = press(play(), "a", "b", "add");
        assertThat(play.window("Desk").title()).isEqualTo("b1");
        play.does("close box of \"Card\" 2");
        assertThat(play.window("Desk").title()).isEqualTo("none");
        press(play, "close").opens("Desk", "Card").hasNoFault();
    }

    @Test
    void R3_what_is_kept_and_not_open_cannot_be_read() {
        press(play(), "add").faults(Fault.Rule.X3);
    }

    @Test
    void which_of_two_is_kept_is_part_of_the_state() {
        var a = press(play(), "a", "b").state();
        var b = press(play(), "b", "a").state();
        assertThat(a).isNotEqualTo(b);
    }

    @Test
    void what_cannot_be_kept_is_found() {
        Design nowhere =
                withMain(main("Desk").holding(List.of(keeps("Nothing")))).design();
        assertThat(found(nowhere))
                .containsExactly("“card” of Desk keeps “Nothing”, and there is no window of that name.");
        Design begins = withMain(
                        desk().holding(List.of(new Variable(
                                Name.of("card"), new Type.WindowOf("Card"), Optional.of(new Expression("1")), false))),
                        card())
                .design();
        assertThat(found(begins)).containsExactly("“card” of Desk keeps a window, and cannot begin with a value.");
        Design other = withMain(
                        desk().at(FacedWindow.Moment.BROUGHT_BACK, Script.of(Step.SetValue.of("me.card", "1"))), card())
                .design();
        assertThat(found(other)).singleElement().asString().contains("keeps an open window and is no value");
        Design plan = withMain(
                        main("Desk", button("go", open("a"))).holding(List.of(keeps("Plan"))), card(), child("Plan"))
                .design();
        assertThat(found(plan)).anyMatch(f -> f.contains("“card” keeps a Plan, and this opens Card"));
    }

    private static List<String> found(Design design) {
        return Findings.of(Program.of(design)).stream()
                .filter(f -> f.weight() == bivouac.check.finding.Finding.Weight.WRONG)
                .map(f -> f.what())
                .toList();
    }

    @Test
    void renames_and_files_carry_it() throws Exception {
        Design design = withMain(desk(), card()).design();
        Design renamed = Renames.window(
                Renames.variable(design, "Desk", "card", Name.of("sheet")), "Card", Name.of("Guest \"card\""));
        String file = DesignFormat.write(renamed);
        assertThat(file)
                .contains("window \\\"Guest \\\\\\\"card\\\\\\\"\\\"", "kept sheet", "isOpen(sheet) ? sheet.title");
        assertThat(DesignFormat.read(file)).isEqualTo(renamed);
        assertThat(found(renamed)).isEmpty();
    }
}

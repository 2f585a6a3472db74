package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Part;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.machine.Play;
import bivouac.plan.Program;
import java.util.List;
import org.junit.jupiter.api.Test;

class FindingsTest {

    private static List<String> found(Design design, Kind kind) {
        return Findings.of(Program.of(design)).stream()
                .filter(f -> f.kind() == kind)
                .map(Finding::what)
                .toList();
    }

    private static List<String> found(Design design) {
        return Findings.of(Program.of(design)).stream().map(Finding::what).toList();
    }

    @Test
    void a_right_design_has_none() {
        assertThat(found(withMain(main("Desk", button("go", waits("Hello"))), box("Hello", "OK"))
                        .design()))
                .isEmpty();
        assertThat(found(Design.startingWith("New"))).isEmpty();
    }

    @Test
    void a_trigger_that_does_nothing_also_if_all_its_steps_are_switched_off() {
        var design = withMain(main(
                        "Desk",
                        button("dead"),
                        button("off", new Step.Off(note("x"))),
                        Part.TextField.of("owner name", "Field")))
                .design();
        assertThat(found(design))
                .containsExactly("dead on Desk does nothing when pressed.", "off on Desk does nothing when pressed.");
    }

    @Test
    void an_ending_without_a_branch_where_a_sibling_has_one_or_that_gives_values() {
        var form = dialog("Form", button("ok", close("ok", Given.of("n", "1"))))
                .ending(List.of(Ending.of("ok", Ending.Give.of("n", Type.WHOLE)), Ending.of("cancelled")));
        assertThat(found(
                        withMain(main("Desk", button("go", waits("Form"))), form)
                                .design(),
                        Kind.MISSING_BRANCH))
                .containsExactly("Desk, go does not say what happens when Form ends ok.");
        assertThat(found(
                        withMain(main("Desk", button("go", waits("Form", when("ok", note("x"))))), form)
                                .design(),
                        Kind.MISSING_BRANCH))
                .containsExactly("Desk, go does not say what happens when Form ends cancelled.");
        assertThat(found(
                        withMain(
                                        main(
                                                "Desk",
                                                button("go", waits("Form", when("ok", note("x")), when("cancelled")))),
                                        form)
                                .design(),
                        Kind.MISSING_BRANCH))
                .isEmpty();
    }

    @Test
    void a_holding_that_is_not_there_or_may_fail_with_nothing_said() {
        var design = withMain(main(
                        "Desk",
                        button("take", Step.TakeHolding.of("radio")),
                        button("other", Step.TakeHolding.of("lock")),
                        button("none", Step.TakeHolding.of("key")),
                        button("back", new Step.GiveBack("key"))))
                .holds(Holding.of("radio").failing(), Holding.of("lock"))
                .design();
        assertThat(found(design).stream().filter(f -> !f.contains("second time")))
                .containsExactlyInAnyOrder(
                        "Desk, take does not say what happens when radio could not be taken.",
                        "Desk, none takes “key”, and there is no holding of that name.",
                        "Desk, back gives back “key”, and there is no holding of that name.");
    }

    @Test
    void a_window_that_nothing_opens_and_one_with_no_way_out() {
        var trap = dialog("Trap").leaving(Way.CLOSE_BOX, new WayOut.Absent()).leaving(Way.ESCAPE, new WayOut.Absent());
        var design = withMain(main("Desk", button("go", waits("Trap"))), trap, child("Lonely"))
                .design();
        assertThat(found(design)).containsExactlyInAnyOrder("Trap has no way out.", "Nothing opens Lonely.");
        var closed = dialog("Trap", button("leave", close("ok")))
                .leaving(Way.CLOSE_BOX, new WayOut.Absent())
                .leaving(Way.ESCAPE, new WayOut.AsPressing("leave"));
        assertThat(found(withMain(main("Desk", button("go", waits("Trap"))), closed)
                        .design()))
                .isEmpty();
    }

    @Test
    void a_name_used_twice() {
        var desk = main("Desk", Part.Caption.of("a", "x"), Part.Caption.of("a", "y"));
        assertThat(found(withMain(desk, child("Desk")).design(), Kind.NAME_TWICE))
                .containsExactly("Two windows are called “Desk”.", "Desk has “a” twice.");
        assertThat(found(
                        withMain(main("Desk", button("go", waits("Sure"))), box("Sure", "Yes", "Yes"))
                                .design(),
                        Kind.NAME_TWICE))
                .containsExactly("Sure has the ending “yes” twice.");
    }

    @Test
    void a_value_not_handed_over_or_of_another_type() {
        FacedWindow form = dialog("Form").taking(List.of(Take.of("bunk", Type.WHOLE)));
        assertThat(found(
                        withMain(main("Desk", button("go", waits("Form"))), form)
                                .design(),
                        Kind.NOT_HANDED_OVER))
                .containsExactly("Desk, go opens Form without handing over “bunk”.");
        assertThat(found(
                        withMain(main("Desk", button("go", waits("Form").handing(Given.of("bunk", "'7'")))), form)
                                .design(),
                        Kind.EXPRESSION))
                .containsExactly("Desk, go, step 1: bunk is a whole; “'7'” is a text.");
    }

    @Test
    void an_expression_that_does_not_type_check_is_found_wherever_it_stands() {
        var desk = main(
                        "Desk",
                        Part.Caption.of("live", "{me.nothing}"),
                        button(
                                "go",
                                set("me.title", "1"),
                                note("{1 +}"),
                                new Step.If(
                                        List.of(new Step.If.Case(
                                                new bivouac.design.Expression("1"), bivouac.design.Script.EMPTY)),
                                        java.util.Optional.empty())))
                .titled("{nobody}");
        assertThat(found(withMain(desk).design(), Kind.EXPRESSION))
                .hasSize(5)
                .anyMatch(f -> f.startsWith("Desk, title: “nobody” means nothing here"))
                .anyMatch(f -> f.contains("“me.title” cannot be set"));
    }

    @Test
    void a_message_box_without_text_and_steps_that_lead_nowhere() {
        var design = withMain(
                        main("Desk", button("go", waits("Empty"), waits("Missing"), stay())),
                        box("Empty", "OK").saying(" "))
                .design();
        assertThat(found(design))
                .contains(
                        "Empty says nothing.",
                        "Desk, go opens “Missing”, and there is no window of that name.",
                        "Desk, go: “stay open” refuses nothing here.");
    }

    @Test
    void an_ending_that_gives_a_value_which_no_step_says() {
        var form = dialog("Form", button("ok", close("ok")))
                .ending(List.of(Ending.of("ok", Ending.Give.of("n", Type.WHOLE))));
        assertThat(found(withMain(main("Desk", button("go", waits("Form", when("ok")))), form)
                        .design()))
                .contains("Form, ok: “ok” gives n, and this step does not say what.");
    }

    @Test
    void shortcuts_choices_pictures_and_links_are_looked_at() {
        var commands = List.of(
                Part.MenuCommand.of("a", "Save", "Ctrl+S"),
                Part.MenuCommand.of("b", "Sort", "ctrl+s"),
                Part.MenuCommand.of("c", "Fly", "Wing+Q"));
        var window = Play.main(
                        "Desk",
                        Part.Choice.of("empty", "Empty"),
                        Part.Choice.of("pen", "Pen", "a", "b"),
                        Part.Picture.of("photo", "sound.wav"),
                        Part.Picture.of("good", "{app.today}.png"),
                        Part.Link.of("nowhere", "Nowhere", ""))
                .withMenus(List.of(new bivouac.design.Menu("File", commands)));
        assertThat(Findings.of(Program.of(Play.withMain(window).design())))
                .extracting(Finding::what)
                .contains(
                        "“ctrl+s” of Sort on Desk is no shortcut.",
                        "ctrl+s on Desk means both Save and Sort.",
                        "“Wing+Q” of Fly on Desk is no shortcut.",
                        "Empty on Desk offers nothing to choose.",
                        "“sound.wav” of photo on Desk is no image.",
                        "Nowhere on Desk leads nowhere.")
                .noneMatch(w -> w.contains("good"));
    }

    @Test
    void filters_of_file_dialogs_are_looked_at() {
        var dialog = bivouac.design.FileDialog.of(bivouac.design.Name.of("Table"), bivouac.design.FileDialog.Asks.SAVE)
                .filtering(
                        List.of(
                                new bivouac.design.FileDialog.Filter("Tables", List.of("/tables/*.csv")),
                                new bivouac.design.FileDialog.Filter("Tables", List.of())),
                        true)
                .replacing(false);
        assertThat(Findings.of(Program.of(Play.design().with(dialog).design())))
                .extracting(Finding::what)
                .contains(
                        "“/tables/*.csv” in the filter “Tables” of Table is no pattern of file names.",
                        "The filter “Tables” of Table has no pattern.",
                        "Two filters of Table are called “Tables”.",
                        "Table does not ask before it replaces a file.");
    }
}

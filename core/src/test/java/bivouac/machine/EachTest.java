package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Traits;
import bivouac.design.Type;
import bivouac.rehearsal.SceneLines;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Parts of which there is one for each row of a list, or for each open window (P5). */
class EachTest {

    private static final String PRESS = "press row %d in \"recent\" of \"Desk\"";

    private static Part.MenuCommand recent(String text, Each each, Traits traits, Step... chosen) {
        return new Part.MenuCommand(
                bivouac.design.Name.of("recent"),
                text,
                "Ctrl+1",
                false,
                false,
                each,
                Optional.empty(),
                Script.of(chosen),
                traits);
    }

    private static FacedWindow withMenu(FacedWindow window, Part.MenuCommand command) {
        return window.withMenus(List.of(new Menu("File", List.of(command))));
    }

    private static Each rows(String list, String ticked) {
        return new Each.OfRows(new Expression(list), Optional.of(new Expression(ticked)));
    }

    private static Making files(Part.MenuCommand command, Step... go) {
        return withMain(withMenu(main("Desk", button("go", go)), command))
                .variable("files", new Type.ListOf(Type.TEXT), "[\"a.txt\", \"b.txt\", \"c.txt\"]")
                .variable("now", Type.TEXT, "\"b.txt\"");
    }

    private static String shown(Play play, String window) {
        return SceneLines.parts(play.window(window)).stream()
                .filter(line -> line.startsWith("recent: "))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void P5_each_row_has_a_command_with_its_text_and_tick_and_its_script_knows_the_row() {
        Play play = files(recent("Open {row}", rows("app.files", "row == app.now"), Traits.USUAL, note("chose {row}")))
                .play();
        assertThat(shown(play, "Desk")).isEqualTo("recent: Open a.txt | Open b.txt [ticked] | Open c.txt");
        play.does(PRESS.formatted(3)).sees("notes “chose c.txt”");
        play.cannot(PRESS.formatted(4)).cannot("press \"recent\" of \"Desk\"");
    }

    @Test
    void P5_they_follow_the_list_and_there_is_none_where_it_is_empty() {
        Play play = files(
                        recent("{row}", rows("app.files", "false"), Traits.USUAL),
                        set("app.files", "app.files.filter(f, f != \"b.txt\")"),
                        note("x"),
                        set("app.files", "[app.files[1]]"))
                .play();
        play.does("press \"go\" of \"Desk\"");
        assertThat(shown(play, "Desk")).isEqualTo("recent: c.txt");
        assertThat(play.window("Desk").part("recent").orElseThrow().each()).hasSize(1);
        Play none = withMain(
                        withMenu(main("Desk"), recent("{row}", new Each.OfRows("app.none"), Traits.USUAL, note("x"))))
                .variable("none", new Type.ListOf(Type.TEXT), "[]")
                .play();
        assertThat(shown(none, "Desk")).isEqualTo("recent: ");
        none.cannot(PRESS.formatted(1));
    }

    @Test
    void P5_a_condition_for_enabled_is_asked_of_each_row_and_a_step_sets_all() {
        Play play = files(recent(
                        "{row}",
                        rows("app.files", "false"),
                        Traits.USUAL.enabled(new Setting.Follows(new Expression("row != app.now"))),
                        set("app.now", "row")))
                .play();
        assertThat(shown(play, "Desk")).isEqualTo("recent: a.txt | b.txt [disabled] | c.txt");
        play.cannot(PRESS.formatted(2)).does(PRESS.formatted(1));
        assertThat(shown(play, "Desk")).isEqualTo("recent: a.txt [disabled] | b.txt | c.txt");

        Play fixed = files(
                        recent("{row}", rows("app.files", "false"), Traits.USUAL, note("x")),
                        set("me.recent.enabled", "false"))
                .play();
        fixed.does("press \"go\" of \"Desk\"").cannot(PRESS.formatted(1));
        assertThat(shown(fixed, "Desk")).startsWith("recent: a.txt [disabled] | b.txt [disabled]");
    }

    @Test
    void P5_its_row_is_the_value_that_stood_there_whatever_becomes_of_the_list() {
        files(recent(
                        "{row}",
                        rows("app.files", "false"),
                        Traits.USUAL,
                        set("app.files", "[]"),
                        waits("Sure", when("yes", note("still {row}")))))
                .with(box("Sure", "Yes", "No"))
                .play()
                .does(PRESS.formatted(2))
                .does("answer \"yes\" of \"Sure\"")
                .seesAmongOthers("notes “still b.txt”")
                .cannot(PRESS.formatted(1));
    }

    @Test
    void P5_rows_of_a_list_have_their_columns() {
        var list = Part.ListOfRows.of(
                        "plan", "Plan", new Type.Column("guest", Type.TEXT), new Type.Column("nights", Type.WHOLE))
                .starting(List.of(List.of("Ilva", "2"), List.of("Bero", "1")));
        FacedWindow desk = main(
                "Desk",
                list,
                Part.Button.of("recent", "{row.guest} stays {row.nights}")
                        .forEach(new Each.OfRows("me.plan.rows.sortBy(r, r.nights)"))
                        .triggering(Script.of(note("{row.guest}: {row.nights + 1}"))));
        Play play = withMain(desk).play();
        assertThat(shown(play, "Desk")).isEqualTo("recent: Bero stays 1 | Ilva stays 2");
        play.does(PRESS.formatted(2)).sees("notes “Ilva: 3”");
    }

    @Test
    void P5_of_too_many_rows_the_first_stand_there() {
        String many = "\"x\" + \"0123456789\".split(\"\").map(a, \"0123456789\".split(\"\").map(b, a + b).join(\",\"))"
                + ".join(\",\")";
        Play play = withMain(withMenu(
                        main("Desk"),
                        recent("{row}", new Each.OfRows("(app.a + app.a + app.a)"), Traits.USUAL, note("{row}"))))
                .variable("a", new Type.ListOf(Type.TEXT), "(" + many + ").split(\",\")")
                .play();
        assertThat(play.window("Desk").part("recent").orElseThrow().each()).hasSize(Each.MOST);
        play.does(PRESS.formatted(Each.MOST)).cannot(PRESS.formatted(Each.MOST + 1));
    }

    @Test
    void P5_a_list_with_a_fault_has_no_rows_and_the_fault_is_met_at_rest() {
        Play play = files(recent("{row}", new Each.OfRows("[app.files[number(app.now) > 2.0 ? 0 : 1]]"), Traits.USUAL))
                .play();
        assertThat(shown(play, "Desk")).isEqualTo("recent: ");
        assertThat(play.seen().toString()).contains("X3");
    }

    private static FacedWindow several(String name, Part... parts) {
        return child(name, parts).living(Optional.of(new Instances.Many()), false);
    }

    private static Making sheets(Step... chosen) {
        FacedWindow sheet = withMenu(
                        several("Sheet", button("leave", close("closed"))),
                        recent("", new Each.OfWindows("Sheet"), Traits.USUAL, chosen))
                .titled("Sheet {takes.n}")
                .taking(List.of(bivouac.design.Take.of("n", Type.WHOLE)));
        return withMain(main(
                        "Desk",
                        button(
                                "go",
                                alongside("Sheet").handing(bivouac.design.Given.of("n", "app.n")),
                                set("app.n", "app.n + 1"))))
                .variable("n", Type.WHOLE, "1")
                .with(sheet);
    }

    @Test
    void P5_each_open_window_has_a_command_with_its_title_ticked_at_its_own() {
        Play play = sheets(new Step.Reach(Step.Reach.How.BRING_TO_FRONT, new Target.Kept("row")))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"");
        assertThat(shown(play, "Sheet (2)")).isEqualTo("recent: Sheet 1 | Sheet 2 [ticked] | Sheet 3");
        play.does("press row 1 in \"recent\" of \"Sheet\" 3").stacks("Sheet (2)", "Desk", "Sheet (3)", "Sheet");
        play.does("press \"leave\" of \"Sheet\" 2");
        assertThat(shown(play, "Sheet")).isEqualTo("recent: Sheet 1 [ticked] | Sheet 3");
        play.cannot("press row 3 in \"recent\" of \"Sheet\"");
    }

    @Test
    void P5_the_window_is_kept_under_the_name_of_its_row_and_can_be_gone() {
        sheets(
                        note("{row.title}"),
                        new Step.Close(new Target.Kept("row"), Optional.empty(), List.of(), Script.EMPTY),
                        onlyIf("!isOpen(row)", note("gone")),
                        note("{row.title}"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .does("press row 1 in \"recent\" of \"Sheet\" 2")
                .seesAmongOthers("notes “Sheet 1”", "notes “gone”")
                .faults(Fault.Rule.X3);
    }

    @Test
    void P5_it_is_no_way_out() {
        FacedWindow desk = withMenu(main("Desk"), recent("{row}", new Each.OfRows("[1, 2]"), Traits.USUAL, note("x")));
        Play play = withMain(desk.leaving(bivouac.design.Way.ESCAPE, new bivouac.design.WayOut.AsPressing("recent")))
                .play();
        play.cannot("Escape of \"Desk\"").does(PRESS.formatted(2)).sees("notes “x”");
    }

    private static Making guests(Step... go) {
        return withMain(main(
                        "Desk",
                        Part.Choice.of("guest", "Guest").following("app.guests"),
                        button("go", go),
                        button("ask", note("{me.guest.anyChosen} {me.guest.anyChosen ? me.guest : \"\"}"))))
                .variable("guests", new Type.ListOf(Type.TEXT), "[\"Ilva\", \"Bero\"]");
    }

    @Test
    void P5_the_items_of_a_choice_follow_a_list_and_what_is_none_any_more_counts_as_none() {
        Play play = guests(set("app.guests", "app.guests.size() == 2 ? [\"Ilva\"] : [\"Ilva\", \"Bero\"]"))
                .play();
        play.cannot("select \"Maba\" in \"guest\" of \"Desk\"")
                .does("select \"Bero\" in \"guest\" of \"Desk\"")
                .does("press \"ask\" of \"Desk\"")
                .sees("notes “yes Bero”")
                .does("press \"go\" of \"Desk\"")
                .shows("Desk", "guest", "")
                .cannot("select \"Bero\" in \"guest\" of \"Desk\"")
                .does("press \"ask\" of \"Desk\"")
                .sees("notes “no ”")
                .does("press \"go\" of \"Desk\"")
                .does("press \"ask\" of \"Desk\"")
                .sees("notes “yes Bero”");
        assertThat(play.window("Desk").part("guest").orElseThrow().items()).containsExactly("Ilva", "Bero");
    }

    @Test
    void P5_a_step_chooses_what_is_an_item_at_that_moment_and_else_it_is_a_fault() {
        guests(
                        set("app.guests", "[\"Maba\"]"),
                        set("me.guest", "\"Maba\""),
                        note("{me.guest}"),
                        set("me.guest", "\"Ilva\""))
                .play()
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “Maba”")
                .faults(Fault.Rule.X3);
        guests(note("{me.guest}")).play().does("press \"go\" of \"Desk\"").faults(Fault.Rule.X3);
    }

    @Test
    void exploring_finds_what_only_an_item_of_a_list_leads_to() {
        Design ends = guests(onlyIf("me.guest.anyChosen && me.guest == \"Bero\"", end()))
                .design();
        // nothing chosen, Ilva, Bero, the end, and what was killed
        assertThat(explored(ends).situations()).isEqualTo(5);
    }

    @Test
    void exploring_tries_each_row_and_tells_apart_what_they_are() {
        Design one = withMain(withMenu(
                        main("Desk", button("go", set("app.files", "[\"a\"]"))),
                        recent("{row}", new Each.OfRows("app.files"), Traits.USUAL, onlyIf("row == \"b\"", end()))))
                .variable("files", new Type.ListOf(Type.TEXT), "[\"a\", \"b\"]")
                .design();
        // both, the first alone, and the end, which only the second leads to; and what was killed
        assertThat(explored(one).situations()).isEqualTo(3 + 1);
    }

    @Test
    void exploring_tells_apart_how_many_rows_there_are_where_nothing_else_asks() {
        Design grows = withMain(withMenu(
                        main("Desk", button("go", set("app.files", "[\"a\"]"))),
                        recent("{row}", new Each.OfRows("app.files"), Traits.USUAL, end())))
                .variable("files", new Type.ListOf(Type.TEXT), "[]")
                .design();
        // none, one, the end, and what was killed
        assertThat(explored(grows).situations()).isEqualTo(4);
    }
}

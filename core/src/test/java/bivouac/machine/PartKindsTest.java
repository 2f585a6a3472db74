package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What each kind of part holds and how it is used: P1, P2, P4. */
class PartKindsTest {

    private static Play desk(Part part, Step... pressed) {
        return withMain(main("Desk", part, button("go", pressed))).play();
    }

    @Test
    void P1_a_whole_number_field_holds_a_whole_or_text_that_is_none() {
        desk(
                        Part.ValueField.of("sheep", "Sheep", Part.Holds.WHOLE),
                        note("{me.sheep.given} {me.sheep.typed}"),
                        note("{me.sheep + 1}"))
                .does("type \"41\" into \"sheep\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .sees("notes “yes 41”", "notes “42”")
                .does("type \"4.5\" into \"sheep\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3)
                .seesAmongOthers("notes “no 4.5”");
    }

    @Test
    void P1_a_date_field_holds_a_date_that_can_be_reckoned_with() {
        desk(Part.ValueField.of("shearing", "Shearing", Part.Holds.DATE), note("{days(app.today, me.shearing)}"))
                .does("type \"2026-12-01\" into \"shearing\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .sees("notes “8”")
                .does("type \"tomorrow\" into \"shearing\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void P1_a_value_field_is_set_from_a_script_and_shows_it() {
        desk(Part.ValueField.of("shearing", "Shearing", Part.Holds.DATE), set("me.shearing", "app.today"))
                .does("press \"go\" of \"Desk\"")
                .shows("Desk", "shearing", "2026-11-23");
    }

    @Test
    void P1_P4_a_choice_holds_one_of_its_items_or_none() {
        desk(Part.Choice.of("pen", "Pen", "north", "south"), note("{me.pen.anyChosen ? me.pen : \"none\"}"))
                .does("press \"go\" of \"Desk\"")
                .sees("notes “none”")
                .cannot("select \"west\" in \"pen\" of \"Desk\"")
                .does("select \"south\" in \"pen\" of \"Desk\"")
                .shows("Desk", "pen", "south")
                .does("press \"go\" of \"Desk\"")
                .sees("notes “south”");
    }

    @Test
    void X3_reading_a_choice_of_which_nothing_is_chosen_and_setting_what_is_no_item() {
        desk(Part.Choice.of("pen", "Pen", "north"), note("{me.pen}"))
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3);
        desk(Part.Choice.of("pen", "Pen", "north"), set("me.pen", "\"west\""))
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3)
                .shows("Desk", "pen", "");
    }

    @Test
    void P2_choosing_runs_the_script_of_the_choice() {
        var pen = Part.Choice.of("pen", "Pen", "north", "south").triggering(Script.of(note("{me.pen}")));
        desk(pen).does("select \"north\" in \"pen\" of \"Desk\"").sees("notes “north”");
    }

    @Test
    void P1_a_tick_command_turns_over_when_it_is_chosen_and_can_be_set() {
        var tick = new Part.MenuCommand(
                bivouac.design.Name.of("lambs"),
                "Lambs too",
                "",
                true,
                false,
                bivouac.design.Each.ONCE,
                java.util.Optional.empty(),
                Script.of(note("{me.lambs.ticked}")),
                bivouac.design.Traits.USUAL);
        var window = main("Desk", button("go", set("me.lambs.ticked", "false")))
                .withMenus(List.of(new bivouac.design.Menu("View", List.of(tick))));
        var play = withMain(window).play();
        play.does("press \"lambs\" of \"Desk\"").sees("notes “yes”");
        assertThat(play.text("Desk", "lambs")).isEqualTo("Lambs too");
        play.does("press \"go\" of \"Desk\"")
                .does("press \"lambs\" of \"Desk\"")
                .sees("notes “yes”");
    }

    @Test
    void E3_following_a_link_is_seen_with_where_it_leads_and_then_its_script_runs() {
        var link = Part.Link.of("weather", "Weather", "https://weather.example/{app.today}")
                .triggering(Script.of(note("followed")));
        desk(link)
                .does("press \"weather\" of \"Desk\"")
                .sees("follows the link to https://weather.example/2026-11-23", "notes “followed”");
        desk(Part.Link.of("inside", "Inside", ""))
                .does("press \"inside\" of \"Desk\"")
                .sees();
    }

    @Test
    void a_trigger_marked_as_not_there_yet_says_so_and_the_script_goes_on() {
        withMain(main(
                        "Desk",
                        Part.Button.of("count", "&Count sheep")
                                .triggering(Script.of(new Step.NotThereYet(), note("on")))))
                .play()
                .does("press \"count\" of \"Desk\"")
                .sees("notes “Count sheep is not there yet.”", "notes “on”")
                .hasNoFault();
    }

    @Test
    void P1_a_picture_is_a_file_that_can_be_set() {
        desk(Part.Picture.of("photo", "dog.png"), set("me.photo", "\"cat.png\""))
                .shows("Desk", "photo", "dog.png")
                .does("press \"go\" of \"Desk\"")
                .shows("Desk", "photo", "cat.png");
    }
}

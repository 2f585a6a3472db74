package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Traits;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is selected in a text field (P7). */
class TextSelectionTest {

    private static final Step SAYS = note("{me.body.selection.from}-{me.body.selection.to}:{me.body.selection.text}");

    private static Part.TextField body(Script changed, Traits traits) {
        return new Part.TextField(
                Name.of("body"),
                "Body",
                "hay and more hay",
                OptionalInt.of(20),
                Part.Entry.SEVERAL_LINES,
                changed,
                traits);
    }

    private static Part.TextField body() {
        return body(Script.EMPTY, Traits.USUAL);
    }

    private static FacedWindow desk(Part.TextField body, Step... go) {
        return main("Desk", body, button("go", go), button("says", SAYS));
    }

    @Test
    void P7_a_window_opens_with_the_cursor_before_the_text() {
        withMain(desk(body())).play().does("press \"says\" of \"Desk\"").seesAmongOthers("notes “0-0:”");
    }

    @Test
    void P7_what_is_typed_leaves_the_cursor_behind_it_and_no_more_is_held_than_the_longest() {
        withMain(desk(body()))
                .play()
                .does("type \"0123456789012345678901234\" into \"body\" of \"Desk\"")
                .does("press \"says\" of \"Desk\"")
                .seesAmongOthers("notes “20-20:”");
    }

    @Test
    void P7_another_text_that_a_step_puts_there_has_the_cursor_before_it_and_the_same_leaves_it() {
        withMain(desk(body(), set("me.body", "me.body"), SAYS, set("me.body", "\"straw\""), SAYS))
                .play()
                .does("select from 4 to 7 in \"body\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “4-7:and”", "notes “0-0:”");
    }

    @Test
    void P7_what_a_person_selects_starts_no_trigger_and_changes_nothing() {
        withMain(desk(body(Script.of(note("changed")), Traits.USUAL), note("{me.body.changed}")))
                .play()
                .does("select from 0 to 3 in \"body\" of \"Desk\"")
                .sees()
                .does("press \"says\" of \"Desk\"")
                .seesAmongOthers("notes “0-3:hay”")
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “no”");
    }

    @ParameterizedTest
    @CsvSource({
        "me.body.selection.from,5,5-9:nd m",
        "me.body.selection.from,12,12-12:",
        "me.body.selection.to,16,4-16:and more hay",
        "me.body.selection.to,2,2-2:",
        "me.body.selection.to,0,0-0:",
    })
    void P7_a_step_sets_a_place_and_the_other_goes_along(String which, String value, String expected) {
        withMain(desk(body(), set(which, value), SAYS))
                .play()
                .does("select from 4 to 9 in \"body\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “" + expected + "”");
    }

    @ParameterizedTest
    @CsvSource({
        "me.body.selection.from,17",
        "me.body.selection.to,17",
        "me.body.selection.from,-1",
        "me.body.selection.to,-1"
    })
    void P7_a_place_that_the_text_does_not_have_is_X3(String which, String value) {
        withMain(desk(body(), set(which, value), SAYS))
                .play()
                .does("press \"go\" of \"Desk\"")
                .faults(Fault.Rule.X3);
    }

    @Test
    void P7_a_text_is_written_in_place_of_what_is_selected_and_that_is_a_change_of_a_persons() {
        withMain(desk(
                        body(),
                        set("me.body.selection.text", "\"hay\""),
                        note("{me.body.changed} {me.body}"),
                        set("me.body.selection.from", "0"),
                        set("me.body.selection.text", "\"oats\""),
                        note("{me.body.changed} {me.body}"),
                        SAYS))
                .play()
                .does("select from 0 to 3 in \"body\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “no hay and more hay”", "notes “yes oats and more hay”", "notes “4-4:”");
    }

    @Test
    void P7_no_more_is_written_than_there_is_room_for() {
        withMain(desk(body(), set("me.body.selection.text", "\"0123456789\""), note("{me.body}"), SAYS))
                .play()
                .does("select from 3 to 4 in \"body\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “hay01234and more hay”", "notes “8-8:”");
    }

    @Test
    void P7_places_are_counted_in_characters_and_not_in_halves_of_them() {
        withMain(desk(body(), set("me.body", "\"🌾🌾x\""), set("me.body.selection.to", "2"), SAYS))
                .play()
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “0-2:🌾🌾”");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "select from 0 to 17 in \"body\" of \"Desk\"",
                "select from 7 to 3 in \"body\" of \"Desk\"",
                "select from 0 to 0 in \"body\" of \"Desk\"",
                "select from 0 to 1 in \"go\" of \"Desk\"",
            })
    void P7_what_is_selected_already_or_not_in_the_text_is_no_event(String line) {
        withMain(desk(body())).play().cannot(line);
    }

    @Test
    void P7_a_read_only_field_can_be_selected_in_and_a_disabled_one_cannot() {
        var readOnly = body(Script.EMPTY, new Traits(Setting.YES, Setting.YES, Setting.YES, "", ""));
        withMain(desk(readOnly))
                .play()
                .does("select from 0 to 3 in \"body\" of \"Desk\"")
                .does("press \"says\" of \"Desk\"")
                .seesAmongOthers("notes “0-3:hay”");
        var disabled = body(Script.EMPTY, new Traits(Setting.NO, Setting.YES, Setting.NO, "", ""));
        withMain(desk(disabled)).play().cannot("select from 0 to 3 in \"body\" of \"Desk\"");
    }

    @Test
    void a_selection_that_nobody_asks_for_is_no_part_of_a_state_and_one_that_is_asked_for_is_explored() {
        Design unread = withMain(main("Desk", body(), button("go", note("x")))).design();
        Design asks = withMain(main(
                        "Desk",
                        body(),
                        button(
                                "go",
                                new Step.If(
                                        List.of(new Step.If.Case(
                                                new Expression("me.body.selection.text != \"\""),
                                                Script.of(note("some")))),
                                        Optional.empty()))))
                .design();
        Design replaces = withMain(main(
                        "Desk",
                        body(),
                        button("go", set("me.body.selection.text", "\"x\"")),
                        button(
                                "if",
                                new Step.If(
                                        List.of(new Step.If.Case(
                                                new Expression("me.body == \"x\""), Script.of(note("some")))),
                                        Optional.empty()))))
                .design();
        assertThat(explored(unread).situations()).isLessThan(explored(asks).situations());
        assertThat(Program.of(replaces)
                        .window("Desk")
                        .orElseThrow()
                        .part("body")
                        .orElseThrow()
                        .selection()
                        .orElseThrow()
                        .isAsked())
                .isTrue();
        assertThat(explored(replaces).situations()).isGreaterThan(3);
    }
}

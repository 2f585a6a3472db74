package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.plan.Cell;
import bivouac.plan.Program;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a person has changed since a step last set it (P1). */
class ChangedTest {

    private static FacedWindow desk(Step... go) {
        return main(
                "Desk",
                Part.TextField.of("body", "Body"),
                Part.ValueField.of("nights", "Nights", Part.Holds.WHOLE),
                Part.Choice.of("board", "Board", "full", "half"),
                Part.TickBox.of("hay", "Hay"),
                button("go", go));
    }

    @ParameterizedTest
    @CsvSource({
        "body,type \"abc\" into \"body\" of \"Desk\",\"x\"",
        "nights,type \"7\" into \"nights\" of \"Desk\",3",
        "board,select \"half\" in \"board\" of \"Desk\",\"full\"",
        "hay,tick \"hay\" of \"Desk\",false",
    })
    void P1_a_person_changes_it_and_a_step_that_sets_it_takes_that_back(String part, String by, String value) {
        String path = "me." + part;
        withMain(desk(note("{" + path + ".changed}"), set(path, value), note("{" + path + ".changed}")))
                .play()
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “no”", "notes “no”")
                .does(by)
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “yes”", "notes “no”")
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “no”", "notes “no”");
    }

    @Test
    void P1_the_mark_is_taken_away_by_itself_when_it_was_saved_and_the_text_stays() {
        withMain(desk(set("me.body.changed", "false"), note("{me.body} {me.body.changed}")))
                .play()
                .does("type \"abc\" into \"body\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “abc no”");
    }

    @Test
    void P1_what_it_is_opened_with_and_what_its_own_script_sets_nobody_has_changed() {
        FacedWindow opened = desk(note("{me.body.changed}"))
                .at(FacedWindow.Moment.OPENED, Script.of(set("me.body", "\"from the script\"")));
        withMain(opened)
                .play()
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “no”")
                .does("type \"from the script!\" into \"body\" of \"Desk\"")
                .does("press \"go\" of \"Desk\"")
                .seesAmongOthers("notes “yes”");
    }

    @Test
    void a_mark_that_nobody_reads_is_no_part_of_a_state_and_one_that_is_read_is_explored() {
        Design unread = withMain(desk(note("x"))).design();
        Design asks = withMain(desk(new Step.If(
                        List.of(new Step.If.Case(
                                new bivouac.design.Expression("me.body.changed"), Script.of(note("unsaved")))),
                        java.util.Optional.empty())))
                .design();
        Program none = Program.of(unread);
        Program some = Program.of(asks);
        Cell cell = some.window("Desk").orElseThrow().part("body").orElseThrow().changed();
        assertThat(none.cells().matters(cell)).isFalse();
        assertThat(some.cells().matters(cell)).isTrue();
        assertThat(explored(asks).situations()).isEqualTo(explored(unread).situations() + 1);
    }
}

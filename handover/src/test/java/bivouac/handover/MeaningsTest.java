package bivouac.handover;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Type;
import bivouac.expression.Value;
import bivouac.handover.meaning.FirstCells;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.PlainTypes;
import bivouac.handover.meaning.Say;
import bivouac.handover.meaning.Says;
import bivouac.handover.meaning.Uses;
import bivouac.handover.meaning.Wordings;
import bivouac.handover.meaning.Words;
import bivouac.plan.Program;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Expressions and texts with every name resolved: what stands in them, and what they read. */
class MeaningsTest {

    private static final ScriptPlace PLACE = new ScriptPlace.AtMoment("Desk", FacedWindow.Moment.OPENED);

    private static Program program() {
        return Program.of(withMain(
                        main("Desk", Part.TextField.of("name", "Name"), button("go", alongside("Card"), waits("Form"))),
                        owned(child("Card", Part.TextField.of("name", ""))),
                        dialog("Form", button("again", alongside("Card", when("closed", note("x"))))))
                .works(task("save", "saved"), task("look", "seen"))
                .variable("n", Type.WHOLE, "0")
                .variable("word", Type.TEXT, "''")
                .does(bivouac.design.NamedScript.of(
                        "both",
                        run("save"),
                        run("look").inBackground(true),
                        new bivouac.design.Step.TurnTimer(bivouac.design.Step.TurnTimer.How.START, "tick")))
                .design());
    }

    private static Say say(String expression, ScriptPlace place, Map<String, String> locals) {
        return new Meanings(program())
                .of(new Expression(expression), new Here(place, Optional.empty(), locals, Map.of()))
                .orElseThrow();
    }

    private static Say say(String expression) {
        return say(expression, PLACE, Map.of());
    }

    @Test
    void a_first_cell_is_read_as_the_rehearsal_reads_it() {
        assertThat(FirstCells.say(" yes ", Type.YESNO)).contains(new Say.Literal(Value.YES, Type.Plain.YESNO));
        assertThat(FirstCells.say("true", Type.YESNO)).isEmpty();
        assertThat(FirstCells.say("2026-02-30", Type.DATE)).isEmpty();
        assertThat(FirstCells.say("+7", Type.WHOLE)).contains(new Say.Literal(new Value.Whole(7), Type.Plain.WHOLE));
    }

    @Test
    void names_are_what_they_stand_for() {
        assertThat(say("app.n")).isEqualTo(new Say.OfApplication("n", Type.WHOLE));
        assertThat(say("app.today")).isEqualTo(new Say.Today());
        assertThat(say("me.name")).isInstanceOfSatisfying(Say.Member.class, m -> {
            assertThat(m.whose()).isEqualTo(new Say.Whose.Me());
            assertThat(m.windows()).containsExactly("Desk");
        });
        assertThat(say("card.name")).isInstanceOfSatisfying(Say.Member.class, m -> {
            assertThat(m.whose()).isEqualTo(new Say.Whose.TheOnly());
            assertThat(m.windows()).containsExactly("Card");
        });
        assertThat(say("isOpen(card)")).isEqualTo(new Say.IsOpen("Card"));
        assertThat(new Meanings(program()).of(new Expression("app.nothing"), Here.on(PLACE)))
                .isEmpty();
    }

    @Test
    void an_owner_of_several_kinds_is_all_of_them() {
        Say say = say("owner.title", new ScriptPlace.AtMoment("Card", FacedWindow.Moment.OPENED), Map.of());
        assertThat(say).isInstanceOfSatisfying(Say.Member.class, m -> {
            assertThat(m.whose()).isEqualTo(new Say.Whose.Owner());
            assertThat(m.windows()).containsExactlyInAnyOrder("Desk", "Form");
        });
    }

    @Test
    void what_an_expression_reads_is_found_however_deep_it_stands() {
        assertThat(Says.readsApplication(say("size('a' + app.word) > 1 ? 'x' : 'y'")))
                .isTrue();
        assertThat(Says.readsApplication(say("[1, 2].exists(x, x > 1)"))).isFalse();
        assertThat(Says.readsApplication(say("app.today == date('2026-11-23')")))
                .isTrue();
        assertThat(Says.readsApplication(say("me.name == ''"))).isTrue();
        assertThat(Says.within(say("1 + 2 * 3")).filter(Say.Literal.class::isInstance))
                .hasSize(3);
        var take = new Say.Local("guest2", Type.TEXT);
        Say inside = new Say.Items(List.of(new Say.Column(take, "x", Type.TEXT)), new Type.ListOf(Type.TEXT));
        assertThat(Says.locals(inside)).containsExactly("guest2");
        var kept = new Say.IsKept(new Say.Whose.KeptByScript("board"));
        assertThat(Says.locals(new Say.Decides(true, kept, kept, false))).containsExactly("board", "board");
        assertThat(Says.local(new Say.Whose.Owner())).isEmpty();
    }

    @Test
    void what_is_written_out_has_the_type_that_its_place_says() {
        var days = new Type.ListOf(Type.DATE);
        var row = new Type.RowOf(List.of(new Type.Column("name", Type.TEXT), new Type.Column("days", days)));
        Say written = say("app.n > 1 ? {'name': 'a', 'days': []} : {'name': 'b', 'days': []}");
        assertThat(Says.as(written, row)).isInstanceOfSatisfying(Say.Choice.class, c -> {
            assertThat(c.yes().type()).isEqualTo(row);
            assertThat(((Say.RowOf) c.no()).values().getLast().type()).isEqualTo(days);
        });
        Say list = Says.as(say("[{'name': 'a', 'days': []}]"), new Type.ListOf(row));
        assertThat(((Say.Items) list).items().getFirst().type()).isEqualTo(row);
        assertThat(Says.as(say("app.word"), Type.TEXT)).isEqualTo(say("app.word"));
    }

    @Test
    void texts_hold_their_values_in_order_and_braces_as_they_are() {
        var texts = new Wordings(new Meanings(program()));
        Here here = Here.on(PLACE);
        assertThat(texts.words("a", "{app.n} of {app.word}", here)).isInstanceOfSatisfying(Words.Keyed.class, k -> {
            assertThat(k.key()).isEqualTo("a");
            assertThat(k.values()).hasSize(2);
        });
        texts.words("b", "a {{ brace", here);
        texts.words("c", "ends {here", here);
        texts.words("a", "another", here);
        assertThat(texts.texts())
                .containsEntry("a", "{0} of {1}")
                .containsEntry("b", "a {{} brace")
                .containsEntry("c", "ends {{}here")
                .containsEntry("a2", "another");
        assertThat(texts.words("a", "another", here))
                .as("the same text, the same key")
                .isEqualTo(new Words.Keyed("a2", List.of()));
    }

    @Test
    void what_is_used_is_told_so_that_nothing_else_is_written() {
        Uses uses = Uses.of(program().design());
        assertThat(uses.opened()).containsExactlyInAnyOrder("Desk", "Card");
        assertThat(uses.answered()).containsExactly("Card");
        assertThat(uses.asked()).containsExactly("Form");
        assertThat(uses.foreground()).containsExactly("save");
        assertThat(uses.background()).containsExactly("look");
        assertThat(uses.started()).containsExactly("tick");
        assertThat(uses.stopped()).isEmpty();
    }

    @Test
    void types_that_are_texts_to_a_program_are_texts() {
        var row = new Type.RowOf(List.of(new Type.Column("file", Type.Plain.FILE), new Type.Column("n", Type.WHOLE)));
        assertThat(PlainTypes.of(row))
                .isEqualTo(
                        new Type.RowOf(List.of(new Type.Column("file", Type.TEXT), new Type.Column("n", Type.WHOLE))));
        assertThat(PlainTypes.of(new Type.ListOf(Type.Plain.COLOUR))).isEqualTo(new Type.ListOf(Type.TEXT));
        assertThat(PlainTypes.of((Type) Type.Plain.DATE)).isEqualTo(Type.Plain.DATE);
    }
}

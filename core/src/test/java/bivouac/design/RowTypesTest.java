package bivouac.design;

import static bivouac.machine.Play.box;
import static bivouac.machine.Play.child;
import static bivouac.machine.Play.main;
import static bivouac.machine.Play.withMain;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.sentence.Declarations;
import bivouac.sentence.TaskLine;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** V1: the type of a list's rows is called by the list. */
class RowTypesTest {

    private static final Type.RowOf GUEST =
            new Type.RowOf(List.of(new Type.Column("guest", Type.TEXT), new Type.Column("nights", Type.WHOLE)));

    private static Part list(String name, Type.RowOf row) {
        return Part.ListOfRows.of(name, name, row.columns().toArray(Type.Column[]::new));
    }

    private static Design design(Part... parts) {
        return withMain(main("Register", parts), child("Archive")).design();
    }

    private static final String WHOLE = "list of row of (guest: text, nights: whole)";

    @Test
    void V1_what_is_typed_by_the_list_is_what_is_written_out() throws Exception {
        RowTypes rows = RowTypes.of(design(list("tonight", GUEST)));
        Task task = TaskLine.read(rows.whole("write taking at: file, guests: rows of tonight ends done; failed"));
        assertThat(task.takes().getLast().type()).isEqualTo(new Type.ListOf(GUEST));
        assertThat(rows.named(TaskLine.write(task)))
                .isEqualTo("write taking at: file, guests: rows of tonight ends done; failed");
        assertThat(Declarations.readTakes(rows.whole("one: row of register.tonight"), List.of())
                        .getFirst()
                        .type())
                .isEqualTo(GUEST);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "x: text = \"rows of tonight\"",
                "x: text = 'row of tonight'",
                "rows of nowhere: text",
                "x: rows of Tonight",
                "x: text = \"a \\\" rows of tonight\"",
                "rows offshore: text",
                ""
            })
    void what_is_no_name_of_a_list_stays_as_it_is_typed(String line) {
        assertThat(RowTypes.of(design(list("tonight", GUEST))).whole(line)).isEqualTo(line);
    }

    @Test
    void of_two_lists_of_one_name_the_window_says_which_unless_they_hold_the_same() {
        var other = new Type.RowOf(List.of(new Type.Column("year", Type.WHOLE)));
        Design two = withMain(main("Register", list("all", GUEST)), child("Archive", list("all", other)))
                .design();
        RowTypes rows = RowTypes.of(two);
        assertThat(rows.names()).containsExactly("archive.all", "register.all");
        assertThat(rows.named("x: " + WHOLE)).isEqualTo("x: rows of register.all");
        assertThat(rows.whole("x: rows of all")).isEqualTo("x: rows of all");
        Design same = withMain(main("Register", list("all", GUEST)), child("Archive", list("all", GUEST)))
                .design();
        assertThat(RowTypes.of(same).named("x: " + WHOLE)).isEqualTo("x: rows of all");
    }

    @Test
    void where_there_is_no_list_all_stays_written_out() {
        RowTypes none = RowTypes.of(design());
        assertThat(none.named("x: " + WHOLE)).isEqualTo("x: " + WHOLE);
        assertThat(none.names()).isEmpty();
    }

    @Test
    void V1_when_the_rows_of_a_list_become_others_all_that_takes_or_gives_them_goes_along() throws Exception {
        Task task = TaskLine.read("write taking guests: " + WHOLE + " ends done giving back: " + WHOLE);
        FacedWindow card = child("Card").taking(List.of(Take.of("one", GUEST)));
        MessageBox told = box("Told", "OK").taking(List.of(Take.of("one", GUEST)));
        Design before = withMain(main("Register", list("tonight", GUEST)), card, told)
                .works(task)
                .variable("kept", new Type.ListOf(GUEST), "[]")
                .design();
        var more = new Type.RowOf(List.of(
                new Type.Column("guest", Type.TEXT),
                new Type.Column("nights", Type.WHOLE),
                new Type.Column("board", Type.TEXT)));
        Design changed =
                before.changingFace("Register", f -> f.mapParts(p -> java.util.Optional.of(list("tonight", more))));
        Design after = RowTypes.carried(changed, GUEST, more);
        Task then = after.application().tasks().getFirst();
        assertThat(then.takes().getFirst().type()).isEqualTo(new Type.ListOf(more));
        assertThat(then.endings().getFirst().gives().getFirst().type()).isEqualTo(new Type.ListOf(more));
        assertThat(after.application().variables().getLast().type()).isEqualTo(new Type.ListOf(more));
        assertThat(after.window("Card").orElseThrow().takes().getFirst().type()).isEqualTo(more);
        assertThat(after.window("Told").orElseThrow().takes().getFirst().type()).isEqualTo(more);
    }

    @Test
    void while_another_list_still_has_such_rows_nothing_goes_along() {
        Design two = withMain(main("Register", list("a", GUEST)), child("Archive", list("b", GUEST)))
                .variable("kept", new Type.ListOf(GUEST), "[]")
                .design();
        var other = new Type.RowOf(List.of(new Type.Column("x", Type.TEXT)));
        assertThat(RowTypes.carried(two, GUEST, other)).isEqualTo(two);
    }
}

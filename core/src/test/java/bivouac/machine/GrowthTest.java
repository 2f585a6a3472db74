package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Part;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.plan.Deciding;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** How far what can grow without end is followed, and in which words that is said: everything within the bound, and one step beyond. */
class GrowthTest {

    /** Where a growing thing stands that is followed as an exploration follows it. */
    private static final class Grown {
        private final Program program;
        private final Growth growth;
        private final Stepper stepper;

        Grown(Design design) {
            program = Program.of(design);
            assertThat(program.troubles()).isEmpty();
            growth = new Growth(program, Deciding.of(program, List.of()), TODAY);
            stepper = new Stepper(new Machine(program), TODAY);
            stepper.start();
        }

        /** Does the first event that is such a one, of the window that was opened last. */
        private Grown does(java.util.function.Predicate<Event> which) {
            int events = Presses.open(stepper);
            for (int e = events - 1; e >= 0; e--) {
                if (which.test(stepper.event(e))) {
                    stepper.step(e);
                    return this;
                }
            }
            throw new AssertionError("not possible");
        }

        Grown presses(int part, int times) {
            for (int i = 0; i < times; i++) {
                assertThat(bound()).as("after %d", i).isEmpty();
                does(e -> e instanceof Event.Press(int window, int p) && p == part);
            }
            return this;
        }

        String bound() {
            int beyond = stepper.beyond(growth);
            return beyond < 0 ? "" : growth.words(beyond);
        }
    }

    private static Grown of(String type, String starts, String grows, String decides) {
        return new Grown(
                withMain(main("Desk", button("more", set("app.v", grows)), button("go", onlyIf(decides, note("x")))))
                        .variable("v", type(type), starts)
                        .design());
    }

    private static Type type(String name) {
        return switch (name) {
            case "whole" -> Type.WHOLE;
            case "number" -> Type.NUMBER;
            case "text" -> Type.TEXT;
            case "date" -> Type.DATE;
            default -> new Type.ListOf(Type.TEXT);
        };
    }

    @Test
    void a_number_is_followed_to_twelve_or_two_beyond_what_it_is_compared_with() {
        Grown few = of("whole", "0", "app.v + 1", "app.v == 3").presses(0, 12);
        assertThat(few.bound()).isEmpty();
        assertThat(few.presses(0, 1).bound()).isEqualTo("app.v up to 12");
        Grown many = of("whole", "0", "app.v - 1", "app.v == -20").presses(0, 22);
        assertThat(many.bound()).as("downwards too").isEmpty();
        assertThat(many.presses(0, 1).bound()).isEqualTo("app.v up to 22");
        Grown number = of("number", "0.0", "app.v + 1.5", "app.v > 30.5").presses(0, 21);
        assertThat(number.bound()).as("31.5").isEmpty();
        assertThat(number.presses(0, 1).bound()).isEqualTo("app.v up to 33");
    }

    @Test
    void a_text_is_followed_to_sixty_characters_or_two_beyond() {
        Grown few = of("text", "''", "app.v + '0123456789'", "app.v == 'x'").presses(0, 6);
        assertThat(few.bound()).isEmpty();
        assertThat(few.presses(0, 1).bound()).isEqualTo("app.v up to 60 characters");
        String long70 = "'" + "x".repeat(70) + "'";
        Grown more =
                of("text", "''", "app.v + '0123456789'", "app.v == " + long70).presses(0, 7);
        assertThat(more.bound()).isEmpty();
        assertThat(more.presses(0, 1).bound()).isEqualTo("app.v up to 72 characters");
    }

    @Test
    void a_list_is_followed_to_three_rows_and_to_as_many_as_its_number_is_compared_with() {
        Grown few = of("list", "[]", "app.v + ['a']", "'b' in app.v").presses(0, 3);
        assertThat(few.bound()).isEmpty();
        assertThat(few.presses(0, 1).bound()).isEqualTo("3 rows in app.v");
        Grown more = of("list", "[]", "app.v + ['a']", "size(app.v) == 6").presses(0, 7);
        assertThat(more.bound()).isEmpty();
        assertThat(more.presses(0, 1).bound()).isEqualTo("7 rows in app.v");
        Grown most = of("list", "[]", "app.v + ['a']", "size(app.v) > 1000").presses(0, 3);
        assertThat(most.presses(0, 1).bound()).isEqualTo("3 rows in app.v");
    }

    @Test
    void a_date_is_followed_to_a_day_beyond_and_today_to_tomorrow() {
        Grown date = new Grown(withMain(main(
                        "Desk",
                        button("third", set("app.v", "date('2027-01-03')")),
                        button("fourth", set("app.v", "date('2027-01-04')")),
                        button("go", onlyIf("app.v == date('2027-01-02')", note("x"))),
                        button("other", onlyIf("app.v == date('2020-01-02')", note("x")))))
                .variable("v", Type.DATE, "app.today")
                .design());
        assertThat(date.presses(0, 1).bound()).isEmpty();
        assertThat(date.presses(1, 1).bound()).isEqualTo("app.v up to 2027-01-03");
        Grown day = new Grown(withMain(main("Desk", button("go", onlyIf("year(app.today) > 2030", note("x")))))
                .design());
        day.does(Event.DayPasses.class::isInstance);
        assertThat(day.bound()).isEmpty();
        day.does(Event.DayPasses.class::isInstance);
        assertThat(day.bound()).isEqualTo("1 day");
    }

    @Test
    void a_value_of_a_window_and_what_it_was_handed_are_followed_as_those_of_the_application() {
        var card = child(
                        "Card",
                        button("more", set("me.n", "me.n + 1")),
                        button("next", alongside("Card").handing(Given.of("k", "takes.k * 10"))),
                        button("go", onlyIf("me.n == 2 && takes.k == 2", note("x"))))
                .holding(List.of(bivouac.design.Variable.of("n", Type.WHOLE, "0")))
                .taking(List.of(Take.of("k", Type.WHOLE)))
                .living(Optional.of(new Instances.OneForEach("k")), false);
        var desk = main("Desk", button("card", alongside("Card").handing(Given.of("k", "1"))));
        Grown own = new Grown(withMain(desk, card).design()).presses(0, 13);
        assertThat(own.bound()).as("the first press has opened it").isEmpty();
        assertThat(own.presses(0, 1).bound()).isEqualTo("Card, n up to 12");
        Grown handed = new Grown(withMain(desk, card).design()).presses(0, 1).presses(1, 1);
        assertThat(handed.bound()).as("10").isEmpty();
        assertThat(handed.presses(1, 1).bound()).as("100").isEqualTo("Card, k up to 12");
    }

    @Test
    void two_of_a_window_are_followed_and_three_where_there_is_one_for_each() {
        var many = child("Note").living(Optional.of(new Instances.Many()), false);
        Grown notes = new Grown(withMain(main("Desk", button("go", alongside("Note"))), many)
                        .design())
                .presses(0, 2);
        assertThat(notes.bound()).isEmpty();
        assertThat(notes.presses(0, 1).bound()).isEqualTo("2 of Note");
        var keyed = child("Card")
                .taking(List.of(Take.of("k", Type.WHOLE)))
                .living(Optional.of(new Instances.OneForEach("k")), false);
        Grown cards = new Grown(withMain(
                                main(
                                        "Desk",
                                        button(
                                                "go",
                                                set("app.k", "app.k + 1"),
                                                alongside("Card").handing(Given.of("k", "app.k")))),
                                keyed)
                        .variable("k", Type.WHOLE, "0")
                        .design())
                .presses(0, 3);
        assertThat(cards.bound()).isEmpty();
        assertThat(cards.presses(0, 1).bound()).isEqualTo("3 of Card");
    }

    @Test
    void the_rows_of_a_list_on_a_window_are_followed_also_where_nothing_decides_by_them() {
        Part list = Part.ListOfRows.of("guests", "Guests", new Type.Column("name", Type.TEXT))
                .starting(List.of(List.of("a"), List.of("b"), List.of("c"), List.of("d")));
        Step add = new Step.AddRow("me.guests", List.of(Given.of("name", "'x'")));
        Grown rows = new Grown(withMain(main("Desk", list, button("add", add))).design()).presses(1, 1);
        assertThat(rows.bound()).as("one more than there are at first").isEmpty();
        assertThat(rows.presses(1, 1).bound()).isEqualTo("5 rows in Desk, guests");
        Part field = Part.TextField.of("name", "Name");
        Grown text = new Grown(withMain(main(
                        "Desk",
                        field,
                        button("more", set("me.name", "me.name + '" + "y".repeat(30) + "'")),
                        button("go", onlyIf("me.name == 'x'", note("x")))))
                .design());
        text.presses(1, 2);
        assertThat(text.bound()).isEmpty();
        assertThat(text.presses(1, 1).bound()).isEqualTo("Desk, name up to 60 characters");
    }

    @Test
    void what_decides_nothing_bounds_nothing() {
        Grown shown = of("whole", "0", "app.v + 1", "true").presses(0, 40);
        assertThat(shown.bound()).isEmpty();
    }
}

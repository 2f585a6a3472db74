package bivouac.state;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.expression.Value;
import bivouac.plan.Program;
import bivouac.plan.Range;
import bivouac.plan.WindowPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** How numbers stand in the words of a state: what is written is read, in as few bits as it needs, and nothing is overwritten. */
class PackingTest {

    private record Number(int value, int width) {}

    @RepeatedTest(50)
    void numbers_of_any_width_are_read_as_they_were_written(RepetitionInfo info) {
        var random = new Random(info.getCurrentRepetition());
        int before = random.nextInt(64);
        var numbers = new ArrayList<Number>();
        for (int i = 0; i < 60; i++) {
            int width = random.nextInt(25);
            numbers.add(new Number(width == 0 ? 0 : random.nextInt(1 << width), width));
        }
        var bits = new Bits();
        bits.write(new long[] {(1L << before) - 1}, before);
        assertThat(bits.isReading()).isFalse();
        for (Number n : numbers) {
            assertThat(bits.bits(n.value(), n.width())).isEqualTo(n.value());
            assertThat(bits.flag(n.value() % 2 == 1)).isEqualTo(n.value() % 2 == 1);
        }
        int written = before + numbers.stream().mapToInt(n -> n.width() + 1).sum();
        assertThat(bits.length()).isEqualTo((written + 63) / 64);
        assertThat(bits.words()[0] & (1L << before) - 1).isEqualTo((1L << before) - 1);

        long[] moved = new long[bits.length() + 3];
        System.arraycopy(bits.words(), 0, moved, 3, bits.length());
        bits.read(moved, 3, before);
        assertThat(bits.isReading()).isTrue();
        for (Number n : numbers) {
            assertThat(bits.bits(-1, n.width())).isEqualTo(n.value());
            assertThat(bits.flag(false)).isEqualTo(n.value() % 2 == 1);
        }
    }

    @Test
    void a_number_that_does_not_fit_is_refused_and_widths_are_the_least() {
        var bits = new Bits();
        bits.write(new long[1], 0);
        bits.bits(7, 3);
        assertThatThrownBy(() -> bits.bits(8, 3)).hasMessageContaining("8 does not fit into 3 bits");
        assertThat(List.of(0, 1, 2, 3, 4, 5, 8, 9, 256, 257).stream().map(Bits::width))
                .containsExactly(0, 0, 1, 2, 2, 3, 3, 4, 8, 9);
        assertThat(List.of(0, 1, 63, 64, 65, 128).stream().map(Bits::words)).containsExactly(0, 1, 1, 1, 2, 2);
    }

    @RepeatedTest(30)
    void a_place_never_lies_in_two_words_and_touches_no_bit_beside_it(RepetitionInfo info) {
        var random = new Random(info.getCurrentRepetition());
        int bit = random.nextInt(200);
        int width = 1 + random.nextInt(62);
        Place place = Place.at(bit, width);
        int first = place.word() * 64 + place.shift();
        assertThat(first).isGreaterThanOrEqualTo(bit).isLessThan(bit + 64);
        assertThat(place.shift() + width).isLessThanOrEqualTo(64);
        assertThat(first == bit || (bit & 63) + width > 64).isTrue();
        assertThat(place.end()).isEqualTo(first + width);

        long[] words = new long[6];
        place.allInto(words);
        assertThat(bitCount(words)).isEqualTo(width);
        assertThat(place.in(words, 0)).isEqualTo((1L << width) - 1);
        long value = random.nextLong() & (1L << width) - 1;
        long[] full = new long[6];
        java.util.Arrays.fill(full, -1);
        place.outOf(full);
        assertThat(bitCount(full)).isEqualTo(6 * 64 - width);
        place.into(full, value);
        assertThat(place.in(full, 0)).isEqualTo(value);
        long[] moved = new long[8];
        System.arraycopy(full, 0, moved, 2, 6);
        assertThat(place.in(moved, 2)).isEqualTo(value);
        Place part = place.part(width / 3, width / 2);
        assertThat(part.in(full, 0)).isEqualTo(value >>> width / 3 & (1L << width / 2) - 1);
    }

    @Test
    void a_place_of_no_bits_is_anywhere() {
        assertThat(Place.at(77, 0)).isEqualTo(new Place(0, 0, 0));
        assertThat(Place.at(60, 4).end()).isEqualTo(64);
        assertThat(Place.at(60, 5)).isEqualTo(new Place(1, 0, 5));
    }

    private static int bitCount(long[] words) {
        return java.util.Arrays.stream(words).mapToInt(Long::bitCount).sum();
    }

    @Test
    void what_a_slot_can_hold_is_written_in_the_fewest_bits() {
        var values = new Values(List.of());
        List<Value> five = List.of(Value.of("a"), Value.of("b"), Value.of("c"), Value.of("d"), Value.NONE);
        Code few = Code.of(new Range.Few(five), values);
        assertThat(few.width()).isEqualTo(3);
        five.forEach(v -> assertThat(few.number(few.code(values.number(v)))).isEqualTo(values.number(v)));
        assertThat(five.stream().map(v -> few.code(values.number(v))).distinct())
                .hasSize(5);
        assertThat(few.code(values.number(Value.of("other")))).isEqualTo(Code.UNFORESEEN);

        Code yesNo = Code.of(new Range.Few(List.of(Value.of(true), Value.of(false))), values);
        assertThat(yesNo.width()).isEqualTo(1);
        for (int number : new int[] {Values.NO, Values.YES}) {
            assertThat(yesNo.number(yesNo.code(number))).isEqualTo(number);
        }
        assertThat(yesNo.code(Values.NONE)).isEqualTo(Code.UNFORESEEN);

        Code fixed = Code.of(new Range.FixedFlag(1), values);
        assertThat(fixed.width()).isZero();
        assertThat(fixed.number(0)).isEqualTo(1);
        assertThat(Code.of(new Range.Flag(), values).width()).isEqualTo(1);
        Code any = Code.of(new Range.Any(), values);
        assertThat(any.width()).isEqualTo(Values.WIDTH);
        assertThat(any.number(any.code(4711))).isEqualTo(4711);
    }

    @Test
    void what_was_not_foreseen_is_written_in_full() {
        var values = new Values(List.of());
        Code few = Code.of(new Range.Few(List.of(Value.of("a"), Value.of("b"))), values);
        int other = values.number(Value.of("other"));
        var bits = new Bits();
        bits.write(new long[1], 0);
        few.pass(other, bits);
        few.pass(values.number(Value.of("b")), bits);
        bits.read(bits.words(), 0, 0);
        assertThat(few.pass(0, bits)).isEqualTo(other);
        assertThat(few.pass(0, bits)).isEqualTo(values.number(Value.of("b")));
    }

    // Windows that are open at most once

    private static Step hide(Target target) {
        return new Step.Reach(Step.Reach.How.HIDE, target);
    }

    /** Two that can own a card, which is waited for or not, hidden or not, and holds a value. */
    private static Design cards() {
        FacedWindow card = single(owned(child("Card", button("more", set("me.n", "me.n + 1"), note("{me.n}")))))
                .holding(List.of(Variable.of("n", Type.WHOLE, "0")));
        return withMain(
                        single(main(
                                "Desk",
                                button("board", alongside("Board")),
                                button("card", alongside("Card")),
                                button("ask", waits("Card")),
                                button("hide", hide(new Target.Single("Card"))),
                                button("always", waits("Sure")))),
                        single(child("Board", button("card", alongside("Card")), button("ask", waitsForOwner("Card")))),
                        card,
                        single(owned(dialog("Sure"))))
                .design();
    }

    private static final class Laid extends Situation {
        Laid(Program program, Values values) {
            super(program, values);
        }
    }

    @Test
    void a_window_that_is_open_once_has_a_field_from_which_all_of_it_is_read() {
        Program program = Program.of(cards());
        Layout layout = Layout.of(program);
        var situation = new Laid(program, layout.newValues());
        WindowPlan plan = program.window("Card").orElseThrow();
        Field field = layout.fields[plan.number];
        assertThat(field.plan()).isSameAs(plan);
        assertThat(field.slotCount()).isEqualTo(1);
        List<Inst> owners = new ArrayList<>();
        for (String name : List.of("Board", "Desk")) {
            Inst owner = situation.open(program.window(name).orElseThrow());
            situation.first[owner.plan.number] = situation.instances.size();
            situation.instances.add(owner);
            owners.add(owner);
        }
        var seen = new java.util.HashSet<Long>();
        for (Inst owner : owners) {
            for (int waits = 0; waits <= Inst.WAITS_FOR_APPLICATION; waits++) {
                for (boolean hidden : new boolean[] {false, true}) {
                    Inst inst = situation.open(plan);
                    inst.owner = owner;
                    inst.waits = waits;
                    inst.hidden = hidden;
                    inst.set(field.slot(0), situation.number(new Value.Whole(waits + 40)));
                    long written = field.of(inst);
                    assertThat(seen.add(written)).isTrue();
                    assertThat(written >>> field.width()).isZero();
                    long[] words = new long[8];
                    field.into(words, written);
                    assertThat(field.in(words, 0)).isEqualTo(written);
                    Place slot = field.slotPlace(0);
                    Inst read = situation.open(plan);
                    field.slots(written, read);
                    field.relations(written, read, situation);
                    assertThat(read.get(field.slot(0))).isEqualTo(inst.get(field.slot(0)));
                    assertThat(slot.in(words, 0)).isEqualTo(inst.get(field.slot(0)));
                    assertThat(read.owner).isSameAs(owner);
                    assertThat(read.waits).isEqualTo(waits);
                    assertThat(read.hidden).isEqualTo(hidden);
                }
            }
        }
        Inst alone = situation.open(plan);
        alone.owner = situation.open(program.window("Sure").orElseThrow());
        assertThat(field.of(alone)).isEqualTo(Field.UNFORESEEN);
    }

    @Test
    void what_is_never_waited_for_or_always_needs_no_bit_for_it_and_what_comes_otherwise_was_not_foreseen() {
        Program program = Program.of(cards());
        Layout layout = Layout.of(program);
        var situation = new Laid(program, layout.newValues());
        WindowPlan surePlan = program.window("Sure").orElseThrow();
        Field sureField = layout.fields[surePlan.number];
        Inst desk = situation.open(program.window("Desk").orElseThrow());
        situation.first[desk.plan.number] = 0;
        situation.instances.add(desk);
        for (int waits : new int[] {Inst.WAITS_FOR_OWNER, Inst.WAITS_FOR_APPLICATION}) {
            Inst sure = situation.open(surePlan);
            sure.owner = desk;
            sure.waits = waits;
            Inst read = situation.open(surePlan);
            sureField.relations(sureField.of(sure), read, situation);
            assertThat(read.waits).isEqualTo(waits);
            assertThat(read.owner).isSameAs(desk);
            assertThat(read.hidden).isFalse();
        }
        Inst unowned = situation.open(surePlan);
        unowned.waits = Inst.WAITS_FOR_APPLICATION;
        assertThat(sureField.of(unowned)).isEqualTo(Field.UNFORESEEN);

        Field main = layout.fields[desk.plan.number];
        assertThat(main.of(desk)).isEqualTo(1);
        assertThat(main.width()).isEqualTo(1);
        desk.waits = Inst.WAITS_FOR_APPLICATION;
        assertThat(main.of(desk)).isEqualTo(Field.UNFORESEEN);
    }

    // What was not foreseen

    private static FacedWindow counting(FacedWindow window) {
        return window.holding(List.of(Variable.of("n", Type.WHOLE, "0")));
    }

    /** Values of which only 0 and 1 are foreseen, in a window that is open once, in others, and in the application. */
    private static Design counters() {
        Step turn = new Step.If(
                List.of(new Step.If.Case(
                        new bivouac.design.Expression("me.n == 1 && app.n == 1"),
                        bivouac.design.Script.of(set("me.n", "0"), set("app.n", "0")))),
                Optional.of(bivouac.design.Script.of(set("me.n", "1"), set("app.n", "1"))));
        return withMain(
                        single(counting(main(
                                "Desk",
                                button("turn", turn),
                                button("board", alongside("Board")),
                                button("note", alongside("Note"))))),
                        single(counting(child("Board", button("turn", turn)))),
                        counting(child("Note", button("turn", turn))).living(Optional.of(new Instances.Many()), false))
                .variable("n", Type.WHOLE, "0")
                .design();
    }

    private static Inst open(Situation in, String window, int n) {
        Inst inst = in.open(in.program.window(window).orElseThrow());
        inst.set(inst.plan.variableSlot(0), in.number(new Value.Whole(n)));
        in.instances.add(inst);
        return inst;
    }

    private static List<String> values(Situation s) {
        var all = new ArrayList<String>();
        s.instances.forEach(i -> all.add(i.plan.window().name().shown() + " "
                + s.value(i.get(i.plan.variableSlot(0))).shown()));
        all.add("app " + s.value(s.variables[0]).shown());
        return all;
    }

    @Test
    void a_value_that_was_not_foreseen_is_kept_in_a_longer_form_and_nothing_beside_it_is_lost() {
        Program program = Program.of(counters());
        Layout layout = Layout.of(program);
        var walk = new Walk(layout);
        Values values = layout.newValues();
        for (int[] n : new int[][] {{1, 0, 1, 0}, {99, 1, 0, 1}, {1, 0, 1, 77}, {0, 1, 88, 0}, {5, 6, 7, 8}}) {
            var situation = new Laid(program, values);
            open(situation, "Desk", n[0]);
            open(situation, "Board", n[1]);
            open(situation, "Note", n[2]);
            open(situation, "Note", 1);
            situation.variables[0] = situation.number(new Value.Whole(n[3]));
            int length = walk.write(situation);
            long[] words = java.util.Arrays.copyOf(walk.words(), length);
            assertThat(Walk.isTight(words[0]))
                    .as("the value of a note has no place of its own")
                    .isEqualTo(n[0] < 2 && n[1] < 2 && n[3] < 2);
            var read = new Laid(program, values);
            new Walk(layout).read(words, 0, read);
            assertThat(values(read)).isEqualTo(values(situation));
            assertThat(new Walk(layout).write(read)).isEqualTo(length);
        }
    }

    @Test
    void a_situation_takes_no_more_room_than_what_can_be_in_it() {
        Layout layout = Layout.of(Program.of(counters()));
        WindowLayout desk = layout.windows[layout.program().window("Desk").orElseThrow().number];
        WindowLayout note = layout.windows[layout.program().window("Note").orElseThrow().number];
        assertThat(new Field(desk, false).width())
                .as("open, and one of two values")
                .isEqualTo(2);
        assertThat(note.codes()[0].width()).isEqualTo(1);
        assertThat(layout.others).hasSize(1);
        // phase and form, two windows with a value each, the value of the application
        assertThat(layout.fieldsEnd).isEqualTo(Walk.HEADER + 2 + 2 + 1);
    }
}

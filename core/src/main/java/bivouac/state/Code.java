package bivouac.state;

import bivouac.expression.Value;
import bivouac.plan.Cell;
import bivouac.plan.Range;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** How the number in a slot is written in as few bits as what it can hold needs. */
sealed interface Code {

    /** What {@link #code} answers for a number that was not foreseen. */
    int UNFORESEEN = -1;

    int width();

    /** The number as it is written. */
    int code(int number);

    /** The number that is written so. */
    int number(int code);

    /** Passes a number, any whatever: one that was not foreseen stands behind a flag in full. */
    default int pass(int number, Bits io) {
        int code = io.isReading() ? 0 : code(number);
        return io.flag(code == UNFORESEEN) ? io.bits(number, Values.WIDTH) : number(io.bits(code, width()));
    }

    /** The code for what a slot can hold. */
    static Code of(Range range, Values values) {
        return switch (range) {
            case Range.Flag f -> new Itself(1);
            case Range.FixedFlag(int number) -> new Few(new int[] {number});
            case Range.Any a -> new Itself(Values.WIDTH);
            case Range.Few(List<Value> few) -> {
                int[] numbers = few.stream()
                        .mapToInt(values::number)
                        .sorted()
                        .distinct()
                        .toArray();
                yield Arrays.equals(numbers, new int[] {Values.NO, Values.YES}) ? new YesNo() : new Few(numbers);
            }
        };
    }

    /** The same where all values of a cell may count as one. */
    static Code of(Cell cell, Range range, Values values, Optional<Folding> folding) {
        Optional<Value> one = folding.flatMap(f -> f.value(cell));
        List<Value> rows = folding.map(f -> f.rows(cell)).orElse(List.of());
        if (one.isPresent()) {
            Value none = folding.orElseThrow().none(cell);
            boolean mayBeNone =
                    !(range instanceof Range.Few few) || few.values().contains(none);
            return new AsOne(values.number(one.get()), values.number(none), mayBeNone);
        }
        if (!rows.isEmpty()) {
            return new Counted(rows.stream().mapToInt(values::number).toArray(), values);
        }
        Map<String, Value> columns = folding.map(f -> f.columns(cell)).orElse(Map.of());
        return columns.isEmpty() ? of(range, values) : new Partly(columns, values);
    }

    /** A list of which some columns count as one value; what that makes of a list is worked out once. */
    final class Partly implements Code {
        private final Map<String, Value> columns;
        private final Values values;
        private final Map<Integer, Integer> known = new ConcurrentHashMap<>();

        Partly(Map<String, Value> columns, Values values) {
            this.columns = columns;
            this.values = values;
        }

        @Override
        public int width() {
            return Values.WIDTH;
        }

        @Override
        public int code(int number) {
            Integer folded = known.get(number);
            return folded != null ? folded : known.computeIfAbsent(number, this::fold);
        }

        @Override
        public int number(int code) {
            return code;
        }

        private int fold(int number) {
            return values.value(number) instanceof Value.Items(List<Value> rows)
                    ? values.number(
                            new Value.Items(rows.stream().map(this::folded).toList()))
                    : number;
        }

        private Value folded(Value row) {
            Map<String, Value> all = new LinkedHashMap<>(((Value.Row) row).columns());
            all.replaceAll((name, value) -> columns.getOrDefault(name, value));
            return new Value.Row(all);
        }
    }

    /** One number for all, and whether there is a value at all where there may be none. */
    record AsOne(int one, int none, boolean mayBeNone) implements Code {
        @Override
        public int width() {
            return mayBeNone ? 1 : 0;
        }

        @Override
        public int code(int number) {
            return mayBeNone && number == none ? 1 : 0;
        }

        @Override
        public int number(int code) {
            return code == 1 ? none : one;
        }
    }

    /**
     * A list by how many rows it has.
     *
     * @param numbers the list that stands for all of its length, by that
     */
    record Counted(int[] numbers, Values values) implements Code {
        @Override
        public int width() {
            return Bits.width(numbers.length);
        }

        @Override
        public int code(int number) {
            int count = values.value(number) instanceof Value.Items(List<Value> rows) ? rows.size() : 0;
            return count < numbers.length ? count : UNFORESEEN;
        }

        @Override
        public int number(int code) {
            return numbers[code];
        }
    }

    /** The number itself, in so many bits. */
    record Itself(int width) implements Code {
        @Override
        public int code(int number) {
            return number;
        }

        @Override
        public int number(int code) {
            return code;
        }

        @Override
        public int pass(int number, Bits io) {
            return io.bits(number, width);
        }
    }

    record YesNo() implements Code {
        @Override
        public int width() {
            return 1;
        }

        @Override
        public int code(int number) {
            return number == Values.YES ? 1 : number == Values.NO ? 0 : UNFORESEEN;
        }

        @Override
        public int number(int code) {
            return code + Values.NO;
        }
    }

    /** One of few, by its place among them. */
    final class Few implements Code {
        private final int[] numbers;

        Few(int[] numbers) {
            this.numbers = numbers;
        }

        @Override
        public int width() {
            return Bits.width(numbers.length);
        }

        @Override
        public int code(int number) {
            return Math.max(UNFORESEEN, Arrays.binarySearch(numbers, number));
        }

        @Override
        public int number(int code) {
            return numbers[code];
        }
    }
}

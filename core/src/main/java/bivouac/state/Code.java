package bivouac.state;

import bivouac.expression.Value;
import bivouac.plan.Cell;
import bivouac.plan.Range;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

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
            boolean mayBeNone = !(range instanceof Range.Few few) || few.values().contains(Value.NONE);
            return new AsOne(values.number(one.get()), mayBeNone);
        }
        if (!rows.isEmpty()) {
            return new Counted(rows.stream().mapToInt(values::number).toArray(), values);
        }
        return of(range, values);
    }

    /** One number for all, and whether there is a value at all where there may be none. */
    record AsOne(int one, boolean mayBeNone) implements Code {
        @Override
        public int width() {
            return mayBeNone ? 1 : 0;
        }

        @Override
        public int code(int number) {
            return mayBeNone && number == Values.NONE ? 1 : 0;
        }

        @Override
        public int number(int code) {
            return code == 1 ? Values.NONE : one;
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

package bivouac.state;

import bivouac.expression.Value;
import bivouac.plan.Range;
import java.util.Arrays;
import java.util.List;

/** How the number in a slot is written in as few bits as what it can hold needs. */
sealed interface Code {

    int pass(int number, Bits io);

    /** The code for what a slot can hold. */
    static Code of(Range range, Values values) {
        return switch (range) {
            case Range.Flag f -> new Flag();
            case Range.Any a -> new Any();
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

    record Flag() implements Code {
        @Override
        public int pass(int number, Bits io) {
            return io.bits(number, 1);
        }
    }

    record YesNo() implements Code {
        @Override
        public int pass(int number, Bits io) {
            return io.bits(number - Values.NO, 1) + Values.NO;
        }
    }

    record Any() implements Code {
        @Override
        public int pass(int number, Bits io) {
            return io.bits(number, Values.WIDTH);
        }
    }

    /** One of few, by its place among them; one that was not foreseen stands behind the last place in full. */
    final class Few implements Code {
        private final int[] numbers;
        private final int width;

        Few(int[] numbers) {
            this.numbers = numbers;
            this.width = Bits.width(numbers.length + 1);
        }

        @Override
        public int pass(int number, Bits io) {
            int place = io.bits(io.isReading() ? 0 : place(number), width);
            return place < numbers.length ? numbers[place] : io.bits(number, Values.WIDTH);
        }

        private int place(int number) {
            int place = Arrays.binarySearch(numbers, number);
            return place < 0 ? numbers.length : place;
        }
    }
}

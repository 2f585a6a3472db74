package bivouac.state;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;

/** The table of states: each is kept once, has the number of its adding, and is found again, however many there are. */
class StateTableTest {

    @Test
    void each_is_kept_once_and_numbered_in_the_order_of_adding() {
        var table = new StateTable();
        assertThat(table.add(new long[] {7, 8}, 2)).isZero();
        assertThat(table.add(new long[] {7, 9}, 2)).isEqualTo(1);
        assertThat(table.add(new long[] {7, 8, 99}, 2))
                .as("only as many words as are said")
                .isEqualTo(-2);
        assertThat(table.size()).isEqualTo(2);
        assertThat(words(table, 1, 2)).containsExactly(7, 9);
    }

    @Test
    void many_of_different_lengths_are_found_again_also_where_their_hashes_meet() {
        var table = new StateTable();
        var random = RandomGenerator.of("L64X128MixRandom");
        Map<List<Long>, Integer> known = new HashMap<>();
        var all = new ArrayList<long[]>();
        for (int i = 0; i < 60_000; i++) {
            // few values, so that many are equal; the first word says how long it is
            int length = 1 + random.nextInt(4);
            long[] words = new long[length];
            words[0] = length;
            for (int w = 1; w < length; w++) {
                words[w] = random.nextInt(40);
            }
            Integer number = known.get(boxed(words));
            int added = table.add(words, length);
            assertThat(added).isEqualTo(number == null ? known.size() : -2 - number);
            assertThat(table.find(words, 0, length)).isEqualTo(number == null ? added : number);
            if (number == null) {
                known.put(boxed(words), added);
                all.add(words);
            }
        }
        assertThat(table.size()).isEqualTo(known.size());
        for (int i = 0; i < all.size(); i++) {
            assertThat(words(table, i, all.get(i).length)).isEqualTo(all.get(i));
        }
    }

    @Test
    void what_has_the_same_hash_and_is_another_is_kept_beside_it() {
        // the upper half of the hash, which a slot keeps, is the same for some of so many
        var table = new StateTable();
        int count = 200_000;
        for (int i = 0; i < count; i++) {
            assertThat(table.add(new long[] {i}, 1)).isEqualTo(i);
        }
        for (int i = 0; i < count; i += 997) {
            assertThat(table.add(new long[] {i}, 1)).isEqualTo(-2 - i);
        }
        assertThat(table.bytes() / count).as("bytes a state").isBetween(8L, 64L);
    }

    @Test
    void one_that_is_longer_than_a_piece_has_a_piece_of_its_own() {
        var table = new StateTable();
        long[] large = new long[(1 << 16) + 5];
        Arrays.setAll(large, i -> i);
        assertThat(table.add(new long[] {1}, 1)).isZero();
        assertThat(table.add(large, large.length)).isEqualTo(1);
        assertThat(table.add(new long[] {2}, 1)).isEqualTo(2);
        assertThat(table.add(large.clone(), large.length)).isEqualTo(-3);
        assertThat(words(table, 1, large.length)).isEqualTo(large);
    }

    @Test
    void how_long_each_is_can_be_told_in_every_piece_and_how_much_it_all_takes() {
        var table = new StateTable();
        var random = RandomGenerator.of("L64X128MixRandom");
        var lengths = new ArrayList<Integer>();
        for (int i = 0; i < 25_000; i++) {
            int length = 1 + random.nextInt(60);
            long[] words = new long[length];
            words[0] = i;
            assertThat(table.add(words, length)).isEqualTo(i);
            lengths.add(length);
        }
        for (int i = 0; i < lengths.size(); i++) {
            assertThat(table.length(i)).isEqualTo(lengths.get(i));
            long[] words = words(table, i, lengths.get(i));
            assertThat(words[0]).isEqualTo(i);
            assertThat(table.isAt(i, words, 0, words.length)).isTrue();
            words[0]++;
            assertThat(table.isAt(i, words, 0, words.length)).isFalse();
        }
        int last = lengths.size() - 1;
        assertThat(table.isAt(last, new long[1 << 17], 0, 1 << 17))
                .as("more words than there are")
                .isFalse();
        long words = lengths.stream().mapToLong(n -> n).sum();
        assertThat(table.bytes()).isBetween(words * Long.BYTES, words * Long.BYTES * 3 / 2 + (1 << 20));
    }

    @Test
    void what_an_empty_one_and_one_with_a_state_take_is_what_is_made_ready() {
        var table = new StateTable();
        assertThat(table.bytes()).isEqualTo(2048 * Long.BYTES + 1024 * Integer.BYTES);
        table.add(new long[] {3}, 1);
        assertThat(table.bytes()).isEqualTo((2048 + (1 << 16)) * Long.BYTES + 1024 * Integer.BYTES);
    }

    private static long[] words(StateTable table, int number, int length) {
        int from = table.first(number);
        return Arrays.copyOfRange(table.piece(number), from, from + length);
    }

    private static List<Long> boxed(long[] words) {
        return Arrays.stream(words).boxed().toList();
    }
}

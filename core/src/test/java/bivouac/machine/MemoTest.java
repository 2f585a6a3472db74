package bivouac.machine;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Answers are found by the question and by what they depend on, and by nothing else. */
class MemoTest {

    private static final long[] LOW = {0xFF};

    private final Memo memo = new Memo(400);

    private void put(int question, long state, long answer) {
        memo.put(question, LOW, new long[] {state, 9}, 0, 2, new long[] {answer, answer + 1}, 2);
    }

    private long find(int question, long... words) {
        int at = memo.find(question, LOW, words, 0, words.length);
        return at == Memo.UNKNOWN ? -1 : memo.data()[at];
    }

    @Test
    void only_the_bits_under_the_mask_count_and_all_words_behind_it() {
        put(1, 0x7701, 50);
        assertThat(find(1, 0x1201, 9)).isEqualTo(50);
        assertThat(find(1, 0x7702, 9)).as("another state").isEqualTo(-1);
        assertThat(find(1, 0x7701, 8)).as("another word behind").isEqualTo(-1);
        assertThat(find(2, 0x7701, 9)).as("another question").isEqualTo(-1);
        assertThat(find(1, 0x7701)).as("a shorter state").isEqualTo(-1);
        int at = memo.find(1, LOW, new long[] {1, 9}, 0, 2);
        assertThat(memo.answerLength(at, 2)).isEqualTo(2);
        assertThat(memo.data()[at + 1]).isEqualTo(51);
    }

    @Test
    void a_state_may_begin_anywhere_among_its_words() {
        put(1, 5, 50);
        assertThat(memo.find(1, LOW, new long[] {3, 3, 5, 9}, 2, 2)).isNotEqualTo(Memo.UNKNOWN);
    }

    @Test
    void when_it_is_full_it_forgets_all_and_begins_again() {
        int kept = 0;
        for (int i = 0; i < 1_000; i++) {
            put(i, 1, i);
            assertThat(find(i, 1, 9)).isEqualTo(i);
            assertThat(memo.data().length).isLessThanOrEqualTo(1024);
            kept = Math.max(kept, memo.size());
        }
        assertThat(kept).isBetween(70, 100);
        assertThat(find(0, 1, 9)).isEqualTo(-1);
    }

    @Test
    void what_would_not_fit_is_not_kept() {
        memo.put(1, LOW, new long[500], 0, 500, new long[] {1}, 1);
        assertThat(memo.size()).isZero();
    }
}

package bivouac.desktop.widget;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How the parts of a drawing are spread over frames, for a painter that is fast and one that is slow. */
class PaceTest {

    private static final long MS = 1_000_000;

    /** What a painter does to the frames of the interface: one that draws something begins when the one before is painted. */
    private static final class Painter {
        private final long takes;
        private final Pace pace = new Pace();
        private long now;
        private long painted;
        /** How long the last part waited for its turn, and how long its frame then waited for the painter. */
        private long waited;

        private long heldUp;

        Painter(long takes) {
            this.takes = takes;
            draw();
        }

        private void draw() {
            pace.drew(now);
            heldUp = Math.max(0, painted - now);
            now += heldUp;
            painted = now + takes;
        }

        Painter parts(int count) {
            for (int i = 0; i < count; i++) {
                long asked = now;
                pace.begin();
                do {
                    now += Pace.FRAME;
                } while (!pace.mayDraw(now));
                waited = now - asked;
                draw();
            }
            return this;
        }
    }

    @Test
    void a_fast_painter_is_soon_given_a_part_in_every_frame() {
        assertThat(new Painter(5 * MS).parts(1).waited).isGreaterThan(Pace.FRAME);
        Painter known = new Painter(5 * MS).parts(20);
        assertThat(known.waited).isLessThanOrEqualTo(2 * Pace.FRAME);
        assertThat(known.heldUp).isZero();
    }

    @Test
    void a_slow_painter_is_left_the_time_it_needs() {
        for (long takes : new long[] {30 * MS, 60 * MS, 80 * MS}) {
            long longest = 0;
            var painter = new Painter(takes).parts(4);
            for (int i = 0; i < 40; i++) {
                longest = Math.max(longest, painter.parts(1).heldUp);
            }
            assertThat(longest)
                    .as("held up by a painter that takes %d ms", takes / MS)
                    .isLessThan(2 * Pace.FRAME);
        }
    }

    @Test
    void nobody_waits_for_ever() {
        var pace = new Pace();
        pace.drew(0);
        assertThat(pace.mayDraw(3_000 * MS)).isTrue();
        pace.drew(0);
        assertThat(pace.mayDraw(Pace.FRAME)).isFalse();
        assertThat(pace.mayDraw(Pace.LONGEST)).isTrue();
    }
}

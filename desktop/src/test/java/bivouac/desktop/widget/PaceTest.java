package bivouac.desktop.widget;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How the parts of a drawing are spread over frames, for a painter that is fast and one that is slow. */
class PaceTest {

    private static final long MS = 1_000_000;
    private static final long FRAME = 16 * MS;

    /** Draws parts to a painter that takes so long, and answers how long the last of them had to wait for its turn. */
    private static long drawing(Pace pace, long painting, int parts) {
        long now = 0;
        long painted = 0;
        long waited = 0;
        pace.drew(now);
        for (int i = 0; i < parts; i++) {
            long asked = now;
            painted = now + painting;
            do {
                now += FRAME;
            } while (!pace.mayDraw(now));
            waited = now - asked;
            // a frame that draws something begins when the one before is painted
            now = Math.max(now, painted);
            pace.drew(now);
        }
        return waited;
    }

    @Test
    void a_fast_painter_is_soon_given_a_part_in_every_frame() {
        var pace = new Pace();
        assertThat(drawing(pace, 5 * MS, 1)).isGreaterThan(FRAME);
        assertThat(drawing(pace, 5 * MS, 8)).isEqualTo(FRAME);
    }

    @Test
    void a_frame_that_comes_late_makes_the_next_part_wait_as_long() {
        var pace = new Pace();
        pace.drew(0);
        assertThat(pace.mayDraw(FRAME)).isFalse();
        assertThat(pace.mayDraw(2 * FRAME)).isFalse();
        assertThat(pace.mayDraw(3 * FRAME)).isTrue();
        pace.drew(0);
        assertThat(pace.mayDraw(80 * MS)).as("held up so long, and so painted by now").isTrue();
        pace.drew(0);
        assertThat(pace.mayDraw(FRAME)).isFalse();
        assertThat(pace.mayDraw(59 * MS)).isFalse();
        assertThat(pace.mayDraw(60 * MS)).as("three quarters of it, since this time nothing came late").isTrue();
    }

    @Test
    void nobody_waits_for_ever() {
        var pace = new Pace();
        pace.drew(0);
        assertThat(pace.mayDraw(3_000 * MS)).isTrue();
        pace.drew(0);
        assertThat(pace.mayDraw(FRAME)).isFalse();
        assertThat(pace.mayDraw(Pace.LONGEST)).isTrue();
    }
}

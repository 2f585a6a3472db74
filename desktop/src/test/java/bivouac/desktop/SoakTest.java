package bivouac.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.work.Work;
import bivouac.format.DesignFile;
import com.sun.management.UnixOperatingSystemMXBean;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;

/**
 * Hours of random edits in one tool, design after design, with heap, handles and threads watched. By hand, since it takes
 * as long as it is told to: {@code -Dsoak.minutes=120 -Dhands.seed=7}; what it says goes into docs/reliability.md. The
 * toolkit keeps pictures of shadows softly, until memory is wanted; {@code -XX:SoftRefLRUPolicyMSPerMB=0} counts without them.
 */
@EnabledIfSystemProperty(named = "soak.minutes", matches = "[1-9][0-9]*")
class SoakTest {

    private static final int ACTS_A_DESIGN = 120;

    /** What is let go may be kept for the next of its kind, so some more than at the beginning is no leak. */
    private static final double MORE_HEAP = 1.25;

    private static final int MORE_HANDLES = 8;

    @TempDir
    Path folder;

    private record Held(long heap, long handles, int threads, int listeners) {}

    @Test
    void what_a_long_day_of_edits_holds_does_not_grow() throws IOException {
        Instant begin = Instant.now();
        Instant end = begin.plus(Duration.ofMinutes(Long.getLong("soak.minutes", 120)));
        long seed = Long.getLong("hands.seed", begin.getEpochSecond());
        System.out.println("soak, first seed " + seed);
        var robot = Robot.open(Design.startingWith("Yard"), folder.resolve("state"));
        List<Held> held = new ArrayList<>();
        List<Long> faults = new ArrayList<>();
        try {
            for (long round = 0; Instant.now().isBefore(end); round++) {
                begin(robot, round);
                play(new RandomHands(robot, seed + round), seed + round, faults);
                save(robot, folder.resolve("design-" + round % 5 + ".bivouac"));
                // the same little design each time, so that what differs is what was not let go
                begin(robot, 0);
                held.add(held(robot));
                say(begin, round, held.getLast());
            }
        } finally {
            robot.close();
        }
        assertThat(faults).as("seeds after which something was not so").isEmpty();
        assertThat(held).as("rounds").hasSizeGreaterThan(3);
        Held early = most(held.subList(0, held.size() / 2));
        Held late = least(held.subList(held.size() / 2, held.size()));
        assertThat(late.heap()).as("bytes of heap").isLessThan((long) (early.heap() * MORE_HEAP));
        assertThat(late.handles()).as("open files").isLessThanOrEqualTo(early.handles() + MORE_HANDLES);
        assertThat(late.threads()).as("threads").isLessThanOrEqualTo(early.threads());
        assertThat(late.listeners()).as("listeners").isLessThanOrEqualTo(early.listeners());
    }

    /** What is not so is told and does not end the day: what is held goes on being watched. */
    private static void play(RandomHands hands, long seed, List<Long> faults) {
        try {
            for (int i = 0; i < ACTS_A_DESIGN; i++) {
                hands.act();
            }
        } catch (AssertionError e) {
            faults.add(seed);
            System.out.println(
                    "seed " + seed + ": " + e.getMessage() + (e.getCause() == null ? "" : "\n" + e.getCause()));
        }
    }

    private static void begin(Robot robot, long round) {
        robot.on(() -> {
            TextLine.settle(robot.stage().getScene());
            Work work = robot.app().work();
            if (round % 3 == 2) {
                String name = round % 2 == 0 ? "ridge-hut" : "ferry-bell";
                work.open(Path.of(System.getProperty("bivouac.examples")).resolve(name + DesignFile.EXTENSION));
            } else {
                work.take(Design.startingWith("Yard"), "A new design.");
            }
            return null;
        });
        robot.settle();
    }

    private static void save(Robot robot, Path file) {
        robot.on(() -> {
            TextLine.settle(robot.stage().getScene());
            robot.app().work().save(file, true, saving -> {});
            return null;
        });
        robot.settle();
        assertThat(Files.exists(file)).isTrue();
    }

    private static Held held(Robot robot) {
        for (int i = 0; i < 3; i++) {
            System.gc();
            robot.settle();
        }
        var heap = ManagementFactory.getMemoryMXBean().getHeapMemoryUsage();
        var system = ManagementFactory.getPlatformMXBean(UnixOperatingSystemMXBean.class);
        int listeners = robot.on(() -> robot.app().work().listenerCount());
        return new Held(
                heap.getUsed(),
                system.getOpenFileDescriptorCount(),
                ManagementFactory.getThreadMXBean().getThreadCount(),
                listeners);
    }

    private static void say(Instant begin, long round, Held held) {
        System.out.printf(
                "%4d min  design %4d  acts %6d  heap %6.1f MB  files %4d  threads %3d  listeners %3d%n",
                Duration.between(begin, Instant.now()).toMinutes(),
                round + 1,
                (round + 1) * ACTS_A_DESIGN,
                held.heap() / 1e6,
                held.handles(),
                held.threads(),
                held.listeners());
    }

    private static Held most(List<Held> of) {
        return of.stream()
                .reduce((a, b) -> new Held(
                        Math.max(a.heap, b.heap),
                        Math.max(a.handles, b.handles),
                        Math.max(a.threads, b.threads),
                        Math.max(a.listeners, b.listeners)))
                .orElseThrow();
    }

    private static Held least(List<Held> of) {
        return of.stream()
                .reduce((a, b) -> new Held(
                        Math.min(a.heap, b.heap),
                        Math.min(a.handles, b.handles),
                        Math.min(a.threads, b.threads),
                        Math.min(a.listeners, b.listeners)))
                .orElseThrow();
    }
}

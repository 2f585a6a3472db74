package bivouac.explore;

import java.time.Duration;

/**
 * How much an exploration may take.
 *
 * @param time from its start on
 * @param bytes for what it keeps of situations
 * @param cores how many threads look
 */
public record Limits(Duration time, long bytes, int cores) {

    /** The part of the memory there is that an exploration may take. */
    private static final int PART = 3;

    /** What is usual where somebody waits for the answer. */
    public static final Duration USUAL_TIME = Duration.ofSeconds(20);

    /** Both cores, a third of the memory, and so much time. */
    public static Limits of(Duration time) {
        Runtime machine = Runtime.getRuntime();
        return new Limits(time, machine.maxMemory() / PART, Math.clamp(machine.availableProcessors(), 1, 4));
    }

    public Limits withTime(Duration other) {
        return new Limits(other, bytes, cores);
    }

    public Limits withBytes(long other) {
        return new Limits(time, other, cores);
    }

    public Limits withCores(int other) {
        return new Limits(time, bytes, other);
    }
}

package bivouac.explore;

import java.time.Duration;

/**
 * How much an exploration may take. What ends it is work and not the clock, unless somebody asks for that: so a fast machine
 * and a slow one, at rest and under load, find the same.
 *
 * @param time from its start to its last finding; {@link #ANY_TIME} unless somebody wishes for an end
 * @param bytes for what it keeps of situations
 * @param cores how many threads look; what is found does not depend on it
 * @param steps how many events are taken from situations at the most
 */
public record Limits(Duration time, long bytes, int cores, long steps) {

    /** No end that the clock decides. */
    public static final Duration ANY_TIME = Duration.ofDays(1);

    /** What a machine as build servers have takes in about twenty seconds for a design like Ridge Hut. */
    public static final long USUAL_STEPS = 1_500_000;

    /** The part of the memory there is that an exploration may take. */
    private static final int PART = 3;

    /** Of a time that is wished for, what is left for looking into what was met, in hundredths. */
    private static final int FOR_FINDINGS = 15;

    private static final int HUNDREDTHS = 100;

    /** What is usual: as much work as is done in half a minute, whatever the clock says meanwhile. */
    public static Limits usual() {
        return of(ANY_TIME).withSteps(USUAL_STEPS);
    }

    /** Both cores, a third of the memory, and so much time, whatever is done in it. */
    public static Limits of(Duration time) {
        Runtime machine = Runtime.getRuntime();
        int cores = machine.availableProcessors();
        return new Limits(time, machine.maxMemory() / PART, cores >= 4 ? 4 : cores >= 2 ? 2 : 1, Long.MAX_VALUE);
    }

    /** When no more situations are met, in nanoseconds from the start: before the time is over, since it is to be looked into. */
    long exploringNanos() {
        return time.toNanos() / HUNDREDTHS * (HUNDREDTHS - FOR_FINDINGS);
    }

    /** One of so many shares of the work, and of the time that is wished for. */
    public Limits share(int shares) {
        return withTime(time.dividedBy(shares)).withSteps(steps / shares);
    }

    public Limits withTime(Duration other) {
        return new Limits(other, bytes, cores, steps);
    }

    public Limits withBytes(long other) {
        return new Limits(time, other, cores, steps);
    }

    public Limits withCores(int other) {
        return new Limits(time, bytes, other, steps);
    }

    public Limits withSteps(long other) {
        return new Limits(time, bytes, cores, other);
    }
}

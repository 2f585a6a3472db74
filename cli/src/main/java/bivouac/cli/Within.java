package bivouac.cli;

import bivouac.explore.Limits;
import java.lang.management.ManagementFactory;
import java.time.Duration;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.Option;
import picocli.CommandLine.TypeConversionException;

/**
 * How much an exploration may take, as it is typed: {@code 30s}, {@code 5m}, {@code 512MB}, or a time and a memory with a
 * comma between.
 */
final class Within {

    private static final Pattern TIME = Pattern.compile("([0-9]{1,6})(ms|s|m|min|h)");
    private static final Pattern MEMORY = Pattern.compile("([0-9]{1,6})(mb|gb)");
    private static final long MEGABYTE = 1024L * 1024;
    private static final long MEGABYTES_IN_A_GIGABYTE = 1024;

    @Option(
            names = "--within",
            paramLabel = "LIMIT",
            converter = Converter.class,
            description =
                    "how much exploring may take: a time (30s, 5m), a memory (512MB), or both with a comma between; if not"
                            + " said, as much work as takes about twenty seconds, so that every machine finds the same")
    private Limits limits = Limits.usual();

    /** A process that runs longer than this did not start for this command. */
    private static final long STARTS_WITHIN = 3_000;

    private static final long NANOS_IN_A_MILLISECOND = 1_000_000;

    /** When the command was begun: where the process was started for it, with that. */
    private final long begun = System.nanoTime() - started() * NANOS_IN_A_MILLISECOND;

    private static long started() {
        long uptime = ManagementFactory.getRuntimeMXBean().getUptime();
        return uptime < STARTS_WITHIN ? uptime : 0;
    }

    /** However short a time is wished for, something is looked at. */
    private static final Duration LEAST = Duration.ofMillis(100);

    Limits limits() {
        return limits;
    }

    /** What is left of the time that is wished for: starting and reading the design took some of it. */
    Limits left() {
        Duration running = Duration.ofNanos(System.nanoTime() - begun);
        boolean wished = limits.time().compareTo(Limits.ANY_TIME) < 0;
        Duration left = limits.time().minus(running);
        return wished ? limits.withTime(left.compareTo(LEAST) < 0 ? LEAST : left) : limits;
    }

    /** Reads it. */
    static final class Converter implements ITypeConverter<Limits> {
        @Override
        public Limits convert(String typed) {
            Limits limits = Limits.usual();
            for (String piece : typed.toLowerCase(Locale.ROOT).split(",")) {
                Matcher time = TIME.matcher(piece.strip());
                Matcher memory = MEMORY.matcher(piece.strip());
                if (time.matches()) {
                    // whoever wishes for a time wants what can be done in it
                    limits = limits.withTime(duration(Long.parseLong(time.group(1)), time.group(2)))
                            .withSteps(Long.MAX_VALUE);
                } else if (memory.matches()) {
                    long megabytes = Long.parseLong(memory.group(1))
                            * (memory.group(2).equals("gb") ? MEGABYTES_IN_A_GIGABYTE : 1);
                    limits = limits.withBytes(Math.min(limits.bytes(), megabytes * MEGABYTE));
                } else {
                    throw new TypeConversionException("“" + piece.strip()
                            + "” is no limit; write a time (30s, 5m), a memory (512MB), or both with a comma between");
                }
            }
            return limits;
        }

        private static Duration duration(long number, String unit) {
            return switch (unit) {
                case "ms" -> Duration.ofMillis(number);
                case "s" -> Duration.ofSeconds(number);
                case "h" -> Duration.ofHours(number);
                default -> Duration.ofMinutes(number);
            };
        }
    }
}

package bivouac.cli;

import bivouac.explore.Limits;
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
                    "how much exploring may take: a time (30s, 5m), a memory (512MB), or both with a comma between;"
                            + " 20s if not said")
    private Limits limits = Limits.of(Limits.USUAL_TIME);

    Limits limits() {
        return limits;
    }

    /** Reads it. */
    static final class Converter implements ITypeConverter<Limits> {
        @Override
        public Limits convert(String typed) {
            Limits limits = Limits.of(Limits.USUAL_TIME);
            for (String piece : typed.toLowerCase(Locale.ROOT).split(",")) {
                Matcher time = TIME.matcher(piece.strip());
                Matcher memory = MEMORY.matcher(piece.strip());
                if (time.matches()) {
                    limits = limits.withTime(duration(Long.parseLong(time.group(1)), time.group(2)));
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

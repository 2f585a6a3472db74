package bivouac.log;

import java.nio.file.Path;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The tool's log: starts, faults, and what failed in the background, for whoever has to find out what went wrong. What a failure
 * says may hold texts of a design, so of a failure only its kinds and the places in the code are written.
 */
public final class Log {

    /** The name of all loggers of ours. */
    public static final String NAME = "bivouac";

    private static final String FILE = "bivouac.log";

    /** As much of a failure is written: causes that cause each other would never end. */
    private static final int DEEPEST = 8;

    private static final Logger OURS = LoggerFactory.getLogger(NAME);

    private Log() {}

    /** Where the log lies. */
    public static Path file() {
        return StateFolder.usual().resolve(FILE);
    }

    /** The tool begins. */
    public static void started(String version) {
        OURS.info(
                "{} starts; Java {}, {} {}, {} MB",
                version,
                System.getProperty("java.version"),
                System.getProperty("os.name"),
                System.getProperty("os.arch"),
                Runtime.getRuntime().maxMemory() >> 20);
    }

    /** Something that Bivouac itself could not do. @param what it was about, in words of ours: “checking the design” */
    public static void failed(String what, Throwable failure) {
        if (OURS.isErrorEnabled()) {
            OURS.error("{} failed{}", what, places(failure));
        }
    }

    private static String places(Throwable failure) {
        var lines = new StringBuilder();
        Throwable at = failure;
        for (int depth = 0; at != null && depth < DEEPEST; depth++) {
            lines.append("\n    ")
                    .append(depth == 0 ? "" : "because of ")
                    .append(at.getClass().getName());
            for (StackTraceElement place : at.getStackTrace()) {
                lines.append("\n        at ").append(place);
            }
            at = at.getCause();
        }
        return lines.toString();
    }
}

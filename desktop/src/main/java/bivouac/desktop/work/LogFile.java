package bivouac.desktop.work;

import bivouac.log.Log;
import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.encoder.PatternLayoutEncoder;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.rolling.FixedWindowRollingPolicy;
import ch.qos.logback.core.rolling.RollingFileAppender;
import ch.qos.logback.core.rolling.SizeBasedTriggeringPolicy;
import ch.qos.logback.core.status.NopStatusListener;
import ch.qos.logback.core.util.FileSize;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.slf4j.LoggerFactory;

/** The file that the log is written to; where it cannot be written, nothing is kept, and the tool goes on. */
public final class LogFile {

    /** Two files of so many bytes: a year of starts, or a bad day. */
    private static final int BYTES = 512 << 10;

    private LogFile() {}

    /** @return what ends it */
    public static Runnable begin(Path file) {
        var context = (LoggerContext) LoggerFactory.getILoggerFactory();
        context.reset();
        // what the library has to say of itself, like a folder that cannot be written, is for nobody here
        context.getStatusManager().add(new NopStatusListener());
        // libraries tell people nothing that these could do something about
        context.getLogger(Logger.ROOT_LOGGER_NAME).setLevel(Level.OFF);
        RollingFileAppender<ILoggingEvent> appender = appender(context, file.toAbsolutePath());
        Logger ours = context.getLogger(Log.NAME);
        ours.setLevel(Level.INFO);
        ours.setAdditive(false);
        ours.addAppender(appender);
        return () -> {
            ours.detachAppender(appender);
            appender.stop();
        };
    }

    private static RollingFileAppender<ILoggingEvent> appender(LoggerContext context, Path file) {
        var lines = new PatternLayoutEncoder();
        lines.setContext(context);
        lines.setCharset(StandardCharsets.UTF_8);
        lines.setPattern(
                "%date{yyyy-MM-dd'T'HH:mm:ss.SSSXXX} " + ProcessHandle.current().pid() + " %level %msg%n");
        lines.start();
        var appender = new RollingFileAppender<ILoggingEvent>();
        appender.setContext(context);
        appender.setFile(file.toString());
        appender.setEncoder(lines);
        var rolling = new FixedWindowRollingPolicy();
        rolling.setContext(context);
        rolling.setParent(appender);
        rolling.setFileNamePattern(file + ".%i");
        rolling.setMinIndex(1);
        rolling.setMaxIndex(1);
        rolling.start();
        var full = new SizeBasedTriggeringPolicy<ILoggingEvent>();
        full.setContext(context);
        full.setMaxFileSize(new FileSize(BYTES));
        full.start();
        appender.setRollingPolicy(rolling);
        appender.setTriggeringPolicy(full);
        appender.start();
        return appender;
    }
}

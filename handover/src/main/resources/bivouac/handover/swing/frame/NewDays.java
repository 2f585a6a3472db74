package frame;

import java.awt.EventQueue;
import java.time.Clock;
import java.time.LocalDate;
import java.util.function.Consumer;
import javax.swing.Timer;

/** Tells when another day has begun. It looks once a minute, since the machine may sleep over midnight. */
public final class NewDays {

    private static final int MINUTE = 60_000;

    private final Clock clock;
    private final Consumer<LocalDate> heard;
    private LocalDate last;

    public NewDays(Clock clock, Consumer<LocalDate> heard) {
        this.clock = clock;
        this.heard = heard;
        this.last = LocalDate.now(clock);
    }

    public void begin() {
        new Timer(MINUTE, e -> EventQueue.invokeLater(this::look)).start();
    }

    void look() {
        LocalDate now = LocalDate.now(clock);
        if (!now.equals(last)) {
            last = now;
            heard.accept(now);
        }
    }
}

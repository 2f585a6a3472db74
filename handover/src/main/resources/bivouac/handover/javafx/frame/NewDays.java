package frame;

import java.time.Clock;
import java.time.LocalDate;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.util.Duration;

/** Tells when another day has begun. It looks once a minute, since the machine may sleep over midnight. */
public final class NewDays {
    private final Clock clock;
    private final Consumer<LocalDate> heard;
    private LocalDate last;

    public NewDays(Clock clock, Consumer<LocalDate> heard) {
        this.clock = clock;
        this.heard = heard;
        this.last = LocalDate.now(clock);
    }

    public void begin() {
        // posted: a nested loop cannot begin within an animation
        Timeline line = new Timeline(new KeyFrame(Duration.minutes(1), e -> Platform.runLater(this::look)));
        line.setCycleCount(Animation.INDEFINITE);
        line.play();
    }

    void look() {
        LocalDate now = LocalDate.now(clock);
        if (!now.equals(last)) {
            last = now;
            heard.accept(now);
        }
    }
}

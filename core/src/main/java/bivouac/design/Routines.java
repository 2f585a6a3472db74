package bivouac.design;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** The named scripts and the timers of a window, or of the application. Names are those of expressions. */
public record Routines(List<NamedScript> scripts, List<Timer> timers) {

    public static final Routines NONE = new Routines(List.of(), List.of());

    public Routines {
        scripts = List.copyOf(scripts);
        timers = List.copyOf(timers);
    }

    public Optional<NamedScript> script(String shownName) {
        return scripts.stream().filter(s -> s.name().shown().equals(shownName)).findFirst();
    }

    public Optional<Timer> timer(String shownName) {
        return timers.stream().filter(t -> t.name().shown().equals(shownName)).findFirst();
    }

    public Routines withScripts(List<NamedScript> others) {
        return new Routines(others, timers);
    }

    public Routines withTimers(List<Timer> others) {
        return new Routines(scripts, others);
    }

    /** With one of the scripts changed. */
    public Routines changingScript(String shownName, UnaryOperator<NamedScript> edit) {
        return withScripts(scripts.stream()
                .map(s -> s.name().shown().equals(shownName) ? edit.apply(s) : s)
                .toList());
    }

    /** With one of the timers changed. */
    public Routines changingTimer(String shownName, UnaryOperator<Timer> edit) {
        return withTimers(timers.stream()
                .map(t -> t.name().shown().equals(shownName) ? edit.apply(t) : t)
                .toList());
    }
}

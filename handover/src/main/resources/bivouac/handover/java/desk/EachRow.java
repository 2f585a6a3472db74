package desk;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * The rows for each of which a part stands, or the open windows (P5): what is seen of them, and what is done about one.
 * It follows when the application is at rest.
 */
public final class EachRow<T> {

    /** So many stand there at the most. */
    public static final int MOST = 200;

    private static final int SHORTCUTS = 9;

    private final DeskWindow window;
    private Predicate<T> ticked = row -> false;
    private Predicate<T> enabled = row -> true;
    private Consumer<T> script = row -> {};
    private boolean all = true;
    private List<T> rows = List.of();
    private List<Shown> shown = List.of();

    /** What is seen of one. */
    public record Shown(String text, boolean ticked, boolean enabled) {}

    public EachRow(DeskWindow window) {
        this.window = window;
    }

    /** What is done about the row of the one that is pressed. */
    public void onRow(Consumer<T> other) {
        script = other;
    }

    public void tickedWhen(Predicate<T> other) {
        ticked = other;
    }

    public void enabledWhen(Predicate<T> other) {
        enabled = other;
    }

    /** Whether any of them can be used. */
    public void enabled(boolean yes) {
        all = yes;
    }

    public boolean isEnabled() {
        return all;
    }

    public void show(List<T> others, Function<T, String> text) {
        rows = List.copyOf(others.subList(0, Math.min(MOST, others.size())));
        shown = rows.stream()
                .map(row -> new Shown(text.apply(row), ticked.test(row), all && enabled.test(row)))
                .toList();
    }

    public List<Shown> shown() {
        return shown;
    }

    /** A person presses one, by its number from 0; its row is the value that stands there now. */
    public void press(int number) {
        T row = rows.get(number);
        window.desk().event(window, () -> script.accept(row));
    }

    /** The keys of the how-manieth, from 0: those of the first count on to the ninth; empty for none. */
    public static String shortcut(String first, int number) {
        return first.endsWith("+1") && number < SHORTCUTS ? first.substring(0, first.length() - 1) + (number + 1) : "";
    }

    /** All of them, for those who compare. */
    public String content() {
        return shown.stream()
                .map(one -> one.text() + (one.ticked() ? " [ticked]" : "") + (one.enabled() ? "" : " [disabled]"))
                .collect(Collectors.joining(" | "));
    }
}

package bivouac.machine;

import bivouac.design.Part;
import bivouac.design.Window;
import bivouac.plan.TextSelection;
import java.util.List;
import java.util.Optional;

/**
 * What is to be seen at rest (E3), the windows from the lowest to the topmost.
 *
 * @param ended the exit code, if the application has ended
 * @param tasks those that can end now
 * @param held what is held: the application's, then that of each window, in the order of taking
 * @param timers those that are on
 * @param files the paths of the pretend files that are there
 */
public record Scene(
        List<OpenWindow> windows,
        Optional<Long> ended,
        boolean killed,
        List<Held> held,
        List<String> files,
        List<Working> tasks,
        List<Ticking> timers) {

    public Scene {
        timers = List.copyOf(timers);
        windows = List.copyOf(windows);
        held = List.copyOf(held);
        files = List.copyOf(files);
        tasks = List.copyOf(tasks);
    }

    /** The open window of that name, if it is open. */
    public Optional<OpenWindow> window(Sighting.Which which) {
        return windows.stream().filter(w -> w.which().equals(which)).findFirst();
    }

    /**
     * One open window.
     *
     * @param instance its position in the state
     * @param text of a message box, what it says; of a file dialog, where it begins; of a picker, what it shows first
     * @param blockedBy in words, what blocks it
     * @param takes what it was handed last, defaults included
     */
    public record OpenWindow(
            int instance,
            Sighting.Which which,
            Window design,
            String title,
            String text,
            Optional<Sighting.Which> owner,
            boolean hidden,
            Optional<Blocker> blockedBy,
            boolean hasCloseBox,
            boolean hasEscape,
            List<Sighting.Named> takes,
            List<SeenPart> parts) {
        public OpenWindow {
            takes = List.copyOf(takes);
            parts = List.copyOf(parts);
        }

        /** The part of that expression name. */
        public Optional<SeenPart> part(String expressionName) {
            return parts.stream()
                    .filter(p -> p.design().name().expression().equals(expressionName))
                    .findFirst();
        }
    }

    /**
     * Something that is held.
     *
     * @param of the window whose it is; empty for the application
     */
    public record Held(String holding, Optional<Sighting.Which> of) {
        @Override
        public String toString() {
            return holding + of.map(w -> ", for " + w).orElse("");
        }
    }

    /** What is waited for like a task (W5, O7). */
    public sealed interface Work {

        /** How the system's work is called; the window's, or the holding's, name follows. */
        String OPENING = "opening ";

        String TAKING = "taking ";

        String GIVING_BACK = "giving back ";

        record OfTask(String task) implements Work {}

        /** The system creates a window. */
        record Opening(String window) implements Work {}

        /** The system takes a holding. */
        record Taking(String holding) implements Work {}

        /** The system takes a holding back. */
        record GivingBack(String holding) implements Work {}

        /** As it is called on screens and in trails. */
        default String words() {
            return switch (this) {
                case OfTask(String task) -> task;
                case Opening(String window) -> OPENING + window;
                case Taking(String holding) -> TAKING + holding;
                case GivingBack(String holding) -> GIVING_BACK + holding;
            };
        }
    }

    /**
     * Work that goes on.
     *
     * @param place as {@link Event.TaskEnds} counts
     * @param of the window whose script runs it; empty for the application
     * @param now the numbers of the endings in which it can end now (C8, W10)
     * @param tells whether it shows how far it is (W9)
     */
    public record Working(
            int place, Work work, Optional<Sighting.Which> of, List<String> endings, List<Integer> now, boolean tells) {
        public Working {
            endings = List.copyOf(endings);
            now = List.copyOf(now);
        }

        /** How it is called. */
        public String task() {
            return work.words();
        }
    }

    /**
     * A timer that is on.
     *
     * @param instance as {@link Event.TimerFires} counts
     * @param of the window whose it is; empty for the application
     */
    public record Ticking(int instance, int number, String timer, Optional<Sighting.Which> of) {}

    /** What blocks a window: a window that is waited for, if there is one, and the reason in words. */
    public record Blocker(Optional<Sighting.Which> window, String words) {}

    /** Whether work can be asked to end (W10). */
    public enum Asking {
        /** It may not be cancelled, or there is none. */
        NEVER,
        /** It does not run, or was asked already. */
        NOT_NOW,
        NOW
    }

    /** One of the parts of which there is one for each row (P5). */
    public record SeenRow(String text, boolean ticked, boolean enabled) {}

    /**
     * A part as it is seen.
     *
     * @param number its number in the window
     * @param text what stands on it or is typed in it
     * @param ticked of a tick box or tick command
     * @param done of a progress: how far the work is, from 0 to 100 (W9)
     * @param asking of a progress: whether the work that it shows can be asked to end (W10)
     * @param font as pickers write it; empty for its window's
     * @param colour as pickers write it; empty for its window's
     * @param each of a part of which there is one for each row, those (P5)
     * @param items of a choice, what can be chosen
     * @param rows of a list, as shown
     * @param selected the numbers of a list's selected rows, from 1
     * @param span of a text field: what is selected in it, where something asks for that (P7)
     */
    public record SeenPart(
            int number,
            Part design,
            String text,
            boolean ticked,
            int done,
            Asking asking,
            boolean enabled,
            boolean visible,
            boolean readOnly,
            String font,
            String colour,
            List<SeenRow> each,
            List<String> items,
            List<List<String>> rows,
            List<Integer> selected,
            Optional<TextSelection.Span> span) {
        public SeenPart {
            each = List.copyOf(each);
            items = List.copyOf(items);
            rows = List.copyOf(rows);
            selected = List.copyOf(selected);
        }

        /** Whether the work that it shows can be asked to end now. */
        public boolean cancels() {
            return asking == Asking.NOW;
        }
    }
}

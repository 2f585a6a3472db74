package bivouac.rehearsal;

import bivouac.design.Ending;
import bivouac.design.Quoted;
import bivouac.machine.Scene;
import bivouac.machine.Sighting.Which;
import bivouac.plan.TextSelection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * An event by names, as it is kept. Windows are named by their shown name and which one it is, parts by their
 * expression name, answers by their ending. {@link #toString} is the line of a trail file.
 */
public sealed interface NamedEvent {

    /** An event on a window. */
    sealed interface OnWindow extends NamedEvent {
        Which window();
    }

    /** An event on a part of a window. */
    sealed interface OnPart extends OnWindow {
        /** By its expression name. */
        String part();
    }

    record Pressed(Which window, String part) implements OnPart {
        @Override
        public String toString() {
            return "press " + Quoted.of(part) + TrailFile.of(window);
        }
    }

    /** @param row the number of the one that is meant, of those of which there is one for each row (P5) */
    record RowPressed(Which window, String part, int row) implements OnPart {
        @Override
        public String toString() {
            return "press row " + row + " in " + Quoted.of(part) + TrailFile.of(window);
        }
    }

    record Typed(Which window, String part, String text) implements OnPart {
        @Override
        public String toString() {
            return "type " + Quoted.of(text) + " into " + Quoted.of(part) + TrailFile.of(window);
        }
    }

    /** A piece of a text is selected, or the cursor put somewhere (P7). */
    record TextSelected(Which window, String part, TextSelection.Span span) implements OnPart {
        @Override
        public String toString() {
            return "select " + places() + " in " + Quoted.of(part) + TrailFile.of(window);
        }

        /** As it is written: {@code from 3 to 7}. */
        public String places() {
            return "from " + span.from() + " to " + span.to();
        }

        /** For people: {@code from 3 to 7 selected}, or where the cursor stands. */
        public String words() {
            return span.from() == span.to() ? "cursor at " + span.from() : places() + " selected";
        }
    }

    /** Files are opened from outside (F1). */
    record FilesOpened(List<String> paths) implements NamedEvent {
        public FilesOpened {
            paths = List.copyOf(paths);
        }

        @Override
        public String toString() {
            return "open files " + TrailFile.names(paths);
        }
    }

    /** Files are dropped on a window (F2). */
    record FilesDropped(Which window, List<String> paths) implements OnWindow {
        public FilesDropped {
            paths = List.copyOf(paths);
        }

        @Override
        public String toString() {
            return "drop " + TrailFile.names(paths) + " on " + TrailFile.name(window);
        }
    }

    /** Another program has changed, or removed, a file that a window has open (F3). */
    record FileTouched(Which window, String path, boolean gone) implements OnWindow {
        @Override
        public String toString() {
            return "file " + Quoted.of(path) + (gone ? " is gone" : " changes") + TrailFile.of(window);
        }
    }

    /** The work that a progress shows is asked to end (W10). */
    record Cancelled(Which window, String part) implements OnPart {
        @Override
        public String toString() {
            return "cancel " + Quoted.of(part) + TrailFile.of(window);
        }
    }

    record Ticked(Which window, String part) implements OnPart {
        @Override
        public String toString() {
            return "tick " + Quoted.of(part) + TrailFile.of(window);
        }
    }

    record Selected(Which window, String part, String item) implements OnPart {
        @Override
        public String toString() {
            return "select " + Quoted.of(item) + " in " + Quoted.of(part) + TrailFile.of(window);
        }
    }

    /** @param rows their numbers, from 1 */
    record RowsSelected(Which window, String part, List<Integer> rows) implements OnPart {
        public RowsSelected {
            rows = List.copyOf(rows);
        }

        @Override
        public String toString() {
            return "select " + numbers() + " in " + Quoted.of(part) + TrailFile.of(window);
        }

        /** For people: {@code row 3}, {@code rows 1, 3}, {@code no row}. */
        public String numbers() {
            return switch (rows.size()) {
                case 0 -> "no row";
                case 1 -> "row " + rows.getFirst();
                default -> "rows " + rows.stream().map(String::valueOf).collect(Collectors.joining(", "));
            };
        }
    }

    record RowActivated(Which window, String part) implements OnPart {
        @Override
        public String toString() {
            return "activate row in " + Quoted.of(part) + TrailFile.of(window);
        }
    }

    record RowsRemoved(Which window, String part) implements OnPart {
        @Override
        public String toString() {
            return "remove rows in " + Quoted.of(part) + TrailFile.of(window);
        }
    }

    record Answered(Which window, String ending) implements OnWindow {
        @Override
        public String toString() {
            return "answer " + Quoted.of(ending) + TrailFile.of(window);
        }
    }

    /** @param filter the label of the filter that is on */
    record Chose(Which window, List<String> paths, String filter) implements OnWindow {
        public Chose {
            paths = List.copyOf(paths);
        }

        @Override
        public String toString() {
            return "choose " + TrailFile.names(paths) + " as " + Quoted.of(filter) + TrailFile.of(window);
        }
    }

    record Picked(Which window, String value) implements OnWindow {
        @Override
        public String toString() {
            return "pick " + Quoted.of(value) + TrailFile.of(window);
        }
    }

    record CloseBoxUsed(Which window) implements OnWindow {
        @Override
        public String toString() {
            return "close box" + TrailFile.of(window);
        }
    }

    record EscapePressed(Which window) implements OnWindow {
        @Override
        public String toString() {
            return "Escape" + TrailFile.of(window);
        }
    }

    /** Enter: the default button of a window (P2). */
    record EnterPressed(Which window) implements OnWindow {
        @Override
        public String toString() {
            return "Enter" + TrailFile.of(window);
        }
    }

    /**
     * A task ends.
     *
     * @param which of several that run under one name for one window, from 1 and in the order of the state
     * @param of the window whose script runs the task; absent for the application
     */
    record TaskEnded(String task, int which, Optional<Which> of, String ending) implements NamedEvent {
        /** The window that the system could not create by it, if it was such an opening (O7). */
        public Optional<String> couldNotOpen() {
            return couldNot(Scene.Work.OPENING);
        }

        /** The holding that the system could not take by it, if it was such a taking (O7). */
        public Optional<String> couldNotTake() {
            return couldNot(Scene.Work.TAKING);
        }

        /** The holding that the system could not take back by it, if it was such a giving back (H2). */
        public Optional<String> couldNotGiveBack() {
            return couldNot(Scene.Work.GIVING_BACK);
        }

        private Optional<String> couldNot(String doing) {
            return ending.equals(Ending.COULD_NOT.name()) && task.startsWith(doing)
                    ? Optional.of(task.substring(doing.length()))
                    : Optional.empty();
        }

        @Override
        public String toString() {
            return "task " + Quoted.of(task) + (which > 1 ? " " + which : "") + " ends " + Quoted.of(ending)
                    + of.map(TrailFile::of).orElse("");
        }
    }

    /**
     * A task tells how far it is (W9).
     *
     * @param which as of {@link TaskEnded}
     * @param done from 0 to 100
     * @param line what it says beside it
     * @param of the window whose script runs the task; absent for the application
     */
    record TaskTold(String task, int which, Optional<Which> of, int done, String line) implements NamedEvent {
        @Override
        public String toString() {
            return "task " + Quoted.of(task) + (which > 1 ? " " + which : "") + " tells " + done + " " + Quoted.of(line)
                    + of.map(TrailFile::of).orElse("");
        }
    }

    /** @param of the window whose timer it is; absent for the application */
    record TimerFired(String timer, Optional<Which> of) implements NamedEvent {
        @Override
        public String toString() {
            return "timer " + Quoted.of(timer) + of.map(TrailFile::of).orElse("") + " fires";
        }
    }

    record DayPassed() implements NamedEvent {
        @Override
        public String toString() {
            return "a day passes";
        }
    }

    record OpenedWithSamples(String window) implements NamedEvent {
        @Override
        public String toString() {
            return "open " + Quoted.of(window) + " with samples";
        }
    }

    record SessionEnded() implements NamedEvent {
        @Override
        public String toString() {
            return "session ends";
        }
    }

    record ProcessKilled() implements NamedEvent {
        @Override
        public String toString() {
            return "killed";
        }
    }

    record StartedAgain() implements NamedEvent {
        @Override
        public String toString() {
            return "start again";
        }
    }
}

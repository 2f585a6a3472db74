package bivouac.rehearsal;

import bivouac.design.Ending;
import bivouac.machine.Scene;
import bivouac.machine.Sighting.Which;
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
            return "press " + TrailFile.quoted(part) + TrailFile.of(window);
        }
    }

    record Typed(Which window, String part, String text) implements OnPart {
        @Override
        public String toString() {
            return "type " + TrailFile.quoted(text) + " into " + TrailFile.quoted(part) + TrailFile.of(window);
        }
    }

    record Ticked(Which window, String part) implements OnPart {
        @Override
        public String toString() {
            return "tick " + TrailFile.quoted(part) + TrailFile.of(window);
        }
    }

    record Selected(Which window, String part, String item) implements OnPart {
        @Override
        public String toString() {
            return "select " + TrailFile.quoted(item) + " in " + TrailFile.quoted(part) + TrailFile.of(window);
        }
    }

    /** @param rows their numbers, from 1 */
    record RowsSelected(Which window, String part, List<Integer> rows) implements OnPart {
        public RowsSelected {
            rows = List.copyOf(rows);
        }

        @Override
        public String toString() {
            return "select " + numbers() + " in " + TrailFile.quoted(part) + TrailFile.of(window);
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
            return "activate row in " + TrailFile.quoted(part) + TrailFile.of(window);
        }
    }

    record RowsRemoved(Which window, String part) implements OnPart {
        @Override
        public String toString() {
            return "remove rows in " + TrailFile.quoted(part) + TrailFile.of(window);
        }
    }

    record Answered(Which window, String ending) implements OnWindow {
        @Override
        public String toString() {
            return "answer " + TrailFile.quoted(ending) + TrailFile.of(window);
        }
    }

    /** @param filter the label of the filter that is on */
    record Chose(Which window, List<String> paths, String filter) implements OnWindow {
        public Chose {
            paths = List.copyOf(paths);
        }

        @Override
        public String toString() {
            return "choose " + paths.stream().map(TrailFile::quoted).collect(Collectors.joining(", ")) + " as "
                    + TrailFile.quoted(filter) + TrailFile.of(window);
        }
    }

    record Picked(Which window, String value) implements OnWindow {
        @Override
        public String toString() {
            return "pick " + TrailFile.quoted(value) + TrailFile.of(window);
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

    /** @param of the window whose script runs the task; absent for the application */
    record TaskEnded(String task, Optional<Which> of, String ending) implements NamedEvent {
        /** The window that the system could not create by it, if it was such an opening (O7). */
        public Optional<String> couldNotOpen() {
            return couldNot(Scene.Working.OPENING);
        }

        /** The holding that the system could not take by it, if it was such a taking (O7). */
        public Optional<String> couldNotTake() {
            return couldNot(Scene.Working.TAKING);
        }

        private Optional<String> couldNot(String doing) {
            return ending.equals(Ending.COULD_NOT.name()) && task.startsWith(doing)
                    ? Optional.of(task.substring(doing.length()))
                    : Optional.empty();
        }

        @Override
        public String toString() {
            return "task " + TrailFile.quoted(task) + " ends " + TrailFile.quoted(ending)
                    + of.map(TrailFile::of).orElse("");
        }
    }

    record OpenedWithSamples(String window) implements NamedEvent {
        @Override
        public String toString() {
            return "open " + TrailFile.quoted(window) + " with samples";
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

package bivouac.design;

import java.util.List;
import java.util.stream.Collectors;

/** The type of a value (rule V1). {@link #toString} gives it as it stands in files and on screens. */
public sealed interface Type {

    Type TEXT = Plain.TEXT;
    Type WHOLE = Plain.WHOLE;
    Type NUMBER = Plain.NUMBER;
    Type YESNO = Plain.YESNO;
    Type DATE = Plain.DATE;

    /** A type without parameters. */
    enum Plain implements Type {
        TEXT("text"),
        WHOLE("whole"),
        NUMBER("number"),
        YESNO("yesno"),
        DATE("date"),
        FILE("file"),
        FONT("font"),
        COLOUR("colour");

        private final String word;

        Plain(String word) {
            this.word = word;
        }

        @Override
        public String toString() {
            return word;
        }
    }

    /** One of a few texts, in the order in which they are offered. */
    record ChoiceOf(List<String> items) implements Type {
        public ChoiceOf {
            items = List.copyOf(items);
        }

        @Override
        public String toString() {
            return "choice of "
                    + items.stream()
                            .map(i -> '"' + i.replace("\\", "\\\\").replace("\"", "\\\"") + '"')
                            .collect(Collectors.joining(", "));
        }
    }

    /** Any number of values of one type. */
    record ListOf(Type of) implements Type {
        @Override
        public String toString() {
            return "list of " + of;
        }
    }

    /**
     * The type of what an empty list holds: it fits every type. Only values have it, nothing is declared with it, and
     * files never hold it.
     */
    record Unknown() implements Type {
        @Override
        public String toString() {
            return "anything";
        }
    }

    /**
     * An open window that is kept (O9): only a window's own variable has it, and it is no value that could be read, handed
     * over or compared.
     *
     * @param window shown name
     */
    record WindowOf(String window) implements Type {

        /** What is said where it stands elsewhere. */
        public static final String ONLY_OWN =
                "Only a value of a window's own can keep an open window (O9); it cannot be handed over, given or kept.";

        @Override
        public String toString() {
            return "window \"" + window.replace("\\", "\\\\").replace("\"", "\\\"") + '"';
        }
    }

    /** Named columns, each with its type. */
    record RowOf(List<Column> columns) implements Type {
        public RowOf {
            columns = List.copyOf(columns);
        }

        @Override
        public String toString() {
            return columns.stream()
                    .map(c -> c.name() + ": " + c.type())
                    .collect(Collectors.joining(", ", "row of (", ")"));
        }
    }

    /** A column of a row, by its expression name. */
    record Column(String name, Type type) {}
}

package bivouac.expression;

import bivouac.design.Type;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/** A value of one of the types of rule V1. Equal by content. */
public sealed interface Value {

    Value NONE = new None();
    Value YES = new YesNo(true);
    Value NO = new YesNo(false);
    Value EMPTY = new Text("");

    /** A text; also a choice, a file, a font or a colour, which are written as texts. */
    record Text(String value) implements Value {
        @Override
        public String shown() {
            return value;
        }
    }

    record Whole(long value) implements Value {
        @Override
        public String shown() {
            return Long.toString(value);
        }
    }

    record Number(double value) implements Value {
        public Number {
            value = value == 0 ? 0.0 : value;
        }

        @Override
        public String shown() {
            return Texts.shown(value);
        }
    }

    record YesNo(boolean value) implements Value {
        @Override
        public String shown() {
            return value ? "yes" : "no";
        }
    }

    record Date(LocalDate value) implements Value {
        @Override
        public String shown() {
            return value.toString();
        }
    }

    record Items(List<Value> values) implements Value {
        public Items {
            values = Frozen.of(values);
        }

        @Override
        public String shown() {
            return joined(values);
        }

        @Override
        public long weight() {
            return ((Frozen) values).weight();
        }
    }

    /**
     * A row: the names of its columns in their order, and a value for each. Equal to one with the same columns, in
     * whatever order.
     */
    final class Row implements Value {
        private final List<String> names;
        private final Frozen values;
        private final int hash;

        public Row(Map<String, Value> columns) {
            this.names = List.copyOf(columns.keySet());
            this.values = Frozen.of(List.copyOf(columns.values()));
            int h = 0;
            for (int i = 0; i < names.size(); i++) {
                h += names.get(i).hashCode() ^ values.get(i).hashCode();
            }
            this.hash = h;
        }

        /** Its values by the names of their columns, in order. */
        public Map<String, Value> columns() {
            var columns = new java.util.LinkedHashMap<String, Value>();
            for (int i = 0; i < names.size(); i++) {
                columns.put(names.get(i), values.get(i));
            }
            return java.util.Collections.unmodifiableMap(columns);
        }

        /** The value of a column, if there is such a one. */
        public java.util.Optional<Value> column(String name) {
            int at = names.indexOf(name);
            return at < 0 ? java.util.Optional.empty() : java.util.Optional.of(values.get(at));
        }

        @Override
        public String shown() {
            return joined(values);
        }

        @Override
        public long weight() {
            return values.weight();
        }

        @Override
        public boolean equals(Object other) {
            return other == this
                    || other instanceof Row row
                            && row.hash == hash
                            && (row.names.equals(names)
                                    ? row.values.equals(values)
                                    : row.columns().equals(columns()));
        }

        @Override
        public int hashCode() {
            return hash;
        }

        @Override
        public String toString() {
            return "Row" + columns();
        }
    }

    /** Values beside each other; {@link TooMuchWork} where that is longer than a text may be. */
    private static String joined(List<Value> values) {
        var out = new StringBuilder();
        for (Value value : values) {
            out.append(out.isEmpty() ? "" : ", ").append(value.shown());
            Texts.checkLength(out.length());
        }
        return out.toString();
    }

    /** No value: reading it is fault X3. */
    record None() implements Value {
        @Override
        public String shown() {
            return "";
        }
    }

    /** As people see it, in braces (V3); {@link TooMuchWork} where that is longer than a text may be. */
    String shown();

    /** How much it holds, in units of {@link Budget}; a list counts what is in it, as often as it is in it. */
    default long weight() {
        return this instanceof Text(String text) ? 1 + text.length() / Budget.CHARACTERS : 1;
    }

    static Value of(boolean yes) {
        return yes ? YES : NO;
    }

    static Value of(String text) {
        return text.isEmpty() ? EMPTY : new Text(text);
    }

    /** The value that a variable of the type has where no starting value is said. */
    static Value startOf(Type type, LocalDate today) {
        return switch (type) {
            case Type.Plain plain ->
                switch (plain) {
                    case TEXT, FILE, FONT, COLOUR -> EMPTY;
                    case WHOLE -> new Whole(0);
                    case NUMBER -> new Number(0);
                    case YESNO -> NO;
                    case DATE -> new Date(today);
                };
            case Type.ChoiceOf choice ->
                choice.items().isEmpty() ? EMPTY : new Text(choice.items().getFirst());
            case Type.ListOf list -> new Items(List.of());
            case Type.Unknown unknown -> NONE;
            case Type.WindowOf window -> NONE;
            case Type.RowOf row -> {
                var columns = new java.util.LinkedHashMap<String, Value>();
                row.columns().forEach(c -> columns.put(c.name(), startOf(c.type(), today)));
                yield new Row(columns);
            }
        };
    }

    /**
     * This value as one of the type: a whole becomes a number where a number is wanted (V3), in lists and rows too, and
     * the columns of a row stand in the order of the type.
     */
    default Value as(Type type) {
        return switch (type) {
            case Type.Plain plain -> plain == Type.Plain.NUMBER && this instanceof Whole(long w) ? new Number(w) : this;
            case Type.ChoiceOf choice -> this;
            case Type.Unknown unknown -> this;
            case Type.WindowOf window -> this;
            case Type.ListOf(Type of) ->
                this instanceof Items(List<Value> values) && changesIn(of)
                        ? new Items(values.stream().map(v -> v.as(of)).toList())
                        : this;
            case Type.RowOf(var columns) -> this instanceof Row row ? row(row, columns) : this;
        };
    }

    /** Whether a value can be another one as one of the type. */
    private static boolean changesIn(Type type) {
        return switch (type) {
            case Type.Plain plain -> plain == Type.Plain.NUMBER;
            case Type.ChoiceOf choice -> false;
            case Type.Unknown unknown -> false;
            case Type.WindowOf window -> false;
            case Type.ListOf(Type of) -> changesIn(of);
            case Type.RowOf row -> true;
        };
    }

    private static Row row(Row row, List<Type.Column> columns) {
        var ordered = new java.util.LinkedHashMap<String, Value>();
        for (Type.Column column : columns) {
            row.column(column.name()).ifPresent(v -> ordered.put(column.name(), v.as(column.type())));
        }
        row.columns().forEach(ordered::putIfAbsent);
        return new Row(ordered);
    }

    /** Exact decimal of a number, for showing. */
    static BigDecimal decimal(double value) {
        return BigDecimal.valueOf(value);
    }
}

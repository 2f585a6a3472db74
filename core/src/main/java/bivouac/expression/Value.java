package bivouac.expression;

import bivouac.design.Type;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

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
            values = List.copyOf(values);
        }

        @Override
        public String shown() {
            return values.stream().map(Value::shown).collect(Collectors.joining(", "));
        }
    }

    /** A row, by column name, in the order of the columns. */
    record Row(Map<String, Value> columns) implements Value {
        public Row {
            columns = java.util.Collections.unmodifiableMap(new java.util.LinkedHashMap<>(columns));
        }

        @Override
        public String shown() {
            return columns.values().stream().map(Value::shown).collect(Collectors.joining(", "));
        }
    }

    /** No value: reading it is fault X3. */
    record None() implements Value {
        @Override
        public String shown() {
            return "";
        }
    }

    /** As people see it, in braces (V3). */
    String shown();

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
            case Type.RowOf row -> {
                var columns = new java.util.LinkedHashMap<String, Value>();
                row.columns().forEach(c -> columns.put(c.name(), startOf(c.type(), today)));
                yield new Row(columns);
            }
        };
    }

    /** This value as one of the type: a whole becomes a number where a number is wanted (V3). */
    default Value as(Type type) {
        return type == Type.NUMBER && this instanceof Whole(long w) ? new Number(w) : this;
    }

    /** Exact decimal of a number, for showing. */
    static BigDecimal decimal(double value) {
        return BigDecimal.valueOf(value);
    }
}

package bivouac.handover.java;

import bivouac.design.Type;
import bivouac.handover.meaning.PlainTypes;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;

/** Types as Java has them. Rows of the same columns are one record. */
public final class JavaTypes {

    private final JavaNames names;
    private final Map<Type.RowOf, String> rows = new LinkedHashMap<>();

    public JavaTypes(JavaNames names) {
        this.names = names;
    }

    /** Names the record for rows of a type, after what first has such rows. */
    public String row(Type.RowOf row, String after) {
        Type.RowOf plain = PlainTypes.of(row);
        return rows.computeIfAbsent(plain, r -> names.type(after + "Row", "2"));
    }

    public Map<Type.RowOf, String> rows() {
        return Map.copyOf(rows);
    }

    public String of(Type type) {
        return switch (PlainTypes.of(type)) {
            case Type.Plain p ->
                switch (p) {
                    case WHOLE -> "long";
                    case NUMBER -> "double";
                    case YESNO -> "boolean";
                    case DATE -> "LocalDate";
                    case TEXT, FILE, FONT, COLOUR -> "String";
                };
            case Type.ListOf(Type of) -> "List<" + boxed(of) + ">";
            case Type.RowOf row -> row(row, "plain");
            case Type.ChoiceOf c -> "String";
            case Type.Unknown u -> "Object";
            case Type.WindowOf w -> throw new IllegalArgumentException("a window is no value");
        };
    }

    public String boxed(Type type) {
        return switch (of(type)) {
            case "long" -> "Long";
            case "double" -> "Double";
            case "boolean" -> "Boolean";
            case String other -> other;
        };
    }

    /** What a value of a type is where nothing else is said. */
    public String start(Type type) {
        return switch (PlainTypes.of(type)) {
            case Type.Plain p ->
                switch (p) {
                    case WHOLE, NUMBER -> "0";
                    case YESNO -> "false";
                    case DATE -> "app.today()";
                    case TEXT, FILE, FONT, COLOUR -> "\"\"";
                };
            case Type.ListOf l -> "List.of()";
            case Type.RowOf row ->
                "new " + of(row) + "("
                        + row.columns().stream().map(c -> start(c.type())).collect(Collectors.joining(", ")) + ")";
            case Type.ChoiceOf c -> "\"\"";
            case Type.Unknown u -> "null";
            case Type.WindowOf w -> "null";
        };
    }
}

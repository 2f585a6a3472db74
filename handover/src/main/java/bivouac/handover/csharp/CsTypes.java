package bivouac.handover.csharp;

import bivouac.design.Type;
import bivouac.handover.meaning.PlainTypes;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Types as C# has them. Rows of the same columns are one class. */
public final class CsTypes {

    private final CsNames classes;
    private final Map<Type.RowOf, String> rows = new LinkedHashMap<>();

    CsTypes(CsNames classes) {
        this.classes = classes;
    }

    /** Names the class for rows of a type, after what first has such rows. */
    public String row(Type.RowOf row, String after) {
        return rows.computeIfAbsent(PlainTypes.of(row), r -> classes.type(after + "Row", "2"));
    }

    public Map<Type.RowOf, String> rows() {
        return Map.copyOf(rows);
    }

    /** The properties of a class of rows, by their columns. */
    public Map<String, String> columns(Type.RowOf row) {
        List<String> names = row.columns().stream().map(Type.Column::name).toList();
        return CsNames.properties(names, of(row));
    }

    public String of(Type type) {
        return switch (PlainTypes.of(type)) {
            case Type.Plain p ->
                switch (p) {
                    case WHOLE -> "long";
                    case NUMBER -> "double";
                    case YESNO -> "bool";
                    case DATE -> "DateTime";
                    case TEXT, FILE, FONT, COLOUR -> "string";
                };
            case Type.ListOf(Type of) -> "IReadOnlyList<" + of(of) + ">";
            case Type.RowOf row -> row(row, "Plain");
            case Type.ChoiceOf c -> "string";
            case Type.Unknown u -> "object";
            case Type.WindowOf w -> throw new IllegalArgumentException("a window is no value");
        };
    }

    /**
     * What a value of a type is where nothing else is said.
     *
     * @param today how the day is asked for there
     */
    public String start(Type type, String today) {
        return switch (PlainTypes.of(type)) {
            case Type.Plain p ->
                switch (p) {
                    case WHOLE, NUMBER -> "0";
                    case YESNO -> "false";
                    case DATE -> today;
                    case TEXT, FILE, FONT, COLOUR -> "\"\"";
                };
            case Type.ListOf(Type of) -> "Values.List<" + of(of) + ">()";
            case Type.RowOf row ->
                "new " + of(row) + "("
                        + row.columns().stream()
                                .map(c -> start(c.type(), today))
                                .collect(Collectors.joining(", "))
                        + ")";
            case Type.ChoiceOf c -> "\"\"";
            case Type.Unknown u -> "null";
            case Type.WindowOf w -> "null";
        };
    }
}

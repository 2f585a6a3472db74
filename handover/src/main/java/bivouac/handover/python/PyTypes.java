package bivouac.handover.python;

import bivouac.design.Type;
import bivouac.handover.meaning.PlainTypes;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Types as Python has them. Rows of the same columns are one class. */
public final class PyTypes {

    private final PyNames names;
    private final Set<String> classes;
    private final Map<Type.RowOf, String> rows = new LinkedHashMap<>();

    PyTypes(PyNames names, Set<String> classes) {
        this.names = names;
        this.classes = classes;
    }

    /** Names the class for rows of a type, after what first has such rows. */
    public String row(Type.RowOf row, String after) {
        return rows.computeIfAbsent(PlainTypes.of(row), r -> PyNames.type(after + "Row", "2", classes));
    }

    public Map<Type.RowOf, String> rows() {
        return Map.copyOf(rows);
    }

    /** A column as a field of its class. */
    public String column(String name) {
        return names.beside(name, Set.of());
    }

    /** As an annotation. */
    public String of(Type type) {
        return switch (PlainTypes.of(type)) {
            case Type.Plain p ->
                switch (p) {
                    case WHOLE -> "int";
                    case NUMBER -> "float";
                    case YESNO -> "bool";
                    case DATE -> "datetime.date";
                    case TEXT, FILE, FONT, COLOUR -> "str";
                };
            case Type.ListOf(Type of) -> "list[" + of(of) + "]";
            case Type.RowOf row -> "rows." + row(row, "Plain");
            case Type.ChoiceOf c -> "str";
            case Type.Unknown u -> "object";
            case Type.WindowOf w -> "object";
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
                    case WHOLE -> "0";
                    case NUMBER -> "0.0";
                    case YESNO -> "False";
                    case DATE -> today;
                    case TEXT, FILE, FONT, COLOUR -> "\"\"";
                };
            case Type.ListOf l -> "[]";
            case Type.RowOf row ->
                of(row) + "("
                        + row.columns().stream()
                                .map(c -> start(c.type(), today))
                                .collect(Collectors.joining(", "))
                        + ")";
            case Type.ChoiceOf c -> "\"\"";
            case Type.Unknown u -> "None";
            case Type.WindowOf w -> "None";
        };
    }
}

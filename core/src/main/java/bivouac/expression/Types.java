package bivouac.expression;

import bivouac.design.Type;
import java.util.Optional;

/** How types go together in expressions (V3). */
final class Types {

    private Types() {}

    /** As expressions see it: files, fonts, colours and choices are texts. */
    static Type plain(Type type) {
        return switch (type) {
            case Type.Plain plain ->
                switch (plain) {
                    case TEXT, FILE, FONT, COLOUR -> Type.TEXT;
                    case WHOLE, NUMBER, YESNO, DATE -> plain;
                };
            case Type.ChoiceOf choice -> Type.TEXT;
            case Type.Unknown unknown -> unknown;
            case Type.WindowOf window -> window;
            case Type.ListOf(Type of) -> new Type.ListOf(plain(of));
            case Type.RowOf(var columns) ->
                new Type.RowOf(columns.stream()
                        .map(c -> new Type.Column(c.name(), plain(c.type())))
                        .toList());
        };
    }

    /** Whether a value of one type can stand where another is wanted. */
    static boolean fits(Type found, Type wanted) {
        return fitsPlain(plain(found), plain(wanted));
    }

    private static boolean fitsPlain(Type found, Type wanted) {
        if (found.equals(wanted) || found instanceof Type.Unknown || found == Type.WHOLE && wanted == Type.NUMBER) {
            return true;
        }
        if (found instanceof Type.ListOf(Type has) && wanted instanceof Type.ListOf(Type of)) {
            return fitsPlain(has, of);
        }
        return found instanceof Type.RowOf has && wanted instanceof Type.RowOf of && fitsRow(has, of);
    }

    /** The same columns, in whatever order. */
    private static boolean fitsRow(Type.RowOf found, Type.RowOf wanted) {
        return found.columns().size() == wanted.columns().size()
                && wanted.columns().stream().allMatch(w -> column(found, w.name())
                        .filter(f -> fitsPlain(f, w.type()))
                        .isPresent());
    }

    /** The type of a column of a row. */
    static Optional<Type> column(Type.RowOf row, String name) {
        return row.columns().stream()
                .filter(c -> c.name().equals(name))
                .map(Type.Column::type)
                .findFirst();
    }

    /** The one type that values of two can both be seen as; empty if there is none. */
    static Optional<Type> join(Type a, Type b) {
        return fits(a, b) ? Optional.of(b) : fits(b, a) ? Optional.of(a) : Optional.empty();
    }
}

package bivouac.handover.meaning;

import bivouac.design.Type;

/** The types that a written program tells apart: files, fonts, colours and choices are texts there. */
public final class PlainTypes {

    private PlainTypes() {}

    public static Type.RowOf of(Type.RowOf row) {
        return new Type.RowOf(row.columns().stream()
                .map(c -> new Type.Column(c.name(), of(c.type())))
                .toList());
    }

    public static Type of(Type type) {
        return switch (type) {
            case Type.Plain p ->
                switch (p) {
                    case TEXT, FILE, FONT, COLOUR -> Type.TEXT;
                    case WHOLE, NUMBER, YESNO, DATE -> p;
                };
            case Type.ChoiceOf c -> Type.TEXT;
            case Type.ListOf(Type of) -> new Type.ListOf(of(of));
            case Type.RowOf r -> of(r);
            case Type.Unknown u -> u;
            case Type.WindowOf w -> w;
        };
    }
}

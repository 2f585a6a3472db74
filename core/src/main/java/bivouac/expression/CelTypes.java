package bivouac.expression;

import bivouac.design.Type;
import dev.cel.common.types.CelType;
import dev.cel.common.types.ListType;
import dev.cel.common.types.MapType;
import dev.cel.common.types.OpaqueType;
import dev.cel.common.types.SimpleType;
import java.util.Optional;

/** Our types as CEL's, and back. Files, fonts, colours and choices are written as texts. */
final class CelTypes {

    static final OpaqueType DATE = OpaqueType.create("date");
    /** The type of a window's name as the argument of {@code isOpen}. */
    static final OpaqueType WINDOW = OpaqueType.create("window");

    private CelTypes() {}

    static CelType toCel(Type type) {
        return switch (type) {
            case Type.Plain plain ->
                switch (plain) {
                    case TEXT, FILE, FONT, COLOUR -> SimpleType.STRING;
                    case WHOLE -> SimpleType.INT;
                    case NUMBER -> SimpleType.DOUBLE;
                    case YESNO -> SimpleType.BOOL;
                    case DATE -> DATE;
                };
            case Type.ChoiceOf choice -> SimpleType.STRING;
            case Type.ListOf list -> ListType.create(toCel(list.of()));
            case Type.RowOf row -> MapType.create(SimpleType.STRING, SimpleType.DYN);
        };
    }

    /** Empty for a type that no value of ours has. */
    static Optional<Type> fromCel(CelType type) {
        return switch (type.kind()) {
            case STRING -> Optional.of(Type.TEXT);
            case INT -> Optional.of(Type.WHOLE);
            case DOUBLE -> Optional.of(Type.NUMBER);
            case BOOL -> Optional.of(Type.YESNO);
            case OPAQUE -> type.equals(DATE) ? Optional.of(Type.DATE) : Optional.empty();
            case LIST -> fromCel(((ListType) type).elemType()).map(Type.ListOf::new);
            case DYN, TYPE_PARAM -> Optional.of(Type.TEXT);
            default -> Optional.empty();
        };
    }

    /** CEL's name of a type in our words. */
    static String inOurWords(String message) {
        return message.replaceAll("\\bint\\b", "whole")
                .replaceAll("\\bdouble\\b", "number")
                .replaceAll("\\bbool\\b", "yesno")
                .replaceAll("\\bstring\\b", "text")
                .replaceAll("\\blist\\((\\w+)\\)", "list of $1");
    }
}

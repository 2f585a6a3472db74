package bivouac.format;

import bivouac.design.Type;
import bivouac.design.TypeText;

/** Types as they stand in files. */
final class TypeFormat {

    private TypeFormat() {}

    static Type read(Json json) throws Unreadable {
        Type type = ofVariable(json);
        if (type instanceof Type.WindowOf) {
            throw Unreadable.at(json.at(), Type.WindowOf.ONLY_OWN);
        }
        return type;
    }

    /** Also one that keeps a window, which only a window's own variable can have (O9). */
    static Type ofVariable(Json json) throws Unreadable {
        String text = Fields.asText(json);
        var type = TypeText.whole(text);
        if (type.isEmpty()) {
            throw Unreadable.at(
                    json.at(),
                    "“" + text + "” is no type; types are text, whole, number, yesno, date, file, font, colour, "
                            + "choice of \"a\", \"b\", list of TYPE, and row of (column: TYPE).");
        }
        return type.get();
    }
}

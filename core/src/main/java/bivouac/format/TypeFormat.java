package bivouac.format;

import bivouac.design.Type;
import bivouac.design.TypeText;

/** Types as they stand in files. */
final class TypeFormat {

    private TypeFormat() {}

    static Type read(Json json) throws Unreadable {
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

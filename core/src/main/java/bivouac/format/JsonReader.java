package bivouac.format;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.json.JsonFactory;

/** Reads JSON into values that know their place. Nesting, lengths and the number of values are limited. */
final class JsonReader {

    private static final int DEEPEST = 100;
    private static final int MOST_VALUES = 2_000_000;

    private static final JsonFactory FACTORY = JsonFactory.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .streamReadConstraints(StreamReadConstraints.builder()
                    .maxNestingDepth(DEEPEST)
                    .maxStringLength(1_000_000)
                    .maxNumberLength(20)
                    .build())
            .build();

    private final JsonParser parser;
    private int values;

    private JsonReader(JsonParser parser) {
        this.parser = parser;
    }

    static Json read(InputStream in) throws Unreadable {
        try (JsonParser parser = FACTORY.createParser(ObjectReadContext.empty(), in)) {
            if (parser.nextToken() == null) {
                throw new Unreadable("The file is empty; a design begins with { \"format\": 1, ….");
            }
            Json read = new JsonReader(parser).value("");
            if (parser.nextToken() != null) {
                throw Unreadable.at(
                        place(parser, ""), "the design has ended, and something follows it; remove what follows.");
            }
            return read;
        } catch (JacksonException e) {
            throw notJson(e);
        }
    }

    private static Unreadable notJson(JacksonException e) {
        TokenStreamLocation at = e.getLocation();
        String what = e.getOriginalMessage();
        String short1 = what.contains("end-of-input") || what.contains("end of input")
                ? "the file breaks off here; it was probably not copied or saved completely."
                : what.contains("nesting depth")
                        ? "values are nested more than " + DEEPEST + " deep, which no design is."
                        : what.contains("Duplicate")
                                ? "the same member stands here twice; keep one of them."
                                : "this is not JSON, so the file is no design, or it was damaged.";
        return at == null
                ? new Unreadable(short1)
                : Unreadable.at(new Json.At(Math.max(1, at.getLineNr()), Math.max(1, at.getColumnNr()), ""), short1);
    }

    private static Json.At place(JsonParser parser, String path) {
        TokenStreamLocation at = parser.currentTokenLocation();
        return new Json.At(at.getLineNr(), at.getColumnNr(), path);
    }

    private Json value(String path) throws Unreadable {
        Json.At at = place(parser, path);
        if (++values > MOST_VALUES) {
            throw Unreadable.at(at, "the file holds more than two million values, which no design does.");
        }
        JsonToken token = parser.currentToken();
        return switch (token) {
            case VALUE_STRING -> new Json.Text(at, parser.getString());
            case VALUE_NUMBER_INT -> whole(at);
            case VALUE_TRUE, VALUE_FALSE -> new Json.YesNo(at, parser.getBooleanValue());
            case VALUE_NULL -> new Json.Nothing(at);
            case START_ARRAY -> items(at, path);
            case START_OBJECT -> members(at, path);
            default ->
                throw Unreadable.at(at, "only texts, whole numbers, true, false, lists and objects stand in a design.");
        };
    }

    private Json whole(Json.At at) throws Unreadable {
        try {
            return new Json.Whole(at, parser.getLongValue());
        } catch (JacksonException tooLarge) {
            throw Unreadable.at(at, "the number is too large.");
        }
    }

    private Json items(Json.At at, String path) throws Unreadable {
        var items = new ArrayList<Json>();
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            items.add(value(path + "/" + items.size()));
        }
        return new Json.Items(at, items);
    }

    private Json members(Json.At at, String path) throws Unreadable {
        var members = new LinkedHashMap<String, Json>();
        while (parser.nextToken() != JsonToken.END_OBJECT) {
            String name = parser.currentName();
            parser.nextToken();
            members.put(name, value(path + "/" + name));
        }
        return new Json.Members(at, members);
    }
}

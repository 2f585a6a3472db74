package bivouac.format;

import bivouac.design.Limits;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;

/** Reads JSON into values that know their place. Nesting, lengths and the number of values are limited. */
final class JsonReader {

    /** How deep values may be nested: steps inside each other need up to four each, and a window some ten around them. */
    static final int DEEPEST = 4 * Limits.DEEPEST_STEPS + 20;

    private static final JsonFactory FACTORY = JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder()
                    // looked at here before the parser would, which knows no design
                    .maxNestingDepth(DEEPEST * 2)
                    .maxNumberLength(Limits.LONGEST_TEXT)
                    .maxStringLength(Limits.LONGEST_TEXT)
                    .maxNameLength(Limits.LONGEST_TEXT)
                    .build())
            .build();

    private final JsonParser parser;
    private int values;
    private int depth;

    private JsonReader(JsonParser parser) {
        this.parser = parser;
    }

    static Json read(String text) throws Unreadable {
        if (text.isBlank()) {
            throw new Unreadable("The file is empty; a design begins with { \"format\": 1, ….");
        }
        try (JsonParser parser = FACTORY.createParser(ObjectReadContext.empty(), text)) {
            parser.nextToken();
            Json read = new JsonReader(parser).value("");
            if (parser.nextToken() != null) {
                throw Unreadable.at(
                        place(parser, ""), "the design has ended, and something follows it; remove what follows.");
            }
            return read;
        } catch (StreamConstraintsException e) {
            throw at(e, "a text has more than " + Limits.LONGEST_TEXT + " characters, which no text of a design may.");
        } catch (JacksonException e) {
            throw notJson(e, text);
        }
    }

    private static Unreadable notJson(JacksonException e, String text) {
        if ("{[\"/#".indexOf(text.strip().charAt(0)) < 0) {
            return at(e, "this is not JSON, so the file is no design: a design begins with { \"format\": 1, ….");
        }
        Optional<JsonMistake.Found> mistake = JsonMistake.in(text);
        return mistake.isPresent()
                ? Unreadable.at(at(text, mistake.get().at()), mistake.get().what())
                : at(e, "this is not JSON, so the file is no design, or it was damaged.");
    }

    private static Unreadable at(JacksonException e, String what) {
        TokenStreamLocation at = e.getLocation();
        return at == null
                ? new Unreadable(what)
                : Unreadable.at(new Json.At(Math.max(1, at.getLineNr()), Math.max(1, at.getColumnNr()), ""), what);
    }

    private static Json.At at(String text, int index) {
        int line = 1;
        int begin = 0;
        for (int i = 0; i < index; i++) {
            if (text.charAt(i) == '\n') {
                line++;
                begin = i + 1;
            }
        }
        return new Json.At(line, index - begin + 1, "");
    }

    private static Json.At place(JsonParser parser, String path) {
        TokenStreamLocation at = parser.currentTokenLocation();
        return new Json.At(at.getLineNr(), at.getColumnNr(), path);
    }

    private Json value(String path) throws Unreadable {
        Json.At at = place(parser, path);
        if (++values > Limits.MOST_VALUES) {
            throw Unreadable.at(at, "the file holds more than two million values, which no design does.");
        }
        JsonToken token = parser.currentToken();
        return switch (token) {
            case VALUE_STRING -> new Json.Text(at, parser.getString());
            case VALUE_NUMBER_INT -> whole(at);
            case VALUE_TRUE, VALUE_FALSE -> new Json.YesNo(at, parser.getBooleanValue());
            case VALUE_NULL -> new Json.Nothing(at);
            case START_ARRAY, START_OBJECT -> nested(token, at, path);
            case VALUE_NUMBER_FLOAT ->
                throw Unreadable.at(
                        at, "only whole numbers stand here; write other numbers in quotes, as expressions are.");
            default ->
                throw Unreadable.at(at, "only texts, whole numbers, true, false, lists and objects stand in a design.");
        };
    }

    private Json nested(JsonToken token, Json.At at, String path) throws Unreadable {
        if (++depth > DEEPEST) {
            throw Unreadable.at(at, "values are nested more than " + DEEPEST + " deep, which no design is.");
        }
        Json read = token == JsonToken.START_ARRAY ? items(at, path) : members(at, path);
        depth--;
        return read;
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
            if (members.containsKey(name)) {
                throw Unreadable.at(
                        place(parser, path + "/" + name), "the same member stands here twice; keep one of them.");
            }
            parser.nextToken();
            members.put(name, value(path + "/" + name));
        }
        return new Json.Members(at, members);
    }
}

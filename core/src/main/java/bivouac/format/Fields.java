package bivouac.format;

import bivouac.design.Expression;
import bivouac.design.Name;
import bivouac.design.Nearest;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The members of one JSON object while it is read: each is asked for once, and {@link #done} reports the others. */
final class Fields {

    /** Reads one value. */
    @FunctionalInterface
    interface Reader<T> {
        T read(Json json) throws Unreadable;
    }

    private final Json.Members object;
    private final Set<String> asked = new HashSet<>();

    Fields(Json.Members object) {
        this.object = object;
    }

    static Fields of(Json json) throws Unreadable {
        if (json instanceof Json.Members members) {
            return new Fields(members);
        }
        throw Unreadable.at(json.at(), "expected an object in { }, found " + json.kind() + ".");
    }

    Json.At at() {
        return object.at();
    }

    Optional<Json> find(String name) {
        asked.add(name);
        return Optional.ofNullable(object.values().get(name));
    }

    boolean has(String name) {
        return object.values().containsKey(name);
    }

    Json must(String name) throws Unreadable {
        Optional<Json> found = find(name);
        if (found.isEmpty()) {
            Optional<String> meant = Nearest.to(name, object.values().keySet());
            throw Unreadable.at(
                    meant.map(m -> object.values().get(m).at()).orElse(at()),
                    "the member “" + name + "” is missing"
                            + meant.map(m -> "; write it for “" + m + "”.").orElse("."));
        }
        return found.get();
    }

    String text(String name) throws Unreadable {
        return asText(must(name));
    }

    String text(String name, String otherwise) throws Unreadable {
        Optional<Json> found = find(name);
        return found.isPresent() ? asText(found.get()) : otherwise;
    }

    Optional<String> optionalText(String name) throws Unreadable {
        Optional<Json> found = find(name);
        return found.isPresent() ? Optional.of(asText(found.get())) : Optional.empty();
    }

    Optional<Expression> expression(String name) throws Unreadable {
        return optionalText(name).map(Expression::new);
    }

    boolean yes(String name, boolean otherwise) throws Unreadable {
        Optional<Json> found = find(name);
        if (found.isEmpty()) {
            return otherwise;
        }
        if (found.get() instanceof Json.YesNo(Json.At at, boolean value)) {
            return value;
        }
        throw Unreadable.at(
                found.get().at(), "expected true or false, found " + found.get().kind() + ".");
    }

    /** A whole number from 0 to {@code most}. */
    int count(String name, int otherwise, int most) throws Unreadable {
        Optional<Json> found = find(name);
        if (found.isEmpty()) {
            return otherwise;
        }
        if (found.get() instanceof Json.Whole(Json.At at, long value) && value >= 0 && value <= most) {
            return (int) value;
        }
        throw Unreadable.at(
                found.get().at(),
                "expected a whole number from 0 to " + most + ", found "
                        + found.get().kind() + ".");
    }

    <T> List<T> list(String name, Reader<T> reader) throws Unreadable {
        Optional<Json> found = find(name);
        return found.isPresent() ? asList(found.get(), reader) : List.of();
    }

    <T> T value(String name, T otherwise, Reader<T> reader) throws Unreadable {
        Optional<Json> found = find(name);
        return found.isPresent() ? reader.read(found.get()) : otherwise;
    }

    Name name() throws Unreadable {
        String shown = text("name");
        Optional<String> expression = optionalText("expressionName");
        return expression.map(e -> new Name(shown, e)).orElseGet(() -> Name.of(shown));
    }

    /** Reports the first member that nobody asked for, with the one that was probably meant. */
    void done() throws Unreadable {
        for (Map.Entry<String, Json> member : object.values().entrySet()) {
            if (!asked.contains(member.getKey())) {
                throw Unreadable.at(
                        member.getValue().at(),
                        "the member “" + member.getKey() + "” is not known here; "
                                + instead(
                                        member.getKey(), asked.stream().sorted().toList()));
            }
        }
    }

    /** What to write instead of a word that is not known, as the rest of a sentence. */
    private static String instead(String word, Collection<String> known) {
        String all = known.stream().map(a -> "“" + a + "”").collect(Collectors.joining(", "));
        return Nearest.to(word, known)
                        .map(near -> "did you mean “" + near + "”? It has to be one of ")
                        .orElse("expected ")
                + all + ".";
    }

    static String asText(Json json) throws Unreadable {
        if (json instanceof Json.Text(Json.At at, String value)) {
            return value;
        }
        throw Unreadable.at(json.at(), "expected a text in quotes, found " + json.kind() + ".");
    }

    static <T> List<T> asList(Json json, Reader<T> reader) throws Unreadable {
        if (!(json instanceof Json.Items(Json.At at, List<Json> values))) {
            throw Unreadable.at(json.at(), "expected a list in [ ], found " + json.kind() + ".");
        }
        var read = new ArrayList<T>(values.size());
        for (Json value : values) {
            read.add(reader.read(value));
        }
        return List.copyOf(read);
    }

    /** One of a few words. */
    static <T> T oneOf(Json json, Map<String, T> words) throws Unreadable {
        String word = asText(json);
        T found = words.get(word);
        if (found == null) {
            throw Unreadable.at(json.at(), "“" + word + "” is not known here; " + instead(word, words.keySet()));
        }
        return found;
    }
}

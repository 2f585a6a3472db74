package bivouac.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The types of rows by the lists that have them (V1). A list says once what its rows hold; wherever else such rows are taken,
 * given or kept, {@code rows of tonight} and {@code row of tonight} say the same where it is typed, and where it is shown.
 *
 * @param byName by what can be written behind <em>rows of</em>
 */
public record RowTypes(Map<String, Type.RowOf> byName) {

    /** Texts in quotes are skipped: what they say is no type. */
    private static final Pattern NAMED = Pattern.compile(
            "\"(?:\\\\.|[^\"\\\\])*\"|'(?:\\\\.|[^'\\\\])*'|\\b(rows?) of ((?:[A-Za-z_]\\w*\\.)?[A-Za-z_]\\w*)");

    /** The lists of a design: by the name of the part alone, where no other list has it, and with its window's before it. */
    public static RowTypes of(Design design) {
        var byName = new LinkedHashMap<String, Type.RowOf>();
        Map<String, List<Found>> lists = found(design).stream()
                .collect(Collectors.groupingBy(
                        f -> f.list().name().expression(), LinkedHashMap::new, Collectors.toList()));
        lists.forEach((name, all) -> {
            boolean alone = all.stream().map(f -> f.list().row()).distinct().count() == 1;
            if (alone) {
                byName.put(name, all.getFirst().list().row());
            }
            all.forEach(f -> byName.put(
                    f.window().name().expression() + "." + name, f.list().row()));
        });
        return new RowTypes(byName);
    }

    private record Found(FacedWindow window, Part.ListOfRows list) {}

    private static List<Found> found(Design design) {
        var found = new ArrayList<Found>();
        for (Window window : design.windows()) {
            if (window instanceof FacedWindow face) {
                face.parts().stream()
                        .filter(Part.ListOfRows.class::isInstance)
                        .map(Part.ListOfRows.class::cast)
                        .filter(l -> !l.columns().isEmpty())
                        .forEach(l -> found.add(new Found(face, l)));
            }
        }
        return found;
    }

    /** The names that can be written behind <em>rows of</em>, the shorter ones first. */
    public List<String> names() {
        return byName.keySet().stream()
                .sorted(Comparator.comparing((String n) -> n.contains(".")).thenComparing(n -> n))
                .toList();
    }

    /** A line as it is shown: what is written out and is the type of a list's rows is called by that list. */
    public String named(String line) {
        String shorter = line;
        List<String> longestFirst = names().stream()
                .sorted(Comparator.comparingInt(n -> -byName.get(n).toString().length()))
                .toList();
        for (String name : longestFirst) {
            String whole = byName.get(name).toString();
            shorter = shorter.replace("list of " + whole, "rows of " + name).replace(whole, "row of " + name);
        }
        return shorter;
    }

    /** A line as it was typed, with every such name written out; one that no list has stays, and is no type. */
    public String whole(String line) {
        return NAMED.matcher(line)
                .replaceAll(m -> Matcher.quoteReplacement(
                        m.group(1) == null
                                ? m.group()
                                : writtenOut(m.group(1), m.group(2)).orElse(m.group())));
    }

    private Optional<String> writtenOut(String word, String name) {
        return Optional.ofNullable(byName.get(name)).map(row -> (word.equals("rows") ? "list of " : "") + row);
    }

    /**
     * The design after the rows of a list have become others: everything that was said to take, give or keep such rows goes
     * along, unless another list still has rows as they were.
     */
    public static Design carried(Design design, Type.RowOf from, Type.RowOf to) {
        boolean stillThere = found(design).stream().anyMatch(f -> f.list().row().equals(from));
        return stillThere || from.columns().isEmpty() || to.columns().isEmpty() || from.equals(to)
                ? design
                : new Carrying(from, to).map(design);
    }

    private static final class Carrying extends DesignMapper {
        private final Type from;
        private final Type to;

        Carrying(Type from, Type to) {
            this.from = from;
            this.to = to;
        }

        @Override
        Type type(Type type) {
            return switch (type) {
                case Type.ListOf(Type of) -> new Type.ListOf(type(of));
                case Type.RowOf row ->
                    row.equals(from)
                            ? to
                            : new Type.RowOf(row.columns().stream()
                                    .map(c -> new Type.Column(c.name(), type(c.type())))
                                    .toList());
                case Type.Plain _, Type.ChoiceOf _, Type.WindowOf _, Type.Unknown _ -> type;
            };
        }
    }
}

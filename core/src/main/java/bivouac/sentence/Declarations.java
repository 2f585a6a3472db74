package bivouac.sentence;

import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Lists of named things as one typed line: {@code bunk: whole, name: text = "nobody"}. Each writer's line is read back
 * by its reader to what it was; what cannot be read is said in a sentence.
 */
public final class Declarations {

    private static final Map<String, Type> TYPES = Map.of(
            "text", Type.TEXT, "whole", Type.WHOLE, "number", Type.NUMBER, "yesno", Type.YESNO, "date", Type.DATE);

    private Declarations() {}

    /** A line that could not be read, and why. */
    public static final class Wrong extends Exception {
        private static final long serialVersionUID = 1L;

        Wrong(String sentence) {
            super(sentence);
        }
    }

    private record Item(String name, Type type, Optional<Expression> value) {}

    public static String takes(List<Take> takes) {
        return takes.stream()
                .map(t -> t.name().shown() + ": " + t.type()
                        + t.byDefault().map(e -> " = " + e).orElse(""))
                .collect(Collectors.joining(", "));
    }

    public static List<Take> readTakes(String line, List<Take> before) throws Wrong {
        var takes = new ArrayList<Take>();
        for (Item item : items(line)) {
            Name name = before.stream()
                    .map(Take::name)
                    .filter(n -> n.shown().equals(item.name()))
                    .findFirst()
                    .orElse(Name.of(item.name()));
            takes.add(new Take(name, item.type(), item.value()));
        }
        return takes;
    }

    public static String variables(List<Variable> variables) {
        return variables.stream()
                .map(v -> (v.kept() ? "kept " : "") + v.name().shown() + ": " + v.type()
                        + v.starts().map(e -> " = " + e).orElse(""))
                .collect(Collectors.joining(", "));
    }

    public static List<Variable> readVariables(String line, List<Variable> before) throws Wrong {
        var variables = new ArrayList<Variable>();
        for (Item item : items(line)) {
            boolean kept = item.name().startsWith("kept ");
            String shown = kept ? item.name().substring(5).strip() : item.name();
            Name name = before.stream()
                    .map(Variable::name)
                    .filter(n -> n.shown().equals(shown))
                    .findFirst()
                    .orElse(Name.of(shown));
            variables.add(new Variable(name, item.type(), item.value(), kept));
        }
        return variables;
    }

    /** {@code admitted giving guest: text, nights: number; cancelled}. */
    public static String endings(List<Ending> endings) {
        return endings.stream()
                .map(e -> e.name()
                        + (e.gives().isEmpty()
                                ? ""
                                : e.gives().stream()
                                        .map(g -> g.name().shown() + ": " + g.type())
                                        .collect(Collectors.joining(", ", " giving ", ""))))
                .collect(Collectors.joining("; "));
    }

    public static List<Ending> readEndings(String line) throws Wrong {
        var endings = new ArrayList<Ending>();
        for (String one : line.split(";")) {
            int giving = one.indexOf(" giving ");
            String name = (giving < 0 ? one : one.substring(0, giving)).strip();
            if (name.isEmpty()) {
                continue;
            }
            var gives = new ArrayList<Ending.Give>();
            for (Item item : items(giving < 0 ? "" : one.substring(giving + 8))) {
                gives.add(new Ending.Give(Name.of(item.name()), item.type()));
            }
            endings.add(new Ending(name, gives));
        }
        if (endings.isEmpty()) {
            throw new Wrong("A window needs at least one ending, for example: ok; cancelled.");
        }
        return endings;
    }

    /** {@code Save, Leave unsaved, Stay}. */
    public static String answers(MessageBox box) {
        return box.answers().stream().map(MessageBox.Answer::text).collect(Collectors.joining(", "));
    }

    public static List<MessageBox.Answer> readAnswers(String line, MessageBox before) throws Wrong {
        var answers = new ArrayList<MessageBox.Answer>();
        for (String text : new Words(line).list()) {
            answers.add(before.answers().stream()
                    .filter(a -> a.text().equals(text))
                    .findFirst()
                    .orElse(MessageBox.Answer.of(text)));
        }
        if (answers.isEmpty()) {
            throw new Wrong("A message box needs at least one button, for example: OK.");
        }
        return answers;
    }

    private static List<Item> items(String line) throws Wrong {
        var items = new ArrayList<Item>();
        for (String one : Words.commas(line)) {
            if (one.isBlank()) {
                continue;
            }
            int colon = one.indexOf(':');
            String name = (colon < 0 ? one : one.substring(0, colon)).strip();
            String rest = colon < 0 ? "text" : one.substring(colon + 1).strip();
            int equals = rest.indexOf('=');
            String type = (equals < 0 ? rest : rest.substring(0, equals)).strip();
            Optional<Expression> value = equals < 0
                    ? Optional.empty()
                    : Optional.of(new Expression(rest.substring(equals + 1).strip()));
            if (!TYPES.containsKey(type)) {
                throw new Wrong("“" + type + "” is no type; write for example " + name
                        + ": text, whole, number, yesno or date.");
            }
            items.add(new Item(name, TYPES.get(type), value));
        }
        return items;
    }
}

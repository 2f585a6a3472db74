package bivouac.sentence;

import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.TypeText;
import bivouac.design.Variable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Lists of named things as one typed line: {@code bunk: whole, name: text = "nobody"}. Each writer's line is read back
 * by its reader to what it was; what cannot be read is said in a sentence.
 */
public final class Declarations {

    private Declarations() {}

    /** A line that could not be read, and why. */
    public static final class Wrong extends Exception {
        private static final long serialVersionUID = 1L;

        public Wrong(String sentence) {
            super(sentence);
        }
    }

    record Item(String name, Type type, Optional<Expression> value) {

        /** Its type, where it cannot be an open window that is kept (O9). */
        Type plainType() throws Wrong {
            if (type instanceof Type.WindowOf) {
                throw new Wrong(Type.WindowOf.ONLY_OWN);
            }
            return type;
        }
    }

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
            takes.add(new Take(name, item.plainType(), item.value()));
        }
        return takes;
    }

    public static String variables(List<Variable> variables) {
        return variables.stream()
                .map(v -> (v.kept() ? "kept " : "") + v.name().shown() + ": " + v.type()
                        + v.starts().map(e -> " = " + e).orElse(""))
                .collect(Collectors.joining(", "));
    }

    /** The values of the application, which keep no windows (O9). */
    public static List<Variable> readOfApplication(String line, List<Variable> before) throws Wrong {
        for (Item item : items(line)) {
            item.plainType();
        }
        return readVariables(line, before);
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
                gives.add(new Ending.Give(Name.of(item.name()), item.plainType()));
            }
            endings.add(new Ending(name, gives));
        }
        if (endings.isEmpty()) {
            throw new Wrong("At least one ending has to be named, for example: ok; cancelled.");
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

    /** The columns of a list: {@code guest: text, nights: whole}. */
    public static String columns(List<Type.Column> columns) {
        return columns.stream().map(c -> c.name() + ": " + c.type()).collect(Collectors.joining(", "));
    }

    public static List<Type.Column> readColumns(String line) throws Wrong {
        return items(line).stream()
                .map(i -> new Type.Column(Name.of(i.name()).expression(), i.type()))
                .toList();
    }

    /** The first rows of a list: {@code Ilva Tarn, 2; Maba Stint, 1}. */
    public static String rows(List<List<String>> rows) {
        return rows.stream().map(r -> String.join(", ", r)).collect(Collectors.joining("; "));
    }

    public static List<List<String>> readRows(String line) {
        return java.util.stream.Stream.of(line.split("[;\\n]"))
                .filter(r -> !r.isBlank())
                .map(r -> new Words(r).list())
                .toList();
    }

    /** {@code Register: *.csv, *.json; Pictures: *.png}. */
    public static String filters(FileDialog dialog) {
        String named = dialog.filters().stream()
                .map(f -> f.label() + ": " + String.join(", ", f.patterns()))
                .collect(Collectors.joining("; "));
        return dialog.allFiles() ? named : named + (named.isEmpty() ? "" : "; ") + "no other files";
    }

    /** Reads the filters back; {@code no other files} leaves “All files” out. */
    public static FileDialog readFilters(String line, FileDialog before) throws Wrong {
        var filters = new ArrayList<FileDialog.Filter>();
        boolean all = true;
        for (String one : line.split(";")) {
            String words = one.strip();
            int colon = words.indexOf(':');
            if (words.equalsIgnoreCase("no other files")) {
                all = false;
            } else if (!words.isEmpty() && colon <= 0) {
                throw new Wrong(
                        "“" + words + "” is no filter; write for example Tables: *.csv, *.tsv; Pictures: *.png.");
            } else if (!words.isEmpty()) {
                var patterns = new Words(words.substring(colon + 1)).list();
                filters.add(new FileDialog.Filter(words.substring(0, colon).strip(), patterns));
            }
        }
        return before.filtering(filters, all);
    }

    static List<Item> items(String line) throws Wrong {
        var items = new ArrayList<Item>();
        int at = 0;
        while (at < line.length()) {
            int end = at;
            while (end < line.length() && line.charAt(end) != ':' && line.charAt(end) != ',') {
                end++;
            }
            String name = line.substring(at, end).strip();
            if (end == line.length() || line.charAt(end) == ',') {
                if (!name.isEmpty()) {
                    items.add(new Item(name, Type.TEXT, Optional.empty()));
                }
                at = end + 1;
                continue;
            }
            int from = end + 1;
            while (from < line.length() && line.charAt(from) == ' ') {
                from++;
            }
            TypeText.Read read = type(line, from, name);
            String rest = Words.commas(line.substring(read.end())).getFirst();
            items.add(new Item(name, read.type(), value(rest, read.type())));
            at = read.end() + rest.length() + 1;
        }
        return items;
    }

    private static TypeText.Read type(String line, int from, String name) throws Wrong {
        var read = TypeText.at(line, from);
        if (read.isEmpty()) {
            String found = line.substring(from).split("[,=]", 2)[0].strip();
            throw new Wrong(
                    "“" + found + "” is no type; write for example " + name
                            + ": text, whole, number, yesno, date, file, font, colour, choice of \"a\", \"b\", list of text or rows of LIST.");
        }
        return read.get();
    }

    private static Optional<Expression> value(String rest, Type type) throws Wrong {
        String after = rest.strip();
        if (after.isEmpty()) {
            return Optional.empty();
        }
        if (!after.startsWith("=")) {
            throw new Wrong("“" + after + "” after " + type + " means nothing; a value begins with =.");
        }
        return Optional.of(new Expression(after.substring(1).strip()));
    }
}

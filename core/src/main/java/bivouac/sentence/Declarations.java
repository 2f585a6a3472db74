package bivouac.sentence;

import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Take;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.TypeText;
import bivouac.design.Variable;
import bivouac.design.WindowFrame;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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

    /**
     * A task as a line: {@code write register taking at: file ends done writing takes.at; failed giving reason: text =
     * "no room"; usually done}. What an ending gives has its sample value after the equals sign.
     */
    public static String task(Task task) {
        var out = new StringBuilder(task.name().shown());
        if (!task.takes().isEmpty()) {
            out.append(" taking ").append(takes(task.takes()));
        }
        out.append(" ends ")
                .append(task.outcomes().stream().map(Declarations::outcome).collect(Collectors.joining("; ")));
        task.usually().ifPresent(u -> out.append("; usually ").append(u));
        return out.toString();
    }

    private static String outcome(Task.Outcome o) {
        String gives = o.ending().gives().stream()
                .map(g -> g.name().shown() + ": " + g.type()
                        + o.samples().stream()
                                .filter(s -> s.name().equals(g.name().expression()))
                                .findFirst()
                                .map(s -> " = " + s.value())
                                .orElse(""))
                .collect(Collectors.joining(", "));
        return o.ending().name()
                + (gives.isEmpty() ? "" : " giving " + gives)
                + o.writes().map(w -> " writing " + w).orElse("");
    }

    /** Reads a task back from its line. */
    public static Task readTask(String line) throws Wrong {
        int ends = line.indexOf(" ends ");
        String head = (ends < 0 ? line : line.substring(0, ends)).strip();
        int taking = head.indexOf(" taking ");
        String name = (taking < 0 ? head : head.substring(0, taking)).strip();
        if (name.isEmpty()) {
            throw new Wrong("A task needs a name, for example: write register ends done; failed.");
        }
        List<Take> takes = taking < 0 ? List.of() : readTakes(head.substring(taking + 8), List.of());
        var outcomes = new ArrayList<Task.Outcome>();
        Optional<String> usually = Optional.empty();
        for (String one : ends < 0
                ? new String[] {"done", "failed"}
                : line.substring(ends + 6).split(";")) {
            String words = one.strip();
            if (words.startsWith("usually ")) {
                usually = Optional.of(words.substring(8).strip());
            } else if (!words.isEmpty()) {
                outcomes.add(readOutcome(words));
            }
        }
        String usual = usually.orElse("");
        if (!usual.isEmpty()
                && outcomes.stream().noneMatch(o -> o.ending().name().equals(usual))) {
            throw new Wrong("“" + usual + "” is no ending of " + name + ".");
        }
        if (outcomes.isEmpty()) {
            throw new Wrong(name + " needs at least one ending, for example: " + name + " ends done; failed.");
        }
        return new Task(Name.of(name), takes, outcomes, usually);
    }

    private static Task.Outcome readOutcome(String words) throws Wrong {
        int writing = words.indexOf(" writing ");
        Optional<Expression> writes = writing < 0
                ? Optional.empty()
                : Optional.of(new Expression(words.substring(writing + 9).strip()));
        String rest = writing < 0 ? words : words.substring(0, writing);
        int giving = rest.indexOf(" giving ");
        var gives = new ArrayList<Ending.Give>();
        var samples = new ArrayList<Given>();
        for (Item item : items(giving < 0 ? "" : rest.substring(giving + 8))) {
            var give = new Ending.Give(Name.of(item.name()), item.type());
            gives.add(give);
            item.value().ifPresent(v -> samples.add(new Given(give.name().expression(), v)));
        }
        String name = (giving < 0 ? rest : rest.substring(0, giving)).strip();
        return new Task.Outcome(new Ending(name, gives), samples, writes);
    }

    /** {@code least 320 x 200, stays on top, not maximised, icon hut.png, opens where it was last}. */
    public static String frame(FacedWindow window) {
        WindowFrame f = window.frame();
        WindowFrame usual = WindowFrame.usual(window.of());
        var all = new ArrayList<String>();
        if (!window.size().equals(FacedWindow.Size.BY_CONTENTS)) {
            all.add(window.size().width() + " x " + window.size().height());
        }
        if (!f.least().equals(FacedWindow.Size.BY_CONTENTS)) {
            all.add("least " + f.least().width() + " x " + f.least().height());
        }
        if (f.onTop()) {
            all.add("stays on top");
        }
        if (f.minimises() != usual.minimises()) {
            all.add(f.minimises() ? "minimised" : "not minimised");
        }
        if (f.maximises() != usual.maximises()) {
            all.add(f.maximises() ? "maximised" : "not maximised");
        }
        if (!f.icon().isEmpty()) {
            all.add("icon " + f.icon());
        }
        if (f.place() != usual.place()) {
            all.add("opens " + f.place().words());
        }
        if (window.mayFail()) {
            all.add("may fail to open");
        }
        return String.join(", ", all);
    }

    private static final Pattern SIZE = Pattern.compile("(?:least )?([0-9]{1,4}) ?[x×] ?([0-9]{1,4})");

    /** Reads what is said of a frame; what is not said is as usual. */
    public static FacedWindow readFrame(String line, FacedWindow before) throws Wrong {
        WindowFrame f = WindowFrame.usual(before.of());
        FacedWindow.Size size = FacedWindow.Size.BY_CONTENTS;
        boolean fails = false;
        for (String one : line.split(",")) {
            String w = one.strip();
            Matcher m = SIZE.matcher(w);
            if (m.matches()) {
                var read = new FacedWindow.Size(Integer.parseInt(m.group(1)), Integer.parseInt(m.group(2)));
                if (w.startsWith("least")) {
                    f = new WindowFrame(read, f.minimises(), f.maximises(), f.onTop(), f.icon(), f.place());
                } else {
                    size = read;
                }
            } else if (w.equals("may fail to open")) {
                fails = true;
            } else if (!w.isEmpty()) {
                f = frameWord(w, f);
            }
        }
        return before.framed(f).sized(size, before.resizable()).failing(fails);
    }

    private static WindowFrame frameWord(String w, WindowFrame f) throws Wrong {
        if (w.equals("stays on top")) {
            return new WindowFrame(f.least(), f.minimises(), f.maximises(), true, f.icon(), f.place());
        }
        if (w.endsWith("minimised")) {
            return new WindowFrame(f.least(), w.equals("minimised"), f.maximises(), f.onTop(), f.icon(), f.place());
        }
        if (w.endsWith("maximised")) {
            return new WindowFrame(f.least(), f.minimises(), w.equals("maximised"), f.onTop(), f.icon(), f.place());
        }
        if (w.startsWith("icon ")) {
            return new WindowFrame(
                    f.least(),
                    f.minimises(),
                    f.maximises(),
                    f.onTop(),
                    w.substring(5).strip(),
                    f.place());
        }
        Optional<WindowFrame.Place> place =
                w.startsWith("opens ") ? WindowFrame.Place.of(w.substring(6).strip()) : Optional.empty();
        if (place.isEmpty()) {
            throw new Wrong("“" + w + "” says nothing of a frame; write for example 480 x 320, least 320 x 200, "
                    + "stays on top, not maximised, icon hut.png, opens over its owner, may fail to open.");
        }
        return new WindowFrame(f.least(), f.minimises(), f.maximises(), f.onTop(), f.icon(), place.get());
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

    private static List<Item> items(String line) throws Wrong {
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
                            + ": text, whole, number, yesno, date, file, font, colour, choice of \"a\", \"b\" or list of text.");
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

package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Nearest;
import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Window;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Of what there is one button or menu command for each (P5), as it is typed, and back. */
public final class EachLine {

    private static final String FOR = " for each ";
    private static final String ROW_IN = Each.ROW + " in ";
    private static final String OPEN = "open ";
    private static final String TICKED = " ticked when ";

    private EachLine() {}

    /** What stands on a part, and behind it for what there is one for each. */
    record Split(String text, Each each) {}

    /** {@code Open {row} for each row in app.recent}; what is in quotes holds no such words. */
    static Split split(Design design, String typed) throws Declarations.Wrong {
        String line = " " + typed;
        int quoted = Math.max(line.lastIndexOf('`'), line.lastIndexOf('”'));
        int at = line.lastIndexOf(FOR);
        return at < 0 || at < quoted
                ? new Split(typed, Each.ONCE)
                : new Split(line.substring(0, at).strip(), read(design, line.substring(at + FOR.length())));
    }

    /** {@code row in app.recent ticked when row == app.file}, or {@code open Plan}; nothing where it stands there once. */
    public static Each read(Design design, String line) throws Declarations.Wrong {
        String words = (line.strip() + " ").stripLeading();
        if (words.isBlank()) {
            return Each.ONCE;
        }
        if (words.startsWith(ROW_IN)) {
            int ticked = words.indexOf(TICKED);
            String rows = words.substring(ROW_IN.length(), ticked < 0 ? words.length() : ticked);
            String when = ticked < 0 ? "" : words.substring(ticked + TICKED.length());
            if (rows.isBlank()) {
                throw new Declarations.Wrong("Say which list: row in app.recent.");
            }
            return new Each.OfRows(
                    new Expression(rows.strip()),
                    Optional.of(when.strip()).filter(t -> !t.isEmpty()).map(Expression::new));
        }
        if (words.startsWith(OPEN)) {
            return ofWindows(design, words.substring(OPEN.length()).strip());
        }
        throw new Declarations.Wrong("One for each is written as: row in app.recent, or: open Plan.");
    }

    private static Each ofWindows(Design design, String name) throws Declarations.Wrong {
        List<String> names = faced(design);
        if (names.contains(name)) {
            return new Each.OfWindows(name);
        }
        throw new Declarations.Wrong("There is no window “" + name + "” to stand for"
                + Nearest.to(name, names).map(n -> "; did you mean " + n + "?").orElse("."));
    }

    private static List<String> faced(Design design) {
        return design.windows().stream()
                .filter(FacedWindow.class::isInstance)
                .map(Window::name)
                .map(n -> n.shown())
                .toList();
    }

    /** The list that a choice follows, as it is typed; nothing where it has items of its own. */
    public static Optional<Expression> readList(Design design, String line) throws Declarations.Wrong {
        return switch (read(design, line)) {
            case Each.Once once -> Optional.empty();
            case Each.OfRows(Expression rows, var ticked) when ticked.isEmpty() -> Optional.of(rows);
            case Each.OfRows _, Each.OfWindows _ ->
                throw new Declarations.Wrong("A choice follows a list of texts: row in app.guests.");
        };
    }

    /** As it is typed behind <em>for each</em>. */
    public static String write(Each each) {
        return each.isOnce() ? "" : each.words().substring(FOR.strip().length()).strip();
    }

    /** All that can be said for a part of a window: each list that it knows, and each window. */
    static List<String> offers(Design design, FacedWindow face) {
        var all = new ArrayList<String>();
        lists(all, "me.", face.variables());
        for (Part part : face.parts()) {
            if (part instanceof Part.ListOfRows) {
                all.add(FOR.strip() + " " + ROW_IN + "me." + part.name().expression() + ".rows");
            }
        }
        face.takes().stream()
                .filter(t -> t.type() instanceof Type.ListOf)
                .forEach(t ->
                        all.add(FOR.strip() + " " + ROW_IN + "takes." + t.name().expression()));
        lists(all, "app.", design.application().variables());
        faced(design).forEach(w -> all.add(FOR.strip() + " " + OPEN + w));
        return all;
    }

    private static void lists(List<String> all, String prefix, List<Variable> variables) {
        variables.stream()
                .filter(v -> v.type() instanceof Type.ListOf)
                .forEach(v ->
                        all.add(FOR.strip() + " " + ROW_IN + prefix + v.name().expression()));
    }
}

package bivouac.sentence;

import bivouac.design.AccessKey;
import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Editing;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Part;
import bivouac.design.Shortcut;
import bivouac.design.Traits;
import bivouac.design.Type;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Turns a typed line into a part on a window: {@code button Admit}, {@code text field Name as guest},
 * {@code command File / Save Ctrl+S}, {@code command File / {row} for each row in app.recent}, {@code command Edit / Cut does cut}. A button stands
 * beside the buttons before it; everything else begins a row, unless the line begins with {@code +}.
 */
public final class PartTyping {

    private static final List<String> KINDS = List.of(
            "button",
            "caption",
            "text field",
            "number field",
            "whole-number field",
            "date field",
            "choice",
            "radio buttons",
            "pages",
            "list",
            "tick box",
            "link",
            "picture",
            "progress",
            "status line",
            "command",
            "tool");

    /** Those of which there can be one for each row, or for each open window. */
    private static final List<String> EACH_KINDS =
            List.of("button", "choice", "radio buttons", "pages", "command", "tool");

    private PartTyping() {}

    /** What became of a typed line: the design with the part, or why there is none. */
    public sealed interface Result {
        /** @param part the new part's expression name */
        record Added(Design design, String part, String did) implements Result {}

        record Unfinished(String why) implements Result {}
    }

    /** What a line can go on with: its kind, and of what there is one for each (P5). */
    public static List<Completion.Offer> offers(Design design, String window, String line) {
        if (isCommand(StepTyping.lower(line).split(" ", 2)[0])) {
            List<Completion.Offer> does = behind(line, line.lastIndexOf(" do"), EditingLine.offers());
            if (!does.isEmpty()) {
                return does;
            }
        }
        int last = line.lastIndexOf(" for");
        Optional<FacedWindow> face = design.faced(window);
        List<Completion.Offer> pages =
                face.isEmpty() ? List.of() : behind(line, line.lastIndexOf(" on"), OnPage.offers(face.get()));
        if (!pages.isEmpty()) {
            return pages;
        }
        boolean canFollow =
                EACH_KINDS.stream().anyMatch(k -> StepTyping.lower(line).startsWith(k + " "));
        if (last < 0 || face.isEmpty() || !canFollow) {
            return kinds(line);
        }
        return behind(line, last, EachLine.offers(design, face.get()));
    }

    /** Those that go on with what is typed from a place on. */
    private static List<Completion.Offer> behind(String line, int last, List<String> offers) {
        if (last < 0) {
            return List.of();
        }
        String typed = StepTyping.lower(line.substring(last + 1));
        return offers.stream()
                .filter(o -> StepTyping.lower(o).startsWith(typed)
                        && !StepTyping.lower(o).equals(typed))
                .map(o -> Completion.Offer.of(o, last + 1, o))
                .toList();
    }

    /** The kinds that a line can begin with, completed from what is typed. */
    private static List<Completion.Offer> kinds(String line) {
        String start = line.startsWith("+") ? "+ " : "";
        String wanted = StepTyping.lower(line.replaceFirst("^\\+\\s*", ""));
        return KINDS.stream()
                .filter(k -> k.startsWith(wanted) && !k.equals(wanted))
                .map(k -> Completion.Offer.of(k, 0, start + k + " "))
                .toList();
    }

    public static Result add(Design design, String window, String typed) {
        String line = typed.strip();
        boolean beside = line.startsWith("+");
        var words = new Words(beside ? line.substring(1).strip() : line);
        Optional<String> kind = KINDS.stream().filter(words::take).findFirst();
        Optional<FacedWindow> face = design.faced(window);
        if (kind.isEmpty() || face.isEmpty()) {
            return new Result.Unfinished("A part begins with " + String.join(", ", KINDS) + ".");
        }
        String rest = words.rest();
        if (isCommand(kind.get())) {
            return command(design, face.get(), rest, kind.get().equals("tool"));
        }
        OnPage on = OnPage.of(face.get(), rest);
        rest = on.rest();
        int as = rest.lastIndexOf(" as ");
        boolean said = as > 0;
        String stands = said ? rest.substring(0, as).strip() : rest;
        Part part;
        try {
            EachLine.Split split = EACH_KINDS.contains(kind.get())
                    ? EachLine.split(design, stands)
                    : new EachLine.Split(stands, Each.ONCE);
            var text = Labelled.of(kind.get(), split.text());
            String wanted = said ? rest.substring(as + 4).strip() : wanted(text.label(), split.each());
            Name name = name(design, face.get(), wanted, kind.get(), said);
            Part made = part(kind.get(), name, text);
            part = following(made, split.each());
        } catch (Declarations.Wrong e) {
            return new Result.Unfinished(e.getMessage());
        }
        Design changed = design.changingFace(window, f -> f.withRows(on.place(f.rows(), part, beside)));
        return new Result.Added(changed, part.name().expression(), did(part, face.get()));
    }

    private static boolean isCommand(String kind) {
        return kind.equals("command") || kind.equals("tool");
    }

    private static Part following(Part made, Each each) throws Declarations.Wrong {
        if (made instanceof Part.Button button) {
            return button.forEach(each);
        }
        if (made instanceof Part.Choice choice && each instanceof Each.OfRows(var rows, var ticked)) {
            if (ticked.isPresent()) {
                throw new Declarations.Wrong("No item of a choice carries a tick; leave “ticked when” out.");
            }
            return choice.following(rows.source());
        }
        if (made instanceof Part.Choice && each instanceof Each.OfWindows) {
            throw new Declarations.Wrong("A choice follows a list of texts: choice Guest for each row in app.guests.");
        }
        return made;
    }

    /** What a part is called after: what stands on it, or for what there is one for each. */
    private static String wanted(String text, Each each) {
        boolean says = !text.replaceAll("\\{[^}]*}", " ").isBlank();
        return switch (each) {
            case Each.Once once -> AccessKey.without(text);
            case Each.OfRows(var rows, var ticked) ->
                says ? text : rows.source().replaceAll("\\.rows$", "").replaceAll("^.*\\.(?=\\w+$)", "");
            case Each.OfWindows(String window) -> says ? text : "open " + window;
        };
    }

    /**
     * What stands on a part, and what is said of it behind: the items of a choice, the columns of a list, the address of a
     * link. A text in quotes is what stands on it, whatever words it holds.
     */
    private record Labelled(String label, String more) {

        static Labelled of(String kind, String text) {
            String word =
                    switch (kind) {
                        case "choice", "radio buttons", "pages", "list", "progress" -> " of ";
                        case "link" -> " to ";
                        default -> "";
                    };
            var words = new Words(text);
            if (words.isQuoted()) {
                String label = words.quotedOrRest();
                String left = words.left();
                return new Labelled(label, !word.isEmpty() && words.take(word.strip()) ? words.left() : left);
            }
            int at = word.isEmpty() ? -1 : kind.equals("link") ? text.lastIndexOf(word) : text.indexOf(word);
            return at < 0
                    ? new Labelled(text, "")
                    : new Labelled(
                            text.substring(0, at).strip(),
                            text.substring(at + word.length()).strip());
        }
    }

    /** What was added, and how expressions call it. */
    private static String did(Part part, FacedWindow face) {
        String shown = part.displayName();
        return part.kind() + (shown.isBlank() ? "" : " “" + shown + "”") + " added to " + face.name() + ", as me."
                + part.name().expression();
    }

    /** @param said whether the person gave the name; else the habit of the design makes it from the words */
    private static Name name(Design design, FacedWindow face, String wanted, String kind, boolean said) {
        var taken = face.memberNames();
        String words = wanted.replaceAll("\\{[^}]*}", " ").strip();
        boolean says = words.codePoints().anyMatch(Character::isLetterOrDigit);
        String first = says ? shortened(words) : kind;
        String plain = first.toLowerCase(Locale.ROOT).equals(first) ? first : lowerFirst(first);
        boolean asIs = said || !says;
        return Names.freeName(asIs ? plain : design.application().names().name(habitKind(kind), plain), taken);
    }

    /** The kind that a habit of names speaks of. */
    private static String habitKind(String kind) {
        return switch (kind) {
            case "command", "tool" -> "menu command";
            case "radio buttons", "pages" -> "choice";
            case "status line" -> "caption";
            default -> kind;
        };
    }

    private static String shortened(String words) {
        String[] all = words.split("[^\\p{L}\\p{N}]+");
        return String.join(
                " ", Stream.of(all).filter(w -> !w.isEmpty()).limit(3).toList());
    }

    /** A word in capitals, as <em>OK</em>, is lower case as a whole; else its first letter. */
    private static String lowerFirst(String text) {
        String first = text.split("[^\\p{L}\\p{N}]", 2)[0];
        boolean capitals = first.length() > 1 && first.equals(first.toUpperCase(Locale.ROOT));
        int length = capitals ? first.length() : 1;
        return text.substring(0, length).toLowerCase(Locale.ROOT) + text.substring(length);
    }

    private static Part part(String kind, Name name, Labelled text) throws Declarations.Wrong {
        String n = name.shown();
        String label = text.label();
        Part made =
                switch (kind) {
                    case "caption" -> Part.Caption.of(n, label);
                    case "text field" -> Part.TextField.of(n, label);
                    case "number field" -> Part.ValueField.of(n, label);
                    case "whole-number field" -> Part.ValueField.of(n, label, Part.Holds.WHOLE);
                    case "date field" -> Part.ValueField.of(n, label, Part.Holds.DATE);
                    case "choice" -> choice(n, text);
                    case "radio buttons" -> choice(n, text).drawn(Part.ChoiceLook.RADIO_BUTTONS);
                    case "pages" -> choice(n, text).drawn(Part.ChoiceLook.PAGES);
                    case "status line" -> new Part.Caption(Name.of(n), label, Part.TextSize.STATUS_LINE, Traits.USUAL);
                    case "list" ->
                        Part.ListOfRows.of(
                                n, label, Declarations.readColumns(text.more()).toArray(Type.Column[]::new));
                    case "link" -> Part.Link.of(n, label, text.more());
                    case "picture" -> Part.Picture.of(n, label);
                    case "progress" -> Part.Progress.of(n, label, text.more());
                    case "tick box" -> Part.TickBox.of(n, label);
                    default -> Part.Button.of(n, label);
                };
        return made.named(name);
    }

    private static Part.Choice choice(String name, Labelled text) {
        return Part.Choice.of(name, text.label(), new Words(text.more()).list().toArray(String[]::new));
    }

    private static Optional<String> shortcut(String line) {
        int space = line.lastIndexOf(' ');
        return space > 0 ? Shortcut.typed(line.substring(space + 1)) : Optional.empty();
    }

    private static String withoutLastWord(String line) {
        return line.substring(0, line.lastIndexOf(' ')).strip();
    }

    /** {@code MENU / TEXT Ctrl+KEY}; without a menu it goes to the last one, or to a new one named after the window. */
    private static Result command(Design design, FacedWindow face, String typed, boolean tool) {
        Optional<String> behind = shortcut(typed);
        String line = behind.isPresent() ? withoutLastWord(typed) : typed;
        int as = line.lastIndexOf(" as ");
        String said = as > 0 ? line.substring(0, as).strip() : line;
        // the shortcut may stand before the name, too
        Optional<String> before = behind.isEmpty() && as > 0 ? shortcut(said) : Optional.empty();
        String place = before.isPresent() ? withoutLastWord(said) : said;
        Optional<String> shortcut = behind.or(() -> before);
        int slash = place.indexOf('/');
        String menu = slash > 0
                ? place.substring(0, slash).strip()
                : face.menus().isEmpty()
                        ? face.name().shown()
                        : face.menus().getLast().text();
        EachLine.Split split;
        try {
            split = EachLine.split(design, place.substring(slash + 1).strip());
        } catch (Declarations.Wrong e) {
            return new Result.Unfinished(e.getMessage());
        }
        var editing = split.each().isOnce()
                ? EditingLine.split(split.text())
                : new EditingLine.Split(split.text(), Optional.empty());
        String text = editing.textOr();
        String keys = shortcut.orElseGet(() ->
                editing.text().isEmpty() ? editing.does().map(Editing::shortcut).orElse("") : "");
        String wanted = as > 0 ? line.substring(as + 4).strip() : wanted(text, split.each());
        Name name = name(design, face, wanted, "command", as > 0);
        var command = (Part.MenuCommand) Part.MenuCommand.of(name.shown(), text, keys)
                .forEach(split.each())
                .doing(editing.does())
                .tool(tool)
                .named(name);
        List<Menu> menus = Menu.changing(face.menus(), menu, face.menus().size(), m -> m.and(List.of(command)));
        return added(design, face, menus, command);
    }

    private static Result added(Design design, FacedWindow face, List<Menu> menus, Part command) {
        Design changed = design.changingFace(face.name().shown(), f -> f.withMenus(menus));
        return new Result.Added(changed, command.name().expression(), did(command, face));
    }
}

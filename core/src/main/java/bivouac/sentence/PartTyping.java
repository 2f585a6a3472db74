package bivouac.sentence;

import bivouac.design.AccessKey;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Turns a typed line into a part on a window: {@code button Admit}, {@code text field Name as guest},
 * {@code command File / Save Ctrl+S}. A button stands beside the buttons before it; everything else begins a row,
 * unless the line begins with {@code +}.
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
            "list",
            "tick box",
            "link",
            "picture",
            "command");

    private PartTyping() {}

    /** What became of a typed line: the design with the part, or why there is none. */
    public sealed interface Result {
        /** @param part the new part's expression name */
        record Added(Design design, String part, String did) implements Result {}

        record Unfinished(String why) implements Result {}
    }

    /** The kinds that a line can begin with, completed from what is typed. */
    public static List<Completion.Offer> offers(String line) {
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
        int as = rest.lastIndexOf(" as ");
        String text = as > 0 ? rest.substring(0, as).strip() : rest;
        if (kind.get().equals("command")) {
            return command(design, face.get(), text);
        }
        String named = text.split(
                        kind.get().equals("choice") || kind.get().equals("list")
                                ? " of "
                                : kind.get().equals("link") ? " to " : "\\z",
                        2)[0];
        boolean said = as > 0;
        Name name = name(
                design, face.get(), said ? rest.substring(as + 4).strip() : AccessKey.without(named), kind.get(), said);
        Part part = part(kind.get(), name, text);
        Design changed = design.changingFace(window, f -> f.withRows(place(f.rows(), part, beside)));
        return new Result.Added(changed, name.expression(), part.kind() + " " + name + " added");
    }

    /** @param said whether the person gave the name; else the habit of the design makes it from the words */
    private static Name name(Design design, FacedWindow face, String wanted, String kind, boolean said) {
        var taken = face.memberNames();
        String words = wanted.replaceAll("\\{[^}]*}", " ").strip();
        boolean says = words.codePoints().anyMatch(Character::isLetterOrDigit);
        String first = says ? shortened(words) : kind;
        String plain = first.toLowerCase(java.util.Locale.ROOT).equals(first) ? first : lowerFirst(first);
        boolean asIs = said || !says;
        return Names.freeName(
                asIs ? plain : design.application().names().name(kind.equals("command") ? "menu command" : kind, plain),
                taken);
    }

    private static String shortened(String words) {
        String[] all = words.split("[^\\p{L}\\p{N}]+");
        return String.join(
                " ", Stream.of(all).filter(w -> !w.isEmpty()).limit(3).toList());
    }

    private static String lowerFirst(String text) {
        return Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    private static Part part(String kind, Name name, String text) {
        String n = name.shown();
        Part made =
                switch (kind) {
                    case "caption" -> Part.Caption.of(n, text);
                    case "text field" -> Part.TextField.of(n, text);
                    case "number field" -> Part.ValueField.of(n, text);
                    case "whole-number field" -> Part.ValueField.of(n, text, Part.Holds.WHOLE);
                    case "date field" -> Part.ValueField.of(n, text, Part.Holds.DATE);
                    case "choice" -> choice(n, text);
                    case "list" -> list(n, text);
                    case "link" -> link(n, text);
                    case "picture" -> Part.Picture.of(n, text);
                    case "tick box" -> Part.TickBox.of(n, text);
                    default -> Part.Button.of(n, text);
                };
        return made.named(name);
    }

    /** {@code choice Board of none, half, full}. */
    private static Part choice(String name, String text) {
        int of = text.indexOf(" of ");
        String[] items = of < 0
                ? new String[0]
                : new Words(text.substring(of + 4)).list().toArray(String[]::new);
        return Part.Choice.of(name, of < 0 ? text : text.substring(0, of).strip(), items);
    }

    /** {@code list Guests of guest: text, nights: whole}; columns that cannot be read are left out. */
    private static Part list(String name, String text) {
        int of = text.indexOf(" of ");
        Type.Column[] columns;
        try {
            columns = (of < 0 ? List.<Type.Column>of() : Declarations.readColumns(text.substring(of + 4)))
                    .toArray(Type.Column[]::new);
        } catch (Declarations.Wrong e) {
            columns = new Type.Column[0];
        }
        return Part.ListOfRows.of(name, of < 0 ? text : text.substring(0, of).strip(), columns);
    }

    /** {@code link Weather to https://…}. */
    private static Part link(String name, String text) {
        int to = text.lastIndexOf(" to ");
        return Part.Link.of(
                name,
                to < 0 ? text : text.substring(0, to).strip(),
                to < 0 ? "" : text.substring(to + 4).strip());
    }

    private static List<Row> place(List<Row> rows, Part part, boolean beside) {
        var changed = new ArrayList<>(rows);
        boolean buttonsLast = !rows.isEmpty() && isButtons(rows.getLast());
        boolean isButton = part instanceof Part.Button;
        // where something that is no button goes: above the buttons, which stay at the foot
        int end = buttonsLast && !isButton ? rows.size() - 1 : rows.size();
        boolean joins = end > 0 && (beside || isButton && buttonsLast);
        if (joins) {
            var parts = new ArrayList<>(changed.get(end - 1).parts());
            parts.add(part);
            changed.set(end - 1, changed.get(end - 1).with(parts));
        } else {
            changed.add(end, Row.of(part));
        }
        return changed;
    }

    private static boolean isButtons(Row row) {
        return row.parts().stream().allMatch(Part.Button.class::isInstance);
    }

    /** {@code MENU / TEXT Ctrl+KEY}; without a menu it goes to the last one, or to a new one named after the window. */
    private static Result command(Design design, FacedWindow face, String typed) {
        int slash = typed.indexOf('/');
        String menu = slash > 0
                ? typed.substring(0, slash).strip()
                : face.menus().isEmpty()
                        ? face.name().shown()
                        : face.menus().getLast().text();
        String rest = typed.substring(slash + 1).strip();
        int space = rest.lastIndexOf(' ');
        boolean hasShortcut = space > 0 && rest.substring(space + 1).matches("(Ctrl|Alt|Shift)\\+\\S+|F[0-9]{1,2}");
        String text = hasShortcut ? rest.substring(0, space).strip() : rest;
        Name name = name(design, face, AccessKey.without(text), "command", false);
        var command =
                (Part.MenuCommand) Part.MenuCommand.of(name.shown(), text, hasShortcut ? rest.substring(space + 1) : "")
                        .named(name);
        var menus = new ArrayList<>(face.menus());
        for (int i = 0; i < menus.size(); i++) {
            if (AccessKey.without(menus.get(i).text()).equals(AccessKey.without(menu))) {
                var commands = new ArrayList<>(menus.get(i).commands());
                commands.add(command);
                menus.set(i, new Menu(menus.get(i).text(), commands));
                return added(design, face, menus, name);
            }
        }
        menus.add(new Menu(menu, List.of(command)));
        return added(design, face, menus, name);
    }

    private static Result added(Design design, FacedWindow face, List<Menu> menus, Name name) {
        Design changed = design.changingFace(face.name().shown(), f -> f.withMenus(menus));
        return new Result.Added(changed, name.expression(), "menu command " + name + " added");
    }
}

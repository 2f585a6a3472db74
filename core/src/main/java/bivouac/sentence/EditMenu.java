package bivouac.sentence;

import bivouac.design.AccessKey;
import bivouac.design.Design;
import bivouac.design.Editing;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A menu <em>Edit</em> on a window, with the platform's own commands for its fields (P6). */
final class EditMenu {

    /** Where it adds nothing. */
    static final String NOTHING = "The window has all of them already.";

    private static final String TEXT = "&Edit";

    private EditMenu() {}

    /** The design with it; empty where the window has all of it. */
    static Optional<Design> added(Design design, FacedWindow face) {
        var taken = new ArrayList<>(face.memberNames());
        var commands = new ArrayList<Part.MenuCommand>();
        for (Editing editing : Editing.values()) {
            if (commandsOf(face).stream().noneMatch(c -> c.does().equals(Optional.of(editing)))) {
                String plain = AccessKey.without(editing.text());
                Name name = Names.freeName(design.application().names().name("menu command", plain), taken);
                taken.add(name);
                commands.add((Part.MenuCommand) Part.MenuCommand.of(
                                name.shown(),
                                editing.text(),
                                isFree(face, editing.shortcut()) ? editing.shortcut() : "")
                        .doing(Optional.of(editing))
                        .separated(editing.beginsGroup() && !commands.isEmpty())
                        .named(name));
            }
        }
        return commands.isEmpty()
                ? Optional.empty()
                : Optional.of(design.changingFace(face.name().shown(), f -> f.withMenus(menus(f, commands))));
    }

    private static List<Part.MenuCommand> commandsOf(FacedWindow face) {
        return face.menus().stream().flatMap(m -> m.commands().stream()).toList();
    }

    private static boolean isFree(FacedWindow face, String shortcut) {
        return commandsOf(face).stream().noneMatch(c -> c.shortcut().equalsIgnoreCase(shortcut));
    }

    /** Each behind those that usually stand before it, where one of them is there. */
    private static List<Part.MenuCommand> among(List<Part.MenuCommand> there, List<Part.MenuCommand> more) {
        var all = new ArrayList<>(there);
        for (Part.MenuCommand command : more) {
            int at = 0;
            for (int i = 0; i < all.size(); i++) {
                boolean before = all.get(i)
                        .does()
                        .filter(d -> d.compareTo(command.does().orElseThrow()) < 0)
                        .isPresent();
                at = before || all.get(i).does().isEmpty() ? i + 1 : at;
            }
            all.add(at, command);
        }
        return all;
    }

    /** Behind the first, which is the one of files. */
    private static List<Menu> menus(FacedWindow face, List<Part.MenuCommand> commands) {
        var menus = new ArrayList<>(face.menus());
        for (int i = 0; i < menus.size(); i++) {
            if (AccessKey.without(menus.get(i).text()).equals(AccessKey.without(TEXT))) {
                menus.set(i, new Menu(menus.get(i).text(), among(menus.get(i).commands(), commands)));
                return menus;
            }
        }
        menus.add(Math.min(1, menus.size()), new Menu(TEXT, commands));
        return menus;
    }
}

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
    /** The place behind the first menu, which is the one of files. */
    private static final int BEHIND_FILE = 1;

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
                : Optional.of(design.changingFace(
                        face.name().shown(),
                        f -> f.withMenus(Menu.changing(
                                f.menus(),
                                TEXT,
                                BEHIND_FILE,
                                m -> new Menu(m.text(), among(m.commands(), commands))))));
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
}

package bivouac.sentence;

import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A menu <em>Window</em> on each main window and child window, by which every one that is open comes to the front (P5). */
final class WindowMenu {

    /** Where it adds nothing. */
    static final String NOTHING = "Each main window and child window has it already, or there is none.";

    private static final String TEXT = "&Window";

    private final Design design;

    WindowMenu(Design design) {
        this.design = design;
    }

    /** The design with it; empty where it has all of it. */
    Optional<Design> added() {
        Design changed = design;
        for (FacedWindow face : listed()) {
            changed = changed.changingFace(face.name().shown(), f -> with(f, new ArrayList<>(f.memberNames())));
        }
        return changed.equals(design) ? Optional.empty() : Optional.of(changed);
    }

    /** A dialog is waited for, so that nothing is reached past it. */
    private List<FacedWindow> listed() {
        return design.windows().stream()
                .filter(FacedWindow.class::isInstance)
                .map(FacedWindow.class::cast)
                .filter(f -> f.of() != FacedWindow.Kind.DIALOG)
                .toList();
    }

    private FacedWindow with(FacedWindow face, List<Name> taken) {
        var commands = new ArrayList<Part.MenuCommand>();
        for (FacedWindow shown : listed()) {
            var each = new Each.OfWindows(shown.name().shown());
            if (face.parts().stream().noneMatch(p -> p.each().equals(each))) {
                String plain = "open " + shown.name().shown();
                Name name = Names.freeName(design.application().names().name("menu command", plain), taken);
                taken.add(name);
                commands.add((Part.MenuCommand) Part.MenuCommand.of(name.shown(), "", "")
                        .forEach(each)
                        .named(name)
                        .triggering(Each.TO_FRONT));
            }
        }
        return commands.isEmpty()
                ? face
                : face.withMenus(Menu.changing(face.menus(), TEXT, face.menus().size(), m -> m.and(commands)));
    }
}

package bivouac.check.known;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.NamingHabit;
import bivouac.design.Part;
import bivouac.design.Renames;
import java.util.ArrayList;
import java.util.List;

/** Names of parts that are not made as the application's others are. */
public final class PartNames {

    private PartNames() {}

    /** Those of a window; default names say nothing at all, and are told as that. */
    public static List<Part> differing(FacedWindow face, NamingHabit habit) {
        return face.parts().stream()
                .filter(p -> !habit.follows(p.kind(), p.name().expression()))
                .filter(p -> !NamingHabit.isDefault(p.kind(), p.name().expression()))
                .toList();
    }

    /** The design with the parts of a window named as its habit has it, wherever they are named. */
    public static Design putRight(Design design, String window) {
        Design changed = design;
        NamingHabit habit = design.application().names();
        for (Part part : design.faced(window).map(f -> differing(f, habit)).orElse(List.of())) {
            FacedWindow face = changed.faced(window).orElseThrow();
            var taken = new ArrayList<>(face.memberNames());
            taken.remove(part.name());
            Name name = Names.freeName(habit.name(part.kind(), part.name().shown()), taken);
            changed = Renames.part(changed, window, part.name().expression(), name);
        }
        return changed;
    }
}

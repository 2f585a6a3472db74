package bivouac.check;

import bivouac.check.Finding.Kind;
import bivouac.check.Finding.Place;
import bivouac.check.Finding.Weight;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.NamingHabit;
import bivouac.design.Part;
import bivouac.design.Renames;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Names of parts that tell nobody anything, or are not made as the application's others are. */
public final class PartNames {

    /** A name shorter than this says too little. */
    private static final int SHORTEST = 2;

    private PartNames() {}

    static void into(List<Finding> found, Design design, FacedWindow face) {
        String window = face.name().shown();
        for (Part part : face.parts()) {
            String name = part.name().expression();
            if (NamingHabit.isDefault(part.kind(), name)) {
                found.add(unclear(window, part, "is a default name"));
            } else if (name.length() < SHORTEST) {
                found.add(unclear(window, part, "is too short to tell what it is"));
            }
        }
        NamingHabit habit = design.application().names();
        List<Part> differ = differing(face, habit);
        if (!differ.isEmpty()) {
            String names = differ.stream().map(p -> p.name().expression()).collect(Collectors.joining(", "));
            found.add(new Finding(
                    Weight.HINT,
                    Kind.NAMING,
                    window + ": " + names + (differ.size() == 1 ? " is" : " are") + " not named with " + habit.words()
                            + ".",
                    "The application names its parts so; put right renames everywhere.",
                    Place.window(window),
                    List.of(new DesignRepair.PutNamesRight(window))));
        }
    }

    private static Finding unclear(String window, Part part, String what) {
        return new Finding(
                Weight.HINT,
                Kind.NAMING,
                "“" + part.name().expression() + "” on " + window + " " + what + ".",
                "In a big program it tells nobody anything; name it after what it is for.",
                Place.part(window, part.name().expression()));
    }

    private static List<Part> differing(FacedWindow face, NamingHabit habit) {
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

package bivouac.check;

import bivouac.check.Finding.Kind;
import bivouac.check.Finding.Place;
import bivouac.check.Finding.Weight;
import bivouac.design.Design;
import bivouac.machine.Program;
import bivouac.machine.Trouble;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Everything that can be found in a design without acting it out, in the order of the design. Never throws for a wrong
 * design, and never stops at the first.
 */
public final class Findings {

    private Findings() {}

    public static List<Finding> of(Program program) {
        Design design = program.design();
        var found = new ArrayList<Finding>();
        NameFindings.into(found, design);
        WindowFindings.into(found, design);
        StepFindings.into(found, design);
        expressions(found, program);
        found.sort(java.util.Comparator.comparing(Finding::weight));
        return List.copyOf(found);
    }

    private static void expressions(List<Finding> found, Program program) {
        for (Trouble trouble : program.troubles()) {
            Place place =
                    switch (trouble.where()) {
                        case Trouble.Where.InStep(var ref) ->
                            ref.path()
                                    .map(p -> Place.step(ref.place(), p))
                                    .orElse(new Place(
                                            ref.place().ofWindow(),
                                            Optional.empty(),
                                            Optional.of(ref.place()),
                                            Optional.empty()));
                        case Trouble.Where.OnWindow(String window, String part) ->
                            part.isEmpty() ? Place.window(window) : Place.part(window, part);
                        case Trouble.Where.InApplication a -> Place.APPLICATION;
                    };
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.EXPRESSION,
                    place.words() + ": " + trouble.problem().message() + ".",
                    "The rehearsal stops with a fault when it gets there.",
                    place));
        }
    }
}

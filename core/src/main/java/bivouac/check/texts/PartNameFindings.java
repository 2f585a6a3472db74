package bivouac.check.texts;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.PartNames;
import bivouac.check.known.Place;
import bivouac.check.ways.DesignRepair;
import bivouac.check.ways.PartRepair;
import bivouac.check.ways.Repair;
import bivouac.design.AccessKey;
import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.NamingHabit;
import bivouac.design.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Names of parts that tell nobody anything, or are not made as the application's others are. */
public final class PartNameFindings {

    /** A name shorter than this says too little. */
    private static final int SHORTEST = 2;
    /** Words of a text that make a name; a whole sentence would be a name that nobody types. */
    private static final int MOST_WORDS = 4;

    private PartNameFindings() {}

    public static void into(List<Finding> found, Design design, FacedWindow face) {
        String window = face.name().shown();
        for (Part part : face.parts()) {
            String name = part.name().expression();
            if (NamingHabit.isDefault(part.kind(), name)) {
                found.add(unclear(design, face, part, "is a default name"));
            } else if (name.length() < SHORTEST) {
                found.add(unclear(design, face, part, "is too short to tell what it is"));
            }
        }
        NamingHabit habit = design.application().names();
        List<Part> differ = PartNames.differing(face, habit);
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

    private static Finding unclear(Design design, FacedWindow face, Part part, String what) {
        String window = face.name().shown();
        return new Finding(
                Weight.HINT,
                Kind.NAMING,
                "“" + part.name().expression() + "” on " + window + " " + what + ".",
                "In a big program it tells nobody anything; name it after what it is for.",
                Place.part(window, part.name().expression()),
                better(design, face, part).stream()
                        .<Repair>map(n -> new PartRepair.NameAfterText(
                                window, part.name().expression(), n.expression(), n.shown()))
                        .toList());
    }

    /** A name made of the first words of what the part says; none if it says nothing, or nothing better. */
    private static Optional<Name> better(Design design, FacedWindow face, Part part) {
        String text = AccessKey.without(part.displayName());
        String words =
                Arrays.stream(text.strip().split("\\s+")).limit(MOST_WORDS).collect(Collectors.joining(" "));
        String proposed = Names.propose(words);
        boolean says = !Braces.isLive(text)
                && proposed.length() >= SHORTEST
                && !text.equals(part.name().shown());
        if (!says || NamingHabit.isDefault(part.kind(), proposed)) {
            return Optional.empty();
        }
        List<Name> taken = new ArrayList<>(face.memberNames());
        taken.remove(part.name());
        return Optional.of(Names.freeName(design.application().names().name(part.kind(), words), taken));
    }
}

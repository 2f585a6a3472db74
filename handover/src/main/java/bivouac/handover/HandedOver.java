package bivouac.handover;

import bivouac.design.Design;
import bivouac.format.Unreadable;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What came of writing a program into a folder.
 *
 * @param changes what became of each file
 * @param missing pictures of the design that are not there, or lie elsewhere
 */
public record HandedOver(List<WrittenFile> files, List<Change> changes, List<String> missing) {

    /** As many files that go are named. */
    private static final int NAMED = 5;

    public HandedOver {
        files = List.copyOf(files);
        changes = List.copyOf(changes);
        missing = List.copyOf(missing);
    }

    /**
     * All files of a program: its source, and the pictures beside the design.
     *
     * @param beside the folder of the design's file; absent where it has none yet
     */
    public static Pictures.Taken files(Design design, Toolkit toolkit, Optional<Path> beside) throws Unreadable {
        List<WrittenFile> source = Handover.write(design, toolkit);
        if (beside.isEmpty()) {
            return new Pictures.Taken(source, List.of());
        }
        Pictures.Taken pictures = Pictures.beside(beside.get(), design, toolkit);
        var all = new ArrayList<>(source);
        all.addAll(pictures.files());
        return new Pictures.Taken(all, pictures.missing());
    }

    /** What may be written over or removed although nobody said so for a single file. */
    public record Allowed(boolean overChanges, boolean instead) {
        public static final Allowed NOTHING = new Allowed(false, false);
    }

    /**
     * Writes a program, and takes along the pictures beside the design.
     *
     * @param beside the folder of the design's file; absent where it has none yet
     * @param allowed whether what was changed by hand is written over, and whether the program for another toolkit goes
     */
    public static HandedOver to(Path folder, Design design, Toolkit toolkit, Optional<Path> beside, Allowed allowed)
            throws Unreadable {
        Pictures.Taken taken = files(design, toolkit, beside);
        ProgramFolder to = ProgramFolder.of(folder, toolkit);
        List<Change> plan = to.plan(taken.files());
        Optional<String> replaced = replaced(to, plan);
        if (replaced.isPresent() && !allowed.instead()) {
            throw new NotHandedOver(replaced.get() + " Name another folder, or say that it goes: --instead.");
        }
        to.write(taken.files(), plan, allowed.overChanges());
        return new HandedOver(taken.files(), plan, taken.missing());
    }

    /** That another program would be removed, and what of it, as a sentence; empty where none would. */
    public static Optional<String> replaced(ProgramFolder to, List<Change> plan) {
        List<String> gone = plan.stream()
                .filter(c -> c.kind() == Change.Kind.REMOVED)
                .map(Change::path)
                .toList();
        return to.other().map(other -> {
            String name = Toolkit.of(other).map(Toolkit::shown).orElse(other);
            String more = gone.size() > NAMED ? " and " + (gone.size() - NAMED) + " more" : "";
            return to.path() + " holds the program for " + name
                    + (gone.isEmpty()
                            ? "."
                            : ", of which would go: "
                                    + gone.stream().limit(NAMED).collect(Collectors.joining(", ")) + more + ".");
        });
    }

    /** How many files were changed by hand. */
    public long byHand() {
        return changes.stream().filter(c -> c.kind().isByHand()).count();
    }
}

package bivouac.handover;

import bivouac.design.Design;
import bivouac.format.Unreadable;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * What came of writing a program into a folder.
 *
 * @param changes what became of each file
 * @param missing pictures of the design that are not there, or lie elsewhere
 */
public record HandedOver(List<WrittenFile> files, List<Change> changes, List<String> missing) {

    /**
     * Writes a program, and takes along the pictures beside the design.
     *
     * @param beside the folder of the design's file; absent where it has none yet
     * @param overChanges whether what was changed by hand is written over
     */
    public static HandedOver to(Path folder, Design design, Toolkit toolkit, Optional<Path> beside, boolean overChanges)
            throws Unreadable {
        List<WrittenFile> files = Handover.write(design, toolkit);
        var to = new ProgramFolder(folder);
        List<Change> plan = to.plan(files);
        to.write(files, plan, overChanges);
        List<String> missing = beside.isEmpty()
                ? List.of()
                : Pictures.copy(design, beside.get(), to.path().resolve(Handover.pictures(design, toolkit)));
        return new HandedOver(files, plan, missing);
    }

    /** How many files were changed by hand. */
    public long byHand() {
        return changes.stream().filter(c -> c.kind().isByHand()).count();
    }
}

package bivouac.desktop.work;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.format.FileVersion;
import bivouac.format.Unreadable;
import java.nio.file.Path;
import java.util.Optional;

/** What became of saving a design. */
public sealed interface Saving {

    /** It is on disk. */
    record Done(FileVersion version) implements Saving {}

    /** It is not, and why. */
    record Failed(String sentence) implements Saving {}

    /**
     * It is not: somebody else has changed the file, or taken it away, since it was read here.
     *
     * @param there what the file holds now; {@link FileVersion#ABSENT} for none
     */
    record Changed(Path file, FileVersion there) implements Saving {}

    /** @param expected what the file has to hold; empty for whatever it is */
    static Saving of(Path file, Design design, Optional<FileVersion> expected) {
        Optional<FileVersion> there = expected.flatMap(e -> DesignFile.version(file));
        if (there.isPresent() && !there.equals(expected)) {
            return new Changed(file, there.get());
        }
        try {
            return new Done(DesignFile.write(file, design));
        } catch (Unreadable e) {
            return new Failed(e.getMessage());
        }
    }
}

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
        try {
            if (expected.isEmpty()) {
                return new Done(DesignFile.write(file, design));
            }
            Optional<FileVersion> there = DesignFile.version(file);
            if (there.isPresent() && !there.equals(expected)) {
                return new Changed(file, there.get());
            }
            if (there.isEmpty()) {
                // it cannot even be read, and writing it says why
                return new Done(DesignFile.write(file, design));
            }
            return DesignFile.write(file, design, expected.get())
                    .<Saving>map(Done::new)
                    .orElseGet(() -> new Changed(file, DesignFile.version(file).orElse(FileVersion.ABSENT)));
        } catch (Unreadable e) {
            return new Failed(e.getMessage());
        }
    }
}

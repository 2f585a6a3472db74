package bivouac.check.known;

import java.nio.file.Path;
import java.util.Optional;

/** The files that lie beside a design: its pictures and icons. */
@FunctionalInterface
public interface Beside {

    /** Where nothing is known of files, for a design that has not been saved. */
    Beside UNKNOWN = file -> Optional.empty();

    /** What is wrong with a picture, to stand after its name: {@code is not there}; empty if nothing is. */
    Optional<String> wrongPicture(String file);

    /** The files in and below a folder. Only the beginning of a picture is read. */
    static Beside in(Path folder) {
        return file -> PictureFile.in(folder, file) instanceof PictureFile.Wrong(String why)
                ? Optional.of(why)
                : Optional.empty();
    }
}

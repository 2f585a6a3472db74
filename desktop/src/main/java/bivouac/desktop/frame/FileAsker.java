package bivouac.desktop.frame;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;

/** Asks for a file: with the system's own dialog where there is one, else with a line to type. */
public interface FileAsker {

    void toOpen(Consumer<Path> chosen);

    /** Asks where a picture is to be saved; the extension proposed is that of its kind. */
    void toSavePicture(String proposed, Consumer<Path> chosen);

    /** Asks for a file of texts that came back from who writes or translates them. */
    void toOpenTexts(Consumer<Path> chosen);

    /** Asks where texts are to be written for them; the extension says in which format. */
    void toSaveTexts(String proposed, Consumer<Path> chosen);

    /** Asks for a folder that something is written to; it need not be there yet. */
    void toFolder(String title, String before, Consumer<Path> chosen);

    void toSave(Optional<Path> before, String proposed, Consumer<Path> chosen);

    /**
     * Whether the person was asked before about replacing a file.
     *
     * @param chosen what was answered
     * @param file what is to be written
     */
    boolean hasAskedToReplace(Path chosen, Path file);
}

package bivouac.desktop.handover;

import bivouac.format.SafeFile;
import java.awt.Desktop;
import java.awt.GraphicsEnvironment;
import java.io.IOException;
import java.nio.file.Path;

/** A folder as the system shows it. */
final class SystemFolder {

    private SystemFolder() {}

    /** Opens it with what the system has for folders; the sentence says what came of it. Takes a while. */
    static String open(Path folder) {
        if (GraphicsEnvironment.isHeadless()
                || !Desktop.isDesktopSupported()
                || !Desktop.getDesktop().isSupported(Desktop.Action.OPEN)) {
            return "Nothing here shows folders; it is " + folder + ".";
        }
        try {
            Desktop.getDesktop().open(folder.toFile());
            return folder + " opened.";
        } catch (IOException e) {
            return folder + " could not be opened: " + SafeFile.why(e) + ".";
        } catch (IllegalArgumentException gone) {
            return folder + " is not there any more. Hand over again, or choose another folder.";
        }
    }
}

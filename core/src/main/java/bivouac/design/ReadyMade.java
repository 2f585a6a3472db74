package bivouac.design;

import java.util.Optional;

/** A window that the system draws and the developer only fills in: it has no parts and runs no script of its own. */
public sealed interface ReadyMade extends Window permits MessageBox, FileDialog, Picker {

    /** Where close box and Escape lead, if anywhere (C7, C8). */
    Optional<String> escapeEnding();
}

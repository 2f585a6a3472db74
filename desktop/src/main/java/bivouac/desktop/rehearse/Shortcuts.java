package bivouac.desktop.rehearse;

import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** Shortcuts of designed menu commands, as {@code Ctrl+N}. */
final class Shortcuts {

    private Shortcuts() {}

    static boolean matches(String shortcut, KeyEvent event) {
        if (shortcut.isBlank()) {
            return false;
        }
        try {
            return KeyCombination.valueOf(shortcut).match(event);
        } catch (IllegalArgumentException impossible) {
            return false;
        }
    }
}

package bivouac.desktop.rehearse;

import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** Shortcuts of designed menu commands, as {@code Ctrl+N}. */
final class Shortcuts {

    private Shortcuts() {}

    /** A shortcut as menus show it. It answers to no key: the window that has the keyboard does that, if it is not blocked. */
    static KeyCombination shown(String shortcut) {
        return new KeyCombination() {
            @Override
            public boolean match(KeyEvent event) {
                return false;
            }

            @Override
            public String getDisplayText() {
                return shortcut;
            }
        };
    }

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

package frame;

import java.awt.event.KeyEvent;
import javax.swing.AbstractButton;
import javax.swing.JLabel;

/** Texts in which {@code &} stands before the letter that is an access key, and {@code &&} for the sign itself. */
public final class Marked {

    private Marked() {}

    /** As it is read. */
    public static String plain(String text) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) == '&' && i + 1 < text.length()) {
                i++;
            }
            out.append(text.charAt(i));
        }
        return out.toString();
    }

    /** Where, in the plain text, the access key stands; -1 for none. */
    static int position(String text) {
        int shown = 0;
        for (int i = 0; i < text.length(); i++, shown++) {
            if (text.charAt(i) == '&' && i + 1 < text.length() && text.charAt(++i) != '&') {
                return shown;
            }
        }
        return -1;
    }

    private static int key(String text) {
        int at = position(text);
        return at < 0 ? 0 : KeyEvent.getExtendedKeyCodeForChar(plain(text).charAt(at));
    }

    static void put(AbstractButton button, String text) {
        button.setText(plain(text));
        button.setMnemonic(key(text));
        button.setDisplayedMnemonicIndex(position(text));
    }

    static void put(JLabel label, String text) {
        label.setText(plain(text));
        label.setDisplayedMnemonic(key(text));
        label.setDisplayedMnemonicIndex(position(text));
    }
}

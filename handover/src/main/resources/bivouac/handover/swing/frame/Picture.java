package frame;

import java.net.URL;
import javax.swing.ImageIcon;
import javax.swing.JLabel;

/** A picture's file, beside the program; what cannot be read shows nothing. */
public final class Picture extends Part {

    private final JLabel label = (JLabel) component();
    private String file = "";

    public Picture(Face window, String name) {
        super(window, name, new JLabel());
    }

    public String file() {
        return file;
    }

    public void file(String other) {
        if (!other.equals(file)) {
            file = other;
            URL found = file.isEmpty() ? null : Picture.class.getResource("/" + file);
            label.setIcon(found == null ? null : new ImageIcon(found));
        }
    }

    @Override
    public String content() {
        return file;
    }
}

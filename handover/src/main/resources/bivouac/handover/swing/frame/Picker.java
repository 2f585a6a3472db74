package frame;

import desk.Desk;
import desk.Values;
import java.awt.Color;
import java.awt.FlowLayout;
import java.awt.GraphicsEnvironment;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.function.Function;
import java.util.function.Predicate;
import javax.swing.JButton;
import javax.swing.JColorChooser;
import javax.swing.JComboBox;
import javax.swing.JPanel;
import javax.swing.JTextField;
import javax.swing.text.JTextComponent;

/** A picker of a font, a colour or a date (C8). It can be driven, so it is drawn by the program itself. */
public final class Picker<T> extends Picking<T> {

    private final Predicate<String> is;
    private final JPanel line = new JPanel(new FlowLayout(FlowLayout.LEADING));

    private Picker(Desk desk, String name, String title, Predicate<String> is, Function<String, T> read) {
        super(desk, name, read);
        this.is = is;
        title(title);
        fixedSize();
    }

    /** @param field where the value is written */
    private Picker<T> filled(JTextComponent field) {
        JButton ok = new JButton("OK");
        ok.addActionListener(e -> {
            if (is.test(field.getText())) {
                pick(field.getText());
            }
        });
        JButton cancel = new JButton("Cancel");
        cancel.addActionListener(e -> closeBoxUsed());
        root.setDefaultButton(ok);
        JPanel bar = new JPanel(new FlowLayout(FlowLayout.TRAILING));
        bar.add(ok);
        bar.add(cancel);
        content.add(line);
        content.add(bar);
        return this;
    }

    private JTextField field(String starts) {
        JTextField field = new JTextField(starts, 20);
        line.add(field);
        return field;
    }

    public static Picker<LocalDate> ofDate(Desk desk, String name, String title, LocalDate starts) {
        Picker<LocalDate> picker = new Picker<>(desk, name, title, Values::isDate, Values::date);
        return picker.filled(picker.field(starts.toString()));
    }

    /** Colours are written {@code #2f5d50}. */
    public static Picker<String> ofColour(Desk desk, String name, String title, String starts) {
        Picker<String> picker = new Picker<>(desk, name, title, t -> t.matches("#[0-9a-f]{6}"), v -> v);
        JTextField field = picker.field(starts);
        JButton more = new JButton("…");
        more.addActionListener(e -> {
            Color chosen = JColorChooser.showDialog(picker.shell(), title, Color.BLACK);
            if (chosen != null) {
                field.setText("#%06x".formatted(chosen.getRGB() & 0xffffff));
            }
        });
        picker.line.add(more);
        return picker.filled(field);
    }

    /** Fonts are written as a family and a size: {@code Inter 12}. */
    public static Picker<String> ofFont(Desk desk, String name, String title, String starts) {
        Picker<String> picker = new Picker<>(desk, name, title, t -> t.matches("\\S.{0,80} [1-9][0-9]{0,2}"), v -> v);
        String[] families = GraphicsEnvironment.getLocalGraphicsEnvironment().getAvailableFontFamilyNames();
        JComboBox<String> box =
                new JComboBox<>(Arrays.stream(families).map(f -> f + " 12").toArray(String[]::new));
        box.setEditable(true);
        box.setSelectedItem(starts);
        picker.line.add(box);
        return picker.filled((JTextComponent) box.getEditor().getEditorComponent());
    }
}

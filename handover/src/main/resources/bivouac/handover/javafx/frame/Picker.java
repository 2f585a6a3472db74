package frame;

import desk.Desk;
import java.time.LocalDate;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Spinner;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

/** A picker of a font, a colour or a date (C8). It can be driven, so it is drawn by the program itself. */
public final class Picker<T> extends Picking<T> {

    /** What a person picks in, and how that reads. */
    private interface Field<T> {
        Node node();

        T value();
    }

    private Picker(Desk desk, String name, String title, Field<T> field, Function<String, T> read) {
        super(desk, name, read);
        stage.setTitle(title);
        Button pick = new Button("OK");
        pick.setDefaultButton(true);
        pick.setOnAction(e -> desk.answer(this, () -> new Picked<>(field.value())));
        Button cancel = new Button("Cancel");
        cancel.setOnAction(e -> closeBoxUsed());
        content.getChildren().addAll(field.node(), new HBox(8, pick, cancel));
    }

    public static Picker<LocalDate> ofDate(Desk desk, String name, String title, LocalDate starts) {
        DatePicker picker = new DatePicker(starts);
        return new Picker<>(desk, name, title, field(picker, picker::getValue), LocalDate::parse);
    }

    /** Colours are written {@code #2f5d50}. */
    public static Picker<String> ofColour(Desk desk, String name, String title, String starts) {
        ColorPicker picker = new ColorPicker(starts.isEmpty() ? Color.BLACK : Color.web(starts));
        return new Picker<>(desk, name, title, field(picker, () -> web(picker.getValue())), v -> v);
    }

    /** Fonts are written {@code Inter 12}. */
    public static Picker<String> ofFont(Desk desk, String name, String title, String starts) {
        ComboBox<String> family = new ComboBox<>();
        family.getItems().setAll(Font.getFamilies());
        int space = starts.lastIndexOf(' ');
        family.setValue(space < 0 ? Font.getDefault().getFamily() : starts.substring(0, space));
        Spinner<Integer> size = new Spinner<>(6, 96, space < 0 ? 12 : Integer.parseInt(starts.substring(space + 1)));
        HBox both = new HBox(8, family, size);
        return new Picker<>(desk, name, title, field(both, () -> family.getValue() + " " + size.getValue()), v -> v);
    }

    private static <T> Field<T> field(Node node, java.util.function.Supplier<T> value) {
        return new Field<>() {
            @Override
            public Node node() {
                return node;
            }

            @Override
            public T value() {
                return value.get();
            }
        };
    }

    private static String web(Color colour) {
        return "#%02x%02x%02x"
                .formatted(
                        Math.round(colour.getRed() * 255),
                        Math.round(colour.getGreen() * 255),
                        Math.round(colour.getBlue() * 255));
    }
}

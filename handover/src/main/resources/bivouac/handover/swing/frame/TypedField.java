package frame;

import desk.Fault;
import desk.Values;
import java.time.LocalDate;
import java.util.function.Function;
import java.util.function.Predicate;
import javax.swing.JTextField;

/** A field for a number or a date. It may hold a text that is none, since people type (P4). */
public final class TypedField<T> extends TextPart {

    private static final int COLUMNS = 12;

    private final Predicate<String> is;
    private final Function<String, T> read;

    private TypedField(Face window, String name, Predicate<String> is, Function<String, T> read) {
        super(window, name, new JTextField(COLUMNS));
        this.is = is;
        this.read = read;
    }

    public static TypedField<Long> ofWhole(Face window, String name) {
        return new TypedField<>(window, name, Values::isWhole, Values::whole);
    }

    public static TypedField<Double> ofNumber(Face window, String name) {
        return new TypedField<>(window, name, Values::isNumber, Values::number);
    }

    public static TypedField<LocalDate> ofDate(Face window, String name) {
        return new TypedField<>(window, name, Values::isDate, Values::date);
    }

    /** What it holds; fault X3 where that is none. */
    public T value() {
        if (!given()) {
            throw new Fault("X3", "“" + text() + "” is no value");
        }
        return read.apply(text());
    }

    public void value(T value) {
        text(Values.shown((Object) value));
    }

    public boolean given() {
        return is.test(text());
    }
}

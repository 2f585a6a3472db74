package frame;

import desk.Fault;
import desk.Values;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.scene.control.TextField;

/** A field for a number or a date. It may hold a text that is none, since people type (P4). */
public final class TypedField<T> extends TextField {

    private final Predicate<String> is;
    private final Function<String, T> read;

    private TypedField(Predicate<String> is, Function<String, T> read) {
        this.is = is;
        this.read = read;
    }

    public static TypedField<Long> ofWhole() {
        return new TypedField<>(Values::isWhole, Values::whole);
    }

    public static TypedField<Double> ofNumber() {
        return new TypedField<>(Values::isNumber, Values::number);
    }

    public static TypedField<java.time.LocalDate> ofDate() {
        return new TypedField<>(Values::isDate, Values::date);
    }

    /** What it holds; fault X3 where that is none. */
    public T value() {
        if (!given()) {
            throw new Fault("X3", "“" + getText() + "” is no value");
        }
        return read.apply(getText());
    }

    public void value(T value) {
        setText(Values.shown((Object) value));
    }

    public boolean given() {
        return is.test(getText());
    }
}

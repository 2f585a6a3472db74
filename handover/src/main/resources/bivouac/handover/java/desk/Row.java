package desk;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;

/** A row of a list: a record whose components are its columns. */
public interface Row {

    /** The columns' values, in order. */
    default List<Object> values() {
        List<Object> values = new ArrayList<>();
        for (RecordComponent component : getClass().getRecordComponents()) {
            try {
                component.getAccessor().setAccessible(true);
                values.add(component.getAccessor().invoke(this));
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        }
        return values;
    }
}

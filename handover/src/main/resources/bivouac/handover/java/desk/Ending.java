package desk;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** How a window or a task ended: a record with what it gives, or a constant of an enum. */
public interface Ending {

    /** Its name in words: {@code LeaveUnsaved} and {@code LEAVE_UNSAVED} are both "leave unsaved". */
    default String words() {
        return this instanceof Enum<?> answer
                ? answer.name().toLowerCase(Locale.ROOT).replace('_', ' ')
                : getClass().getSimpleName().replaceAll("(?<=.)(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
    }

    /** What it gives, in order. */
    default List<Object> gives() {
        List<Object> gives = new ArrayList<>();
        if (this instanceof Record) {
            for (RecordComponent component : getClass().getRecordComponents()) {
                try {
                    component.getAccessor().setAccessible(true);
                    gives.add(component.getAccessor().invoke(this));
                } catch (ReflectiveOperationException e) {
                    throw new IllegalStateException(e);
                }
            }
        }
        return gives;
    }
}

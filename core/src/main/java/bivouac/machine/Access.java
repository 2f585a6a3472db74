package bivouac.machine;

import bivouac.design.Type;
import bivouac.expression.Scope;
import bivouac.expression.Value;
import java.util.Optional;

/**
 * A name as it can be read and, unless it follows something, set.
 *
 * @param mayFault whether reading it can be fault X3
 */
record Access(Type type, Scope.Reader<Reading> reader, Optional<Writer> writer, boolean mayFault) {

    /** Sets the value that the name stands for. */
    @FunctionalInterface
    interface Writer {
        void write(Reading in, Value value);
    }

    static Access readOnly(Type type, Scope.Reader<Reading> reader) {
        return new Access(type, reader, Optional.empty(), true);
    }
}

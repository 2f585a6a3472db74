package bivouac.plan;

import bivouac.design.Type;
import bivouac.expression.Scope;
import bivouac.expression.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A name as it can be read and, unless it follows something, set.
 *
 * @param mayFault whether reading it can be fault X3
 * @param cells what is looked at when it is read, and changed when it is set
 * @param plain whether it means just what is in its cell, and not something that follows from it
 * @param placed whether what comes of setting it depends on what is in all its cells
 */
public record Access(
        Type type,
        Scope.Reader<Reading> reader,
        Optional<Writer> writer,
        boolean mayFault,
        List<Cell> cells,
        boolean plain,
        boolean placed) {

    Access(
            Type type,
            Scope.Reader<Reading> reader,
            Optional<Writer> writer,
            boolean mayFault,
            List<Cell> cells,
            boolean plain) {
        this(type, reader, writer, mayFault, cells, plain, false);
    }

    public Access {
        cells = List.copyOf(cells);
    }

    /** Sets the value that the name stands for. */
    @FunctionalInterface
    public interface Writer {
        void write(Reading in, Value value);
    }

    /** A name that means what is in its cell. */
    static Access plain(Type type, Cell cell, Scope.Reader<Reading> reader, Writer writer) {
        return new Access(type, reader, Optional.of(writer), false, List.of(cell), true);
    }

    /** What is in a cell, for reading only. */
    static Access plain(Type type, Cell cell, Scope.Reader<Reading> reader) {
        return new Access(type, reader, Optional.empty(), true, List.of(cell), true);
    }

    /** Something that follows from what is in some cells. */
    static Access following(Type type, List<Cell> cells, Scope.Reader<Reading> reader) {
        return new Access(type, reader, Optional.empty(), false, cells, false);
    }

    Access asPlaced() {
        return new Access(type, reader, writer, mayFault, cells, plain, true);
    }

    Access settable(Writer how) {
        return new Access(type, reader, Optional.of(how), mayFault, cells, plain, placed);
    }

    Access as(Type other) {
        return new Access(other, reader, writer, mayFault, cells, plain, placed);
    }

    Access readOnly() {
        return new Access(type, reader, Optional.empty(), mayFault, cells, plain, placed);
    }

    /** One that is found by what is in another cell. */
    Access alsoOf(Cell cell) {
        var all = new ArrayList<>(cells);
        all.add(cell);
        return new Access(type, reader, writer, mayFault, all, false, placed);
    }

    Access thatMayFault() {
        return new Access(type, reader, writer, true, cells, plain, placed);
    }
}

package bivouac.handover.meaning;

import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.expression.Function;
import bivouac.expression.Term;
import bivouac.expression.Value;
import java.util.List;

/**
 * An expression as the program to be written says it: a typed tree in which each name is what it stands for. Languages
 * write it; none decides what a name means.
 */
public sealed interface Say {

    Type type();

    record Literal(Value value, Type type) implements Say {}

    /** A variable of the application, by its expression name. */
    record OfApplication(String name, Type type) implements Say {}

    record Today() implements Say {
        @Override
        public Type type() {
            return Type.DATE;
        }
    }

    /** The traces of a killed run (D7). */
    record Traces() implements Say {
        @Override
        public Type type() {
            return new Type.ListOf(Type.TEXT);
        }
    }

    /**
     * What a window was handed, by its expression name.
     *
     * @param window by its shown name; empty for the takes of a task in its samples
     */
    record Take(String window, String name, Type type) implements Say {}

    /**
     * What the script has made: {@code result.x}, {@code NAME.x}, a {@code let}, what a named script takes.
     *
     * @param name as the written program calls it
     */
    record Local(String name, Type type) implements Say {}

    /** {@code way} or {@code ending}, before and after closing. */
    record OfClosing(boolean way) implements Say {
        @Override
        public Type type() {
            return Type.TEXT;
        }
    }

    /** The row that a list's event is about. */
    record TheRow(Type type) implements Say {}

    /**
     * Something of an open window.
     *
     * @param windows those that it can be, by their shown names; more than one only for owner and opener
     */
    record Member(Whose whose, List<String> windows, What what, Type type) implements Say {
        public Member {
            windows = List.copyOf(windows);
        }
    }

    record Column(Say row, String name, Type type) implements Say {}

    /** @param window by its shown name */
    record IsOpen(String window) implements Say {
        @Override
        public Type type() {
            return Type.YESNO;
        }
    }

    /** Whether a window that is kept under a name is open. */
    record IsKept(Whose kept) implements Say {
        @Override
        public Type type() {
            return Type.YESNO;
        }
    }

    record Call(Function function, List<Say> arguments, Type type) implements Say {
        public Call {
            arguments = List.copyOf(arguments);
        }
    }

    /** @param faults whether a side can fault, so that it matters that the other one decides too */
    record Decides(boolean on, Say left, Say right, boolean faults) implements Say {
        @Override
        public Type type() {
            return Type.YESNO;
        }
    }

    record Choice(Say condition, Say yes, Say no, Type type) implements Say {}

    record Items(List<Say> items, Type type) implements Say {
        public Items {
            items = List.copyOf(items);
        }
    }

    /** @param values in the order of the type's columns */
    record RowOf(List<Say> values, Type type) implements Say {
        public RowOf {
            values = List.copyOf(values);
        }
    }

    record Each(Term.Each.How how, Say range, String variable, List<Say> bodies, Type type) implements Say {
        public Each {
            bodies = List.copyOf(bodies);
        }
    }

    /** The variable of an {@link Each} around it. */
    record Item(String name, Type type) implements Say {}

    /** Whose something is. */
    sealed interface Whose {
        record Me() implements Whose {}

        record Owner() implements Whose {}

        record Opener() implements Whose {}

        /** The one open window of a name. */
        record TheOnly() implements Whose {}

        /** The open window of a name that has this key. */
        record Keyed(Say key) implements Whose {}

        /**
         * The window that the script keeps (O9).
         *
         * @param name as the written program calls it
         */
        record KeptByScript(String name) implements Whose {}

        /**
         * The window that a variable keeps (O9).
         *
         * @param window whose variable it is
         */
        record KeptByWindow(String window, String variable) implements Whose {}
    }

    /** What is read or set of a window. */
    sealed interface What {
        record Title() implements What {}

        /** A variable of the window, by its expression name. */
        record Variable(String name) implements What {}

        /** @param member as {@code .enabled}; empty for what the part holds */
        record OfPart(Part part, String member) implements What {}
    }
}

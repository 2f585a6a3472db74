package bivouac.expression;

import bivouac.design.Type;
import java.util.List;

/**
 * An expression as it is understood: names are what they stand for, and every piece has its type. What evaluates it, and
 * what writes it in another language, both go by this.
 */
public sealed interface Term<E extends Surroundings> {

    /** The type of its value; files, fonts, colours and choices are texts here. */
    Type type();

    /** Whether evaluating it can be a fault (X3), or take too much work (X6). */
    boolean mayFault();

    /** The pieces that it is made of, from left to right. */
    default List<Term<E>> pieces() {
        return switch (this) {
            case Constant<E> c -> List.of();
            case Name<E> n -> List.of();
            case Local<E> l -> List.of();
            case IsOpen<E> o -> List.of();
            case Column<E> c -> List.of(c.row());
            case Call<E> c -> c.arguments();
            case Decides<E> d -> List.of(d.left(), d.right());
            case Choice<E> c -> List.of(c.condition(), c.yes(), c.no());
            case Items<E> i -> i.items();
            case Row<E> r -> r.values();
            case Each<E> e -> {
                var all = new java.util.ArrayList<Term<E>>();
                all.add(e.range());
                all.addAll(e.bodies());
                yield all;
            }
        };
    }

    record Constant<E extends Surroundings>(Value value, Type type) implements Term<E> {
        @Override
        public boolean mayFault() {
            return false;
        }
    }

    /** A name that the scope knows. */
    record Name<E extends Surroundings>(String dotted, Scope.Binding<E> binding, Type type) implements Term<E> {
        @Override
        public boolean mayFault() {
            return binding.mayFault();
        }
    }

    /** The variable of an {@link Each} around it. */
    record Local<E extends Surroundings>(String name, Type type) implements Term<E> {
        @Override
        public boolean mayFault() {
            return false;
        }
    }

    /** A column of a row. */
    record Column<E extends Surroundings>(Term<E> row, String name, Type type) implements Term<E> {
        @Override
        public boolean mayFault() {
            return row.mayFault();
        }
    }

    /** {@code isOpen(WINDOW)}. */
    record IsOpen<E extends Surroundings>(String window, Scope.Binding<E> binding) implements Term<E> {
        @Override
        public Type type() {
            return Type.YESNO;
        }

        @Override
        public boolean mayFault() {
            return false;
        }
    }

    /** A function or operator with all its arguments, which are evaluated from left to right. */
    record Call<E extends Surroundings>(Function function, List<Term<E>> arguments, Type type) implements Term<E> {
        public Call {
            arguments = List.copyOf(arguments);
        }

        @Override
        public boolean mayFault() {
            return function.mayFault(arguments.stream().map(Term::type).toList())
                    || arguments.stream().anyMatch(Term::mayFault);
        }
    }

    /** {@code &&} or {@code ||}: the side that decides wins, even where the other one faults. */
    record Decides<E extends Surroundings>(boolean on, Term<E> left, Term<E> right) implements Term<E> {
        @Override
        public Type type() {
            return Type.YESNO;
        }

        @Override
        public boolean mayFault() {
            return left.mayFault() || right.mayFault();
        }
    }

    /** {@code condition ? yes : no}. */
    record Choice<E extends Surroundings>(Term<E> condition, Term<E> yes, Term<E> no, Type type) implements Term<E> {
        @Override
        public boolean mayFault() {
            return condition.mayFault() || yes.mayFault() || no.mayFault();
        }
    }

    /** A list of values. */
    record Items<E extends Surroundings>(List<Term<E>> items, Type type) implements Term<E> {
        public Items {
            items = List.copyOf(items);
        }

        @Override
        public boolean mayFault() {
            return items.stream().anyMatch(Term::mayFault);
        }
    }

    /** A row: {@code {"name": …, "nights": …}}; a name and a value for each column. */
    record Row<E extends Surroundings>(List<String> names, List<Term<E>> values, Type type) implements Term<E> {
        public Row {
            names = List.copyOf(names);
            values = List.copyOf(values);
        }

        @Override
        public boolean mayFault() {
            return values.stream().anyMatch(Term::mayFault);
        }
    }

    /**
     * Something done with each item of a list.
     *
     * @param variable what the item is called in the bodies
     * @param bodies the condition; of a map what it makes, with a condition before where it has one
     */
    record Each<E extends Surroundings>(How how, Term<E> range, String variable, List<Term<E>> bodies, Type type)
            implements Term<E> {
        public Each {
            bodies = List.copyOf(bodies);
        }

        /** What is done with each. */
        public enum How {
            ALL("all"),
            EXISTS("exists"),
            EXISTS_ONE("exists_one"),
            MAP("map"),
            FILTER("filter"),
            SORT_BY("sortBy");

            private final String word;

            How(String word) {
                this.word = word;
            }

            /** As it is written: {@code list.all(item, …)}. */
            public String word() {
                return word;
            }
        }

        @Override
        public boolean mayFault() {
            // how long the list is, and so how much work it takes, is known only when it runs
            return true;
        }
    }
}

package bivouac.check.known;

import bivouac.expression.Function;
import bivouac.expression.Surroundings;
import bivouac.expression.Term;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;

/**
 * What is known to hold, and not to hold, at a place of a script: from the conditions that lead there, and from names that
 * stand for a condition. Each is known with the values that it reads, so that setting one forgets just what depends on it.
 *
 * @param yes conditions that hold, as {@link TermText} writes them, with the {@link Values} that they read
 * @param no conditions that do not
 * @param lets what names made by <em>let</em> stand for
 */
public record Facts(Map<String, Set<String>> yes, Map<String, Set<String>> no, Map<String, Term<?>> lets) {

    public static final Facts NONE = new Facts(Map.of(), Map.of(), Map.of());

    public Facts {
        yes = Map.copyOf(yes);
        no = Map.copyOf(no);
        lets = Map.copyOf(lets);
    }

    boolean holds(String condition) {
        return yes.containsKey(condition);
    }

    boolean holdsNot(String condition) {
        return no.containsKey(condition);
    }

    /** With a condition that holds, or does not, and what follows from that. */
    public <E extends Surroundings> Facts with(Term<E> condition, boolean holds) {
        var more = new More(new HashMap<>(yes), new HashMap<>(no));
        more.add(condition, holds);
        return new Facts(more.yes, more.no, lets);
    }

    public Facts let(String name, Optional<? extends Term<?>> term) {
        var all = new HashMap<String, Term<?>>(lets);
        all.remove(name);
        term.ifPresent(t -> all.put(name, t));
        return new Facts(yes, no, all);
    }

    /**
     * Something may have another value now: what is known of it is known no more. What a name stands for is what the value
     * was when it was named, and so tells nothing of the new one.
     *
     * @param changed which of the {@link Values} may be others
     */
    public Facts without(Predicate<String> changed) {
        var left = new HashMap<>(yes);
        left.values().removeIf(reads -> reads.stream().anyMatch(changed));
        var not = new HashMap<>(no);
        not.values().removeIf(reads -> reads.stream().anyMatch(changed));
        var named = new HashMap<>(lets);
        named.values().removeIf(t -> Values.of(t).stream().anyMatch(changed));
        return new Facts(left, not, named);
    }

    /** What is known wherever one came from. */
    public Facts and(Facts other) {
        var both = new HashMap<>(yes);
        both.keySet().retainAll(other.yes.keySet());
        var neither = new HashMap<>(no);
        neither.keySet().retainAll(other.no.keySet());
        var named = new HashMap<>(lets);
        named.entrySet().retainAll(other.lets.entrySet());
        return new Facts(both, neither, named);
    }

    /** Facts that are being gathered. */
    private final class More {
        private final Map<String, Set<String>> yes;
        private final Map<String, Set<String>> no;

        More(Map<String, Set<String>> yes, Map<String, Set<String>> no) {
            this.yes = yes;
            this.no = no;
        }

        void add(Term<?> term, boolean holds) {
            (holds ? yes : no).put(TermText.of(term), Values.of(term));
            switch (term) {
                case Term.Decides<?> d -> {
                    // both hold, or neither does
                    if (d.on() != holds) {
                        add(d.left(), holds);
                        add(d.right(), holds);
                    }
                }
                case Term.Call<?> c
                when c.function() == Function.NOT -> add(c.arguments().getFirst(), !holds);
                case Term.Name<?> n -> Optional.ofNullable(lets.get(n.dotted())).ifPresent(t -> add(t, holds));
                default -> {
                    // nothing follows from it
                }
            }
        }
    }

    /** The values that expressions read, as far as steps set them apart: {@code me.size} is not {@code me.sizeTwo}. */
    public static final class Values {

        private static final Set<String> TRAITS = Set.of("enabled", "visible", "readOnly", "font", "colour");

        private Values() {}

        /** The values that a term reads. */
        public static Set<String> of(Term<?> term) {
            var all = new TreeSet<String>();
            collect(term, all);
            return Set.copyOf(all);
        }

        private static void collect(Term<?> term, Set<String> into) {
            switch (term) {
                case Term.Name<?> name -> into.add(of(name.dotted()));
                case Term.IsOpen<?> open -> into.add("isOpen");
                default -> term.pieces().forEach(p -> collect(p, into));
            }
        }

        /** The value that a dotted name is of: {@code me.guests} for {@code me.guests.selected.nights}. */
        public static String of(String dotted) {
            String[] words = dotted.strip().split("\\.");
            int length = words.length > 2 && TRAITS.contains(words[2]) ? 3 : Math.min(2, words.length);
            return String.join(".", java.util.Arrays.copyOf(words, length));
        }

        /** Whose member it is: {@code me}, {@code app}, {@code plan}. */
        static String whose(String value) {
            int dot = value.indexOf('.');
            return dot < 0 ? "" : value.substring(0, dot);
        }

        /** Its name without whose it is. */
        static String member(String value) {
            return value.substring(value.indexOf('.') + 1);
        }
    }
}

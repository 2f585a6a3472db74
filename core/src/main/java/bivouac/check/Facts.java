package bivouac.check;

import bivouac.expression.Function;
import bivouac.expression.Surroundings;
import bivouac.expression.Term;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What is known to hold, and not to hold, at a place of a script: from the conditions that lead there, and from names that
 * stand for a condition.
 *
 * @param yes conditions that hold, as {@link TermText} writes them
 * @param no conditions that do not
 * @param lets what names made by <em>let</em> stand for
 */
record Facts(Set<String> yes, Set<String> no, Map<String, Term<?>> lets) {

    static final Facts NONE = new Facts(Set.of(), Set.of(), Map.of());

    Facts {
        yes = Set.copyOf(yes);
        no = Set.copyOf(no);
        lets = Map.copyOf(lets);
    }

    boolean holds(String condition) {
        return yes.contains(condition);
    }

    /** With a condition that holds, or does not, and what follows from that. */
    <E extends Surroundings> Facts with(Term<E> condition, boolean holds) {
        var more = new More(new HashSet<>(yes), new HashSet<>(no));
        more.add(condition, holds);
        return new Facts(more.yes, more.no, lets);
    }

    Facts let(String name, Optional<? extends Term<?>> term) {
        var all = new HashMap<String, Term<?>>(lets);
        all.remove(name);
        term.ifPresent(t -> all.put(name, t));
        return new Facts(yes, no, all);
    }

    /** Something was set: what is known of it is known no more. */
    Facts without(String path) {
        Set<String> left = new HashSet<>(yes);
        left.removeIf(f -> f.contains(path));
        Set<String> not = new HashSet<>(no);
        not.removeIf(f -> f.contains(path));
        return new Facts(left, not, lets);
    }

    /** What is known wherever one came from. */
    Facts and(Facts other) {
        Set<String> both = new HashSet<>(yes);
        both.retainAll(other.yes);
        Set<String> neither = new HashSet<>(no);
        neither.retainAll(other.no);
        return new Facts(both, neither, lets);
    }

    /** Facts that are being gathered. */
    private final class More {
        private final Set<String> yes;
        private final Set<String> no;

        More(Set<String> yes, Set<String> no) {
            this.yes = yes;
            this.no = no;
        }

        void add(Term<?> term, boolean holds) {
            (holds ? yes : no).add(TermText.of(term));
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
}

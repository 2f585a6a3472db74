package bivouac.check;

import bivouac.expression.Surroundings;
import bivouac.expression.Term;
import java.util.List;
import java.util.stream.Collectors;

/** Expressions as text that is the same for the same meaning, however they were spaced. */
final class TermText {

    private TermText() {}

    static <E extends Surroundings> String of(Term<E> term) {
        return switch (term) {
            case Term.Constant<E> c -> c.value().shown();
            case Term.Name<E> n -> n.dotted();
            case Term.Local<E> l -> l.name();
            case Term.IsOpen<E> o -> "isOpen(" + o.window() + ")";
            case Term.Column<E> c -> of(c.row()) + "." + c.name();
            case Term.Call<E> c -> c.function().name() + list(c.arguments());
            case Term.Decides<E> d -> "(" + of(d.left()) + (d.on() ? " || " : " && ") + of(d.right()) + ")";
            case Term.Choice<E> c -> "(" + of(c.condition()) + " ? " + of(c.yes()) + " : " + of(c.no()) + ")";
            case Term.Items<E> i -> list(i.items());
            case Term.Row<E> r -> r.names() + list(r.values());
            case Term.Each<E> e -> of(e.range()) + "." + e.how() + e.variable() + list(e.bodies());
        };
    }

    private static <E extends Surroundings> String list(List<Term<E>> terms) {
        return terms.stream().map(TermText::of).collect(Collectors.joining(", ", "(", ")"));
    }
}

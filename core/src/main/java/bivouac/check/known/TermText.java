package bivouac.check.known;

import bivouac.design.Quoted;
import bivouac.design.Type;
import bivouac.expression.Function;
import bivouac.expression.Surroundings;
import bivouac.expression.Term;
import bivouac.expression.Value;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Expressions as text that is the same for the same meaning, however they were spaced. */
public final class TermText {

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

    /** A term as a person would write it; none for those that go through lists, and for rows. */
    static <E extends Surroundings> Optional<String> written(Term<E> term) {
        return switch (term) {
            case Term.Constant<E>(Value.Text(String text), Type t) -> Optional.of(Quoted.of(text));
            case Term.Constant<E> c -> Optional.of(c.value().shown());
            case Term.Name<E> n -> Optional.of(n.dotted());
            case Term.Local<E> l -> Optional.of(l.name());
            case Term.Column<E> c -> written(c.row()).map(row -> row + "." + c.name());
            case Term.Call<E> c -> call(c);
            case Term.IsOpen<E> o -> Optional.of("isOpen(" + o.window() + ")");
            case Term.Decides<E> d -> Optional.empty();
            case Term.Choice<E> c -> Optional.empty();
            case Term.Items<E> i -> Optional.empty();
            case Term.Row<E> r -> Optional.empty();
            case Term.Each<E> e -> Optional.empty();
        };
    }

    private static <E extends Surroundings> Optional<String> call(Term.Call<E> call) {
        List<Optional<String>> pieces =
                call.arguments().stream().map(TermText::written).toList();
        if (pieces.stream().anyMatch(Optional::isEmpty)) {
            return Optional.empty();
        }
        List<String> all = pieces.stream().map(Optional::get).toList();
        String name = call.function().written();
        return switch (call.function().form()) {
            case PLAIN -> Optional.of(name + "(" + String.join(", ", all) + ")");
            case OF_A_TEXT, OF_A_LIST, EITHER ->
                Optional.of(all.getFirst() + "." + name + "(" + String.join(", ", all.subList(1, all.size())) + ")");
            case SIGN ->
                all.size() == 2 && call.function() != Function.INDEX
                        ? Optional.of("(" + all.getFirst() + " " + name + " " + all.getLast() + ")")
                        : Optional.empty();
        };
    }
}

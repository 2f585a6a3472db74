package bivouac.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a step says by itself, without the scripts inside it.
 *
 * @param givens values by their names: handed over, given with an ending, put into a row
 * @param values expressions that it evaluates beside those, in their order
 * @param texts texts in which expressions stand in braces
 * @param target which open window it means
 */
public record Pieces(List<Given> givens, List<Expression> values, List<String> texts, Optional<Target> target) {

    public static final Pieces NONE = new Pieces(List.of(), List.of(), List.of(), Optional.empty());

    public Pieces {
        givens = List.copyOf(givens);
        values = List.copyOf(values);
        texts = List.copyOf(texts);
    }

    static Pieces values(List<Expression> values) {
        return new Pieces(List.of(), values, List.of(), Optional.empty());
    }

    static Pieces givens(List<Given> givens) {
        return new Pieces(givens, List.of(), List.of(), Optional.empty());
    }

    static Pieces text(String text) {
        return new Pieces(List.of(), List.of(), List.of(text), Optional.empty());
    }

    Pieces meaning(Optional<Target> window) {
        return new Pieces(givens, values, texts, window);
    }

    Pieces with(Pieces more) {
        return new Pieces(
                Stream.concat(givens.stream(), more.givens.stream()).toList(),
                Stream.concat(values.stream(), more.values.stream()).toList(),
                Stream.concat(texts.stream(), more.texts.stream()).toList(),
                target.or(more::target));
    }

    /** All expressions of the step itself: what it evaluates, those in braces, and the key of the window it means. */
    public List<Expression> expressions() {
        var all = new ArrayList<>(values);
        givens.forEach(g -> all.add(g.value()));
        texts.forEach(t -> all.addAll(Braces.expressions(t)));
        if (target.orElse(null) instanceof Target.Keyed(String window, Expression key)) {
            all.add(key);
        }
        return List.copyOf(all);
    }
}

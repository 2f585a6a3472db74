package bivouac.check;

import bivouac.check.Finding.Kind;
import bivouac.check.Finding.Place;
import bivouac.check.Finding.Weight;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.expression.Function;
import bivouac.expression.Term;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Texts joined where a sum was surely meant, and sums with the same name twice.
 *
 * @param words where it is
 */
record Sums(Optional<FacedWindow> window, Facts facts, String words, Place place) {

    void into(List<Finding> found, Term<?> term, String source) {
        if (term instanceof Term.Call<?> c && c.function() == Function.ADD) {
            joined(found, c, source);
            twice(found, c, source);
            return;
        }
        term.pieces().forEach(p -> into(found, p, source));
    }

    /** Nothing between two typed texts: people who join texts put at least a space there. */
    private void joined(List<Finding> found, Term.Call<?> sum, String source) {
        if (sum.arguments().stream().allMatch(this::isTyped)) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.UNGUARDED,
                    words + ": “" + source.strip() + "” joins two typed texts; “1” and “2” make “12”.",
                    "If a sum is meant, make them number fields; if they are to be joined, put something between.",
                    place));
        } else {
            sum.arguments().forEach(a -> {
                if (a instanceof Term.Call<?> c && c.function() == Function.ADD) {
                    joined(found, c, source);
                }
            });
        }
    }

    /** A typed text by its name, or by one that <em>let</em> gave it. */
    private boolean isTyped(Term<?> term) {
        if (!(term instanceof Term.Name<?> name)) {
            return false;
        }
        Term<?> stands = facts.lets().get(name.dotted());
        return stands != null && stands != term && isTyped(stands)
                || name.dotted().startsWith("me.")
                        && window.flatMap(w -> w.part(name.dotted().substring(3)))
                                .filter(Part.TextField.class::isInstance)
                                .isPresent();
    }

    /** A name that stands twice in one sum was surely pasted, and one of the two not changed. */
    private void twice(List<Finding> found, Term<?> sum, String source) {
        var names = new ArrayList<String>();
        names(sum, names);
        names.stream()
                .filter(n -> names.indexOf(n) != names.lastIndexOf(n))
                .distinct()
                .forEach(n -> found.add(new Finding(
                        Weight.HINT,
                        Kind.SUM,
                        words + ": “" + n + "” stands twice in the sum “" + source.strip() + "”.",
                        "If the sum was copied, one of the two may mean another value; else write it times two.",
                        place)));
    }

    private static void names(Term<?> term, List<String> into) {
        switch (term) {
            case Term.Call<?> c
            when c.function() == Function.ADD -> c.arguments().forEach(a -> names(a, into));
            case Term.Name<?> n -> into.add(n.dotted());
            default -> {
                // only plain names are compared
            }
        }
    }
}

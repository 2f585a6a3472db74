package bivouac.check.values;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Facts;
import bivouac.check.known.Place;
import bivouac.check.ways.ExpressionRepair;
import bivouac.check.ways.Repair;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.expression.Function;
import bivouac.expression.Term;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Texts joined where a sum was surely meant, and sums with the same name twice.
 *
 * @param words where it is
 */
public record Sums(Optional<FacedWindow> window, Facts facts, String words, Place place) {

    public void into(List<Finding> found, Term<?> term, String source) {
        if (term instanceof Term.Call<?> c && c.function() == Function.ADD) {
            joined(found, c, source);
            twice(found, c, source);
            return;
        }
        term.pieces().forEach(p -> into(found, p, source));
    }

    /** Nothing between two typed texts: people who join texts put at least a space there. */
    private void joined(List<Finding> found, Term.Call<?> sum, String source) {
        List<Term<?>> all = summands(sum);
        for (int i = 1; i < all.size(); i++) {
            if (isTyped(all.get(i - 1)) && isTyped(all.get(i))) {
                joined(found, all.get(i - 1), all.get(i), source);
                return;
            }
        }
    }

    /** What is added, one after the other, however the sum is bracketed. */
    private static List<Term<?>> summands(Term<?> term) {
        return term instanceof Term.Call<?> c && c.function() == Function.ADD
                ? c.arguments().stream()
                        .flatMap(a -> summands(a).stream())
                        .<Term<?>>map(a -> a)
                        .toList()
                : List.of(term);
    }

    /** No fault comes of it, so exploring has nothing to say about it. */
    private void joined(List<Finding> found, Term<?> one, Term<?> other, String source) {
        found.add(new Finding(
                Weight.RISKY,
                Kind.SUM,
                words + ": “" + source.strip() + "” joins two typed texts; “1” and “2” make “12”.",
                "If a sum is meant, make them number fields; if they are to be joined, put something between.",
                place,
                apart(one, other, source)));
    }

    /** Joined with a space between, or added as the numbers that they are. */
    private List<Repair> apart(Term<?> left, Term<?> right, String source) {
        String one = ((Term.Name<?>) left).dotted();
        String other = ((Term.Name<?>) right).dotted();
        var joined = Pattern.compile(word(one) + "\\s*\\+\\s*" + word(other)).matcher(source);
        if (!joined.find()) {
            return List.of();
        }
        String added = "(isNumber(" + one + ") && isNumber(" + other + ") ? shown(number(" + one + ") + number(" + other
                + ")) : \"\")";
        return List.of(
                new ExpressionRepair(
                        place,
                        source,
                        joined.start(),
                        joined.end(),
                        one + " + \" \" + " + other,
                        "Put a space between"),
                new ExpressionRepair(place, source, joined.start(), joined.end(), added, "Add them as numbers"));
    }

    /** A number that stands twice, once and times two. */
    private List<Repair> doubled(String name, Term<?> sum, String source) {
        var again = Pattern.compile("\\s*\\+\\s*" + word(name)).matcher(source);
        var first = Pattern.compile(word(name)).matcher(source);
        boolean isNumber = sum.type() == Type.WHOLE || sum.type() == Type.NUMBER;
        if (!isNumber || !first.find() || !again.find(first.end())) {
            return List.of();
        }
        String instead = source.substring(0, first.start()) + name + " * 2"
                + source.substring(first.end(), again.start()) + source.substring(again.end());
        return List.of(ExpressionRepair.whole(place, source, instead, "Write it times two"));
    }

    /** A pattern of a whole name, and no piece of a longer one. */
    private static String word(String name) {
        return "(?<![\\w.])" + Pattern.quote(name) + "(?![\\w.(])";
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
                        place,
                        doubled(n, sum, source))));
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

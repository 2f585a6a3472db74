package bivouac.check.known;

import bivouac.design.Part;
import bivouac.expression.Function;
import bivouac.expression.Surroundings;
import bivouac.expression.Term;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * What in an expression can meet a value that is not there (X3), where nothing known says that it is: conversions of text,
 * fields read for a value, and selected rows.
 */
public final class Guards {

    private static final Map<Function, Function> QUESTIONS = new EnumMap<>(Map.of(
            Function.NUMBER, Function.IS_NUMBER,
            Function.WHOLE, Function.IS_WHOLE,
            Function.DATE, Function.IS_DATE,
            Function.INT, Function.IS_WHOLE,
            Function.DOUBLE, Function.IS_NUMBER));

    private final Optional<bivouac.design.FacedWindow> window;
    private final Predicate<String> isSelected;
    private final Predicate<String> isNumber;
    private final Set<Unguarded> said = new LinkedHashSet<>();

    /**
     * What can be evaluated where it has no value.
     *
     * @param what a sentence, without its place
     * @param ask the condition under which it has one, where it can be written in short
     */
    public record Unguarded(String what, Optional<String> ask) {}

    /**
     * @param window whose fields {@code me} names
     * @param isSelected whether a list, as expressions name it, has a row selected wherever this is evaluated
     * @param isNumber whether a text, as expressions name it, is always a whole number
     */
    public Guards(
            Optional<bivouac.design.FacedWindow> window, Predicate<String> isSelected, Predicate<String> isNumber) {
        this.window = window;
        this.isSelected = isSelected;
        this.isNumber = isNumber;
    }

    /** What is not guarded. */
    public <E extends Surroundings> Set<Unguarded> of(Term<E> term, Facts facts) {
        look(term, facts);
        return said;
    }

    private void look(Term<?> term, Facts facts) {
        switch (term) {
            // where one side decides, what the other cannot tell does no harm
            case Term.Decides<?> d -> {
                look(d.left(), facts.with(d.right(), !d.on()));
                look(d.right(), facts.with(d.left(), !d.on()));
            }
            case Term.Choice<?> c -> {
                look(c.condition(), facts);
                look(c.yes(), facts.with(c.condition(), true));
                look(c.no(), facts.with(c.condition(), false));
            }
            case Term.Call<?> call -> {
                conversion(call, facts);
                call.arguments().forEach(a -> look(a, facts));
            }
            case Term.Name<?> name -> name(name.dotted(), facts);
            default -> term.pieces().forEach(p -> look(p, facts));
        }
    }

    private void conversion(Term.Call<?> call, Facts facts) {
        Function question = QUESTIONS.get(call.function());
        boolean ofText =
                call.arguments().size() == 1 && call.arguments().getFirst().type() == bivouac.design.Type.TEXT;
        if (question == null || !ofText || call.arguments().getFirst() instanceof Term.Constant<?>) {
            return;
        }
        if (question != Function.IS_DATE
                && call.arguments().getFirst() instanceof Term.Name<?> name
                && isNumber.test(name.dotted())) {
            return;
        }
        String what = TermText.of(call.arguments().getFirst());
        if (!isConvertible(what, question, facts)) {
            String function = word(call.function());
            Optional<String> written = TermText.written(call.arguments().getFirst());
            String shown = written.orElse("…");
            String ask = word(question) + "(" + shown + ")";
            String sentence = "“" + function + "(" + shown + ")” can be reached with a text that is no "
                    + (question == Function.IS_WHOLE
                            ? "whole number"
                            : question == Function.IS_DATE ? "date" : "number")
                    + "; ask “" + ask + "” first.";
            said.add(new Unguarded(sentence, written.map(w -> ask)));
        }
    }

    private static boolean isConvertible(String what, Function question, Facts facts) {
        boolean asNumber = question == Function.IS_NUMBER
                && (facts.holds(asked(Function.IS_NUMBER, what)) || facts.holds(asked(Function.IS_WHOLE, what)));
        boolean same = facts.holds(asked(question, what));
        boolean byPattern = facts.yes().keySet().stream().anyMatch(f -> f.startsWith("MATCHES(" + what + ","));
        return asNumber || same || byPattern;
    }

    private static String asked(Function question, String what) {
        return question.name() + "(" + what + ")";
    }

    private static String word(Function function) {
        return switch (function) {
            case NUMBER -> "number";
            case WHOLE -> "whole";
            case DATE -> "date";
            case INT -> "int";
            case DOUBLE -> "double";
            case IS_NUMBER -> "isNumber";
            case IS_WHOLE -> "isWhole";
            default -> "isDate";
        };
    }

    private void name(String dotted, Facts facts) {
        int selected = dotted.indexOf(".selected");
        boolean row = selected > 0 && (dotted.length() == selected + 9 || dotted.charAt(selected + 9) == '.');
        if (row) {
            selected(dotted, dotted.substring(0, selected), facts);
        } else if (dotted.startsWith("me.")) {
            field(dotted, facts);
        }
    }

    private void selected(String dotted, String list, Facts facts) {
        boolean known = isSelected.test(list)
                || facts.holds(list + ".anySelected")
                || facts.holds("GREATER(" + list + ".selectedNumber, 0)")
                || facts.holds("DIFFERENT(" + list + ".selectedNumber, 0)")
                || facts.holdsNot("EQUAL(" + list + ".selectedNumber, 0)");
        if (!known) {
            String ask = list + ".anySelected";
            said.add(new Unguarded(
                    "“" + dotted + "” can be read while no row is selected; ask “" + ask + "” first.",
                    Optional.of(ask)));
        }
    }

    private void field(String dotted, Facts facts) {
        Optional<Part.ValueField> field = window.flatMap(w -> w.part(dotted.substring(3)))
                .filter(Part.ValueField.class::isInstance)
                .map(Part.ValueField.class::cast);
        field.filter(f -> !isGiven(dotted, facts))
                .ifPresent(f -> said.add(new Unguarded(
                        "“" + dotted + "” can be read while " + f.displayName() + " holds no "
                                + f.holds().type() + "; ask “" + dotted + ".given” first.",
                        Optional.of(dotted + ".given"))));
    }

    private static boolean isGiven(String dotted, Facts facts) {
        return facts.holds(dotted + ".given")
                || List.of(Function.IS_NUMBER, Function.IS_WHOLE, Function.IS_DATE).stream()
                        .anyMatch(q -> facts.holds(asked(q, dotted + ".typed")));
    }
}

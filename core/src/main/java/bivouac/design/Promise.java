package bivouac.design;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Something that the developer states of every situation of the application, and that is checked against all of them. Its
 * conditions are expressions of the application (V2), looked at when the application is at rest (E2).
 */
public sealed interface Promise {

    String NEVER = "never";
    String AT_THE_END = "always at the end";
    String POSSIBLE = "always possible to";
    String AFTER = "after";
    String COMES = "comes";
    String BEFORE = "before";
    String THE_END = "the end";
    String END = "end";

    /** How a promise can be written, for messages. */
    String FORMS = "“never …”, “always at the end …”, “always possible to …” or “after … comes … before …”";

    /** No situation in which the application runs is so. */
    record Never(Expression what) implements Promise {
        @Override
        public String sentence() {
            return NEVER + " " + what.source();
        }
    }

    /** However the application ends by itself or with the session, it is so when it does (D6). */
    record AtTheEnd(Expression what) implements Promise {
        @Override
        public String sentence() {
            return AT_THE_END + " " + what.source();
        }
    }

    /**
     * From every situation in which the application runs, one that is so can be reached without ending it from outside.
     *
     * @param what empty for the end of the application, by itself
     */
    record Possible(Optional<Expression> what) implements Promise {
        @Override
        public String sentence() {
            return POSSIBLE + " " + what.map(Expression::source).orElse(END);
        }
    }

    /**
     * Once the first was so, the second is so before the third is; the first and the third at once count as not yet.
     *
     * @param third empty for the end of the application
     */
    record After(Expression first, Expression second, Optional<Expression> third) implements Promise {
        @Override
        public String sentence() {
            return AFTER + " " + first.source() + " " + COMES + " " + second.source() + " " + BEFORE + " "
                    + third.map(Expression::source).orElse(THE_END);
        }
    }

    /** A text that is none of these; kept as it was typed. */
    record Unclear(String sentence) implements Promise {}

    /** As it is written down. */
    String sentence();

    /** That a value which says that something is unsaved does not say so at the end. */
    static Promise nothingUnsaved(Variable variable) {
        return new AtTheEnd(new Expression("!app." + variable.name().expression()));
    }

    /** Reads what {@link #sentence} says. */
    static Promise of(String typed) {
        String text = typed.strip();
        Optional<String> end = rest(text, AT_THE_END);
        Optional<String> possible = rest(text, POSSIBLE);
        Optional<String> never = rest(text, NEVER);
        if (end.isPresent()) {
            return new AtTheEnd(new Expression(end.get()));
        }
        if (possible.isPresent()) {
            return new Possible(possible.filter(p -> !p.equalsIgnoreCase(END)).map(Expression::new));
        }
        if (never.isPresent()) {
            return new Never(new Expression(never.get()));
        }
        return rest(text, AFTER).flatMap(Promise::after).orElse(new Unclear(text));
    }

    private static Optional<String> rest(String text, String beginning) {
        return text.length() > beginning.length()
                        && text.regionMatches(true, 0, beginning + " ", 0, beginning.length() + 1)
                ? Optional.of(text.substring(beginning.length()).strip())
                : Optional.empty();
    }

    private static Optional<Promise> after(String text) {
        int comes = word(text, COMES, 0);
        int before = comes < 0 ? -1 : word(text, BEFORE, comes);
        if (before < 0) {
            return Optional.empty();
        }
        String third = text.substring(before + BEFORE.length()).strip();
        return Optional.of(new After(
                new Expression(text.substring(0, comes).strip()),
                new Expression(text.substring(comes + COMES.length(), before).strip()),
                third.equalsIgnoreCase(THE_END) ? Optional.empty() : Optional.of(new Expression(third))));
    }

    /** Where a word stands between blanks and outside quotes, from a place on; -1 where it does not. */
    private static int word(String text, String word, int from) {
        char quote = 0;
        for (int i = from; i < text.length(); i++) {
            char c = text.charAt(i);
            if (quote != 0) {
                quote = c == quote ? 0 : quote;
            } else if (c == '"' || c == '\'') {
                quote = c;
            } else if (i > 0 && text.charAt(i - 1) == ' ' && text.startsWith(word + " ", i)) {
                return i;
            }
        }
        return -1;
    }

    /** The expressions in it, in order. */
    default List<Expression> expressions() {
        return switch (this) {
            case Never(Expression what) -> List.of(what);
            case AtTheEnd(Expression what) -> List.of(what);
            case Possible(var what) -> what.stream().toList();
            case After(Expression first, Expression second, var third) ->
                third.map(t -> List.of(first, second, t)).orElse(List.of(first, second));
            case Unclear u -> List.of();
        };
    }

    /** With each expression passed through a hook. */
    default Promise mapping(UnaryOperator<Expression> hook) {
        return switch (this) {
            case Never(Expression what) -> new Never(hook.apply(what));
            case AtTheEnd(Expression what) -> new AtTheEnd(hook.apply(what));
            case Possible(var what) -> new Possible(what.map(hook));
            case After(Expression first, Expression second, var third) ->
                new After(hook.apply(first), hook.apply(second), third.map(hook));
            case Unclear u -> u;
        };
    }
}

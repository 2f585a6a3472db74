package bivouac.expression;

import bivouac.design.Expression;
import bivouac.design.Type;
import dev.cel.common.CelAbstractSyntaxTree;
import dev.cel.common.CelOptions;
import dev.cel.common.CelValidationException;
import dev.cel.common.CelValidationResult;
import dev.cel.parser.CelParser;
import dev.cel.parser.CelParserFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Compiles expressions (V2, V3): CEL's grammar, parsed by CEL's parser; what the names in it mean and which types its
 * pieces have is found by {@link Checker} in the scope where it stands. Parsed trees are kept by source.
 *
 * <p>Safe for several threads. The first compilation of a process loads CEL's grammar and costs some tenths of a second:
 * {@link #warmUp} does that early, off the interface thread.
 */
public final class Expressions {

    private static final int KEPT = 50_000;

    /** Depth is bounded before by {@link Source}; the parser counts signs beside each other as depth too. */
    private static final CelOptions OPTIONS = CelOptions.current()
            .maxExpressionCodePointSize(bivouac.design.Limits.LONGEST_EXPRESSION)
            .maxParseRecursionDepth(bivouac.design.Limits.MOST_SIGNS * 2)
            .enableReservedIds(true)
            .build();

    /** Without macros: {@code list.map(item, …)} stays what was written. */
    private static final CelParser PARSER =
            CelParserFactory.standardCelParserBuilder().setOptions(OPTIONS).build();

    private static final Map<String, Parsed> PARSED = new ConcurrentHashMap<>();

    private record Parsed(Optional<CelAbstractSyntaxTree> tree, List<Problem> problems) {}

    private Expressions() {}

    /** Loads what the first compilation needs. */
    public static void warmUp() {
        parse("1 + 1 == 2 && !blank(\"a\")");
    }

    /** Compiles an expression where it stands; what is wrong comes back as problems, never as an exception. */
    public static <E extends Surroundings> Compiled<E> compile(Expression expression, Scope<E> scope) {
        String source = expression.source();
        if (source.isBlank()) {
            return Compiled.wrong(List.of(new Problem("an expression is missing here", 0, source.length())));
        }
        Parsed parsed = parsed(source);
        if (parsed.tree().isEmpty()) {
            return Compiled.wrong(parsed.problems());
        }
        var checker = new Checker<>(parsed.tree().get(), source, scope);
        return checker.check().map(Compiled::of).orElseGet(() -> Compiled.wrong(checker.problems()));
    }

    private static Parsed parsed(String source) {
        if (PARSED.size() > KEPT) {
            PARSED.clear();
        }
        return PARSED.computeIfAbsent(source, Expressions::parse);
    }

    private static Parsed parse(String source) {
        Optional<Problem> beyond = Source.beyondLimits(source);
        if (beyond.isPresent()) {
            return new Parsed(Optional.empty(), List.of(beyond.get()));
        }
        try {
            CelValidationResult result = PARSER.parse(source);
            return result.hasError()
                    ? new Parsed(Optional.empty(), Problems.ofParsing(source, result.getErrors()))
                    : new Parsed(Optional.of(result.getAst()), List.of());
        } catch (CelValidationException e) {
            return new Parsed(Optional.empty(), Problems.ofParsing(source, e.getErrors()));
        }
    }

    /** What is said of a name that means nothing in a scope. */
    public static String unknown(String name, Scope<?> scope) {
        return Problems.unknown(name, scope);
    }

    /** What was probably meant by a name that means nothing in a scope, where it can be told. */
    public static Optional<String> meant(String name, Scope<?> scope) {
        return Problems.named(name, scope);
    }

    /** Whether a value of one type can stand where another is wanted: the same, or a whole for a number (V3). */
    public static boolean fits(Type found, Type wanted) {
        return Types.fits(found, wanted);
    }

    static List<Problem> sorted(List<Problem> problems) {
        var sorted = new ArrayList<>(problems);
        sorted.sort(java.util.Comparator.comparingInt(Problem::from));
        return List.copyOf(sorted);
    }
}

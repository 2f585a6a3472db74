package bivouac.expression;

import bivouac.design.Expression;
import bivouac.design.Type;
import dev.cel.common.CelAbstractSyntaxTree;
import dev.cel.common.CelIssue;
import dev.cel.common.CelOptions;
import dev.cel.common.CelValidationException;
import dev.cel.common.CelValidationResult;
import dev.cel.common.types.CelType;
import dev.cel.compiler.CelCompiler;
import dev.cel.compiler.CelCompilerFactory;
import dev.cel.parser.CelStandardMacro;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Compiles expressions (V2, V3). The source is parsed alone, the names in it are looked up in the scope, and only
 * those are declared to CEL's checker; so a design with thousands of names costs no more than the few that an
 * expression uses. Checked trees are kept by source and declarations, and shared by all scopes that agree on those.
 *
 * <p>Safe for several threads. The first compilation of a process loads CEL's grammar and costs about a second:
 * {@link #warmUp} does that early, off the interface thread.
 */
public final class Expressions {

    /** Longest source looked at, in code points; deeper nesting or more pieces than CEL's limits are problems too. */
    static final int LONGEST = 20_000;

    private static final int KEPT = 20_000;

    private static final CelOptions OPTIONS = CelOptions.current()
            .maxExpressionCodePointSize(LONGEST)
            .maxParseRecursionDepth(60)
            .enableReservedIds(true)
            .build();

    private static final CelCompiler PARSER = compiler(Map.of());
    private static final Map<Map<String, CelType>, CelCompiler> COMPILERS = new ConcurrentHashMap<>();
    private static final Map<Key, Checked> TREES = new ConcurrentHashMap<>();

    private static final Map<String, Parsed> PARSED = new ConcurrentHashMap<>();

    private record Parsed(Optional<CelAbstractSyntaxTree> tree, List<Problem> problems) {}

    private record Key(String source, Map<String, CelType> declared) {}

    private record Checked(Optional<CelAbstractSyntaxTree> tree, List<Problem> problems) {}

    private Expressions() {}

    /** Loads what the first compilation needs. */
    public static void warmUp() {
        check("1 + 1 == 2 && !blank(\"a\")", Map.of());
    }

    /** Compiles an expression where it stands; what is wrong comes back as problems, never as an exception. */
    public static <E> Compiled<E> compile(Expression expression, Scope<E> scope) {
        String source = expression.source();
        if (source.isBlank()) {
            return Compiled.wrong(List.of(new Problem("an expression is missing here", 0, source.length())));
        }
        Parsed parsed = parsed(source);
        if (parsed.tree().isEmpty()) {
            return Compiled.wrong(parsed.problems());
        }
        NamesUsed<E> names = NamesUsed.in(parsed.tree().get(), source, scope);
        if (!names.problems().isEmpty()) {
            return Compiled.wrong(names.problems());
        }
        Checked checked = check(source, names.declared());
        return checked.tree().isEmpty()
                ? Compiled.wrong(checked.problems())
                : plan(checked.tree().get(), names, source);
    }

    private static Parsed parsed(String source) {
        if (PARSED.size() > KEPT) {
            PARSED.clear();
        }
        return PARSED.computeIfAbsent(source, Expressions::parse);
    }

    private static Parsed parse(String source) {
        try {
            CelValidationResult result = PARSER.parse(source);
            return result.hasError()
                    ? new Parsed(Optional.empty(), Problems.ofParsing(source, result.getErrors()))
                    : new Parsed(Optional.of(result.getAst()), List.of());
        } catch (CelValidationException e) {
            return new Parsed(Optional.empty(), Problems.ofParsing(source, e.getErrors()));
        }
    }

    private static <E> Compiled<E> plan(CelAbstractSyntaxTree tree, NamesUsed<E> names, String source) {
        Optional<Type> type = CelTypes.fromCel(tree.getResultType());
        try {
            if (type.isEmpty()) {
                throw new IllegalArgumentException("this is no value that a design can hold");
            }
            var planner = new Planner<>(tree, names.readers());
            Plan<E> plan = planner.plan();
            return new Compiled<>(type, Optional.of(plan), List.of(), planner.mayFault() || names.mayFault());
        } catch (IllegalArgumentException noValue) {
            return Compiled.wrong(List.of(new Problem(noValue.getMessage(), 0, source.length())));
        }
    }

    private static Checked check(String source, Map<String, CelType> declared) {
        if (TREES.size() > KEPT) {
            TREES.clear();
        }
        return TREES.computeIfAbsent(new Key(source, declared), Expressions::check);
    }

    private static Checked check(Key key) {
        if (COMPILERS.size() > KEPT) {
            COMPILERS.clear();
        }
        CelCompiler compiler = COMPILERS.computeIfAbsent(key.declared(), Expressions::compiler);
        CelValidationResult result = compiler.compile(key.source());
        if (result.hasError()) {
            List<CelIssue> errors = result.getErrors();
            return new Checked(Optional.empty(), Problems.ofChecking(key.source(), errors));
        }
        try {
            return new Checked(Optional.of(result.getAst()), List.of());
        } catch (CelValidationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static CelCompiler compiler(Map<String, CelType> declared) {
        var builder = CelCompilerFactory.standardCelCompilerBuilder()
                .setOptions(OPTIONS)
                .setStandardEnvironmentEnabled(false)
                .setStandardDeclarations(Functions.OF_CEL)
                .setStandardMacros(
                        CelStandardMacro.ALL,
                        CelStandardMacro.EXISTS,
                        CelStandardMacro.EXISTS_ONE,
                        CelStandardMacro.MAP,
                        CelStandardMacro.MAP_FILTER,
                        CelStandardMacro.FILTER)
                .addFunctionDeclarations(Functions.ours());
        new TreeMap<>(declared).forEach(builder::addVar);
        return builder.build();
    }

    /** What is said of a name that means nothing in a scope. */
    public static String unknown(String name, Scope<?> scope) {
        return Problems.unknown(name, scope);
    }

    /** Whether a value of one type can stand where another is wanted: the same, or a whole for a number (V3). */
    public static boolean fits(Type found, Type wanted) {
        if (found.equals(wanted) || (found == Type.WHOLE && wanted == Type.NUMBER)) {
            return true;
        }
        if (wanted instanceof Type.ListOf(Type of) && found instanceof Type.ListOf(Type has)) {
            return fits(has, of);
        }
        return CelTypes.toCel(found).equals(CelTypes.toCel(wanted));
    }

    static List<Problem> sorted(List<Problem> problems) {
        var sorted = new ArrayList<>(problems);
        sorted.sort(java.util.Comparator.comparingInt(Problem::from));
        return List.copyOf(sorted);
    }
}

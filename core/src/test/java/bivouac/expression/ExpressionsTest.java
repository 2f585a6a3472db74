package bivouac.expression;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Expression;
import bivouac.design.Type;
import dev.cel.common.CelOptions;
import dev.cel.common.CelValidationException;
import dev.cel.compiler.CelCompilerFactory;
import dev.cel.extensions.CelExtensions;
import dev.cel.parser.CelStandardMacro;
import dev.cel.runtime.CelEvaluationException;
import dev.cel.runtime.CelRuntimeFactory;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ExpressionsTest {

    private static final Map<String, Value> VALUES = Map.of(
            "app.n", new Value.Whole(7),
            "app.x", new Value.Number(2.5),
            "app.name", Value.of("Ilva"),
            "app.yes", Value.YES,
            "app.list", new Value.Items(List.of(new Value.Whole(1), new Value.Whole(2), new Value.Whole(3))));

    private static final Map<String, Type> TYPES = Map.of(
            "app.n",
            Type.WHOLE,
            "app.x",
            Type.NUMBER,
            "app.name",
            Type.TEXT,
            "app.yes",
            Type.YESNO,
            "app.list",
            new Type.ListOf(Type.WHOLE));

    /** Where the expressions of these tests are evaluated: their work is paid, and nothing else is there. */
    record Here(Budget budget) implements Surroundings {
        Here() {
            this(new Budget(Budget.OF_AN_EVENT));
        }
    }

    private static final Scope<Here> SCOPE = new Scope<>() {
        @Override
        public Optional<Binding<Here>> find(String dotted) {
            return Optional.ofNullable(TYPES.get(dotted)).map(t -> new Binding<>(t, v -> VALUES.get(dotted), false));
        }

        @Override
        public Optional<Binding<Here>> isOpen(String window) {
            return window.equals("plan")
                    ? Optional.of(new Binding<>(bivouac.design.Type.YESNO, v -> Value.YES, false))
                    : Optional.empty();
        }

        @Override
        public Collection<String> names() {
            return TYPES.keySet();
        }
    };

    private static Compiled<Here> compile(String source) {
        return Expressions.compile(new Expression(source), SCOPE);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '~',
            quoteCharacter = '`',
            value = {
                "app.n + 1 ~ 8",
                "app.n * app.x ~ 17.5",
                "app.n / 2 ~ 3",
                "app.n > app.x ~ yes",
                "app.n == 7.0 ~ yes",
                "2 + 0.5 ~ 2.5",
                "-app.n ~ -7",
                "`\"a\" + app.name` ~ aIlva",
                "app.name.startsWith('Il') ~ yes",
                "size(app.name) ~ 4",
                "app.yes ? 'a' : 'b' ~ a",
                "app.list[1] ~ 2",
                "app.list.exists(i, i > 2) ~ yes",
                "app.list.map(i, i * 2) ~ 2, 4, 6",
                "app.list.filter(i, i != 2).size() ~ 2",
                "app.list.all(i, app.list.exists(j, j == i)) ~ yes",
                "3 in app.list ~ yes",
                "isOpen(plan) ~ yes",
                "blank('  ') ~ yes",
                "isWhole(' +12 ') ~ yes",
                "isWhole('1.0') ~ no",
                "isNumber('.5') ~ yes",
                "isNumber('1e3') ~ no",
                "isDate('2026-02-30') ~ no",
                "whole(' 12 ') ~ 12",
                "number('2.50') ~ 2.5",
                "shown(2.0) ~ 2",
                "shown(1.25, 1) ~ 1.3",
                "shown(1000000.0 * 1000000.0) ~ 1000000000000",
                "shown(true) + shown(date('2026-01-02')) + shown('x') ~ yes2026-01-02x",
                "year(date('2026-11-23')) ~ 2026",
                "days(date('2026-11-23'), date('2026-12-01')) ~ 8",
                "date('2026-01-01') < date('2026-01-02') ~ yes",
                "fileName('/hut/list.CSV') ~ list.CSV",
                "fileExtension('/hut.d/list.CSV') ~ csv",
                "fileExtension('plain') ~ ``",
                "false && 1 / 0 == 1 ~ no",
                "1 / 0 == 1 || true ~ yes",
                "string(app.n) ~ 7",
                "app.name.matches('^I.*a$') ~ yes",
            })
    void v2_v3_expressions_have_these_values(String source, String shown) {
        var compiled = compile(source);
        assertThat(compiled.problems()).isEmpty();
        assertThat(compiled.evaluate(new Here()).shown()).isEqualTo(shown == null ? "" : shown);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1 / 0",
                "1 % 0",
                "9223372036854775807 + 1",
                "app.list[3]",
                "whole('x')",
                "number('')",
                "date('today')",
                "1.0 / 0.0",
                "1e308 * 10.0"
            })
    void x3_what_has_no_value_is_a_fault(String source) {
        assertThatThrownBy(() -> compile(source).evaluate(new Here()))
                .isInstanceOf(EvaluationFault.class)
                .message()
                .isNotBlank();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "app.nmae | “app.nmae” means nothing here; did you mean app.name? | 0",
                "app.name + 1 | a text and a whole cannot be added: use shown(…) to join texts, or number(…) to calculate | 9",
                "1 + nobody | “nobody” means nothing here; if a text is meant, write \"nobody\" | 4",
                "Not saved yet | this is not how an expression goes on; if a text is meant, write it in quotes: \"Not saved yet\" | 0",
                "app.n = 3 | this is not how an expression goes on; write == where two values are compared | 6",
                "app.yes and true | this is not how an expression goes on; write && for “and” | 8",
                "app.n <> 3 | this is not how an expression goes on; write != for “is not” | 6",
                "“a” | this is not how an expression goes on; write texts in straight quotes: \"…\" | 0",
                "zzz(app.name) | there is no function “zzz”; there are size, contains, startsWith, endsWith, indexOf, substring, replace, split, join, slice, sort, reverse, distinct, trim, lower, upper, matches, int, double, string, blank, isWhole, isNumber, isDate, whole, number, date, shown, year, days, fileName, fileExtension, isOpen, and all, exists, exists_one, map, filter and sortBy of lists | 3",
                "isnumber(app.name) | there is no function “isnumber”; did you mean isNumber? | 0",
                "app.name.blank() | “blank” stands before what it takes: blank(…) | 14",
                "blank(app.n) | “blank” cannot take a whole | 5",
                "app.yes && app.n | a yes or no is wanted here, and this is a whole | 11",
                "app.yes ? 1 : 'a' | both sides of a choice are of one type; they are a whole and a text | 14",
                "[1, 'a'] | a list holds values of one type; a text stands here beside a whole | 4",
                "app.list.map(1, 2) | map takes a name for the item and what is asked of it: list.map(item, …) | 12",
                "1e999 | the number is too large | 0",
                "-1e999 < 1.0 | the number is too large | 1",
                "app.name.matches('(') | “(” is no pattern: missing closing ) | 17",
                "app.n + | the expression breaks off here | 6",
                "isOpen(sheet) | “sheet” is no window of which there is one only | 7",
                "{1: 1} | a row is written with the names of its columns in quotes: {\"name\": …} | 1",
                "`'𝄞𝄞' + app.nam` | “app.nam” means nothing here; did you mean app.name? | 9",
            })
    void what_is_wrong_is_said_in_plain_words_at_its_place_in_utf_16(String source, String message, int from) {
        var problem = compile(source).problems().getFirst();
        assertThat(problem.message()).isEqualTo(message);
        assertThat(problem.from()).isEqualTo(from);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1 + 2 * 3",
                "7 / 2",
                "-7 / 2",
                "-7 % 3",
                "7.5 / 2.5",
                "'a' + 'b'",
                "'a' < 'b'",
                "[1, 2, 3].map(i, i + 1)",
                "[1, 2].exists_one(i, i == 2)",
                "'abc'.contains('b') && !false",
                "1 == 1 ? 'x' : 'y'",
                "size([1, 2]) + size('𝄞')",
                "[1, 2] + [3]",
                "'ab'.matches('b')",
                "int(2.9)",
                "double(3)",
                "2 in [1, 2]",
            })
    void our_evaluation_agrees_with_cels_own_runtime(String source)
            throws CelValidationException, CelEvaluationException {
        var compiler = CelCompilerFactory.standardCelCompilerBuilder()
                .setStandardMacros(CelStandardMacro.STANDARD_MACROS)
                .setOptions(CelOptions.current().build())
                .build();
        Object theirs = CelRuntimeFactory.standardCelRuntimeBuilder()
                .build()
                .createProgram(compiler.compile(source).getAst())
                .eval();
        assertThat(compile(source).evaluate(new Here())).isEqualTo(ours(theirs));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "[1, 2, 3, 4].slice(1, 3)",
                "['a'].slice(0, 0)",
                "[3, 1, 2].sort()",
                "['b', 'a', 'B'].sort()",
                "[2.5, -1.0].sort()",
                "[true, false].sort()",
                "[1, 2, 3].reverse()",
                "[1, 2, 1, 3, 2].distinct()",
                "['a', 'b', 'a'].distinct()",
                "['bb', 'a', 'ccc'].sortBy(t, size(t))",
                "[3, 1, 2].sortBy(n, -n)",
                "['ab', 'aa', 'b'].sortBy(t, t.contains('b'))",
            })
    void lists_are_cut_and_sorted_as_in_cels_own_library(String source)
            throws CelValidationException, CelEvaluationException {
        var compiler = CelCompilerFactory.standardCelCompilerBuilder()
                .setStandardMacros(CelStandardMacro.STANDARD_MACROS)
                .addLibraries(CelExtensions.lists())
                .setOptions(CelOptions.current().build())
                .build();
        Object theirs = CelRuntimeFactory.standardCelRuntimeBuilder()
                .addLibraries(CelExtensions.lists())
                .build()
                .createProgram(compiler.compile(source).getAst())
                .eval();
        assertThat(compile(source).evaluate(new Here())).isEqualTo(ours(theirs));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "[1, 2].slice(1, 3) | there is no part from 1 to 3 in a list of 2",
                "[1, 2].slice(-1, 1) | there is no part from -1 to 1 in a list of 2",
                "[1, 2].slice(2, 1) | there is no part from 2 to 1 in a list of 2",
                "[1].sortBy(n, 1 / (n - 1)) | division by zero"
            })
    void a_part_that_is_not_there_is_X3(String source, String why) {
        var compiled = compile(source);
        assertThat(compiled.problems()).isEmpty();
        assertThatThrownBy(() -> compiled.evaluate(new Here()))
                .isInstanceOf(EvaluationFault.class)
                .hasMessage(why);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "[[1], [2]].sort() | sort",
                "[1].sortBy(n, [n]) | a list is sorted by a text, a number, a date, or a yes or no, and this is a list of whole",
                "[1].slice(1) | slice",
                "'abc'.reverse() | reverse",
                "[1].sortBy(1, 2) | sortBy takes a name for the item"
            })
    void what_cannot_be_sorted_or_cut_is_said(String source, String what) {
        assertThat(compile(source).problems()).isNotEmpty().anyMatch(p -> p.message()
                .contains(what));
    }

    private static Value ours(Object value) {
        return switch (value) {
            case Long n -> new Value.Whole(n);
            case Double d -> new Value.Number(d);
            case Boolean b -> Value.of(b);
            case String s -> Value.of(s);
            case List<?> l -> new Value.Items(l.stream().map(i -> ours(i)).toList());
            default -> throw new AssertionError(value.getClass());
        };
    }
}

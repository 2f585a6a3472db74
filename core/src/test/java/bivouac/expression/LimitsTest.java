package bivouac.expression;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Expression;
import bivouac.design.Limits;
import bivouac.design.Type;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How large expressions and what they make may be: one limit each, said as such, and never a stack that overflows. */
class LimitsTest {

    private static final String MANY = "x".repeat(500_000);
    private static final Value.Items LONG = new Value.Items(java.util.Collections.nCopies(300_000, new Value.Whole(1)));

    private static final Scope<ExpressionsTest.Here> SCOPE = new Scope<>() {
        @Override
        public Optional<Binding<ExpressionsTest.Here>> find(String dotted) {
            return switch (dotted) {
                case "app.t" -> Optional.of(new Binding<>(Type.TEXT, h -> Value.of(MANY), false));
                case "app.l" -> Optional.of(new Binding<>(new Type.ListOf(Type.WHOLE), h -> LONG, false));
                default -> Optional.empty();
            };
        }

        @Override
        public Optional<Binding<ExpressionsTest.Here>> isOpen(String window) {
            return Optional.empty();
        }

        @Override
        public Collection<String> names() {
            return List.of("app.t", "app.l");
        }
    };

    private static Compiled<ExpressionsTest.Here> compile(String source) {
        return Expressions.compile(new Expression(source), SCOPE);
    }

    private static String wrong(String source) {
        return compile(source).problems().getFirst().message();
    }

    private static Value value(String source) {
        var compiled = compile(source);
        assertThat(compiled.problems())
                .as(source.substring(0, Math.min(60, source.length())))
                .isEmpty();
        return compiled.evaluate(new ExpressionsTest.Here());
    }

    @Test
    void what_is_within_the_limits_has_its_value() {
        assertThat(value("1" + " + 1".repeat(Limits.MOST_SIGNS))).isEqualTo(new Value.Whole(Limits.MOST_SIGNS + 1));
        assertThat(value("(".repeat(Limits.DEEPEST_EXPRESSION) + "1" + ")".repeat(Limits.DEEPEST_EXPRESSION)))
                .isEqualTo(new Value.Whole(1));
        assertThat(value("true ? 1 : ".repeat(Limits.DEEPEST_EXPRESSION) + "2")).isEqualTo(new Value.Whole(1));
        assertThat(value("!".repeat(Limits.MOST_SIGNS) + "true")).isEqualTo(Value.YES);
        assertThat(value("size([" + "1, ".repeat(4_000) + "1])")).isEqualTo(new Value.Whole(4_001));
        assertThat(value("size(\"" + "(?:+".repeat(1_000) + "\")")).isEqualTo(new Value.Whole(4_000));
    }

    @Test
    void each_limit_is_said_as_such() {
        assertThat(wrong("1" + " + 1".repeat(Limits.MOST_SIGNS + 1))).contains("more than 500 signs");
        assertThat(wrong("-".repeat(3_000) + "1")).contains("more than 500 signs");
        assertThat(wrong("(".repeat(5_000) + "1" + ")".repeat(5_000))).contains("more than 50 deep");
        assertThat(wrong("[".repeat(5_000) + "1" + "]".repeat(5_000))).contains("more than 50 deep");
        assertThat(wrong("true ? 1 : ".repeat(1_000) + "2")).contains("more than 50 deep");
        assertThat(wrong("app" + ".a".repeat(2_000))).contains("more than 20 words");
        assertThat(wrong("size(" + "1, ".repeat(10_000) + "1)")).contains("longer than 20000 characters");
        assertThat(wrong("app.t.matches('" + "(".repeat(1_000) + ")".repeat(1_000) + "')"))
                .contains("more than 50 deep");
        assertThat(wrong("app.t.matches('((a{1000}){1000}){1000}')")).contains("larger than 10000 pieces");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "'((((((((((a{2}){2}){2}){2}){2}){2}){2}){2}){2}){2}){3}'",
                "'[[:alpha:]]{900}'",
                "'a{,5}|\\\\{9}x{'"
            })
    void patterns_within_the_limit_are_looked_for(String pattern) {
        assertThat(value("'aaa'.matches(" + pattern + ")")).isInstanceOf(Value.YesNo.class);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "app.t + app.t + app.t",
                "app.l + app.l + app.l + app.l + app.l + app.l + app.l + app.l",
                "app.l.map(a, app.l.map(b, app.l.map(c, a + b + c)))",
                "app.l.all(a, app.l.all(b, a == b))",
                "app.t.matches('(x|y){500}z')",
                "[app.l, app.l, app.l, app.l].map(a, [a, a, a, a])",
            })
    void X6_what_takes_too_much_work_is_given_up(String source) {
        var compiled = compile(source);
        assertThat(compiled.problems()).isEmpty();
        assertThat(compiled.mayFault()).isTrue();
        assertThatThrownBy(() -> compiled.evaluate(new ExpressionsTest.Here())).isInstanceOf(TooMuchWork.class);
    }

    @Test
    void X6_a_text_in_pieces_grows_no_longer_than_a_text_may() {
        var template = TextTemplate.compile("{app.t}{app.t}{app.t}", SCOPE);
        assertThatThrownBy(() -> template.text(new ExpressionsTest.Here())).isInstanceOf(TooMuchWork.class);
        assertThat(TextTemplate.compile("{app.t}{app.t}", SCOPE).text(new ExpressionsTest.Here()))
                .hasSize(1_000_000);
    }

    @Test
    void X6_work_is_not_forgotten_by_and_and_or() {
        var compiled = compile("true || app.l.all(a, app.l.all(b, a == b))");
        assertThat(compiled.evaluate(new ExpressionsTest.Here())).isEqualTo(Value.YES);
        var other = compile("app.l.all(a, app.l.all(b, a == b)) || true");
        assertThatThrownBy(() -> other.evaluate(new ExpressionsTest.Here())).isInstanceOf(TooMuchWork.class);
    }

    @Test
    void a_value_that_shares_what_it_holds_is_hashed_and_weighed_at_once() {
        Value value = new Value.Items(List.of(Value.YES));
        for (int i = 0; i < 200; i++) {
            value = new Value.Items(List.of(value, value));
        }
        assertThat(value.hashCode()).isEqualTo(value.hashCode());
        assertThat(value.weight()).isGreaterThan(Budget.OF_AN_EVENT);
    }
}

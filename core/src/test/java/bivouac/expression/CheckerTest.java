package bivouac.expression;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Expression;
import bivouac.design.Type;
import bivouac.testkit.Rounds;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What our checker understands, held against CEL's own on thousands of random expressions. */
class CheckerTest {

    private static final Map<String, Type> TYPES = new TreeMap<>(Map.of(
            "app.n", Type.WHOLE,
            "app.x", Type.NUMBER,
            "app.t", Type.TEXT,
            "app.f", Type.Plain.FILE,
            "app.y", Type.YESNO,
            "app.d", Type.DATE,
            "app.l", new Type.ListOf(Type.WHOLE),
            "app.s", new Type.ListOf(Type.TEXT),
            "app.c", new Type.ChoiceOf(List.of("a", "b"))));

    private static final Type GUEST =
            new Type.RowOf(List.of(new Type.Column("name", Type.TEXT), new Type.Column("nights", Type.WHOLE)));

    private static final Scope<ExpressionsTest.Here> SCOPE = new Scope<>() {
        @Override
        public Optional<Binding<ExpressionsTest.Here>> find(String dotted) {
            Type type =
                    switch (dotted) {
                        case "me.guest" -> GUEST;
                        case "me.guests" -> new Type.ListOf(GUEST);
                        default -> TYPES.get(dotted);
                    };
            return Optional.ofNullable(type).map(t -> new Binding<>(t, h -> Value.NONE, false));
        }

        @Override
        public Optional<Binding<ExpressionsTest.Here>> isOpen(String window) {
            return Optional.empty();
        }

        @Override
        public Collection<String> names() {
            return TYPES.keySet();
        }
    };

    private static Compiled<ExpressionsTest.Here> compile(String source) {
        return Expressions.compile(new Expression(source), SCOPE);
    }

    /** An expression that is often right and often not: pieces of a wanted type, now and then of another. */
    private record Sources(RandomGenerator random) {
        String any(int deep) {
            return of(
                    TYPES.values().stream()
                            .skip(random.nextInt(TYPES.size()))
                            .findFirst()
                            .orElseThrow(),
                    deep);
        }

        String of(Type type, int deep) {
            if (random.nextInt(12) == 0) {
                return any(Math.max(0, deep - 1));
            }
            if (deep == 0) {
                return leaf(type);
            }
            return switch (Types.plain(type)) {
                case Type.ListOf(Type of) ->
                    pick(
                            "[" + of(of, deep - 1) + ", " + of(of, deep - 1) + "]",
                            list(of, deep) + " + " + list(of, deep),
                            list(of, deep) + ".filter(i, " + of(Type.YESNO, deep - 1) + ")",
                            list(of, deep) + ".map(i, " + of(of, deep - 1) + ")");
                case Type t
                when t == Type.WHOLE ->
                    pick(
                            two(t, deep, pick("+", "-", "*", "/", "%")),
                            "size(" + of(Type.TEXT, deep - 1) + ")",
                            "whole(" + of(Type.TEXT, deep - 1) + ")",
                            list(t, deep) + "[" + of(t, deep - 1) + "]",
                            "-" + "(" + of(t, deep - 1) + ")",
                            choice(t, deep));
                case Type t
                when t == Type.NUMBER ->
                    pick(
                            two(t, deep, pick("+", "-", "*", "/")),
                            "(" + of(Type.WHOLE, deep - 1) + " * " + of(t, deep - 1) + ")",
                            "number(" + of(Type.TEXT, deep - 1) + ")");
                case Type t
                when t == Type.TEXT ->
                    pick(
                            two(t, deep, "+"),
                            "shown(" + any(deep - 1) + ")",
                            "string(" + any(deep - 1) + ")",
                            "fileName(" + of(t, deep - 1) + ")",
                            choice(t, deep));
                case Type t
                when t == Type.YESNO ->
                    pick(
                            two(t, deep, pick("&&", "||")),
                            "!(" + of(t, deep - 1) + ")",
                            two(
                                    pick(Type.WHOLE, Type.NUMBER, Type.TEXT, Type.DATE),
                                    deep,
                                    pick("<", "<=", "==", "!=", ">", ">=")),
                            "(" + of(Type.WHOLE, deep - 1) + " < " + of(Type.NUMBER, deep - 1) + ")",
                            "(" + of(Type.TEXT, deep - 1) + " in " + list(Type.TEXT, deep) + ")",
                            of(Type.TEXT, 0) + ".startsWith(" + of(Type.TEXT, deep - 1) + ")",
                            list(Type.WHOLE, deep) + ".exists(i, i > " + of(Type.WHOLE, deep - 1) + ")");
                default -> leaf(type);
            };
        }

        private String list(Type of, int deep) {
            return "(" + of(new Type.ListOf(of), deep - 1) + ")";
        }

        private String two(Type type, int deep, String sign) {
            return "(" + of(type, deep - 1) + " " + sign + " " + of(type, deep - 1) + ")";
        }

        private String choice(Type type, int deep) {
            return "(" + of(Type.YESNO, deep - 1) + " ? " + of(type, deep - 1) + " : " + of(type, deep - 1) + ")";
        }

        private String leaf(Type type) {
            return switch (Types.plain(type)) {
                case Type.ListOf(Type of) -> of.equals(Type.TEXT) ? pick("app.s", "['a']") : pick("app.l", "[1, 2]");
                case Type t when t == Type.WHOLE -> pick("app.n", "3");
                case Type t when t == Type.NUMBER -> pick("app.x", "2.5");
                case Type t when t == Type.YESNO -> pick("app.y", "true");
                case Type t when t == Type.DATE -> "app.d";
                default -> pick("app.t", "app.f", "app.c", "'a'");
            };
        }

        @SafeVarargs
        private <T> T pick(T... from) {
            return from[random.nextInt(from.length)];
        }
    }

    @Test
    void it_agrees_with_cels_own_checker() {
        var sources = new Sources(RandomGeneratorFactory.of("L64X128MixRandom").create(7));
        var oracle = new CelOracle(TYPES);
        int right = 0;
        int rounds = Rounds.of(3_000);
        for (int i = 0; i < rounds; i++) {
            String source = sources.any(3);
            var theirs = oracle.type(source);
            var ours = compile(source);
            if (!mixes(ours, theirs)) {
                assertThat(ours.isRight()).as("%s: %s", source, ours.problems()).isEqualTo(theirs.isPresent());
            }
            if (theirs.isPresent() && ours.isRight() && !theirs.get().toString().contains("DYN")) {
                assertThat(CelOracle.toCel(ours.type().orElseThrow()))
                        .as(source)
                        .isEqualTo(theirs.get());
                right++;
            }
        }
        assertThat(right).isBetween(rounds / 6, rounds * 5 / 6);
    }

    /**
     * Where the two differ on purpose: where a whole meets a number in a list or a choice, ours sees numbers, and CEL
     * nothing (V3); a list of different types is one of anything to CEL, and wrong to us (V1).
     */
    private static boolean mixes(Compiled<?> ours, Optional<?> theirs) {
        return ours.isRight() && theirs.isEmpty()
                || ours.problems().stream().anyMatch(p -> p.message().startsWith("a list holds values of one type"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "me.guest.nights + 1 | whole",
                "me.guest[\"name\"] | text",
                "me.guests[0].nights * 2.5 | number",
                "me.guests.map(g, g.name) | list of text",
                "me.guests.filter(g, g.nights > 2) | list of row of (name: text, nights: whole)",
                "[] | list of anything",
                "[[], [1]] | list of list of whole",
                "[1, 2.5] | list of number",
                "app.y ? 1 : 2.5 | number",
                "app.l + [] | list of whole",
            })
    void rows_and_empty_lists_have_their_types(String source, String type) {
        assertThat(compile(source).problems()).isEmpty();
        assertThat(compile(source).type().orElseThrow()).hasToString(type);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "me.guest.nigths | the row has no column “nigths”; it has name, nights",
                "app.t.length | “length” means nothing of a text",
                "me.guest + 1 | “+” does not go with a row of (name: text, nights: whole) and a whole",
                "app.l['a'] | a list of whole has no item at a text",
                "null | null is no value of a design",
                "app.t.map(i, i) | map goes through a list, and this is a text",
            })
    void what_is_wrong_with_them_is_said(String source, String message) {
        assertThat(compile(source).problems()).extracting(Problem::message).containsExactly(message);
    }

    @Test
    void an_empty_list_fits_any_list_and_a_row_one_with_the_same_columns() {
        Type empty = new Type.ListOf(new Type.Unknown());
        assertThat(Expressions.fits(empty, new Type.ListOf(Type.WHOLE))).isTrue();
        assertThat(Expressions.fits(empty, Type.WHOLE)).isFalse();
        Type turned =
                new Type.RowOf(List.of(new Type.Column("nights", Type.WHOLE), new Type.Column("name", Type.TEXT)));
        assertThat(Expressions.fits(turned, GUEST)).isTrue();
        assertThat(Expressions.fits(new Type.RowOf(List.of(new Type.Column("name", Type.TEXT))), GUEST))
                .isFalse();
    }

    @Test
    void values_become_what_their_place_wants_in_lists_and_rows_too() {
        var list = compile("[1, 2]").evaluate(new ExpressionsTest.Here());
        assertThat(list.as(new Type.ListOf(Type.NUMBER)))
                .isEqualTo(new Value.Items(List.of(new Value.Number(1), new Value.Number(2))));
        Value row = new Value.Row(Map.of("nights", new Value.Whole(2)));
        Type wanted = new Type.RowOf(List.of(new Type.Column("nights", Type.NUMBER)));
        assertThat(row.as(wanted)).isEqualTo(new Value.Row(Map.of("nights", new Value.Number(2))));
    }
}

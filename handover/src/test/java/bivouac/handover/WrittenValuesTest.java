package bivouac.handover;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Part;
import bivouac.design.Type;
import bivouac.design.Walkthrough;
import bivouac.handover.proof.Proof;
import bivouac.machine.Play;
import bivouac.machine.Sighting;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import bivouac.testkit.Rounds;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What expressions give in a written program is what they give in the rehearsal: hundreds of them, put together at random. */
class WrittenValuesTest {

    private static final int EXPRESSIONS = Integer.getInteger("values", 150);

    /** Expressions by what they give, one in another. */
    private record Made(RandomGenerator random) {

        private String one(String... of) {
            return of[random.nextInt(of.length)];
        }

        String text(int deep) {
            if (deep == 0) {
                return one(
                        "''",
                        "'a'",
                        "'Häuschen'",
                        "'a-b-a'",
                        "' x '",
                        "'12'",
                        "'3.50'",
                        "'🛖x'",
                        "'A/b.TAR.gz'",
                        "app.word");
            }
            int less = deep - 1;
            return switch (random.nextInt(14)) {
                case 12 ->
                    "[" + text(less) + ", " + text(0) + ", 'a']"
                            + one(".sort()", ".reverse()", ".distinct()", ".slice(0, 2)", ".sortBy(t, size(t))")
                            + ".join('/')";
                case 13 ->
                    "shown([" + whole(less) + ", 3, 7, " + whole(0) + "]"
                            + one(".sort()", ".distinct()", ".sortBy(n, 0 - n)", ".reverse()") + "[1])";
                case 0 -> "(" + text(less) + " + " + text(less) + ")";
                case 1 -> text(less) + one(".upper()", ".lower()", ".trim()");
                case 2 -> text(less) + ".replace(" + text(0) + ", " + text(0) + ")";
                case 3 -> text(less) + ".substring(" + one("0", "1", "2") + ")";
                case 4 -> text(less) + ".split(" + one("'-'", "'a'", "''") + ").join('+')";
                case 5 -> "shown(" + whole(less) + ")";
                case 6 -> "shown(" + number(less) + ")";
                case 7 -> "shown(" + number(less) + ", " + one("0", "1", "3") + ")";
                case 8 -> "shown(" + yes(less) + ")";
                case 9 -> "shown(" + date() + ")";
                case 10 -> one("fileName(", "fileExtension(") + text(less) + ")";
                default -> "(" + yes(less) + " ? " + text(less) + " : " + text(less) + ")";
            };
        }

        String whole(int deep) {
            if (deep == 0) {
                return one("0", "1", "-3", "7", "20", "app.n", "9223372036854775807");
            }
            int less = deep - 1;
            return switch (random.nextInt(8)) {
                case 0 -> "size(" + text(less) + ")";
                case 1 -> text(less) + ".indexOf(" + text(0) + ")";
                case 2 -> "whole(" + text(less) + ")";
                case 3 -> "year(" + date() + ")";
                case 4 -> "days(" + date() + ", " + date() + ")";
                case 5 -> "int(" + number(less) + ")";
                case 6 -> "-" + whole(0).replace("-", "");
                default -> "(" + whole(less) + one(" + ", " - ", " * ", " / ", " % ") + whole(less) + ")";
            };
        }

        String number(int deep) {
            if (deep == 0) {
                return one("0.0", "0.5", "-2.25", "1250.0", "0.1", "app.rate");
            }
            int less = deep - 1;
            return switch (random.nextInt(5)) {
                case 0 -> "number(" + text(less) + ")";
                case 1 -> "double(" + whole(less) + ")";
                default -> "(" + number(less) + one(" + ", " - ", " * ", " / ") + number(less) + ")";
            };
        }

        String date() {
            return one("app.today", "date('2026-02-28')", "date('2024-02-29')", "date('1999-12-31')");
        }

        String yes(int deep) {
            if (deep == 0) {
                return one("true", "false", "app.on");
            }
            int less = deep - 1;
            String compared = one(" == ", " != ", " < ", " <= ", " > ", " >= ");
            return switch (random.nextInt(12)) {
                case 0 -> "(" + text(less) + compared + text(less) + ")";
                case 1 -> "(" + whole(less) + compared + whole(less) + ")";
                case 2 -> "(" + number(less) + compared + number(less) + ")";
                case 3 -> "(" + date() + compared + date() + ")";
                case 4 -> "(" + yes(less) + one(" && ", " || ", " == ", " != ") + yes(less) + ")";
                case 5 -> "!" + yes(0);
                case 6 -> text(less) + one(".contains(", ".startsWith(", ".endsWith(") + text(0) + ")";
                case 7 -> one("blank(", "isWhole(", "isNumber(", "isDate(") + text(less) + ")";
                case 8 -> "(" + whole(less) + " in [1, 7, " + whole(0) + "])";
                case 9 ->
                    "[" + whole(less) + ", 2]" + one(".all(x, x > ", ".exists(x, x > ", ".exists_one(x, x > ")
                            + whole(0) + ")";
                case 10 -> "(" + text(less) + " in " + text(0) + ".split('-'))";
                default -> text(0) + ".matches(" + one("'a'", "'^a'", "'[0-9]+'", "'b$'") + ")";
            };
        }

        String any() {
            int deep = 1 + random.nextInt(3);
            return switch (random.nextInt(4)) {
                case 0 -> text(deep);
                case 1 -> "shown(" + whole(deep) + ")";
                case 2 -> "shown(" + number(deep) + ")";
                default -> "shown(" + yes(deep) + ")";
            };
        }
    }

    /** A window with a button for each expression, which notes what it gives, and a walkthrough that presses them all. */
    private static Design design(List<String> expressions) {
        Part[] buttons = IntStream.range(0, expressions.size())
                .mapToObj(i -> button("b" + i, note("{" + expressions.get(i) + "}")))
                .toArray(Part[]::new);
        Design design = withMain(main("Desk", buttons))
                .variable("n", Type.WHOLE, "5")
                .variable("rate", Type.NUMBER, "1.5")
                .variable("on", Type.YESNO, "true")
                .variable("word", Type.TEXT, "'hut'")
                .design();
        List<String> trail = IntStream.range(0, expressions.size())
                .mapToObj(i -> "press \"b" + i + "\" of \"Desk\"")
                .toList();
        return new Design(
                design.application(), design.windows(), List.of(new Walkthrough("all of them", Play.TODAY, trail)));
    }

    /** Those that give a value: a fault would end the walkthrough. */
    private static List<String> givingValues(List<String> all) {
        Program program = Program.of(design(all));
        Rehearsal begun = Rehearsal.start(program, Play.TODAY);
        var events = begun.possible().stream()
                .filter(e -> e instanceof bivouac.machine.Event.Press)
                .toList();
        assertThat(events).hasSameSizeAs(all);
        var kept = new ArrayList<String>();
        for (int i = 0; i < all.size(); i++) {
            boolean faults =
                    begun.act(events.get(i)).present().seen().stream().anyMatch(Sighting.Faulted.class::isInstance);
            if (!faults) {
                kept.add(all.get(i));
            }
        }
        return kept;
    }

    @TempDir
    Path folder;

    @ParameterizedTest
    @EnumSource
    void they_are_those_of_the_rehearsal(Toolkit toolkit) throws Exception {
        var made = new Made(RandomGeneratorFactory.of("L64X128MixRandom").create(Rounds.seed("values.seed")));
        List<String> all =
                IntStream.range(0, EXPRESSIONS).mapToObj(i -> made.any()).toList();
        List<String> expressions = givingValues(all);
        assertThat(expressions).hasSizeGreaterThan(EXPRESSIONS / 2);
        List<Proof.Outcome> outcomes = Projects.proven(design(expressions), toolkit, folder);
        assertThat(outcomes).singleElement().satisfies(o -> {
            assertThat(o.difference()).isEmpty();
            assertThat(o.events()).isEqualTo(expressions.size());
        });
    }
}

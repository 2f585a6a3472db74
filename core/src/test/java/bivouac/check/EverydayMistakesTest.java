package bivouac.check;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.testkit.Slip;
import bivouac.testkit.TypedDesign;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Mistakes that people make in designs of every day, written down before anything was looked for: six for each design. They are
 * found, or cannot be typed at all; those that are not are named here, and none of them is about closing, ending, removing or
 * losing work.
 */
class EverydayMistakesTest {

    private static final Set<Finding.Kind> SAYS_LITTLE = Set.of(Finding.Kind.NEVER_OPENED, Finding.Kind.UNUSED);

    /** What nothing finds, and why not. */
    private static final List<String> NOT_FOUND = List.of(
            // that a text may not be empty is known to whoever designs it
            "apiary, values: a hive without a name",
            "bookbinder, values: no title",
            "ferry-crew, values: no name",
            "stable, values: a horse without a name",
            "watchtower, values: no name",
            // nothing says which work a holding is for
            "quarry, holding: given back before the work");

    record Made(String design, String right, Slip slip) {
        @Override
        public String toString() {
            return design + ", " + slip.kind().name().toLowerCase(java.util.Locale.ROOT) + ": " + slip.what();
        }
    }

    static Stream<Made> mistakes() throws Exception {
        return EverydayDesignsTest.designs().flatMap(EverydayMistakesTest::of);
    }

    private static Stream<Made> of(Path file) {
        Slip.Sheet sheet = EverydayDesignsTest.sheet(file);
        return sheet.slips().stream().map(slip -> new Made(EverydayDesignsTest.name(file), sheet.right(), slip));
    }

    /** What is found in it; empty where the line is not taken while it is typed. */
    private static Optional<List<String>> said(Made made) {
        String text = made.slip().in(made.right());
        Design design;
        try {
            design = TypedDesign.read(made.design(), text);
        } catch (TypedDesign.NotTaken notTaken) {
            return Optional.empty();
        }
        // that nothing opens a box any more would not be so where another step opens it too
        return Optional.of(EverydayDesignsTest.found(design).stream()
                .filter(f -> !made.slip().kind().isGrave() || !SAYS_LITTLE.contains(f.kind()))
                .map(Finding::what)
                .toList());
    }

    @ParameterizedTest
    @MethodSource("mistakes")
    void it_is_found_or_not_taken(Made made) {
        Optional<List<String>> said = said(made);
        boolean isSeen = said.isEmpty() || !said.get().isEmpty();
        assertThat(isSeen).isEqualTo(!NOT_FOUND.contains(made.toString()));
    }

    private static String told(Made made) {
        try {
            return said(made)
                    .map(all -> all.isEmpty() ? "NOT FOUND" : all.getFirst())
                    .orElse("not taken while typed");
        } catch (RuntimeException noSuchLine) {
            return "CANNOT BE MADE: " + noSuchLine;
        }
    }

    @Test
    void what_slips_through_is_little_and_never_grave() throws Exception {
        List<Made> all = mistakes().toList();
        List<Made> missed =
                all.stream().filter(m -> NOT_FOUND.contains(m.toString())).toList();
        assertThat(missed)
                .hasSameSizeAs(NOT_FOUND)
                .noneMatch(m -> m.slip().kind().isGrave());
        assertThat(all).hasSizeGreaterThanOrEqualTo(240).hasSizeGreaterThan(20 * missed.size());
    }

    /** Prints what became of each, for docs/mistakes.md. */
    public static void main(String[] none) throws Exception {
        var lines = new ArrayList<String>();
        mistakes().forEach(made -> lines.add(made + "\t" + told(made)));
        lines.forEach(System.out::println);
    }
}

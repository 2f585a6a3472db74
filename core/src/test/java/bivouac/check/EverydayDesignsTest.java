package bivouac.check;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.known.Beside;
import bivouac.design.Design;
import bivouac.explore.Exploration;
import bivouac.explore.Explored;
import bivouac.explore.Limits;
import bivouac.explore.Progress;
import bivouac.explore.Question;
import bivouac.machine.Play;
import bivouac.plan.Program;
import bivouac.testkit.Slip;
import bivouac.testkit.TypedDesign;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Designs of every day, typed as people type them: on a right one nothing is found, as written and explored. */
class EverydayDesignsTest {

    private static final Path FOLDER = Path.of("src/test/resources/everyday");

    static Stream<Path> designs() throws Exception {
        try (Stream<Path> all = Files.list(FOLDER)) {
            return all.sorted().toList().stream();
        }
    }

    /** All of them. */
    static Stream<Design> read() throws Exception {
        return designs().map(EverydayDesignsTest::read);
    }

    static String name(Path file) {
        return file.getFileName().toString().replace(".txt", "");
    }

    static Design read(Path file) {
        return TypedDesign.read(name(file), sheet(file).right());
    }

    static Slip.Sheet sheet(Path file) {
        try {
            return Slip.read(Files.readString(file));
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** What is found, as written and in the situations, within a bound that all of these are met in. */
    static List<Finding> found(Design design) {
        Program program = Program.of(design);
        Explored explored =
                Exploration.of(new Question(program, Play.TODAY), Limits.usual().withSteps(40_000), Progress.NONE);
        return Findings.checked(program, Beside.UNKNOWN, explored).open();
    }

    @ParameterizedTest
    @MethodSource("designs")
    void nothing_is_found_in_a_right_design(Path file) {
        assertThat(found(read(file))).extracting(Finding::what).isEmpty();
    }
}

package bivouac.format;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.design.Design;
import bivouac.design.Walkthrough;
import bivouac.plan.Program;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.TrailFile;
import bivouac.rehearsal.Walk;
import bivouac.testkit.Damage;
import bivouac.testkit.RandomDesigns;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;

/**
 * Damaged files: each is read, or refused with a sentence; what is read is a design like any other. Short and the same
 * each time in {@code ./verify}; {@code -Dfuzz.rounds} and {@code -Dfuzz.seed} make it long (README).
 */
class FuzzTest {

    private static final int ROUNDS = Integer.getInteger("fuzz.rounds", 4_000);
    private static final long SEED = Long.getLong("fuzz.seed", 1L);

    /** Playing takes longer than reading, so not each design that could be read is played. */
    private static final int PLAYED_OF = 8;

    private final RandomGenerator random =
            RandomGeneratorFactory.of("L64X128MixRandom").create(SEED);

    @Test
    void a_damaged_design_is_read_or_refused_with_a_sentence() throws Exception {
        List<byte[]> whole = designs();
        int read = 0;
        for (int i = 0; i < ROUNDS; i++) {
            byte[] harmed = Damage.of(any(whole), any(whole), random);
            try {
                Optional<Design> design = reading(harmed);
                read += design.isPresent() ? 1 : 0;
                if (design.isPresent() && read % PLAYED_OF == 0) {
                    staysADesign(design.get());
                }
                if (i % 50 == 0) {
                    Salvage.of(new String(harmed, StandardCharsets.UTF_8)).ifPresent(FuzzTest::staysADesign);
                }
            } catch (Throwable failure) {
                throw new AssertionError("round " + i + " of seed " + SEED + ": " + kept(harmed), failure);
            }
        }
        System.out.printf("%,d damaged designs: %,d read, the others refused%n", ROUNDS, read);
        // harm that always ruins a file, or never, would show nothing
        assertThat(read).isBetween(ROUNDS / 50, ROUNDS * 9 / 10);
    }

    @Test
    void a_damaged_trail_is_read_or_refused_with_the_line() throws Exception {
        List<byte[]> whole = trails();
        int read = 0;
        for (int i = 0; i < ROUNDS; i++) {
            byte[] harmed = Damage.of(any(whole), any(whole), random);
            String text = new String(harmed, StandardCharsets.UTF_8);
            try {
                List<NamedEvent> events = TrailFile.read(text);
                assertThat(TrailFile.read(TrailFile.write(events))).isEqualTo(events);
                read++;
            } catch (TrailFile.Wrong refused) {
                assertThat(refused.getMessage()).startsWith("Line ").endsWith(".");
            } catch (Throwable failure) {
                throw new AssertionError("round " + i + " of seed " + SEED + ": " + kept(harmed), failure);
            }
        }
        System.out.printf("%,d damaged trails: %,d read, the others refused%n", ROUNDS, read);
        assertThat(read).isBetween(ROUNDS / 50, ROUNDS * 9 / 10);
    }

    private static Optional<Design> reading(byte[] harmed) {
        try {
            return Optional.of(DesignFormat.read(harmed));
        } catch (Unreadable refused) {
            assertThat(refused.getMessage()).endsWith(".").hasSizeLessThan(2_000);
            return Optional.empty();
        }
    }

    /** It is written and read back the same, it is checked, and its walkthroughs are played. */
    private static void staysADesign(Design design) {
        Optional<String> refused = new Savable().why(design);
        if (refused.isEmpty()) {
            assertThat(reading(DesignFormat.write(design).getBytes(StandardCharsets.UTF_8)))
                    .contains(design);
        }
        Program program = Program.of(design);
        Findings.of(program).forEach(f -> assertThat(f.what()).isNotBlank());
        for (Walkthrough walkthrough : design.walkthroughs()) {
            Walk.play(program, walkthrough).broken().ifPresent(b -> assertThat(b.sentence())
                    .isNotBlank());
        }
    }

    private List<byte[]> designs() throws IOException {
        var designs = new ArrayList<byte[]>();
        for (Path example : examples()) {
            designs.add(Files.readAllBytes(example));
        }
        for (int i = 0; i < 20; i++) {
            designs.add(DesignFormat.write(new RandomDesigns(random).design()).getBytes(StandardCharsets.UTF_8));
        }
        return designs;
    }

    private static List<Path> examples() throws IOException {
        try (var files = Files.list(Path.of("..", "examples"))) {
            return files.filter(f -> f.toString().endsWith(DesignFile.EXTENSION))
                    .sorted()
                    .toList();
        }
    }

    private static List<byte[]> trails() throws Exception {
        var trails = new ArrayList<byte[]>();
        for (Path example : examples()) {
            for (Walkthrough w : DesignFile.read(example).walkthroughs()) {
                trails.add(TrailFile.write(Walk.events(w)).getBytes(StandardCharsets.UTF_8));
            }
        }
        return trails;
    }

    private byte[] any(List<byte[]> of) {
        return of.get(random.nextInt(of.size()));
    }

    private static Path kept(byte[] harmed) {
        try {
            return Files.write(Path.of("target", "fuzz-failure"), harmed);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }
}

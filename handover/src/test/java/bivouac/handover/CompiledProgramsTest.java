package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.handover.proof.Proof;
import bivouac.testkit.Rounds;
import bivouac.testkit.SmallDesigns;
import bivouac.testkit.WideDesigns;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Random designs, other ones than those that are driven, written for each toolkit and compiled with warnings as
 * errors. More, by hand: {@code -Dcompiled=1000 -Dcompiled.seed=5}.
 */
class CompiledProgramsTest {

    @TempDir
    Path folder;

    @ParameterizedTest
    @EnumSource
    void they_compile_without_a_warning(Toolkit toolkit) throws Exception {
        RandomGenerator random =
                RandomGeneratorFactory.of("L64X128MixRandom").create(Rounds.seed("compiled.seed") + toolkit.ordinal());
        int programs = Integer.getInteger("compiled", 10);
        var wrong = new ArrayList<String>();
        int written = 0;
        for (int i = 0; i < programs; i++) {
            Design design = (i % 3 == 0 ? new SmallDesigns(random) : new WideDesigns(random)).design();
            try {
                Path program = Projects.write(design, toolkit, folder.resolve("p" + i));
                Optional<String> said = Proof.of(toolkit, program).compile();
                int number = i;
                said.ifPresent(s -> wrong.add("program " + number + ": " + s));
                written++;
            } catch (NotHandedOver said) {
                assertThat(said.getMessage()).as("a sentence").endsWith(".");
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(written).isGreaterThan(programs / 4);
    }
}

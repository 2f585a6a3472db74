package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Walkthrough;
import bivouac.handover.proof.Proof;
import bivouac.plan.Program;
import bivouac.rehearsal.Walk;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every rule that a written program has to obey is met by a trail that is driven on its real windows. */
class ConformanceTest {

    @TempDir
    Path folder;

    static Stream<Arguments> cases() {
        return Stream.of(Toolkit.values())
                .flatMap(t -> Conformance.all().stream().map(c -> Arguments.of(t, c)));
    }

    @ParameterizedTest
    @MethodSource("cases")
    void the_program_does_what_is_rehearsed(Toolkit toolkit, Conformance.Case one) throws Exception {
        Program program = Program.of(one.walked());
        for (Walkthrough walk : one.walked().walkthroughs()) {
            assertThat(Walk.play(program, walk).broken().filter(b -> !b.seen().contains("fault")))
                    .as("rehearsed")
                    .isEmpty();
        }
        List<Proof.Outcome> outcomes = Projects.proven(one.walked(), toolkit, folder);
        assertThat(outcomes)
                .hasSameSizeAs(one.trails())
                .allSatisfy(o -> assertThat(o.difference()).as(o.name()).isEmpty());
    }

    /** The ids as docs/semantics.md gives them, in bold before each rule. */
    private static final Pattern RULE = Pattern.compile("\\*\\*([A-Z][0-9]+)\\*\\*");

    @Test
    void no_rule_is_left_out() throws Exception {
        String rules = Files.readString(Path.of("../docs/semantics.md"));
        var told = new TreeSet<String>();
        RULE.matcher(rules.substring(0, rules.indexOf("## What was settled")))
                .results()
                .forEach(r -> told.add(r.group(1)));
        var met = new TreeSet<String>();
        Conformance.all().forEach(c -> met.addAll(c.rules()));
        assertThat(told).hasSizeGreaterThan(60);
        assertThat(met).containsAll(told);
    }
}

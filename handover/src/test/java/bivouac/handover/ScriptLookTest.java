package bivouac.handover;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.plan.Program;
import bivouac.testkit.WideDesigns;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The look at one script reads as the script does in the program, name by name. */
class ScriptLookTest {

    /** Without line ends, which depend on how far it stands in, and the numbers of texts, which count them in all scripts. */
    private static String bare(String text) {
        return text.replaceAll("\\s+", "").replace(",)", ")").replaceAll("(\"[\\w.]*?)\\d*\"", "$1\"");
    }

    /** Places whose look is not in the program as it reads. */
    private static List<String> otherwise(Design design, Toolkit toolkit) {
        Program program = Program.of(design);
        String written = Handover.write(design, toolkit).stream()
                .filter(f -> f.path().endsWith(toolkit.sourceEnd()))
                .map(f -> bare(f.text()))
                .collect(Collectors.joining("\n"));
        var wrong = new ArrayList<String>();
        design.scripts().forEach((place, script) -> {
            if (!script.doesNothing() && !(place instanceof ScriptPlace.Plan)) {
                String look = Handover.script(program, place, toolkit);
                if (!written.contains(bare(look))) {
                    wrong.add(place.words() + ":\n" + look);
                }
            }
        });
        return wrong;
    }

    @ParameterizedTest
    @EnumSource
    void every_script_of_the_examples_reads_as_in_the_program(Toolkit toolkit) throws Exception {
        for (String example : List.of("ferry-bell", "kiln-house", "ridge-hut")) {
            assertThat(otherwise(Projects.example(example), toolkit))
                    .as(example)
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @EnumSource
    void every_script_of_random_designs_reads_as_in_the_program(Toolkit toolkit) {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
        for (int i = 0; i < 15; i++) {
            Design design = new WideDesigns(random).design();
            try {
                assertThat(otherwise(design, toolkit)).as("design " + i).isEmpty();
            } catch (NotHandedOver said) {
                assertThat(said.getMessage()).endsWith(".");
            }
        }
    }

    @ParameterizedTest
    @EnumSource
    void what_a_script_takes_is_named_as_in_the_program(Toolkit toolkit) {
        var greet = NamedScript.of("greet", note("{takes.who}")).taking(List.of(Take.of("who", Type.TEXT)));
        Design design = withMain(main("Desk", Part.TextField.of("who", "Who").triggering(Script.of(note("{me.who}"))))
                        .with(new Routines(List.of(greet), List.of())))
                .design();
        assertThat(otherwise(design, toolkit)).isEmpty();
    }
}

package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Walkthrough;
import bivouac.handover.proof.Proof;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import bivouac.plan.Program;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.testkit.Rounds;
import bivouac.testkit.SmallDesigns;
import bivouac.testkit.WideDesigns;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Programs of random designs, driven by random trails, do what the machine does. More, by hand: {@code mvn -q test -pl
 * core,handover -Dtest=RandomProgramsTest -Dprograms=200 -Dprograms.seed=5 -Dsurefire.failIfNoSpecifiedTests=false}.
 */
class RandomProgramsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    /** Trails for each design. */
    private static final int TRAILS = 6;

    @TempDir
    Path folder;

    @ParameterizedTest
    @EnumSource
    void they_do_what_the_machine_does(Toolkit toolkit) throws Exception {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(Rounds.seed("programs.seed"));
        int programs = Integer.getInteger("programs", 4);
        var wrong = new ArrayList<String>();
        int written = 0;
        int events = 0;
        for (int i = 0; i < programs; i++) {
            SmallDesigns designs = i % 2 == 0 ? new SmallDesigns(random) : new WideDesigns(random);
            Design driven = withTrails(designs.design(), random);
            try {
                for (Proof.Outcome outcome : Projects.proven(driven, toolkit, folder.resolve("p" + i))) {
                    events += outcome.events();
                    int program = i;
                    outcome.difference()
                            .ifPresent(d -> wrong.add("program " + program + ", " + outcome.name() + ": " + d));
                }
                written++;
            } catch (NotHandedOver said) {
                System.out.println(said.getMessage());
                assertThat(said.getMessage()).as("a sentence").endsWith(".");
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(written).isGreaterThan(programs / 2);
        assertThat(events).isGreaterThan(2 * programs);
    }

    /** The design with trails that the machine went at random, each until a fault, the end, or twenty events. */
    private static Design withTrails(Design design, RandomGenerator random) {
        var walks = new ArrayList<Walkthrough>();
        var program = Program.of(design);
        for (int t = 0; t < TRAILS; t++) {
            Rehearsal at = Rehearsal.start(program, TODAY);
            for (int i = 0; i < 20 && !isOver(at); i++) {
                Scene scene = at.scene();
                List<Event> possible = at.possible().stream()
                        .filter(e -> !(e instanceof Event.Killed) && !(e instanceof Event.StartAgain))
                        .filter(e ->
                                !(e instanceof Event.TaskEnds) || scene.tasks().size() < 2)
                        .toList();
                if (possible.isEmpty()) {
                    break;
                }
                at = at.act(possible.get(random.nextInt(possible.size())));
            }
            walks.add(new Walkthrough(
                    "trail " + t,
                    TODAY,
                    at.trail().stream().map(NamedEvent::toString).toList()));
        }
        return new Design(design.application(), design.windows(), walks);
    }

    private static boolean isOver(Rehearsal at) {
        return at.scene().ended().isPresent()
                || at.present().seen().stream().anyMatch(bivouac.machine.Sighting.Faulted.class::isInstance);
    }
}

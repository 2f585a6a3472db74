package bivouac.bench;

import bivouac.explore.Exploration;
import bivouac.explore.Explored;
import bivouac.explore.Limits;
import bivouac.explore.Progress;
import bivouac.explore.Question;
import bivouac.plan.Program;
import bivouac.testkit.Families;
import bivouac.testkit.ModelChecker;
import java.time.Duration;
import java.time.LocalDate;

/**
 * The family of {@link Families#changedWindows} by Bivouac, on one core and on two, and by a general-purpose model checker,
 * whose compiling counts; side by side in one run.
 */
public final class ModelCheckerSpeeds {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    private ModelCheckerSpeeds() {}

    public static void main(String[] arguments) {
        int largest = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 12;
        for (int i = 0; i < 6; i++) {
            explore(8, 1 + i % 2);
        }
        for (int windows = 1; windows <= largest; windows++) {
            Explored one = explore(windows, 1);
            Explored two = explore(windows, 2);
            ModelChecker.Answer other = ModelChecker.family(windows);
            System.out.printf(
                    "%2d windows: %,9d situations; one core %6.2f s (%,.0f steps and %,.0f situations a second, %.0f bytes"
                            + " a situation, %.0f with its steps), two cores %6.2f s; the model checker %,9d, %6.2f s, with"
                            + " compiling %6.2f s%n",
                    windows,
                    one.situations(),
                    one.seconds(),
                    one.steps() / one.seconds(),
                    one.situations() / one.seconds(),
                    (double) one.bytes() / one.situations(),
                    (double) one.allBytes() / one.situations(),
                    two.seconds(),
                    other.situations(),
                    other.searching(),
                    other.withCompiling());
        }
    }

    private static Explored explore(int windows, int cores) {
        return Exploration.of(
                new Question(Program.of(Families.changedWindows(windows)), TODAY),
                Limits.of(Duration.ofMinutes(10)).withCores(cores),
                Progress.NONE);
    }
}

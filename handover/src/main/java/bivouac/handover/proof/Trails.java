package bivouac.handover.proof;

import bivouac.design.Walkthrough;
import bivouac.plan.Program;

/** A walkthrough as the files that the tests of a written program read. */
public final class Trails {

    private Trails() {}

    /** What is done, an event a line, after a name and the day on which it begins. */
    public static String trail(Program program, Walkthrough w) {
        return "# " + w.name().replaceAll("\\s+", " ") + "\n# " + w.today() + "\n"
                + String.join("\n", Expected.trail(program, w)) + "\n";
    }

    /** What has to be seen. */
    public static String expected(Program program, Walkthrough w) {
        return String.join("\n", Expected.of(program, w)) + "\n";
    }
}

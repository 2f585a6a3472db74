package bivouac.handover.proof;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** How programs in C# are compiled with Mono, by their own Makefile and by their proof. */
public final class MonoCompiler {

    /**
     * Warnings that are none here, by their numbers: a condition that is always so, a value that nobody reads, a value set to
     * itself. A design may say that.
     */
    public static final List<String> QUIET = List.of("162", "219", "429", "1717", "1718");

    private static final List<String> OPTIONS = List.of(
            "-langversion:7",
            "-codepage:utf8",
            // wholes that grow too large are faults (V1)
            "-checked+",
            "-warnaserror",
            "-nowarn:" + String.join(",", QUIET),
            "-r:System.Windows.Forms",
            "-r:System.Drawing",
            "-resource:texts.txt");

    private MonoCompiler() {}

    /** What is called, without sources and what is made of them; in the folder of the program. */
    public static String words() {
        return "mcs " + String.join(" ", OPTIONS);
    }

    static List<String> command(String main, Path made, List<String> sources) {
        var command = new ArrayList<String>(List.of("mcs"));
        command.addAll(OPTIONS);
        command.add("-main:" + main);
        command.add("-out:" + made);
        command.addAll(sources);
        return command;
    }
}

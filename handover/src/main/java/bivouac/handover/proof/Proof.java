package bivouac.handover.proof;

import bivouac.handover.NotHandedOver;
import bivouac.handover.Toolkit;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Builds a written program, drives its real windows by its walkthroughs, and compares what is seen with the rehearsal. */
public abstract sealed class Proof permits FormsProof, JvmProof, TkProof {

    /** How long the toolkit may take to start, and each walkthrough, one with the other; a driver tells of one that hangs. */
    private static final long MOST_MINUTES = 5;

    /** What a walkthrough came to. */
    public enum Verdict {
        IDENTICAL,
        DIFFERENT,
        /** As far as it went it did the same; then nothing happened any more, or the time was over. */
        TOO_LONG
    }

    /**
     * What came of it.
     *
     * @param name of the walkthrough
     * @param difference the first one, in a sentence, or where it went no further; absent where both did the same
     */
    public record Outcome(String name, int events, Verdict verdict, Optional<String> difference) {

        static Outcome of(String name, int events, Optional<String> difference) {
            return new Outcome(name, events, difference.isEmpty() ? Verdict.IDENTICAL : Verdict.DIFFERENT, difference);
        }

        static Outcome tooLong(String name, int events, String sentence) {
            return new Outcome(name, events, Verdict.TOO_LONG, Optional.of(sentence));
        }
    }

    final Path project;

    Proof(Path project) {
        this.project = project;
    }

    /**
     * How programs for a toolkit are proven.
     *
     * @param project the folder of the program
     */
    public static Proof of(Toolkit toolkit, Path project) {
        return switch (toolkit) {
            case JAVAFX ->
                new JvmProof(
                        project,
                        javafxOf(System.getProperty("java.class.path")),
                        // no display is needed
                        List.of(
                                "-Dglass.platform=Headless",
                                "-Dprism.order=sw",
                                // nobody looks: no event need wait for the next of sixty pictures a second
                                "-Djavafx.animation.pulse=240",
                                "--enable-native-access=ALL-UNNAMED",
                                "--sun-misc-unsafe-memory-access=allow"),
                        false);
            case SWING -> new JvmProof(project, "", List.of(), true);
            case TK -> new TkProof(project);
            case FORMS -> new FormsProof(project);
        };
    }

    /** The entries of a class path that JavaFX is in. */
    static String javafxOf(String classPath) {
        return Arrays.stream(classPath.split(File.pathSeparator))
                .filter(e -> e.replace('\\', '/').contains("/javafx-"))
                .collect(Collectors.joining(File.pathSeparator));
    }

    /** Compiles it, with warnings as errors; answers what is said against it. {@link NotHandedOver} where it cannot be. */
    public abstract Optional<String> compile() throws IOException, InterruptedException;

    /** Where its walkthroughs are. */
    abstract Path trails();

    /** Begins to play the trails of a folder, and to write what is seen beside them. */
    abstract Process begin(Path trails, File log) throws IOException;

    /** Starts it on a display of its own, so that no window is in the way of anybody. */
    static Process startOnDisplay(ProcessBuilder builder) throws IOException {
        Optional<Display> display = Display.open();
        display.ifPresent(d -> builder.environment().put("DISPLAY", d.name()));
        Process process = builder.start();
        display.ifPresent(d -> process.onExit().thenRun(d::close));
        return process;
    }

    /** Drives every walkthrough, and compares. */
    public final List<Outcome> drive() throws IOException, InterruptedException {
        Path trails = trails();
        if (!Files.isDirectory(trails)) {
            return List.of();
        }
        Path log = Files.createTempFile("proof", ".log");
        try {
            List<Path> all = within(trails, ".trail");
            Process process = begin(trails, log.toFile());
            boolean ended;
            try {
                ended = process.waitFor(MOST_MINUTES + all.size(), TimeUnit.MINUTES);
            } finally {
                process.destroyForcibly();
            }
            var outcomes = new ArrayList<Outcome>();
            for (Path trail : all) {
                outcomes.add(outcome(trail, log, ended));
            }
            return List.copyOf(outcomes);
        } finally {
            Files.deleteIfExists(log);
        }
    }

    /** The files below a folder whose names end like this, in order. */
    static List<Path> within(Path folder, String end) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(p -> p.toString().endsWith(end)).sorted().toList();
        }
    }

    /** @param ended whether the program came to its own end */
    private static Outcome outcome(Path trail, Path log, boolean ended) throws IOException {
        String base = trail.toString().replaceFirst("\\.trail$", "");
        List<String> lines = Files.readAllLines(trail);
        String name = lines.getFirst().substring(1).strip();
        int events = (int)
                lines.stream().filter(l -> !l.isBlank() && !l.startsWith("#")).count();
        Path seen = Path.of(base + ".seen");
        if (!Files.exists(seen)) {
            String why = Files.readString(log)
                    .lines()
                    .filter(l -> !l.isBlank())
                    .reduce((a, b) -> b)
                    .orElse("no word");
            return ended
                    ? Outcome.of(
                            name,
                            events,
                            Optional.of("It was not played: the program ended before; it said “" + why + "”."))
                    : Outcome.tooLong(name, events, "It was not played: the time for all of them was over before.");
        }
        List<String> told = Files.readAllLines(seen);
        Files.delete(seen);
        return compared(name, events, Files.readAllLines(Path.of(base + ".expected")), told);
    }

    /** A program that hangs is no other than the rehearsal up to there; a slow machine makes nothing different. */
    static Outcome compared(String name, int events, List<String> expected, List<String> told) {
        boolean hangs = !told.isEmpty() && told.getLast().equals(Expected.HANGS);
        List<String> seen = hangs ? told.subList(0, told.size() - 1) : told;
        boolean same = seen.size() <= expected.size()
                && Expected.difference(expected.subList(0, seen.size()), seen).isEmpty();
        if (hangs && same) {
            String last = seen.reversed().stream()
                    .filter(l -> !l.startsWith(" "))
                    .findFirst()
                    .orElse("Start");
            return Outcome.tooLong(
                    name, events, "It took too long: after “" + last + "” nothing happened any more for 20 seconds.");
        }
        return Outcome.of(name, events, Expected.difference(expected, told));
    }
}

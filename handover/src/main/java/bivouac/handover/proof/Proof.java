package bivouac.handover.proof;

import bivouac.handover.NotHandedOver;
import java.io.File;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.ToolProvider;

/** Builds a written program, drives its real windows by its walkthroughs, and compares what is seen with the rehearsal. */
public final class Proof {

    /** How long all walkthroughs of a program may take; one that hangs is told as such. */
    private static final long MOST_MINUTES = 5;

    /**
     * What came of it.
     *
     * @param name of the walkthrough
     * @param difference the first one, in a sentence; absent where both did the same
     */
    public record Outcome(String name, int events, Optional<String> difference) {}

    private final Path project;
    private final String javafx;

    /**
     * @param project the folder of the program
     * @param javafx the class path of JavaFX
     */
    public Proof(Path project, String javafx) {
        this.project = project;
        this.javafx = javafx;
    }

    /** The entries of a class path that JavaFX is in. */
    public static String javafxOf(String classPath) {
        return Arrays.stream(classPath.split(File.pathSeparator))
                .filter(e -> e.replace('\\', '/').contains("/javafx-"))
                .collect(Collectors.joining(File.pathSeparator));
    }

    /** The folder of what was compiled. */
    public Path classes() {
        return project.resolve("target").resolve("proof");
    }

    /** Compiles all of it but what needs JUnit, with warnings as errors; answers what the compiler says. */
    public Optional<String> compile() throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        if (compiler == null) {
            throw new NotHandedOver("A program is proven with a JDK; this Java has no compiler.");
        }
        List<Path> sources;
        try (Stream<Path> all = Files.walk(project.resolve("src"))) {
            sources = all.filter(p -> p.toString().endsWith(".java"))
                    .filter(p -> !p.getFileName().toString().equals("WalkthroughsTest.java"))
                    .sorted()
                    .toList();
        }
        Files.createDirectories(classes());
        var said = new StringWriter();
        try (var files = compiler.getStandardFileManager(null, null, null)) {
            boolean right = compiler.getTask(
                            said,
                            files,
                            null,
                            List.of(
                                    "-Xlint:all",
                                    "-Werror",
                                    "-proc:none",
                                    "-cp",
                                    javafx,
                                    "-d",
                                    classes().toString()),
                            null,
                            files.getJavaFileObjectsFromPaths(sources))
                    .call();
            resources();
            return right ? Optional.empty() : Optional.of(said.toString().strip());
        }
    }

    private void resources() throws IOException {
        try (Stream<Path> all = Files.list(project.resolve("src/main/resources"))) {
            for (Path file : all.filter(Files::isRegularFile).toList()) {
                Files.copy(
                        file, classes().resolve(file.getFileName()), java.nio.file.StandardCopyOption.REPLACE_EXISTING);
            }
        }
    }

    /** The class that drives the program, as the folder of its sources says. */
    private String driver() throws IOException {
        try (Stream<Path> all = Files.walk(project.resolve("src/test/java"))) {
            Path file = all.filter(p -> p.getFileName().toString().equals("Walkthroughs.java"))
                    .findFirst()
                    .orElseThrow(
                            () -> new NotHandedOver(project + " is no written program: it has no Walkthroughs.java."));
            return file.getParent().getFileName() + ".Walkthroughs";
        }
    }

    /** Drives every walkthrough, and compares. */
    public List<Outcome> drive() throws IOException, InterruptedException {
        Path trails = project.resolve("src/test/resources/walkthroughs");
        if (!Files.isDirectory(trails)) {
            return List.of();
        }
        Path log = classes().resolve("proof.log");
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Dglass.platform=Headless",
                        "-Dprism.order=sw",
                        "--enable-native-access=ALL-UNNAMED",
                        "--sun-misc-unsafe-memory-access=allow",
                        "-cp",
                        classes() + File.pathSeparator + javafx,
                        driver(),
                        trails.toString())
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        try {
            process.waitFor(MOST_MINUTES, TimeUnit.MINUTES);
        } finally {
            process.destroyForcibly();
        }
        var outcomes = new ArrayList<Outcome>();
        try (Stream<Path> all = Files.list(trails)) {
            for (Path trail :
                    all.filter(p -> p.toString().endsWith(".trail")).sorted().toList()) {
                outcomes.add(outcome(trail, log));
            }
        }
        return List.copyOf(outcomes);
    }

    private static Outcome outcome(Path trail, Path log) throws IOException {
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
            return new Outcome(
                    name,
                    events,
                    Optional.of("It was not played: the program ended before, or did not come to rest; it said “" + why
                            + "”."));
        }
        List<String> told = Files.readAllLines(seen);
        Files.delete(seen);
        return new Outcome(name, events, Expected.difference(Files.readAllLines(Path.of(base + ".expected")), told));
    }
}

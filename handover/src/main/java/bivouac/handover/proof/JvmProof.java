package bivouac.handover.proof;

import bivouac.handover.NotHandedOver;
import java.io.File;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.ToolProvider;

/** Programs in Java: compiled by the JDK that runs this, and driven without a display, or on one of their own. */
final class JvmProof extends Proof {

    private final String classPath;
    /** A run of seconds is not worth the compiler that makes runs of hours fast. */
    private static final List<String> SHORT = List.of("-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC");

    /** The folders of what is the same in every program for a toolkit. */
    private static final Set<String> RULES = Set.of("desk", "frame", "drive");

    private final List<String> options;
    private final boolean needsDisplay;

    /**
     * @param classPath what the program needs beside its own classes
     * @param options of the Java that drives it
     */
    JvmProof(Path project, String classPath, List<String> options, boolean needsDisplay) {
        super(project);
        this.classPath = classPath;
        this.options = options;
        this.needsDisplay = needsDisplay;
    }

    private Path classes() {
        return project.resolve("target").resolve("proof");
    }

    @Override
    Path trails() {
        return project.resolve("src/test/resources/walkthroughs");
    }

    @Override
    Process begin(Path trails, File log) throws IOException {
        var command = new ArrayList<String>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(SHORT);
        command.addAll(options);
        command.addAll(List.of("-cp", classes() + File.pathSeparator + classPath, driver(), trails.toString()));
        var builder = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log);
        return needsDisplay ? startOnDisplay(builder) : builder.start();
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

    /** All of it but what needs JUnit; the rules, which are the same in every program, once for all of them. */
    @Override
    public Optional<String> compile() throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        if (compiler == null) {
            throw new NotHandedOver("A program is proven with a JDK; this Java has no compiler.");
        }
        Path tests = project.resolve("src/test");
        Map<Boolean, List<Path>> sources = within(project.resolve("src"), ".java").stream()
                .filter(p -> !p.startsWith(tests) || !p.toString().endsWith("Test.java"))
                .collect(Collectors.partitioningBy(this::isOfTheRules));
        Files.createDirectories(classes());
        Optional<String> said = CompiledRules.into(
                classes(), sources.get(true), classPath, (files, to) -> compiled(compiler, files, classPath, to));
        if (said.isEmpty()) {
            said = compiled(compiler, sources.get(false), classes() + File.pathSeparator + classPath, classes());
        }
        resources();
        return said;
    }

    private boolean isOfTheRules(Path source) {
        return RULES.contains(source.getParent().getFileName().toString());
    }

    private static Optional<String> compiled(JavaCompiler compiler, List<Path> sources, String classPath, Path to)
            throws IOException {
        var said = new StringWriter();
        try (var files = compiler.getStandardFileManager(null, null, null)) {
            boolean right = compiler.getTask(
                            said,
                            files,
                            null,
                            List.of("-Xlint:all,-path", "-Werror", "-proc:none", "-cp", classPath, "-d", to.toString()),
                            null,
                            files.getJavaFileObjectsFromPaths(sources))
                    .call();
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
}

package bivouac.testkit;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The family of {@link Families#changedWindows} written for a general-purpose model checker, Spin (the Debian packages
 * {@code spin} and {@code gcc}, which {@code ./verify} installs): another program, by other people, that counts the same
 * situations.
 */
public final class ModelChecker {

    private static final Pattern STORED = Pattern.compile("([0-9]+) states, stored");
    private static final Pattern ELAPSED = Pattern.compile("elapsed time ([0-9.]+) seconds");

    /** What it answered. */
    public record Answer(long situations, double searching, double withCompiling) {}

    private ModelChecker() {}

    /** The family in its language: by window whether it is closed, clean or changed, and which one asks. */
    static String model(int windows) {
        var text = new StringBuilder("byte sheet[" + windows + "];\nbyte asking;\nactive proctype desk() {\n  do\n");
        for (int i = 0; i < windows; i++) {
            int asks = i + 1;
            option(text, "asking == 0 && sheet[" + i + "] == 0", "sheet[" + i + "] = 1");
            option(text, "asking == 0 && sheet[" + i + "] == 1", "sheet[" + i + "] = 2");
            option(text, "asking == 0 && sheet[" + i + "] == 1", "sheet[" + i + "] = 0");
            option(text, "asking == 0 && sheet[" + i + "] == 2", "asking = " + asks);
            option(text, "asking == " + asks, "sheet[" + i + "] = 0; asking = 0");
            option(text, "asking == " + asks, "asking = 0");
        }
        return text.append("  od\n}\n").toString();
    }

    private static void option(StringBuilder text, String when, String then) {
        text.append("  :: d_step { ").append(when).append(" -> ").append(then).append(" }\n");
    }

    /** Compiles the model, and searches all of it breadth first. */
    public static Answer family(int windows) {
        try {
            Path folder = Files.createTempDirectory("bivouac-model");
            try {
                Files.writeString(folder.resolve("family.pml"), model(windows));
                long begun = System.nanoTime();
                run(folder, "spin", "-a", "family.pml");
                run(folder, "gcc", "-w", "-O2", "-DNOCLAIM", "-DSAFETY", "-DBFS", "-o", "pan", "pan.c");
                String said = run(folder, folder.resolve("pan").toString(), "-m100000", "-w24");
                double all = (System.nanoTime() - begun) / 1e9;
                return new Answer(Long.parseLong(first(STORED, said)), Double.parseDouble(first(ELAPSED, said)), all);
            } finally {
                try (var left = Files.walk(folder)) {
                    for (Path file : left.sorted(Comparator.reverseOrder()).toList()) {
                        Files.delete(file);
                    }
                }
            }
        } catch (IOException e) {
            throw new IllegalStateException("The model checker could not be run; ./verify installs it.", e);
        }
    }

    private static String first(Pattern pattern, String said) {
        Matcher matcher = pattern.matcher(said);
        if (!matcher.find()) {
            throw new IllegalStateException("The model checker said something else:\n" + said);
        }
        return matcher.group(1);
    }

    private static String run(Path folder, String... command) throws IOException {
        Path said = folder.resolve("said.txt");
        Process process = new ProcessBuilder(List.of(command))
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        try {
            if (process.waitFor() != 0) {
                throw new IllegalStateException(String.join(" ", command) + " failed:\n" + Files.readString(said));
            }
        } catch (InterruptedException e) {
            process.destroy();
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted", e);
        }
        return Files.readString(said, StandardCharsets.UTF_8);
    }
}

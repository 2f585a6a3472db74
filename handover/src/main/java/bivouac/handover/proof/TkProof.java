package bivouac.handover.proof;

import bivouac.handover.NotHandedOver;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Programs for Tk: byte-compiled by the Python that is there, and driven on a display of their own where there is one. */
final class TkProof extends Proof {

    private static final String PYTHON = System.getProperty("os.name").startsWith("Windows") ? "python" : "python3";

    TkProof(Path project) {
        super(project);
    }

    @Override
    Path trails() {
        return project.resolve("tests").resolve("walkthroughs");
    }

    private static ProcessBuilder python(Path in, String... arguments) {
        var command = new ArrayList<>(List.of(PYTHON, "-W", "error"));
        command.addAll(List.of(arguments));
        var builder = new ProcessBuilder(command).directory(in.toFile()).redirectErrorStream(true);
        // nothing is left beside the sources
        builder.environment().put("PYTHONDONTWRITEBYTECODE", "1");
        builder.environment().put("PYTHONIOENCODING", "utf-8");
        return builder;
    }

    /** Byte-compiles all of it, and imports what is not the developer's own to fill in. */
    @Override
    public Optional<String> compile() throws IOException, InterruptedException {
        String version = said(python(project, "-c", "import sys, tkinter; print(sys.version_info >= (3, 10))"));
        if (!version.equals("True")) {
            throw new NotHandedOver(
                    "A program for Tk is proven with Python 3.10 or newer and its Tk; on Debian that is the package python3-tk. Asked for it, "
                            + PYTHON + " said “" + lastLine(version) + "”.");
        }
        if (!Files.isDirectory(project.resolve("tests"))) {
            throw new NotHandedOver(project + " is no written program: it has no tests.");
        }
        try (var cache = TemporaryFolder.named("compiled")) {
            var compiler = python(project, "-m", "compileall", "-q", "-f", ".");
            compiler.environment().remove("PYTHONDONTWRITEBYTECODE");
            compiler.environment().put("PYTHONPYCACHEPREFIX", cache.path().toString());
            String said = said(compiler);
            return Optional.of(said.isEmpty() ? said(python(project, "-c", "import tests.program")) : said)
                    .filter(s -> !s.isEmpty());
        }
    }

    private static String lastLine(String text) {
        return text.lines().reduce((a, b) -> b).orElse("nothing");
    }

    private static String said(ProcessBuilder builder) throws IOException, InterruptedException {
        Process process;
        try {
            process = builder.start();
        } catch (IOException notThere) {
            return notThere.getMessage();
        }
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        int code = process.waitFor();
        return code != 0 && said.isEmpty() ? "it ended with code " + code : said;
    }

    @Override
    Process begin(Path trails, File log) throws IOException {
        return startOnDisplay(python(
                        project,
                        "-m",
                        "tests.walkthroughs",
                        trails.toAbsolutePath().toString())
                .redirectOutput(log));
    }
}

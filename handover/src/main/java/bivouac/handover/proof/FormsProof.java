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

/** Programs for Windows Forms: compiled by the compiler of Mono, and driven on a display of their own. */
final class FormsProof extends Proof {

    FormsProof(Path project) {
        super(project);
    }

    private Path driven() {
        return project.resolve("bin").resolve("proof").resolve("Tests.exe");
    }

    @Override
    Path trails() {
        return project.resolve("tests").resolve("walkthroughs");
    }

    @Override
    public Optional<String> compile() throws IOException, InterruptedException {
        if (!Files.isDirectory(project.resolve("tests"))) {
            throw new NotHandedOver(project + " is no written program: it has no tests.");
        }
        Files.createDirectories(driven().getParent());
        List<Path> sources = new ArrayList<>(within(project.resolve("src"), ".cs"));
        sources.addAll(within(project.resolve("tests"), ".cs"));
        List<String> command = MonoCompiler.command(
                "Tests.Program",
                driven(),
                sources.stream().map(f -> project.relativize(f).toString()).toList());
        Process compiler;
        try {
            compiler = new ProcessBuilder(command)
                    .directory(project.toFile())
                    .redirectErrorStream(true)
                    .start();
        } catch (IOException notThere) {
            throw new NotHandedOver(
                    "A program for Windows Forms is proven with Mono, and its compiler mcs is not there."
                            + " On Debian these are the packages mono-mcs and libmono-system-windows-forms4.0-cil.");
        }
        String said = new String(compiler.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        return compiler.waitFor() == 0 ? Optional.empty() : Optional.of(said);
    }

    @Override
    Process begin(Path trails, File log) throws IOException {
        return startOnDisplay(new ProcessBuilder(
                        "mono", driven().toString(), trails.toAbsolutePath().toString())
                .directory(project.toFile())
                .redirectErrorStream(true)
                .redirectOutput(log));
    }
}

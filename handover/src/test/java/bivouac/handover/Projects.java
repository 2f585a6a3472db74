package bivouac.handover;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.handover.proof.Proof;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Written programs in folders, and what came of proving them. */
final class Projects {

    private Projects() {}

    static Design example(String name) throws Exception {
        return DesignFile.read(Path.of("../examples").resolve(name + DesignFile.EXTENSION));
    }

    static Path write(Design design, Toolkit toolkit, Path folder) throws Exception {
        for (WrittenFile file : Handover.write(design, toolkit)) {
            Path path = folder.resolve(file.path());
            Files.createDirectories(path.getParent());
            Files.writeString(path, file.text());
        }
        return folder;
    }

    static List<Proof.Outcome> proven(Design design, Toolkit toolkit, Path folder) throws Exception {
        Proof proof = Proof.of(toolkit, write(design, toolkit, folder));
        proof.compile().ifPresent(said -> {
            throw new AssertionError(said);
        });
        return proof.drive();
    }
}

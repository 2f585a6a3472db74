package bivouac.handover;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.handover.proof.Proof;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Written programs in folders, and what came of proving them. */
final class Projects {

    private Projects() {}

    static Design example(String name) throws Exception {
        return DesignFile.read(Path.of("../examples").resolve(name + DesignFile.EXTENSION));
    }

    static Path write(Design design, Toolkit toolkit, Path folder) throws Exception {
        HandedOver.to(folder, design, toolkit, Optional.empty(), HandedOver.Allowed.NOTHING);
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

package bivouac.bench;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.handover.Handover;
import bivouac.handover.Toolkit;
import bivouac.handover.WrittenFile;
import bivouac.handover.proof.Proof;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** How long a program takes to be written, and to be proven. */
public final class HandoverSpeeds {

    private HandoverSpeeds() {}

    public static void main(String[] args) throws Exception {
        Design large = LargeDesigns.of(100);
        for (String run : new String[] {"first", "second", "third"}) {
            long from = System.nanoTime();
            List<WrittenFile> files = Handover.write(large, Toolkit.JAVAFX);
            System.out.println("source for 100 windows, " + run + " run: " + since(from) + " ms, " + files.size()
                    + " files, "
                    + files.stream().mapToLong(f -> f.text().lines().count()).sum() + " lines");
        }
        Design hut =
                DesignFile.read(Path.of(System.getProperty("bivouac.examples")).resolve("ridge-hut.bivouac"));
        Path folder = Files.createTempDirectory("proof");
        for (WrittenFile file : Handover.write(hut, Toolkit.JAVAFX)) {
            Path path = folder.resolve(file.path());
            Files.createDirectories(path.getParent());
            Files.writeString(path, file.text());
        }
        Proof proof = Proof.of(Toolkit.JAVAFX, folder);
        long from = System.nanoTime();
        boolean compiles = proof.compile().isEmpty();
        long compiled = since(from);
        List<Proof.Outcome> outcomes = proof.drive();
        System.out.println("Ridge Hut: compiled in " + compiled + " ms" + (compiles ? "" : ", with errors")
                + ", compiled and "
                + outcomes.stream().filter(o -> o.difference().isEmpty()).count() + " of " + outcomes.size()
                + " walkthroughs proven in " + since(from) + " ms");
    }

    private static long since(long from) {
        return (System.nanoTime() - from) / 1_000_000;
    }
}

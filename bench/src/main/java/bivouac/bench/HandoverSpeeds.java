package bivouac.bench;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.handover.HandedOver;
import bivouac.handover.Handover;
import bivouac.handover.Toolkit;
import bivouac.handover.WrittenFile;
import bivouac.handover.proof.Proof;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** How long a program takes to be written, and to be proven. */
public final class HandoverSpeeds {

    private HandoverSpeeds() {}

    public static void main(String[] args) throws Exception {
        Design large = LargeDesigns.of(100);
        Design hut =
                DesignFile.read(Path.of(System.getProperty("bivouac.examples")).resolve("ridge-hut.bivouac"));
        for (Toolkit toolkit : Toolkit.values()) {
            for (String run : new String[] {"first", "second", "third"}) {
                long from = System.nanoTime();
                List<WrittenFile> files = Handover.write(large, toolkit);
                System.out.println("source for 100 windows in " + toolkit.shown() + ", " + run + " run: " + since(from)
                        + " ms, " + files.size() + " files, "
                        + files.stream()
                                .mapToLong(f -> f.text().lines().count())
                                .sum() + " lines");
            }
            prove(hut, toolkit);
        }
    }

    private static void prove(Design hut, Toolkit toolkit) throws Exception {
        Path folder = Files.createTempDirectory("proof");
        HandedOver.to(folder, hut, toolkit, Optional.empty(), HandedOver.Allowed.NOTHING);
        Proof proof = Proof.of(toolkit, folder);
        long from = System.nanoTime();
        boolean compiles = proof.compile().isEmpty();
        long compiled = since(from);
        List<Proof.Outcome> outcomes = proof.drive();
        System.out.println("Ridge Hut in " + toolkit.shown() + ": compiled in " + compiled + " ms"
                + (compiles ? "" : ", with errors") + ", compiled and "
                + outcomes.stream().filter(o -> o.difference().isEmpty()).count() + " of " + outcomes.size()
                + " walkthroughs proven in " + since(from) + " ms");
    }

    private static long since(long from) {
        return (System.nanoTime() - from) / 1_000_000;
    }
}

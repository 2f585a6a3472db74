package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Wording;
import bivouac.handover.wording.NotTexts;
import bivouac.handover.wording.TextFile;
import bivouac.testkit.Rounds;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Records, tables and XLIFF that a disk, a person or a tool has damaged: they are read, or refused in a sentence, and nothing
 * outside the folder is touched. What was ever found is kept in {@code src/test/resources/damaged}. More, by hand:
 * {@code -Ddamaged=100000 -Ddamaged.seed=5}.
 */
class DamagedFilesTest {

    private static final Path KEPT = Path.of("src/test/resources/damaged");

    @TempDir
    Path folder;

    /** Answers whether it was read. */
    private boolean read(String name, byte[] bytes) throws IOException {
        try {
            if (name.startsWith("record")) {
                Path program = Files.createDirectories(folder.resolve("program"));
                Files.write(program.resolve(ProgramFolder.RECORD), bytes);
                ProgramFolder.of(program, Toolkit.TK).plan(List.of());
            } else {
                Path file = folder.resolve(name);
                Files.write(file, bytes);
                new TextFile(file).read();
            }
            return true;
        } catch (NotHandedOver | NotTexts said) {
            assertThat(said.getMessage())
                    .as(name)
                    .isNotBlank()
                    .doesNotContain("Exception")
                    .matches("(?s).*[.?)]");
            return false;
        }
    }

    static Stream<Path> kept() throws IOException {
        try (Stream<Path> all = Files.list(KEPT)) {
            return all.sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @org.junit.jupiter.params.provider.MethodSource("kept")
    void what_was_found_once_is_refused_still(Path one) throws Exception {
        assertThat(read(one.getFileName().toString(), Files.readAllBytes(one))).isFalse();
    }

    private List<byte[]> whole(String name) throws Exception {
        Path file = folder.resolve("whole-" + name);
        if (name.equals("record")) {
            Path program = folder.resolve("whole");
            var to = ProgramFolder.of(program, Toolkit.TK);
            List<WrittenFile> files = List.of(
                    new WrittenFile("a/b.py", "x", new WrittenFile.Purpose.Around()),
                    new WrittenFile("Größe", "y", new WrittenFile.Purpose.Around()));
            to.write(files, to.plan(files), false);
            return List.of(Files.readAllBytes(program.resolve(ProgramFolder.RECORD)));
        }
        new TextFile(file)
                .write(
                        Wording.of(Projects.example("ridge-hut")).subList(0, 12),
                        "hut",
                        new TextFile.Languages("en", Optional.of("pt-BR")));
        return List.of(Files.readAllBytes(file));
    }

    @ParameterizedTest
    @ValueSource(strings = {"record", "texts.csv", "texts.xlf"})
    void whatever_is_damaged_is_read_or_refused_in_a_sentence(String name) throws Exception {
        var random = new Random(Rounds.seed("damaged.seed"));
        byte[] whole = whole(name).getFirst();
        int refused = 0;
        int rounds = Integer.getInteger("damaged", 600);
        for (int i = 0; i < rounds; i++) {
            refused += read(name, damaged(whole, random)) ? 0 : 1;
        }
        assertThat(refused).isPositive();
        assertThat(Files.list(folder).map(p -> p.getFileName().toString()))
                .as("nothing beside it was touched")
                .allMatch(n -> n.contains("texts") || n.equals("program") || n.equals("whole"));
    }

    /** Bytes that are other, fewer, more, twice or in another place, a few at a time. */
    private static byte[] damaged(byte[] whole, Random random) {
        var bytes = new ArrayList<Byte>();
        for (byte b : whole) {
            bytes.add(b);
        }
        String hostile = "\"<>&;,\0\r\n../\\=+-@\uFEFF";
        byte[] from = hostile.getBytes(StandardCharsets.UTF_8);
        int changes = 1 + random.nextInt(4);
        for (int i = 0; i < changes && !bytes.isEmpty(); i++) {
            int at = random.nextInt(bytes.size());
            switch (random.nextInt(5)) {
                case 0 -> bytes.set(at, (byte) random.nextInt(256));
                case 1 -> bytes.add(at, from[random.nextInt(from.length)]);
                case 2 ->
                    bytes.subList(at, Math.min(bytes.size(), at + 1 + random.nextInt(40)))
                            .clear();
                case 3 ->
                    bytes.addAll(at, List.copyOf(bytes.subList(at, Math.min(bytes.size(), at + random.nextInt(60)))));
                default -> bytes.set(at, from[random.nextInt(from.length)]);
            }
        }
        var out = new byte[bytes.size()];
        for (int i = 0; i < out.length; i++) {
            out[i] = bytes.get(i);
        }
        return out;
    }

    @Test
    void something_is_kept() throws Exception {
        assertThat(kept().count()).isGreaterThanOrEqualTo(6);
    }
}

package bivouac.format;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.testkit.FaultyFiles;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Saving, whose n-th change of the disk goes wrong, for every n: the old file or the new one is there, and saving works again. */
class FaultySavingTest {

    @TempDir
    private Path folder;

    private interface Writing {
        void to(Path file) throws IOException, Unreadable;
    }

    private List<String> names() throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.map(p -> p.getFileName().toString()).sorted().toList();
        }
    }

    /** Answers how many changes the writing makes. */
    private int everywhere(FaultyFiles.Way way, String name, Writing old, Writing anew) throws Exception {
        Path file = folder.resolve(name);
        Path reference = folder.resolve("reference-" + name);
        old.to(reference);
        byte[] before = Files.readAllBytes(reference);
        Files.delete(reference);
        anew.to(reference);
        byte[] after = Files.readAllBytes(reference);
        Files.delete(reference);
        assertThat(after).isNotEqualTo(before);
        for (int at = 1; ; at++) {
            Files.write(file, before);
            var faulty = new FaultyFiles(way, at);
            boolean said = false;
            try {
                anew.to(faulty.path(file));
            } catch (IOException | Unreadable e) {
                said = true;
                assertThat(e.getMessage()).isNotBlank();
            }
            byte[] there = Files.readAllBytes(file);
            assertThat(there).as(way + " at change " + at).isIn(before, after);
            if (!said && faulty.wasReached()) {
                // what is not needed for it may fail: flushing the folder, an attribute
                assertThat(there)
                        .as("what is told to be written is, at change " + at)
                        .isEqualTo(after);
            }
            anew.to(file);
            assertThat(file).as("saved again after change " + at).hasBinaryContent(after);
            assertThat(names()).as("nothing is left behind after change " + at).containsExactly(name);
            if (!faulty.wasReached()) {
                assertThat(said).isFalse();
                System.out.println(name + ", " + way + ": every one of " + (at - 1) + " changes of the disk");
                return at - 1;
            }
        }
    }

    @ParameterizedTest
    @EnumSource
    void a_design_is_the_old_one_or_the_new_one(FaultyFiles.Way way) throws Exception {
        Design old = Design.startingWith("Weir");
        Design other = Design.startingWith("Sluice");
        assertThat(everywhere(way, "weir.bivouac", f -> DesignFile.write(f, old), f -> DesignFile.write(f, other)))
                .isGreaterThanOrEqualTo(4);
    }

    @ParameterizedTest
    @EnumSource
    void a_report_is_the_old_one_or_the_new_one(FaultyFiles.Way way) throws Exception {
        assertThat(everywhere(
                        way,
                        "report.xml",
                        f -> MadeFile.write(f, report("one")),
                        f -> MadeFile.write(f, report("two"))))
                .isGreaterThanOrEqualTo(4);
    }

    /** As texts for translation are written, wherever they come to stand. */
    @ParameterizedTest
    @EnumSource
    void texts_are_the_old_ones_or_the_new_ones(FaultyFiles.Way way) throws Exception {
        assertThat(everywhere(
                        way,
                        "texts.csv",
                        f -> SafeFile.replace(f, "old".getBytes(StandardCharsets.UTF_8)),
                        f -> SafeFile.replace(f, "new texts".getBytes(StandardCharsets.UTF_8))))
                .isGreaterThanOrEqualTo(4);
    }

    private static byte[] report(String what) {
        return ("<!-- " + MadeFile.MARK + " -->" + what.repeat(3)).getBytes(StandardCharsets.UTF_8);
    }
}

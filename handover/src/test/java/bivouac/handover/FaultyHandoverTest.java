package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.format.Unreadable;
import bivouac.handover.Change.Kind;
import bivouac.testkit.FaultyFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Handing over, whose n-th change of the disk goes wrong, for every n: what it wrote is known for its own the next time, what was
 * changed by hand is kept, and handing over once more ends it as if nothing had happened.
 */
class FaultyHandoverTest {

    @TempDir
    Path folder;

    private static WrittenFile file(String path, String text) {
        return new WrittenFile(path, text, new WrittenFile.Purpose.Around());
    }

    private static final List<WrittenFile> BEFORE = List.of(
            file("a", "one"), file("gone", "one"), file("sub/b", "one"), file("hand", "one"), own("first"), picture(1));

    private static final List<WrittenFile> AFTER = List.of(
            file("a", "two"),
            file("sub/b", "two"),
            file("sub/new/c", "two"),
            file("hand", "two"),
            own("second"),
            picture(2));

    private static WrittenFile own(String text) {
        return new WrittenFile("src/Own", text, new WrittenFile.Purpose.Own());
    }

    private static WrittenFile picture(int what) {
        return WrittenFile.picture("pictures/hut.png", new byte[] {(byte) 0x89, (byte) what});
    }

    private static List<Change> write(Path to, List<WrittenFile> files) throws Unreadable {
        var program = ProgramFolder.of(to, Toolkit.TK);
        List<Change> plan = program.plan(files);
        program.write(files, plan, false);
        return plan;
    }

    private static Map<String, String> there(Path in) throws IOException {
        var all = new TreeMap<String, String>();
        try (Stream<Path> files = Files.walk(in)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                all.put(
                        in.relativize(file).toString(),
                        Files.readString(file, java.nio.charset.StandardCharsets.ISO_8859_1));
            }
        }
        return all;
    }

    /** A program as it was written first, with one file changed by hand. */
    private Path begun(String name) throws Exception {
        Path program = folder.resolve(name);
        write(program, BEFORE);
        Files.writeString(program.resolve("hand"), "by hand");
        return program;
    }

    private static void remove(Path all) throws IOException {
        try (Stream<Path> files = Files.walk(all)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
    }

    @ParameterizedTest
    @EnumSource
    void what_was_written_is_known_and_ended_the_next_time(FaultyFiles.Way way) throws Exception {
        Path whole = begun("whole");
        write(whole, AFTER);
        Map<String, String> ended = there(whole);
        assertThat(ended)
                .containsEntry("hand", "by hand")
                .containsEntry("a", "two")
                .doesNotContainKey("gone");
        int at = 0;
        boolean reached = true;
        while (reached) {
            at++;
            Path program = begun("program");
            var faulty = new FaultyFiles(way, at);
            String said = "";
            try {
                write(faulty.path(program), AFTER);
            } catch (Unreadable e) {
                said = e.getMessage();
                assertThat(said).endsWith(".");
            }
            reached = faulty.wasReached();
            assertThat(there(program)).as(way + " at change " + at).containsEntry("hand", "by hand");
            List<Change> again = write(program, AFTER);
            assertThat(again)
                    .as("nothing of ours is taken for somebody's work, after change " + at)
                    .filteredOn(c -> c.kind().isByHand())
                    .extracting(Change::path)
                    .containsExactly("hand");
            assertThat(again).filteredOn(c -> c.kind() == Kind.OWN_TO_FOLLOW).isEmpty();
            assertThat(there(program)).as("ended after change " + at).isEqualTo(ended);
            remove(program);
        }
        System.out.println("handover, " + way + ": every one of " + (at - 1) + " changes of the disk");
        assertThat(at).isGreaterThan(30);
    }

    /** The very first handover breaks off: what is there of it is ours, and goes on. */
    @ParameterizedTest
    @EnumSource
    void the_first_time_too(FaultyFiles.Way way) throws Exception {
        Path whole = folder.resolve("whole");
        write(whole, BEFORE);
        Map<String, String> ended = there(whole);
        boolean reached = true;
        for (int at = 1; reached; at++) {
            Path program = folder.resolve("program");
            var faulty = new FaultyFiles(way, at);
            try {
                write(faulty.path(program), BEFORE);
            } catch (Unreadable e) {
                assertThat(e.getMessage()).endsWith(".");
            }
            reached = faulty.wasReached();
            assertThat(write(program, BEFORE)).as("after change " + at).noneMatch(c -> c.kind()
                    .isByHand());
            assertThat(there(program)).isEqualTo(ended);
            remove(program);
        }
    }
}

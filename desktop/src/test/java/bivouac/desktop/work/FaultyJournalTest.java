package bivouac.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.format.DesignFormat;
import bivouac.testkit.FaultyFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A journal whose n-th change of the disk goes wrong, for every n: what was kept last, or before, is there whole. */
class FaultyJournalTest {

    @TempDir
    private Path folder;

    private static final Design OLD = Design.startingWith("Weir");
    private static final Design NEW = Design.startingWith("Sluice");

    private static boolean holds(Path file, Design design) throws IOException {
        String text = Files.readString(file);
        return text.startsWith(Journal.HEAD)
                && text.substring(text.indexOf('\n') + 1).equals(DesignFormat.write(design));
    }

    @ParameterizedTest
    @EnumSource
    void what_is_unsaved_is_kept_as_it_was_or_as_it_is(FaultyFiles.Way way) throws Exception {
        int tried = 0;
        for (boolean reached = true; reached; tried++) {
            Path mine = Files.createDirectory(folder.resolve(way + "-" + tried));
            Path file = mine.resolve("one" + Journal.EXTENSION);
            try (Journal journal = Journal.begin(mine, "one")) {
                journal.keep(OLD, Optional.empty());
            }
            var faulty = new FaultyFiles(way, tried + 1);
            boolean said = keepNew(faulty, mine);
            reached = faulty.wasReached();
            assertThat(holds(file, OLD) || holds(file, NEW))
                    .as(way + " at change " + (tried + 1))
                    .isTrue();
            assertThat(said || holds(file, NEW))
                    .as("what is told to be kept is, at change " + (tried + 1))
                    .isTrue();
            try (Journal after = Journal.begin(mine, "one")) {
                after.keep(NEW, Optional.empty());
                assertThat(holds(file, NEW)).isTrue();
                after.drop();
            }
            assertThat(file).doesNotExist();
        }
        assertThat(tried).as("changes of the disk").isGreaterThan(5);
        System.out.println("journal, " + way + ": every one of " + (tried - 1) + " changes of the disk");
    }

    /** Whether it was said that it could not be kept. */
    private static boolean keepNew(FaultyFiles faulty, Path mine) {
        try (Journal journal = Journal.begin(faulty.path(mine), "one")) {
            journal.keep(NEW, Optional.empty());
            return false;
        } catch (IOException e) {
            return true;
        }
    }
}

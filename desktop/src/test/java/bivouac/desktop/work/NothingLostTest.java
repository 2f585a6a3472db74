package bivouac.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.format.FileVersion;
import bivouac.format.Unreadable;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Two Bivouacs on one file, and somebody else who writes it or takes it away, in any order, each piece of work in the background
 * at any later moment. Against a model of what must never be lost: a save that nobody was asked about writes only over what its
 * Bivouac knows; what was said to be saved was on disk; and leaving without being asked leaves nothing that is not.
 * More, by hand: {@code -Dlost.seed=7 -Dlost.rounds=2000}.
 */
class NothingLostTest {

    private static final int ACTS = 40;

    @TempDir
    Path folder;

    static LongStream seeds() {
        return LongStream.range(0, Integer.getInteger("lost.rounds", 60)).map(n -> Long.getLong("lost.seed", 1) + n);
    }

    private Path file;
    private final List<String> story = new ArrayList<>();
    private int names;

    /** One Bivouac, and what the model knows of it. */
    private final class Tool {
        private final String called;
        private final Deque<Runnable> later = new ArrayDeque<>();
        private final Work work;
        /** What the file held when this one read or wrote it last. */
        private FileVersion known;

        private Optional<Saving> told = Optional.empty();
        private boolean asked;

        Tool(String called) throws Unreadable {
            this.called = called;
            DesignFile.Opened opened = DesignFile.open(file);
            known = opened.version();
            work = new Work(
                    opened.design(),
                    Optional.of(new Work.OnDisk(file, known)),
                    LocalDate.of(2026, 11, 23),
                    Runnable::run,
                    later::add,
                    Runnable::run);
        }

        void edit() {
            String name = called + names++;
            story.add(name + " is typed");
            work.change(
                    work.now().design().with(work.now().design().application().named(name)), "name changed");
        }

        void save() {
            story.add(called + " saves");
            work.save(file, false, this::saved);
        }

        private void saved(Saving saving) {
            told = Optional.of(saving);
        }

        /** The next piece of work that was put off. */
        void goesOn() {
            Runnable next = later.poll();
            if (next == null) {
                return;
            }
            Optional<FileVersion> before = DesignFile.version(file);
            told = Optional.empty();
            story.add(called + " goes on");
            next.run();
            Optional<FileVersion> after = DesignFile.version(file);
            if (!after.equals(before)) {
                assertThat(before).as("nobody was asked, " + story).contains(known);
                assertThat(told).as("what was written is told, " + story).containsInstanceOf(Saving.Done.class);
            }
            told.ifPresent(saving -> {
                switch (saving) {
                    case Saving.Done(FileVersion version) -> {
                        assertThat(after)
                                .as("what is said to be saved, " + story)
                                .contains(version);
                        known = version;
                    }
                    case Saving.Failed failed -> assertThat(failed.sentence()).endsWith(".");
                    case Saving.Changed changed -> asked = true;
                }
            });
            assertThat(work.now().trouble()).as("nothing is thrown, " + story).isEmpty();
        }

        void takesWhatIsThere() throws Unreadable {
            if (asked && Files.exists(file)) {
                story.add(called + " takes what is on disk");
                DesignFile.Opened there = DesignFile.open(file);
                work.takeFromDisk(there);
                known = there.version();
                asked = false;
            }
        }

        void leaves() throws Unreadable {
            boolean[] left = new boolean[1];
            work.afterSaving(() -> left[0] = work.now().saved());
            while (!later.isEmpty()) {
                goesOn();
            }
            if (left[0]) {
                assertThat(known)
                        .as("left without being asked, " + story)
                        .isEqualTo(DesignFile.write(
                                folder.resolve("other.bivouac"), work.now().design()));
            }
        }
    }

    private void somebodyElse() throws Exception {
        String name = "Else" + names++;
        story.add(name + " is written by somebody else");
        DesignFile.write(file, Design.startingWith(name));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void nothing_that_must_not_be_lost_is_lost(long seed) throws Exception {
        file = folder.resolve("mill.bivouac");
        DesignFile.write(file, Design.startingWith("Mill"));
        var random = new Random(seed);
        var one = new Tool("One");
        var other = new Tool("Other");
        for (int i = 0; i < ACTS; i++) {
            Tool tool = random.nextBoolean() ? one : other;
            switch (random.nextInt(10)) {
                case 0, 1, 2 -> tool.edit();
                case 3, 4 -> tool.save();
                case 5, 6, 7 -> tool.goesOn();
                case 8 -> {
                    if (random.nextInt(4) == 0) {
                        somebodyElse();
                    }
                    tool.takesWhatIsThere();
                }
                default -> {
                    if (random.nextInt(6) == 0) {
                        story.add("the file is taken away");
                        Files.deleteIfExists(file);
                    }
                }
            }
        }
        one.leaves();
        other.leaves();
    }
}

package bivouac.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Queue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Unsaved work: kept, found by the next Bivouac, and gone only when it is saved or the person says so. */
class KeepingTest {

    @TempDir
    Path folder;

    private final List<Bivouac> running = new ArrayList<>();

    /** One running tool without its interface. */
    private final class Bivouac {
        private final Queue<Runnable> tasks = new ArrayDeque<>();
        private final Work work;
        private final Keeping keeping;
        private List<LeftWork> left = List.of();

        Bivouac(Optional<Path> file) throws Exception {
            Optional<DesignFile.Opened> opened = Optional.empty();
            if (file.isPresent()) {
                opened = Optional.of(DesignFile.open(file.get()));
            }
            Optional<Work.OnDisk> onDisk = opened.map(o -> new Work.OnDisk(file.orElseThrow(), o.version()));
            Design design = opened.map(DesignFile.Opened::design).orElse(Design.startingWith("Untitled"));
            work = new Work(design, onDisk, LocalDate.of(2026, 11, 23), tasks::add, Runnable::run);
            keeping = new Keeping(work, new Journals(state()), tasks::add);
            running.add(this);
            settle();
        }

        Bivouac settle() {
            while (!tasks.isEmpty()) {
                tasks.poll().run();
            }
            return this;
        }

        Bivouac rename(String name) {
            Design design = work.now().design();
            work.change(design.with(design.application().named(name)), "name changed");
            return settle();
        }

        List<String> finds() {
            keeping.findLeft(found -> left = found);
            settle();
            return left.stream().map(LeftWork::name).toList();
        }

        Bivouac take(int number) {
            keeping.take(left.get(number));
            return settle();
        }

        String name() {
            return work.now().design().application().name();
        }

        /** The process is gone; the system lets its locks go. */
        void kill() {
            keeping.close();
        }
    }

    private Path state() {
        return folder.resolve("state");
    }

    private Path file(String name) throws Exception {
        Path file = folder.resolve(name + ".bivouac");
        DesignFile.write(file, Design.startingWith(name));
        return file;
    }

    private List<Path> journals() throws IOException {
        try (var files = Files.list(state())) {
            return files.filter(f -> f.toString().endsWith(".journal")).toList();
        }
    }

    @Test
    void what_a_killed_one_had_unsaved_is_found_again_and_again_until_it_is_decided() throws Exception {
        Path mill = file("mill");
        new Bivouac(Optional.of(mill)).rename("Weir").kill();
        for (int i = 0; i < 3; i++) {
            // the question is open, and the next kill comes
            var next = new Bivouac(Optional.of(mill));
            assertThat(next.finds()).containsExactly("Weir");
            next.kill();
        }
        var last = new Bivouac(Optional.of(mill));
        last.finds();
        last.take(0);
        assertThat(last.name()).isEqualTo("Weir");
        assertThat(last.work.now().saved()).isFalse();
        assertThat(last.work.now().file()).contains(mill);
        // and now it is kept by the one that goes on with it
        last.kill();
        assertThat(new Bivouac(Optional.of(mill)).finds()).containsExactly("Weir");
    }

    @Test
    void once_saved_there_is_nothing_left() throws Exception {
        Path mill = file("mill");
        var first = new Bivouac(Optional.of(mill)).rename("Weir");
        assertThat(journals()).hasSize(1);
        first.work.save(mill, false, s -> {});
        first.settle();
        assertThat(journals()).isEmpty();
        first.kill();
        assertThat(new Bivouac(Optional.of(mill)).finds()).isEmpty();
    }

    @Test
    void undone_back_to_what_is_on_disk_there_is_nothing_left() throws Exception {
        var first = new Bivouac(Optional.of(file("mill"))).rename("Weir");
        first.work.undo();
        first.settle();
        assertThat(journals()).isEmpty();
    }

    @Test
    void started_on_another_design_what_was_left_of_the_first_is_still_there() throws Exception {
        Path mill = file("mill");
        Path ferry = file("ferry");
        new Bivouac(Optional.of(mill)).rename("Weir").kill();
        var other = new Bivouac(Optional.of(ferry));
        assertThat(other.finds()).containsExactly("Weir");
        other.rename("Raft");
        other.work.save(ferry, false, s -> {});
        other.settle();
        other.work.open(mill);
        other.settle();
        assertThat(other.finds()).containsExactly("Weir");
        assertThat(other.left.getFirst().isOf(mill)).isTrue();
    }

    @Test
    void a_second_one_on_the_same_file_leaves_the_living_journal_alone_and_is_told() throws Exception {
        Path mill = file("mill");
        var first = new Bivouac(Optional.of(mill)).rename("Weir");
        var second = new Bivouac(Optional.of(mill));
        assertThat(second.work.now().foot().sentence()).startsWith("mill.bivouac is open in another Bivouac, too.");
        assertThat(second.finds()).isEmpty();
        second.rename("Sluice");
        second.keeping.leave();
        first.kill();
        assertThat(new Bivouac(Optional.of(mill)).finds()).containsExactly("Weir");
    }

    @Test
    void a_file_opened_through_a_link_is_the_same_file() throws Exception {
        Path mill = file("mill");
        Path link = Files.createSymbolicLink(folder.resolve("link.bivouac"), mill);
        var first = new Bivouac(Optional.of(mill)).rename("Weir");
        var second = new Bivouac(Optional.of(link));
        assertThat(second.work.now().foot().sentence()).startsWith("link.bivouac is open in another Bivouac, too.");
        first.kill();
        second.finds();
        assertThat(second.left.getFirst().isOf(link)).isTrue();
    }

    @Test
    void two_untitled_designs_are_two() throws Exception {
        new Bivouac(Optional.empty()).rename("One").kill();
        new Bivouac(Optional.empty()).rename("Two").kill();
        assertThat(new Bivouac(Optional.empty()).finds()).containsExactlyInAnyOrder("One", "Two");
    }

    @Test
    void who_leaves_unsaved_work_on_purpose_is_not_asked_again() throws Exception {
        Path mill = file("mill");
        new Bivouac(Optional.of(mill)).rename("Weir").keeping.leave();
        assertThat(new Bivouac(Optional.of(mill)).finds()).isEmpty();
        assertThat(journals()).isEmpty();
    }

    @Test
    void what_is_thrown_away_is_gone_and_the_rest_stays() throws Exception {
        new Bivouac(Optional.empty()).rename("One").kill();
        new Bivouac(Optional.empty()).rename("Two").kill();
        var next = new Bivouac(Optional.empty());
        next.finds();
        LeftWork one = next.left.stream()
                .filter(l -> l.name().equals("One"))
                .findFirst()
                .orElseThrow();
        next.keeping.drop(one);
        next.settle();
        assertThat(next.finds()).containsExactly("Two");
    }

    @Test
    void a_damaged_journal_is_read_as_far_as_it_can_be_and_set_aside() throws Exception {
        Path mill = file("mill");
        new Bivouac(Optional.of(mill)).rename("Weir").kill();
        Path journal = journals().getFirst();
        byte[] whole = Files.readAllBytes(journal);
        Files.write(journal, java.util.Arrays.copyOf(whole, whole.length - 40));
        var next = new Bivouac(Optional.of(mill));
        assertThat(next.finds()).containsExactly("Weir");
        assertThat(next.left.getFirst().damaged()).isTrue();
        next.take(0);
        assertThat(next.name()).isEqualTo("Weir");
        assertThat(next.work.now().foot().sentence()).contains("as far as it could be read");
        assertThat(Files.exists(Path.of(journal.toString().replace(".journal", ".damaged"))))
                .isTrue();
    }

    @Test
    void a_journal_of_which_nothing_can_be_read_is_set_aside_and_said() throws Exception {
        Path mill = file("mill");
        for (String text : List.of("", "\u0000\u0000\u0000", "Bivouac journal of \"/x")) {
            new Bivouac(Optional.of(mill)).rename("Weir").kill();
            Path journal = journals().getFirst();
            Files.writeString(journal, text);
            var next = new Bivouac(Optional.of(mill));
            assertThat(next.finds()).isEmpty();
            assertThat(next.work.now().trouble().orElseThrow().sentence())
                    .contains("nothing of it can be read. It is set aside as", ".damaged");
            assertThat(journals()).isEmpty();
            next.kill();
        }
    }

    @Test
    void a_state_folder_that_cannot_be_written_is_told_at_once() throws Exception {
        Files.writeString(folder.resolve("state"), "a file stands here");
        var tool = new Bivouac(Optional.empty());
        assertThat(tool.work.now().trouble().orElseThrow().sentence())
                .startsWith("Unsaved work cannot be kept in " + state())
                .contains("save often");
        // and the tool goes on
        tool.rename("Weir");
        assertThat(tool.name()).isEqualTo("Weir");
    }

    @Test
    void what_could_not_be_kept_is_told_once_and_kept_when_it_can_be_again() throws Exception {
        var tool = new Bivouac(Optional.empty());
        Path parked = folder.resolve("parked");
        Files.move(state(), parked);
        tool.rename("Weir");
        assertThat(tool.work.now().trouble()).isPresent();
        tool.work.putTroubleAway();
        tool.rename("Sluice");
        assertThat(tool.work.now().trouble()).isEmpty();
        Files.move(parked, state());
        tool.rename("Pond");
        assertThat(new String(Files.readAllBytes(journals().getFirst()), StandardCharsets.UTF_8))
                .contains("\"name\": \"Pond\"");
    }

    @Test
    void going_on_with_work_on_a_file_that_was_changed_since_asks_before_it_is_written_over() throws Exception {
        Path mill = file("mill");
        new Bivouac(Optional.of(mill)).rename("Weir").kill();
        DesignFile.write(mill, Design.startingWith("Theirs"));
        var next = new Bivouac(Optional.of(mill));
        next.finds();
        next.take(0);
        var became = new ArrayList<Saving>();
        next.work.save(mill, false, became::add);
        next.settle();
        assertThat(became.getFirst()).isInstanceOf(Saving.Changed.class);
        assertThat(DesignFile.read(mill).application().name()).isEqualTo("Theirs");
    }

    @Test
    void of_several_changes_in_a_row_the_last_is_kept() throws Exception {
        var tool = new Bivouac(Optional.empty());
        for (int i = 0; i < 50; i++) {
            Design design = tool.work.now().design();
            tool.work.change(design.with(design.application().named("Weir " + i)), "name changed");
        }
        tool.settle().kill();
        assertThat(new Bivouac(Optional.empty()).finds()).containsExactly("Weir 49");
    }

    @Test
    void journals_are_the_users_own_and_no_locks_pile_up() throws Exception {
        for (int i = 0; i < 3; i++) {
            new Bivouac(Optional.empty()).rename("x").keeping.leave();
        }
        try (var files = Files.list(state())) {
            assertThat(files).isEmpty();
        }
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(state())))
                .startsWith("rwx");
    }
}

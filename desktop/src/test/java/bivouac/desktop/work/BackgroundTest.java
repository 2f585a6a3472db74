package bivouac.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.rehearsal.Rehearsal;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.Executor;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whatever fails off the interface thread: the person is told, can copy the details, and the tool goes on. */
class BackgroundTest {

    @TempDir
    Path folder;

    private final Queue<Runnable> tasks = new ArrayDeque<>();
    private final Set<String> failing = new HashSet<>();
    private final List<String> done = new ArrayList<>();
    private final Work work = new Work(
            Design.startingWith("Mill"),
            Optional.empty(),
            LocalDate.of(2026, 11, 23),
            tasks::add,
            tasks::add,
            Runnable::run,
            what -> {
                done.add(what);
                if (failing.contains(what)) {
                    throw new StackOverflowError("out of luck");
                }
            });

    private void settle() {
        while (!tasks.isEmpty()) {
            tasks.poll().run();
        }
    }

    private void rename(String name) {
        Design design = work.now().design();
        work.change(design.with(design.application().named(name)), "name changed");
    }

    private void toldOf(String what) {
        Background.Trouble trouble = work.now().trouble().orElseThrow();
        assertThat(trouble.sentence())
                .startsWith(Character.toUpperCase(what.charAt(0)) + what.substring(1) + " failed: out of luck");
        assertThat(trouble.details()).contains("StackOverflowError: out of luck", "BackgroundTest");
        work.putTroubleAway();
        assertThat(work.now().trouble()).isEmpty();
    }

    @Test
    void compiling_that_fails_is_told_and_the_next_change_is_compiled_again() {
        settle();
        failing.add("compiling and checking the design");
        rename("Weir");
        settle();
        toldOf("compiling and checking the design");
        assertThat(work.now().isCompiled()).isFalse();
        assertThat(work.settled()).isCompleted();
        failing.clear();
        rename("Sluice");
        settle();
        assertThat(work.now().isCompiled()).isTrue();
    }

    @Test
    void walkthroughs_that_cannot_be_played_are_told_of() {
        failing.add("playing the walkthroughs");
        rename("Weir");
        settle();
        assertThat(work.now().isCompiled()).isTrue();
        toldOf("playing the walkthroughs");
    }

    @Test
    void a_search_that_fails_is_told_of() {
        settle();
        failing.add("looking for a way to Mill");
        work.rehearseFrom("Mill");
        settle();
        toldOf("looking for a way to Mill");
        assertThat(work.now().rehearsal()).isInstanceOf(Rehearsal.class);
    }

    @Test
    void a_tour_that_fails_is_told_of() throws Exception {
        settle();
        failing.add("searching for a tour");
        var told = new java.util.concurrent.CountDownLatch(1);
        work.listen(s -> s.trouble().ifPresent(t -> told.countDown()));
        new Walkthroughs(work).proposeTour(() -> false, () -> {});
        assertThat(told.await(20, java.util.concurrent.TimeUnit.SECONDS)).isTrue();
        toldOf("searching for a tour");
    }

    @Test
    void opening_and_saving_that_fail_beyond_all_sentences_are_told_of() {
        settle();
        failing.add("saving x.bivouac");
        rename("Weir");
        work.save(folder.resolve("x.bivouac"), false, s -> done.add("saved"));
        settle();
        toldOf("saving x.bivouac");
        assertThat(done).doesNotContain("saved");
        assertThat(work.now().saved()).isFalse();
        failing.add("opening y");
        work.open(Path.of("y"));
        settle();
        toldOf("opening y");
    }

    @Test
    void keeping_unsaved_work_that_fails_is_told_of() {
        settle();
        try (var _ = new Keeping(work, new Journals(folder.resolve("state")), tasks::add)) {
            failing.add("keeping unsaved work");
            rename("Weir");
            settle();
            toldOf("keeping unsaved work");
        }
    }

    @Test
    void a_result_that_cannot_be_shown_is_told_of() {
        settle();
        work.background().run(tasks::add, "drawing", () -> 1, n -> {
            throw new IllegalStateException("no canvas");
        });
        settle();
        assertThat(work.now().trouble().orElseThrow().sentence()).startsWith("Drawing failed: no canvas.");
    }

    @Test
    void work_that_nobody_takes_any_more_is_no_trouble() {
        settle();
        Executor closed = task -> {
            throw new java.util.concurrent.RejectedExecutionException();
        };
        assertThat(work.background().run(closed, "late", () -> 1, n -> done.add("late")))
                .isCompleted();
        assertThat(work.now().trouble()).isEmpty();
    }
}

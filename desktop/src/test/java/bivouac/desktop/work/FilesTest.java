package bivouac.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Limits;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.format.DesignFile;
import bivouac.format.FileVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Queue;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Opening and saving without any interface: nothing is lost, and nobody else's work is written over unasked. */
class FilesTest {

    @TempDir
    Path folder;

    private final Queue<Runnable> background = new ArrayDeque<>();
    private final List<Saving> saved = new ArrayList<>();
    private Path file;
    private Work work;

    @BeforeEach
    void begin() throws Exception {
        file = folder.resolve("mill.bivouac");
        Design design = Design.startingWith("Mill");
        FileVersion version = DesignFile.write(file, design);
        work = new Work(
                design,
                Optional.of(new Work.OnDisk(file, version)),
                LocalDate.of(2026, 11, 23),
                background::add,
                Runnable::run);
        arrive();
    }

    private void arrive() {
        while (!background.isEmpty()) {
            background.poll().run();
        }
    }

    private void rename(String name) {
        work.change(work.now().design().with(work.now().design().application().named(name)), "name changed");
    }

    private Saving save(Path to, boolean over) {
        work.save(to, over, saved::add);
        arrive();
        return saved.getLast();
    }

    private String onDisk() throws Exception {
        return DesignFile.read(file).application().name();
    }

    @Test
    void what_is_saved_is_on_disk_and_clean() throws Exception {
        rename("Weir");
        assertThat(work.now().title()).isEqualTo("• Weir – Bivouac");
        assertThat(save(file, false)).isInstanceOf(Saving.Done.class);
        assertThat(work.now().saved()).isTrue();
        assertThat(onDisk()).isEqualTo("Weir");
        rename("Sluice");
        assertThat(save(file, false)).isInstanceOf(Saving.Done.class);
        assertThat(onDisk()).isEqualTo("Sluice");
    }

    @Test
    void what_is_typed_while_it_is_saved_stays_unsaved() throws Exception {
        rename("Weir");
        work.save(file, false, saved::add);
        rename("Sluice");
        arrive();
        assertThat(onDisk()).isEqualTo("Weir");
        assertThat(work.now().saved()).isFalse();
        work.undo();
        assertThat(work.now().saved()).isTrue();
    }

    @Test
    void two_saves_close_after_each_other_accuse_nobody_else() throws Exception {
        rename("Weir");
        work.save(file, false, saved::add);
        rename("Sluice");
        work.save(file, false, saved::add);
        arrive();
        assertThat(saved).hasSize(2).allSatisfy(s -> assertThat(s).isInstanceOf(Saving.Done.class));
        assertThat(onDisk()).isEqualTo("Sluice");
        assertThat(work.now().saved()).isTrue();
    }

    @Test
    void somebody_else_between_two_saves_is_still_seen() throws Exception {
        rename("Weir");
        work.save(file, false, saved::add);
        work.save(file, false, saved::add);
        while (saved.isEmpty()) {
            background.remove().run();
        }
        DesignFile.write(file, Design.startingWith("Theirs"));
        arrive();
        assertThat(saved.getFirst()).isInstanceOf(Saving.Done.class);
        assertThat(onDisk()).isEqualTo("Theirs");
        assertThat(saved.getLast()).isInstanceOf(Saving.Changed.class);
    }

    @Test
    void a_save_under_the_old_name_behind_one_under_a_new_name_still_sees_somebody_else() throws Exception {
        rename("Weir");
        work.save(folder.resolve("other.bivouac"), true, saved::add);
        work.save(file, false, saved::add);
        DesignFile.write(file, Design.startingWith("Theirs"));
        arrive();
        assertThat(onDisk()).isEqualTo("Theirs");
        assertThat(saved.getLast()).isInstanceOf(Saving.Changed.class);
    }

    @Test
    void a_save_that_arrives_when_another_design_is_worked_on_does_not_give_that_its_file() throws Exception {
        rename("Weir");
        work.save(file, false, saved::add);
        work.take(Design.startingWith("Ferry"), "Ferry made.");
        arrive();
        assertThat(saved.getLast()).isInstanceOf(Saving.Done.class);
        assertThat(onDisk()).isEqualTo("Weir");
        assertThat(work.now().file()).isEmpty();
        assertThat(work.now().saved()).isFalse();
    }

    @Test
    void nobody_is_asked_about_a_file_whose_design_is_not_worked_on_any_more() throws Exception {
        DesignFile.write(file, Design.startingWith("Theirs"));
        rename("Weir");
        work.save(file, false, saved::add);
        work.take(Design.startingWith("Ferry"), "Ferry made.");
        arrive();
        String sentence =
                "mill.bivouac was left as it is: somebody else has changed it, and another design is worked on"
                        + " here now.";
        assertThat(saved.getLast()).isEqualTo(new Saving.Failed(sentence));
        assertThat(work.now().foot().sentence()).isEqualTo(sentence);
        assertThat(onDisk()).isEqualTo("Theirs");
    }

    @Test
    void a_file_changed_by_somebody_else_is_not_written_over_unasked() throws Exception {
        DesignFile.write(file, Design.startingWith("Theirs"));
        rename("Mine");
        assertThat(save(file, false))
                .isEqualTo(new Saving.Changed(file, DesignFile.version(file).orElseThrow()));
        assertThat(onDisk()).isEqualTo("Theirs");
        assertThat(work.now().saved()).isFalse();
        assertThat(save(file, true)).isInstanceOf(Saving.Done.class);
        assertThat(onDisk()).isEqualTo("Mine");
    }

    @Test
    void a_file_taken_away_by_somebody_else_is_told_too() throws Exception {
        Files.delete(file);
        rename("Mine");
        assertThat(save(file, false)).isEqualTo(new Saving.Changed(file, FileVersion.ABSENT));
        assertThat(Files.exists(file)).isFalse();
    }

    @Test
    void what_is_on_disk_can_be_taken_and_undo_brings_back_what_was_here() throws Exception {
        DesignFile.write(file, Design.startingWith("Theirs"));
        rename("Mine");
        work.takeFromDisk(DesignFile.open(file));
        arrive();
        assertThat(work.now().design().application().name()).isEqualTo("Theirs");
        assertThat(work.now().saved()).isTrue();
        work.undo();
        arrive();
        assertThat(work.now().design().application().name()).isEqualTo("Mine");
        assertThat(work.now().saved()).isFalse();
        assertThat(save(file, false)).isInstanceOf(Saving.Done.class);
    }

    @Test
    void what_cannot_be_saved_says_why_and_stays_unsaved() {
        rename("Other");
        assertThat(save(folder.resolve("none/x.bivouac"), false)).isInstanceOf(Saving.Failed.class);
        assertThat(work.now().foot().sentence()).startsWith("x.bivouac could not be saved: the folder");
        assertThat(work.now().saved()).isFalse();
    }

    @Test
    void a_file_that_cannot_be_read_leaves_the_design_on_the_screen_unharmed() throws Exception {
        Design before = work.now().design();
        Path broken = Files.writeString(folder.resolve("broken.bivouac"), "{\"format\": 1");
        work.open(broken);
        arrive();
        assertThat(work.now().design()).isSameAs(before);
        assertThat(work.now().foot().sentence()).startsWith("broken.bivouac could not be opened. Line 1, column");
        assertThat(Files.readString(broken)).isEqualTo("{\"format\": 1");
    }

    @Test
    void a_file_that_arrives_after_the_design_was_changed_replaces_nothing() throws Exception {
        Path other = folder.resolve("other.bivouac");
        DesignFile.write(other, Design.startingWith("Other"));
        work.open(other);
        rename("Changed meanwhile");
        arrive();
        assertThat(work.now().design().application().name()).isEqualTo("Changed meanwhile");
        assertThat(work.now().foot().sentence()).contains("is not opened, for the design here was changed meanwhile");
        assertThat(work.now().file()).contains(file);
    }

    @Test
    void an_edit_that_could_not_be_saved_is_refused_with_a_sentence() {
        Script inside = Script.of(new Step.Note("innermost"));
        for (int i = 0; i < Limits.DEEPEST_STEPS; i++) {
            inside = Script.of(new Step.Repeat(inside));
        }
        Design before = work.now().design();
        work.change(new ScriptPlace.Start().put(before, inside), "a step added");
        assertThat(work.now().design()).isSameAs(before);
        assertThat(work.now().foot().sentence()).startsWith("Not done: start: steps stand more than 50 deep");
        String much = "x".repeat(Limits.LONGEST_TEXT + 1);
        work.change(
                before.changingFace(
                        "Mill", w -> w.withRows(List.of(bivouac.design.Row.of(Part.Caption.of("c", much))))),
                "a text pasted");
        assertThat(work.now().design()).isSameAs(before);
        assertThat(work.now().foot().sentence()).contains("more than a million characters");
    }
}

package bivouac.format;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Design;
import bivouac.design.Given;
import bivouac.design.Limits;
import bivouac.design.Part;
import bivouac.design.PretendFiles;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Walkthrough;
import bivouac.testkit.RandomDesigns;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is saved can always be read again, and saving harms nothing that is there. */
class SavingTest {

    @TempDir
    Path folder;

    private Path file;
    private final Design small = withMain(main("Desk", button("go", note("x")))).design();

    @BeforeEach
    void name_the_file() {
        file = folder.resolve("hut.bivouac");
    }

    private static Design nested(int deep) {
        Script inside = Script.of(note("innermost"));
        for (int i = 1; i < deep; i++) {
            inside = Script.of(waits("Sure", new Step.Branch("yes", inside)));
        }
        return withMain(main("Desk", Part.Button.of("go", "Go").triggering(inside)), box("Sure", "Yes", "No"))
                .design();
    }

    private static Design saying(String text) {
        return withMain(main("Desk", Part.Caption.of("said", text))).design();
    }

    private List<String> there() throws Exception {
        try (var files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    // What can be saved

    @Test
    void steps_inside_each_other_are_saved_and_read_as_deep_as_the_limit_and_refused_beyond() throws Exception {
        Design deepest = nested(Limits.DEEPEST_STEPS);
        assertThat(new Savable().why(deepest)).isEmpty();
        DesignFile.write(file, deepest);
        assertThat(DesignFile.read(file)).isEqualTo(deepest);
        for (int deep : new int[] {Limits.DEEPEST_STEPS + 1, 1_000, 20_000}) {
            Design deeper = nested(deep);
            assertThat(new Savable().why(deeper))
                    .hasValueSatisfying(w -> assertThat(w).startsWith("Desk, go: steps stand more than 50 deep"));
            assertThatThrownBy(() -> DesignFile.write(file, deeper)).isInstanceOf(Unreadable.class);
        }
        assertThat(DesignFile.read(file)).isEqualTo(deepest);
        assertThat(there()).containsExactly("hut.bivouac");
    }

    @Test
    void a_file_with_steps_too_deep_is_refused_with_the_place() {
        String text = DesignFormat.write(nested(Limits.DEEPEST_STEPS + 1));
        assertThatThrownBy(() -> DesignFormat.read(text))
                .hasMessageContaining("Desk, go: steps stand more than 50 deep");
    }

    @Test
    void texts_are_saved_up_to_their_limit_whatever_they_hold() throws Exception {
        for (String text : List.of(
                "x".repeat(Limits.LONGEST_TEXT),
                "\u0001".repeat(200_000),
                "lone \ud83d and \udc00 halves",
                "\udbff\udfff \ufffe \uffff \u2028 \u0085 \u007f",
                "\uFEFF")) {
            Design design = saying(text);
            DesignFile.write(file, design);
            assertThat(DesignFile.read(file)).isEqualTo(design);
        }
        assertThat(new Savable().why(saying("x".repeat(Limits.LONGEST_TEXT + 1))))
                .contains("A text of Desk would have more than a million characters.");
    }

    @Test
    void what_a_file_has_no_place_for_is_refused_with_what_to_do() {
        Design twoBranches = withMain(
                        main("Desk", button("go", waits("Sure", when("yes", note("a")), when("yes", note("b"))))),
                        box("Sure", "Yes", "No"))
                .design();
        assertThat(new Savable().why(twoBranches))
                .contains("Desk, go: a step has two branches for “yes”; put what they do into one.");
        Design twoValues = withMain(
                        main("Desk", button("go", alongside("Plan").handing(Given.of("k", "1"), Given.of("k", "2")))),
                        child("Plan"))
                .design();
        assertThat(new Savable().why(twoValues)).contains("Desk, go: a step says two values for “k”; keep one.");
        Design badPath =
                small.with(small.application().pretending(new PretendFiles(List.of("Hut/a.csv"), List.of(), false)));
        assertThat(new Savable().why(badPath))
                .hasValueSatisfying(w -> assertThat(w).contains("“Hut/a.csv” is no path"));
    }

    @Test
    void more_than_a_file_may_hold_is_refused() {
        String long1 = "y".repeat(999_000);
        var lines = java.util.Collections.nCopies(70, long1);
        Design large = small.walked(List.of(new Walkthrough("long", bivouac.machine.Play.TODAY, lines)));
        assertThat(new Savable().why(large))
                .hasValueSatisfying(w -> assertThat(w).contains("more than 64 MB"));
        var many = java.util.Collections.nCopies(2_000_001, "");
        Design valued = small.walked(List.of(new Walkthrough("many", bivouac.machine.Play.TODAY, many)));
        assertThat(new Savable().why(valued))
                .hasValueSatisfying(w -> assertThat(w).contains("two million values"));
    }

    @Test
    void random_designs_can_be_saved_and_read_again() throws Exception {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(19);
        var savable = new Savable();
        for (int i = 0; i < 100; i++) {
            Design design = new RandomDesigns(random).design();
            assertThat(savable.why(design)).isEmpty();
            DesignFile.write(file, design);
            assertThat(DesignFile.read(file)).isEqualTo(design);
        }
    }

    // What is there

    @Test
    void saving_replaces_the_file_and_leaves_nothing_beside_it() throws Exception {
        Files.writeString(file, "old");
        DesignFile.write(file, small);
        assertThat(DesignFile.read(file)).isEqualTo(small);
        assertThat(there()).containsExactly("hut.bivouac");
    }

    @Test
    void the_leftover_of_a_killed_saving_goes_with_the_next_one() throws Exception {
        Files.writeString(folder.resolve(".hut.bivouac.part"), "half a desi");
        DesignFile.write(file, small);
        assertThat(DesignFile.read(file)).isEqualTo(small);
        assertThat(there()).containsExactly("hut.bivouac");
    }

    @Test
    void a_leftover_that_is_a_link_is_taken_away_and_not_followed() throws Exception {
        Path precious = folder.resolve("precious.txt");
        Files.writeString(precious, "precious");
        Files.createSymbolicLink(folder.resolve(".hut.bivouac.part"), precious);
        DesignFile.write(file, small);
        assertThat(Files.readString(precious)).isEqualTo("precious");
        assertThat(there()).containsExactly("hut.bivouac", "precious.txt");
    }

    @Test
    void while_another_saves_the_same_file_one_is_told_to_try_again() throws Exception {
        DesignFile.write(file, small);
        Path part = folder.resolve(".hut.bivouac.part");
        try (var channel = FileChannel.open(part, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                var _ = channel.lock()) {
            assertThatThrownBy(() -> DesignFile.write(file, saying("later")))
                    .hasMessageContaining("is being saved by another Bivouac just now");
        }
        assertThat(DesignFile.read(file)).isEqualTo(small);
    }

    @Test
    void a_link_stays_one_and_the_file_that_it_means_is_written_with_its_mode() throws Exception {
        Path real = Files.createDirectory(folder.resolve("real")).resolve("a.bivouac");
        Files.writeString(real, "old");
        Files.setPosixFilePermissions(real, PosixFilePermissions.fromString("rw-rw-r--"));
        Files.createSymbolicLink(file, real);
        DesignFile.write(file, small);
        assertThat(Files.isSymbolicLink(file)).isTrue();
        assertThat(DesignFile.read(real)).isEqualTo(small);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(real)))
                .isEqualTo("rw-rw-r--");
    }

    @Test
    void a_link_to_nothing_says_so_and_stays() throws Exception {
        Files.createSymbolicLink(file, folder.resolve("gone.bivouac"));
        assertThatThrownBy(() -> DesignFile.write(file, small))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining(
                        "hut.bivouac is a link to " + folder.resolve("gone.bivouac") + ", which is not there");
        assertThat(Files.isSymbolicLink(file)).isTrue();
    }

    @Test
    void what_is_no_file_is_not_replaced() throws Exception {
        Files.createDirectory(file);
        assertThatThrownBy(() -> DesignFile.write(file, small)).hasMessageContaining("is no file but a folder");
        assertThatThrownBy(() -> DesignFile.write(Path.of("/dev/null"), small)).hasMessageContaining("null is no file");
        assertThatThrownBy(() -> DesignFile.read(Path.of("/dev/zero"))).hasMessageContaining("zero is no file");
        assertThat(Files.isDirectory(file, LinkOption.NOFOLLOW_LINKS)).isTrue();
    }

    @Test
    void a_place_that_cannot_be_written_is_said_and_nothing_changes() {
        Path nowhere = folder.resolve("missing/hut.bivouac");
        assertThatThrownBy(() -> DesignFile.write(nowhere, small))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("hut.bivouac could not be saved")
                .hasMessageContaining("Nothing on disk was changed");
        assertThat(Files.exists(nowhere.getParent())).isFalse();
        assertThatThrownBy(() -> DesignFile.read(folder)).hasMessageContaining("is a folder");
        assertThatThrownBy(() -> DesignFile.read(Path.of("/"))).hasMessageContaining("/ is a folder");
        assertThatThrownBy(() -> DesignFile.read(folder.resolve("none.bivouac")))
                .hasMessageContaining("There is no file");
    }

    @Test
    void a_version_tells_whether_a_file_is_still_what_was_read() throws Exception {
        FileVersion written = DesignFile.write(file, small);
        assertThat(DesignFile.open(file).version()).isEqualTo(written);
        assertThat(DesignFile.version(file)).contains(written);
        Files.writeString(file, DesignFormat.write(saying("other")));
        assertThat(DesignFile.version(file)).isPresent().isNotEqualTo(java.util.Optional.of(written));
        Files.delete(file);
        assertThat(DesignFile.version(file)).contains(FileVersion.ABSENT);
    }
}

package bivouac.format;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.design.Design;
import bivouac.design.Part;
import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A saving that is killed, or for which there is no room, leaves the old design or the new one, whole. */
class KilledSavingTest {

    private static final int KILLS = Integer.getInteger("fuzz.kills", 4);

    @TempDir
    Path folder;

    /** A large design, so that writing it takes a while. */
    private static Design large(String title) {
        var parts = new ArrayList<Part>();
        for (int i = 0; i < 1_000; i++) {
            parts.add(Part.Caption.of("part " + i, title.repeat(8)));
        }
        return withMain(main("Desk", parts.toArray(Part[]::new))).design();
    }

    /** Saves over and over until it is killed; runs in a process of its own. */
    public static final class Saver {
        private Saver() {}

        public static void main(String[] args) throws Exception {
            Path file = Path.of(args[0]);
            Design one = large("one");
            Design other = large("other");
            while (true) {
                DesignFile.write(file, one);
                System.out.println("saved");
                DesignFile.write(file, other);
            }
        }
    }

    @Test
    void a_kill_at_any_moment_leaves_a_whole_design_and_at_most_one_file_beside_it() throws Exception {
        Path file = folder.resolve("hut.bivouac");
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(3);
        Design one = large("one");
        Design other = large("other");
        for (int kill = 0; kill < KILLS; kill++) {
            Process saving = new ProcessBuilder(
                            ProcessHandle.current().info().command().orElseThrow(),
                            "-cp",
                            System.getProperty("java.class.path"),
                            Saver.class.getName(),
                            file.toString())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            // the first line says that saving has begun
            saving.getInputStream().read();
            Thread.sleep(random.nextInt(60));
            saving.destroyForcibly();
            assertThat(saving.waitFor(20, TimeUnit.SECONDS)).isTrue();
            assertThat(DesignFile.read(file)).isIn(one, other);
            assertThat(there()).hasSizeBetween(1, 2).contains("hut.bivouac");
        }
        DesignFile.write(file, one);
        assertThat(there()).containsExactly("hut.bivouac");
    }

    private List<String> there() throws Exception {
        try (var files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString()).toList();
        }
    }

    @Test
    void a_full_disk_leaves_the_old_design_and_says_so() throws Exception {
        try (var disk = Jimfs.newFileSystem(
                Configuration.unix().toBuilder().setMaxSize(64 * 1024).build())) {
            Path file = disk.getPath("/work/hut.bivouac");
            Design small = withMain(main("Desk")).design();
            DesignFile.write(file, small);
            assertThatThrownBy(() -> DesignFile.write(file, large("more")))
                    .isInstanceOf(Unreadable.class)
                    .hasMessageStartingWith("hut.bivouac could not be saved: ")
                    .hasMessageEndingWith("Nothing on disk was changed; save it elsewhere.");
            assertThat(DesignFile.read(file)).isEqualTo(small);
            try (var files = Files.list(disk.getPath("/work"))) {
                assertThat(files).containsExactly(file);
            }
        }
    }
}

package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.handover.proof.Proof;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a program has beside its windows, where no trail drives it: the browser of the system, and the calendar. */
class OutsideTheWindowsTest {

    @TempDir
    static Path folder;

    private static Path classes;

    @BeforeAll
    static void compile() throws Exception {
        Projects.write(Projects.example("ridge-hut"), Toolkit.JAVAFX, folder);
        assertThat(Proof.of(Toolkit.JAVAFX, folder).compile()).isEmpty();
        classes = folder.resolve("target/proof");
    }

    /** What a system that opens addresses was started with. */
    private static String opened(String address) throws Exception {
        Path opener = Files.createDirectories(folder.resolve("bin")).resolve("xdg-open");
        Path seen = folder.resolve("seen");
        Files.writeString(opener, "#!/bin/sh\nprintf %s \"$1\" > '" + seen + "'\n");
        Files.setPosixFilePermissions(opener, PosixFilePermissions.fromString("rwxr-xr-x"));
        Files.copy(opener, opener.resolveSibling("open"), java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        Files.deleteIfExists(seen);
        Path source = Files.writeString(
                folder.resolve("Try.java"),
                "void main(String[] a) throws Exception { new frame.Browser().accept(a[0]); Thread.sleep(400); }");
        var run = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                classes.toString(),
                source.toString(),
                address);
        run.environment().put("PATH", opener.getParent() + ":" + System.getenv("PATH"));
        Process process = run.redirectErrorStream(true)
                .redirectOutput(folder.resolve("said").toFile())
                .start();
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return Files.exists(seen) ? Files.readString(seen) : "";
    }

    @Test
    void a_link_is_opened_by_what_the_system_has_for_it() throws Exception {
        assertThat(opened("https://ridge.example/map?a=1&b=2")).isEqualTo("https://ridge.example/map?a=1&b=2");
    }

    @Test
    void an_address_that_could_start_a_program_is_not_opened_and_that_is_said() throws Exception {
        assertThat(opened("/bin/ls")).isEmpty();
        assertThat(folder.resolve("said")).content().contains("“/bin/ls” was not opened");
    }

    @Test
    void the_program_opens_its_links_and_follows_the_calendar() throws Exception {
        assertThat(folder.resolve("src/main/java/ridgehut/RidgeHut.java"))
                .content()
                .contains(
                        "app.browser(new Browser());",
                        "new NewDays(Clock.systemDefaultZone(), app::dayPasses).begin();");
    }

    @Test
    void a_new_day_is_told_once() throws Exception {
        var clock = new Clock() {
            private Instant now = Instant.parse("2031-03-09T23:59:00Z");

            @Override
            public ZoneId getZone() {
                return ZoneOffset.UTC;
            }

            @Override
            public Clock withZone(ZoneId zone) {
                return this;
            }

            @Override
            public Instant instant() {
                return now;
            }
        };
        List<LocalDate> heard = new ArrayList<>();
        try (var loader = new URLClassLoader(
                new URL[] {classes.toUri().toURL()}, getClass().getClassLoader())) {
            Class<?> days = loader.loadClass("frame.NewDays");
            Consumer<LocalDate> to = heard::add;
            Object following = days.getConstructor(Clock.class, Consumer.class).newInstance(clock, to);
            var look = days.getDeclaredMethod("look");
            look.setAccessible(true);
            look.invoke(following);
            assertThat(heard).isEmpty();
            clock.now = clock.now.plusSeconds(120);
            look.invoke(following);
            look.invoke(following);
            assertThat(heard).containsExactly(LocalDate.parse("2031-03-10"));
        }
    }
}

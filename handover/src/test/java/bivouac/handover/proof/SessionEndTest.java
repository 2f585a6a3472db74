package bivouac.handover.proof;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Holding;
import bivouac.design.Step;
import bivouac.handover.HandedOver;
import bivouac.handover.Toolkit;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * A program is told by a signal that the session ends, as systems do it: what is held is given back, and who stays open
 * stays (C1, D2). What is held leaves a trace in a file, which tells from outside how far the program is.
 */
class SessionEndTest {

    @TempDir
    Path folder;

    private Display display;
    private Process program;

    private static Design design(Step... beforeClosing) {
        return withMain(before(main("Desk"), beforeClosing))
                .holds(Holding.of("lock").ofTheApplication().leavingATrace())
                .start(Step.TakeHolding.of("lock"), alongside("Desk"))
                .design();
    }

    private void start(Toolkit toolkit, Design design) throws Exception {
        HandedOver.to(folder, design, toolkit, Optional.empty(), new HandedOver.Allowed(true, false));
        assertThat(Proof.of(toolkit, folder).compile()).isEmpty();
        display = Display.open().orElseThrow();
        var starts = new ProcessBuilder(command(toolkit)).directory(folder.toFile());
        starts.environment().put("DISPLAY", display.name());
        starts.environment().put("XDG_CONFIG_HOME", folder.toString());
        program = starts.redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        waitUntil(this::holds);
    }

    private static List<String> command(Toolkit toolkit) {
        if (toolkit == Toolkit.TK) {
            return List.of("python3", "-m", "test");
        }
        var command = new ArrayList<String>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        if (toolkit == Toolkit.JAVAFX) {
            command.addAll(List.of("-Dglass.platform=Headless", "-Dprism.order=sw"));
        }
        String classes = "target/proof:" + Proof.javafxOf(System.getProperty("java.class.path"));
        command.addAll(List.of("-cp", classes, "test.Test"));
        return command;
    }

    private interface Asking {
        boolean isSo() throws Exception;
    }

    private void waitUntil(Asking asking) throws Exception {
        long last = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
        while (!asking.isSo()) {
            assertThat(System.nanoTime()).as("it takes too long").isLessThan(last);
            Thread.sleep(50);
        }
    }

    /** Whether the file of what outlives the run says that the lock is held. */
    private boolean holds() throws Exception {
        try (var files = Files.walk(folder)) {
            for (Path file : files.filter(f -> f.getFileName().toString().startsWith("kept."))
                    .toList()) {
                if (Files.isRegularFile(file) && Files.readString(file).contains("lock")) {
                    return true;
                }
            }
        }
        return false;
    }

    @AfterEach
    void stop() {
        program.destroyForcibly();
        display.close();
    }

    @ParameterizedTest
    @EnumSource(names = {"JAVAFX", "SWING", "TK"})
    void a_program_departs_when_it_is_told_and_gives_back_what_it_holds(Toolkit toolkit) throws Exception {
        start(toolkit, design());
        program.destroy();
        assertThat(program.waitFor(20, TimeUnit.SECONDS)).as("it ends").isTrue();
        assertThat(program.exitValue()).as("by itself, and not by the signal").isZero();
        assertThat(holds()).as("the lock is given back").isFalse();
    }

    @ParameterizedTest
    @EnumSource(names = {"JAVAFX", "SWING", "TK"})
    void a_window_that_stays_open_calls_it_off(Toolkit toolkit) throws Exception {
        start(toolkit, design(stay()));
        program.destroy();
        assertThat(program.waitFor(2, TimeUnit.SECONDS)).as("it goes on").isFalse();
        assertThat(holds()).isTrue();
    }
}

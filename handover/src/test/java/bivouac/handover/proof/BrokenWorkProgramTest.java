package bivouac.handover.proof;

import static bivouac.machine.Play.run;
import static bivouac.machine.Play.task;
import static bivouac.machine.Play.withMain;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.NamedScript;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.WorkBreaking;
import bivouac.handover.HandedOver;
import bivouac.handover.Toolkit;
import bivouac.machine.Play;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Programs as they are started by a person, whose own work really throws (W8): none waits for ever. */
class BrokenWorkProgramTest {

    @TempDir
    Path folder;

    private Optional<Display> display = Optional.empty();
    private Optional<Process> program = Optional.empty();

    /** At the start a task runs; what breaks is said with code 7, and is 1, a fault, where nothing says it (D6). */
    private static Design design(boolean told) {
        var ends = new Step.EndApplication(
                Optional.of(new Expression("7")), Optional.of("{takes.task}: {takes.reason}"), Script.EMPTY);
        NamedScript says = NamedScript.of(WorkBreaking.ANSWER, ends)
                .taking(List.of(Take.of("task", Type.TEXT), Take.of("reason", Type.TEXT)));
        var after = new Step.EndApplication(Optional.of(new Expression("3")), Optional.of("it went on"), Script.EMPTY);
        Play.Making making =
                withMain(Play.main("Desk")).works(task("fetch", "done")).start(run("fetch"), after);
        return (told ? making.does(says) : making).design();
    }

    private void write(Toolkit toolkit, Design design) throws Exception {
        HandedOver.to(folder, design, toolkit, Optional.empty(), new HandedOver.Allowed(true, false));
        switch (toolkit) {
            case TK ->
                change("own_tasks.py", "return tasks.Fetch.Done()", "raise OSError(28, \"No space left on device\")");
            case FORMS ->
                change(
                        "OwnTasks.cs",
                        "return new Fetch.Done();",
                        "throw new System.IO.IOException(\"No space left on device\");");
            case JAVAFX, SWING ->
                change(
                        "OwnTasks.java",
                        "return new Fetch.Done();",
                        "throw new IllegalStateException(\"No space left on device\");");
        }
    }

    private void change(String file, String what, String to) throws Exception {
        try (var files = Files.walk(folder)) {
            Path own = files.filter(f -> f.endsWith(file)).findFirst().orElseThrow();
            String before = Files.readString(own);
            assertThat(before).contains(what);
            Files.writeString(own, before.replace(what, to));
        }
    }

    private static List<String> command(Toolkit toolkit) {
        if (toolkit == Toolkit.TK) {
            return List.of("python3", "-m", "test");
        }
        if (toolkit == Toolkit.FORMS) {
            return List.of("make", "run");
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

    private String said(Toolkit toolkit) throws Exception {
        assertThat(Proof.of(toolkit, folder).compile()).isEmpty();
        display = Display.open();
        var starts = new ProcessBuilder(command(toolkit)).directory(folder.toFile());
        display.ifPresent(d -> starts.environment().put("DISPLAY", d.name()));
        starts.environment().put("XDG_CONFIG_HOME", folder.toString());
        Path log = folder.resolve("said.log");
        Process started =
                starts.redirectErrorStream(true).redirectOutput(log.toFile()).start();
        program = Optional.of(started);
        assertThat(started.waitFor(60, TimeUnit.SECONDS)).as("it ends").isTrue();
        return Files.readString(log, StandardCharsets.UTF_8);
    }

    @AfterEach
    void stop() {
        program.ifPresent(Process::destroyForcibly);
        display.ifPresent(Display::close);
    }

    @ParameterizedTest
    @EnumSource
    void W8_work_that_throws_is_said_and_the_script_that_waited_ends(Toolkit toolkit) throws Exception {
        write(toolkit, design(true));
        assertThat(said(toolkit))
                .contains("fetch: ")
                .contains("No space left on device")
                .doesNotContain("it went on");
        // make says 2 of whatever failed
        assertThat(program.orElseThrow().exitValue()).isEqualTo(toolkit == Toolkit.FORMS ? 2 : 7);
    }

    @Test
    void X11_where_nothing_says_it_it_is_a_fault_and_nobody_waits() throws Exception {
        write(Toolkit.TK, design(false));
        Files.writeString(
                folder.resolve("test").resolve("own_tasks.py"),
                "import os\nimport signal\n"
                        + Files.readString(folder.resolve("test").resolve("own_tasks.py"))
                                .replace(
                                        "raise OSError",
                                        "os.kill(os.getpid(), signal.SIGTERM)\n        raise OSError"));
        assertThat(said(Toolkit.TK)).contains("X11").doesNotContain("it went on");
        assertThat(program.orElseThrow().exitValue()).isEqualTo(1);
    }
}

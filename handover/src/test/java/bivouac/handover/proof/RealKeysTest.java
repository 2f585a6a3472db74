package bivouac.handover.proof;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Editing;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.handover.HandedOver;
import bivouac.handover.Toolkit;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A program under real keys, which come from the display: what they lead to is told by the exit code. */
class RealKeysTest {

    @TempDir
    Path folder;

    private Display display;
    private Process manager;
    private Process program;

    /** Which end it came to says which keys were heard. */
    private static Design design() {
        Part name = Part.TextField.of("who", "&Who").triggering(Script.of(set("app.changes", "app.changes + 1")));
        Part ok = Part.Button.of("ok", "OK")
                .triggering(Script.of(new Step.If(
                        List.of(new Step.If.Case(
                                new Expression("me.who == 'hut' && app.changes == 3"), Script.of(ends(7, "")))),
                        Optional.of(Script.of(ends(8, ""))))));
        Part asks =
                Part.Button.of("asks", "&Ask").triggering(Script.of(waitsForOwner("Form"), set("app.changes", "20")));
        var quit = new Part.MenuCommand(
                bivouac.design.Name.of("quit"),
                "&Quit",
                "Ctrl+Q",
                false,
                false,
                bivouac.design.Each.ONCE,
                java.util.Optional.empty(),
                Script.of(new Step.EndApplication(
                        Optional.of(new Expression("app.changes")), Optional.empty(), Script.EMPTY)),
                bivouac.design.Traits.USUAL);
        FacedWindow main = main("Desk", name, asDefault((Part.Button) ok), asks)
                .withMenus(List.of(new Menu("&File", List.of(quit))));
        return withMain(main, dialog("Form", button("done", close("ok"))))
                .variable("changes", bivouac.design.Type.WHOLE, "0")
                .design();
    }

    private static Part asDefault(Part.Button button) {
        return new Part.Button(button.name(), button.text(), true, button.each(), button.pressed(), button.traits());
    }

    /** Edit commands with the keys that the platform has for them, and one with a key of its own (P6). */
    private static Design editing() {
        Part who = Part.TextField.of("who", "&Who").triggering(Script.of(set("app.changes", "app.changes + 1")));
        List<Part.MenuCommand> commands = Stream.of(Editing.values())
                .map(e -> Part.MenuCommand.of(e.name(), e.text(), e == Editing.SELECT_ALL ? "F9" : e.shortcut())
                        .doing(Optional.of(e)))
                .toList();
        var quit = (Part.MenuCommand) Part.MenuCommand.of("quit", "&Quit", "Ctrl+Q")
                .triggering(Script.of(new Step.If(
                        List.of(new Step.If.Case(
                                new Expression("me.who == 'hut'"),
                                Script.of(new Step.EndApplication(
                                        Optional.of(new Expression("app.changes")), Optional.empty(), Script.EMPTY)))),
                        Optional.of(Script.of(ends(99, ""))))));
        return withMain(main("Desk", who)
                        .withMenus(List.of(new Menu("&File", List.of(quit)), new Menu("&Edit", commands))))
                .variable("changes", bivouac.design.Type.WHOLE, "0")
                .design();
    }

    private void start(Toolkit toolkit) throws Exception {
        start(toolkit, design());
    }

    private void start(Toolkit toolkit, Design design) throws Exception {
        HandedOver.to(folder, design, toolkit, Optional.empty(), new HandedOver.Allowed(true, false));
        assertThat(Proof.of(toolkit, folder).compile()).isEmpty();
        display = Display.open().orElseThrow();
        manager = on(new ProcessBuilder("openbox")).start();
        var starts = new ProcessBuilder(command(toolkit)).directory(folder.toFile());
        on(starts).environment().put("XDG_CONFIG_HOME", folder.toString());
        program = starts.start();
    }

    private ProcessBuilder on(ProcessBuilder builder) {
        builder.environment().put("DISPLAY", display.name());
        return builder.redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD);
    }

    /** What starts the program, as its README says, but for the build. */
    private List<String> command(Toolkit toolkit) throws Exception {
        if (toolkit == Toolkit.TK) {
            Path main = found(p -> p.endsWith("__main__.py"));
            return List.of("python3", "-m", main.getParent().getFileName().toString());
        }
        if (toolkit == Toolkit.FORMS) {
            assertThat(new ProcessBuilder("make", "-s")
                            .directory(folder.toFile())
                            .start()
                            .waitFor())
                    .isZero();
            return List.of("mono", "bin/Test.exe");
        }
        Path main = found(p -> p.toString().endsWith(".java") && holdsMain(p));
        String type = main.getParent().getFileName() + "."
                + main.getFileName().toString().replace(".java", "");
        return List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-cp", "target/proof", type);
    }

    private Path found(Predicate<Path> is) throws Exception {
        try (var all = Files.walk(folder)) {
            return all.filter(Files::isRegularFile).filter(is).findFirst().orElseThrow();
        }
    }

    private static boolean holdsMain(Path file) {
        try {
            return Files.readString(file).contains("new OwnTasks()");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @AfterEach
    void stop() {
        program.destroyForcibly();
        manager.destroy();
        display.close();
    }

    private void xdotool(String... arguments) throws Exception {
        var command = new ArrayList<>(List.of("xdotool"));
        command.addAll(Arrays.asList(arguments));
        var tool = on(new ProcessBuilder(command));
        assertThat(tool.start().waitFor(20, TimeUnit.SECONDS))
                .as(command.toString())
                .isTrue();
    }

    /** Keys at the window of a name, as soon as it is there. */
    private void keys(String window, String... keys) throws Exception {
        xdotool("search", "--sync", "--onlyvisible", "--name", window, "windowactivate", "--sync");
        for (String key : keys) {
            xdotool("key", key);
        }
    }

    /** A key at a window until something has come of it: a machine that does much else hears some too late. */
    private void keyUntil(String window, String key, BooleanSupplier done) throws Exception {
        for (int i = 0; i < 40 && !done.getAsBoolean(); i++) {
            keys(window, key);
            program.waitFor(500, TimeUnit.MILLISECONDS);
        }
    }

    private boolean isShown(String window) {
        try {
            return on(new ProcessBuilder("xdotool", "search", "--onlyvisible", "--name", window))
                            .start()
                            .waitFor()
                    == 0;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private int ended() throws Exception {
        assertThat(program.waitFor(20, TimeUnit.SECONDS)).as("it ends").isTrue();
        return program.exitValue();
    }

    @ParameterizedTest
    @EnumSource(names = {"TK", "SWING", "FORMS"})
    void letters_are_typed_each_is_a_change_and_enter_presses_the_default_button(Toolkit toolkit) throws Exception {
        start(toolkit);
        keys("Desk", "h", "u", "t", "Return");
        assertThat(ended()).isEqualTo(7);
    }

    @ParameterizedTest
    @EnumSource(names = {"TK", "SWING", "FORMS"})
    void typing_over_a_selection_is_one_change(Toolkit toolkit) throws Exception {
        start(toolkit);
        keys("Desk", "a", "b", toolkit == Toolkit.TK ? "ctrl+slash" : "ctrl+a", "x", "ctrl+q");
        assertThat(ended()).isEqualTo(3);
    }

    @ParameterizedTest
    @EnumSource(names = {"TK", "SWING", "FORMS"})
    void P6_edit_commands_do_once_what_they_say_and_each_change_is_told(Toolkit toolkit) throws Exception {
        start(toolkit, editing());
        keys("Desk", "h", "u", "t", "F9", "ctrl+x", "ctrl+v", "ctrl+v", "ctrl+z", "ctrl+y", "ctrl+z", "ctrl+q");
        // three letters, cut, twice pasted, undone, done again, undone
        assertThat(ended()).isEqualTo(9);
    }

    @ParameterizedTest
    @EnumSource(names = {"TK", "SWING", "FORMS"})
    void a_blocked_window_hears_no_key_until_escape_has_closed_what_is_waited_for(Toolkit toolkit) throws Exception {
        start(toolkit);
        keys("Desk", "alt+a");
        keys("Form", "alt+q");
        keys("Desk", "ctrl+q", "x");
        assertThat(program.isAlive()).as("its owner is blocked").isTrue();
        keyUntil("Form", "Escape", () -> !isShown("Form"));
        keyUntil("Desk", "ctrl+q", () -> !program.isAlive());
        assertThat(ended()).isEqualTo(20);
    }
}

package bivouac.handover.proof;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.handover.Handover;
import bivouac.handover.Toolkit;
import bivouac.handover.WrittenFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A program for Tk under real keys, which come from the display: what they lead to is told by the exit code. */
class RealKeysTest {

    @TempDir
    Path folder;

    private Display display;
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
        return new Part.Button(button.name(), button.text(), true, button.pressed(), button.traits());
    }

    @BeforeEach
    void start() throws Exception {
        String name = "";
        for (WrittenFile file : Handover.write(design(), Toolkit.TK)) {
            Path path = folder.resolve(file.path());
            Files.createDirectories(path.getParent());
            Files.writeString(path, file.text());
            if (file.path().endsWith("/__main__.py")) {
                name = file.path().replace("/__main__.py", "");
            }
        }
        display = Display.open().orElseThrow();
        var starts = new ProcessBuilder("python3", "-m", name)
                .directory(folder.toFile())
                .inheritIO();
        starts.environment().put("DISPLAY", display.name());
        starts.environment().put("XDG_CONFIG_HOME", folder.toString());
        program = starts.start();
    }

    @AfterEach
    void stop() {
        program.destroyForcibly();
        display.close();
    }

    private void xdotool(String... arguments) throws Exception {
        var command = new ArrayList<>(List.of("xdotool"));
        command.addAll(Arrays.asList(arguments));
        var tool =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD);
        tool.environment().put("DISPLAY", display.name());
        assertThat(tool.start().waitFor(20, TimeUnit.SECONDS))
                .as(command.toString())
                .isTrue();
    }

    /** Keys at the window of a name, as soon as it is there; without a window manager it gets the keyboard by hand. */
    private void keys(String window, String... keys) throws Exception {
        xdotool("search", "--sync", "--onlyvisible", "--name", window, "windowfocus", "--sync");
        for (String key : keys) {
            xdotool("key", key);
        }
    }

    private int ended() throws Exception {
        assertThat(program.waitFor(20, TimeUnit.SECONDS)).as("it ends").isTrue();
        return program.exitValue();
    }

    @Test
    void letters_are_typed_each_is_a_change_and_enter_presses_the_default_button() throws Exception {
        keys("Desk", "h", "u", "t", "Return");
        assertThat(ended()).isEqualTo(7);
    }

    @Test
    void typing_over_a_selection_is_one_change() throws Exception {
        keys("Desk", "a", "b", "ctrl+slash", "x", "ctrl+q");
        assertThat(ended()).isEqualTo(3);
    }

    @Test
    void a_blocked_window_hears_no_key_until_escape_has_closed_what_is_waited_for() throws Exception {
        keys("Desk", "alt+a");
        keys("Form", "alt+q");
        keys("Desk", "ctrl+q", "x");
        assertThat(program.isAlive()).as("its owner is blocked").isTrue();
        keys("Form", "Escape");
        keys("Desk", "ctrl+q");
        assertThat(ended()).isEqualTo(20);
    }
}

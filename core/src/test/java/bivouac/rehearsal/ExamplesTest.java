package bivouac.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.check.known.Beside;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.Steps;
import bivouac.format.DesignFile;
import bivouac.format.DesignFormat;
import bivouac.machine.Play;
import bivouac.plan.Program;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The designs that ship are laid out as saved, have no findings, and their trails are possible to the end. */
class ExamplesTest {

    private static final Path EXAMPLES = Path.of("../examples");

    private static Design design(String name) throws Exception {
        Path file = EXAMPLES.resolve(name + ".bivouac");
        if (Boolean.getBoolean("golden.rewrite")) {
            DesignFile.write(file, DesignFile.read(file));
        }
        assertThat(DesignFormat.write(DesignFile.read(file))).isEqualTo(Files.readString(file));
        return DesignFile.read(file);
    }

    @ParameterizedTest
    @ValueSource(strings = {"ridge-hut", "ferry-bell", "kiln-house", "lamp-log"})
    void an_example_is_whole(String name) throws Exception {
        Program program = Program.of(design(name));
        assertThat(Findings.checked(program, Beside.UNKNOWN).open()).isEmpty();
        assertThat(Findings.checked(program, Beside.UNKNOWN).gone()).isEmpty();
        var trail = TrailFile.read(Files.readString(EXAMPLES.resolve(name + ".trail")));
        var replay = Rehearsal.replay(program, Play.TODAY, trail);
        assertThat(replay.stopped()).isEmpty();
        assertThat(replay.rehearsal().scene().ended()).contains(0L);
        replay.rehearsal().moments().forEach(m -> assertThat(TrailWords.faults(m.seen()))
                .isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"ridge-hut", "ferry-bell", "kiln-house", "lamp-log"})
    void the_walkthroughs_of_an_example_hold(String name) throws Exception {
        Design design = design(name);
        Program program = Program.of(design);
        assertThat(design.walkthroughs())
                .hasSizeGreaterThanOrEqualTo(name.equals("ridge-hut") ? 12 : name.equals("lamp-log") ? 9 : 3);
        for (var walkthrough : design.walkthroughs()) {
            assertThat(Walk.play(program, walkthrough).broken())
                    .as(walkthrough.name())
                    .isEmpty();
            assertThat(walkthrough.lines()).as(walkthrough.name()).anyMatch(l -> l.startsWith("see "));
        }
    }

    /** What Ridge Hut has not: two main windows, a start that tries again, a step of the plan that fails. */
    @Test
    void kiln_house_has_a_device_two_main_windows_and_a_plan_that_can_fail() throws Exception {
        Design kiln = design("kiln-house");
        assertThat(kiln.windows())
                .filteredOn(w -> w instanceof FacedWindow f && f.of() == FacedWindow.Kind.MAIN)
                .hasSize(2);
        assertThat(kiln.application().holdings()).anyMatch(h -> h.ofApplication() && h.mayFail());
        assertThat(kiln.application().leaving().plan().steps()).isNotEmpty();
        assertThat(kiln.walkthroughs()).anyMatch(w -> w.lines().contains("see exit code 4"));
    }

    @Test
    void ridge_hut_uses_every_kind_of_window_part_and_ready_made_window() throws Exception {
        Design hut = design("ridge-hut");
        Set<Object> windows = new HashSet<>();
        Set<String> parts = new HashSet<>();
        Set<Class<?>> steps = new HashSet<>();
        hut.windows().forEach(w -> {
            switch (w) {
                case FacedWindow f -> {
                    windows.add(f.of());
                    f.parts().forEach(p -> parts.add(p.kind()));
                }
                case MessageBox b -> windows.add(MessageBox.class);
                case FileDialog d -> windows.add(FileDialog.class);
                case Picker p -> windows.add(p.of());
            }
        });
        hut.scripts().forEach((place, script) -> Steps.walk(script, (path, step) -> steps.add(step.getClass())));
        assertThat(windows)
                .contains((Object[]) FacedWindow.Kind.values())
                .contains(MessageBox.class, FileDialog.class)
                .contains((Object[]) Picker.Of.values());
        Set<Object> manners = new HashSet<>();
        bivouac.design.WaysIn.of(hut)
                .forEach(w -> manners.add(w.open().manner().getClass().getSimpleName()));
        assertThat(manners).containsExactlyInAnyOrder("WaitsForOwner", "WaitsForApplication", "Alongside", "InPlace");
        assertThat(hut.windows().stream().filter(FileDialog.class::isInstance).map(w -> ((FileDialog) w).asks()))
                .contains(FileDialog.Asks.values());
        assertThat(parts)
                .contains(
                        "caption",
                        "text field",
                        "number field",
                        "whole-number field",
                        "list",
                        "date field",
                        "choice",
                        "tick box",
                        "button",
                        "link",
                        "picture",
                        "menu command");
        assertThat(hut.faced("Register").orElseThrow().parts())
                .anyMatch(p -> p instanceof Part.MenuCommand m && m.ticking());
        assertThat(steps.stream().map(Class::getSimpleName))
                .contains(
                        "Open",
                        "Close",
                        "StayOpen",
                        "SetValue",
                        "If",
                        "EndApplication",
                        "Note",
                        "RunTask",
                        "Reach",
                        "NotThereYet",
                        "AddRow",
                        "RemoveRow",
                        "KeepRow",
                        "Repeat",
                        "Again");
    }
}

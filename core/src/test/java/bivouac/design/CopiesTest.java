package bivouac.design;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.machine.Play;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CopiesTest {

    private static final Design MILL = withMain(
                    main(
                            "Mill",
                            Part.Caption.of("shown", ""),
                            Part.Button.of("go", "Go")
                                    .triggering(Script.of(set("me.go.enabled", "false"), set("me.shown", "\"gone\""))),
                            button("more", alongside("Mill log"))),
                    child("Mill log", button("again", alongside("Mill log"), alongside("Mill"))),
                    child("Yard"))
            .design();

    @Test
    void a_windows_copy_opens_itself_where_the_original_does_and_others_as_before() {
        var copied = Copies.window(MILL, "Mill log").orElseThrow();
        assertThat(copied.name()).isEqualTo("Mill log 2");
        var script = new ScriptPlace.AtPart("Mill log 2", "again").in(copied.design());
        assertThat(script.steps()).containsExactly(alongside("Mill log 2"), alongside("Mill"));
        assertThat(copied.still()).contains("opens Mill").contains("opens Mill log 2");
        assertThat(copied.design().windows().stream().map(w -> w.name().shown()))
                .containsExactly("Mill", "Mill log", "Mill log 2", "Yard");
        assertThat(copied.design().window("Mill log")).isEqualTo(MILL.window("Mill log"));
    }

    @Test
    void a_parts_copy_speaks_of_itself_and_stands_under_the_original() {
        Part go = MILL.faced("Mill").orElseThrow().part("go").orElseThrow();
        var copied = Copies.part(MILL, "Mill", go, "Mill", Optional.of("go")).orElseThrow();
        assertThat(copied.name()).isEqualTo("go2");
        assertThat(new ScriptPlace.AtPart("Mill", "go2").in(copied.design()).steps())
                .containsExactly(set("me.go2.enabled", "false"), set("me.shown", "\"gone\""));
        assertThat(copied.design().faced("Mill").orElseThrow().parts().stream()
                        .map(p -> p.name().expression()))
                .containsExactly("shown", "go", "go2", "more");
        new Play(copied.design())
                .does("press \"go2\" of \"Mill\"")
                .cannot("press \"go2\" of \"Mill\"")
                .hasNoFault();
    }

    @Test
    void pasted_into_another_window_it_lists_what_is_not_there() {
        Part go = MILL.faced("Mill").orElseThrow().part("go").orElseThrow();
        var copied = Copies.part(MILL, "Mill", go, "Yard", Optional.empty()).orElseThrow();
        assertThat(copied.still()).containsExactly("sets me.shown");
        assertThat(Findings.of(Program.of(copied.design())))
                .anyMatch(f -> f.what().contains("me.shown"));
    }

    @Test
    void a_command_goes_into_a_menu() {
        var command = Part.MenuCommand.of("grind", "Grind", "Ctrl+G");
        var copied =
                Copies.part(MILL, "Mill", command, "Yard", Optional.empty()).orElseThrow();
        assertThat(copied.design().faced("Yard").orElseThrow().menus())
                .containsExactly(new Menu("Menu", List.of(command)));
    }

    @Test
    void nothing_is_copied_where_there_is_nothing() {
        assertThat(Copies.window(MILL, "Nowhere")).isEmpty();
        assertThat(Copies.part(MILL, "Mill", Part.Caption.of("a", ""), "Nowhere", Optional.empty()))
                .isEmpty();
    }
}

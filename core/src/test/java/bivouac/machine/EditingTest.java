package bivouac.machine;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bivouac.check.Findings;
import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Editing;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.format.DesignFormat;
import bivouac.format.Unreadable;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Menu commands that do one of the platform's own (P6). */
class EditingTest {

    private static final Part.MenuCommand CUT =
            Part.MenuCommand.of("cut", "Cu&t", "Ctrl+X").doing(Optional.of(Editing.CUT));

    private static Design desk(Part... parts) {
        return withMain(main("Desk", parts).withMenus(List.of(new Menu("Edit", List.of(CUT)))))
                .design();
    }

    @Test
    void P6_choosing_it_is_no_event_and_it_is_shown_as_any_other() {
        Play play = new Play(desk(Part.TextField.of("name", "Name")));
        play.cannot("press \"cut\" of \"Desk\"");
        assertThat(play.rehearsal().possible()).isNotEmpty().noneMatch(e -> e instanceof Event.Press);
        Scene.SeenPart seen = play.window("Desk").part("cut").orElseThrow();
        assertThat(seen.text()).isEqualTo("Cu&t");
        assertThat(seen.enabled()).isTrue();
    }

    @Test
    void P6_it_is_no_way_out() {
        Design design = desk(Part.TextField.of("name", "Name"))
                .changingFace("Desk", f -> f.leaving(Way.ESCAPE, new WayOut.AsPressing("cut")));
        new Play(design).cannot("Escape of \"Desk\"");
    }

    @Test
    void P6_it_runs_no_script_stands_there_once_and_carries_no_tick() {
        assertThat(CUT.trigger()).isEmpty();
        var usual = Part.MenuCommand.of("cut", "Cut", "");
        for (Part.MenuCommand other : List.of(
                (Part.MenuCommand) usual.triggering(bivouac.design.Script.of(note("x"))),
                usual.forEach(new Each.OfRows("app.files")),
                usual.ticking(true))) {
            assertThat(other.canEdit()).isFalse();
            assertThatThrownBy(() -> other.doing(Optional.of(Editing.CUT)))
                    .isInstanceOf(IllegalArgumentException.class);
        }
    }

    @Test
    void it_is_read_back_as_it_was_written_and_a_file_that_says_both_is_refused_with_the_place() throws Exception {
        Design design = desk(Part.TextField.of("name", "Name"));
        String written = DesignFormat.write(design);
        assertThat(written).contains("\"does\": \"cut\"");
        assertThat(DesignFormat.read(written)).isEqualTo(design);
        String both = written.replace("\"does\": \"cut\"", "\"ticking\": true, \"does\": \"cut\"");
        assertThatThrownBy(() -> DesignFormat.read(both))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("runs no script");
        assertThatThrownBy(() -> DesignFormat.read(written.replace("\"does\": \"cut\"", "\"does\": \"burn\"")))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("select all");
    }

    @Test
    void where_there_is_no_field_it_does_nothing_and_that_is_found() {
        assertThat(findings(desk(button("go", note("x")))))
                .contains("Cut on Desk does nothing: the window has no field.");
        assertThat(findings(desk(Part.ValueField.of("nights", "Nights"), button("go", note("x")))))
                .noneMatch(f -> f.startsWith("Cut"));
    }

    private static List<String> findings(Design design) {
        return Findings.of(Program.of(design)).stream().map(Finding::what).toList();
    }
}

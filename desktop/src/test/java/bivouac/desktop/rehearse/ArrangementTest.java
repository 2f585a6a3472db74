package bivouac.desktop.rehearse;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.MessageBox;
import bivouac.design.WindowFrame;
import bivouac.format.DesignFile;
import bivouac.machine.Scene;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.WayThere;
import java.nio.file.Path;
import java.time.LocalDate;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;

class ArrangementTest {

    /** A message box of Ridge Hut, open, where all boxes stand so. */
    private static Scene.OpenWindow box(WindowFrame.Place place) throws Exception {
        Design design = DesignFile.read(Path.of("../examples/ridge-hut.bivouac"));
        for (var window : design.windows()) {
            if (window instanceof MessageBox box) {
                design = design.changing(box.name().shown(), w -> box.standing(place));
            }
        }
        var start = Rehearsal.start(Program.of(design), LocalDate.of(2026, 11, 23));
        return WayThere.to(start, "Name missing").rehearsal().orElseThrow().scene().windows().stream()
                .filter(w -> w.design() instanceof MessageBox)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_message_box_stands_over_its_owner_or_in_the_middle_as_the_design_says() throws Exception {
        assertThat(Arrangement.isCentred(box(WindowFrame.Place.OVER_OWNER))).isFalse();
        assertThat(Arrangement.isCentred(box(WindowFrame.Place.CENTRE))).isTrue();
    }

    @Test
    void a_shortcut_in_a_menu_is_only_shown() {
        var shown = Shortcuts.shown("Ctrl+S");
        var key = new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.S, false, true, false, false);
        assertThat(shown.getDisplayText()).isEqualTo("Ctrl+S");
        assertThat(shown.match(key)).isFalse();
        assertThat(Shortcuts.matches("Ctrl+S", key)).isTrue();
    }
}

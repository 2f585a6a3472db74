package bivouac.desktop.rehearse;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.MessageBox;
import bivouac.design.WindowFrame;
import bivouac.format.DesignFile;
import bivouac.machine.Play;
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

    // Who has the keyboard

    private static Scene.OpenWindow window(Scene scene, String name) {
        return scene.windows().stream()
                .filter(w -> w.which().window().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void the_topmost_window_that_can_be_used_takes_the_keyboard_and_the_owner_of_it_may_keep_it() {
        var arrangement = new Arrangement();
        var desk = Play.withMain(
                        Play.main(
                                "Desk",
                                Play.button("card", Play.alongside("Card")),
                                Play.button("ask", Play.waits("Sure"))),
                        Play.owned(Play.child("Card")))
                .with(Play.box("Sure", "OK"))
                .play();
        Scene alone = desk.rehearsal().scene();
        assertThat(arrangement.usable(alone)).contains(window(alone, "Desk"));

        Scene both = desk.does("press \"card\" of \"Desk\"").rehearsal().scene();
        assertThat(arrangement.usable(both)).contains(window(both, "Card"));
        assertThat(arrangement.keepsKeyboard(both, window(both, "Desk").which()))
                .isTrue();
        assertThat(arrangement.keepsKeyboard(both, window(both, "Card").which()))
                .isTrue();
        arrangement.minimise(window(both, "Card").which());
        assertThat(arrangement.usable(both)).contains(window(both, "Desk"));
        assertThat(arrangement.keepsKeyboard(both, window(both, "Card").which()))
                .isFalse();
        arrangement.restore(window(both, "Card").which());

        Scene asked = desk.does("press \"ask\" of \"Desk\"").rehearsal().scene();
        assertThat(arrangement.usable(asked)).contains(window(asked, "Sure"));
        assertThat(arrangement.keepsKeyboard(asked, window(asked, "Desk").which()))
                .isFalse();
        assertThat(arrangement.keepsKeyboard(asked, window(asked, "Card").which()))
                .isFalse();
    }

    @Test
    void one_that_is_neither_on_top_nor_owns_what_is_does_not_keep_the_keyboard() {
        var arrangement = new Arrangement();
        Scene scene = Play.withMain(
                        Play.main("Desk", Play.button("go", Play.alongside("Low"), Play.alongside("High"))),
                        Play.child("Low"),
                        Play.child("High"))
                .play()
                .does("press \"go\" of \"Desk\"")
                .rehearsal()
                .scene();
        assertThat(arrangement.usable(scene)).contains(window(scene, "High"));
        assertThat(arrangement.keepsKeyboard(scene, window(scene, "Low").which()))
                .isFalse();
        assertThat(arrangement.keepsKeyboard(scene, window(scene, "Desk").which()))
                .isFalse();
    }
}

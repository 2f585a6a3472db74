package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.WindowFrame;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The picture that stands for a window, in the programs for each toolkit. */
class IconsTest {

    private static Design with(String icon) {
        Design design = Design.startingWith("Weir");
        FacedWindow face = (FacedWindow) design.windows().getFirst();
        WindowFrame frame = face.frame();
        return design.changingFace(
                face.name().shown(),
                f -> f.framed(new WindowFrame(
                        frame.least(), frame.minimises(), frame.maximises(), frame.onTop(), icon, frame.place())));
    }

    private static String window(String icon, Toolkit toolkit) {
        return Handover.write(with(icon), toolkit).stream()
                .filter(f -> f.purpose() instanceof WrittenFile.Purpose.OfWindow)
                .map(WrittenFile::text)
                .collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource({
        "JAVAFX, icon(\"weir.png\");",
        "SWING, icon(\"weir.png\");",
        "TK, self.icon(self.pictures / \"weir.png\")",
        "FORMS, Icon(\"weir.png\");"
    })
    void a_window_has_its_picture_from_the_beginning(Toolkit toolkit, String line) {
        assertThat(window("weir.png", toolkit)).contains(line);
    }

    @ParameterizedTest
    @EnumSource
    void a_window_without_one_says_nothing_of_it(Toolkit toolkit) {
        assertThat(window("", toolkit)).doesNotContainIgnoringCase("icon(");
    }

    @Test
    void a_part_that_is_called_icon_hides_nothing_in_tk() {
        Design design = with("weir.png");
        FacedWindow face = (FacedWindow) design.windows().getFirst();
        Design named = design.changingFace(
                face.name().shown(),
                f -> f.withRows(
                        java.util.List.of(bivouac.design.Row.of(bivouac.design.Part.Caption.of("icon", "An icon")))));
        String text = Handover.write(named, Toolkit.TK).stream()
                .filter(f -> f.purpose() instanceof WrittenFile.Purpose.OfWindow)
                .map(WrittenFile::text)
                .collect(Collectors.joining());
        assertThat(text).contains("self.icon(").doesNotContain("self.icon = ");
    }
}

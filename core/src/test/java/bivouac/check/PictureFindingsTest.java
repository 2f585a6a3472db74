package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.WindowFrame;
import bivouac.format.DesignFile;
import bivouac.machine.Program;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PictureFindingsTest {

    @TempDir
    Path folder;

    private List<String> found(Design design) {
        return Findings.of(Program.of(design), Beside.in(folder)).stream()
                .map(Finding::what)
                .toList();
    }

    private static Design showing(String file) {
        return withMain(main("Desk", Part.Picture.of("ridge", file))).design();
    }

    @Test
    void a_picture_that_is_missing_or_is_no_image_is_wrong() throws Exception {
        Files.writeString(folder.resolve("notes.png"), "not a picture");
        Files.write(folder.resolve("small.gif"), "GIF89a".getBytes());
        assertThat(found(showing("gone.png")))
                .containsExactly("“gone.png” of ridge on Desk is not there, beside the design.");
        assertThat(found(showing("notes.png")))
                .containsExactly("“notes.png” of ridge on Desk is no image, whatever its name says.");
        assertThat(found(showing("ridge.txt"))).containsExactly("“ridge.txt” of ridge on Desk is no image.");
        assertThat(found(showing("a\0b.png"))).containsExactly("“a\0b.png” of ridge on Desk can be no file's name.");
        assertThat(found(showing("small.gif"))).isEmpty();
        assertThat(found(showing("{app.name}.png"))).noneMatch(w -> w.contains("image"));
    }

    @Test
    void an_icon_is_looked_at_too() {
        FacedWindow desk = main("Desk");
        WindowFrame f = desk.frame();
        var framed =
                desk.framed(new WindowFrame(f.least(), f.minimises(), f.maximises(), f.onTop(), "hut.ico", f.place()));
        assertThat(found(withMain(framed).design()))
                .containsExactly("“hut.ico”, the icon of Desk, is not there, beside the design.");
    }

    @Test
    void of_a_design_that_is_not_saved_nothing_is_said_and_the_examples_have_theirs() throws Exception {
        assertThat(Findings.of(Program.of(showing("gone.png")))).isEmpty();
        Path examples = Path.of("../examples");
        for (String name : List.of("ridge-hut", "ferry-bell")) {
            Design design = DesignFile.read(examples.resolve(name + ".bivouac"));
            assertThat(Findings.of(Program.of(design), Beside.in(examples))).isEmpty();
        }
    }
}

package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.known.Beside;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.WindowFrame;
import bivouac.format.DesignFile;
import bivouac.plan.Program;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
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
    void what_lies_outside_the_designs_folder_is_not_opened() throws Exception {
        Path inside = Files.createDirectory(folder.resolve("design"));
        Files.write(folder.resolve("outside.gif"), "GIF89a".getBytes());
        Files.createSymbolicLink(inside.resolve("link.gif"), folder.resolve("outside.gif"));
        Files.createDirectory(inside.resolve("art"));
        Files.write(inside.resolve("art/a.gif"), "GIF89a".getBytes());
        Beside beside = Beside.in(inside);
        String outside = "lies outside the design's folder, and is not opened";
        assertThat(beside.wrongPicture("../outside.gif")).contains(outside);
        assertThat(beside.wrongPicture(folder.resolve("outside.gif").toString()))
                .contains(outside);
        assertThat(beside.wrongPicture("art/../../outside.gif")).contains(outside);
        assertThat(beside.wrongPicture("link.gif")).contains("is a link out of the design's folder, and is not opened");
        assertThat(beside.wrongPicture("art/../art/a.gif")).isEmpty();
    }

    /** The beginning of a picture of a size, as each kind writes it. */
    private static List<byte[]> beginnings(int width, int height) {
        var png = ByteBuffer.allocate(24)
                .put(new byte[] {(byte) 0x89, 'P', 'N', 'G'})
                .putInt(16, width)
                .putInt(20, height);
        var bmp = ByteBuffer.allocate(26)
                .order(ByteOrder.LITTLE_ENDIAN)
                .put(new byte[] {'B', 'M'})
                .putInt(18, width)
                .putInt(22, -height);
        var gif = ByteBuffer.allocate(10)
                .order(ByteOrder.LITTLE_ENDIAN)
                .put("GIF89a".getBytes())
                .putShort(6, (short) width)
                .putShort(8, (short) height);
        var jpeg = ByteBuffer.allocate(40)
                .put(new byte[] {
                    (byte) 0xFF, (byte) 0xD8, (byte) 0xFF, (byte) 0xE0, 0, 4, 0, 0, (byte) 0xFF, (byte) 0xC0, 0, 17, 8
                })
                .putShort((short) height)
                .putShort((short) width);
        return List.of(png.array(), bmp.array(), gif.array(), jpeg.array());
    }

    @Test
    void a_picture_too_large_to_be_shown_says_so_and_is_not_loaded() throws Exception {
        for (byte[] large : beginnings(20_000, 20_000)) {
            Files.write(folder.resolve("large.png"), large);
            assertThat(found(showing("large.png")))
                    .containsExactly("“large.png” of ridge on Desk has 20000 × 20000 points; pictures of more than 40"
                            + " million are not shown.");
        }
        for (byte[] small : beginnings(2_000, 2_000)) {
            Files.write(folder.resolve("small.png"), small);
            assertThat(found(showing("small.png"))).isEmpty();
        }
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
            assertThat(Findings.checked(Program.of(design), Beside.in(examples)).open())
                    .isEmpty();
        }
    }
}

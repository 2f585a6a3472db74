package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Finding.Kind;
import bivouac.design.Design;
import bivouac.design.MessageBox;
import bivouac.design.Step;
import bivouac.design.Window;
import java.util.List;

/** Small designs, and what is found in them as they are written. */
final class AsWritten {

    private AsWritten() {}

    static final MessageBox KEEP = escaping(box("Keep it", "Save", "Drop", "Stay"), "stay");

    static List<String> found(Design design, Kind kind) {
        return WaysOutFindingsTest.all(design, kind).stream().map(Finding::what).toList();
    }

    static void putRight(Design design, Kind kind) {
        Design now = design;
        for (Finding f : WaysOutFindingsTest.all(design, kind)) {
            assertThat(f.repairs()).as(f.what()).isNotEmpty();
            now = f.repairs().getFirst().in(now);
        }
        assertThat(found(now, kind)).isEmpty();
    }

    /** A card that asks before it closes. */
    static Design asking(MessageBox box, Step... before) {
        return withMain(main("Desk", button("go", alongside("Card"))), owned(before(child("Card"), before)))
                .with(box)
                .with(box("Told", "OK"))
                .works(task("write", "written", "failed"))
                .design();
    }

    /** A button that does something. */
    static Design pressing(Window asked, Step... steps) {
        return withMain(main("Desk", button("go", steps)))
                .with(asked)
                .with(box("Told", "OK"))
                .works(task("write", "written", "failed"))
                .design();
    }
}

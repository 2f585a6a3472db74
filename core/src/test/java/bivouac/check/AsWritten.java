package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.design.Design;
import bivouac.design.MessageBox;
import bivouac.design.Step;
import bivouac.design.Window;
import bivouac.plan.Program;
import java.util.List;

/** Small designs, and what is found in them as they are written. */
final class AsWritten {

    private AsWritten() {}

    static final MessageBox KEEP = escaping(box("Keep it", "Save", "Drop", "Stay"), "stay");

    static List<Finding> all(Design design, Kind kind) {
        return Findings.of(Program.of(design)).stream()
                .filter(f -> f.kind() == kind)
                .toList();
    }

    static List<String> found(Design design, Kind kind) {
        return all(design, kind).stream().map(Finding::what).toList();
    }

    /** Puts every finding of a kind right by its first way, and expects none of that kind to be left. */
    static Design putRight(Design design, Kind kind) {
        Design now = design;
        for (Finding f : all(design, kind)) {
            assertThat(f.repairs()).as(f.what()).isNotEmpty();
            now = f.repairs().getFirst().in(now);
        }
        assertThat(found(now, kind)).isEmpty();
        return now;
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

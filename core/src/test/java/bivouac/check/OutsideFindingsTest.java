package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.plan.Program;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Files that are opened from outside, and could be dropped as well (F1). */
class OutsideFindingsTest {

    private static NamedScript answering(Outside what) {
        return NamedScript.of(what.script(), note("heard"));
    }

    private static FacedWindow desk(NamedScript... scripts) {
        FacedWindow desk = main("Desk");
        return desk.with(desk.routines().withScripts(List.of(scripts)));
    }

    private static List<String> found(Design design) {
        return Findings.of(Program.of(design)).stream()
                .filter(f -> f.kind() == Finding.Kind.NOT_DROPPED)
                .map(Finding::what)
                .toList();
    }

    @Test
    void who_opens_files_from_outside_and_takes_none_that_are_dropped_is_told() {
        assertThat(found(withMain(desk()).does(answering(Outside.FILES_OPENED)).design()))
                .containsExactly("Files are opened from outside, and none can be dropped on a window.");
    }

    @Test
    void nobody_is_told_where_none_are_opened_or_one_window_takes_them() {
        assertThat(found(withMain(desk()).design())).isEmpty();
        assertThat(found(withMain(desk(answering(Outside.FILES_DROPPED))).design()))
                .isEmpty();
        assertThat(found(withMain(main("Bench"), desk(answering(Outside.FILES_DROPPED)))
                        .does(answering(Outside.FILES_OPENED))
                        .design()))
                .isEmpty();
        // of the application it is a script like others, which nothing drops
        assertThat(found(withMain(desk())
                        .does(answering(Outside.FILES_OPENED), answering(Outside.FILES_DROPPED))
                        .design()))
                .hasSize(1);
    }
}

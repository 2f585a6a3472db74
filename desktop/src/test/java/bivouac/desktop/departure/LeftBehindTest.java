package bivouac.desktop.departure;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.closing.Departing;
import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.plan.Program;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a kill leaves behind (D7). */
class LeftBehindTest {

    private static List<String> left(LeftBehind.Stage stage) throws Exception {
        Design hut = DesignFile.read(Path.of("../examples/ridge-hut.bivouac"));
        return LeftBehind.of(hut, Departing.of(Program.of(hut)), stage).lines().stream()
                .map(l -> l.left() + " → " + l.next())
                .toList();
    }

    @Test
    void a_lock_of_a_window_leaves_its_trace_only_while_the_window_is_there() throws Exception {
        String lock = "register lock leaves a trace → its name in app.traces, which a script reads";
        assertThat(left(LeftBehind.Stage.ASKED)).contains(lock);
        assertThat(left(LeftBehind.Stage.PLAN)).doesNotContain(lock);
    }

    @Test
    void what_the_application_holds_and_keeps_is_left_until_it_is_given_back_and_saved() throws Exception {
        assertThat(left(LeftBehind.Stage.GIVING_BACK)).contains("weather radio, if it was taken → nothing of it");
        assertThat(left(LeftBehind.Stage.KEPT))
                .noneMatch(l -> l.startsWith("weather radio"))
                .contains("nights sold, print font are not saved → as they were saved last");
    }
}

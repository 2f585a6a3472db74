package bivouac.desktop.frame;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.desktop.work.Work;
import bivouac.format.DesignFile;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RosterStateTest {

    private static RosterState state(String filter) throws Exception {
        Design hut = DesignFile.read(Path.of("../core/src/test/resources/first-hut.bivouac"));
        var work = new Work(hut, Optional.empty(), LocalDate.of(2026, 11, 23), Runnable::run, Runnable::run);
        return RosterState.of(work.now(), filter);
    }

    private static List<String> words(RosterState state) {
        return state.lines().stream()
                .map(line -> switch (line) {
                    case RosterState.Line.Heading(String text, var count) ->
                        text + count.map(n -> " " + n).orElse("");
                    case RosterState.Line.OfApplication a -> "the application";
                    case RosterState.Line.OfWindow(var window, var about) ->
                        (about.chosen() ? "> " : "  ") + window.name();
                    case RosterState.Line.Makes(var kind, var like) -> "makes " + kind.words();
                })
                .toList();
    }

    @Test
    void windows_stand_under_their_kinds_and_the_chosen_one_is_marked() throws Exception {
        assertThat(words(state("")))
                .startsWith(
                        "the application",
                        "Main window 1",
                        "> Register",
                        "Child windows 2",
                        "  Bunk plan",
                        "  Guest card");
    }

    /** Enter goes to the first that is left. */
    @Test
    void what_is_called_so_stands_before_what_only_begins_so() throws Exception {
        Design hut = DesignFile.read(Path.of("../core/src/test/resources/first-hut.bivouac"));
        Design both = hut.adding(bivouac.design.FacedWindow.of(bivouac.design.FacedWindow.Kind.CHILD, "Bunk"));
        var work = new Work(both, Optional.empty(), LocalDate.of(2026, 11, 23), Runnable::run, Runnable::run);
        assertThat(RosterState.of(work.now(), "bunk").left())
                .extracting(w -> w.name().shown())
                .containsExactly("Bunk", "Bunk plan");
    }

    @Test
    void a_filter_leaves_what_holds_it_and_one_that_nothing_holds_can_be_made() throws Exception {
        assertThat(words(state("BUNK"))).containsExactly("Child windows 1", "  Bunk plan");
        assertThat(words(state("Sign in")))
                .startsWith("Make “Sign in” as a", "makes dialog")
                .doesNotContain("the application");
    }
}

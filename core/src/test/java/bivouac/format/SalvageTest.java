package bivouac.format;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class SalvageTest {

    @Test
    void a_whole_design_is_read_whole() throws Exception {
        String text = Files.readString(Path.of("../examples/ridge-hut.bivouac"));
        assertThat(Salvage.of(text)).contains(DesignFormat.read(text));
    }

    @Test
    void of_one_that_breaks_off_all_windows_before_are_there() throws Exception {
        String text = Files.readString(Path.of("../examples/ridge-hut.bivouac"));
        Design whole = DesignFormat.read(text);
        for (int share = 2; share < 10; share++) {
            int cut = text.length() * share / 10;
            Design part = Salvage.of(text.substring(0, cut)).orElseThrow();
            assertThat(part.application()).isEqualTo(whole.application());
            int windows = part.windows().size();
            assertThat(windows).isPositive();
            // the last of them may be shorter; those before are as they were
            assertThat(part.windows().subList(0, windows - 1))
                    .isEqualTo(whole.windows().subList(0, windows - 1));
        }
    }

    @Test
    void damage_in_the_middle_costs_what_comes_after_it() throws Exception {
        String text = Files.readString(Path.of("../examples/ridge-hut.bivouac"));
        int at = text.length() / 2;
        Design part = Salvage.of(text.substring(0, at) + "\u0000\u0000\u0000{{[" + text.substring(at + 6))
                .orElseThrow();
        assertThat(part.windows().size()).isGreaterThan(1);
    }

    @Test
    void of_nothing_there_is_nothing() {
        assertThat(Salvage.of("")).isEmpty();
        assertThat(Salvage.of("\u0000\u0001 nothing of ours")).isEmpty();
        assertThat(Salvage.of("{ \"format\": 1, \"appl")).isEmpty();
    }
}

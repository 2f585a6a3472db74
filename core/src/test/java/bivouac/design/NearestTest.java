package bivouac.design;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NearestTest {

    private static final List<String> NAMES =
            List.of("me.gatesList", "me.gatesList.selected", "me.nameField", "result.path", "app.unsaved");

    @ParameterizedTest
    @CsvSource({
        "me.gates, me.gatesList",
        "me.gates.selected, me.gatesList.selected",
        "me.gatesLisst, me.gatesList",
        "me.name, me.nameField",
        "result.file, result.path",
        "unsavd, ''",
        "me.gat, ''",
        "me.heights, ''"
    })
    void what_was_probably_meant_by_a_name(String typed, String meant) {
        assertThat(Nearest.named(typed, NAMES).orElse("")).isEqualTo(meant);
    }

    @Test
    void of_nothing_nothing_is_near() {
        assertThat(Nearest.named("", NAMES)).isEmpty();
        assertThat(Nearest.named("me.gates", List.of())).isEmpty();
    }
}

package bivouac.design;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class RowGroupsTest {

    private static Row row(String group) {
        return Row.of(Part.Caption.of("c", "c")).in(group);
    }

    @Test
    void rows_that_name_the_same_group_side_by_side_stand_in_one_frame() {
        var rows = List.of(row(""), row("Board"), row("Board"), row(""), row(""), row("Board"), row("Other"));
        assertThat(Row.runs(rows).stream().map(List::size)).containsExactly(1, 2, 1, 1, 1, 1);
        assertThat(Row.runs(List.of())).isEmpty();
    }
}

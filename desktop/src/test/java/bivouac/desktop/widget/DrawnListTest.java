package bivouac.desktop.widget;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.Test;

/** Which nodes are kept, and which are drawn anew. */
class DrawnListTest {

    private final VBox column = new VBox();
    private final DrawnList list = new DrawnList(column.getChildren());
    private int drawn;

    private List<Node> show(String... says) {
        list.show(Arrays.stream(says).map(this::item).toList());
        return List.copyOf(column.getChildren());
    }

    private DrawnList.Item item(String says) {
        return new DrawnList.Item(says, () -> {
            drawn++;
            var node = new Region();
            node.setId(says);
            return node;
        });
    }

    @Test
    void what_says_the_same_is_kept() {
        List<Node> first = show("a", "b", "c");
        assertThat(show("a", "b", "c")).isEqualTo(first);
        assertThat(drawn).isEqualTo(3);
    }

    @Test
    void of_a_change_in_the_middle_only_that_is_drawn() {
        List<Node> first = show("a", "b", "c", "d");
        List<Node> second = show("a", "x", "c", "d");
        assertThat(drawn).isEqualTo(5);
        assertThat(second.get(0)).isSameAs(first.get(0));
        assertThat(second.get(2)).isSameAs(first.get(2));
        assertThat(second.get(3)).isSameAs(first.get(3));
    }

    @Test
    void what_comes_between_and_what_goes_moves_the_others_only() {
        List<Node> first = show("a", "c");
        List<Node> second = show("a", "b", "c");
        assertThat(second).containsSubsequence(first);
        assertThat(show("b", "c")).isEqualTo(second.subList(1, 3));
        assertThat(drawn).isEqualTo(3);
    }

    @Test
    void after_any_changes_it_shows_what_it_was_told() {
        var random = new Random(5);
        for (int i = 0; i < 500; i++) {
            var says = new ArrayList<String>();
            for (int n = random.nextInt(6); n > 0; n--) {
                says.add(Character.toString('a' + random.nextInt(3)));
            }
            assertThat(show(says.toArray(String[]::new)))
                    .extracting(Node::getId)
                    .containsExactlyElementsOf(says);
        }
    }

    @Test
    void something_is_drawn_the_first_time_even_if_it_says_nothing() {
        var one = new Drawn();
        one.ifOther(List.of(), () -> drawn++);
        one.ifOther(List.of(), () -> drawn++);
        one.ifOther(List.of("a"), () -> drawn++);
        assertThat(drawn).isEqualTo(2);
    }
}

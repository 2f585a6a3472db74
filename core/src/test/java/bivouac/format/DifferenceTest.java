package bivouac.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class DifferenceTest {

    private static String lines(int from, int to) {
        return IntStream.rangeClosed(from, to).mapToObj(i -> "line " + i).collect(Collectors.joining("\n")) + "\n";
    }

    private static String shown(Difference difference) {
        return difference.lines().stream()
                .map(l -> switch (l.of()) {
                            case BOTH -> "  ";
                            case FIRST -> "- ";
                            case SECOND -> "+ ";
                            case LEFT_OUT -> "…";
                        }
                        + l.text())
                .collect(Collectors.joining("\n"));
    }

    @Test
    void equal_texts_differ_nowhere() {
        assertThat(Difference.between(lines(1, 9), lines(1, 9))).isEqualTo(new Difference(java.util.List.of(), 0));
    }

    @Test
    void a_change_stands_between_a_few_lines_and_the_rest_is_left_out() {
        String second = lines(1, 20).replace("line 4\n", "other\n").replace("line 15\n", "");
        assertThat(shown(Difference.between(lines(1, 20), second))).isEqualTo("""
                        …
                          line 2
                          line 3
                        - line 4
                        + other
                          line 5
                          line 6
                        …
                          line 13
                          line 14
                        - line 15
                          line 16
                          line 17""");
        assertThat(Difference.between(lines(1, 20), second).changes()).isEqualTo(2);
    }

    @Test
    void against_nothing_all_is_different() {
        assertThat(shown(Difference.between("", "a\nb\n"))).isEqualTo("+ a\n+ b");
    }
}

package bivouac.overview;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class OverviewTest {

    private Overview state;

    @BeforeEach
    void make() throws Exception {
        state = Overview.of(DesignFile.read(Path.of("src/test/resources/first-hut.bivouac")));
    }

    @Test
    void windows_stand_one_tier_right_of_the_first_thing_that_opens_them() {
        assertThat(state.cards())
                .extracting(c -> c.window().name().shown() + " " + c.tier())
                .containsExactly("Register 0", "Bunk plan 1", "Guest card 1", "Arrival form 1");
        assertThat(state.unopened()).isEmpty();
    }

    @Test
    void message_boxes_are_folded_into_the_rows_that_open_them() {
        var arrive = state.cards().getFirst().rows().stream()
                .filter(r -> r.name().equals("Arrive…"))
                .findFirst()
                .orElseThrow();
        assertThat(arrive.folded()).extracting(f -> f.box().name().shown()).containsExactly("Hut full");
        assertThat(arrive.kind()).isEqualTo("button");
    }

    @Test
    void lines_begin_at_their_row_and_carry_the_endings_that_come_back() {
        var line = state.lines().stream().filter(l -> l.to() == 3).findFirst().orElseThrow();
        assertThat(state.cards().get(line.from()).rows().get(line.row()).name()).isEqualTo("Arrive…");
        assertThat(line.endings())
                .containsExactly(new Overview.Tag("admitted", true), new Overview.Tag("cancelled", true));
        assertThat(state.lines()).filteredOn(l -> l.from() < 0).hasSize(1);
    }

    @Test
    void the_layout_keeps_cards_apart_and_runs_lines_from_row_to_card() {
        var sizes = state.cards().stream().map(CardPlan::size).toList();
        var layout = OverviewLayout.of(state, sizes, 20);
        for (int i = 0; i < layout.boxes().size(); i++) {
            for (int j = i + 1; j < layout.boxes().size(); j++) {
                assertThat(overlap(layout.boxes().get(i), layout.boxes().get(j)))
                        .as(i + " and " + j)
                        .isFalse();
            }
        }
        assertThat(layout.routes()).hasSameSizeAs(state.lines()).allSatisfy(r -> {
            var to = layout.boxes().get(r.line().to());
            assertThat(r.corners().getLast().x()).isCloseTo(to.x(), within(0.001));
            assertThat(r.corners().getLast().y()).isCloseTo(to.y() + OverviewLayout.ARRIVES_AT, within(0.001));
        });
        assertThat(OverviewLayout.of(state, sizes, 20)).as("the same again").isEqualTo(layout);
    }

    private static boolean overlap(OverviewLayout.Box a, OverviewLayout.Box b) {
        return a.x() < b.x() + b.width()
                && b.x() < a.x() + a.width()
                && a.y() < b.y() + b.height()
                && b.y() < a.y() + a.height();
    }

    @Test
    void a_design_with_nothing_in_it_has_no_cards() {
        var empty = Overview.of(new Design(Design.startingWith("x").application(), java.util.List.of()));
        assertThat(empty.cards()).isEmpty();
        assertThat(empty.lines()).isEmpty();
    }
}

package bivouac.desktop.overview;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Manner;
import bivouac.overview.Overview;
import bivouac.overview.OverviewLayout;
import java.util.List;
import org.junit.jupiter.api.Test;

class SightTest {

    private static final Overview.Line OVER = new Overview.Line(0, 0, 2, new Manner.Alongside(), List.of());
    private static final Overview STATE = new Overview(
            List.of(), List.of(new Overview.Line(-1, -1, 0, new Manner.Alongside(), List.of()), OVER), List.of());
    private static final OverviewLayout LAYOUT = new OverviewLayout(
            List.of(
                    new OverviewLayout.Box(0, 0, 200, 100),
                    new OverviewLayout.Box(0, 5000, 200, 100),
                    new OverviewLayout.Box(600, 0, 200, 100)),
            List.of(new OverviewLayout.Route(
                    OVER, List.of(new OverviewLayout.Corner(200, 50), new OverviewLayout.Corner(600, 16)))),
            800,
            5100);

    @Test
    void only_cards_that_reach_into_the_region_are_in_sight() {
        assertThat(Sight.cards(LAYOUT, new Sight.Region(0, 0, 300, 300))).containsExactly(0);
        assertThat(Sight.cards(LAYOUT, new Sight.Region(0, 4800, 300, 300))).containsExactly(1);
        assertThat(Sight.cards(LAYOUT, new Sight.Region(0, 0, 300, 300).wider(5000)))
                .containsExactly(0, 1, 2);
    }

    @Test
    void the_ending_tags_at_the_left_of_a_card_count_as_the_card() {
        assertThat(Sight.cards(LAYOUT, new Sight.Region(500, 0, 50, 50))).containsExactly(2);
    }

    @Test
    void a_line_that_crosses_the_region_is_drawn_though_both_its_ends_are_out_of_sight() {
        assertThat(Sight.routes(LAYOUT, new Sight.Region(300, 0, 20, 60))).hasSize(1);
        assertThat(Sight.routes(LAYOUT, new Sight.Region(300, 900, 20, 60))).isEmpty();
    }

    @Test
    void pointing_at_a_card_shows_what_opens_it_and_what_it_opens() {
        assertThat(Sight.tiedTo(STATE, 0)).containsExactly(0, 2);
        assertThat(Sight.tiedTo(STATE, 2)).containsExactly(0, 2);
        assertThat(Sight.tiedTo(STATE, 1)).containsExactly(1);
    }
}

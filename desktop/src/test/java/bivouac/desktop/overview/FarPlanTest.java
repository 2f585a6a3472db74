package bivouac.desktop.overview;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.overview.Overview;
import bivouac.overview.OverviewLayout;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;

/** All windows of a design at once. */
class FarPlanTest {

    private static final double WIDTH = 780;
    private static final double HEIGHT = 640;

    private static Overview state(int many, int each) {
        return Overview.of(ManyWindows.of(many, each));
    }

    @Test
    void sixty_windows_are_seen_at_once_with_lines_that_do_not_cross() {
        Overview state = state(29, 1);
        FarPlan plan = FarPlan.of(state, WIDTH, HEIGHT);
        assertThat(plan.plates()).hasSize(59);
        assertThat(FarPlan.of(state(15, 1), WIDTH, HEIGHT).spacing()).isEqualTo(FarPlan.Spacing.ROOMY);
        assertThat(plan.spacing()).as("rather smaller than without its lines").isEqualTo(FarPlan.Spacing.DENSE);
        assertThat(plan.hasThreads()).isTrue();
        assertThat(plan.width()).isLessThanOrEqualTo(WIDTH);
        assertThat(plan.tiers().stream().map(FarPlan.Tier::words))
                .containsExactly("First to open", "Opened from there", "One further");
        assertThat(plan.threads()).hasSize(59);
        List<Integer> openers = plan.threads().stream()
                .map(OverviewLayout.Route::line)
                .filter(l -> l.from() > 0)
                .sorted(Comparator.comparingDouble(
                        l -> plan.plates().get(l.to()).y()))
                .map(Overview.Line::from)
                .toList();
        assertThat(openers)
                .isSortedAccordingTo(
                        Comparator.comparingDouble(o -> plan.plates().get(o).y()));
    }

    @Test
    void five_hundred_windows_are_seen_without_scrolling_and_none_covers_another() {
        FarPlan plan = FarPlan.of(state(70, 6), WIDTH, HEIGHT);
        assertThat(plan.plates()).hasSize(491);
        assertThat(plan.spacing()).isEqualTo(FarPlan.Spacing.MAP);
        assertThat(plan.width()).isLessThanOrEqualTo(WIDTH);
        assertThat(plan.hasThreads()).as("only those of the chosen one").isFalse();
        assertThat(plan.plates()).allMatch(p -> p.y() >= FarPlan.HEAD && p.y() + p.height() <= HEIGHT);
        var places = new HashSet<String>();
        plan.plates().forEach(p -> assertThat(places.add(p.x() + " " + p.y())).isTrue());
    }

    @Test
    void an_arrow_key_goes_to_the_nearest_plate_of_that_side() {
        FarPlan plan = FarPlan.of(state(3, 1), WIDTH, HEIGHT);
        int first = plan.next(0, 1, 0);
        assertThat(plan.plates().get(first).x())
                .isGreaterThan(plan.plates().getFirst().x());
        assertThat(plan.next(first, -1, 0)).isZero();
        int below = plan.next(first, 0, 1);
        assertThat(plan.next(below, 0, -1)).isEqualTo(first);
        assertThat(plan.next(0, -1, 0)).as("nothing there").isZero();
    }

    @Test
    void a_window_far_from_its_opener_keeps_its_ways_in() {
        Overview state = state(3, 1);
        FarPlan plan = FarPlan.of(state, WIDTH, HEIGHT);
        assertThat(plan.routesOf(state, 0)).hasSize(1 + 3);
        assertThat(plan.routesOf(state, 1)).hasSize(2);
    }

    @Test
    void what_is_typed_means_windows_by_name_or_trigger() {
        Overview state = state(12, 1);
        assertThat(FarSearch.hits(state, "")).hasSize(25);
        assertThat(FarSearch.hits(state, " NOTE 7 ")).hasSize(1);
        assertThat(FarSearch.hits(state, "opened")).as("all with that trigger").hasSize(13);
        assertThat(FarSearch.hits(state, "nowhere")).isEmpty();
        assertThat(FarSearch.after(List.of(2, 5), 2)).isEqualTo(5);
        assertThat(FarSearch.after(List.of(2, 5), 5)).isEqualTo(2);
    }

    @Test
    void few_windows_are_seen_from_near() {
        assertThat(Distance.usual(state(3, 1))).isEqualTo(Distance.NEAR);
        assertThat(Distance.usual(state(12, 2))).isEqualTo(Distance.FAR);
    }
}

package bivouac.explore;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.machine.Event;
import bivouac.machine.Retraced;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import bivouac.testkit.Rounds;
import bivouac.testkit.SmallDesigns;
import bivouac.testkit.WideDesigns;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;

/** What lies before a rehearsal, looked up among all situations. */
class AheadTest {

    private static Explored explored(Design design) {
        return Exploration.of(
                new Question(Program.of(design), TODAY), Limits.of(Duration.ofSeconds(10)), Progress.NONE);
    }

    private static Ahead ahead(Design design, String... lines) {
        Explored explored = explored(design);
        var play = new bivouac.machine.Play(design);
        for (String line : lines) {
            play.does(line);
        }
        Rehearsal rehearsal = play.rehearsal();
        return Ahead.of(explored, rehearsal.events(), rehearsal.possible()).orElseThrow();
    }

    private static Optional<Ahead.Mark> mark(Ahead ahead, Class<? extends Event> kind) {
        return ahead.marks().entrySet().stream()
                .filter(e -> kind.isInstance(e.getKey()))
                .map(java.util.Map.Entry::getValue)
                .findFirst();
    }

    @Test
    void a_trail_of_the_rehearsal_is_found_again_where_it_leads() {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(17);
        int found = 0;
        int designs = Rounds.of(40);
        for (int i = 0; i < designs; i++) {
            Design design = (i % 2 == 0 ? new SmallDesigns(random) : new WideDesigns(random)).design();
            Explored explored = Exploration.of(
                    new Question(Program.of(design), TODAY),
                    new Limits(Duration.ofSeconds(2), 2L << 20, 1, Long.MAX_VALUE),
                    Progress.NONE);
            for (int k = 0; k < 12; k++) {
                int situation = random.nextInt(explored.situations());
                Retraced retraced = explored.question().retraced();
                explored.trail(situation).forEach(retraced::take);
                retraced.pack();
                assertThat(explored.find(retraced.words(), retraced.length()))
                        .as("design " + i + ", situation " + situation)
                        .isEqualTo(situation);
                found++;
            }
        }
        assertThat(found).isEqualTo(designs * 12);
    }

    @Test
    void the_end_is_as_many_events_away_as_it_takes() {
        Design design = withMain(main("Desk", button("go", waits("Form"))))
                .with(dialog("Form", button("ok", close("ok"))))
                .design();
        assertThat(ahead(design).toEnd()).hasValue(1);
        Ahead asked = ahead(design, "press \"go\" of \"Desk\"");
        assertThat(asked.toEnd()).hasValue(2);
        assertThat(asked.isSure()).isTrue();
    }

    @Test
    void what_leaves_no_way_back_is_marked_and_what_can_be_taken_back_is_not() {
        Design design = withMain(main(
                        "Desk",
                        button(
                                "away",
                                new Step.Open(
                                        "Plan",
                                        new bivouac.design.Manner.InPlace("closed", List.of()),
                                        Optional.empty(),
                                        List.of(),
                                        Optional.empty(),
                                        List.of()))))
                .with(main("Plan", button("ask", waits("Form"))), dialog("Form", button("ok", close("ok"))))
                .design();
        assertThat(mark(ahead(design), Event.Press.class))
                .contains(new Ahead.Mark(true, java.util.OptionalInt.empty()));
        assertThat(mark(ahead(design, "press \"away\" of \"Desk\""), Event.Press.class))
                .as("the form can be closed again")
                .isEmpty();
    }

    @Test
    void the_nearest_way_to_what_goes_wrong_is_marked_with_how_far_it_is() {
        Step fails = new Step.If(
                List.of(new Step.If.Case(new Expression("app.n == 2"), Script.of(set("app.n", "1 / (app.n - 2)")))),
                Optional.of(Script.of(set("app.n", "app.n + 1"))));
        Design design = withMain(main("Desk", button("up", fails)))
                .variable("n", Type.WHOLE, "0")
                .design();
        Ahead start = ahead(design);
        assertThat(mark(start, Event.Press.class).orElseThrow().toWrong()).hasValue(2);
        assertThat(mark(start, Event.CloseBox.class)).isEmpty();
        Ahead nearer = ahead(design, "press \"up\" of \"Desk\"");
        assertThat(mark(nearer, Event.Press.class).orElseThrow().toWrong()).hasValue(1);
        Ahead there = ahead(design, "press \"up\" of \"Desk\"", "press \"up\" of \"Desk\"");
        assertThat(mark(there, Event.Press.class).orElseThrow().toWrong())
                .as("this very event goes wrong")
                .hasValue(0);
    }

    @Test
    void every_situation_in_which_the_same_goes_wrong_counts_and_not_only_the_first() {
        // the fault lies in the desk, whether the card is open or not; with the card open it was met later
        Step fails = new Step.If(
                List.of(new Step.If.Case(new Expression("app.on"), Script.of(set("app.n", "1 / 0")))),
                Optional.of(Script.of(set("app.on", "true"))));
        Design design = withMain(main("Desk", button("up", fails), button("card", alongside("Card"))))
                .with(child("Card"))
                .variable("on", Type.YESNO, "false")
                .variable("n", Type.WHOLE, "0")
                .design();
        Ahead beside = ahead(design, "press \"card\" of \"Desk\"");
        assertThat(beside.marks().entrySet().stream()
                        .filter(e -> e.getKey() instanceof Event.Press(int i, int part) && part == 0)
                        .map(e -> e.getValue().toWrong())
                        .toList())
                .containsExactly(java.util.OptionalInt.of(1));
    }

    @Test
    void where_the_end_cannot_be_reached_no_number_is_said() {
        Design design = withMain(before(main("Desk"), stay())).design();
        assertThat(ahead(design).toEnd()).isEmpty();
    }

    @Test
    void of_what_was_not_met_nothing_is_said() {
        Design design = withMain(main("Desk")).with(child("Lost")).design();
        Explored explored = explored(design);
        Rehearsal other = Rehearsal.start(explored.question().program(), TODAY);
        other = other.act(new Event.OpenWithSamples("Lost"));
        assertThat(Ahead.of(explored, other.events(), other.possible())).isEmpty();
    }
}

package bivouac.rehearsal;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Removal;
import bivouac.design.Renames;
import bivouac.design.Type;
import bivouac.design.Walkthrough;
import bivouac.machine.Machine;
import bivouac.machine.Play;
import bivouac.plan.Program;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Walkthroughs: played, broken where something else is seen, carried through renames (E3). */
class WalkTest {

    private static final Design FOLD = withMain(
                    main(
                            "Fold",
                            Part.Caption.of("count", "{app.n} sheep"),
                            Part.TickBox.of("open gate", "Gate"),
                            button("more", set("app.n", "app.n + 1"), note("now {app.n}")),
                            button("ask", waits("Sure"))),
                    box("Sure", "yes", "no"))
            .variable("n", Type.WHOLE, "2")
            .design();

    private static Walk play(Design design, String... lines) {
        return play(Program.of(design), lines);
    }

    private static Walk play(Program program, String... lines) {
        return Walk.play(program, new Walkthrough("count", Play.TODAY, List.of(lines)));
    }

    @Test
    void one_that_holds_was_possible_and_all_was_seen() {
        var walk = play(
                FOLD,
                "see \"Fold\" open",
                "see \"2 sheep\" in \"count\" of \"Fold\"",
                "press \"more\" of \"Fold\"",
                "see note \"now 3\"",
                "see \"3 sheep\" in \"count\" of \"Fold\"",
                "see unticked \"openGate\" of \"Fold\"",
                "press \"ask\" of \"Fold\"",
                "see message \"Sure?\"",
                "see \"Fold\" blocked",
                "see \"Sure\" free",
                "answer \"yes\" of \"Sure\"",
                "see \"Sure\" closed",
                "see title \"Fold\" of \"Fold\"",
                "close box of \"Fold\"",
                "see exit code 0");
        assertThat(walk.broken()).isEmpty();
        assertThat(walk.moments()).hasSize(5);
    }

    @Test
    void a_fault_at_the_start_breaks_one_like_any_other() {
        var design = design().start(alongside("Fold"), set("app.n", "app.n / 0"))
                .with(main("Fold"))
                .variable("n", Type.WHOLE, "2")
                .design();
        var broken = play(design, "see \"Fold\" open").broken().orElseThrow();
        assertThat(broken.sentence()).startsWith("At the start: expected no fault; seen: fault X3: division by zero");
        assertThat(broken.line()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '§',
            value = {
                "see \"Sure\" open|At the start: expected \"Sure\" open; seen: Sure is not open.",
                "see \"Fold\" closed|At the start: expected \"Fold\" closed; seen: Fold is open.",
                "see \"Fold\" blocked|At the start: expected \"Fold\" blocked; seen: Fold is not blocked.",
                "see \"3 sheep\" in \"count\" of \"Fold\"|At the start: expected \"3 sheep\" in \"count\" of \"Fold\"; seen: “2 sheep”.",
                "see ticked \"openGate\" of \"Fold\"|At the start: expected ticked \"openGate\" of \"Fold\"; seen: openGate is not ticked.",
                "see message \"Sure?\"|At the start: expected message \"Sure?\"; seen: no message.",
                "see note \"x\"|At the start: expected note \"x\"; seen: no note.",
                "see exit code 0|At the start: expected exit code 0; seen: the application runs.",
                "press \"less\" of \"Fold\"|At event 1: expected press \"less\" of \"Fold\"; seen: Fold has no part less; it has count, openGate, more, ask.",
                "answer \"yes\" of \"Sure\"|At event 1: expected answer \"yes\" of \"Sure\"; seen: Sure is not open, Fold is; an event that opens it is missing before (Fold, ask).",
                "start again|At event 1: expected start again; seen: the application still runs.",
                "dance|At event 1: expected an event, or see …; seen: “dance” is no event; events are press"
            },
            delimiter = '|')
    void one_that_does_not_says_at_which_event_what_was_expected_and_seen(String line, String sentence) {
        assertThat(play(FOLD, line).broken().orElseThrow().sentence()).startsWith(sentence);
    }

    @Test
    void what_is_held_is_looked_for_and_offered() {
        var design = withMain(main(
                        "Desk",
                        button("take", bivouac.design.Step.TakeHolding.of("lock")),
                        button("back", new bivouac.design.Step.GiveBack("lock"))))
                .holds(bivouac.design.Holding.of("lock"))
                .design();
        var program = Program.of(design);
        var held = play(
                program,
                "see not held \"lock\"",
                "press \"take\" of \"Desk\"",
                "see held \"lock\"",
                "press \"back\" of \"Desk\"",
                "see not held \"lock\"");
        assertThat(held.broken()).isEmpty();
        assertThat(play(design, "see held \"lock\"").broken().orElseThrow().sentence())
                .isEqualTo("At the start: expected held \"lock\"; seen: lock is not held.");
        var back = held.moments().getLast();
        var scene = new bivouac.machine.Machine(program).scene(back.state());
        assertThat(Expectations.offered(scene, back.seen())).contains(new Expectation.Held("lock", false));
        assertThat(Expectations.words(new Expectation.Held("lock", false))).isEqualTo("lock is not held");
    }

    @Test
    void a_fault_breaks_it() {
        var design = withMain(main("Desk", button("go", note("{1 / 0}")))).design();
        assertThat(play(design, "press \"go\" of \"Desk\"")
                        .broken()
                        .orElseThrow()
                        .seen())
                .startsWith("fault X3");
    }

    @Test
    void all_that_is_offered_at_a_moment_is_seen_there_and_reads_back() {
        var play = new Play(FOLD).does("press \"ask\" of \"Fold\"");
        var now = play.rehearsal();
        var offered = Expectations.offered(now.scene(), now.present().seen());
        assertThat(offered).hasSizeGreaterThan(6);
        for (Expectation e : offered) {
            assertThat(e.unmet(now.scene(), now.present().seen(), n -> false))
                    .as("%s", e)
                    .isEmpty();
            assertThat(Expectations.read(e.toString())).contains(e);
        }
        Map<Integer, Set<Expectation>> ticked = Map.of(1, Set.copyOf(offered));
        var kept = new Walkthrough("w", Play.TODAY, Walk.lines(now.trail(), ticked));
        assertThat(Walk.play(Program.of(FOLD), kept).broken()).isEmpty();
        assertThat(Walk.expectations(kept).get(1)).containsExactlyInAnyOrderElementsOf(offered);
        assertThat(Walk.events(kept)).isEqualTo(now.trail());
    }

    @Test
    void a_rename_carries_them_and_what_names_a_removed_window_breaks_and_is_kept() {
        var lines = List.of(
                "press \"ask\" of \"Fold\"",
                "see \"Sure\" open",
                "answer \"yes\" of \"Sure\"",
                "see \"2 sheep\" in \"count\" of \"Fold\"");
        Design kept = FOLD.walked(List.of(new Walkthrough("w", Play.TODAY, lines)));
        Design renamed = Renames.window(kept, "Fold", Name.of("Sheep \"fold\""));
        renamed = Renames.window(renamed, "Sure", Name.of("Really"));
        renamed = Renames.part(renamed, "Sheep \"fold\"", "count", Name.of("shown count"));
        renamed = Renames.part(renamed, "Sheep \"fold\"", "ask", Name.of("ask button"));
        var carried = renamed.walkthroughs().getFirst();
        assertThat(carried.lines())
                .containsExactly(
                        "press \"askButton\" of \"Sheep \\\"fold\\\"\"",
                        "see \"Really\" open",
                        "answer \"yes\" of \"Really\"",
                        "see \"2 sheep\" in \"shownCount\" of \"Sheep \\\"fold\\\"\"");
        assertThat(Walk.play(Program.of(renamed), carried).broken()).isEmpty();

        Design without = Removal.window(renamed, "Really");
        assertThat(without.walkthroughs()).containsExactly(carried);
        assertThat(Walk.play(Program.of(without), carried).broken()).isPresent();
        assertThat(Removal.touchedByWindow(renamed, "Really").sentences()).anyMatch(s -> s.contains("walkthrough “w”"));
    }

    @Test
    void it_means_the_same_on_every_day() {
        var design =
                withMain(main("Desk", Part.Caption.of("day", "{app.today}"))).design();
        assertThat(play(design, "see \"2026-11-23\" in \"day\" of \"Desk\"").broken())
                .isEmpty();
        assertThat(new Machine(Program.of(design))).isNotNull();
    }
}

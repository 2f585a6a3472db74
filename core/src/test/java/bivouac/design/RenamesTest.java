package bivouac.design;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.Findings;
import bivouac.format.DesignFile;
import bivouac.format.DesignFormat;
import bivouac.plan.Program;
import bivouac.testkit.RandomDesigns;
import java.nio.file.Path;
import java.util.List;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;

class RenamesTest {

    private static Design hut() throws Exception {
        return DesignFile.read(Path.of("src/test/resources/first-hut.bivouac"));
    }

    @Test
    void a_renamed_window_carries_every_reference() throws Exception {
        Design renamed = Renames.window(hut(), "Arrival form", Name.of("Check in"));
        assertThat(DesignFormat.write(renamed)).doesNotContain("Arrival form");
        assertThat(Findings.of(Program.of(renamed))).isEmpty();
        assertThat(Renames.window(renamed, "Check in", Name.of("Arrival form"))).isEqualTo(hut());
    }

    @Test
    void a_renamed_part_variable_or_take_carries_its_expressions_and_texts() throws Exception {
        Design part = Renames.part(hut(), "Arrival form", "guest", Name.of("who"));
        assertThat(DesignFormat.write(part)).contains("blank(me.who)").doesNotContain("me.guest");
        Design variable = Renames.variable(hut(), "guests", Name.of("people"));
        assertThat(DesignFormat.write(variable))
                .contains("{app.people} of {app.bunks}")
                .doesNotContain("app.guests");
        Design take = Renames.take(hut(), "Nights wrong", "typed", Name.of("entry"));
        assertThat(DesignFormat.write(take)).contains("“{takes.entry}” is", "\"entry\": \"me.nights.typed\"");
        for (Design design : List.of(part, variable, take)) {
            assertThat(Findings.of(Program.of(design))).isEmpty();
        }
    }

    @Test
    void a_rename_touches_no_string_and_no_longer_name() {
        var desk = main(
                "Desk",
                Part.Caption.of("a", ""),
                Part.Caption.of("ab", ""),
                button("go", set("me.a", "\"me.a\" + me.ab + me . a")));
        Design renamed = Renames.part(withMain(desk).design(), "Desk", "a", Name.of("z"));
        assertThat(DesignFormat.write(renamed)).contains("\"me.z\"").contains("\\\"me.a\\\" + me.ab");
    }

    @Test
    void owner_and_window_names_are_carried_from_other_windows() {
        var form = dialog("Form", button("go", set("owner.shown", "desk.shown + opener.shown")));
        Design design = withMain(main("Desk", Part.Caption.of("shown", ""), button("open", waits("Form"))), form)
                .design();
        Design renamed = Renames.part(design, "Desk", "shown", Name.of("text"));
        assertThat(DesignFormat.write(renamed)).contains("\"owner.text\"", "desk.text + opener.text");
    }

    @Test
    void undo_after_any_edit_gives_back_an_equal_design_and_undone_to_the_mark_is_saved() {
        var random = RandomGeneratorFactory.of("L64X128MixRandom").create(5);
        for (int i = 0; i < 50; i++) {
            Design first = new RandomDesigns(random).design();
            var history = new History(first);
            history.change(first.with(first.application().named("other")), "renamed", "");
            history.change(
                    Removal.window(
                            history.design(), first.windows().getFirst().name().shown()),
                    "removed",
                    "");
            assertThat(history.isSaved()).isFalse();
            history.undo();
            history.undo();
            assertThat(history.design()).isEqualTo(first);
            assertThat(history.isSaved()).isTrue();
            assertThat(history.undoable()).isEmpty();
        }
    }

    @Test
    void typing_merges_until_a_pause_and_never_over_the_mark() {
        var history = new History(Design.startingWith("a"));
        history.change(Design.startingWith("ab"), "typed", "title");
        history.change(Design.startingWith("abc"), "typed", "title");
        history.markSaved(history.revision());
        history.change(Design.startingWith("abcd"), "typed", "title");
        history.undo();
        assertThat(history.design().application().name()).isEqualTo("abc");
        assertThat(history.isSaved()).isTrue();
        history.undo();
        assertThat(history.design().application().name()).isEqualTo("a");
        assertThat(history.redoable()).contains("typed");
    }

    @Test
    void names_are_proposed_in_ascii_for_any_script() {
        assertThat(Names.propose("Arrival form")).isEqualTo("arrivalForm");
        assertThat(Names.propose("Über Öl")).isEqualTo("uberOl");
        assertThat(Names.propose("山小屋")).isEqualTo("u5c71u5c0fu5c4b");
        assertThat(Names.propose("2 bunks")).isEqualTo("n2Bunks");
        assertThat(Names.propose("for")).isEqualTo("for_");
        assertThat(Names.isUsable(Names.propose("…"))).isTrue();
    }

    @org.junit.jupiter.api.Test
    void a_task_or_holding_is_renamed_in_steps_and_walkthroughs() {
        var walk = new Walkthrough(
                "w",
                java.time.LocalDate.of(2026, 11, 23),
                java.util.List.of(
                        "task \"fetch\" ends \"done\" of \"Desk\"",
                        "see started \"fetch\"",
                        "task \"taking lock\" ends \"could not\" of \"Desk\"",
                        "see held \"lock\"",
                        "see note \"fetch\""));
        Design design = bivouac.machine.Play.withMain(bivouac.machine.Play.main(
                        "Desk",
                        bivouac.machine.Play.button(
                                "go",
                                bivouac.machine.Play.run(
                                        "fetch", bivouac.machine.Play.when("done", Step.TakeHolding.of("lock"))),
                                new Step.StopTask("fetch"),
                                new Step.GiveBack("lock"))))
                .works(bivouac.machine.Play.task("fetch", "done"))
                .holds(Holding.of("lock"))
                .design()
                .walked(java.util.List.of(walk));
        Design renamed = Renames.holding(
                Renames.task(design, "fetch", Name.of("get the list")), "lock", Name.of("register lock"));
        org.assertj.core.api.Assertions.assertThat(bivouac.check.Findings.of(bivouac.plan.Program.of(renamed)).stream()
                        .filter(f -> f.weight() == bivouac.check.finding.Finding.Weight.WRONG))
                .isEmpty();
        org.assertj.core.api.Assertions.assertThat(
                        renamed.walkthroughs().getFirst().lines())
                .containsExactly(
                        "task \"get the list\" ends \"done\" of \"Desk\"",
                        "see started \"get the list\"",
                        "task \"taking register lock\" ends \"could not\" of \"Desk\"",
                        "see held \"register lock\"",
                        "see note \"fetch\"");
        org.assertj.core.api.Assertions.assertThat(
                        renamed.application().tasks().getFirst().name().shown())
                .isEqualTo("get the list");
    }
}

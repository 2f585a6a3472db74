package bivouac.desktop.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import bivouac.handover.Change;
import bivouac.handover.Handover;
import bivouac.handover.Toolkit;
import bivouac.handover.WrittenFile;
import bivouac.handover.proof.Proof;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class HandoverStateTest {

    private static HandoverState state(Optional<List<Change>> changes) throws Exception {
        return state(Toolkit.JAVAFX, changes);
    }

    private static HandoverState state(Toolkit toolkit, Optional<List<Change>> changes) throws Exception {
        Design design = DesignFile.read(Path.of("../examples/ridge-hut.bivouac"));
        return HandoverState.of(design, Handover.write(design, toolkit), changes);
    }

    private static List<String> names(HandoverState state, String group) {
        return state.groups().stream()
                .filter(g -> g.title().equals(group))
                .flatMap(g -> g.files().stream())
                .map(f -> HandoverState.name(f.path()))
                .toList();
    }

    @Test
    void files_stand_by_what_they_are_for_and_windows_as_in_the_design() throws Exception {
        HandoverState state = state(Optional.empty());
        assertThat(names(state, "Windows"))
                .containsExactly(
                        "Register.java",
                        "BunkPlan.java",
                        "GuestCard.java",
                        "MountainMap.java",
                        "ArrivalForm.java",
                        "About.java");
        assertThat(names(state, "Asked and chosen")).contains("UnsavedRegister.java", "SaveRegister.java");
        assertThat(names(state, "Yours to fill in")).containsExactly("OwnHoldings.java", "OwnTasks.java");
        assertThat(names(state, "The application"))
                .contains("RidgeHut.java", "Tasks.java")
                .doesNotContain("Desk.java");
        assertThat(state.files())
                .isEqualTo(
                        state.groups().stream().mapToInt(g -> g.files().size()).sum());
        assertThat(state.file("nowhere").map(WrittenFile::path)).contains("src/main/java/ridgehut/Register.java");
        assertThat(state.counts()).isEmpty();
    }

    @Test
    void files_of_other_toolkits_stand_in_the_same_order() throws Exception {
        HandoverState tk = state(Toolkit.TK, Optional.empty());
        assertThat(names(tk, "Windows"))
                .containsExactly(
                        "register.py",
                        "bunk_plan.py",
                        "guest_card.py",
                        "mountain_map.py",
                        "arrival_form.py",
                        "about.py");
        assertThat(names(tk, "Asked and chosen"))
                .contains("unsaved_register.py")
                .doesNotContain("register.py");
        assertThat(names(tk, "Yours to fill in")).containsExactly("own_holdings.py", "own_tasks.py");
        assertThat(names(tk, "The application")).contains("application.py", "tasks.py", "__main__.py");
        assertThat(names(tk, "The rules, the same in every program")).contains("desk.py", "parts.py");
        assertThat(names(tk, "Texts, build and tests")).contains("texts.json", "pyproject.toml", "driver.py");
        assertThat(tk.file("").map(WrittenFile::path)).contains("ridgehut/windows/register.py");
        HandoverState forms = state(Toolkit.FORMS, Optional.empty());
        assertThat(names(forms, "The rules, the same in every program")).contains("Desk.cs", "Gate.cs");
        assertThat(names(forms, "Yours to fill in")).containsExactly("OwnHoldings.cs", "OwnTasks.cs");
        HandoverState swing = state(Toolkit.SWING, Optional.empty());
        assertThat(names(swing, "Windows")).isEqualTo(names(state(Optional.empty()), "Windows"));
        assertThat(names(swing, "The rules, the same in every program")).contains("Desk.java", "Gate.java");
    }

    @Test
    void the_folder_that_is_proposed_says_for_what_the_program_is() {
        Path file = Path.of("designs", "weir.house.bivouac");
        assertThat(HandoverState.beside(file, Toolkit.TK)).isEqualTo(Path.of("designs", "weir.house-tk"));
        assertThat(HandoverState.beside(file, Toolkit.SWING)).isEqualTo(Path.of("designs", "weir.house-swing"));
    }

    @Test
    void what_would_change_is_counted_by_kind_with_some_names() throws Exception {
        var changes = List.of(
                new Change("a/One.java", Change.Kind.NEW, "", "x"),
                new Change("a/Two.java", Change.Kind.NEW, "", "x"),
                new Change("a/Three.java", Change.Kind.NEW, "", "x"),
                new Change("a/Four.java", Change.Kind.NEW, "", "x"),
                new Change("a/Mine.java", Change.Kind.EDITED, "y", "x"));
        HandoverState state = state(Optional.of(changes));
        assertThat(state.counts())
                .containsExactly(
                        new HandoverState.Count(Change.Kind.NEW, 4, List.of("One.java", "Two.java", "Three.java")),
                        new HandoverState.Count(Change.Kind.EDITED, 1, List.of("Mine.java")));
    }

    @Test
    void a_proof_is_told_in_a_sentence() {
        var equal = new Proof.Outcome("a", 3, Proof.Verdict.IDENTICAL, Optional.empty());
        var differs = new Proof.Outcome("b", 2, Proof.Verdict.DIFFERENT, Optional.of("At “x”: …"));
        assertThat(HandoverState.sentence(List.of(equal, equal))).isEqualTo("2 of 2 walkthroughs identical, 6 events");
        assertThat(HandoverState.sentence(List.of(equal, differs))).isEqualTo("1 of 2 walkthroughs differ");
        assertThat(HandoverState.sentence(List.of())).contains("compiles");
    }
}

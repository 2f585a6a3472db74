package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.Part;
import bivouac.design.Renames;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Type;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is found of parts of which there is one for each row, or for each open window (P5). */
class EachFindingsTest {

    private static final Each ROWS = new Each.OfRows("app.files");

    private static Part.MenuCommand command(String text, String shortcut, Each each) {
        return (Part.MenuCommand)
                Part.MenuCommand.of("recent", text, shortcut).forEach(each).triggering(Script.of(note("{row}")));
    }

    private static FacedWindow desk(Part.MenuCommand... commands) {
        return main("Desk").withMenus(List.of(new Menu("File", List.of(commands))));
    }

    private static Design with(FacedWindow desk) {
        return withMain(desk)
                .variable("files", new Type.ListOf(Type.TEXT), "[\"a\"]")
                .design();
    }

    private static List<Finding> found(Design design) {
        return Findings.of(Program.of(design)).stream()
                .filter(f -> f.weight() != Finding.Weight.HINT)
                .toList();
    }

    private static void isPutRight(FacedWindow desk, String what) {
        List<Finding> all = found(with(desk));
        assertThat(all).extracting(Finding::what).containsExactly(what);
        assertThat(found(all.getFirst().repairs().getFirst().in(with(desk)))).isEmpty();
    }

    @Test
    void what_is_right_is_no_finding() {
        assertThat(found(with(desk(command("Open {row}", "Ctrl+1", ROWS))))).isEmpty();
        assertThat(found(with(desk(command("{row + \"!\"}", "", ROWS))))).isEmpty();
    }

    @Test
    void a_shortcut_that_does_not_count_on_chooses_none() {
        isPutRight(
                desk(command("{row}", "Ctrl+R", ROWS)),
                "Ctrl+R of recent on Desk chooses none, since there is one for each.");
        isPutRight(
                desk(command("{row}", "F5", ROWS)), "F5 of recent on Desk chooses none, since there is one for each.");
    }

    @Test
    void a_shortcut_that_one_of_the_nine_has_means_two_things() {
        var other = Part.MenuCommand.of("last", "Last", "Ctrl+9").triggering(Script.of(note("x")));
        isPutRight(
                desk(command("{row}", "Ctrl+1", ROWS), (Part.MenuCommand) other),
                "Ctrl+9 on Desk means both recent and Last.");
    }

    @Test
    void rows_that_say_all_the_same_cannot_be_told_apart() {
        assertThat(found(with(desk(command("Open {app.files[0]}", "", ROWS)))))
                .extracting(Finding::what)
                .containsExactly("recent on Desk says “Open {app.files[0]}” for each row.");
    }

    @Test
    void it_is_no_default_button_no_way_out_and_carries_no_tick_of_its_own() {
        Part button = new Part.Button(
                bivouac.design.Name.of("pick"),
                "{row}",
                true,
                ROWS,
                Script.of(note("{row}")),
                bivouac.design.Traits.USUAL);
        isPutRight(main("Desk", button), "pick on Desk is the default button, and there is one for each.");
        assertThat(found(with(desk(command("{row}", "", ROWS)).leaving(Way.ESCAPE, new WayOut.AsPressing("recent")))))
                .extracting(Finding::what)
                .contains("Escape of Desk presses recent, of which there is one for each.");
        var ticking = new Part.MenuCommand(
                bivouac.design.Name.of("recent"),
                "{row}",
                "",
                true,
                false,
                ROWS,
                Optional.empty(),
                Script.of(note("{row}")),
                bivouac.design.Traits.USUAL);
        isPutRight(desk(ticking), "recent on Desk carries a tick of its own, and there is one for each.");
    }

    @Test
    void what_is_no_list_and_no_window_is_said_where_it_stands() {
        assertThat(found(with(desk(command("{row}", "", new Each.OfRows("app.files[0]"))))))
                .extracting(Finding::what)
                .anyMatch(w -> w.contains("a list is wanted here; “app.files[0]” is a text"));
        assertThat(found(with(desk(command("", "", new Each.OfWindows("Nowhere"))))))
                .extracting(Finding::what)
                .anyMatch(w -> w.contains("there is no window of that name"));
    }

    @Test
    void one_for_each_window_that_does_nothing_can_bring_it_to_the_front() {
        var open = Part.MenuCommand.of("windows", "", "").forEach(new Each.OfWindows("Desk"));
        isPutRight(desk(open), "windows on Desk does nothing when chosen.");
    }

    @Test
    void a_window_and_a_value_that_are_renamed_are_carried_to_what_follows_them() {
        Design design = with(desk(command("{row}", "", ROWS), (Part.MenuCommand) Part.MenuCommand.of("windows", "", "")
                .forEach(new Each.OfWindows("Desk"))
                .triggering(Script.of(new Step.Reach(Step.Reach.How.BRING_TO_FRONT, new Target.Kept(Each.ROW))))));
        Design renamed = Renames.variable(design, "files", bivouac.design.Name.of("recent files"));
        renamed = Renames.window(renamed, "Desk", bivouac.design.Name.of("Hall"));
        assertThat(found(renamed)).isEmpty();
        assertThat(renamed.faced("Hall").orElseThrow().parts())
                .extracting(Part::each)
                .containsExactly(new Each.OfRows("app.recentFiles"), new Each.OfWindows("Hall"));
    }
}

package bivouac.desktop.work;

import bivouac.check.Checked;
import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.RowTypes;
import bivouac.plan.Program;
import bivouac.rehearsal.Rehearsal;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * All that the screens show, at one moment. Screens are drawn from it and never see two halves of a change.
 *
 * @param program the design compiled; a moment behind while a change is being compiled
 * @param checked the findings of that program
 * @param replayed what the last replay left out, in a sentence
 * @param rehearsed the walkthroughs and what was rehearsed
 * @param foot what just happened, in a sentence
 * @param saved whether the design is as it is on disk
 * @param trouble what Bivouac itself could not do, until it is put away
 * @param looked how far the exploration of the design is
 */
public record Situation(
        Design design,
        Program program,
        Checked checked,
        Rehearsal rehearsal,
        Optional<String> replayed,
        Rehearsed rehearsed,
        Screen screen,
        Chosen chosen,
        Foot foot,
        Optional<Path> file,
        boolean saved,
        Optional<String> undoable,
        Optional<String> redoable,
        Optional<Background.Trouble> trouble,
        Looked looked) {

    /** The foot strip: what happened, and whether it can be taken back there. */
    public record Foot(String sentence, boolean canBeTakenBack) {
        public static final Foot QUIET = new Foot("", false);
    }

    /** The findings that are open: not accepted by the developer. */
    public List<Finding> findings() {
        return checked.open();
    }

    /** The weights of the open findings by window; those of the application by an empty name. */
    public Map<String, List<Finding.Weight>> weights() {
        return findings().stream()
                .collect(Collectors.groupingBy(
                        f -> f.place().window().orElse(""), Collectors.mapping(Finding::weight, Collectors.toList())));
    }

    /** The lists by which types of rows are called where they are shown and typed. */
    public RowTypes rowTypes() {
        return RowTypes.of(design);
    }

    /** With a changed design, which is not compiled yet. */
    Situation changed(Design other, Chosen chosen, Foot foot, boolean saved) {
        return new Situation(
                other, program, checked, rehearsal, replayed, rehearsed, screen, chosen, foot, file, saved, undoable,
                redoable, trouble, looked);
    }

    /** With what can be undone and done again. */
    Situation with(Optional<String> undoable, Optional<String> redoable) {
        return new Situation(
                design, program, checked, rehearsal, replayed, rehearsed, screen, chosen, foot, file, saved, undoable,
                redoable, trouble, looked);
    }

    /** With the design compiled, checked, and the trail replayed. */
    Situation compiled(Program program, Checked checked, Rehearsal rehearsal, Optional<String> replayed) {
        return new Situation(
                design, program, checked, rehearsal, replayed, rehearsed, screen, chosen, foot, file, saved, undoable,
                redoable, trouble, looked);
    }

    /** With walkthroughs played, or something ticked. */
    Situation rehearsed(Rehearsed other) {
        return new Situation(
                design, program, checked, rehearsal, replayed, other, screen, chosen, foot, file, saved, undoable,
                redoable, trouble, looked);
    }

    /** With another screen, something else chosen, and something else in the foot strip. */
    Situation showing(Screen screen, Chosen chosen, Foot foot) {
        return new Situation(
                design, program, checked, rehearsal, replayed, rehearsed, screen, chosen, foot, file, saved, undoable,
                redoable, trouble, looked);
    }

    /** With a file that holds the design as it was saved, which may have been changed meanwhile. */
    Situation savedAs(Path file, boolean saved, Foot foot) {
        return new Situation(
                design,
                program,
                checked,
                rehearsal,
                replayed,
                rehearsed,
                screen,
                chosen,
                foot,
                Optional.of(file),
                saved,
                undoable,
                redoable,
                trouble,
                looked);
    }

    /** With something that Bivouac itself could not do, or without it. */
    Situation troubled(Optional<Background.Trouble> other) {
        return new Situation(
                design, program, checked, rehearsal, replayed, rehearsed, screen, chosen, foot, file, saved, undoable,
                redoable, other, looked);
    }

    /** With the exploration of its program further on. */
    Situation looking(Looked other, Checked findings) {
        return new Situation(
                design, program, findings, rehearsal, replayed, rehearsed, screen, chosen, foot, file, saved, undoable,
                redoable, trouble, other);
    }

    /** Whether the program is the design's own. */
    public boolean isCompiled() {
        return program.design() == design;
    }

    /** Whether a screen that draws the design, its findings, what was rehearsed and what is chosen looks the same in both. */
    public boolean looksLike(Situation other) {
        return design == other.design
                && checked == other.checked
                && rehearsed.covered() == other.rehearsed.covered()
                && chosen.equals(other.chosen);
    }

    /** The design's name, and a mark where there is unsaved work, for title bars. */
    public String title() {
        return (saved ? "" : "• ") + design.application().name() + " – Bivouac";
    }
}

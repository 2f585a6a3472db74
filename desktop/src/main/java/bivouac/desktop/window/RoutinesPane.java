package bivouac.desktop.window;

import bivouac.design.Routines;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.TextBlock;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.RoutineLine;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;

/** The named scripts and timers of a window, or of the application: declared one a line, and shown with one press. */
final class RoutinesPane {

    private final Work work;
    private final Routines routines;
    private final Consumer<Routines> change;

    /** @param change told of other ones, to put them into the design */
    RoutinesPane(Work work, Routines routines, Consumer<Routines> change) {
        this.work = work;
        this.routines = routines;
        this.change = change;
    }

    TextBlock scripts(String id) {
        var block = LineBlock.of(
                work,
                id,
                "Named scripts, one a line",
                routines.scripts().stream()
                        .map(s -> work.now().rowTypes().named(RoutineLine.write(s)))
                        .toList(),
                line -> RoutineLine.script(work.now().rowTypes().whole(line), routines),
                all -> change.accept(routines.withScripts(all)));
        block.setPrefRowCount(2);
        block.setPromptText("save taking to: file ends saved giving at: file; given up");
        return block;
    }

    TextBlock timers(String id) {
        var block = LineBlock.of(
                work,
                id,
                "Timers, one a line",
                routines.timers().stream().map(RoutineLine::write).toList(),
                line -> RoutineLine.timer(line, routines),
                all -> change.accept(routines.withTimers(all)));
        block.setPrefRowCount(2);
        block.setPromptText("clock every 60");
        return block;
    }

    /** A link to each script, with how many steps it has. */
    static Node links(Work work, Situation s, List<ScriptPlace> places) {
        var rows = Ui.column(0);
        for (ScriptPlace place : places) {
            int steps = place.in(s.design()).steps().size();
            boolean chosen = s.chosen().script().equals(Optional.of(place));
            rows.getChildren()
                    .add(Ui.styled(
                            Ui.row(
                                    6,
                                    Ui.shortened(place.ownWords(), "strong"),
                                    Ui.label(steps == 0 ? "empty" : steps == 1 ? "1 step" : steps + " steps", "quiet"),
                                    Ui.spring(),
                                    Ui.wholeLink(
                                            chosen ? "shown" : steps == 0 ? "Add a step" : "Show",
                                            "script-" + place.words().replace(' ', '-'),
                                            () -> work.goTo(Chosen.script(place)))),
                            "table-row"));
        }
        return rows;
    }
}

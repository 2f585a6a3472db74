package bivouac.desktop.window;

import bivouac.design.Routines;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.TextBlock;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.sentence.Declarations;
import bivouac.sentence.RoutineLine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
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
        var block = block(
                id,
                "Named scripts, one a line",
                routines.scripts().stream().map(RoutineLine::write).toList(),
                line -> RoutineLine.script(line, routines),
                routines::withScripts);
        block.setPrefRowCount(2);
        block.setPromptText("tidy taking days: whole = 3");
        return block;
    }

    TextBlock timers(String id) {
        var block = block(
                id,
                "Timers, one a line",
                routines.timers().stream().map(RoutineLine::write).toList(),
                line -> RoutineLine.timer(line, routines),
                routines::withTimers);
        block.setPrefRowCount(2);
        block.setPromptText("clock every 60");
        return block;
    }

    private interface LineReader<T> {
        T read(String line) throws Declarations.Wrong;
    }

    private <T> TextBlock block(
            String id, String accessible, List<String> now, LineReader<T> reader, Function<List<T>, Routines> edit) {
        return new TextBlock(id, accessible, now.stream().collect(Collectors.joining("\n")), typed -> {
            try {
                var all = new ArrayList<T>();
                for (String line : typed.split("\n")) {
                    if (!line.isBlank()) {
                        all.add(reader.read(line.strip()));
                    }
                }
                change.accept(edit.apply(all));
                return "";
            } catch (Declarations.Wrong e) {
                work.say(e.getMessage());
                return e.getMessage();
            }
        });
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
                                    Ui.link(
                                            chosen ? "shown" : steps == 0 ? "Add a step" : "Show",
                                            "script-" + place.words().replace(' ', '-'),
                                            () -> work.goTo(Chosen.script(place)))),
                            "table-row"));
        }
        return rows;
    }
}

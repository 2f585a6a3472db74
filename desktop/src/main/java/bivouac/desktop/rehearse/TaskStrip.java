package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import java.util.function.Consumer;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

/** The tasks that run, at the foot of the desk, each with the ways in which the person can let it end. */
final class TaskStrip extends FlowPane {

    private final Consumer<Event> act;

    TaskStrip(Consumer<Event> act) {
        super(12, 6);
        this.act = act;
        getStyleClass().add("task-strip");
        setId("task-strip");
    }

    void show(Scene scene) {
        getChildren().setAll(scene.tasks().stream().map(this::task).toList());
        Ui.show(this, !scene.tasks().isEmpty());
    }

    private HBox task(Scene.Working task) {
        String of = task.of().map(w -> ", for " + w).orElse("");
        var row = Ui.styled(
                Ui.row(6, Ui.label(task.task(), "strong"), Ui.label("runs" + of + "; it ends", "quiet")), "task-row");
        for (int i = 0; i < task.endings().size(); i++) {
            int outcome = i;
            row.getChildren()
                    .add(Ui.button(
                            task.endings().get(i),
                            "task-" + task.task() + "-" + task.endings().get(i),
                            () -> act.accept(new Event.TaskEnds(task.place(), outcome)),
                            "secondary"));
        }
        return row;
    }
}

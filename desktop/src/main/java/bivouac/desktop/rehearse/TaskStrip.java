package bivouac.desktop.rehearse;

import bivouac.desktop.widget.Ui;
import bivouac.machine.Event;
import bivouac.machine.Scene;
import bivouac.rehearsal.Onward;
import bivouac.rehearsal.Rehearsal;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.beans.binding.Bindings;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.util.Duration;

/**
 * The tasks that run, at the foot of the desk, each with the ways in which the person can let it end; and where it shows how far
 * it is (W9), with what moves it on, by hand or by itself.
 */
final class TaskStrip extends FlowPane {

    private static final Duration PACE = Duration.millis(400);

    private static final double LEAST = 360;
    /** Beside a task, at both ends of the strip and of its own. */
    private static final double MARGINS = 48;

    private final Consumer<Event> act;
    private Rehearsal shown;
    /** The task that goes on by itself, as it was when it was last moved. */
    private Optional<Scene.Working> going = Optional.empty();

    private final Timeline clock = new Timeline(new KeyFrame(PACE, e -> tick()));

    TaskStrip(Consumer<Event> act) {
        super(12, 6);
        this.act = act;
        clock.setCycleCount(Timeline.INDEFINITE);
        getStyleClass().add("task-strip");
        setId("task-strip");
    }

    void show(Rehearsal rehearsal) {
        shown = rehearsal;
        Scene scene = rehearsal.scene();
        if (goingIn(scene).isEmpty()) {
            stop();
        }
        String typed = typed();
        getChildren().setAll(scene.tasks().stream().map(t -> task(scene, t)).toList());
        Ui.show(this, !scene.tasks().isEmpty());
        if (lookup("#task-line") instanceof TextField field) {
            field.setText(typed);
        }
    }

    /** What stands in the line, and was not told yet. */
    private String typed() {
        return lookup("#task-line") instanceof TextField field ? field.getText() : "";
    }

    /** The task that goes on by itself, as it is in a scene. */
    private Optional<Scene.Working> goingIn(Scene scene) {
        return going.flatMap(g -> scene.tasks().stream()
                .filter(t -> t.place() == g.place() && t.work().equals(g.work()) && t.of().equals(g.of()))
                .findFirst());
    }

    private FlowPane task(Scene scene, Scene.Working task) {
        String of = task.of().map(w -> ", for " + w).orElse("");
        var row = Ui.styled(new FlowPane(6, 4), "task-row");
        row.setRowValignment(VPos.CENTER);
        // what has no room goes on below; the desk keeps its width
        row.prefWrapLengthProperty().bind(Bindings.max(LEAST, widthProperty().subtract(MARGINS)));
        row.getChildren().addAll(Ui.label(task.task(), "strong"), Ui.label("runs" + of, "quiet"));
        if (Onward.isShown(scene, task)) {
            onward(row, scene, task);
        }
        row.getChildren().add(Ui.label("it ends", "quiet"));
        for (int outcome : task.now()) {
            row.getChildren()
                    .add(Ui.button(
                            task.endings().get(outcome),
                            "task-" + task.task() + "-" + task.endings().get(outcome),
                            () -> act.accept(new Event.TaskEnds(task.place(), outcome)),
                            "secondary"));
        }
        return row;
    }

    /** What it tells next, with a line that can be typed beside it; and that it goes on without anybody. */
    private void onward(FlowPane row, Scene scene, Scene.Working task) {
        var line = new TextField();
        line.setId("task-line");
        line.setPromptText("what it does now");
        line.setAccessibleText("what " + task.task() + " says it does now");
        line.setPrefColumnCount(12);
        Optional<Event.TaskTells> next = Onward.tells(scene, task);
        String words = next.map(n -> n.done() + " %").orElse("all done");
        Button tell = Ui.button(words, "task-tells", () -> next.ifPresent(n -> tell(n, line)), "secondary");
        tell.setAccessibleText(task.task() + " tells " + words);
        tell.setDisable(next.isEmpty());
        line.setOnAction(e -> tell.fire());
        Button alone = Ui.button(
                clock.getStatus() == Timeline.Status.RUNNING ? "stop" : "by itself",
                "task-by-itself",
                () -> turn(task),
                "secondary");
        row.getChildren().addAll(Ui.label("it tells", "quiet"), tell, line, alone);
    }

    /** What was typed is told, and then the line is empty: what is told next says it on. */
    private void tell(Event.TaskTells next, TextField line) {
        String typed = line.getText().strip();
        line.clear();
        act.accept(typed.isEmpty() ? next : new Event.TaskTells(next.place(), next.done(), typed));
    }

    private void turn(Scene.Working task) {
        if (clock.getStatus() == Timeline.Status.RUNNING) {
            stop();
            show(shown);
        } else {
            going = Optional.of(task);
            clock.play();
            tick();
        }
    }

    private void stop() {
        clock.stop();
        going = Optional.empty();
    }

    /** One step on; it stops where the task is over, or this is not to be seen any more. */
    private void tick() {
        Optional<Scene.Working> task = goingIn(shown.scene());
        if (task.isEmpty() || getScene() == null) {
            stop();
            return;
        }
        act.accept(Onward.next(shown.machine(), shown.scene(), task.get()));
    }
}

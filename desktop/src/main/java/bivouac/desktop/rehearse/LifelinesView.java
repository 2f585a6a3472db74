package bivouac.desktop.rehearse;

import bivouac.design.Design;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.machine.Machine;
import bivouac.rehearsal.Lifelines;
import bivouac.rehearsal.LifelinesPlan;
import bivouac.rehearsal.LifelinesSvg;
import bivouac.rehearsal.Moment;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/** The trail as lifelines, in step with the desk; dragging along it moves in time. Only what is in sight has nodes. */
final class LifelinesView extends ScrollPane {

    private static final PseudoClass WAITS = PseudoClass.getPseudoClass("waits");

    /** Beside what is in sight, so that scrolling a little shows no hole. */
    private static final double MARGIN = 200;

    private final Pane area = new Pane();
    private final IntConsumer goTo;
    private Lifelines lines = Lifelines.NONE;
    private LifelinesPlan plan = LifelinesPlan.of(lines, 0);
    private List<Moment> trail = List.of();
    private Machine machine;
    private Design design;
    private int now;

    LifelinesView(IntConsumer goTo) {
        this.goTo = goTo;
        setId("lifelines");
        setAccessibleText("Lifelines of the windows");
        setContent(area);
        setFitToHeight(true);
        getStyleClass().add("lifelines");
        area.getStyleClass().add("lifelines-area");
        area.setOnMousePressed(e -> goTo.accept(plan.momentAt(e.getX())));
        area.setOnMouseDragged(e -> goTo.accept(plan.momentAt(e.getX())));
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        hvalueProperty().subscribe(this::draw);
        // after the layout that found the room, so that what is drawn is laid out itself
        viewportBoundsProperty().subscribe(() -> Platform.runLater(this::measure));
    }

    private void key(KeyEvent e) {
        int to = e.getCode() == KeyCode.LEFT ? now - 1 : e.getCode() == KeyCode.RIGHT ? now + 1 : -1;
        if (to >= 0 && to < trail.size()) {
            goTo.accept(to);
            e.consume();
        }
    }

    void show(Situation s) {
        List<Moment> other = s.rehearsal().moments();
        design = s.program().design();
        boolean goesOn = machine == s.rehearsal().machine() && isBeginning(trail, other);
        machine = s.rehearsal().machine();
        lines = (goesOn ? lines : Lifelines.NONE).longer(machine, other);
        trail = other;
        now = s.rehearsal().now();
        measure();
    }

    /** Plans for the room there is, and draws. */
    private void measure() {
        plan = LifelinesPlan.of(lines, getViewportBounds().getWidth());
        area.setMinSize(plan.width(), plan.height());
        area.setPrefSize(plan.width(), plan.height());
        keepInSight();
        draw();
    }

    /** Whether a trail begins with the very moments of another. */
    private static boolean isBeginning(List<Moment> shorter, List<Moment> longer) {
        return shorter.isEmpty()
                || shorter == longer
                || shorter.size() <= longer.size() && shorter.getLast() == longer.get(shorter.size() - 1);
    }

    private void keepInSight() {
        double room = getViewportBounds().getWidth();
        double hidden = plan.width() - room;
        if (hidden > 0) {
            double left = getHvalue() * hidden;
            double x = plan.x(now);
            if (x < left || x + plan.column() > left + room) {
                setHvalue(Math.clamp((x - room / 2) / hidden, 0, 1));
            }
        }
    }

    private void draw() {
        double room = Math.max(1, getViewportBounds().getWidth());
        double left = getHvalue() * Math.max(0, plan.width() - room) - MARGIN;
        double right = left + room + 2 * MARGIN;
        area.getChildren().clear();
        place(
                Ui.styled(new Region(), "lifelines-now"),
                plan.x(now),
                0,
                plan.column(),
                Math.max(plan.height(), area.getHeight()));
        int first = plan.momentAt(left);
        int last = plan.momentAt(right);
        for (int event = first; event <= last && event < trail.size(); event++) {
            heading(event);
        }
        for (int i = 0; i < lines.bars().size(); i++) {
            Lifelines.Bar bar = lines.bars().get(i);
            if (plan.x(bar.opened()) < right && plan.end(bar.closed()) + MARGIN > left) {
                bar(bar, plan.y(plan.rows().get(i)), left);
            }
        }
        for (int i = 0; i < lines.tasks().size(); i++) {
            task(lines.tasks().get(i), plan.y(plan.rows().get(lines.bars().size() + i)));
        }
    }

    private void heading(int event) {
        plan.heading(design, trail, event).ifPresent(words -> heading(event, words));
    }

    private void heading(int event, String words) {
        Label label = Ui.label(words, "lifelines-event");
        label.setMaxWidth(plan.isWide() ? plan.column() - 4 : plan.column() * 2);
        label.relocate(plan.x(event) + 2, 2);
        area.getChildren().add(label);
    }

    private void bar(Lifelines.Bar bar, double y, double left) {
        double from = plan.x(bar.opened());
        double to = plan.end(bar.closed());
        var shape = Ui.styled(new Region(), "lifeline");
        shape.pseudoClassStateChanged(WAITS, bar.waits());
        place(shape, from, y, Math.max(4, to - from), LifelinesPlan.BAR);
        for (Lifelines.Stretch stretch : bar.blocked()) {
            double[] across = plan.across(bar, stretch);
            if (across[1] > across[0]) {
                place(
                        Ui.styled(new Region(), "lifeline-blocked"),
                        across[0],
                        y,
                        across[1] - across[0],
                        LifelinesPlan.BAR);
            }
        }
        // the name stays in sight while its bar does
        double at = Math.max(from, Math.min(left + MARGIN, to - 40));
        Label name = Ui.label(bar.which().toString(), "lifeline-name");
        name.setMaxWidth(Math.max(8, to - at - 10));
        name.relocate(at + 8, y);
        area.getChildren().add(name);
        if (!bar.isOpen() && !bar.ending().isEmpty()) {
            Label ending = Ui.label(bar.ending(), "ending");
            String words = bar.gives().isEmpty() ? bar.ending() : bar.ending() + ": " + bar.gives();
            ending.setTooltip(new Tooltip(bar.which() + " ends " + words));
            ending.relocate(to + 3, y);
            area.getChildren().add(ending);
            if (!bar.gives().isEmpty() && plan.isWide()) {
                Label gives = Ui.label("↑ " + bar.gives(), "value");
                gives.setMaxWidth(plan.column() * 2 - 8);
                gives.setTooltip(new Tooltip(bar.gives()));
                gives.relocate(to + 3, y + LifelinesPlan.BAR + 1);
                area.getChildren().add(gives);
            }
        }
    }

    private void task(Lifelines.Run run, double y) {
        double from = plan.x(run.began());
        place(Ui.styled(new Region(), "lifeline-task"), from, y + 12, Math.max(4, plan.end(run.ended()) - from), 2);
        Label name = Ui.label(run.words(), "lifeline-name");
        name.relocate(from + 2, y - 3);
        area.getChildren().add(name);
    }

    private void place(Node node, double x, double y, double width, double height) {
        node.setMouseTransparent(true);
        node.resizeRelocate(x, y, width, height);
        ((Region) node).setPrefSize(width, height);
        area.getChildren().add(node);
    }

    /** The drawing as text, for a file. */
    String svg() {
        return LifelinesSvg.of(design, lines, trail);
    }

    /** What is drawn for a picture: all of it. */
    Node picture() {
        return area;
    }
}

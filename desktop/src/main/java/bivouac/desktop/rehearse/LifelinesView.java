package bivouac.desktop.rehearse;

import bivouac.design.Design;
import bivouac.desktop.widget.Reused;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.machine.Machine;
import bivouac.rehearsal.Lifelines;
import bivouac.rehearsal.LifelinesDrawing;
import bivouac.rehearsal.LifelinesPlan;
import bivouac.rehearsal.LifelinesSvg;
import bivouac.rehearsal.Moment;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/** The trail as lifelines, in step with the desk; dragging along it moves in time. Only what is in sight has nodes. */
final class LifelinesView extends ScrollPane {

    /** Beside what is in sight, so that scrolling a little shows no hole. */
    private static final double MARGIN = 200;

    private final Pane area = new Pane();
    private final Region present = Ui.styled(new Region(), "lifelines-now");
    private final Map<LifelinesDrawing.Kind, Reused<Region>> blocks = new EnumMap<>(LifelinesDrawing.Kind.class);
    private final Map<LifelinesDrawing.Saying, Reused<Label>> words = new EnumMap<>(LifelinesDrawing.Saying.class);
    private final IntConsumer goTo;
    private Lifelines lines = Lifelines.NONE;
    private LifelinesPlan plan = LifelinesPlan.of(lines, 0);
    private List<Moment> trail = List.of();
    private Machine machine;
    private Design design;
    private int now;
    private Optional<Situation> latest = Optional.empty();

    LifelinesView(IntConsumer goTo) {
        this.goTo = goTo;
        setId("lifelines");
        setAccessibleText("Lifelines of the windows");
        setContent(area);
        setFitToHeight(true);
        getStyleClass().add("lifelines");
        area.getStyleClass().add("lifelines-area");
        present.setManaged(false);
        present.setMouseTransparent(true);
        area.getChildren().add(present);
        for (var kind : LifelinesDrawing.Kind.values()) {
            blocks.put(kind, new Reused<>(() -> block(kind)));
        }
        for (var saying : LifelinesDrawing.Saying.values()) {
            words.put(saying, new Reused<>(() -> words(saying)));
        }
        area.getChildren().addAll(blocks.values());
        area.getChildren().addAll(words.values());
        area.setOnMousePressed(e -> goTo.accept(plan.momentAt(e.getX())));
        area.setOnMouseDragged(e -> goTo.accept(plan.momentAt(e.getX())));
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        hvalueProperty().subscribe(this::redraw);
        // after the layout that found the room, so that what is drawn is laid out itself
        visibleProperty().subscribe(shown -> {
            if (shown) {
                latest.ifPresent(this::draw);
            }
        });
        viewportBoundsProperty().subscribe(() -> Platform.runLater(this::measure));
    }

    private void key(KeyEvent e) {
        int to = e.getCode() == KeyCode.LEFT ? now - 1 : e.getCode() == KeyCode.RIGHT ? now + 1 : -1;
        if (to >= 0 && to < trail.size()) {
            goTo.accept(to);
            e.consume();
        }
    }

    /** What is put away is not drawn until it is shown again. */
    void show(Situation s) {
        latest = Optional.of(s);
        if (isVisible()) {
            draw(s);
        }
    }

    private void draw(Situation s) {
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
        redraw();
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

    private void redraw() {
        if (latest.isEmpty()) {
            return;
        }
        double room = Math.max(1, getViewportBounds().getWidth());
        double left = getHvalue() * Math.max(0, plan.width() - room);
        present.resizeRelocate(plan.x(now), 0, plan.column(), Math.max(plan.height(), area.getHeight()));
        var drawing = LifelinesDrawing.of(design, plan, trail, left, left + room + MARGIN);
        blocks.values().forEach(Reused::begin);
        words.values().forEach(Reused::begin);
        for (LifelinesDrawing.Block block : drawing.blocks()) {
            blocks.get(block.kind()).next().resizeRelocate(block.x(), block.y(), block.width(), block.height());
        }
        for (LifelinesDrawing.Words said : drawing.words()) {
            Label label = words.get(said.saying()).next();
            label.setText(said.text());
            label.setMaxWidth(said.most());
            label.setAccessibleText(said.whole());
            label.relocate(said.x(), said.y());
        }
        blocks.values().forEach(Reused::end);
        words.values().forEach(Reused::end);
    }

    private static Region block(LifelinesDrawing.Kind kind) {
        var block = new Region();
        block.setManaged(false);
        block.setMouseTransparent(true);
        block.getStyleClass()
                .addAll(
                        switch (kind) {
                            case TIE -> List.of("lifeline-tie");
                            case BAR -> List.of("lifeline");
                            case WAITED -> List.of("lifeline", "waited");
                            case BLOCKED -> List.of("lifeline-blocked");
                            case TASK, HOLDING -> List.of("lifeline-task");
                            case RING -> List.of("lifeline-ring");
                        });
        return block;
    }

    private static Label words(LifelinesDrawing.Saying saying) {
        String style =
                switch (saying) {
                    case EVENT -> "lifelines-event";
                    case NAME, TASK, HOLDING -> "lifeline-name";
                    case HANDED, GIVES -> "lifeline-value";
                    case ENDING -> "ending";
                };
        Label label = Ui.label("", style);
        Ui.tellsAll(label, label::getAccessibleText);
        return label;
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

package bivouac.desktop.frame;

import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Keeping;
import bivouac.desktop.work.LeftWork;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * Offers the unsaved work of a Bivouac that was killed. Nothing of it goes but what the person throws away, and that is
 * asked once more; who decides later is asked again.
 */
public final class LeftWorkBox {

    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM, FormatStyle.SHORT);

    private final Overlay overlay;
    private final Keeping keeping;
    /** Asks first where the work here is unsaved. */
    private final java.util.function.Consumer<Runnable> leaving;

    public LeftWorkBox(Overlay overlay, Keeping keeping, java.util.function.Consumer<Runnable> leaving) {
        this.overlay = overlay;
        this.keeping = keeping;
        this.leaving = leaving;
    }

    /** Asks about each; nothing to ask, nothing to be seen. */
    public void offer(List<LeftWork> all) {
        if (all.isEmpty()) {
            return;
        }
        var rows = new VBox(10);
        Node first = null;
        for (LeftWork left : all) {
            Button take = Ui.button(
                    "Go on with it",
                    "left-take",
                    () -> {
                        overlay.close();
                        leaving.accept(() -> keeping.take(left));
                    },
                    first == null ? "primary" : "secondary");
            first = first == null ? take : first;
            rows.getChildren().add(row(left, take, all));
        }
        var later = Ui.button("Decide later", "left-later", overlay::close, "secondary");
        var card = Ui.styled(
                Ui.column(
                        12,
                        Ui.label("Go on with unsaved work?", "overlay-title"),
                        Ui.wrapped(
                                "Bivouac ended before " + (all.size() == 1 ? "this was" : "these were")
                                        + " saved. What was changed is still here.",
                                "plain"),
                        rows,
                        Ui.row(8, Ui.spring(), later)),
                "overlay-card",
                "wide");
        overlay.open(card, first, overlay::close);
    }

    private Node row(LeftWork left, Button take, List<LeftWork> all) {
        var words = Ui.column(
                2, Ui.label(left.name(), "strong"), Ui.wrapped(about(left), left.damaged() ? "problem-text" : "quiet"));
        javafx.scene.layout.HBox.setHgrow(words, javafx.scene.layout.Priority.ALWAYS);
        Button drop = Ui.button("Throw it away…", "left-drop", () -> sure(left, all), "secondary");
        take.setMinWidth(Region.USE_PREF_SIZE);
        drop.setMinWidth(Region.USE_PREF_SIZE);
        return Ui.row(10, words, drop, take);
    }

    private static String about(LeftWork left) {
        String of = left.of().map(d -> "of " + d.file()).orElse("never saved to a file");
        String when = ", kept " + WHEN.withZone(ZoneId.systemDefault()).format(left.kept());
        String damaged = left.damaged()
                ? "; it is damaged, and "
                        + left.design().map(d -> d.windows().size()).orElse(0) + " of its windows could be read"
                : "";
        return of + when + damaged;
    }

    private void sure(LeftWork left, List<LeftWork> all) {
        overlay.ask(
                "Throw the unsaved work of " + left.name() + " away?",
                "It cannot be brought back.",
                List.of(
                        new Overlay.Choice("Keep it", "left-keep", () -> offer(all)),
                        new Overlay.Choice("Throw it away", "left-drop-sure", () -> {
                            keeping.drop(left);
                            var others = new ArrayList<>(all);
                            others.remove(left);
                            offer(others);
                        })),
                () -> offer(all));
    }
}

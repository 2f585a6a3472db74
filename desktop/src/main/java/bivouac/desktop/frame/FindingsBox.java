package bivouac.desktop.frame;

import bivouac.check.Finding;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.widget.Weights;
import bivouac.desktop.work.Work;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** The findings as a list over the tool; choosing one goes to where it is. */
final class FindingsBox {

    private final Overlay overlay;
    private final Work work;

    FindingsBox(Overlay overlay, Work work) {
        this.overlay = overlay;
        this.work = work;
    }

    void open() {
        var findings = work.now().findings();
        var list = Ui.column(0);
        for (Finding finding : findings) {
            list.getChildren().add(row(finding));
        }
        if (findings.isEmpty()) {
            list.getChildren()
                    .add(Ui.styled(Ui.label("Nothing is wrong or risky in this design."), "fine", "find-row"));
        }
        var scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setMaxHeight(460);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        var close = Ui.button("Close", "findings-close", overlay::close, "secondary");
        String title = findings.size() == 1 ? "1 finding" : findings.size() + " findings";
        Node focus = findings.isEmpty() ? close : list.getChildren().getFirst();
        overlay.open(
                Ui.styled(
                        Ui.column(10, Ui.row(8, Ui.label(title, "overlay-title"), Ui.spring(), close), scroll),
                        "overlay-card",
                        "wide"),
                focus,
                overlay::close);
    }

    private Node row(Finding finding) {
        var words = Ui.column(2, Ui.wrapped(finding.what(), "strong"), Ui.wrapped(finding.why(), "quiet"));
        HBox.setHgrow(words, Priority.ALWAYS);
        finding.repairs().forEach(repair -> words.getChildren()
                .add(Ui.link(
                        repair.words(),
                        "repair-" + finding.place().words(work.now().design()),
                        () -> {
                            overlay.close();
                            work.change(repair.in(work.now().design()), "put right: " + finding.what());
                        })));
        var row = Ui.styled(
                Ui.row(
                        10,
                        Weights.shape(finding.weight()),
                        Ui.label(finding.weight().word(), "weight-word"),
                        words),
                "finding-row");
        return Ui.pressable(row, "finding-" + finding.kind(), finding.what(), () -> {
            overlay.close();
            work.goTo(finding);
        });
    }
}

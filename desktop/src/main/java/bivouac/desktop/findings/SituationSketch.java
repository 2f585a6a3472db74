package bivouac.desktop.findings;

import bivouac.design.Part;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.machine.Scene;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.Walk;
import java.util.List;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/**
 * The situation in which a finding happens, drawn as the desk in small: the windows that are open just before the event
 * that decides, side by side, with what stands on them; the one on which it happens is marked.
 */
final class SituationSketch extends VBox {

    private static final PseudoClass DECIDES = PseudoClass.getPseudoClass("decides");
    private static final PseudoClass BLOCKED = PseudoClass.getPseudoClass("blocked");

    /** As many parts of one window are drawn. */
    private static final int MOST_PARTS = 7;

    SituationSketch(Situation s, List<String> trail) {
        super(6);
        setId("finding-situation");
        List<String> before = trail.isEmpty() ? trail : trail.subList(0, trail.size() - 1);
        Scene scene = Rehearsal.replay(s.program(), s.rehearsal().today(), Walk.events(before))
                .rehearsal()
                .scene();
        getChildren()
                .add(Ui.row(
                        8,
                        Ui.label("The situation", "head"),
                        Ui.label(trail.isEmpty() ? "at the start" : "just before event " + trail.size(), "quiet"),
                        Ui.spring(),
                        Ui.label("now", "quiet")));
        var desk = Ui.styled(new FlowPane(10, 10), "sketch-desk");
        String last = trail.isEmpty() ? "" : trail.getLast();
        scene.windows().stream().filter(w -> !w.hidden()).forEach(w -> desk.getChildren()
                .add(window(w, last)));
        if (desk.getChildren().isEmpty()) {
            desk.getChildren().add(Ui.label("No window is open.", "quiet"));
        }
        getChildren().add(desk);
    }

    private static Node window(Scene.OpenWindow window, String last) {
        var card = Ui.styled(new VBox(4), "sketch-window");
        card.getChildren().add(Ui.styled(Ui.shortened(window.title(), "strong"), "sketch-title"));
        if (!window.text().isEmpty()) {
            card.getChildren().add(Ui.wrapped(window.text(), "plain"));
        }
        window.parts().stream()
                .filter(p -> p.visible() && !(p.design() instanceof Part.MenuCommand))
                .limit(MOST_PARTS)
                .forEach(p -> card.getChildren().add(part(p)));
        boolean decides = last.contains("\"" + window.which().window() + "\"");
        card.pseudoClassStateChanged(DECIDES, decides);
        card.pseudoClassStateChanged(BLOCKED, window.blockedBy().isPresent());
        if (window.blockedBy().isPresent()) {
            card.getChildren().add(Ui.wrapped(window.blockedBy().get().words(), "sketch-blocked"));
        }
        card.setAccessibleText(window.which() + (decides ? ", here it happens" : ""));
        return card;
    }

    private static Node part(Scene.SeenPart part) {
        return switch (part.design()) {
            case Part.ListOfRows list ->
                Ui.shortened(
                        part.design().displayName() + ": "
                                + (part.rows().isEmpty()
                                        ? "no rows"
                                        : part.rows().size() + " rows"),
                        "quiet");
            case Part.Progress p ->
                Ui.shortened(p.displayName() + ": " + Part.Progress.shown(part.done(), part.text()), "plain");
            case Part.Button b
            when !b.each().isOnce() ->
                Ui.shortened(part.each().stream().map(Scene.SeenRow::text).collect(Collectors.joining(" · ")), "plain");
            case Part.Button b -> Ui.styled(Ui.shortened(b.displayName(), "plain"), "sketch-button");
            case Part.Caption c -> Ui.shortened(part.text(), "plain");
            case Part.TickBox b -> Ui.shortened((part.ticked() ? "☑ " : "☐ ") + part.text(), "plain");
            case Part.TextField _, Part.ValueField _, Part.Choice _, Part.Link _, Part.Picture _, Part.MenuCommand _ ->
                Ui.shortened(part.design().displayName() + ": " + part.text(), "plain");
        };
    }
}

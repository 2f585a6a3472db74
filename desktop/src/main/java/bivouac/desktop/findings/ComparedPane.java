package bivouac.desktop.findings;

import bivouac.check.finding.Finding;
import bivouac.compare.Compared;
import bivouac.compare.Parting;
import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Work;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;

/** What the design does otherwise than an older version of it: one card each, with the trail that parts them. */
final class ComparedPane extends BorderPane {

    private final Work work;
    private final Button back;

    /** @param done puts it away */
    ComparedPane(Work work, Compared compared, String other, Runnable done) {
        this.work = work;
        setId("compared");
        getStyleClass().add("compared");
        back = Ui.button("Back to the findings", "compared-done", done, "secondary");
        back.setMinWidth(USE_PREF_SIZE);
        var about = Ui.shortened(said(compared, other), "strong");
        setTop(Ui.styled(Ui.row(12, about, Ui.spring(), back), "compared-bar"));
        var all = Ui.column(10);
        compared.written().forEach(w -> all.getChildren().add(card(w)));
        for (int i = 0; i < compared.partings().size(); i++) {
            all.getChildren().add(parting(compared.partings().get(i), i));
        }
        compared.come().forEach(f -> all.getChildren().add(finding("Come: ", f)));
        compared.gone().forEach(f -> all.getChildren().add(finding("Gone: ", f)));
        if (compared.isSame()) {
            all.getChildren()
                    .add(Ui.wrapped(
                            "Played with the same events, both show the same, and the same is found in both.",
                            "plain"));
        }
        all.getStyleClass().add("compared-cards");
        setCenter(Scrolling.down(all));
        Ui.onEscape(this, done);
    }

    /** Once it is in its scene. */
    void focusFirst() {
        back.requestFocus();
    }

    /** In one sentence what came of it. */
    static String said(Compared compared, String other) {
        int count = compared.written().size()
                + compared.partings().size()
                + compared.come().size()
                + compared.gone().size();
        String differs = count == 0
                ? "Nothing differs from " + other
                : count == 1 ? "1 thing differs from " + other : count + " things differ from " + other;
        String pairs = String.format(Locale.ROOT, "%,d pairs of situations", compared.pairs());
        return differs
                + (compared.complete() ? ", in all " + pairs + "." : "; looked at " + pairs + ", and there are more.");
    }

    private static VBox card(String sentence) {
        return Ui.styled(Ui.column(4, Ui.wrapped(sentence, "strong")), "compared-card");
    }

    private Node parting(Parting parting, int number) {
        var card = card(parting.sentence());
        parting.before().filter(b -> !b.isEmpty()).ifPresent(b -> card.getChildren()
                .add(Ui.wrapped("before: " + String.join("; ", b), "plain")));
        parting.now().filter(n -> !n.isEmpty()).ifPresent(n -> card.getChildren()
                .add(Ui.wrapped("now: " + String.join("; ", n), "plain")));
        trail(card, parting.trail());
        if (parting.now().isPresent()) {
            card.getChildren()
                    .add(Ui.row(
                            0,
                            Ui.button(
                                    "Play it",
                                    "compared-play-" + number,
                                    () -> work.playTrail(parting.trail(), "Played up to where they part."),
                                    "secondary")));
        }
        return card;
    }

    private static Node finding(String how, Finding finding) {
        var card = card(how + finding.what());
        card.getChildren().add(Ui.wrapped(finding.why(), "plain"));
        finding.trail().ifPresent(t -> trail(card, t));
        return card;
    }

    private static void trail(VBox card, List<String> trail) {
        for (int i = 0; i < trail.size(); i++) {
            card.getChildren()
                    .add(Ui.row(
                            0,
                            Ui.styled(Ui.label(Integer.toString(i + 1)), "step-number"),
                            Ui.wrapped(trail.get(i), "quiet")));
        }
    }
}

package bivouac.desktop.findings;

import bivouac.desktop.widget.Scrolling;
import bivouac.desktop.widget.Ui;
import bivouac.format.Commits;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;

/** With which older version the design is compared: one that git keeps of its file, or one in another file. */
final class VersionsPane extends BorderPane {

    private final Node first;

    /** @param done puts it away */
    VersionsPane(List<Commits.Commit> commits, Consumer<Commits.Commit> chosen, Runnable askFile, Runnable done) {
        setId("versions");
        getStyleClass().add("compared");
        var back = Ui.button("Back to the findings", "compared-done", done, "secondary");
        back.setMinWidth(USE_PREF_SIZE);
        var file = Ui.button("A file…", "compare-file", askFile, "secondary");
        file.setMinWidth(USE_PREF_SIZE);
        var about = Ui.shortened("With which version is the design compared?", "strong");
        setTop(Ui.styled(Ui.row(12, about, Ui.spring(), file, back), "compared-bar"));
        var all = Ui.column(4, Ui.label("Committed to git, the latest first:", "quiet"));
        for (int i = 0; i < commits.size(); i++) {
            all.getChildren().add(row(commits.get(i), i, chosen));
        }
        first = all.getChildren().get(1);
        all.getStyleClass().add("compared-cards");
        setCenter(Scrolling.down(all));
        Ui.onEscape(this, done);
    }

    private static HBox row(Commits.Commit commit, int number, Consumer<Commits.Commit> chosen) {
        var day = Ui.label(commit.day(), "trail-number");
        var id = Ui.label(commit.id(), "trail-number");
        day.setMinWidth(USE_PREF_SIZE);
        id.setMinWidth(USE_PREF_SIZE);
        var row = Ui.row(12, day, Ui.shortened(commit.subject(), "strong"), Ui.spring(), id);
        Ui.styled(row, "version");
        return Ui.pressable(
                row,
                "compare-commit-" + number,
                "Compare with " + Comparing.named(commit),
                () -> chosen.accept(commit));
    }

    /** Once it is in its scene. */
    void focusFirst() {
        // what scrolls is in the scene only with its skin
        applyCss();
        first.requestFocus();
    }
}

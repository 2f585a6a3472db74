package bivouac.desktop.findings;

import bivouac.check.Checked;
import bivouac.compare.Compared;
import bivouac.desktop.frame.ScreenView;
import bivouac.desktop.widget.Segments;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The Findings screen: what is wrong, one line each, and below it the chosen one with what to do about it. */
public final class FindingsView implements ScreenView {

    private final Work work;
    private final Consumer<Consumer<Path>> askFile;
    private final VBox findings;
    private final BorderPane root = new BorderPane();
    private final Label count = Ui.label("", "strong");
    private final Segments filters;
    private final FindingsList list;
    private final FindingDetail detail;
    private final Label nothingHead = Ui.label("", "head");
    private final Label nothingWords = Ui.wrapped("", "quiet");
    private final Node nothing;
    private final ExploringLine exploring = new ExploringLine();
    private final PromisesPane promises;
    private FindingsState.Filter filter = FindingsState.Filter.ALL;
    private FindingsState.By by = FindingsState.By.CAUSE;
    private String chosen = "";
    private Situation shown;

    /** @param askFile asks for a file that holds an older version */
    public FindingsView(Work work, Consumer<Consumer<Path>> askFile) {
        this.work = work;
        this.askFile = askFile;
        detail = new FindingDetail(work);
        list = new FindingsList(this::choose, detail::focusFirst);
        filters = new Segments(
                "findings-filter",
                n -> {
                    filter = FindingsState.Filter.values()[n];
                    draw();
                },
                Stream.of(FindingsState.Filter.values())
                        .map(f -> f.words(Checked.NOTHING))
                        .toArray(String[]::new));
        var grouping = new Segments(
                "findings-by",
                n -> {
                    by = FindingsState.By.values()[n];
                    draw();
                },
                FindingsState.By.CAUSE.words(),
                FindingsState.By.WINDOW.words());
        var compare = Ui.button("Compare…", "compare-versions", this::askCompare, "secondary");
        compare.setMinWidth(Region.USE_PREF_SIZE);
        count.setMinWidth(Region.USE_PREF_SIZE);
        root.setTop(Ui.styled(Ui.row(12, count, filters, grouping, Ui.spring(), exploring, compare), "screen-bar"));
        nothing = Ui.styled(Ui.column(6, nothingHead, nothingWords), "empty");
        promises = new PromisesPane(work);
        VBox.setVgrow(detail, Priority.ALWAYS);
        detail.setMinHeight(280);
        findings = new VBox(nothing, list, detail);
        root.setCenter(findings);
        root.setRight(promises);
    }

    @Override
    public Parent node() {
        return root;
    }

    @Override
    public void show(Situation s) {
        boolean same = shown != null && shown.checked() == s.checked() && shown.isCompiled() == s.isCompiled();
        shown = s;
        exploring.show(s.looked());
        promises.show(s);
        if (!same) {
            draw();
        }
    }

    private void draw() {
        Checked checked = shown.checked();
        int open = checked.open().size();
        count.setText(open == 1 ? "1 finding" : open + " findings");
        for (FindingsState.Filter one : FindingsState.Filter.values()) {
            filters.name(one.ordinal(), one.words(checked));
        }
        FindingsState state = FindingsState.of(checked, filter, by);
        var row = state.row(chosen);
        chosen = row.map(FindingsState.Row::what).orElse("");
        list.show(state, chosen, this::where);
        boolean empty = row.isEmpty();
        var said = FindingsState.Nothing.of(checked, filter);
        nothingHead.setText(said.head());
        nothingWords.setText(said.words());
        Ui.show(nothing, empty);
        Ui.show(list, !empty);
        Ui.show(detail, !empty);
        row.ifPresent(r -> detail.show(shown, r));
    }

    private void askCompare() {
        var comparing = new Comparing(work);
        Runnable withFile = () -> askFile.accept(file -> comparing.with(file, this::compared));
        comparing.earlier(commits -> {
            if (commits.isEmpty()) {
                withFile.run();
                return;
            }
            var versions = new VersionsPane(commits, c -> comparing.with(c, this::compared), withFile, this::back);
            root.setCenter(versions);
            versions.focusFirst();
        });
    }

    private void compared(Compared compared, String other) {
        var pane = new ComparedPane(work, compared, other, this::back);
        root.setCenter(pane);
        pane.focusFirst();
    }

    private void back() {
        root.setCenter(findings);
        focus();
    }

    private String where(FindingsState.Row row) {
        return row.finding().map(f -> f.place().window().orElse("application")).orElse("");
    }

    private void choose(FindingsState.Row row) {
        chosen = row.what();
        detail.show(shown, row);
    }

    /** To the next finding, or the one before. */
    @Override
    public void step(int steps) {
        FindingsState.of(shown.checked(), filter, by).next(chosen, steps).ifPresent(r -> {
            chosen = r.what();
            draw();
        });
        list.requestFocus();
    }

    @Override
    public void focus() {
        if (list.isVisible()) {
            list.requestFocus();
        }
    }
}

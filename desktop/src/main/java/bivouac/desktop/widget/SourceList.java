package bivouac.desktop.widget;

import java.util.List;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** A source, read like a page: only the lines in sight are made. */
public final class SourceList extends ListView<SourceLine> {

    public SourceList() {
        setId("handover-source");
        setAccessibleText("Source");
        getStyleClass().add("source");
        setFixedCellSize(17);
        setCellFactory(list -> new Line());
    }

    public void show(String source, SourceLine.Language language) {
        List<SourceLine> lines = SourceLine.of(source, language);
        if (!getItems().equals(lines)) {
            getItems().setAll(lines);
            scrollTo(SourceLine.begins(lines));
        }
    }

    private static String style(SourceLine.Kind kind) {
        return switch (kind) {
            case PLAIN -> "source-plain";
            case WORD -> "source-word";
            case TYPE -> "source-type";
            case TEXT -> "source-quoted";
            case REMARK -> "source-remark";
        };
    }

    private static final class Line extends ListCell<SourceLine> {
        @Override
        protected void updateItem(SourceLine line, boolean empty) {
            super.updateItem(line, empty);
            setText(null);
            if (empty || line == null) {
                Ui.graphic(this, null);
                return;
            }
            var flow = new TextFlow();
            for (SourceLine.Piece piece : line.pieces()) {
                var text = new Text(piece.text());
                text.getStyleClass().addAll("source-text", style(piece.kind()));
                flow.getChildren().add(text);
            }
            Ui.graphic(this, flow);
        }
    }
}

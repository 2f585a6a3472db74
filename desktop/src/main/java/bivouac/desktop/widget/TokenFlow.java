package bivouac.desktop.widget;

import bivouac.sentence.Token;
import java.util.List;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;

/** A sentence drawn: each token in its own way, wrapping where the line is full. */
public final class TokenFlow extends FlowPane {

    /** @param mark the sign of a window by its name, or null for none */
    public TokenFlow(List<Token> tokens, Function<String, Node> mark) {
        super(5, 2);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("sentence");
        setMinWidth(0);
        for (Token token : tokens) {
            add(token, mark);
        }
    }

    private void add(Token token, Function<String, Node> mark) {
        switch (token) {
            case Token.Keyword(String text) -> getChildren().add(Ui.label(text, "keyword"));
            case Token.WindowName(String text) -> {
                Node sign = mark.apply(text);
                if (sign != null) {
                    getChildren().add(sign);
                }
                getChildren().add(Ui.label(text.isBlank() ? "no window yet" : text, "strong"));
            }
            case Token.EndingName(String text) -> getChildren().add(Ui.label(text, "ending"));
            case Token.ValueName(String text) -> getChildren().add(Ui.label(text, "value"));
            case Token.ExpressionText(String text) ->
                getChildren().add(Ui.label(text.isBlank() ? "…" : text, "expression"));
            case Token.Quoted(String text) -> getChildren().add(wrapping(Ui.label("“" + text + "”", "quoted")));
            case Token.Plain(String text) when text.equals(",") -> {
                // the values stand apart by themselves
            }
            case Token.Plain(String text) -> getChildren().add(wrapping(Ui.label(text, "between")));
        }
    }

    /** As wide as the line at most, so that it wraps in a narrow column. */
    private Label wrapping(Label label) {
        label.setWrapText(true);
        label.maxWidthProperty().bind(widthProperty());
        return label;
    }
}

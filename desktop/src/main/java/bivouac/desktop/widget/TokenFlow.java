package bivouac.desktop.widget;

import bivouac.design.Design;
import bivouac.design.Window;
import bivouac.sentence.Token;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;

/** A sentence drawn: each token in its own way, wrapping where the line is full. */
public final class TokenFlow extends FlowPane {

    /** Without signs before the names of windows. */
    public TokenFlow(List<Token> tokens) {
        this(tokens, Optional.empty());
    }

    /** With the sign of each window of a design before its name. */
    public TokenFlow(List<Token> tokens, Design design) {
        this(tokens, Optional.of(design));
    }

    private TokenFlow(List<Token> tokens, Optional<Design> design) {
        super(5, 2);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("sentence");
        setMinWidth(0);
        for (Token token : tokens) {
            add(token, design);
        }
    }

    /** The kinds of the windows that tokens name, by which their signs are drawn; empty where there is no such window. */
    public static List<String> kinds(List<Token> tokens, Design design) {
        return tokens.stream()
                .filter(Token.WindowName.class::isInstance)
                .map(t -> design.window(t.text()).map(Window::kind).orElse(""))
                .toList();
    }

    private void add(Token token, Optional<Design> design) {
        switch (token) {
            case Token.Keyword(String text) -> getChildren().add(Ui.label(text, "keyword"));
            case Token.WindowName(String text) -> {
                design.flatMap(d -> d.window(text)).ifPresent(w -> getChildren().add(new Mark(w)));
                getChildren().add(Ui.label(text.isBlank() ? "no window yet" : text, "strong"));
            }
            case Token.EndingName(String text) -> getChildren().add(Ui.label(text, "ending"));
            case Token.ValueName(String text) -> getChildren().add(Ui.label(text, "value"));
            case Token.ExpressionText(String text) ->
                getChildren().add(wrapping(Ui.label(text.isBlank() ? "…" : text, "expression")));
            case Token.Quoted(String text) -> getChildren().add(wrapping(Ui.label("“" + text + "”", "quoted")));
            case Token.Plain(String text) when text.equals(",") -> {
                // the values stand apart by themselves
            }
            case Token.Plain(String text) -> getChildren().add(wrapping(Ui.label(text, "between")));
        }
    }

    private static Label wrapping(Label label) {
        label.setWrapText(true);
        return label;
    }

    /** Words that wrap are as wide as the line at most; told before heights are asked for, so that these hold. */
    private void fitInto(double width) {
        if (width > 0) {
            for (Node child : getChildren()) {
                if (child instanceof Label label && label.isWrapText() && label.getMaxWidth() != width) {
                    label.setMaxWidth(width);
                }
            }
        }
    }

    @Override
    protected double computePrefHeight(double width) {
        fitInto(width);
        return super.computePrefHeight(width);
    }

    @Override
    protected void layoutChildren() {
        fitInto(getWidth());
        super.layoutChildren();
    }
}

package bivouac.desktop.window;

import bivouac.design.Expression;
import bivouac.design.Part;
import bivouac.design.Setting;
import bivouac.design.Traits;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.layout.VBox;

/** Sentences about a part, each with a place to fill, and those that every part has (P1). */
abstract class PartLines extends VBox {

    private static final double WORDS = 150;

    PartLines() {
        super(6);
        getStyleClass().add("part-pane");
    }

    /** Puts another part in its place, as one change that can be undone. */
    abstract void take(Part other, String what);

    static Node line(String words, Node place) {
        return Ui.sentence(words, WORDS, place);
    }

    /** What every part has. */
    final void traits(Part part) {
        Traits traits = part.traits();
        setting("It can be used when", "enabled", traits.enabled(), s -> part.with(traits.enabled(s)));
        setting("It is seen when", "visible", traits.visible(), s -> part.with(traits.visible(s)));
        if (part instanceof Part.TextField
                || part instanceof Part.ValueField
                || part instanceof Part.Choice
                || part instanceof Part.TickBox) {
            setting("It is read only when", "read only", traits.readOnly(), s -> part.with(traits.readOnly(s)));
        }
        text("Its font is", "font", traits.font(), t -> part.with(traits.font(t.strip())));
        text("Its colour is", "colour", traits.colour(), t -> part.with(traits.colour(t.strip())));
    }

    private static String yes(String what) {
        return what.equals("read only") ? "at first so" : "always";
    }

    private static String no(String what) {
        return what.equals("read only") ? "never" : "at first not";
    }

    private static Setting settingOf(String typed, String what) {
        if (typed.isEmpty()) {
            return what.equals("read only") ? Setting.NO : Setting.YES;
        }
        if (typed.equals(yes(what))) {
            return Setting.YES;
        }
        return typed.equals(no(what)) ? Setting.NO : new Setting.Follows(new Expression(typed));
    }

    final <T> void oneOf(
            String words,
            String what,
            T[] values,
            java.util.function.Function<T, String> word,
            T now,
            java.util.function.Function<T, Part> change) {
        var choice = new ChoiceBox<String>();
        choice.setId("part-" + what);
        choice.setAccessibleText(words);
        for (T value : values) {
            choice.getItems().add(word.apply(value));
        }
        choice.setValue(word.apply(now));
        choice.setOnAction(
                e -> take(change.apply(values[choice.getSelectionModel().getSelectedIndex()]), what));
        getChildren().add(line(words, choice));
    }

    final void text(String words, String what, String value, java.util.function.Function<String, Part> change) {
        getChildren().add(line(words, new TextLine("part-" + what, words, value, t -> {
            take(change.apply(t), what);
            return "";
        })));
    }

    final void tick(String words, String what, boolean value, Part other) {
        var box = new CheckBox(words);
        box.setId("part-" + what);
        box.setSelected(value);
        box.setOnAction(e -> {
            take(other, what);
        });
        getChildren().add(box);
    }

    final void setting(String words, String what, Setting setting, java.util.function.Function<Setting, Part> change) {
        String value =
                switch (setting) {
                    case Setting.Fixed(boolean yes) -> yes ? yes(what) : no(what);
                    case Setting.Follows(Expression condition) -> condition.source();
                };
        getChildren().add(line(words, new TextLine("part-" + what, words, value, t -> {
            Setting other = settingOf(t.strip(), what);
            take(change.apply(other), what);
            return "";
        })));
    }
}

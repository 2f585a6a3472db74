package bivouac.desktop.window;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Part;
import bivouac.design.Renames;
import bivouac.design.ScriptPlace;
import bivouac.design.Setting;
import bivouac.desktop.widget.TextLine;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Work;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A part's own settings as sentences, each with a place to fill. */
final class PartPane extends VBox {

    private final Work work;
    private final String window;
    private final Part part;

    PartPane(Work work, FacedWindow face, Part part) {
        super(6);
        this.work = work;
        this.window = face.name().shown();
        this.part = part;
        getStyleClass().add("part-pane");
        getChildren().add(line("It is a " + part.kind() + ", called", rename(face)));
        switch (part) {
            case Part.Caption c ->
                text("It shows", "text", c.text(), t -> new Part.Caption(c.name(), t, c.enabled(), c.visible()));
            case Part.Button b -> {
                text(
                        "On it stands",
                        "text",
                        b.text(),
                        t -> new Part.Button(b.name(), t, b.isDefault(), b.pressed(), b.enabled(), b.visible()));
                tick(
                        "Enter presses it",
                        "default",
                        b.isDefault(),
                        new Part.Button(b.name(), b.text(), !b.isDefault(), b.pressed(), b.enabled(), b.visible()));
            }
            case Part.TickBox b -> {
                text(
                        "Beside it stands",
                        "text",
                        b.text(),
                        t -> new Part.TickBox(b.name(), t, b.ticked(), b.changed(), b.enabled(), b.visible()));
                tick(
                        "It starts ticked",
                        "ticked",
                        b.ticked(),
                        new Part.TickBox(b.name(), b.text(), !b.ticked(), b.changed(), b.enabled(), b.visible()));
            }
            case Part.TextField f -> {
                text(
                        "Before it stands",
                        "label",
                        f.label(),
                        t -> new Part.TextField(
                                f.name(), t, f.starts(), f.longest(), f.changed(), f.enabled(), f.visible()));
                text(
                        "It starts with",
                        "starts",
                        f.starts(),
                        t -> new Part.TextField(
                                f.name(), f.label(), t, f.longest(), f.changed(), f.enabled(), f.visible()));
                longest(f);
            }
            case Part.NumberField f -> {
                text(
                        "Before it stands",
                        "label",
                        f.label(),
                        t -> new Part.NumberField(f.name(), t, f.starts(), f.changed(), f.enabled(), f.visible()));
                text(
                        "It starts with",
                        "starts",
                        f.starts(),
                        t -> new Part.NumberField(f.name(), f.label(), t, f.changed(), f.enabled(), f.visible()));
            }
            case Part.MenuCommand m -> {
                text(
                        "In the menu stands",
                        "text",
                        m.text(),
                        t -> new Part.MenuCommand(m.name(), t, m.shortcut(), m.chosen(), m.enabled(), m.visible()));
                text(
                        "Its shortcut is",
                        "shortcut",
                        m.shortcut(),
                        t -> new Part.MenuCommand(m.name(), m.text(), t, m.chosen(), m.enabled(), m.visible()));
            }
        }
        setting("It can be used when", "enabled", part.enabled(), s -> withSettings(part, s, part.visible()));
        setting("It is seen when", "visible", part.visible(), s -> withSettings(part, part.enabled(), s));
    }

    private Node line(String words, Node place) {
        HBox.setHgrow(place, Priority.ALWAYS);
        var label = Ui.label(words, "plain");
        label.setPrefWidth(150);
        return Ui.row(8, label, place);
    }

    private Node rename(FacedWindow face) {
        return new TextLine("part-name", "Name", part.name().shown(), text -> {
            Name name = Name.of(text);
            boolean taken = face.parts().stream()
                            .anyMatch(p -> p != part && p.name().expression().equals(name.expression()))
                    || face.variables().stream()
                            .anyMatch(v -> v.name().expression().equals(name.expression()));
            if (taken || !Names.isUsable(name.expression())) {
                String why = "“" + text + "” is taken on " + window + ", or no name that expressions can use.";
                work.say(why);
                return why;
            }
            Design changed =
                    Renames.part(work.now().design(), window, part.name().expression(), name);
            work.change(
                    changed,
                    part.name() + " is now " + name,
                    Chosen.script(new ScriptPlace.AtPart(window, name.expression())));
            return "";
        });
    }

    private void text(String words, String what, String value, java.util.function.Function<String, Part> change) {
        getChildren().add(line(words, new TextLine("part-" + what, words, value, t -> {
            take(change.apply(t), what);
            return "";
        })));
    }

    private void tick(String words, String what, boolean value, Part other) {
        var box = new CheckBox(words);
        box.setId("part-" + what);
        box.setSelected(value);
        box.setOnAction(e -> {
            take(other, what);
        });
        getChildren().add(box);
    }

    private void longest(Part.TextField f) {
        String value = f.longest().isPresent() ? Integer.toString(f.longest().getAsInt()) : "";
        getChildren().add(line("It holds at most", new TextLine("part-longest", "Longest length", value, t -> {
            boolean none = t.isBlank();
            if (!none && !t.strip().matches("[1-9][0-9]{0,5}")) {
                work.say("The longest length is a whole number of characters, or empty for any.");
                return "no number";
            }
            OptionalInt longest = none ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(t.strip()));
            take(
                    new Part.TextField(f.name(), f.label(), f.starts(), longest, f.changed(), f.enabled(), f.visible()),
                    "longest length");
            return "";
        })));
    }

    private void setting(
            String words, String what, Setting setting, java.util.function.Function<Setting, Part> change) {
        String value =
                switch (setting) {
                    case Setting.Fixed(boolean yes) -> yes ? "always" : "at first not";
                    case Setting.Follows(Expression condition) -> condition.source();
                };
        getChildren().add(line(words, new TextLine("part-" + what, words, value, t -> {
            Setting other =
                    switch (t.strip()) {
                        case "always", "" -> Setting.YES;
                        case "at first not" -> new Setting.Fixed(false);
                        default -> new Setting.Follows(new Expression(t.strip()));
                    };
            take(change.apply(other), what);
            return "";
        })));
    }

    private static Part withSettings(Part part, Setting on, Setting seen) {
        return switch (part) {
            case Part.Caption c -> new Part.Caption(c.name(), c.text(), on, seen);
            case Part.TextField f ->
                new Part.TextField(f.name(), f.label(), f.starts(), f.longest(), f.changed(), on, seen);
            case Part.NumberField f -> new Part.NumberField(f.name(), f.label(), f.starts(), f.changed(), on, seen);
            case Part.TickBox b -> new Part.TickBox(b.name(), b.text(), b.ticked(), b.changed(), on, seen);
            case Part.Button b -> new Part.Button(b.name(), b.text(), b.isDefault(), b.pressed(), on, seen);
            case Part.MenuCommand m -> new Part.MenuCommand(m.name(), m.text(), m.shortcut(), m.chosen(), on, seen);
        };
    }

    private void take(Part other, String what) {
        UnaryOperator<FacedWindow> edit = f -> onlyDefault(f, other)
                .mapParts(p ->
                        Optional.of(p.name().expression().equals(part.name().expression()) ? other : p));
        work.change(work.now().design().changingFace(window, edit), what + " of " + part.displayName() + " changed");
    }

    /** Enter presses one button at most; making one the default takes it from the others. */
    private static FacedWindow onlyDefault(FacedWindow face, Part changed) {
        boolean makes = changed instanceof Part.Button b && b.isDefault();
        return !makes
                ? face
                : face.mapParts(p -> Optional.of(
                        p instanceof Part.Button b && b.isDefault()
                                ? new Part.Button(b.name(), b.text(), false, b.pressed(), b.enabled(), b.visible())
                                : p));
    }
}

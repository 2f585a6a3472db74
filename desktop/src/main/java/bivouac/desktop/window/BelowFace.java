package bivouac.desktop.window;

import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** What stands under the face: the script of what is chosen, or the chosen part's own settings. */
final class BelowFace extends VBox {

    private final Work work;
    private final ScriptPane steps;
    private boolean showsPart;
    private Situation shown;
    private Runnable redraw = () -> {};

    BelowFace(Work work) {
        super(6);
        this.work = work;
        this.steps = new ScriptPane(work);
        getStyleClass().add("below-face");
    }

    /** Shows the script at a place of a window, or of the application. */
    void show(Situation s, ScriptPlace place, Optional<FacedWindow> window, Optional<Part> part) {
        shown = s;
        redraw = () -> draw(place, window, part);
        redraw.run();
    }

    /** Says why there is no script here. */
    void say(String why) {
        getChildren().setAll(Ui.styled(Ui.wrapped(why), "empty"));
    }

    /** Takes a newer situation that looks the same here. */
    void know(Situation s) {
        shown = s;
        steps.know(s);
    }

    /** Puts the keyboard where the next step is typed. */
    void focusEnd() {
        showsPart = false;
        redraw.run();
        steps.focusEnd();
    }

    private void draw(ScriptPlace place, Optional<FacedWindow> window, Optional<Part> part) {
        var title = Ui.shortened(title(place, part), "strong");
        var tabs = Ui.row(6);
        boolean hasTrigger = part.map(p -> p.trigger().isPresent()).orElse(true);
        if (part.isPresent()) {
            boolean settings = showsPart || !hasTrigger;
            if (part.get() instanceof Part.ListOfRows list) {
                tabs.getChildren().addAll(triggers(place, list, settings));
            } else {
                tabs.getChildren().add(tab("script", hasTrigger, !settings));
            }
            tabs.getChildren().add(tab("part", true, settings));
            if (settings) {
                title.setText(part.get().kind() + " " + part.get().displayName());
            }
        }
        // a list has more tabs than stand beside its title
        boolean apart = tabs.getChildren().size() > 2;
        getChildren().setAll(apart ? Ui.column(6, title, tabs) : Ui.row(8, title, Ui.spring(), tabs));
        if (part.isPresent() && window.isPresent() && (showsPart || !hasTrigger)) {
            getChildren().add(new PartPane(work, window.get(), part.get()));
        } else {
            steps.show(shown, place);
            getChildren().add(steps);
        }
    }

    /** A list has more triggers than one; each is a tab. */
    private List<Node> triggers(ScriptPlace place, Part.ListOfRows list, boolean settings) {
        var tabs = new ArrayList<Node>();
        String part = list.name().expression();
        String window = place.ofWindow().orElse("");
        tabs.add(trigger("selected", new ScriptPlace.AtPart(window, part), place, list.selected(), settings));
        for (var moment : Part.RowMoment.values()) {
            var there = new ScriptPlace.AtRow(window, part, moment);
            tabs.add(trigger(moment.words(), there, place, list.at(moment), settings));
        }
        return tabs;
    }

    private Node trigger(String word, ScriptPlace there, ScriptPlace now, Script script, boolean settings) {
        var button = Ui.button(
                script.isEmpty() ? word : word + " ·",
                "tab-" + word.replace(' ', '-'),
                () -> {
                    showsPart = false;
                    work.choose(Chosen.script(there));
                    redraw.run();
                },
                "segment");
        button.setAccessibleText(script.isEmpty() ? word + ", nothing yet" : word);
        button.pseudoClassStateChanged(PseudoClass.getPseudoClass("chosen"), !settings && there.equals(now));
        return button;
    }

    private Node tab(String word, boolean possible, boolean chosen) {
        var button = Ui.button(
                word,
                "tab-" + word,
                () -> {
                    showsPart = word.equals("part");
                    redraw.run();
                },
                "segment");
        button.setDisable(!possible);
        button.pseudoClassStateChanged(PseudoClass.getPseudoClass("chosen"), chosen);
        return button;
    }

    private static String title(ScriptPlace place, Optional<Part> part) {
        return switch (place) {
            case ScriptPlace.Start s -> "When the application starts";
            case ScriptPlace.Plan p -> "When all windows have closed, before the application ends";
            case ScriptPlace.Named n -> "Steps of “" + n.name() + "”, done wherever a step says so";
            case ScriptPlace.OfTimer t -> "When the timer " + t.name() + " fires";
            case ScriptPlace.AtMoment m ->
                switch (m.moment()) {
                    case OPENED -> "When it has opened";
                    case BROUGHT_BACK -> "When it is brought back";
                    case BEFORE_CLOSING -> "Before it closes, whatever the way out";
                    case AFTER_CLOSING -> "After it has closed";
                };
            case ScriptPlace.AtPart p ->
                part.map(q -> q.trigger()
                                .map(t -> "When " + q.displayName() + " is " + t.word())
                                .orElse(q.displayName()))
                        .orElse(p.part());
            case ScriptPlace.AtRow r -> {
                String list = part.map(Part::displayName).orElse(r.part());
                yield switch (r.moment()) {
                    case ACTIVATED -> "When a row of " + list + " is activated";
                    case BEFORE_REMOVING -> "Before a row of " + list + " is removed";
                };
            }
        };
    }
}

package bivouac.desktop.window;

import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.Segments;
import bivouac.desktop.widget.SourceLine;
import bivouac.desktop.widget.SourceList;
import bivouac.desktop.widget.Ui;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Work;
import bivouac.handover.Handover;
import bivouac.handover.Toolkit;
import bivouac.plan.Program;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** What stands under the face: the script of what is chosen, or the chosen part's own settings. */
final class BelowFace extends VBox {

    private static final double CODE_LINE = 17;

    /** What is looked at of a trigger: its sentences, the part's settings, or the source as it will be handed over. */
    private enum Look {
        SCRIPT("script"),
        PART("part"),
        CODE("code");

        private final String word;

        Look(String word) {
            this.word = word;
        }
    }

    private final Work work;
    private final ScriptPane steps;
    private final SourceList code = new SourceList();
    private final Segments toolkits;
    private Toolkit toolkit = Toolkit.JAVAFX;
    private Look look = Look.SCRIPT;
    private Situation shown;
    private Runnable redraw = () -> {};

    BelowFace(Work work) {
        super(6);
        this.work = work;
        this.steps = new ScriptPane(work);
        this.toolkits = new Segments(
                "code-for",
                n -> {
                    toolkit = Toolkit.values()[n];
                    redraw.run();
                },
                Arrays.stream(Toolkit.values()).map(Toolkit::shown).toArray(String[]::new));
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
        look = Look.SCRIPT;
        redraw.run();
        steps.focusEnd();
    }

    private void draw(ScriptPlace place, Optional<FacedWindow> window, Optional<Part> part) {
        var title = Ui.shortened(title(place, part), "strong");
        var tabs = Ui.row(6);
        boolean hasTrigger = part.map(p -> p.trigger().isPresent()).orElse(true);
        boolean settings = part.isPresent() && (look == Look.PART || !hasTrigger);
        boolean source = look == Look.CODE && hasTrigger;
        if (part.isPresent() && part.get() instanceof Part.ListOfRows list) {
            tabs.getChildren().addAll(triggers(place, list, settings || source));
        } else if (hasTrigger) {
            tabs.getChildren().add(tab(Look.SCRIPT, !settings && !source));
        }
        if (part.isPresent()) {
            tabs.getChildren().add(tab(Look.PART, settings));
        }
        if (hasTrigger) {
            tabs.getChildren().add(tab(Look.CODE, source));
        }
        if (settings) {
            title.setText(part.get().kind() + " " + part.get().displayName());
        }
        // a list has more tabs than stand beside its title
        boolean apart = tabs.getChildren().size() > 3;
        getChildren().setAll(apart ? Ui.column(6, title, tabs) : Ui.row(8, title, Ui.spring(), tabs));
        if (settings && window.isPresent()) {
            getChildren().add(new PartPane(work, window.get(), part.get()));
        } else if (source) {
            showCode(place);
        } else {
            steps.show(shown, place);
            getChildren().add(steps);
        }
    }

    /** As it will read in the program: written off the interface thread, anew after each edit. */
    private void showCode(ScriptPlace place) {
        getChildren().addAll(toolkits, code);
        Program program = shown.program();
        Toolkit of = toolkit;
        var language = SourceLine.Language.of(of.sourceEnd());
        work.background()
                .run(
                        ForkJoinPool.commonPool(),
                        "writing the script",
                        () -> Handover.script(program, place, of),
                        written -> {
                            code.show(written, language);
                            code.setPrefHeight(CODE_LINE * (written.lines().count() + 2));
                        });
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
                    look = Look.SCRIPT;
                    work.choose(Chosen.script(there));
                    redraw.run();
                },
                "segment");
        button.setAccessibleText(script.isEmpty() ? word + ", nothing yet" : word);
        button.pseudoClassStateChanged(PseudoClass.getPseudoClass("chosen"), !settings && there.equals(now));
        return button;
    }

    private Node tab(Look of, boolean chosen) {
        var button = Ui.button(
                of.word,
                "tab-" + of.word,
                () -> {
                    look = of;
                    redraw.run();
                },
                "segment");
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

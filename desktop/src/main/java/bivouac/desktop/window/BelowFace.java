package bivouac.desktop.window;

import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.desktop.widget.DrawnList;
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
import javafx.scene.layout.FlowPane;
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
    private final DrawnList drawn = new DrawnList(getChildren());
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
        drawn.show(List.of(new DrawnList.Item(why, () -> Ui.styled(Ui.wrapped(why), "empty"))));
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
        boolean hasTrigger = part.map(p -> p.trigger().isPresent()).orElse(true);
        boolean settings = part.isPresent() && (look == Look.PART || !hasTrigger);
        Look now = settings ? Look.PART : look == Look.CODE && hasTrigger ? Look.CODE : Look.SCRIPT;
        var lines = new ArrayList<DrawnList.Item>();
        lines.add(head(place, part, hasTrigger, now));
        switch (now) {
            case PART -> {
                FacedWindow face = window.orElseThrow();
                lines.add(new DrawnList.Item(
                        List.of(face, part.orElseThrow()), () -> new PartPane(work, face, part.orElseThrow())));
            }
            case CODE -> {
                lines.add(new DrawnList.Item(Look.CODE, () -> toolkits));
                lines.add(new DrawnList.Item(Look.CODE, () -> code));
                writeCode(place);
            }
            case SCRIPT -> {
                steps.show(shown, place);
                lines.add(new DrawnList.Item(Look.SCRIPT, () -> steps));
            }
        }
        drawn.show(lines);
    }

    /** What it is, and what of it can be looked at. */
    private DrawnList.Item head(ScriptPlace place, Optional<Part> part, boolean hasTrigger, Look now) {
        String words = now == Look.PART
                ? part.map(p -> p.kind() + " " + p.displayName()).orElseThrow()
                : title(place, part);
        List<Trigger> triggers = part.filter(Part.ListOfRows.class::isInstance)
                .map(p -> triggers(place, (Part.ListOfRows) p))
                .orElse(List.of());
        return new DrawnList.Item(List.of(place, words, part.map(Part::name), hasTrigger, triggers, now), () -> {
            var tabs = Ui.row(6);
            triggers.forEach(t -> tabs.getChildren()
                    .add(trigger(t, now == Look.SCRIPT && t.place().equals(place))));
            if (triggers.isEmpty() && hasTrigger) {
                tabs.getChildren().add(tab(Look.SCRIPT, now == Look.SCRIPT));
            }
            if (part.isPresent()) {
                tabs.getChildren().add(tab(Look.PART, now == Look.PART));
            }
            if (hasTrigger) {
                tabs.getChildren().add(tab(Look.CODE, now == Look.CODE));
            }
            var title = Ui.row(8, Ui.shortened(words, "strong"));
            part.ifPresent(
                    p -> title.getChildren().add(Ui.shortened("me." + p.name().expression(), "part-name-shown")));
            // a list has more tabs than stand beside its title
            boolean apart = tabs.getChildren().size() > 3;
            if (apart) {
                var lines = new FlowPane(6, 6);
                lines.getChildren().setAll(tabs.getChildren());
                return Ui.column(6, title, lines);
            }
            tabs.setMinWidth(USE_PREF_SIZE);
            return Ui.row(8, title, Ui.spring(), tabs);
        });
    }

    /** As it will read in the program: written off the interface thread, anew after each edit. */
    private void writeCode(ScriptPlace place) {
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

    /** One of several triggers of a part, and whether nothing is done then yet. */
    private record Trigger(String word, ScriptPlace place, boolean empty) {}

    /** A list has more triggers than one; each is a tab. */
    private static List<Trigger> triggers(ScriptPlace place, Part.ListOfRows list) {
        var all = new ArrayList<Trigger>();
        String part = list.name().expression();
        String window = place.ofWindow().orElse("");
        all.add(new Trigger(
                "selected",
                new ScriptPlace.AtPart(window, part),
                list.selected().isEmpty()));
        for (var moment : Part.RowMoment.values()) {
            all.add(new Trigger(
                    moment.words(),
                    new ScriptPlace.AtRow(window, part, moment),
                    list.at(moment).isEmpty()));
        }
        return all;
    }

    private Node trigger(Trigger of, boolean chosen) {
        var button = Ui.button(
                of.empty() ? of.word() : of.word() + " ·",
                "tab-" + of.word().replace(' ', '-'),
                () -> {
                    look = Look.SCRIPT;
                    work.choose(Chosen.script(of.place()));
                    redraw.run();
                    steps.focusEnd();
                },
                "segment");
        button.setAccessibleText(of.empty() ? of.word() + ", nothing yet" : of.word());
        button.pseudoClassStateChanged(PseudoClass.getPseudoClass("chosen"), chosen);
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

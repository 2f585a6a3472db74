package bivouac.testkit;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Instances;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Routines;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.StepPath;
import bivouac.sentence.Declarations;
import bivouac.sentence.HoldingLine;
import bivouac.sentence.NewWindow;
import bivouac.sentence.PartTyping;
import bivouac.sentence.RoutineLine;
import bivouac.sentence.StepTyping;
import bivouac.sentence.TaskLine;
import bivouac.sentence.Typed;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A design as a person types it, line after line, read from a text:
 *
 * <pre>
 * value unsaved: yesno = false        one of the application's
 * task write ends written; failed     as on the application's page
 * main Shelf                          a window, by its kind; the first is opened by the start
 * takes name: text                    of the window before, as endings …, own …, one for name
 * each name                           one for each of what it takes; {@code one} alone: one only
 * make date picker: Day               a window of any other kind, by its words
 * filters Keep as: Tables: *.csv      of a file dialog
 * script tidy taking days: whole      of the window before; of the application where no window is yet
 * timer clock every 60
 * part button Add                     on the window before
 * box Sure | Remove it? | Remove, Keep | keep
 * window Shelf                        what follows is of that window
 * rows packetsList Beet, 2019         the first rows of a list
 * on addButton                        what follows is typed into that script of the window before; also selected, activated,
 *                                     before removing LIST, opened, before closing, start, plan, do NAME, timer NAME;
 *                                     {@code first start} goes to its beginning
 *   open Packet                       a step; {@code <} before it stands one place further out
 * </pre>
 */
public final class TypedDesign {

    private Design design;
    private String window = "";
    private ScriptPlace place = new ScriptPlace.Start();
    private StepPath at = StepPath.of(0);

    /** A line is refused, as it is where it is typed. */
    public static final class NotTaken extends IllegalArgumentException {
        private static final long serialVersionUID = 1;

        NotTaken(String line, String why) {
            super(line + ": " + why);
        }
    }

    private TypedDesign(String name) {
        design = new Design(Design.startingWith(name).application().starting(Script.EMPTY), List.of());
    }

    public static Design read(String name, String text) {
        var typed = new TypedDesign(name);
        text.lines().filter(l -> !l.isBlank() && !l.startsWith("#")).forEach(typed::line);
        return typed.design;
    }

    private void line(String line) {
        try {
            if (line.startsWith(" ")) {
                step(line.strip());
            } else {
                declare(line);
            }
        } catch (Declarations.Wrong e) {
            throw new NotTaken(line, e.getMessage());
        }
    }

    private void declare(String line) throws Declarations.Wrong {
        int blank = line.indexOf(' ');
        String word = blank < 0 ? line : line.substring(0, blank);
        String rest = blank < 0 ? "" : line.substring(blank + 1);
        Application app = design.application();
        switch (word) {
            case "value" -> {
                var all = new ArrayList<>(app.variables());
                all.addAll(Declarations.readVariables(rest, List.of()));
                design = design.with(app.holding(all));
            }
            case "task" -> {
                var all = new ArrayList<>(app.tasks());
                all.add(TaskLine.read(rest));
                design = design.with(app.working(all));
            }
            case "holding" -> {
                var all = new ArrayList<>(app.holdings());
                all.add(HoldingLine.read(rest));
                design = design.with(app.withHoldings(all));
            }
            case "departs" -> design = design.with(app.departing(new DepartureRule.WithWindow(rest)));
            case "main", "dialog", "child", "open", "save" -> make(word, rest);
            case "window" -> window = rest;
            case "box" -> box(rest.split(" *\\| *"));
            case "takes" -> face(f -> f.taking(Declarations.readTakes(rest, f.takes())));
            case "endings" -> face(f -> f.ending(Declarations.readEndings(rest)));
            case "each" -> face(f -> f.living(Optional.of(new Instances.OneForEach(rest)), f.owned()));
            case "one" -> face(f -> f.living(Optional.of(new Instances.Single()), f.owned()));
            case "extension" ->
                design = design.changing(design.windows().getLast().name().shown(), w -> ((FileDialog) w).adding(rest));
            case "make" -> adding(rest.substring(0, rest.indexOf(':')), rest.substring(rest.indexOf(':') + 2));
            case "filters" -> filters(rest.substring(0, rest.indexOf(':')), rest.substring(rest.indexOf(':') + 2));
            case "script" ->
                routines(r -> {
                    var all = new ArrayList<>(r.scripts());
                    all.add(RoutineLine.script(rest, r));
                    return new Routines(all, r.timers());
                });
            case "timer" ->
                routines(r -> {
                    var all = new ArrayList<>(r.timers());
                    all.add(RoutineLine.timer(rest, r));
                    return new Routines(r.scripts(), all);
                });
            case "own" -> face(f -> f.holding(Declarations.readVariables(rest, f.variables())));
            case "part" -> part(rest);
            case "on" -> {
                place = place(rest);
                at = StepPath.of(place.in(design).steps().size());
            }
            case "first" -> {
                place = place(rest);
                at = StepPath.of(0);
            }
            case "rows" -> rows(rest.substring(0, rest.indexOf(' ')), rest.substring(rest.indexOf(' ') + 1));
            default -> throw new IllegalArgumentException(line);
        }
    }

    private interface RoutinesEdit {
        Routines of(Routines before) throws Declarations.Wrong;
    }

    private void routines(RoutinesEdit edit) throws Declarations.Wrong {
        if (window.isEmpty()) {
            design = design.with(
                    design.application().with(edit.of(design.application().routines())));
        } else {
            face(f -> f.with(edit.of(f.routines())));
        }
    }

    private void filters(String dialog, String line) throws Declarations.Wrong {
        FileDialog other = Declarations.readFilters(
                line, (FileDialog) design.window(dialog).orElseThrow());
        design = design.changing(dialog, w -> other);
    }

    private interface Edit {
        FacedWindow of(FacedWindow face) throws Declarations.Wrong;
    }

    private void face(Edit edit) throws Declarations.Wrong {
        FacedWindow other = edit.of(design.faced(window).orElseThrow());
        design = design.changingFace(window, f -> other);
    }

    private void adding(String kind, String name) {
        NewWindow maker = NewWindow.all().stream()
                .filter(k -> k.words().equals(kind))
                .findFirst()
                .orElseThrow();
        design = design.adding(maker.named(Name.of(name)));
    }

    private void make(String word, String name) {
        String kind =
                switch (word) {
                    case "main" -> "main window";
                    case "child" -> "child window";
                    case "open" -> "file dialog to open";
                    case "save" -> "file dialog to save";
                    default -> word;
                };
        boolean first = design.windows().isEmpty();
        adding(kind, name);
        if (!word.equals("open") && !word.equals("save")) {
            window = name;
        }
        if (first) {
            place = new ScriptPlace.Start();
            at = StepPath.of(0);
            step("open " + name);
        }
    }

    /** Name | text | answers | what Enter and Escape mean. */
    private void box(String[] said) {
        boolean asks = said.length > 3;
        var answers = asks
                ? List.of(said[2].split(", *")).stream()
                        .map(MessageBox.Answer::of)
                        .toList()
                : List.of(MessageBox.Answer.of("OK"));
        String usual = asks ? said[3] : "ok";
        design = design.adding(new MessageBox(
                Name.of(said[0]),
                design.application().name(),
                asks ? MessageBox.Severity.QUESTION : MessageBox.Severity.WARNING,
                said.length > 1 ? said[1] : "",
                List.of(),
                answers,
                Optional.of(usual),
                Optional.of(usual)));
    }

    private void part(String line) {
        if (PartTyping.add(design, window, line) instanceof PartTyping.Result.Added added) {
            design = added.design();
        } else {
            throw new NotTaken(line, "is no part");
        }
    }

    private void rows(String list, String rows) {
        design = design.changingFace(
                window,
                f -> f.changingPart(
                        list, ((Part.ListOfRows) f.part(list).orElseThrow()).starting(Declarations.readRows(rows))));
    }

    private ScriptPlace place(String said) {
        Optional<String> of = window.isEmpty() ? Optional.empty() : Optional.of(window);
        if (said.startsWith("do ")) {
            return new ScriptPlace.Named(of, said.substring(3));
        }
        if (said.startsWith("timer ")) {
            return new ScriptPlace.OfTimer(of, said.substring(6));
        }
        for (var moment : FacedWindow.Moment.values()) {
            if (said.equals(moment.words())) {
                return new ScriptPlace.AtMoment(window, moment);
            }
        }
        for (var moment : Part.RowMoment.values()) {
            if (said.startsWith(moment.words() + " ")) {
                return new ScriptPlace.AtRow(
                        window, said.substring(moment.words().length() + 1), moment);
            }
        }
        return switch (said) {
            case "start" -> new ScriptPlace.Start();
            case "plan" -> new ScriptPlace.Plan();
            default -> new ScriptPlace.AtPart(window, said);
        };
    }

    private void step(String line) {
        String typed = line;
        while (typed.startsWith("<")) {
            typed = typed.substring(1).strip();
            at = at.outer().orElseThrow().next(1);
        }
        if (typed.isEmpty()) {
            return;
        }
        switch (new StepTyping(design, place, at, false).read(typed)) {
            case Typed.Unfinished(String why) -> throw new NotTaken(line, why);
            case Typed.Done done -> {
                design = done.design();
                at = done.next();
            }
        }
    }
}

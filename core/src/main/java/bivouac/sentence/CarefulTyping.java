package bivouac.sentence;

import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Names;
import bivouac.design.Outside;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Take;
import bivouac.design.Task;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.WorkBreaking;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Makes a careful way where it belongs, wherever in the window it is typed: the question before closing, not in the
 * trigger. What it needs is made with it: message boxes, tasks, values, a holding.
 */
final class CarefulTyping {

    private final ScriptPlace place;
    private final StepPath at;
    private Design design;

    CarefulTyping(Design design, ScriptPlace place, StepPath at) {
        this.design = design;
        this.place = place;
        this.at = at;
    }

    Typed make(CarefulWay way) {
        Optional<FacedWindow> face = place.ofWindow().flatMap(design::faced);
        boolean ofTheApplication =
                switch (way) {
                    case ONE_INSTANCE, WORK_BREAKS, WINDOW_MENU, OPEN_FILES -> true;
                    case ASK_BEFORE_LOSING,
                            ASK_BEFORE_REMOVING,
                            REMEMBER_PLACE,
                            ONE_FILE,
                            EDIT_MENU,
                            DROP_FILES,
                            WATCH_FILE -> false;
                };
        if (!ofTheApplication && face.isEmpty()) {
            return new Typed.Unfinished("Type it in a script of the window that it is about.");
        }
        return switch (way) {
            case ASK_BEFORE_LOSING -> beforeLosing(face.get());
            case ASK_BEFORE_REMOVING -> beforeRemoving(face.get());
            case REMEMBER_PLACE -> rememberPlace(face.get());
            case ONE_FILE -> oneFile(face.get());
            case ONE_INSTANCE -> oneInstance();
            case WORK_BREAKS -> workBreaks();
            case WINDOW_MENU ->
                new WindowMenu(design)
                        .added()
                        .<Typed>map(
                                made -> new Typed.Done(made, "a Window menu on each main window and child window", at))
                        .orElseGet(() -> new Typed.Unfinished(WindowMenu.NOTHING));
            case OPEN_FILES -> outside(Optional.empty(), Outside.FILES_OPENED);
            case DROP_FILES -> outside(place.ofWindow(), Outside.FILES_DROPPED);
            case WATCH_FILE -> outside(place.ofWindow(), Outside.FILE_CHANGED, Outside.FILE_GONE);
            case EDIT_MENU ->
                EditMenu.added(design, face.get())
                        .<Typed>map(made -> new Typed.Done(
                                made, "an Edit menu on " + place.ofWindow().orElseThrow(), at))
                        .orElseGet(() -> new Typed.Unfinished(EditMenu.NOTHING));
        };
    }

    private Typed done(String did) {
        return new Typed.Done(design, did, at);
    }

    // Unsaved work

    /** save · leave unsaved · stay, with the save that fails; every field that changes says so. */
    private Typed beforeLosing(FacedWindow face) {
        String window = face.name().shown();
        String changed = changedOf(face);
        var moment = new ScriptPlace.AtMoment(window, FacedWindow.Moment.BEFORE_CLOSING);
        var steps = new ArrayList<Step>();
        steps.add(ifHolds("me." + changed, askToSave(window, changed, new Step.StayOpen())));
        steps.addAll(moment.in(design).steps());
        design = moment.put(design, new Script(steps));
        return done("asking before unsaved work in " + window + " is lost");
    }

    /** The window's yes or no that says whether there is unsaved work; made where there is none. */
    private String changedOf(FacedWindow face) {
        String window = face.name().shown();
        Optional<String> known = face.variables().stream()
                .filter(Variable::saysUnsaved)
                .map(v -> v.name().expression())
                .findFirst();
        if (known.isPresent()) {
            return known.get();
        }
        Name name = Names.freeName("changed", face.memberNames());
        var variables = new ArrayList<>(face.variables());
        variables.add(new Variable(name, Type.YESNO, Optional.of(new Expression("false")), false));
        design = design.changingFace(
                window, f -> f.holding(variables).mapParts(p -> Optional.of(noting(p, name.expression()))));
        rowsSayIt(window, name.expression());
        return name.expression();
    }

    /** Where a step changes rows of the window there is something to save, too: what opens the window only fills them. */
    private void rowsSayIt(String window, String changed) {
        Step says = Step.SetValue.of("me." + changed, "true");
        design.scripts().keySet().stream()
                .filter(p -> p.ofWindow().equals(Optional.of(window)) && !p.isAt(FacedWindow.Moment.OPENED))
                .forEach(p -> {
                    var at = new ArrayList<StepPath>();
                    Steps.walk(p.in(design), (path, step) -> {
                        if (step instanceof Step.OfRows) {
                            at.add(path);
                        }
                    });
                    // from the last on, so that the places before stay where they are
                    at.reversed()
                            .forEach(path -> design = p.put(design, path.next(1).insert(p.in(design), says)));
                });
    }

    /** A field that a person changes says that there is something to save. */
    private static Part noting(Part part, String changed) {
        boolean isField = part instanceof Part.TextField
                || part instanceof Part.ValueField
                || part instanceof Part.TickBox
                || part instanceof Part.Choice;
        if (!isField) {
            return part;
        }
        var steps = new ArrayList<Step>();
        steps.add(Step.SetValue.of("me." + changed, "true"));
        part.trigger().ifPresent(t -> steps.addAll(t.script().steps()));
        return part.triggering(new Script(steps));
    }

    /** @param stays what is done where the work is not to be lost */
    private Step askToSave(String window, String changed, Step stays) {
        String ask = box(
                "Unsaved " + window,
                MessageBox.Severity.QUESTION,
                "Save the changes in " + window + "?",
                "Save",
                "Leave unsaved",
                "Stay");
        String failed =
                box(window + " not saved", MessageBox.Severity.ERROR, "It could not be saved.", "Try again", "Stay");
        String task = task("save " + window, List.of(), List.of(Task.Outcome.of("done"), Task.Outcome.of("failed")));
        Step again = waits(failed, branch("try again", new Step.Again()), branch("stay", stays));
        Step saves = new Step.Repeat(Script.of(Step.RunTask.of(
                task, branch("done", Step.SetValue.of("me." + changed, "false")), branch("failed", again))));
        return waits(
                ask,
                branch("save", saves),
                branch("leave unsaved", Step.SetValue.of("me." + changed, "false")),
                branch("stay", stays));
    }

    // Removing

    private Typed beforeRemoving(FacedWindow face) {
        List<Part.ListOfRows> lists = face.parts().stream()
                .filter(Part.ListOfRows.class::isInstance)
                .map(Part.ListOfRows.class::cast)
                .toList();
        Optional<Part.ListOfRows> meant = lists.stream()
                .filter(l -> place.ofPart().equals(Optional.of(l.name().expression())))
                .findFirst()
                .or(() -> lists.size() == 1 ? Optional.of(lists.getFirst()) : Optional.empty());
        if (meant.isEmpty()) {
            return new Typed.Unfinished(
                    lists.isEmpty()
                            ? face.name() + " has no list to remove rows from."
                            : "Several lists could be meant; type it in a script of the list.");
        }
        Part.ListOfRows list = meant.get();
        var there =
                new ScriptPlace.AtRow(face.name().shown(), list.name().expression(), Part.RowMoment.BEFORE_REMOVING);
        String ask = box(
                "Remove from " + list.displayName(),
                MessageBox.Severity.QUESTION,
                "Remove it from " + list.displayName() + "?",
                "Remove",
                "Keep");
        var steps = new ArrayList<Step>();
        steps.add(waits(ask, branch("remove"), branch("keep", new Step.KeepRow())));
        steps.addAll(there.in(design).steps());
        design = there.put(design, new Script(steps));
        return done("asking before a row of " + list.displayName() + " is removed");
    }

    // Size and place

    private Typed rememberPlace(FacedWindow face) {
        String window = face.name().shown();
        String kept = value(window + " place", Type.TEXT, "\"\"", true);
        String puts = task(
                "put " + window + " in its place",
                List.of(Take.of("place", Type.TEXT)),
                List.of(Task.Outcome.of("done")));
        String tells = task(
                "place of " + window,
                List.of(),
                List.of(new Task.Outcome(
                        new Ending("done", List.of(Ending.Give.of("place", Type.TEXT))),
                        List.of(Given.of("place", "\"120, 80, 640 by 480\"")),
                        Optional.empty())));
        before(
                new ScriptPlace.AtMoment(window, FacedWindow.Moment.OPENED),
                ifHolds("app." + kept + " != \"\"", Step.RunTask.of(puts).handing(Given.of("place", "app." + kept))));
        before(
                new ScriptPlace.AtMoment(window, FacedWindow.Moment.AFTER_CLOSING),
                Step.RunTask.of(tells, branch("done", Step.SetValue.of("app." + kept, "result.place"))));
        return done("remembering size and place of " + window);
    }

    // Files and instances

    /** What is open is saved or left before another is opened; only then is it asked which. */
    private Typed oneFile(FacedWindow face) {
        String window = face.name().shown();
        String changed = changedOf(face);
        String file = value("file", Type.Plain.FILE, "\"\"", false);
        Name dialog = design.freeName("Open a file");
        design = design.adding(FileDialog.of(dialog, FileDialog.Asks.ONE));
        String reads = task(
                "read file",
                List.of(Take.of("path", Type.Plain.FILE)),
                List.of(Task.Outcome.of("done"), Task.Outcome.of("failed")));
        String cannot = box("Cannot read the file", MessageBox.Severity.ERROR, "The file could not be read.", "OK");
        Step opens = waits(
                dialog.shown(),
                branch(
                        FileDialog.CHOSEN,
                        new Step.Let("chosen", new Expression("result.path")),
                        Step.RunTask.of(
                                        reads,
                                        branch("done", Step.SetValue.of("app." + file, "chosen")),
                                        branch("failed", waits(cannot)))
                                .handing(Given.of("path", "chosen"))),
                branch(FileDialog.CANCELLED));
        Step saves = askToSave(window, changed, new Step.Note("the file stays open"));
        Script script = place.in(design);
        script = at.insert(script, ifHolds("!me." + changed, opens));
        script = at.insert(script, ifHolds("me." + changed, saves));
        design = place.put(design, script);
        return done("one file open at a time");
    }

    private Typed oneInstance() {
        Application app = design.application();
        Name holding = Names.freeName(
                "one instance", app.holdings().stream().map(Holding::name).toList());
        var holdings = new ArrayList<>(app.holdings());
        holdings.add(Holding.of(holding.shown()).ofTheApplication().failing());
        design = design.with(app.withHoldings(holdings));
        String told = box("Open already", MessageBox.Severity.INFO, app.name() + " is open already.", "OK");
        before(
                new ScriptPlace.Start(),
                Step.TakeHolding.of(
                        holding.shown(),
                        branch(
                                Ending.COULD_NOT.name(),
                                waits(told),
                                new Step.EndApplication(
                                        Optional.of(new Expression("1")), Optional.empty(), Script.EMPTY))));
        return done("one instance of the application");
    }

    /** F1: scripts that answer what comes from outside, in which it is still to be said what they do. */
    private Typed outside(Optional<String> window, Outside... all) {
        Design before = design;
        for (Outside what : all) {
            design = what.answered(design, window);
        }
        String scripts = Stream.of(all).map(o -> "“" + o.script() + "”").collect(Collectors.joining(" and "));
        return design.equals(before)
                ? new Typed.Unfinished("It is said already, by " + scripts + "; change it there.")
                : done("the script " + scripts + ", in which you say what happens then");
    }

    private Typed workBreaks() {
        if (WorkBreaking.answer(design).isPresent()) {
            return new Typed.Unfinished(
                    "It is said already, by the application's script “" + WorkBreaking.ANSWER + "”; change it there.");
        }
        design = WorkBreaking.answered(design);
        return done("saying when work breaks");
    }

    // What they are made of

    private void before(ScriptPlace where, Step step) {
        design = where.put(design, StepPath.of(0).insert(where.in(design), step));
    }

    private static Step ifHolds(String condition, Step... steps) {
        return new Step.If(List.of(new Step.If.Case(new Expression(condition), Script.of(steps))), Optional.empty());
    }

    private static Step.Branch branch(String ending, Step... steps) {
        return new Step.Branch(ending, Script.of(steps));
    }

    private static Step waits(String window, Step.Branch... branches) {
        return Step.Open.of(window, new Manner.WaitsForApplication(), branches);
    }

    /** A box whose last answer is what Enter and Escape mean: it loses nothing. */
    private String box(String name, MessageBox.Severity severity, String text, String... answers) {
        Name free = design.freeName(name);
        List<MessageBox.Answer> all =
                List.of(answers).stream().map(MessageBox.Answer::of).toList();
        Optional<String> last = Optional.of(all.getLast().ending());
        String title = place.ofWindow().orElse(design.application().name());
        design = design.adding(new MessageBox(free, title, severity, text, List.of(), all, last, last));
        return free.shown();
    }

    private String task(String name, List<Take> takes, List<Task.Outcome> outcomes) {
        Application app = design.application();
        Name free = Names.freeName(name, app.tasks().stream().map(Task::name).toList());
        var tasks = new ArrayList<>(app.tasks());
        tasks.add(new Task(free, takes, outcomes, Optional.empty()));
        design = WorkBreaking.answered(design.with(app.working(tasks)));
        return free.shown();
    }

    private String value(String name, Type type, String starts, boolean kept) {
        Application app = design.application();
        Name free = Names.freeName(
                name, app.variables().stream().map(Variable::name).toList());
        var values = new ArrayList<>(app.variables());
        values.add(new Variable(free, type, Optional.of(new Expression(starts)), kept));
        design = design.with(app.holding(values));
        return free.expression();
    }
}

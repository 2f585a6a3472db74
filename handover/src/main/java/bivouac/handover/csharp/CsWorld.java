package bivouac.handover.csharp;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.Routines;
import bivouac.design.ScriptPlace;
import bivouac.design.Task;
import bivouac.design.Window;
import bivouac.handover.braces.Spelling;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Outcomes;
import bivouac.handover.meaning.Wordings;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What everything of a program in C# is called, given once for the whole design. */
public final class CsWorld {

    /** Classes that the written ones use, and names that they have themselves; none of theirs may hide one. */
    private static final Set<String> CLASSES = Set.of(
            "Action",
            "AnswerWith",
            "Asked",
            "Background",
            "Browser",
            "Button",
            "Caption",
            "Choice",
            "Closing",
            "DateTime",
            "Desk",
            "DeskWindow",
            "EachButton",
            "EachCommand",
            "EditCommand",
            "Editing",
            "Ending",
            "Environment",
            "Exception",
            "Face",
            "Fault",
            "FileDialog",
            "Frame",
            "Func",
            "Gate",
            "IDesign",
            "IDriven",
            "IHears",
            "IHoldings",
            "ILoop",
            "IReadOnlyList",
            "ITasks",
            "IWorker",
            "Kept",
            "Link",
            "Manner",
            "MenuCommand",
            "MessageBox",
            "NewDays",
            "Object",
            "OpenFiles",
            "Outside",
            "OwnHoldings",
            "OwnTasks",
            "Part",
            "Picker",
            "Picture",
            "Program",
            "Progress",
            "Result",
            "Row",
            "RowTable",
            "Rules",
            "String",
            "System",
            "Tests",
            "TextArea",
            "TextField",
            "Texts",
            "TickBox",
            "Tried",
            "TypedField",
            "Values",
            "Walkthroughs",
            "Way",
            "WorkProgress");

    /** What every window has, and which no ending of it may hide. */
    private static final Set<String> OF_WINDOWS = Set.of(
            "AfterClosing",
            "AlwaysOnTop",
            "Answer",
            "Ask",
            "Asks",
            "BroughtBack",
            "CannotBeTakenAway",
            "Close",
            "CloseBox",
            "CloseBoxUsed",
            "Content",
            "EndingFor",
            "Equals",
            "EscapeKey",
            "EscapePressed",
            "Find",
            "FixedSize",
            "Form",
            "GetHashCode",
            "GetType",
            "Group",
            "Hidden",
            "Icon",
            "IsHidden",
            "IsReadyMade",
            "IsUnasked",
            "Key",
            "Least",
            "MayClose",
            "MemberwiseClone",
            "Menu",
            "Name",
            "Number",
            "Open",
            "Opened",
            "Opener",
            "OpenerAs",
            "Owner",
            "OwnerAs",
            "PartOf",
            "Rank",
            "Refresh",
            "Seen",
            "Show",
            "ShowHidden",
            "Shows",
            "ShownWork",
            "StartsWithSize",
            "Title",
            "ToFront",
            "ToString",
            "Which",
            "Within",
            "LeaveScreen");

    /** What the class of the application has itself. */
    private static final Set<String> OF_APPLICATION = Set.of(
            "AskedFirst",
            "Begin",
            "DayPasses",
            "DepartsWith",
            "DepartsWithLast",
            "Follow",
            "LoadKept",
            "Main",
            "MayBeCancelled",
            "Opens",
            "Plan",
            "SaveKept",
            "SaveKeptNow",
            "SaysWhenWorkBreaks",
            "ShowsProgress",
            "Start",
            "Today",
            "Traces",
            "WhenWorkBreaks",
            "Windows");

    /** What a script is given that is over only later: the step that does it, and what follows. */
    public static final List<String> LATER = List.of("string step", "Action then");

    /** Names of fields and parameters that the written classes of windows have themselves. */
    public static final Set<String> IN_WINDOWS =
            Set.of("app", "asker", "closing", "ignored", "manner", "opener", "owner", "row", "step", "then", "way");

    /** The same of the application's class. */
    public static final Set<String> IN_APPLICATION = Set.of(
            "arguments",
            "ended",
            "holdings",
            "kept",
            "loop",
            "me",
            "of",
            "progress",
            "step",
            "tasks",
            "then",
            "worker");

    private final Meanings meanings;
    private final Design design;
    private final Outcomes outcomes;
    private final Wordings texts;
    private final CsNames classes = new CsNames(CLASSES);
    private final CsTypes types = new CsTypes(classes);
    private final String namespace;
    private final String application;
    private final Map<String, String> windows = new LinkedHashMap<>();
    private final Map<String, String> tasks = new LinkedHashMap<>();
    private final Map<Outcome, String> endings = new LinkedHashMap<>();
    private final Map<ScriptPlace.Named, String> answers = new LinkedHashMap<>();

    public CsWorld(Meanings meanings) {
        this.meanings = meanings;
        this.design = meanings.program().design();
        this.outcomes = meanings.outcomes();
        this.texts = new Wordings(meanings);
        this.namespace = namespaceOf(design);
        this.application = classes.type(namespace + "Application", "2");
        classes.keep(OF_WINDOWS);
        classes.keep(OF_APPLICATION);
        classes.keep(methods());
        design.windows()
                .forEach(w -> windows.put(
                        w.name().shown(),
                        classes.type(w.name().expression(), w instanceof FacedWindow ? "Window" : "Box")));
        design.application()
                .tasks()
                .forEach(t -> tasks.put(t.name().shown(), classes.type(t.name().expression(), "Task")));
        design.windows().forEach(this::rows);
        design.windows().forEach(w -> name(outcomes.ofWindow(w.name().shown())));
        design.application().tasks().forEach(t -> name(outcomes.ofTask(t.name().shown())));
        answers(Optional.empty(), design.application().routines());
        for (Window window : design.windows()) {
            if (window instanceof FacedWindow face) {
                answers(Optional.of(face.name().shown()), face.routines());
            }
        }
    }

    /** What named scripts answer stands in the class of their window, beside its endings (W11). */
    private void answers(Optional<String> window, Routines routines) {
        var taken = new HashSet<>(taken());
        window.ifPresent(w -> outcomes.ofWindow(w).forEach(o -> taken.add(endingOf(o))));
        var beside = new CsNames(taken);
        for (NamedScript script : routines.scripts()) {
            var place = new ScriptPlace.Named(window, script.name().shown());
            if (script.answers()) {
                answers.put(place, beside.type(Spelling.upper(script.name().expression()) + "Answer", "2"));
                name(outcomes.ofScript(place));
            }
        }
    }

    /** The type of what a script answers, within the class that it stands in. */
    public String ownAnswers(ScriptPlace.Named script) {
        return answers.get(script);
    }

    /** The same as it is called from the class of the window that is written; of the application where that is empty. */
    public String answersOf(ScriptPlace.Named script, String writing) {
        boolean own = script.window().orElse("").equals(writing);
        return (own ? "" : script.window().map(this::classOf).orElse(application) + ".") + answers.get(script);
    }

    /** The methods that are written of windows and of the application; a class of that name could not be named there. */
    private Set<String> methods() {
        var all = new HashSet<String>();
        routines(Optional.empty(), design.application().routines(), all);
        design.application().tasks().forEach(t -> {
            for (boolean mayBreak : new boolean[] {false, true}) {
                all.add(methodRunning(t.name().shown(), mayBreak));
                all.add(methodRunning(t.name().shown(), mayBreak) + "InBackground");
            }
        });
        design.application().holdings().forEach(h -> {
            all.add(methodOfHolding(h.name().shown(), true));
            all.add(methodOfHolding(h.name().shown(), false));
        });
        for (Window window : design.windows()) {
            if (window instanceof FacedWindow face) {
                routines(Optional.of(face.name().shown()), face.routines(), all);
                face.parts().forEach(p -> {
                    all.add(method(p));
                    if (p instanceof Part.ListOfRows list) {
                        all.add(activated(list));
                    }
                    mayRemove(p).ifPresent(all::add);
                });
            }
        }
        return all;
    }

    private void routines(Optional<String> window, Routines of, Set<String> all) {
        of.scripts().forEach(s -> all.add(methodOfScript(window, s.name().shown())));
        of.timers().forEach(t -> {
            String name = timer(window, t.name().shown());
            all.addAll(Set.of("Start" + name, "Stop" + name, name + "Fires"));
        });
    }

    /** The endings of one window or task: none is called like a class that may be named beside it. */
    private void name(List<Outcome> all) {
        var inside = new CsNames(taken());
        all.forEach(o -> endings.putIfAbsent(o, inside.type(Spelling.camel(o.ending()), "Ending")));
    }

    private Set<String> taken() {
        var taken = new HashSet<>(CLASSES);
        taken.addAll(OF_WINDOWS);
        taken.addAll(methods());
        taken.addAll(windows.values());
        taken.addAll(tasks.values());
        taken.addAll(types.rows().values());
        taken.add(application);
        return taken;
    }

    private void rows(Window window) {
        if (window instanceof FacedWindow face) {
            face.parts().stream()
                    .filter(Part.ListOfRows.class::isInstance)
                    .map(Part.ListOfRows.class::cast)
                    .forEach(l -> types.row(l.row(), Spelling.upper(l.name().expression())));
        }
    }

    /** The namespace of a program, and the name of its project. */
    public static String namespaceOf(Design design) {
        String name =
                Spelling.upper(Spelling.camel(design.application().name())).replaceAll("^_+", "");
        boolean taken =
                name.isEmpty() || Set.of("Rules", "Frame", "Tests", "System").contains(name);
        return taken ? name + "Program" : name;
    }

    public Meanings meanings() {
        return meanings;
    }

    public Outcomes outcomes() {
        return outcomes;
    }

    public Wordings texts() {
        return texts;
    }

    public CsTypes types() {
        return types;
    }

    public String namespace() {
        return namespace;
    }

    public String application() {
        return application;
    }

    public String classOf(String window) {
        return windows.get(window);
    }

    public String taskClass(String task) {
        return tasks.get(task);
    }

    /** The class or constant of an ending, inside the class of its window or task. */
    public String endingOf(Outcome outcome) {
        return endings.get(outcome);
    }

    /** Whether an ending is one of the answers of a message box. */
    public boolean isConstant(Outcome outcome) {
        return outcome.of() instanceof Outcome.Source.OfWindow(String window)
                && meanings.find(window).orElseThrow() instanceof MessageBox;
    }

    /**
     * The class or constant of an ending, as it is called.
     *
     * @param writing the window that is written, whose own it can be; empty for none
     */
    public String reached(Outcome outcome, String writing) {
        return switch (outcome.of()) {
            case Outcome.Source.OfTask(String task) -> taskClass(task) + "." + endingOf(outcome);
            case Outcome.Source.OfScript(var script) -> answersOf(script, writing) + "." + endingOf(outcome);
            case Outcome.Source.OfWindow(String window) -> reached(outcome, window, writing);
            case Outcome.Source.OfTrial t -> throw new IllegalStateException("what is tried has classes of its own");
        };
    }

    private String reached(Outcome outcome, String window, String writing) {
        return switch (meanings.find(window).orElseThrow()) {
            case FileDialog d ->
                outcome.ending().equals(FileDialog.CHOSEN) ? "FileDialog.Chosen" : "FileDialog.Cancelled";
            case Picker p ->
                "Picker<" + types.of(p.of().type()) + ">."
                        + (outcome.ending().equals(Picker.PICKED) ? "Picked" : "Cancelled");
            case MessageBox b -> classOf(window) + ".Answer." + endingOf(outcome);
            case FacedWindow f -> (window.equals(writing) ? "" : classOf(window) + ".") + endingOf(outcome);
        };
    }

    /** The properties of an ending, by what it gives. */
    public Map<String, String> gives(Outcome outcome) {
        return CsNames.properties(
                outcome.gives().stream().map(Outcome.Given::name).toList(), endingOf(outcome));
    }

    // Members

    public String ofApplication(String variable) {
        return CsNames.field(variable, IN_APPLICATION);
    }

    /** The field of a part or a variable. */
    public String member(String name) {
        return CsNames.field(name, IN_WINDOWS);
    }

    /** The field of what a window is handed, and the parameter under which it is. */
    public String take(String window, String take) {
        boolean clash = meanings.find(window).orElseThrow() instanceof FacedWindow face
                && face.memberNames().stream().anyMatch(n -> n.expression().equals(take));
        return clash ? CsNames.field(take, Set.of()) + "Taken" : member(take);
    }

    /** What a part holds, or one of its members, with the point before it. */
    static String memberOf(Part part, String member) {
        return switch (member) {
            case "" ->
                switch (part) {
                    case Part.ValueField v -> ".Value";
                    case Part.Choice c -> ".Chosen";
                    case Part.TickBox b -> ".Ticked";
                    case Part.Picture p -> ".File";
                    case Part.Progress p -> ".Done";
                    case Part.Caption _,
                            Part.TextField _,
                            Part.ListOfRows _,
                            Part.Link _,
                            Part.Button _,
                            Part.MenuCommand _ -> ".Text";
                };
            case ".typed" -> ".Text";
            default -> "." + Spelling.upper(Spelling.joined(member.substring(1)));
        };
    }

    /** The method that runs at what a person does to a part. */
    public String method(Part part) {
        String word = part.trigger().map(Part.Trigger::word).orElse("");
        return Spelling.upper(part.name().expression()) + Spelling.upper(word);
    }

    public String activated(Part.ListOfRows list) {
        return Spelling.upper(list.name().expression()) + "Activated";
    }

    public String methodOfTask(String task) {
        Task of = design.application().task(task).orElseThrow();
        return "Run" + Spelling.upper(of.name().expression());
    }

    /** The application's method that runs a task, for steps that answer that it broke, or not (W8). */
    public String methodRunning(String task, boolean mayBreak) {
        return methodOfTask(task) + (mayBreak ? "OrBroke" : "");
    }

    public String methodOfHolding(String holding, boolean take) {
        String name = design.application().holding(holding).orElseThrow().name().expression();
        return (take ? "Take" : "GiveBack") + Spelling.upper(name);
    }

    public boolean isOfApplication(String holding) {
        return design.application().holding(holding).orElseThrow().ofApplication();
    }

    public String methodOfScript(Optional<String> window, String script) {
        return "Do"
                + Spelling.upper(ScriptPlace.routines(design, window)
                        .script(script)
                        .orElseThrow()
                        .name()
                        .expression());
    }

    /** The name of a timer, as methods have it in theirs. */
    public String timer(Optional<String> window, String timer) {
        return Spelling.upper(ScriptPlace.routines(design, window)
                .timer(timer)
                .orElseThrow()
                .name()
                .expression());
    }

    /** The method that says whether a row may be removed; empty where none is asked. */
    public Optional<String> mayRemove(Part list) {
        return list instanceof Part.ListOfRows l
                        && !l.at(Part.RowMoment.BEFORE_REMOVING).isEmpty()
                ? Optional.of("MayRemoveFrom" + Spelling.upper(l.name().expression()))
                : Optional.empty();
    }

    /** What {@code Rules.Ending} says by itself of a class or a constant. */
    public static String wordsOf(String name) {
        return name.replaceAll("(?<=.)(?=[A-Z])", " ").toLowerCase(java.util.Locale.ROOT);
    }
}

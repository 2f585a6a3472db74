package bivouac.handover.python;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Holding;
import bivouac.design.MessageBox;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.Routines;
import bivouac.design.ScriptPlace;
import bivouac.design.Task;
import bivouac.design.Window;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Outcomes;
import bivouac.handover.meaning.Wordings;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What everything of a program in Python is called, given once for the whole design. */
public final class PyWorld {

    /** Classes that the written ones use; none of theirs may hide one. */
    private static final Set<String> CLASSES = Set.of(
            "Answer",
            "Asks",
            "Button",
            "EachButton",
            "EachCommand",
            "EditCommand",
            "Caption",
            "Choice",
            "ColourPicker",
            "CouldNot",
            "DateField",
            "DatePicker",
            "Desk",
            "Done",
            "Ending",
            "Exception",
            "Face",
            "Fault",
            "FileDialog",
            "Filter",
            "FontPicker",
            "Link",
            "Manner",
            "MenuCommand",
            "MessageBox",
            "NumberField",
            "Pages",
            "Path",
            "Picture",
            "Protocol",
            "RadioButtons",
            "RowList",
            "TextArea",
            "TextField",
            "TickBox",
            "Outside",
            "Way",
            "WholeField",
            "WorkProgress",
            "Tasks",
            "Holdings",
            "OwnTasks",
            "OwnHoldings",
            "Kept");

    /** What the body of a class names, so that no ending of it may hide one. */
    private static final Set<String> INSIDE = Set.of("Ending");

    /** Names that every window has, and which no part, variable or take of it may hide. */
    public static final Set<String> OF_WINDOWS = Set.of(
            "access",
            "add_group",
            "add_menus",
            "add_row",
            "add_status_line",
            "add_tools",
            "after_closing",
            "app",
            "ask",
            "asks",
            "body",
            "brought_back",
            "called",
            "cannot_be_taken_away",
            "close",
            "close_box",
            "close_box_used",
            "default_button",
            "desk",
            "edit",
            "editing",
            "ending_for",
            "escape",
            "escape_pressed",
            "find",
            "first_field",
            "gone",
            "hear",
            "hears",
            "hidden",
            "icon",
            "instance",
            "is_hidden",
            "is_unasked",
            "key",
            "leave",
            "leave_screen",
            "manner",
            "may_close",
            "needed_opener",
            "needed_owner",
            "open",
            "open_files",
            "opened",
            "opener",
            "owner",
            "part",
            "parts",
            "pictures",
            "rank",
            "ready_made",
            "refresh",
            "seen_lines",
            "shortcut",
            "show",
            "show_hidden",
            "shown_work",
            "title",
            "to_front",
            "top",
            "which",
            "within",
            "writes_in");

    /** What a script is given that is over only later: the step that does it, and what follows. */
    public static final java.util.List<String> LATER = java.util.List.of("step", "then");

    /** Names that the application has, and which none of its variables, tasks and scripts may hide. */
    public static final Set<String> OF_APPLICATION = Set.of(
            "asked_first",
            "browser",
            "day_passes",
            "departs_with",
            "departs_with_last",
            "desk",
            "follow",
            "holdings",
            "kept",
            "load_kept",
            "may_be_cancelled",
            "plan",
            "save_kept",
            "says_when_work_breaks",
            "when_work_breaks",
            "save_kept_now",
            "shows_progress",
            "start",
            "tasks",
            "today",
            "traces",
            "window_names");

    private final Meanings meanings;
    private final Design design;
    private final Outcomes outcomes;
    private final Wordings texts;
    private final PyNames names = new PyNames();
    private final Set<String> classes = new HashSet<>(CLASSES);
    private final PyTypes types = new PyTypes(names, new HashSet<>());
    private final String application;
    private final Map<String, String> windows = new LinkedHashMap<>();
    private final Map<String, String> modules = new LinkedHashMap<>();
    private final Map<String, String> tasks = new LinkedHashMap<>();
    private final Map<Outcome, String> endings = new LinkedHashMap<>();
    private final Map<ScriptPlace.Named, String> answers = new LinkedHashMap<>();

    public PyWorld(Meanings meanings) {
        this.meanings = meanings;
        this.design = meanings.program().design();
        this.outcomes = meanings.outcomes();
        this.texts = new Wordings(meanings);
        this.application =
                PyNames.type(bivouac.design.Names.propose(design.application().name()), "App", classes);
        design.windows().forEach(this::name);
        var taskClasses = new HashSet<>(CLASSES);
        for (Task task : design.application().tasks()) {
            String shown = task.name().shown();
            tasks.put(shown, PyNames.type(task.name().expression(), "Task", taskClasses));
            var inside = new HashSet<>(INSIDE);
            outcomes.ofTask(shown).forEach(o -> endings.putIfAbsent(o, ending(o, inside)));
        }
        answers(Optional.empty(), design.application().routines(), new HashSet<>(INSIDE));
    }

    /** What named scripts answer stands in the class of their window, or of the application (W11). */
    private void answers(Optional<String> window, Routines routines, Set<String> beside) {
        for (NamedScript script : routines.scripts()) {
            var place = new ScriptPlace.Named(window, script.name().shown());
            if (script.answers()) {
                String name = script.name().expression();
                String upper = name.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + name.substring(1);
                answers.put(place, PyNames.type(upper + "Answer", "2", beside));
                var inside = new HashSet<>(INSIDE);
                outcomes.ofScript(place).forEach(o -> endings.putIfAbsent(o, ending(o, inside)));
            }
        }
    }

    /** The type of what a script answers, within the class that it stands in. */
    public String answersOf(ScriptPlace.Named script) {
        return answers.get(script);
    }

    private void name(Window window) {
        String shown = window.name().shown();
        String type =
                PyNames.type(window.name().expression(), window instanceof FacedWindow ? "Window" : "Box", classes);
        windows.put(shown, type);
        modules.put(shown, PyNames.snake(type));
        var inside = new HashSet<>(INSIDE);
        for (Outcome outcome : outcomes.ofWindow(shown)) {
            endings.put(
                    outcome,
                    window instanceof MessageBox
                            ? PyNames.constant(outcome.ending(), inside)
                            : ending(outcome, inside));
        }
        if (window instanceof FacedWindow face) {
            answers(Optional.of(shown), face.routines(), inside);
            face.parts().stream()
                    .filter(Part.ListOfRows.class::isInstance)
                    .map(Part.ListOfRows.class::cast)
                    .forEach(l -> {
                        String name = l.name().expression();
                        types.row(l.row(), name.substring(0, 1).toUpperCase() + name.substring(1));
                    });
        }
    }

    private static String ending(Outcome outcome, Set<String> taken) {
        return PyNames.type(bivouac.design.Names.propose(outcome.ending()), "Ending", taken);
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

    public PyNames names() {
        return names;
    }

    public PyTypes types() {
        return types;
    }

    public String application() {
        return application;
    }

    /** The package of the program. */
    public String packageName() {
        return packageOf(design);
    }

    public static String packageOf(Design design) {
        String name = bivouac.design.Names.propose(design.application().name())
                .toLowerCase(java.util.Locale.ROOT)
                .replaceAll("^_+", "");
        boolean taken = Set.of("tests", "tkinter", "support", "windows", "enum", "json", "os", "re", "queue", "signal")
                .contains(name);
        return taken || name.isEmpty() || !name.equals(new PyNames().beside(name, Set.of())) ? name + "app" : name;
    }

    /** The class of a window, without its module. */
    public String classOf(String window) {
        return windows.get(window);
    }

    /** The module of a window. */
    public String moduleOf(String window) {
        return modules.get(window);
    }

    public String taskClass(String task) {
        return tasks.get(task);
    }

    /** The class or constant of an ending, inside the class of its window or task. */
    public String endingOf(Outcome outcome) {
        return endings.get(outcome);
    }

    public boolean isConstant(Outcome outcome) {
        return outcome.of() instanceof Outcome.Source.OfWindow(String window)
                && meanings.find(window).orElseThrow() instanceof MessageBox;
    }

    /** The class of an ending as it is called from anywhere but the window that is written. */
    String reached(Outcome outcome, String writing) {
        return switch (outcome.of()) {
            case Outcome.Source.OfTask(String task) -> "tasks." + taskClass(task) + "." + endingOf(outcome);
            case Outcome.Source.OfScript(var script) ->
                reached(script.window().orElseThrow(), writing) + "." + answersOf(script) + "." + endingOf(outcome);
            case Outcome.Source.OfWindow(String window) -> reached(outcome, window, writing);
            case Outcome.Source.OfTrial t -> throw new IllegalStateException("what is tried has classes of its own");
        };
    }

    private String reached(Outcome outcome, String window, String writing) {
        return switch (meanings.find(window).orElseThrow()) {
            case FileDialog d ->
                outcome.ending().equals(FileDialog.CHOSEN) ? "FileDialog.Chosen" : "FileDialog.Cancelled";
            case Picker p -> pickerOf(p) + (outcome.ending().equals(Picker.PICKED) ? ".Picked" : ".Cancelled");
            default -> reached(window, writing) + "." + endingOf(outcome);
        };
    }

    /** The class of a window as it is called from the module of the window that is written. */
    public String reached(String window, String writing) {
        return (window.equals(writing) ? "" : "windows.") + classOf(window);
    }

    public static String pickerOf(Picker picker) {
        return switch (picker.of()) {
            case DATE -> "DatePicker";
            case COLOUR -> "ColourPicker";
            case FONT -> "FontPicker";
        };
    }

    // Members

    public String ofApplication(String variable) {
        return names.beside(variable, OF_APPLICATION);
    }

    /** The attribute of a part or a variable. */
    public String member(String name) {
        return names.beside(name, OF_WINDOWS);
    }

    /** The attribute of what a window is handed. */
    public String take(String window, String take) {
        boolean clash = meanings.find(window).orElseThrow() instanceof FacedWindow face
                && face.memberNames().stream().anyMatch(n -> n.expression().equals(take));
        return clash ? names.of(take) + "_taken" : member(take);
    }

    /** A part's member, or what it holds. */
    static String memberOf(Part part, String member) {
        return switch (member) {
            case "" ->
                switch (part) {
                    case Part.ValueField v -> ".value";
                    case Part.Choice c -> ".chosen";
                    case Part.TickBox b -> ".ticked";
                    case Part.Picture p -> ".file";
                    case Part.Progress p -> ".done";
                    case Part.Caption _,
                            Part.TextField _,
                            Part.ListOfRows _,
                            Part.Link _,
                            Part.Button _,
                            Part.MenuCommand _ -> ".text";
                };
            default -> "." + PyNames.snake(member.substring(1).replace('.', '_'));
        };
    }

    public String methodOfTask(String task) {
        return names.beside(design.application().task(task).orElseThrow().name().expression(), OF_APPLICATION);
    }

    /** The application's method that runs a task, for steps that answer that it broke, or not (W8). */
    public String methodRunning(String task, boolean mayBreak) {
        return methodOfTask(task) + (mayBreak ? "_or_broke" : "");
    }

    public String methodOfHolding(String holding, boolean take) {
        Holding of = design.application().holding(holding).orElseThrow();
        return (take ? "take_" : "give_back_") + names.of(of.name().expression());
    }

    public boolean isOfApplication(String holding) {
        return design.application().holding(holding).orElseThrow().ofApplication();
    }

    public String methodOfScript(Optional<String> window, String script) {
        String name = ScriptPlace.routines(design, window)
                .script(script)
                .orElseThrow()
                .name()
                .expression();
        return (window.isPresent() ? "_do_" : "do_") + names.of(name);
    }

    /** @param what the word before the timer's name: start, stop */
    public String methodOfTimer(Optional<String> window, String timer, String what) {
        String name = ScriptPlace.routines(design, window)
                .timer(timer)
                .orElseThrow()
                .name()
                .expression();
        return (window.isPresent() ? "_" : "") + what + "_" + names.of(name);
    }
}

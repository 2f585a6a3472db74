package bivouac.handover.jvm;

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
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.design.Window;
import bivouac.handover.braces.Spelling;
import bivouac.handover.java.JavaCalls;
import bivouac.handover.java.JavaNames;
import bivouac.handover.java.JavaTypes;
import bivouac.handover.java.JavaWorld;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Meanings;
import bivouac.handover.meaning.Outcome;
import bivouac.handover.meaning.Outcomes;
import bivouac.handover.meaning.Wordings;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What everything of a program in Java is called, given once for the whole design. */
public final class JvmWorld implements JavaWorld {

    /** Classes that the written ones use; none of theirs may hide one. */
    private static final Set<String> CLASSES = Set.of(
            "Object",
            "String",
            "Long",
            "Double",
            "Boolean",
            "Integer",
            "Math",
            "Override",
            "Record",
            "Enum",
            "Exception",
            "Runnable",
            "Thread",
            "System",
            "Iterable",
            "Comparable",
            "Loop",
            "Watcher",
            "Gone",
            "Refused",
            "Result",
            "Tasks",
            "Holdings",
            "OwnTasks",
            "OwnHoldings",
            "Walkthroughs",
            "Main");

    /** Names that every window has, and which no field of it may hide. */
    static final Set<String> OF_WINDOWS = Set.of(
            "app", "asker", "closing", "content", "desk", "ignored", "manner", "opener", "owner", "row", "stage",
            "step", "then", "window");

    private final Meanings meanings;
    private final Design design;
    private final JvmToolkit toolkit;
    private final Set<String> takenClasses;
    private final JavaNames classes;
    private final JavaTypes types;
    private final Wordings texts;
    private final Outcomes outcomes;
    private final String application;
    private final Imports imports;
    private final Map<String, String> windows;
    private final Map<String, Map<String, String>> endings;
    private final Map<String, String> tasks;
    private final Map<String, Map<String, String>> taskEndings;
    private final Map<ScriptPlace.Named, String> answers;
    private final Map<Outcome, String> answerEndings;
    private final String writing;

    JvmWorld(Meanings meanings, JvmToolkit toolkit) {
        this.meanings = meanings;
        this.toolkit = toolkit;
        this.imports = new Imports(toolkit);
        this.takenClasses = new HashSet<>(CLASSES);
        takenClasses.addAll(imports.names());
        takenClasses.addAll(toolkit.classes());
        this.classes = new JavaNames(takenClasses);
        this.types = new JavaTypes(classes);
        this.design = meanings.program().design();
        this.texts = new Wordings(meanings);
        this.outcomes = meanings.outcomes();
        this.windows = new LinkedHashMap<>();
        this.endings = new LinkedHashMap<>();
        this.tasks = new LinkedHashMap<>();
        this.taskEndings = new LinkedHashMap<>();
        this.answers = new LinkedHashMap<>();
        this.answerEndings = new LinkedHashMap<>();
        this.writing = "";
        this.application = classes.type(Spelling.camel(design.application().name()), "App");
        name();
    }

    /** The same, as it is seen from elsewhere. */
    private JvmWorld(JvmWorld from, String writing) {
        this.meanings = from.meanings;
        this.toolkit = from.toolkit;
        this.imports = from.imports;
        this.takenClasses = from.takenClasses;
        this.classes = from.classes;
        this.types = from.types;
        this.design = from.design;
        this.texts = from.texts;
        this.outcomes = from.outcomes;
        this.windows = from.windows;
        this.endings = from.endings;
        this.tasks = from.tasks;
        this.taskEndings = from.taskEndings;
        this.answers = from.answers;
        this.answerEndings = from.answerEndings;
        this.writing = writing;
        this.application = from.application;
    }

    /** The same names, as seen from the class of a window, or of the application where that is empty. */
    JvmWorld in(String window) {
        return new JvmWorld(this, window);
    }

    Imports imports() {
        return imports;
    }

    private void name() {
        for (Window window : design.windows()) {
            String with = window instanceof FacedWindow ? "Window" : "Box";
            String shown = window.name().shown();
            windows.put(shown, classes.type(window.name().expression(), with));
            var inside = new JavaNames(takenClasses);
            var all = new LinkedHashMap<String, String>();
            for (String ending : endings(shown)) {
                all.put(
                        ending,
                        window instanceof MessageBox
                                ? inside.constant(ending)
                                : inside.type(Spelling.camel(ending), "Ending"));
            }
            endings.put(shown, all);
        }
        for (Task task : design.application().tasks()) {
            tasks.put(task.name().shown(), classes.type(task.name().expression(), "Task"));
            var inside = new JavaNames(takenClasses);
            var all = new LinkedHashMap<String, String>();
            outcomes.ofTask(task.name().shown())
                    .forEach(o -> all.putIfAbsent(o.ending(), inside.type(Spelling.camel(o.ending()), "Ending")));
            taskEndings.put(task.name().shown(), all);
        }
        for (Window window : design.windows()) {
            if (window instanceof FacedWindow face) {
                face.parts().stream()
                        .filter(Part.ListOfRows.class::isInstance)
                        .map(Part.ListOfRows.class::cast)
                        .forEach(l -> types.row(l.row(), Spelling.upper(l.name().expression())));
            }
        }
        nameAnswers(Optional.empty(), design.application().routines(), List.of());
        for (Window window : design.windows()) {
            if (window instanceof FacedWindow face) {
                String shown = face.name().shown();
                nameAnswers(
                        Optional.of(shown), face.routines(), endings.get(shown).values());
            }
        }
    }

    /** The answers of scripts stand in the class of their window, beside its endings, and hide no other class (W11). */
    private void nameAnswers(Optional<String> window, Routines routines, Collection<String> beside) {
        var taken = new HashSet<>(takenClasses);
        taken.addAll(windows.values());
        taken.addAll(tasks.values());
        taken.addAll(beside);
        taken.add(application);
        var names = new JavaNames(taken);
        for (NamedScript script : routines.scripts()) {
            var place = new ScriptPlace.Named(window, script.name().shown());
            if (script.answers()) {
                answers.put(place, names.type(Spelling.upper(script.name().expression()) + "Answer", "2"));
                var inside = names.inside();
                outcomes.ofScript(place)
                        .forEach(o -> answerEndings.putIfAbsent(o, inside.type(Spelling.camel(o.ending()), "Ending")));
            }
        }
    }

    /** The record of an answer, without its class. */
    String answerName(Outcome outcome) {
        return answerEndings.get(outcome);
    }

    /** The type of what a script answers, within the class that it stands in. */
    String ownAnswers(ScriptPlace.Named script) {
        return answers.get(script);
    }

    @Override
    public String answersOf(ScriptPlace.Named script) {
        boolean own = script.window().orElse("").equals(writing);
        String of = script.window().map(this::classOf).orElse(application);
        return (own ? "" : of + ".") + answers.get(script);
    }

    @Override
    public Form answer(ScriptPlace.Named script, String ending) {
        Outcome outcome = outcomes.whereOfScript(script, ending).orElseThrow();
        return new Form(answersOf(script) + "." + answerEndings.get(outcome), false);
    }

    JvmToolkit toolkit() {
        return toolkit;
    }

    String application() {
        return application;
    }

    Wordings texts() {
        return texts;
    }

    /** The package of the program. */
    String packageName() {
        String name = Spelling.camel(design.application().name()).toLowerCase(java.util.Locale.ROOT);
        return JavaNames.safe(Set.of("desk", "frame", "java", "javafx", "javax").contains(name) ? name + "app" : name);
    }

    @Override
    public JavaTypes types() {
        return types;
    }

    @Override
    public String classOf(String window) {
        return windows.get(window);
    }

    @Override
    public String ofApplication(String variable) {
        return app() + JavaNames.safe(variable, ApplicationClass.TAKEN);
    }

    /** As seen from where samples are made: takes are parameters, and the application is {@code app}. */
    JvmWorld forSamples() {
        return in(SAMPLES);
    }

    private static final String SAMPLES = "\0samples";

    @Override
    public String take(String window, String take) {
        if (window.isEmpty()) {
            return JavaNames.safe(take, ApplicationClass.TAKEN);
        }
        Window of = meanings.find(window).orElseThrow();
        boolean clash = of instanceof FacedWindow face
                && face.memberNames().stream().anyMatch(n -> n.expression().equals(take));
        return JavaNames.safe(clash ? take + "Taken" : take, OF_WINDOWS);
    }

    @Override
    public String part(String part) {
        return JavaNames.safe(part, OF_WINDOWS);
    }

    @Override
    public String variable(String window, String variable) {
        return JavaNames.safe(variable, OF_WINDOWS);
    }

    @Override
    public String read(String base, String window, Part part, String member) {
        return toolkit.read(base + part(part.name().expression()), part, member);
    }

    @Override
    public String set(String base, String window, Part part, String member, String value, Type type) {
        String field = base + part(part.name().expression());
        return part instanceof Part.TextField text && member.isEmpty() && meanings.asksForSelection(window, text)
                ? toolkit.put(field, text, value)
                : toolkit.set(field, part, member, value);
    }

    @Override
    public String readTitle(String base) {
        return base + "title()";
    }

    @Override
    public String setTitle(String base, String value) {
        return toolkit.setTitle(base, value);
    }

    @Override
    public String desk() {
        return "desk";
    }

    @Override
    public String app() {
        return writing.isEmpty() ? "" : "app.";
    }

    /** The endings of a window, the built-in one included where a way leads there. */
    List<String> endings(String window) {
        return outcomes.ofWindow(window).stream().map(Outcome::ending).toList();
    }

    @Override
    public Form ending(String window, String ending) {
        Window of = meanings.find(window).orElseThrow();
        String name = endings.get(window).get(ending);
        return switch (of) {
            case MessageBox box -> new Form(classOf(window) + "." + name, true);
            case FileDialog dialog ->
                new Form(ending.equals(FileDialog.CHOSEN) ? "FileDialog.Chosen" : "FileDialog.Cancelled", false);
            case Picker picker ->
                new Form(
                        (ending.equals(Picker.PICKED) ? "Picker.Picked<" : "Picker.Cancelled<")
                                + types().boxed(picker.of().type()) + ">",
                        false);
            case FacedWindow face -> new Form(classOf(window) + "." + name, false);
        };
    }

    Outcomes outcomes() {
        return outcomes;
    }

    /** The record or constant of an ending, without its class. */
    String endingName(String window, String ending) {
        return endings.get(window).get(ending);
    }

    String taskClass(String task) {
        return tasks.get(task);
    }

    String taskEndingName(String task, String ending) {
        return taskEndings.get(task).get(ending);
    }

    @Override
    public Form taskEnding(String task, String ending) {
        return new Form(taskClass(task) + "." + taskEndingName(task, ending), false);
    }

    @Override
    public String methodOfTask(String task) {
        return JavaNames.safe(
                design.application().task(task).map(t -> t.name().expression()).orElse(task), ApplicationClass.TAKEN);
    }

    @Override
    public String methodOfHolding(String holding, boolean take) {
        String name = design.application()
                .holding(holding)
                .map(Holding::name)
                .orElseThrow()
                .expression();
        return (take ? "take" : "giveBack") + Spelling.upper(name);
    }

    @Override
    public String methodOfScript(Optional<String> window, String script) {
        NamedScript named = ScriptPlace.routines(design, window).script(script).orElseThrow();
        return "do" + Spelling.upper(named.name().expression());
    }

    @Override
    public String methodOfTimer(Optional<String> window, String timer) {
        Timer of = ScriptPlace.routines(design, window).timer(timer).orElseThrow();
        return JavaNames.safe(of.name().expression());
    }

    @Override
    public Optional<String> mayRemove(String window, Part list) {
        return list instanceof Part.ListOfRows l
                        && !l.at(Part.RowMoment.BEFORE_REMOVING).isEmpty()
                ? Optional.of("mayRemoveFrom" + Spelling.upper(l.name().expression()))
                : Optional.empty();
    }

    @Override
    public String text(String key, String text, Here here) {
        String of = writing.isEmpty()
                ? "application"
                : meanings.find(writing).map(w -> w.name().expression()).orElse("application");
        return new JavaCalls(this, "").words(texts.words(of + "." + key, text, here));
    }

    @Override
    public boolean isOfApplication(String holding) {
        return design.application().holding(holding).orElseThrow().ofApplication();
    }

    /** What {@code desk.Ending} says by itself of a constant. */
    static String wordsOfConstant(String constant) {
        return constant.toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
    }

    /** What {@code desk.Ending} says by itself of a record. */
    static String wordsOfRecord(String name) {
        return name.replaceAll("(?<=.)(?=[A-Z])", " ").toLowerCase(java.util.Locale.ROOT);
    }
}

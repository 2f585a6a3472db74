package bivouac.testkit;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.Leaving;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.NamingHabit;
import bivouac.design.Part;
import bivouac.design.PretendFiles;
import bivouac.design.Routines;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Task;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Window;
import bivouac.design.WorkBreaking;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;

/** Random designs in which much happens: a few windows that open, ask, wait, run and close each other. */
public class SmallDesigns {

    final RandomGenerator random;

    public SmallDesigns(RandomGenerator random) {
        this.random = random;
    }

    public Design design() {
        var windows = new ArrayList<Window>();
        windows.add(more(face(FacedWindow.Kind.MAIN, "Desk")));
        windows.add(more(face(FacedWindow.Kind.CHILD, "Plan").living(Optional.empty(), random.nextBoolean())));
        windows.add(more(
                face(FacedWindow.Kind.CHILD, "Card").living(Optional.of(new Instances.Many()), random.nextBoolean())));
        windows.add(more(face(FacedWindow.Kind.DIALOG, "Form")));
        windows.add(new MessageBox(
                Name.of("Sure"),
                "Sure",
                MessageBox.Severity.QUESTION,
                "Sure?",
                List.of(),
                List.of(MessageBox.Answer.of("Yes"), MessageBox.Answer.of("No")),
                Optional.empty(),
                Optional.empty()));
        var application = new Application(
                "Small",
                Application.About.NOTHING,
                List.of(Variable.of("n", Type.WHOLE, "0")),
                Script.of(
                        new Step.TurnTimer(Step.TurnTimer.How.START, "clock"),
                        Step.Open.of("Desk", new Manner.Alongside())),
                pick(List.of(
                        new DepartureRule.LastWindow(),
                        new DepartureRule.OnlyWhenTold(),
                        new DepartureRule.WithWindow("Desk"))),
                PretendFiles.NONE,
                List.of(new Task(
                        Name.of("work"),
                        List.of(),
                        List.of(Task.Outcome.of("done"), Task.Outcome.of("failed")),
                        Optional.empty(),
                        toldAbout())),
                List.of(Holding.of("lock"), Holding.of("radio").ofTheApplication()),
                NamingHabit.NONE,
                Leaving.USUAL.planning(random.nextInt(3) == 0 ? script(Optional.empty(), 1) : Script.EMPTY),
                new Routines(told(), List.of(Timer.of("clock", "1").firing(script(Optional.empty(), 1)))));
        return new Design(application, windows);
    }

    /** What passes between work and people (W9, W10). */
    private Set<Task.Told> toldAbout() {
        var told = EnumSet.noneOf(Task.Told.class);
        for (Task.Told one : Task.Told.values()) {
            if (random.nextBoolean()) {
                told.add(one);
            }
        }
        return told;
    }

    /** What is done where work breaks (W8). */
    private List<NamedScript> told() {
        return random.nextInt(3) == 0
                ? List.of(NamedScript.of(WorkBreaking.ANSWER).with(script(Optional.empty(), 1)))
                : List.of();
    }

    /** A window with what further designs have. */
    FacedWindow more(FacedWindow face) {
        return face;
    }

    /** A step that further designs have; empty for one of those that all have. */
    Optional<Step> more(Optional<String> of) {
        return Optional.empty();
    }

    FacedWindow face(FacedWindow.Kind kind, String name) {
        var rows = new ArrayList<Row>();
        for (String button : List.of("a", "b", "c")) {
            rows.add(Row.of(Part.Button.of(button, button).triggering(script(Optional.of(name), 2))));
        }
        if (random.nextInt(3) == 0) {
            rows.add(Row.of(Part.Progress.of("bar", "Bar", "work")));
        }
        FacedWindow face = FacedWindow.of(kind, name)
                .withRows(rows)
                .titled(name + "{shown(me.n)}")
                .holding(List.of(
                        Variable.of("n", Type.WHOLE, "0"),
                        new Variable(Name.of("card"), new Type.WindowOf("Card"), Optional.empty(), false),
                        new Variable(Name.of("plan"), new Type.WindowOf("Plan"), Optional.empty(), false)));
        for (var moment : List.of(
                FacedWindow.Moment.OPENED, FacedWindow.Moment.BEFORE_CLOSING, FacedWindow.Moment.AFTER_CLOSING)) {
            if (random.nextInt(3) == 0) {
                face = face.at(moment, script(Optional.of(name), 1));
            }
        }
        return face;
    }

    Script script(Optional<String> of, int deep) {
        var steps = new ArrayList<Step>();
        for (int i = 0; i <= random.nextInt(3); i++) {
            steps.add(step(of, deep));
        }
        return new Script(steps);
    }

    private Script maybe(Optional<String> of, int deep) {
        return random.nextBoolean() ? Script.EMPTY : script(of, deep);
    }

    /** A step; of those that mostly fault, where nothing is there for them, only every fourth. */
    private Step step(Optional<String> of, int deep) {
        Step step = more(of).orElseGet(() -> any(of, deep));
        boolean mostlyFaults =
                step instanceof Step.Reach || step instanceof Step.GiveBack || step instanceof Step.TakeHolding;
        return mostlyFaults && random.nextInt(4) > 0 ? new Step.Note("instead") : step;
    }

    private Step any(Optional<String> of, int deep) {
        return switch (random.nextInt(deep > 0 ? 15 : 9)) {
            case 0 -> new Step.Note("note " + random.nextInt(9));
            case 1 -> Step.SetValue.of("app.n", String.valueOf(random.nextInt(3)));
            case 2 -> new Step.StayOpen();
            case 3 -> new Step.Reach(pick(List.of(Step.Reach.How.HIDE, Step.Reach.How.SHOW)), other(of));
            case 4 -> new Step.TakeHolding(pick(List.of("lock", "radio")), List.of());
            case 5 -> new Step.GiveBack(pick(List.of("lock", "radio")));
            case 14 -> new Step.CancelTask("work");
            case 13 -> new Step.SetIn("n", set(of), new Expression(String.valueOf(random.nextInt(3))));
            case 6 -> new Step.TurnTimer(pick(List.of(Step.TurnTimer.How.values())), "clock");
            case 7 -> close(of, 0);
            case 8 -> open(of, 0);
            case 9 -> open(of, deep - 1);
            case 10 ->
                new Step.If(
                        List.of(new Step.If.Case(
                                new Expression("app.n == " + random.nextInt(3)), script(of, deep - 1))),
                        random.nextBoolean() ? Optional.empty() : Optional.of(script(of, deep - 1)));
            case 11 ->
                new Step.RunTask(
                        "work",
                        random.nextBoolean(),
                        random.nextBoolean(),
                        List.of(),
                        Optional.empty(),
                        branches(of, deep - 1, Ending.of("done"), Ending.of("failed"), Ending.BROKE, Ending.CANCELLED));
            default ->
                random.nextInt(3) > 0
                        ? close(of, deep - 1)
                        : new Step.EndApplication(
                                random.nextBoolean()
                                        ? Optional.empty()
                                        : Optional.of(new Expression(String.valueOf(random.nextInt(5)))),
                                Optional.empty(),
                                maybe(of, deep - 1));
        };
    }

    private Target single() {
        return new Target.Single(pick(List.of("Desk", "Plan")));
    }

    /** A single window, or one that a variable of the window keeps (O9). */
    private Target other(Optional<String> of) {
        return of.isPresent() && random.nextInt(3) == 0 ? new Target.Kept(pick(List.of("card", "plan"))) : single();
    }

    private Target set(Optional<String> of) {
        return random.nextBoolean() ? new Target.Every("Card") : other(of);
    }

    private Step close(Optional<String> of, int deep) {
        boolean me = of.isPresent() && random.nextBoolean();
        String ending = me && of.get().equals("Form") ? pick(List.of("ok", "cancelled")) : "closed";
        return new Step.Close(me ? new Target.Me() : other(of), Optional.of(ending), List.of(), maybe(of, deep));
    }

    private Step open(Optional<String> of, int deep) {
        String window = pick(List.of("Plan", "Card", "Form", "Sure", "Desk"));
        boolean box = window.equals("Sure");
        Manner manner = box
                ? pick(List.of(new Manner.WaitsForApplication(), new Manner.WaitsForOwner()))
                : pick(List.of(
                        new Manner.Alongside(),
                        new Manner.Alongside(),
                        new Manner.WaitsForApplication(),
                        new Manner.WaitsForOwner()));
        if (!box && of.isPresent() && random.nextInt(8) == 0) {
            return Step.Open.of(window, new Manner.InPlace("", List.of()));
        }
        List<Step.Branch> branches = box
                ? branches(of, deep, Ending.of("yes"), Ending.of("no"))
                : window.equals("Form")
                        ? branches(of, deep, Ending.of("ok"), Ending.of("cancelled"))
                        : branches(of, deep, Ending.of("closed"));
        boolean kept = of.isPresent() && List.of("Card", "Plan").contains(window) && random.nextBoolean();
        return new Step.Open(
                window,
                manner,
                Optional.empty(),
                List.of(),
                kept ? Optional.of(window.toLowerCase(java.util.Locale.ROOT)) : Optional.empty(),
                branches);
    }

    List<Step.Branch> branches(Optional<String> of, int deep, Ending... endings) {
        var branches = new ArrayList<Step.Branch>();
        for (Ending ending : endings) {
            if (random.nextBoolean()) {
                branches.add(new Step.Branch(
                        ending.name(), deep > 0 ? script(of, deep) : Script.of(new Step.Note(ending.name()))));
            }
        }
        return branches;
    }

    <T> T pick(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }
}

package bivouac.machine;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.Leaving;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.NamedScript;
import bivouac.design.NamingHabit;
import bivouac.design.Part;
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
import bivouac.explore.Exploration;
import bivouac.explore.Explored;
import bivouac.explore.Limits;
import bivouac.explore.Progress;
import bivouac.explore.Question;
import bivouac.plan.Program;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailFile;
import bivouac.rehearsal.TrailWords;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The one way in which tests act a design out and say what has to be seen. */
public final class Play {

    public static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    private Rehearsal rehearsal;

    public Play(Design design) {
        rehearsal = Rehearsal.start(Program.of(design), TODAY);
    }

    /** Does an event written as a line of a trail file, which has to be possible. */
    public Play does(String line) {
        var event = read(line);
        var before = rehearsal.now();
        var replay = bivouac.rehearsal.EventNames.resolve(rehearsal.scene(), event);
        assertThat(replay).as("%s names something in %s", line, open()).isPresent();
        assertThat(can(line)).as("%s is possible with %s open", line, open()).isTrue();
        rehearsal = rehearsal.act(replay.get());
        assertThat(rehearsal.now()).isEqualTo(before + 1);
        return this;
    }

    public boolean can(String line) {
        return bivouac.rehearsal.EventNames.resolve(rehearsal.scene(), read(line))
                .map(e -> rehearsal.machine().isPossible(rehearsal.present().state(), e))
                .orElse(false);
    }

    public Play cannot(String line) {
        assertThat(can(line)).as("%s is possible with %s open", line, open()).isFalse();
        return this;
    }

    public Play could(String line) {
        assertThat(can(line)).as("%s is possible with %s open", line, open()).isTrue();
        return this;
    }

    private static NamedEvent read(String line) {
        try {
            return TrailFile.read(line).getFirst();
        } catch (TrailFile.Wrong e) {
            throw new AssertionError(e);
        }
    }

    /** What the last event caused, in the words of the trail. */
    public List<String> seen() {
        return TrailWords.everything(rehearsal.present().seen());
    }

    public Play sees(String... clauses) {
        assertThat(seen()).containsExactly(clauses);
        return this;
    }

    public Play seesAmongOthers(String... clauses) {
        assertThat(seen()).containsSubsequence(clauses);
        return this;
    }

    /** The titles of the open windows. */
    public java.util.List<String> titles() {
        return rehearsal.scene().windows().stream().map(w -> w.title()).toList();
    }

    public bivouac.state.State state() {
        return rehearsal.present().state();
    }

    public Play faults(Fault.Rule rule) {
        assertThat(rehearsal.present().seen())
                .anyMatch(s -> s instanceof Sighting.Faulted(Fault f) && f.rule() == rule);
        return this;
    }

    public Play hasNoFault() {
        assertThat(TrailWords.faults(rehearsal.present().seen())).isEmpty();
        return this;
    }

    /** The open windows, from the lowest to the topmost. */
    public List<String> open() {
        return rehearsal.scene().windows().stream()
                .map(w -> w.which().toString())
                .toList();
    }

    public Play opens(String... windows) {
        assertThat(open()).containsExactlyInAnyOrder(windows);
        return this;
    }

    /** The windows from the lowest to the topmost. */
    public Play stacks(String... windows) {
        assertThat(open()).containsExactly(windows);
        return this;
    }

    public Play blocks(String... windows) {
        assertThat(rehearsal.scene().windows().stream()
                        .filter(w -> w.blockedBy().isPresent())
                        .map(w -> w.which().toString()))
                .containsExactlyInAnyOrder(windows);
        return this;
    }

    public String text(String window, String part) {
        return window(window).parts().stream()
                .filter(p -> p.design().name().expression().equals(part))
                .findFirst()
                .orElseThrow()
                .text();
    }

    public Scene.OpenWindow window(String which) {
        return rehearsal.scene().windows().stream()
                .filter(w -> w.which().toString().equals(which))
                .findFirst()
                .orElseThrow(() -> new AssertionError(which + " is not open; " + open() + " are"));
    }

    public Play shows(String window, String part, String text) {
        assertThat(text(window, part)).isEqualTo(text);
        return this;
    }

    /** What is held: the application's first, then of each window, in the order of taking. */
    public Play holds(String... held) {
        assertThat(rehearsal.scene().held()).extracting(Scene.Held::toString).containsExactly(held);
        return this;
    }

    public Play ended(long code) {
        assertThat(rehearsal.scene().ended()).contains(code);
        return this;
    }

    public Play runs() {
        assertThat(rehearsal.scene().ended()).isEmpty();
        return this;
    }

    public Rehearsal rehearsal() {
        return rehearsal;
    }

    // A short way to write designs

    /** A design under construction. */
    public static final class Making {
        private Leaving leaving = Leaving.USUAL;
        private Routines routines = Routines.NONE;
        private final List<Window> windows = new ArrayList<>();
        private final List<Variable> variables = new ArrayList<>();
        private List<Holding> holdings = List.of();
        private List<Task> tasks = List.of();
        private Script start = Script.EMPTY;
        private DepartureRule departure = new DepartureRule.LastWindow();

        public Making start(Step... steps) {
            start = Script.of(steps);
            return this;
        }

        public Making departs(DepartureRule rule) {
            departure = rule;
            return this;
        }

        public Making variable(String name, Type type, String starts) {
            variables.add(Variable.of(name, type, starts));
            return this;
        }

        public Making kept(String name, Type type, String starts) {
            Variable v = Variable.of(name, type, starts);
            variables.add(new Variable(v.name(), v.type(), v.starts(), true));
            return this;
        }

        public Making holds(Holding... all) {
            holdings = List.of(all);
            return this;
        }

        public Making works(Task... all) {
            tasks = List.of(all);
            return this;
        }

        public Making with(Window... more) {
            windows.addAll(List.of(more));
            return this;
        }

        /** The steps of the departure plan. */
        public Making planning(Step... steps) {
            leaving = leaving.planning(Script.of(steps));
            return this;
        }

        public Making askingFirst(String... windows) {
            leaving = leaving.asking(List.of(windows));
            return this;
        }

        public Making does(NamedScript... scripts) {
            routines = routines.withScripts(List.of(scripts));
            return this;
        }

        public Making ticks(Timer... timers) {
            routines = routines.withTimers(List.of(timers));
            return this;
        }

        public Design design() {
            var application = new Application("Test", Application.About.NOTHING, variables, start, departure);
            return new Design(
                    application
                            .naming(NamingHabit.NONE)
                            .withHoldings(holdings)
                            .working(tasks)
                            .leaving(leaving)
                            .with(routines),
                    windows);
        }

        public Play play() {
            return new Play(design());
        }
    }

    /** All that a small design can get into. */
    public static Explored explored(Design design) {
        return Exploration.of(
                new Question(Program.of(design), TODAY),
                Limits.of(Duration.ofSeconds(30)).withCores(1),
                Progress.NONE);
    }

    public static Making design() {
        return new Making();
    }

    /** A main window that the start opens. */
    public static Making withMain(FacedWindow main, Window... others) {
        return design().start(alongside(main.name().shown())).with(main).with(others);
    }

    public static FacedWindow main(String name, Part... parts) {
        return faced(FacedWindow.Kind.MAIN, name, parts);
    }

    public static FacedWindow child(String name, Part... parts) {
        return faced(FacedWindow.Kind.CHILD, name, parts);
    }

    public static FacedWindow owned(FacedWindow window) {
        return window.living(window.instances(), true);
    }

    /** One that can be open once only. */
    public static FacedWindow single(FacedWindow window) {
        return window.living(Optional.of(new Instances.Single()), window.owned());
    }

    public static FacedWindow dialog(String name, Part... parts) {
        return faced(FacedWindow.Kind.DIALOG, name, parts);
    }

    private static FacedWindow faced(FacedWindow.Kind kind, String name, Part... parts) {
        var rows = new ArrayList<Row>();
        for (Part part : parts) {
            rows.add(Row.of(part));
        }
        return FacedWindow.of(kind, name).withRows(rows);
    }

    public static Part button(String name, Step... steps) {
        return Part.Button.of(name, name).triggering(Script.of(steps));
    }

    public static MessageBox box(String name, String... answers) {
        var all = new ArrayList<MessageBox.Answer>();
        for (String answer : answers) {
            all.add(MessageBox.Answer.of(answer));
        }
        return new MessageBox(
                bivouac.design.Name.of(name),
                name,
                MessageBox.Severity.QUESTION,
                name + "?",
                List.of(),
                all,
                Optional.empty(),
                Optional.empty());
    }

    public static MessageBox escaping(MessageBox box, String escape) {
        return box.answering(box.answers(), box.byDefault(), Optional.of(escape));
    }

    public static Step.Open alongside(String window, Step.Branch... branches) {
        return Step.Open.of(window, new Manner.Alongside(), branches);
    }

    public static Step.Open waits(String window, Step.Branch... branches) {
        return Step.Open.of(window, new Manner.WaitsForApplication(), branches);
    }

    public static Step.Open waitsForOwner(String window, Step.Branch... branches) {
        return Step.Open.of(window, new Manner.WaitsForOwner(), branches);
    }

    public static Step.Open inPlace(String window) {
        return Step.Open.of(window, new Manner.InPlace("", List.of()));
    }

    public static Step.Branch when(String ending, Step... steps) {
        return new Step.Branch(ending, Script.of(steps));
    }

    public static Step set(String path, String value) {
        return Step.SetValue.of(path, value);
    }

    public static Step note(String text) {
        return new Step.Note(text);
    }

    public static Step close(String ending, Given... gives) {
        return Step.Close.me(ending, gives);
    }

    /** Asks another window to close, the steps run where that is refused. */
    public static Step closes(String window, Step... refused) {
        return new Step.Close(new Target.Single(window), Optional.empty(), List.of(), Script.of(refused));
    }

    public static Step hide(String window) {
        return new Step.Reach(Step.Reach.How.HIDE, new Target.Single(window));
    }

    /** A task that gives nothing, with its endings. */
    public static Task task(String name, String... endings) {
        return new Task(
                bivouac.design.Name.of(name),
                List.of(),
                java.util.stream.Stream.of(endings).map(Task.Outcome::of).toList(),
                Optional.empty());
    }

    public static Step.RunTask run(String task, Step.Branch... branches) {
        return Step.RunTask.of(task, branches);
    }

    /** The end with an exit code and a text. */
    public static Step ends(int code, String saying) {
        return new Step.EndApplication(Optional.of(new Expression("" + code)), Optional.of(saying), Script.EMPTY);
    }

    /** Steps that are run where a condition holds. */
    public static Step onlyIf(String condition, Step... steps) {
        return new Step.If(List.of(new Step.If.Case(new Expression(condition), Script.of(steps))), Optional.empty());
    }

    public static Step take(String holding, Step.Branch... branches) {
        return Step.TakeHolding.of(holding, branches);
    }

    public static Step giveBack(String holding) {
        return new Step.GiveBack(holding);
    }

    public static Step stay() {
        return new Step.StayOpen();
    }

    public static Step end() {
        return Step.EndApplication.plain();
    }

    public static FacedWindow before(FacedWindow window, Step... steps) {
        return window.at(FacedWindow.Moment.BEFORE_CLOSING, Script.of(steps));
    }

    public static FacedWindow after(FacedWindow window, Step... steps) {
        return window.at(FacedWindow.Moment.AFTER_CLOSING, Script.of(steps));
    }
}

package bivouac.design;

import java.util.List;
import java.util.Optional;

/** One step of a script. Every switch over steps is complete, so a new kind has to be answered wherever it matters. */
public sealed interface Step {

    /** The scripts inside this step, in the order in which they are read, each with what leads into it. */
    List<Inner> inner();

    /** This step with other scripts inside, in the order of {@link #inner}. */
    Step withInner(List<Script> scripts);

    /** What it says beside the scripts inside it: each kind of step answers for itself. */
    Pieces pieces();

    /** A script inside a step. {@code lead} is the branch's line as people read it. */
    record Inner(String lead, Script script) {}

    /** What is run when the window opened, or the task run, ends in {@code ending} (W4). */
    record Branch(String ending, Script script) {}

    /** A step that waits for, or is told of, an ending, with a branch for each (W4). */
    sealed interface Branching extends Step permits Open, RunTask, TakeHolding, GiveBack, Do {

        List<Branch> branches();

        Branching withBranches(List<Branch> other);

        /** Whether it says what happens at an ending. */
        default boolean answers(String ending) {
            return branches().stream().anyMatch(b -> b.ending().equals(ending));
        }

        @Override
        default List<Inner> inner() {
            return branches().stream()
                    .map(b -> new Inner("when " + b.ending(), b.script()))
                    .toList();
        }

        @Override
        default Step withInner(List<Script> scripts) {
            var changed = new java.util.ArrayList<Branch>();
            for (int i = 0; i < branches().size(); i++) {
                changed.add(new Branch(branches().get(i).ending(), scripts.get(i)));
            }
            return withBranches(changed);
        }
    }

    /**
     * Opens a window (O1 to O9).
     *
     * @param window the shown name of the window
     * @param ownedBy who owns it, where that is not the opener (O5)
     * @param as the name under which the instance, and in the branches its result, is kept (O9, W4)
     */
    record Open(
            String window,
            Manner manner,
            Optional<Target> ownedBy,
            List<Given> handOver,
            Optional<String> as,
            List<Branch> branches)
            implements Branching {
        public Open {
            handOver = List.copyOf(handOver);
            branches = List.copyOf(branches);
        }

        public static Open of(String window, Manner manner, Branch... branches) {
            return new Open(window, manner, Optional.empty(), List.of(), Optional.empty(), List.of(branches));
        }

        public Open handing(Given... values) {
            return new Open(window, manner, ownedBy, List.of(values), as, branches);
        }

        @Override
        public Open withBranches(List<Branch> other) {
            return new Open(window, manner, ownedBy, handOver, as, other);
        }

        @Override
        public Pieces pieces() {
            return Pieces.givens(handOver)
                    .with(Pieces.values(
                            manner instanceof Manner.InPlace(String ending, List<Given> gives)
                                    ? gives.stream().map(Given::value).toList()
                                    : List.of()))
                    .meaning(ownedBy);
        }
    }

    /**
     * Runs a task (W5).
     *
     * @param background whether other events go on meanwhile
     * @param mayBeStopped whether it is no fault that its end arrives for nobody
     */
    record RunTask(
            String task,
            boolean background,
            boolean mayBeStopped,
            List<Given> handOver,
            Optional<String> as,
            List<Branch> branches)
            implements Branching {
        public RunTask {
            handOver = List.copyOf(handOver);
            branches = List.copyOf(branches);
        }

        public static RunTask of(String task, Branch... branches) {
            return new RunTask(task, false, false, List.of(), Optional.empty(), List.of(branches));
        }

        public RunTask handing(Given... values) {
            return new RunTask(task, background, mayBeStopped, List.of(values), as, branches);
        }

        public RunTask inBackground(boolean mayStop) {
            return new RunTask(task, true, mayStop, handOver, as, branches);
        }

        @Override
        public RunTask withBranches(List<Branch> other) {
            return new RunTask(task, background, mayBeStopped, handOver, as, other);
        }

        @Override
        public Pieces pieces() {
            return Pieces.givens(handOver);
        }
    }

    /** Takes a holding (H1). Where that may fail, the one branch is for <em>could not</em> (O7). */
    record TakeHolding(String holding, List<Branch> branches) implements Branching {
        public TakeHolding {
            branches = List.copyOf(branches);
        }

        public static TakeHolding of(String holding, Branch... branches) {
            return new TakeHolding(holding, List.of(branches));
        }

        @Override
        public TakeHolding withBranches(List<Branch> other) {
            return new TakeHolding(holding, other);
        }

        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /** Gives a holding back (H2). Where that may fail, the one branch is for <em>could not</em>. */
    record GiveBack(String holding, List<Branch> branches) implements Branching {
        public GiveBack {
            branches = List.copyOf(branches);
        }

        public GiveBack(String holding) {
            this(holding, List.of());
        }

        @Override
        public GiveBack withBranches(List<Branch> other) {
            return new GiveBack(holding, other);
        }

        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /**
     * Runs a named script of the window, or of the application, as if its steps stood here (W7), or one of another window
     * (W12).
     *
     * @param in the window whose script it is, where that is another one
     * @param until of all windows of a name, the endings at which those that are left are not asked any more
     * @param as the name under which, in its branches, its result is kept (W4)
     */
    record Do(
            String script,
            Optional<Target> in,
            List<String> until,
            List<Given> handOver,
            Optional<String> as,
            List<Branch> branches)
            implements Branching {
        public Do {
            until = List.copyOf(until);
            handOver = List.copyOf(handOver);
            branches = List.copyOf(branches);
        }

        /** A script of this window or of the application, whose answer is nothing to this step. */
        public Do(String script, List<Given> handOver) {
            this(script, Optional.empty(), List.of(), handOver, Optional.empty(), List.of());
        }

        public static Do of(String script, Given... values) {
            return new Do(script, List.of(values));
        }

        public Do in(Target other, String... stopping) {
            return new Do(script, Optional.of(other), List.of(stopping), handOver, as, branches);
        }

        public Do when(Branch... those) {
            return withBranches(List.of(those));
        }

        /** Whether it is done in each open window of a name (W12). */
        public boolean isEvery() {
            return in.filter(Target.Every.class::isInstance).isPresent();
        }

        @Override
        public Do withBranches(List<Branch> other) {
            return new Do(script, in, until, handOver, as, other);
        }

        @Override
        public Pieces pieces() {
            return Pieces.givens(handOver).meaning(in);
        }
    }

    /** Ends the named script that it stands in, as one of its endings (W11). */
    record Return(String ending, List<Given> gives) implements Plain {
        public Return {
            gives = List.copyOf(gives);
        }

        public static Return of(String ending, Given... values) {
            return new Return(ending, List.of(values));
        }

        @Override
        public Pieces pieces() {
            return Pieces.givens(gives);
        }
    }

    /** Turns a timer on, or on anew, or off (V4). */
    record TurnTimer(How how, String timer) implements Plain {

        /** What is done with the timer. */
        public enum How {
            START("start timer"),
            STOP("stop timer");

            private final String words;

            How(String words) {
                this.words = words;
            }

            public String words() {
                return words;
            }
        }

        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /** Puts the keyboard focus on a part (S1): {@code me.note}. */
    record Focus(String part) implements Plain {
        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /** Asks the background runs of a task to end before they are done (W10). */
    record CancelTask(String task) implements Plain {
        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /** Lets the background runs of a task go (W5). */
    record StopTask(String task) implements Plain {
        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /**
     * Requests a window to close (C1, C2).
     *
     * @param ending the ending that it leads to; absent for the one of the window's close box
     * @param refused what is run when another window refuses to close (W6)
     */
    record Close(Target target, Optional<String> ending, List<Given> gives, Script refused) implements Step {
        public Close {
            gives = List.copyOf(gives);
        }

        public static Close me(String ending, Given... gives) {
            return new Close(new Target.Me(), Optional.of(ending), List.of(gives), Script.EMPTY);
        }

        @Override
        public List<Inner> inner() {
            boolean usual = target instanceof Target.Me && refused.isEmpty();
            return usual ? List.of() : List.of(new Inner("when refused", refused));
        }

        @Override
        public Step withInner(List<Script> scripts) {
            return scripts.isEmpty() ? this : new Close(target, ending, gives, scripts.getFirst());
        }

        @Override
        public Pieces pieces() {
            return Pieces.givens(gives).meaning(Optional.of(target));
        }
    }

    /** Refuses the close request that is asking (C2). */
    record StayOpen() implements Plain {
        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /**
     * Sets a value.
     *
     * @param path what is set, as it is written in expressions: {@code app.count}, {@code me.name}, {@code me.title}
     */
    record SetValue(String path, Expression value) implements Plain {
        public static SetValue of(String path, String value) {
            return new SetValue(path, new Expression(value));
        }

        @Override
        public Pieces pieces() {
            return Pieces.values(List.of(value));
        }
    }

    /**
     * Sets a value of another window, or of all that are open of a name, newest first (R2).
     *
     * @param member what is set, by its name in that window: {@code notes}, {@code title}, {@code keep.enabled}
     */
    record SetIn(String member, Target in, Expression value) implements Plain {
        @Override
        public Pieces pieces() {
            return Pieces.values(List.of(value)).meaning(Optional.of(in));
        }
    }

    /** Runs the first case whose condition holds, else the script for all others. */
    record If(List<Case> cases, Optional<Script> otherwise) implements Step {
        public If {
            cases = List.copyOf(cases);
        }

        /** A condition and what is done when it is the first that holds. */
        public record Case(Expression condition, Script script) {}

        @Override
        public List<Inner> inner() {
            var all = new java.util.ArrayList<Inner>();
            for (int i = 0; i < cases.size(); i++) {
                Case one = cases.get(i);
                all.add(new Inner((i == 0 ? "if " : "else if ") + one.condition(), one.script()));
            }
            otherwise.ifPresent(s -> all.add(new Inner("else", s)));
            return List.copyOf(all);
        }

        @Override
        public Step withInner(List<Script> scripts) {
            var changed = new java.util.ArrayList<Case>();
            for (int i = 0; i < cases.size(); i++) {
                changed.add(new Case(cases.get(i).condition(), scripts.get(i)));
            }
            return new If(changed, otherwise.map(s -> scripts.get(cases.size())));
        }

        @Override
        public Pieces pieces() {
            return Pieces.values(cases.stream().map(Case::condition).toList());
        }
    }

    /**
     * Asks for the departure (D1).
     *
     * @param code the exit code, absent for the usual one (D6)
     * @param saying a text for the error output; may hold braces
     * @param refused what is run when the departure is called off (W6)
     */
    record EndApplication(Optional<Expression> code, Optional<String> saying, Script refused) implements Step {
        public static EndApplication plain() {
            return new EndApplication(Optional.empty(), Optional.empty(), Script.EMPTY);
        }

        @Override
        public List<Inner> inner() {
            return List.of(new Inner("when refused", refused));
        }

        @Override
        public Step withInner(List<Script> scripts) {
            return new EndApplication(code, saying, scripts.getFirst());
        }

        @Override
        public Pieces pieces() {
            return Pieces.values(code.stream().toList())
                    .with(saying.map(Pieces::text).orElse(Pieces.NONE));
        }
    }

    /** A text, with braces, that is seen in the trail. */
    record Note(String text) implements Plain {
        @Override
        public Pieces pieces() {
            return Pieces.text(text);
        }
    }

    /** Changes which rows a list has, or what stands in them. */
    sealed interface OfRows extends Plain {

        /** The list, as {@code me.guests}. */
        String list();
    }

    /**
     * Adds a row at the end of a list.
     *
     * @param list the list, as {@code me.guests}
     * @param values by column; a column without one starts as its type does
     */
    record AddRow(String list, List<Given> values) implements OfRows {
        public AddRow {
            values = List.copyOf(values);
        }

        @Override
        public Pieces pieces() {
            return Pieces.givens(values);
        }
    }

    /**
     * Changes the selected row of a list.
     *
     * @param values by column; a column without one stays as it is
     */
    record ChangeRow(String list, List<Given> values) implements OfRows {
        public ChangeRow {
            values = List.copyOf(values);
        }

        @Override
        public Pieces pieces() {
            return Pieces.givens(values);
        }
    }

    /**
     * Removes the selected rows of a list, after <em>before removing</em> has agreed for each.
     *
     * @param unasked skips that script
     */
    record RemoveRow(String list, boolean unasked) implements OfRows {
        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /** Keeps the row that is about to be removed (a list's <em>before removing</em>). */
    record KeepRow() implements Plain {
        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /** Keeps a value under a name for the rest of the script. */
    record Let(String name, Expression value) implements Plain {
        public static Let of(String name, String value) {
            return new Let(name, new Expression(value));
        }

        @Override
        public Pieces pieces() {
            return Pieces.values(List.of(value));
        }
    }

    /** Runs its steps, and again from the first at each {@link Again} inside (W7). */
    record Repeat(Script script) implements Step {
        @Override
        public List<Inner> inner() {
            return List.of(new Inner("repeat", script));
        }

        @Override
        public Step withInner(List<Script> scripts) {
            return new Repeat(scripts.getFirst());
        }

        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /** Goes back to the first step of the innermost {@link Repeat} around it (W7). */
    record Again() implements Plain {
        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /** Saves the kept values, or takes them as they were saved last. */
    record KeptValues(How how) implements Plain {

        /** What is done with them. */
        public enum How {
            SAVE("save kept values"),
            LOAD("load kept values");

            private final String words;

            How(String words) {
                this.words = words;
            }

            public String words() {
                return words;
            }
        }

        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /** Says that what is wanted is not there yet, where a trigger would else be dead. */
    record NotThereYet() implements Plain {
        @Override
        public Pieces pieces() {
            return Pieces.NONE;
        }
    }

    /** Takes a window off the screen, or brings it back there or to the front (C9, R2). */
    record Reach(How how, Target target) implements Plain {

        /** What is done with the window. */
        public enum How {
            BRING_TO_FRONT("bring to front"),
            HIDE("hide"),
            SHOW("show");

            private final String words;

            How(String words) {
                this.words = words;
            }

            public String words() {
                return words;
            }
        }

        @Override
        public Pieces pieces() {
            return Pieces.NONE.meaning(Optional.of(target));
        }
    }

    /** A step that is kept and does nothing. */
    record Off(Step step) implements Step {
        @Override
        public List<Inner> inner() {
            return step.inner();
        }

        @Override
        public Step withInner(List<Script> scripts) {
            return new Off(step.withInner(scripts));
        }

        @Override
        public Pieces pieces() {
            return step.pieces();
        }
    }

    /** A step that holds no other. */
    sealed interface Plain extends Step {
        @Override
        default List<Inner> inner() {
            return List.of();
        }

        @Override
        default Step withInner(List<Script> scripts) {
            return this;
        }
    }
}

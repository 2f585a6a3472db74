package bivouac.reading;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Target;
import bivouac.design.Task;
import bivouac.design.Window;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * The rules once more, slow and obvious, written from docs/semantics.md alone and on plain lists: what a script has
 * still to do is the list of its steps that are left. It knows the steps that the test kit's designs make.
 */
final class SecondReading {

    /** An open window. */
    static final class Win {
        final Window design;
        final int serial;
        Win owner;
        /** 0, 1 for its owner, 2 for the application (B1). */
        int waits;

        int age;
        boolean hidden;
        boolean leaving;
        String ending = "";
        /** Its own variable, which its title shows. */
        long n;
        /** O3: what tells it from others of its name; 0 for none. */
        long key;

        final SecondRows rows = new SecondRows();
        /** W9: what its part shows of the work. */
        int done;

        String line = "";
        /** O9: the windows that its own variables keep, by their names. */
        final Map<String, Win> kept = new HashMap<>();

        Win(Window design, int serial) {
            this.design = design;
            this.serial = serial;
        }

        String name() {
            return design.name().shown() + (serial > 1 ? " (" + serial + ")" : "");
        }

        String title() {
            return design instanceof FacedWindow f ? f.name().shown() + n : design.title();
        }

        boolean isUnder(Win above) {
            boolean is = false;
            for (Win at = owner; at != null; at = at.owner) {
                is |= at == above;
            }
            return is;
        }
    }

    /** Something on the stack: a script with the steps that are left, or a request. */
    private static class Frame {}

    /** A step that is left, and by which steps the script that it stands in is done (W7); by them a step is told (X8). */
    private record Todo(Step step, List<Step> by) {
        boolean is(Todo other) {
            boolean same = step == other.step && by.size() == other.by.size();
            for (int i = 0; same && i < by.size(); i++) {
                same = by.get(i) == other.by.get(i);
            }
            return same;
        }
    }

    private static final class Run extends Frame {
        final Win me;
        final String moment;
        List<Todo> left;
        /** What it waits for: a window, a request, or a task. */
        Object waits;

        Step at;
        Todo now;
        /** W10: its work was asked to end. */
        boolean cancelled;
        /** The row that goes when it has ended, before removing. */
        SecondRows.One row;
        /** P5: for what the part stands whose script it is: a row, or a window. */
        String ofRow = "";

        Win ofWindow;
        /** Whether <i>close every</i> asks one after the other. */
        boolean every;
        /** W12: whose step does it for another window, and that step; null where nobody's does. */
        Run doer;

        Step.Do forStep;
        Todo forNow;

        Run(Win me, String moment, List<Step> left) {
            this.me = me;
            this.moment = moment;
            this.left = new ArrayList<>(
                    left.stream().map(s -> new Todo(s, List.of())).toList());
        }
    }

    private static final class Request extends Frame {
        final boolean departure;
        final Win target;
        final String ending;
        Run by;
        boolean closing;
        boolean thenEnds;
        boolean planned;
        Optional<Long> code = Optional.empty();
        final Set<Win> asked = new HashSet<>();
        final List<Run> branches = new ArrayList<>();
        final Set<Win> gone = new HashSet<>();

        Request(boolean departure, Win target, String ending, Run by) {
            this.departure = departure;
            this.target = target;
            this.ending = ending;
            this.by = by;
        }
    }

    /** Branches left behind by an opening alongside (W3). */
    private record Left(Step.Open open, Win me, Win awaits) {}

    private static final class Fault extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    private final Design design;
    final List<Win> open = new ArrayList<>();
    private final List<Frame> stack = new ArrayList<>();
    private final List<Run> background = new ArrayList<>();
    private final List<Left> left = new ArrayList<>();
    private final List<Map.Entry<String, Optional<Win>>> held = new ArrayList<>();
    private final Map<String, Long> values = new HashMap<>();
    private final Set<String> timers = new TreeSet<>();
    private boolean hasClosed;
    private int ages;
    boolean faulted;
    boolean faultedNow;
    Optional<Long> ended = Optional.empty();
    private boolean killed;
    /** D6: what a later run begins with. */
    private long saved;

    List<String> acts = new ArrayList<>();

    /** No step of any design: what the application does where work breaks (W8). */
    private static final Step TELLS = Step.Do.of("when work breaks");

    /** No step of any design: the named script of a step ends here, and what is left is of who did it (W11). */
    private static final Step END = new Step.Note("is over");

    /** No step of any design: the script ends here (W8). */
    private static final Step GIVE_UP = new Step.Note("gives up");

    private static final String OPENED_FILES = "when files are opened";

    SecondReading(Design design) {
        this.design = design;
        values.put("app.n", 0L);
        push(null, "start", design.application().start());
        settle(false);
    }

    // Events

    /** What can happen now, in words. */
    Set<String> events() {
        var all = new TreeSet<String>();
        if (ended.isPresent() || killed) {
            return Set.of("start again");
        }
        all.add("killed");
        Optional<Run> working = foreground();
        if (working.isPresent()) {
            endings(working.get()).forEach(e -> all.add("task " + e));
            if (tells(working.get())) {
                all.add("task tells");
            }
            open.stream().filter(w -> !isHidden(w) && canCancel(w)).forEach(w -> cancelling(w, all));
            return all;
        }
        for (Win w : open) {
            if (!isHidden(w) && !isBlocked(w)) {
                ofWindow(w, all);
            }
        }
        for (int i = 0; i < background.size(); i++) {
            Run run = background.get(i);
            endings(run).forEach(e -> all.add("background " + (run.me == null ? "" : run.me.name()) + " " + e));
            if (tells(run)) {
                all.add("background " + (run.me == null ? "" : run.me.name()) + " tells");
            }
        }
        timers.forEach(t -> all.add("timer " + t));
        boolean isOnItsWay = stack.stream().anyMatch(f -> f instanceof Run r && r.moment.equals(OPENED_FILES));
        if (departure() == null && opensFiles().isPresent() && !isOnItsWay) {
            all.add("open files");
        }
        if (departure() == null) {
            all.add("session ends");
        }
        return all;
    }

    /** F1: the script that nobody does. */
    private Optional<Script> opensFiles() {
        return design.application().routines().script(OPENED_FILES).map(NamedScript::script);
    }

    private static Optional<Script> takesFiles(Win w) {
        return ((FacedWindow) w.design)
                .routines()
                .script("when files are dropped")
                .map(NamedScript::script);
    }

    void openFiles() {
        happen(() -> push(null, OPENED_FILES, opensFiles().orElseThrow()));
    }

    void drop(String window) {
        Win w = window(window);
        happen(() -> push(w, "dropped", takesFiles(w).orElseThrow()));
    }

    private static void cancelling(Win w, Set<String> all) {
        all.add("cancel " + w.name());
        all.add("close box " + w.name());
        all.add("escape " + w.name());
    }

    private void ofWindow(Win w, Set<String> all) {
        if (w.design instanceof MessageBox box) {
            box.answers().forEach(a -> all.add("answer " + w.name() + " " + a.ending()));
            return;
        }
        if (w.design instanceof FileDialog) {
            all.addAll(Set.of("choose " + w.name(), "close box " + w.name(), "escape " + w.name()));
            return;
        }
        var face = (FacedWindow) w.design;
        for (Part part : face.parts()) {
            if (part instanceof Part.ListOfRows list) {
                ofRows(w, list, all);
            } else if (part instanceof Part.Progress) {
                if (canCancel(w)) {
                    all.add("cancel " + w.name());
                }
            } else if (!part.each().isOnce()) {
                ofEach(w, part, all);
            } else {
                all.add("press " + w.name() + " " + part.name().expression());
            }
        }
        if (takesFiles(w).isPresent()) {
            all.add("drop on " + w.name());
        }
        all.add("close box " + w.name());
        if (face.of() == FacedWindow.Kind.DIALOG) {
            all.add("escape " + w.name());
        }
    }

    private static void ofRows(Win w, Part.ListOfRows list, Set<String> all) {
        for (int row = 1; row <= Math.min(20, w.rows.size()); row++) { // as many as are listed
            if (!w.rows.isSelected(row)) {
                all.add("select " + row + " of " + w.name());
            }
        }
        if (w.rows.selected() != null) {
            all.add("activate row of " + w.name());
            if (list.byHand()) {
                all.add("remove row of " + w.name());
            }
        }
    }

    /** P5: which rows a part of a window stands for; of windows their titles. */
    List<String> each(Win w, Part part) {
        return switch (part.each()) {
            case Each.OfRows rows -> w.rows.names();
            case Each.OfWindows(String name) ->
                of(name).stream().map(Win::title).toList();
            case Each.Once once -> throw new IllegalStateException("stands there by itself");
        };
    }

    private List<Win> of(String name) {
        return open.stream()
                .filter(o -> o.design.name().shown().equals(name))
                .sorted(Comparator.comparingLong(o -> o.key))
                .toList();
    }

    /** Of rows those cannot be used in these designs that are called x. */
    boolean isUsable(Part part, String row) {
        return part.each() instanceof Each.OfWindows || !row.equals("x");
    }

    private void ofEach(Win w, Part part, Set<String> all) {
        List<String> rows = each(w, part);
        for (int row = 1; row <= Math.min(20, rows.size()); row++) {
            if (isUsable(part, rows.get(row - 1))) {
                all.add("press " + row + " of " + w.name() + " " + part.name().expression());
            }
        }
    }

    void pressRow(String window, String name, int row) {
        Win w = window(window);
        Part part = ((FacedWindow) w.design).part(name).orElseThrow();
        String ofRow = each(w, part).get(row - 1);
        Win ofWindow = part.each() instanceof Each.OfWindows(String of) ? of(of).get(row - 1) : null;
        Script script = part.trigger().orElseThrow().script();
        happen(() -> {
            push(w, "pressed", script);
            if (!script.isEmpty()) {
                ((Run) stack.getLast()).ofRow = ofRow;
                ((Run) stack.getLast()).ofWindow = ofWindow;
            }
        });
    }

    boolean hasRows(Win w) {
        return w.design instanceof FacedWindow f && f.part("rows").isPresent();
    }

    boolean hasBar(Win w) {
        return w.design instanceof FacedWindow f && f.part("bar").isPresent();
    }

    /** W9: where the work of a script is to be seen. */
    private List<Win> shown(Run run) {
        return run.me != null && hasBar(run.me)
                ? List.of(run.me)
                : open.stream().filter(this::hasBar).toList();
    }

    private boolean tells(Run run) {
        return task(run).showsProgress() && !shown(run).isEmpty();
    }

    private List<Run> cancellable(Win w) {
        return foreground().map(List::of).orElse(background).stream()
                .filter(r -> task(r).mayBeCancelled() && !r.cancelled && shown(r).contains(w))
                .toList();
    }

    boolean canCancel(Win w) {
        return !cancellable(w).isEmpty();
    }

    void cancel(String window) {
        List<Run> runs = cancellable(window(window));
        happen(() -> runs.forEach(r -> r.cancelled = true));
    }

    void tells(Optional<String> of, boolean inBackground, int done, String line) {
        Run run = working(of, inBackground);
        happen(() -> tell(run, Math.min(100, Math.max(0, done)), line));
    }

    private void tell(Run run, int done, String line) {
        shown(run).forEach(w -> {
            w.done = done;
            w.line = line;
        });
    }

    private Run working(Optional<String> of, boolean inBackground) {
        return inBackground
                ? background.stream()
                        .filter(b -> Optional.ofNullable(b.me).map(Win::name).equals(of))
                        .findFirst()
                        .orElseThrow()
                : foreground().orElseThrow();
    }

    private Win window(String name) {
        return open.stream().filter(w -> w.name().equals(name)).findFirst().orElseThrow();
    }

    void press(String window, String part) {
        Win w = window(window);
        Script script = ((FacedWindow) w.design)
                .part(part)
                .flatMap(Part::trigger)
                .map(Part.Trigger::script)
                .orElse(Script.EMPTY);
        happen(() -> push(w, "pressed", script));
    }

    void leave(String window) {
        Win w = window(window);
        if (foreground().isPresent()) {
            cancel(window); // W10
            return;
        }
        if (w.design instanceof FileDialog) {
            answer(window, usual(w)); // C8: it is asked nothing
            return;
        }
        happen(() -> begin(w, usual(w), null));
    }

    void answer(String window, String ending) {
        Win box = window(window);
        happen(() -> {
            box.ending = ending;
            acts.add("closed " + box.name() + " " + ending);
            gone(box, null);
        });
    }

    void select(String window, int row) {
        Win w = window(window);
        happen(() -> {
            w.rows.select(row);
            push(w, "selected", list(w).trigger().map(Part.Trigger::script).orElse(Script.EMPTY));
        });
    }

    void activate() {
        happen(() -> {});
    }

    void removeRow(String window) {
        Win w = window(window);
        happen(() -> remove(w, false));
    }

    private static Part.ListOfRows list(Win w) {
        return (Part.ListOfRows) ((FacedWindow) w.design).part("rows").orElseThrow();
    }

    /** P2: the row goes when what asks has ended. */
    private void remove(Win w, boolean unasked) {
        Script asks = list(w).at(Part.RowMoment.BEFORE_REMOVING);
        if (unasked || asks.isEmpty()) {
            w.rows.remove(w.rows.selected());
        } else {
            push(w, "before removing", asks);
            ((Run) stack.getLast()).row = w.rows.selected();
        }
    }

    /** D7: possible in every state, and nothing runs. */
    void kill() {
        acts = new ArrayList<>();
        faultedNow = false;
        forget();
        killed = true;
    }

    void startAgain() {
        acts = new ArrayList<>();
        faultedNow = false;
        forget();
        push(null, "start", design.application().start());
        settle(false);
    }

    private void forget() {
        open.clear();
        stack.clear();
        background.clear();
        left.clear();
        held.clear();
        timers.clear();
        values.put("app.n", saved);
        hasClosed = false;
        faulted = false;
        killed = false;
        ended = Optional.empty();
    }

    void taskEnds(Optional<String> of, boolean inBackground, String ending) {
        Run run = working(of, inBackground);
        happen(() -> {
            if (background.remove(run)) {
                stack.add(run);
            }
            run.waits = null;
            if (ending.equals("broke") && !((Step.Branching) run.at).answers("broke")) {
                broke(run);
            } else if (ending.equals("cancelled") && !((Step.Branching) run.at).answers("cancelled")) {
                first(run, List.of(GIVE_UP));
            } else {
                branch(run, (Step.Branching) run.at, ending);
            }
        });
    }

    void timer(String name) {
        happen(() -> push(
                null,
                "timer",
                design.application().routines().timer(name).orElseThrow().fires()));
    }

    void sessionEnds() {
        happen(() -> stack.add(new Request(true, null, "", null)));
    }

    private void happen(Runnable event) {
        acts = new ArrayList<>();
        faultedNow = false;
        boolean unseen = isUnseen();
        event.run();
        settle(unseen);
    }

    // Going on (E2)

    private void settle(boolean unseenBefore) {
        goOn();
        boolean last = design.application().departure() instanceof DepartureRule.LastWindow
                && hasClosed
                && open.isEmpty()
                && stack.isEmpty()
                && background.isEmpty();
        if (ended.isEmpty() && last) {
            stack.add(new Request(true, null, "", null));
            goOn();
        }
        if (ended.isEmpty() && !unseenBefore && isUnseen()) {
            fault();
        }
    }

    private void goOn() {
        int turns = 0;
        while (!stack.isEmpty() && ended.isEmpty()) {
            if (++turns > 4_000 || stack.size() > 100 || open.size() > 120) {
                // X6: where exactly it stops is a matter of the machine that runs it
                fault();
                return;
            }
            switch (stack.getLast()) {
                case Run run
                when run.waits != null -> {
                    return;
                }
                case Run run -> step(run);
                case Request request -> advance(request);
                default -> throw new IllegalStateException();
            }
        }
    }

    private boolean isUnseen() {
        return open.stream().allMatch(this::isHidden)
                && foreground().isEmpty()
                && background.isEmpty()
                && departure() == null
                && ended.isEmpty();
    }

    private void fault() {
        faulted = true;
        faultedNow = true;
    }

    private void push(Win me, String moment, Script script) {
        if (!script.isEmpty()) {
            stack.add(new Run(me, moment, script.steps()));
        }
    }

    private void step(Run run) {
        if (run.left.isEmpty()) {
            drop(run);
            if (run.row != null) {
                run.me.rows.remove(run.row);
            }
            return;
        }
        run.now = run.left.getFirst();
        run.at = run.now.step();
        run.left = new ArrayList<>(run.left.subList(1, run.left.size()));
        if (run.at == END) {
            return;
        }
        if (run.at == GIVE_UP) {
            if (!run.moment.equals("plan")) {
                stop(run);
            }
            return;
        }
        try {
            perform(run, run.at);
        } catch (Fault fault) {
            fault();
            if (!run.moment.equals("plan")) {
                stop(run);
            }
        }
    }

    /** Puts the steps of an inner script before those that are left. */
    private static void first(Run run, List<Step> inner) {
        first(run, inner, run.now.by());
    }

    private static void first(Run run, List<Step> inner, List<Step> by) {
        var all = new ArrayList<>(inner.stream().map(s -> new Todo(s, by)).toList());
        all.addAll(run.left);
        run.left = all;
    }

    private static void branch(Run run, Step.Branching step, String ending) {
        branch(run, step, ending, run.now.by());
    }

    private static void branch(Run run, Step.Branching step, String ending, List<Step> by) {
        step.branches().stream()
                .filter(b -> b.ending().equals(ending))
                .findFirst()
                .ifPresent(b -> first(run, b.script().steps(), by));
    }

    private void perform(Run run, Step step) {
        boolean after = run.moment.equals("after closing");
        switch (step) {
            case Step.Note(String text) -> {
                boolean ofWindow = text.contains("{row.title}");
                must(!ofWindow || open.contains(run.ofWindow));
                acts.add("note "
                        + text.replace("{app.n}", "" + values.get("app.n"))
                                .replace("{row.name}", run.ofRow)
                                .replace("{row.title}", ofWindow ? run.ofWindow.title() : ""));
            }
            case Step.SetValue(String what, var to) -> {
                if (what.equals("me.rows.selectedNumber")) {
                    must(Integer.parseInt(to.source()) <= run.me.rows.size());
                    run.me.rows.select(Integer.parseInt(to.source()));
                } else {
                    values.put(what, Long.parseLong(to.source()));
                }
            }
            case Step.Do done
            when done.in().isPresent() -> {
                must(!after);
                doIn(run, done);
            }
            case Step.Do done -> {
                var by = new ArrayList<>(run.now.by());
                by.add(step);
                // what the step itself is done by is found again at its end
                run.left.addFirst(new Todo(END, by));
                first(run, named(run, done.script()).steps(), by);
            }
            case Step.Return(String ending, var gives) -> back(run, ending);
            case Step.KeptValues(var how) -> {
                if (how == Step.KeptValues.How.SAVE) {
                    save();
                } else {
                    values.put("app.n", saved);
                }
            }
            case Step.AddRow(String list, var given) -> run.me.rows.add("new");
            case Step.RemoveRow(String list, boolean unasked) -> {
                must(run.me.rows.selected() != null);
                remove(run.me, unasked);
            }
            case Step.KeepRow k -> stop(run);
            case Step.SetIn(String member, Target in, var to) -> {
                // R2: newest first, which nobody can tell here; a variable of the window
                if (in instanceof Target.Every(String name)) {
                    open.stream()
                            .filter(w -> w.design.name().shown().equals(name))
                            .forEach(w -> w.n = Long.parseLong(to.source()));
                } else {
                    find(in, run).orElseThrow(Fault::new).n = Long.parseLong(to.source());
                }
            }
            case Step.If choice -> {
                String[] sides = choice.cases().getFirst().condition().source().split(" == ");
                if (values.get(sides[0]) == Long.parseLong(sides[1])) {
                    first(run, choice.cases().getFirst().script().steps());
                } else {
                    choice.otherwise().ifPresent(o -> first(run, o.steps()));
                }
            }
            case Step.StayOpen s -> {
                must(!after && !run.moment.equals("plan"));
                stop(run);
            }
            case Step.Open o -> {
                must(!after);
                must(!run.moment.equals("plan") || isWaiting(o.manner()));
                open(run, o);
            }
            case Step.Close c
            when c.target() instanceof Target.Every(String name) -> {
                must(!after);
                every(run, name);
            }
            case Step.Close c -> {
                must(!after);
                Optional<Win> target = find(c.target(), run);
                if (target.isPresent()) {
                    begin(target.get(), c.ending().orElse("closed"), run);
                }
            }
            case Step.EndApplication e -> {
                must(!after);
                end(run, e);
            }
            case Step.Reach reach -> {
                must(!after);
                Win w = find(reach.target(), run).orElseThrow(Fault::new);
                must(reach.how() != Step.Reach.How.HIDE
                        || open.stream().noneMatch(o -> o.waits > 0 && (o == w || o.isUnder(w))));
                w.hidden = reach.how() == Step.Reach.How.HIDE;
            }
            case Step.RunTask task -> run(run, task);
            case Step.CancelTask c ->
                background.stream().filter(r -> task(r).mayBeCancelled()).forEach(r -> r.cancelled = true);
            case Step.TakeHolding take -> {
                must(!held.contains(holding(take.holding(), run)));
                held.add(holding(take.holding(), run));
                acts.add("taken " + take.holding());
            }
            case Step.GiveBack back -> {
                must(held.remove(holding(back.holding(), run)));
                acts.add("given back " + back.holding());
            }
            case Step.TurnTimer(Step.TurnTimer.How how, String timer) -> {
                if (how == Step.TurnTimer.How.START) {
                    timers.add(timer);
                } else {
                    timers.remove(timer);
                }
            }
            default -> throw new IllegalStateException("not read: " + step);
        }
    }

    /** W11: all that is left of the named script is left out; its step goes on in its branch. */
    private void back(Run run, String ending) {
        for (int i = 0; i < run.left.size(); i++) {
            if (run.left.get(i).step() == END) {
                List<Step> by = run.left.get(i).by();
                run.left = new ArrayList<>(run.left.subList(i + 1, run.left.size()));
                var done = (Step.Do) by.getLast();
                branch(run, done, ending, by.subList(0, by.size() - 1));
                return;
            }
        }
        must(run.doer != null);
        Run doer = run.doer;
        if (!run.forStep.isEvery() || run.forStep.until().contains(ending)) {
            doneBy(doer).forEach(this::drop);
            branch(doer, run.forStep, ending, run.forNow.by());
        } else {
            drop(run);
        }
    }

    private List<Run> doneBy(Run doer) {
        return stack.stream()
                .filter(f -> f instanceof Run r && r.doer == doer)
                .map(Run.class::cast)
                .toList();
    }

    /** W12: those that are open now, the newest first or by key; each is a script of its own window. */
    private void doIn(Run run, Step.Do step) {
        List<Win> all;
        if (step.in().orElseThrow() instanceof Target.Every(String name)) {
            all = inOrder().stream()
                    .filter(w -> w.design.name().shown().equals(name))
                    .toList();
        } else {
            all = List.of(find(step.in().orElseThrow(), run).orElseThrow(Fault::new));
        }
        for (Win w : all.reversed()) {
            Script script = ((FacedWindow) w.design)
                    .routines()
                    .script(step.script())
                    .map(NamedScript::script)
                    .orElseThrow(Fault::new);
            push(w, "done", script);
            if (!script.isEmpty()) {
                var made = (Run) stack.getLast();
                made.doer = run;
                made.forStep = step;
                made.forNow = run.now;
            }
        }
    }

    /** W11, W12: who does it waits for an answer, or stands below it. */
    private boolean isWaitedFor(Run run) {
        return run.doer != null
                || run.now.by().stream()
                        .anyMatch(s -> s instanceof Step.Do d
                                && s != TELLS
                                && script(run, d.script()).answers());
    }

    /** W7: of the window whose script it is, or of the application. */
    private Script named(Run run, String name) {
        return script(run, name).script();
    }

    private NamedScript script(Run run, String name) {
        Optional<NamedScript> own = run.me == null || !(run.me.design instanceof FacedWindow f)
                ? Optional.empty()
                : f.routines().script(name);
        return own.or(() -> design.application().routines().script(name)).orElseThrow(Fault::new);
    }

    private void save() {
        saved = values.get("app.n");
        acts.add("saved");
    }

    /** R2: one after the other, newest first or by key, until none is left; the first that refuses ends it. */
    private void every(Run run, String name) {
        Optional<Win> next = inOrder().stream()
                .filter(w -> w.design.name().shown().equals(name))
                .findFirst();
        run.every = next.isPresent();
        if (run.every) {
            run.left.addFirst(run.now);
            begin(next.get(), "closed", run);
        }
    }

    private static void must(boolean holds) {
        if (!holds) {
            throw new Fault();
        }
    }

    private Map.Entry<String, Optional<Win>> holding(String name, Run run) {
        boolean ofApplication = design.application().holding(name).orElseThrow().ofApplication();
        return Map.entry(name, ofApplication ? Optional.empty() : Optional.ofNullable(run.me));
    }

    private Optional<Win> find(Target target, Run run) {
        return switch (target) {
            case Target.Me m -> Optional.of(run.me);
            case Target.Single(String name) -> {
                List<Win> all = open.stream()
                        .filter(w -> w.design.name().shown().equals(name))
                        .toList();
                // R1: never the first of several
                must(all.size() <= 1);
                yield all.stream().findFirst();
            }
            case Target.Keyed(String name, var key) ->
                open.stream()
                        .filter(w -> w.design.name().shown().equals(name) && w.key == Long.parseLong(key.source()))
                        .findFirst();
            case Target.Kept(String name) ->
                Optional.ofNullable(name.equals(Each.ROW) ? run.ofWindow : run.me.kept.get(name))
                        .filter(open::contains);
            default -> throw new IllegalStateException("not read: " + target);
        };
    }

    // Opening (O1 to O9)

    private static boolean isWaiting(Manner manner) {
        return manner instanceof Manner.WaitsForOwner || manner instanceof Manner.WaitsForApplication;
    }

    private void open(Run run, Step.Open o) {
        Window window = design.window(o.window()).orElseThrow();
        if (o.manner() instanceof Manner.InPlace) {
            begin(run.me, usual(run.me), run);
            return;
        }
        boolean waiting = isWaiting(o.manner()) || window instanceof MessageBox;
        long key = o.handOver().stream()
                .mapToLong(g -> Long.parseLong(g.value().source()))
                .findFirst()
                .orElse(0);
        Optional<Win> there = there(window, key);
        if (there.isPresent()) {
            must(!waiting);
            o.as().ifPresent(name -> run.me.kept.put(name, there.get()));
            bringBack(there.get());
            return;
        }
        Win made = make(window, canBeOwned(window) ? run.me : null);
        made.key = key;
        o.as().ifPresent(name -> run.me.kept.put(name, made));
        if (waiting) {
            made.waits = o.manner() instanceof Manner.WaitsForOwner && made.owner != null ? 1 : 2;
            made.age = ++ages;
            run.waits = made;
        } else if (!o.branches().isEmpty()) {
            left.add(new Left(o, run.me, made));
        }
        announce(made);
    }

    /** O3: a hidden window is shown, and its script runs. */
    private void bringBack(Win w) {
        w.hidden = w.leaving; // C5: it has left the screen
        push(w, "brought back", ((FacedWindow) w.design).moment(FacedWindow.Moment.BROUGHT_BACK));
    }

    private Optional<Win> there(Window window, long key) {
        return window instanceof FacedWindow f && !(f.instancesOrUsual() instanceof Instances.Many)
                ? open.stream().filter(w -> w.design == window && w.key == key).findFirst()
                : Optional.empty();
    }

    private static boolean canBeOwned(Window window) {
        return !(window instanceof FacedWindow f) || f.of() != FacedWindow.Kind.MAIN && f.owned();
    }

    private Win make(Window window, Win owner) {
        int serial = 1;
        for (Win w : open) {
            serial = w.design == window ? Math.max(serial, w.serial + 1) : serial;
        }
        var made = new Win(window, serial);
        made.owner = owner;
        open.add(made);
        return made;
    }

    private void announce(Win made) {
        acts.add("opened " + made.name());
        if (made.design instanceof FacedWindow f) {
            push(made, "opened", f.moment(FacedWindow.Moment.OPENED));
        }
    }

    // Tasks (W5)

    private Task task(Run run) {
        return design.application().task(((Step.RunTask) run.at).task()).orElseThrow();
    }

    /** W8: what it can end as, and that it broke where something says what then. */
    private List<String> endings(Run run) {
        var all = new ArrayList<>(task(run).endings().stream().map(Ending::name).toList());
        if (run.cancelled) {
            all.add("cancelled");
        }
        if (((Step.Branching) run.at).answers("broke") || told(run).isPresent()) {
            all.add("broke");
        }
        return all;
    }

    /** W8: what the application does where work breaks; the work of that script itself is not told by it. */
    private Optional<NamedScript> told(Run run) {
        return run.now.by().stream()
                        .anyMatch(s -> s instanceof Step.Do d && d.script().equals("when work breaks"))
                ? Optional.empty()
                : design.application().routines().script("when work breaks");
    }

    /** W8: as if the step's branch did it, and the script ends behind it as by a fault; after closing nothing is told. */
    private void broke(Run run) {
        NamedScript told = told(run).orElseThrow();
        first(run, List.of(GIVE_UP));
        if (!run.moment.equals("after closing")) {
            // W7, X8: a background step in it counts once for each step whose work broke
            var by = new ArrayList<>(run.now.by());
            by.add(run.at);
            by.add(TELLS);
            first(run, told.script().steps(), by);
        }
    }

    private Optional<Run> foreground() {
        return !stack.isEmpty() && stack.getLast() instanceof Run run && run.waits instanceof Step.RunTask
                ? Optional.of(run)
                : Optional.empty();
    }

    private void run(Run run, Step.RunTask task) {
        boolean closing = Set.of("before closing", "after closing", "plan").contains(run.moment);
        boolean apart = task.background() && !closing && !isWaitedFor(run);
        must(!apart || background.stream().noneMatch(b -> b.me == run.me && b.now.is(run.now)));
        acts.add("started " + task.task());
        run.waits = task;
        run.cancelled = false;
        if (task(run).showsProgress()) {
            tell(run, 0, "");
        }
        if (apart) {
            drop(run);
            background.add(run);
        }
    }

    // Ending scripts

    private void drop(Run run) {
        doneBy(run).forEach(this::drop); // W12: it is as if their steps stood in it
        int at = stack.indexOf(run);
        if (at >= 0 && at + 1 < stack.size() && stack.get(at + 1) instanceof Request r) {
            r.by = null;
        }
        stack.remove(run);
    }

    /** Ends a script; one before closing that is asked refuses by that (C2). */
    private void stop(Run run) {
        if (run.doer != null) {
            Run doer = run.doer;
            doneBy(doer).forEach(this::drop);
            if (!doer.moment.equals("plan")) {
                stop(doer);
            }
            return;
        }
        int at = stack.indexOf(run);
        boolean asks = run.moment.equals("before closing")
                && at > 0
                && stack.get(at - 1) instanceof Request r
                && r.asked.contains(run.me);
        Request request = asks ? (Request) stack.get(at - 1) : null;
        drop(run);
        if (request != null) {
            refuse(request);
        }
    }

    private void end(Run run, Step.EndApplication end) {
        Optional<Long> code = end.code().map(c -> Long.parseLong(c.source()));
        Request departing = departure();
        Request undecided = undecided();
        if (departing != null) {
            departing.code = code.or(() -> departing.code);
        } else if (undecided != null) {
            undecided.thenEnds = true;
            undecided.code = code.or(() -> undecided.code);
        } else {
            var request = new Request(true, null, "", run);
            request.code = code;
            run.waits = request;
            stack.add(request);
        }
    }

    // Closing (C1 to C9) and departure (D1 to D6)

    private static String usual(Win w) {
        if (w.design instanceof FileDialog) {
            return FileDialog.CANCELLED;
        }
        return w.design instanceof FacedWindow f && f.of() == FacedWindow.Kind.DIALOG ? "cancelled" : "closed";
    }

    private Request departure() {
        return (Request) stack.stream()
                .filter(f -> f instanceof Request r && r.departure)
                .findFirst()
                .orElse(null);
    }

    private Request undecided() {
        return (Request) stack.reversed().stream()
                .filter(f -> f instanceof Request r && !r.closing)
                .findFirst()
                .orElse(null);
    }

    private boolean isAsked(Win w) {
        return stack.stream().anyMatch(f -> f instanceof Request r && !r.closing && r.asked.contains(w));
    }

    private void begin(Win target, String ending, Run by) {
        boolean departs = design.application().departure() instanceof DepartureRule.WithWindow(String name)
                && target.design.name().shown().equals(name);
        boolean taken = isAsked(target) || target.leaving || departs && departure() != null;
        var request = new Request(departs, target, ending, by);
        if (by != null) {
            by.waits = request;
        }
        stack.add(request);
        if (taken) {
            refuse(request);
        }
    }

    private void refuse(Request request) {
        stack.remove(request);
        if (request.by != null) {
            request.by.waits = null;
            Step at = request.by.at;
            if (request.by.every) {
                request.by.every = false;
                request.by.left.removeFirst();
            }
            first(
                    request.by,
                    switch (at) {
                        case Step.Close c -> c.refused().steps();
                        case Step.EndApplication e -> e.refused().steps();
                        default -> List.of();
                    });
        }
    }

    /** D2, C4: those whom a request reaches, each before what it owns. */
    private List<Win> reached(Request request) {
        var all = new ArrayList<Win>();
        if (request.target != null && open.contains(request.target)) {
            take(request.target, all);
        }
        if (request.departure) {
            inOrder().stream()
                    .filter(w -> w.owner == null && w != request.target)
                    .forEach(w -> take(w, all));
        }
        return all;
    }

    private void take(Win w, List<Win> all) {
        all.add(w);
        inOrder().stream().filter(o -> o.owner == w).forEach(o -> take(o, all));
    }

    private List<Win> inOrder() {
        var order = new ArrayList<Win>();
        for (Window window : design.windows().reversed()) {
            open.reversed().stream()
                    .filter(w -> w.design == window)
                    .sorted(Comparator.comparingLong(w -> w.key))
                    .forEach(order::add);
        }
        return order;
    }

    private void advance(Request request) {
        if (!request.closing) {
            ask(request);
        } else {
            close(request);
        }
    }

    private void ask(Request request) {
        Optional<Win> next = reached(request).stream()
                .filter(w -> !(w.design instanceof MessageBox) && !request.asked.contains(w))
                .findFirst();
        if (next.isEmpty()) {
            decide(request);
        } else if (isAsked(next.get()) || holdsFileDialog(next.get())) {
            refuse(request);
        } else {
            request.asked.add(next.get());
            push(
                    next.get(),
                    "before closing",
                    ((FacedWindow) next.get().design).moment(FacedWindow.Moment.BEFORE_CLOSING));
        }
    }

    /** C3: it cannot be taken away. */
    private boolean holdsFileDialog(Win w) {
        return open.stream().anyMatch(o -> o.design instanceof FileDialog && (o == w || o.owner == w));
    }

    private void decide(Request request) {
        Win target = request.target;
        request.closing = true;
        if (request.departure) {
            stack.clear();
            stack.add(request);
            request.by = null;
            left.clear();
            background.clear();
        } else if (request.by != null && request.by.at instanceof Step.Open o) {
            Window window = design.window(o.window()).orElseThrow();
            Optional<Win> there = there(window, 0).filter(w -> w != target);
            if (there.isPresent()) {
                bringBack(there.get());
            } else {
                announce(make(window, canBeOwned(window) ? target.owner : null));
            }
        }
    }

    private void close(Request request) {
        if (request.departure) {
            left.clear(); // D3: endings reach nobody any more
            background.clear();
        }
        Optional<Win> leaving = open.stream().filter(w -> w.leaving).findFirst();
        if (leaving.isPresent()) {
            gone(leaving.get(), request);
            return;
        }
        List<Win> all = reached(request);
        if (!all.isEmpty()) {
            Win at = all.getFirst();
            for (Optional<Win> owned = owned(at); owned.isPresent(); owned = owned(at)) {
                at = owned.get();
            }
            leave(at, at == request.target ? request.ending : at.design instanceof MessageBox ? "" : usual(at));
        } else if (request.departure && !request.planned) {
            request.planned = true;
            push(null, "plan", design.application().leaving().plan());
        } else {
            finish(request);
        }
    }

    private Optional<Win> owned(Win w) {
        return inOrder().stream().filter(o -> o.owner == w).findFirst();
    }

    private void leave(Win w, String ending) {
        w.leaving = true;
        w.hidden = true;
        w.ending = ending;
        acts.add("closed " + w.name() + " " + ending);
        if (w.design instanceof FacedWindow f) {
            push(w, "after closing", f.moment(FacedWindow.Moment.AFTER_CLOSING));
        }
    }

    private void gone(Win w, Request request) {
        giveBack(Optional.of(w));
        open.remove(w);
        hasClosed = true;
        for (Frame frame : List.copyOf(stack)) {
            if (frame instanceof Run run && run.me == w) {
                drop(run);
            }
        }
        if (request != null) {
            request.gone.add(w);
        }
        for (Frame frame : stack) {
            if (frame instanceof Run run && run.waits == w) {
                run.waits = null;
                branch(run, (Step.Open) run.at, w.ending);
            }
        }
        for (Left one : List.copyOf(left)) {
            if (one.awaits() == w) {
                left.remove(one);
                arrived(one, w, request);
            }
        }
        for (Run run : List.copyOf(background)) {
            if (run.me == w) {
                background.remove(run);
                var task = (Step.RunTask) run.at;
                // W10: what cannot be cancelled has no such ending, and a branch for it is none
                boolean answered = task.branches().stream()
                        .anyMatch(b ->
                                !b.ending().equals("cancelled") || task(run).mayBeCancelled());
                if (answered && !task.mayBeStopped()) {
                    fault();
                }
            }
        }
        open.forEach(o -> o.owner = o.owner == w ? null : o.owner);
    }

    /** W3: its branch runs when the request is done, if the opener is still there then. */
    private void arrived(Left one, Win w, Request request) {
        boolean openerGone = one.me() != null && !open.contains(one.me());
        Optional<Step.Branch> branch = one.open().branches().stream()
                .filter(b -> b.ending().equals(w.ending))
                .findFirst();
        if (branch.isEmpty()) {
            return;
        }
        if (!openerGone) {
            request.branches.add(
                    new Run(one.me(), "branch", branch.get().script().steps()));
        } else if (!request.gone.contains(one.me())) {
            fault();
        }
    }

    private void giveBack(Optional<Win> owner) {
        for (var one : List.copyOf(held).reversed()) {
            if (one.getValue().equals(owner)) {
                held.remove(one);
                acts.add("given back " + one.getKey());
            }
        }
    }

    private void finish(Request request) {
        if (request.departure) {
            giveBack(Optional.empty());
            if (design.application().variables().stream().anyMatch(v -> v.kept())) {
                save();
            }
            long code = request.code.orElse(faulted ? 1L : 0L);
            ended = Optional.of(code);
            acts.add("ended " + code);
            stack.clear();
            timers.clear();
            return;
        }
        stack.remove(request);
        if (request.by != null) {
            request.by.waits = null;
        }
        request.branches.reversed().stream()
                .filter(b -> b.me == null || open.contains(b.me))
                .forEach(stack::add);
        if (request.thenEnds) {
            Request outer = undecided();
            if (outer == null) {
                var departure = new Request(true, null, "", null);
                departure.code = request.code;
                stack.add(departure);
            } else {
                outer.thenEnds = true;
                outer.code = request.code.or(() -> outer.code);
            }
        }
    }

    // Blocking (B1 to B6)

    boolean isHidden(Win w) {
        boolean hidden = false;
        for (Win at = w; at != null; at = at.owner) {
            hidden |= at.hidden;
        }
        return hidden;
    }

    boolean isBlocked(Win w) {
        if (foreground().isPresent()) {
            return true;
        }
        boolean byWaited = open.stream().anyMatch(o -> o != w && o.waits > 0 && blocks(o, w));
        boolean byScript = stack.stream().anyMatch(f -> f instanceof Run run && run.me == w);
        return byWaited || byScript || byRequest(w);
    }

    private static boolean blocks(Win waited, Win w) {
        if (waited.waits == 1) {
            return waited.isUnder(w);
        }
        boolean later = false;
        for (Win at = w; at != null; at = at.owner) {
            later |= at.waits > 0 && at.age > waited.age;
        }
        return !w.isUnder(waited) && !later;
    }

    private boolean byRequest(Win w) {
        for (int i = 0; i < stack.size(); i++) {
            if (stack.get(i) instanceof Request r
                    && !r.closing
                    && (r.departure || w == r.target || w.isUnder(r.target))
                    && !openedAbove(i, w)) {
                return true;
            }
        }
        return false;
    }

    private boolean openedAbove(int index, Win w) {
        return stack.subList(index + 1, stack.size()).stream()
                .anyMatch(f ->
                        f instanceof Run run && run.waits instanceof Win waited && (w == waited || w.isUnder(waited)));
    }
}

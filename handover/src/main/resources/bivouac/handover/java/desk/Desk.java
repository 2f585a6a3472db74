package desk;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntConsumer;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * The running application: which windows are open, who waits for whom, what blocks what, and how it all ends. No toolkit
 * is in here. The rules are those of the design's handover notes, by their ids.
 */
public final class Desk {

    /** What the design says of the application as a whole. */
    public interface Design {
        /** The names of its windows, in order. */
        List<String> windows();

        /** Those that are asked before all others, in order (D2). */
        List<String> askedFirst();

        /** The main window with whose closing the application ends (D1); empty for none. */
        String departsWith();

        /** Whether it ends when the last window has closed (D1). */
        boolean departsWithLast();

        /** The departure plan (D4). */
        void plan();

        /** Saves what outlives the run (D6); answers whether there is anything. */
        boolean saveKept();

        /** Whether a task tells how far it is (W9). */
        default boolean showsProgress(String task) {
            return false;
        }

        /** Whether a task can be asked to end before it is done (W10). */
        default boolean mayBeCancelled(String task) {
            return false;
        }

        /** Whether there is something that is done for all tasks whose work breaks (W8). */
        default boolean saysWhenWorkBreaks() {
            return false;
        }

        /** Says it; {@code me} is the window whose script ran the task, null for the application. */
        default void whenWorkBreaks(DeskWindow me, String task, String reason) {}

        /** Whether the application answers something from outside (F1). */
        default boolean hears(Outside what) {
            return false;
        }

        /** Answers it. */
        default void hear(Outside what, List<String> files) {}
    }

    private record Arrival(DeskWindow of, Outside what) {}

    /** On the stack, in the order in which they began: scripts, waits and requests. */
    private sealed interface Frame {}

    private static final class Script implements Frame {
        final DeskWindow of;
        /** Its window has gone, or the departure lets it go: it ends as soon as it would go on (W6, D3). */
        boolean ended;
        /** Whether it says that its work broke: work of that is not said again (W8). */
        boolean tellsOfBroken;
        /** Whose script does it, where that is one of another window (W12); else null. */
        final Script doer;

        /** Whether all that it runs is waited for: of closing, of the plan, or since somebody waits for it (W5, W11). */
        boolean waitsForAll;

        Script(DeskWindow of, boolean ofClosing, Script doer) {
            this.of = of;
            this.doer = doer;
            this.waitsForAll = ofClosing || doer != null;
        }

        /** Whether it ends with the script that does it. */
        boolean endsWithDoer() {
            return doer != null && doer.ended;
        }
    }

    /** The windows in which a script is still to be done (W12). */
    private record Turns(List<DeskWindow> left) implements Frame {}

    private static final class Wait implements Frame {
        /** What is waited for; null for a task. */
        final DeskWindow window;
        /** Of the task that is waited for; null for a window. */
        final Progress progress;

        final DeskWindow by;
        Ending result;
        boolean over;
        boolean letGo;

        Wait(DeskWindow by, DeskWindow window) {
            this.by = by;
            this.window = window;
            this.progress = null;
        }

        Wait(DeskWindow by, Progress progress) {
            this.by = by;
            this.window = null;
            this.progress = progress;
        }
    }

    private static final class Request implements Frame {
        /** Who is asked first; null where the departure was asked for by no window. */
        final DeskWindow root;

        final boolean departure;
        final Map<DeskWindow, Closing> asked = new LinkedHashMap<>();
        boolean decided;
        /** <i>End the application</i>, said while this was undecided (W6). */
        Runnable endAfter;

        Request(DeskWindow root, boolean departure) {
            this.root = root;
            this.departure = departure;
        }
    }

    private record Held(String name, DeskWindow of, Runnable giveBack) {}

    private record Branch(DeskWindow window, DeskWindow opener, Consumer<Ending> then) {}

    private static final class Work {
        final String step;
        final DeskWindow of;
        final Progress progress;
        boolean letGo;

        Work(String step, DeskWindow of, Progress progress) {
            this.step = step;
            this.of = of;
            this.progress = progress;
        }

        /** Nothing comes of it any more, and it is told so (W10). */
        void letGo() {
            letGo = true;
            progress.cancel();
        }
    }

    private record Timed(String name, DeskWindow of, boolean once, Runnable fires, Loop.Ticking ticking) {}

    /** Scripts that one event may begin, and how deep they may wait for each other (X6). */
    private static final int MOST_SCRIPTS = 10_000;

    private static final int DEEPEST = 100;
    /** How often it is looked what becomes of open files, in seconds. */
    private static final double WATCHING = 2;

    private final Loop loop;
    private final Worker worker;
    private final Design design;
    private final IntConsumer ended;
    private Watcher watcher = new Watcher() {};

    private final List<DeskWindow> windows = new ArrayList<>();
    private final Deque<Frame> stack = new ArrayDeque<>();
    private final Deque<Held> held = new ArrayDeque<>();
    private final Deque<Runnable> postponed = new ArrayDeque<>();
    private final List<Branch> branches = new ArrayList<>();
    private final List<Work> working = new ArrayList<>();
    private final List<Timed> timers = new ArrayList<>();
    /** What comes from outside, and is not dealt with yet. */
    private final Set<Arrival> onTheirWay = new HashSet<>();

    private final OpenFiles openFiles = new OpenFiles(this);
    private boolean running;
    /** One that makes room for another is not brought back instead of it (O8). */
    private DeskWindow replaced;

    private int begun;
    private boolean departed;
    private boolean planned;
    private boolean hasClosed;
    private boolean unseen;
    private boolean faulted;
    /** While a script after closing runs, in which nothing can be opened (C5). */
    private boolean afterClosing;

    private Integer exitCode;
    private String saying = "";

    /** @param ended hears the exit code, when the last script has ended */
    public Desk(Loop loop, Worker worker, Design design, IntConsumer ended) {
        this.loop = loop;
        this.worker = worker;
        this.design = design;
        this.ended = ended;
    }

    public void watch(Watcher other) {
        watcher = other;
    }

    public List<DeskWindow> windows() {
        return List.copyOf(windows);
    }

    public List<String> held() {
        return held.reversed().stream().map(Held::name).toList();
    }

    public List<String> timersOn() {
        return timers.stream().map(Timed::name).toList();
    }

    // Events (E2)

    public void start(Runnable script) {
        unseen = true;
        run(null, script);
    }

    /** An event of a window: one that it may have is dealt with completely before the next (E2, B3). */
    public void event(DeskWindow window, Runnable script) {
        if (running || departed) {
            return; // a change made by a script is no event (P2)
        }
        if (!atRest()) {
            postponed.add(() -> event(window, script)); // a script that waited goes on first (W2)
        } else if (windows.contains(window) && !window.isHidden() && !blocked(window)) {
            run(window, script);
        }
    }

    public void sessionEnds() {
        whenFree(null, () -> {
            if (!isDeparting()) {
                depart(null, Way.SESSION_ENDING);
            }
        });
    }

    // From outside (F1 to F3)

    /** Files are given at the start, or opened by the system; absolute paths. */
    public void filesOpened(List<String> files) {
        if (!files.isEmpty() && design.hears(Outside.FILES_OPENED)) {
            arrives(null, Outside.FILES_OPENED, () -> design.hear(Outside.FILES_OPENED, files));
        }
    }

    /** Files are dropped on a window, as a hand does anything on it. */
    public void filesDropped(DeskWindow window, List<String> files) {
        if (!files.isEmpty() && window.hears(Outside.FILES_DROPPED)) {
            event(window, () -> window.hear(Outside.FILES_DROPPED, files));
        }
    }

    /** Another program has changed, or removed, a file that a window has open. */
    public void fileChanges(DeskWindow window, String file, boolean gone) {
        Outside what = gone ? Outside.FILE_GONE : Outside.FILE_CHANGED;
        if (window.hears(what)) {
            arrives(window, what, () -> window.hear(what, List.of(file)));
        }
    }

    /** Looks every few seconds whether other programs change what is open. */
    public void watchFiles() {
        loop.every(WATCHING, () -> {
            if (working.isEmpty() && !isWorking() && !departed) {
                openFiles.look();
            }
        });
    }

    /** One behind the other, between events; none once a departure has begun. */
    private void arrives(DeskWindow of, Outside what, Runnable answer) {
        boolean late = departed || (of == null ? isDeparting() : !windows.contains(of));
        if (late) {
            return;
        }
        var arrival = new Arrival(of, what);
        if (running || !atRest() || isWorking() || onTheirWay.contains(arrival)) {
            postponed.add(() -> arrives(of, what, answer));
            return;
        }
        onTheirWay.add(arrival);
        try {
            run(of, answer);
        } finally {
            onTheirWay.remove(arrival);
        }
    }

    private boolean isDeparting() {
        return stack.stream().anyMatch(f -> f instanceof Request r && r.departure);
    }

    /** Something that is no event of a hand: it comes when nothing runs and no task is waited for (B3, V4). */
    private void whenFree(DeskWindow of, Runnable script) {
        if (departed) {
            return;
        }
        if (running || !atRest() || isWorking()) {
            postponed.add(() -> whenFree(of, script));
        } else {
            run(of, script);
        }
    }

    private void run(DeskWindow of, Runnable script) {
        begun = 0;
        running = true;
        try {
            script(of, script);
        } finally {
            running = false;
        }
        rest();
    }

    /** Runs a script of a window, or of the application, to its end (W1). */
    private void script(DeskWindow of, Runnable script) {
        script(of, false, script);
    }

    private void script(DeskWindow of, boolean ofClosing, Runnable script) {
        Script frame = new Script(of, ofClosing, null);
        stack.push(frame);
        try {
            countScript();
            script.run();
        } catch (Gone gone) {
            // it ended where it was
        } catch (Refused nowhere) {
            // nothing was asked whether it may close
        } catch (RuntimeException fault) {
            fault(fault);
        } finally {
            stack.remove(frame);
        }
    }

    /** A script that is asked for each row by itself: a fault in it, or work that broke, keeps the row (P2). */
    public <R> Predicate<R> asking(DeskWindow of, Predicate<R> may) {
        return row -> {
            boolean[] agrees = {false};
            script(of, () -> agrees[0] = may.test(row));
            goOn();
            return agrees[0];
        };
    }

    /** One more begins (X6). */
    private void countScript() {
        boolean tooDeep = stack.stream()
                        .filter(f -> !(f instanceof Wait || f instanceof Turns))
                        .count()
                > DEEPEST;
        if (++begun > MOST_SCRIPTS || tooDeep) {
            throw new Fault("X6", "one event costs too much");
        }
    }

    // Scripts of other windows, and those that answer (W11, W12)

    /**
     * Does a named script of a window, on top of the one that does it, which waits for it. What ends it early ends that
     * one too; null where it reaches its end, or its window goes.
     */
    public <W extends DeskWindow, A> A doIn(W window, Function<W, A> script) {
        if (afterClosing) {
            throw new Fault("X10", "a script after closing does nothing in other windows");
        }
        Script doer = topScript().orElse(null);
        Script frame = new Script(window, false, doer);
        A answer = null;
        stack.push(frame);
        try {
            countScript();
            answer = script.apply(window);
        } catch (Gone gone) {
            if (!frame.ended || frame.endsWithDoer()) {
                throw gone;
            }
        } finally {
            stack.remove(frame);
        }
        goOn();
        return answer;
    }

    /** The same of a script that answers nothing. */
    public <W extends DeskWindow> void doIn(W window, Consumer<W> script) {
        doIn(window, w -> {
            script.accept(w);
            return null;
        });
    }

    /**
     * Does a script in each window of a kind that is open now, one after the other, the newest first; those whose turn
     * is to come are blocked.
     *
     * @param until at which answers the others are left
     * @return that answer; null where there was none
     */
    public <W extends DeskWindow, A> A doInEvery(Class<W> kind, Function<W, A> script, Predicate<A> until) {
        if (afterClosing) {
            throw new Fault("X10", "a script after closing does nothing in other windows");
        }
        Turns turns = new Turns(new ArrayList<>(every(kind)));
        stack.push(turns);
        try {
            while (!turns.left().isEmpty()) {
                DeskWindow next = turns.left().removeFirst();
                A answer = isOpen(next) ? doIn(kind.cast(next), script) : null;
                if (answer != null && until.test(answer)) {
                    return answer;
                }
            }
            return null;
        } finally {
            stack.removeIf(frame -> frame == turns);
        }
    }

    public <W extends DeskWindow> void doInEvery(Class<W> kind, Consumer<W> script) {
        doInEvery(
                kind,
                w -> {
                    script.accept(w);
                    return null;
                },
                answer -> false);
    }

    /** All that is run in it is waited for: somebody waits for the answer of the script that does it (W11). */
    public void waitingForAll(Runnable part) {
        Script script = topScript().orElseThrow();
        boolean before = script.waitsForAll;
        script.waitsForAll = true;
        try {
            part.run();
        } finally {
            script.waitsForAll = before;
        }
    }

    private Optional<Script> topScript() {
        return stack.stream()
                .filter(Script.class::isInstance)
                .map(Script.class::cast)
                .findFirst();
    }

    /** Before a script goes on: it does not where its window has gone meanwhile (W6). */
    private void goOn() {
        topScript().filter(s -> s.ended).ifPresent(s -> {
            throw new Gone(s.of);
        });
    }

    /** A fault ends its script, as an uncaught error ends a handler; the exit code says so (D6). */
    private void fault(RuntimeException fault) {
        faulted = true;
        watcher.fault(fault);
        System.err.println(fault);
    }

    private void rest() {
        if (departed) {
            if (stack.isEmpty()) {
                ended.accept(exitCode != null ? exitCode : faulted ? 1 : 0);
            }
            return;
        }
        if (!atRest()) {
            return;
        }
        if (design.departsWithLast() && hasClosed && windows.isEmpty() && stack.isEmpty() && working.isEmpty()) {
            hasClosed = false;
            run(null, () -> depart(null, Way.DEPARTURE)); // D1
            return;
        }
        refresh(List.copyOf(windows));
        windows.forEach(w -> w.showing().forEach(part -> part.cancellable(canCancel(part))));
        boolean nothingToBeSeen = windows.stream().allMatch(DeskWindow::isHidden) && !isWorking() && working.isEmpty();
        if (nothingToBeSeen && !unseen && stack.stream().noneMatch(Request.class::isInstance)) {
            fault(new Fault("X5", "nothing is to be seen, and the application still runs"));
        }
        unseen = nothingToBeSeen;
        if (postponed.isEmpty() || isWorking()) {
            watcher.atRest();
        } else {
            loop.later(postponed.remove());
        }
    }

    /** What one window shows of another, its title, is as it is now: hence twice where there are several (P3, P5). */
    private void refresh(List<DeskWindow> all) {
        if (all.size() > 1) {
            running = true;
            all.forEach(this::refreshQuietly);
            running = false;
        }
        all.forEach(this::refresh);
    }

    private void refresh(DeskWindow window) {
        running = true;
        try {
            window.refresh();
        } catch (RuntimeException fault) {
            fault(fault);
        } finally {
            running = false;
        }
    }

    /** Whether the last event is dealt with: no script runs, and none is about to go on. */
    public boolean atRest() {
        return !running && !departed && !(topWait() instanceof Wait wait && wait.over);
    }

    private Wait topWait() {
        return stack.stream()
                .filter(Wait.class::isInstance)
                .map(Wait.class::cast)
                .findFirst()
                .orElse(null);
    }

    /** Whether a task, or the system, is waited for on top of all (W5, O7). */
    public boolean isWorking() {
        Wait top = topWait();
        return top != null && top.window == null && !top.over;
    }

    private Ending await(Wait wait) {
        running = false;
        rest();
        while (!wait.over) { // a loop can end for reasons of its toolkit
            loop.enter(wait);
        }
        running = true;
        stack.remove(wait);
        if (wait.letGo) {
            throw new Gone(wait.by);
        }
        return wait.result;
    }

    private void end(Wait wait, Ending result) {
        wait.result = result;
        wait.over = true;
        loop.exit(wait);
    }

    private void letGo(Wait wait) {
        wait.letGo = true;
        if (wait.progress != null) {
            wait.progress.cancel();
        }
        wait.over = true;
        loop.exit(wait);
    }

    // Opening (O1 to O9)

    /** Opens a window that nothing waits for (W3). */
    public <W extends DeskWindow> W open(DeskWindow opener, DeskWindow owner, W window) {
        return open(opener, owner, window, null);
    }

    /** Opens a window that nothing waits for; its ending goes to {@code then}, if the opener is there (W3). */
    public <W extends DeskWindow> W open(DeskWindow opener, DeskWindow owner, W window, Consumer<Ending> then) {
        begin(opener, owner, window, Manner.ALONGSIDE);
        if (then != null) {
            branches.add(new Branch(window, opener, then));
        }
        appear(window);
        goOn();
        return window;
    }

    /** Opens a window, asks, and waits for its ending (W2). */
    public Ending ask(DeskWindow opener, DeskWindow owner, Manner manner, DeskWindow window) {
        Wait wait = new Wait(opener, window);
        begin(opener, owner, window, owner == null ? Manner.WAITS_FOR_APPLICATION : manner);
        window.rank = 1
                + windows.stream().mapToInt(w -> w == window ? 0 : w.rank).max().orElse(0);
        stack.push(wait);
        appear(window);
        return await(wait);
    }

    /** The open window of a kind and key, brought back with what it is handed; empty if there is none (O3). */
    public <W extends DeskWindow> Optional<W> bringBack(Class<W> kind, Object key, Consumer<W> hand) {
        Optional<W> there = find(kind, key).filter(w -> w != replaced);
        there.ifPresent(w -> {
            hand.accept(w);
            w.hidden = false;
            w.showHidden(w.isHidden());
            w.toFront();
            script(w, w::broughtBack);
        });
        goOn();
        return there;
    }

    private void begin(DeskWindow opener, DeskWindow owner, DeskWindow window, Manner manner) {
        window.opener = opener;
        window.owner = owner;
        window.manner = manner;
        window.number = 1
                + windows.stream()
                        .filter(w -> w.name().equals(window.name()))
                        .mapToInt(w -> w.number)
                        .max()
                        .orElse(0);
        windows.add(window);
    }

    private void appear(DeskWindow window) {
        act((window.isReadyMade() ? "asks " : "opens ")
                + window.which()
                + (window.asks().isEmpty() ? "" : ": " + window.asks()));
        refreshQuietly(window);
        window.show();
        script(window, window::opened);
    }

    private void refreshQuietly(DeskWindow window) {
        try {
            window.refresh();
        } catch (RuntimeException later) {
            // told at rest, if it is still so (E2)
        }
    }

    /** Makes room for another window: it opens once this one agrees to close, and before it does (O8). */
    public void inPlace(DeskWindow old, Supplier<? extends Ending> ending, Runnable open) {
        if (request(old, Way.CLOSE_STEP, ending, () -> true, open)) {
            throw new Gone(old);
        }
    }

    /**
     * The same, where the system may fail to open the other one: it is asked once this one has agreed, and this one stays
     * where it could not (O7, O8).
     *
     * @param isThere whether the other one is open already, so that nobody has to be asked
     */
    public Tried inPlace(
            DeskWindow old, Supplier<? extends Ending> ending, String what, BooleanSupplier isThere, Runnable open) {
        Tried[] tried = {new Tried.Done()};
        BooleanSupplier may = () -> {
            tried[0] = isThere.getAsBoolean() ? new Tried.Done() : attempt(old, what, Tried.Done::new);
            return tried[0] instanceof Tried.Done;
        };
        if (request(old, Way.CLOSE_STEP, ending, may, open)) {
            throw new Gone(old);
        }
        return tried[0];
    }

    // Reaching other windows (R1 to R3)

    public <W extends DeskWindow> Optional<W> find(Class<W> kind, Object key) {
        return windows.stream()
                .filter(w -> kind.isInstance(w) && (key == null || key.equals(w.key())))
                .map(kind::cast)
                .findFirst();
    }

    /** The one open window of a kind; fault X3 where there is none. */
    public <W extends DeskWindow> W the(Class<W> kind) {
        List<W> all = every(kind);
        if (all.size() != 1) {
            throw new Fault("X3", all.isEmpty() ? "it is not open" : "several are open");
        }
        return all.getFirst();
    }

    public <W extends DeskWindow> W the(Class<W> kind, Object key) {
        return find(kind, key).orElseThrow(() -> new Fault("X3", "it is not open"));
    }

    /** A window that a script keeps (O9); fault X3 where it has gone. */
    public <W extends DeskWindow> W there(W kept) {
        if (!isOpen(kept)) {
            throw new Fault("X3", "the window that is kept here is not open");
        }
        return kept;
    }

    /** All open windows of a kind, the newest first, or by their keys (R2). */
    public <W extends DeskWindow> List<W> every(Class<W> kind) {
        return windows.reversed().stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .sorted(BY_KEY)
                .toList();
    }

    /** The same in the order in which they opened, or by their keys (P5). */
    public <W extends DeskWindow> List<W> opened(Class<W> kind) {
        return windows.stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .sorted(BY_KEY)
                .toList();
    }

    public boolean isOpen(Class<? extends DeskWindow> kind) {
        return windows.stream().anyMatch(kind::isInstance);
    }

    public boolean isOpen(DeskWindow window) {
        return window != null && windows.contains(window);
    }

    public void bringToFront(DeskWindow window) {
        if (isOpen(window)) {
            window.toFront();
        }
    }

    /** Off the screen, with what it owns (C9). */
    public void hide(DeskWindow window) {
        if (!isOpen(window)) {
            return;
        }
        boolean waitedFor = windows.stream().anyMatch(w -> w.manner != Manner.ALONGSIDE && w.within(window));
        if (waitedFor) {
            throw new Fault("X9", window.which() + " is waited for, or owns one that is, and cannot be hidden");
        }
        window.hidden = true;
        showHidden(window);
    }

    public void show(DeskWindow window) {
        if (isOpen(window)) {
            window.hidden = false;
            showHidden(window);
        }
    }

    private void showHidden(DeskWindow top) {
        windows.stream().filter(w -> w.within(top)).forEach(w -> w.showHidden(w.isHidden()));
    }

    // Blocking (B1 to B6)

    /** Follows from who waits for whom, at every moment (B4). */
    public boolean blocked(DeskWindow window) {
        if (isWorking()) {
            return true; // B3
        }
        List<DeskWindow> above = new ArrayList<>();
        for (Frame frame : stack) {
            switch (frame) {
                case Script s
                when s.of == window && !s.ended -> {
                    return true; // B5
                }
                case Turns turns
                when turns.left().contains(window) -> {
                    return true; // W12
                }
                case Request r
                when !r.decided
                        && (r.departure || window.within(r.root))
                        && above.stream().noneMatch(window::within) -> {
                    return true; // B6
                }
                case Wait w when w.window != null && !w.letGo -> above.add(w.window);
                default -> {}
            }
        }
        return windows.stream().anyMatch(w -> w != window && blocks(w, window)); // B1
    }

    private static boolean blocks(DeskWindow waited, DeskWindow window) {
        return switch (waited.manner) {
            case ALONGSIDE -> false; // B2
            case WAITS_FOR_OWNER -> waited.within(window);
            case WAITS_FOR_APPLICATION -> !window.within(waited) && !isUnderLater(window, waited);
        };
    }

    private static boolean isUnderLater(DeskWindow window, DeskWindow waited) {
        for (DeskWindow w = window; w != null; w = w.owner) {
            if (w.manner != Manner.ALONGSIDE && w.rank > waited.rank) {
                return true;
            }
        }
        return false;
    }

    // Closing (C1 to C6)

    /** The <i>close</i> step for another window; answers whether it closed (W6). */
    public boolean close(DeskWindow window, Supplier<? extends Ending> ending) {
        boolean closed = !isOpen(window) || request(window, Way.CLOSE_STEP, ending);
        goOn();
        return closed;
    }

    /** As it closes where no ending is named. */
    public boolean close(DeskWindow window) {
        return close(window, () -> window.endingFor(Way.CLOSE_STEP));
    }

    /** One after the other, those that open meanwhile too; the first that refuses ends it (R2). */
    public <W extends DeskWindow> boolean closeEvery(Class<W> kind) {
        for (List<W> all; !(all = every(kind)).isEmpty(); ) {
            W window = all.getFirst();
            boolean closed = request(window, Way.CLOSE_STEP, () -> window.endingFor(Way.CLOSE_STEP));
            goOn();
            if (!closed) {
                return false;
            }
        }
        return true;
    }

    boolean request(DeskWindow window, Way way, Supplier<? extends Ending> ending) {
        return request(window, way, ending, () -> true, () -> {});
    }

    /**
     * Asks a window, and what it owns, to close; answers whether it did.
     *
     * @param may asked when all have agreed: whether it is done
     */
    private boolean request(
            DeskWindow window, Way way, Supplier<? extends Ending> ending, BooleanSupplier may, Runnable before) {
        if (window.name().equals(design.departsWith())) {
            return depart(window, way);
        }
        if (alreadyAsked(window)) {
            return false;
        }
        Request request = new Request(window, false);
        stack.push(request);
        List<Runnable> deliveries = new ArrayList<>();
        try {
            if (!ask(request, window, way, ending)) {
                return false;
            }
            Map<DeskWindow, Ending> endings = endings(request, window, ending);
            if (!may.getAsBoolean()) {
                return false;
            }
            request.decided = true;
            replaced = window;
            before.run();
            replaced = null;
            leave(window, request, endings, deliveries);
        } catch (Fault fault) {
            fault(fault); // what cannot be asked is not lost (C2)
            return false;
        } finally {
            stack.remove(request);
        }
        if (request.endAfter != null) {
            request.endAfter.run();
        }
        deliveries.forEach(Runnable::run);
        return true;
    }

    /** An answer of a message box, file dialog or picker: it is asked nothing, and ends (C7, C8). */
    public void answer(DeskWindow readyMade, Supplier<? extends Ending> ending) {
        event(readyMade, () -> {
            Request request = new Request(readyMade, false);
            request.decided = true;
            List<Runnable> deliveries = new ArrayList<>();
            leave(readyMade, request, Map.of(readyMade, ending.get()), deliveries);
            deliveries.forEach(Runnable::run);
        });
    }

    private boolean ask(Request request, DeskWindow window, Way way, Supplier<? extends Ending> ending) {
        if (alreadyAsked(window) || holdsWhatCannotBeTakenAway(window)) {
            return false; // C3
        }
        Closing closing = new Closing(way, nameOf(ending));
        request.asked.put(window, closing);
        if (!(way != Way.CLOSE_STEP && window.isUnasked(way)) && !mayClose(window, closing)) {
            return false;
        }
        for (DeskWindow next; (next = nextToAsk(request, window)) != null; ) {
            DeskWindow owned = next;
            if (!ask(request, owned, Way.OWNER_CLOSING, () -> owned.endingFor(Way.OWNER_CLOSING))) {
                return false; // C4
            }
        }
        return true;
    }

    /** The ending that a request leads to; its values may not be there yet. */
    private static Ending nameOf(Supplier<? extends Ending> ending) {
        try {
            return ending.get();
        } catch (RuntimeException notYet) {
            return null;
        }
    }

    private boolean mayClose(DeskWindow window, Closing closing) {
        boolean[] may = {false};
        script(window, true, () -> may[0] = window.mayClose(closing));
        return may[0];
    }

    /** Said by a script that does it for another one: the request that asks is refused (C2). */
    public RuntimeException stayOpen() {
        return new Refused();
    }

    private boolean alreadyAsked(DeskWindow window) {
        return stack.stream().anyMatch(f -> f instanceof Request r && !r.decided && r.asked.containsKey(window));
    }

    private boolean holdsWhatCannotBeTakenAway(DeskWindow window) {
        return windows.stream().anyMatch(w -> (w == window || w.owner == window) && w.cannotBeTakenAway());
    }

    private DeskWindow nextToAsk(Request request, DeskWindow owner) {
        return inOrder(owner).stream()
                .filter(w -> !request.asked.containsKey(w))
                .filter(w -> !w.isReadyMade() || w.cannotBeTakenAway()) // C7
                .findFirst()
                .orElse(null);
    }

    private static final Comparator<DeskWindow> BY_KEY =
            (a, b) -> a.key() instanceof Comparable<?> && b.key() != null ? compare(a.key(), b.key()) : 0;

    @SuppressWarnings("unchecked")
    private static int compare(Object a, Object b) {
        return ((Comparable<Object>) a).compareTo(b);
    }

    /** What a window owns, or what has no owner: the last in the design first, then by key, then the newest (D2). */
    private List<DeskWindow> inOrder(DeskWindow owner) {
        Comparator<DeskWindow> order = Comparator.comparingInt(this::place);
        return windows.reversed().stream()
                .filter(w -> w.owner == owner)
                .sorted(order.thenComparing(BY_KEY))
                .toList();
    }

    private int place(DeskWindow window) {
        int listed = design.askedFirst().indexOf(window.name());
        return listed >= 0
                ? listed - design.askedFirst().size()
                : -design.windows().indexOf(window.name()) + design.windows().size();
    }

    /** What each gives to those whom it reaches, before anything closes (C6). */
    private Map<DeskWindow, Ending> endings(Request request, DeskWindow window, Supplier<? extends Ending> ending) {
        Map<DeskWindow, Ending> endings = new IdentityHashMap<>();
        for (DeskWindow w : request.asked.keySet()) {
            Supplier<? extends Ending> of = w == window
                    ? ending
                    : () -> w.endingFor(request.asked.get(w).way());
            endings.put(w, reachesSomeone(w) ? of.get() : nameOf(of));
        }
        return endings;
    }

    private boolean reachesSomeone(DeskWindow window) {
        return stack.stream().anyMatch(f -> f instanceof Wait w && w.window == window && !w.letGo)
                || branches.stream().anyMatch(b -> b.window() == window && isThere(b.opener()));
    }

    private boolean isThere(DeskWindow opener) {
        return opener == null || windows.contains(opener);
    }

    /** Owned windows first, each leaves the screen, runs its script, gives back what it holds, and is gone (C5). */
    private void leave(DeskWindow window, Request request, Map<DeskWindow, Ending> endings, List<Runnable> deliveries) {
        for (DeskWindow owned; (owned = inOrder(window).stream().findFirst().orElse(null)) != null; ) {
            leave(owned, request, endings, deliveries);
        }
        Closing closing = request.asked.getOrDefault(window, new Closing(Way.OWNER_CLOSING, null));
        Ending ending = endings.containsKey(window)
                ? endings.get(window)
                : nameOf(() -> window.endingFor(request.departure ? closing.way() : Way.OWNER_CLOSING));
        boolean reaches = !request.departure && reachesSomeone(window);
        window.hidden = true;
        window.leaveScreen();
        act("ends " + window.which() + (ending == null ? "" : " " + ending.words())
                + (reaches && !ending.gives().isEmpty() ? " with " + Values.all(ending.gives()) : ""));
        if (!window.isReadyMade()) {
            afterClosing = true;
            script(window, true, () -> window.afterClosing(new Closing(closing.way(), ending)));
            afterClosing = false;
        }
        giveBackAllOf(window);
        gone(window);
        if (!request.departure) {
            deliver(window, ending, deliveries);
        }
    }

    private void gone(DeskWindow window) {
        windows.remove(window);
        hasClosed = true;
        Script under = null;
        for (Frame frame : stack.reversed()) {
            if (frame instanceof Script s) {
                s.ended |= s.of == window || s.endsWithDoer();
                under = s;
            } else if (frame instanceof Wait w && (w.by == window || under != null && under.endsWithDoer())) {
                letGo(w); // W6
            }
        }
        timers.removeIf(t -> {
            if (t.of() == window) {
                t.ticking().stop();
            }
            return t.of() == window;
        });
        letGo(w -> w.of == window); // W5
        for (DeskWindow w : windows) {
            w.owner = w.owner == window ? null : w.owner;
            w.opener = w.opener == window ? null : w.opener;
        }
    }

    /** An ending reaches who waits for it; the scripts go on when this event is done (C6, W2, W3). */
    private void deliver(DeskWindow window, Ending ending, List<Runnable> deliveries) {
        for (Frame frame : stack) {
            if (frame instanceof Wait wait && wait.window == window && !wait.letGo) {
                end(wait, ending);
            }
        }
        for (Branch branch : List.copyOf(branches)) {
            if (branch.window() == window) {
                branches.remove(branch);
                deliveries.add(() -> {
                    if (isThere(branch.opener())) {
                        script(branch.opener(), () -> branch.then().accept(ending));
                    }
                });
            }
        }
    }

    // Departure (D1 to D6)

    /** The step <i>end the application</i>; goes on where it is put off, and answers true where it was called off. */
    public boolean end(Integer code, String text) {
        Optional<Request> undecided = stack.stream()
                .filter(f -> f instanceof Request r && !r.decided)
                .map(Request.class::cast)
                .findFirst();
        if (planned || undecided.filter(r -> r.departure).isPresent()) {
            say(code, text); // a later word on it is the last (D6)
            return false;
        } else if (undecided.isPresent()) {
            undecided.get().endAfter = () -> end(code, text); // W6
            return false;
        }
        Integer codeBefore = exitCode;
        String textBefore = saying;
        say(code, text);
        if (depart(null, Way.DEPARTURE)) {
            throw new Gone(null);
        }
        exitCode = codeBefore;
        saying = textBefore;
        return true;
    }

    private void say(Integer code, String text) {
        exitCode = code != null ? code : exitCode;
        saying = text.isEmpty() ? saying : text;
    }

    private boolean depart(DeskWindow first, Way way) {
        boolean already = stack.stream().anyMatch(f -> f instanceof Request r && r.departure);
        if (departed || already || first != null && alreadyAsked(first)) {
            return false;
        }
        Request request = new Request(first, true);
        stack.push(request);
        try {
            if (!askAll(request, first, way)) {
                return false;
            }
            request.decided = true;
            letAllGo(request);
            leaveAll(request);
            planned = true;
            design.plan(); // D4
            leaveAll(request);
            giveBackAllOf(null); // D5
            if (design.saveKept()) {
                act("saves kept values"); // D6
            }
            int code = exitCode != null ? exitCode : faulted ? 1 : 0;
            act("ends with code " + code + (saying.isEmpty() ? "" : ", saying " + saying));
            if (!saying.isEmpty()) {
                System.err.println(saying);
            }
            departed = true;
        } finally {
            stack.remove(request);
        }
        stack.stream().filter(Wait.class::isInstance).map(Wait.class::cast).forEach(this::letGo);
        return true;
    }

    /** Those that the design names first, then the window that asked for it, then the others (D2). */
    private boolean askAll(Request request, DeskWindow first, Way way) {
        Way forOthers = way == Way.SESSION_ENDING ? way : Way.DEPARTURE;
        while (true) {
            DeskWindow next = nextToAsk(request, null);
            boolean listed = next != null && design.askedFirst().contains(next.name());
            DeskWindow asked = !listed && first != null && windows.contains(first) && !request.asked.containsKey(first)
                    ? first
                    : next;
            if (asked == null) {
                return true;
            }
            Way by = asked == first ? way : forOthers;
            if (!ask(request, asked, by, () -> asked.endingFor(by))) {
                return false;
            }
        }
    }

    /** All scripts and background tasks are let go, without fault (D3). */
    private void letAllGo(Request request) {
        for (Frame frame : stack) {
            switch (frame) {
                case Wait wait -> wait.letGo = true;
                case Script script -> script.ended = true;
                case Turns turns -> turns.left().clear();
                case Request other -> other.decided = true;
            }
        }
        branches.clear();
        letGo(w -> true);
    }

    private void leaveAll(Request request) {
        DeskWindow first = request.root;
        for (List<DeskWindow> roots; !(roots = inOrder(null)).isEmpty(); ) {
            boolean listed = design.askedFirst().contains(roots.getFirst().name());
            leave(
                    !listed && first != null && windows.contains(first) ? first : roots.getFirst(),
                    request,
                    Map.of(),
                    new ArrayList<>());
        }
    }

    /** A step of the departure plan: a fault in it does not prevent the steps after it (D4). */
    public void step(Runnable step) {
        script(null, true, step);
    }

    // Tasks (W5) and what the system may fail to do (O7, H2)

    /** Runs a task and waits for it. {@code takes} are told to those who watch. */
    public <E extends Ending> E run(DeskWindow of, String task, List<Object> takes, Callable<E> body) {
        return run(of, task, takes, body, null);
    }

    /** The same, for a step that says what happens when the work breaks (W8). */
    public <E extends Ending> E run(
            DeskWindow of, String task, List<Object> takes, Callable<E> body, Function<String, E> broke) {
        return run(of, task, takes, (LongWork<E>) progress -> body.call(), broke);
    }

    /** The same, of work that tells how far it is or can be cancelled (W9, W10). */
    public <E extends Ending> E run(DeskWindow of, String task, List<Object> takes, LongWork<E> body) {
        return run(of, task, takes, body, null);
    }

    public <E extends Ending> E run(
            DeskWindow of, String task, List<Object> takes, LongWork<E> body, Function<String, E> broke) {
        act("runs " + task + (takes.isEmpty() ? "" : " with " + Values.all(takes)));
        return ended(of, task, work(of, task, body), broke);
    }

    /** The ending of a task; one that broke is said for all, or is a fault, where its step does not answer it (W8). */
    @SuppressWarnings("unchecked")
    private <E extends Ending> E ended(DeskWindow of, String task, Ending ending, Function<String, E> broke) {
        if (!(ending instanceof Broke(String reason))) {
            return (E) ending;
        }
        if (broke != null) {
            return broke.apply(reason);
        }
        Optional<Script> script = topScript();
        if (!design.saysWhenWorkBreaks() || script.filter(s -> s.tellsOfBroken).isPresent()) {
            throw new Fault("X11", "“" + task + "” broke, and nothing says what then: " + reason);
        }
        if (!afterClosing) {
            script.ifPresent(s -> s.tellsOfBroken = true);
            design.whenWorkBreaks(of, task, reason);
        }
        throw new Refused(); // the script ends here, as by a fault (W8)
    }

    private Ending work(DeskWindow of, String name, LongWork<?> body) {
        Progress progress = new Progress(this, name, of);
        Wait wait = new Wait(of, progress);
        stack.push(wait);
        begin(name, progress, body, result -> end(wait, result));
        return await(wait);
    }

    private void begin(String name, Progress progress, LongWork<?> body, Consumer<Ending> done) {
        if (design.showsProgress(name)) {
            shown(progress).forEach(progress::showIn);
        }
        worker.begin(name, progress, () -> body.call(progress), ended -> {
            openFiles.forget(); // what own work has written is nothing from outside (F3)
            done.accept(ended);
        });
    }

    /**
     * Runs a task in the background; {@code then} is done when it ends, if its window is there then. What belongs to
     * closing, or to the plan, waits for it.
     */
    public <E extends Ending> void background(
            DeskWindow of, String step, String task, List<Object> takes, Callable<E> body, Consumer<E> then) {
        background(of, step, task, takes, body, null, then);
    }

    /** The same, of work that tells how far it is or can be cancelled (W9, W10). */
    public <E extends Ending> void background(
            DeskWindow of, String step, String task, List<Object> takes, LongWork<E> body, Consumer<E> then) {
        background(of, step, task, takes, body, null, then);
    }

    /** The same, for a step that says what happens when the work breaks (W8). */
    public <E extends Ending> void background(
            DeskWindow of,
            String step,
            String task,
            List<Object> takes,
            Callable<E> body,
            Function<String, E> broke,
            Consumer<E> then) {
        background(of, step, task, takes, (LongWork<E>) progress -> body.call(), broke, then);
    }

    public <E extends Ending> void background(
            DeskWindow of,
            String step,
            String task,
            List<Object> takes,
            LongWork<E> body,
            Function<String, E> broke,
            Consumer<E> then) {
        if (topScript().filter(s -> s.waitsForAll).isPresent()) {
            then.accept(run(of, task, takes, body, broke));
            return;
        }
        if (working.stream().anyMatch(w -> w.step.equals(step) && w.of == of)) {
            throw new Fault("X8", "“" + task + "” of this step still runs");
        }
        act("runs " + task + (takes.isEmpty() ? "" : " with " + Values.all(takes)));
        Work work = new Work(step, of, new Progress(this, task, of));
        working.add(work);
        begin(
                task,
                work.progress,
                body,
                result -> whenFree(of, () -> {
                    if (!work.letGo) {
                        working.remove(work);
                        then.accept(ended(of, task, result, broke));
                    }
                }));
    }

    /** The background runs of a task are let go; their ends come to nobody (W5). */
    public void stopTask(String step) {
        letGo(w -> w.step.startsWith(step));
    }

    private void letGo(Predicate<Work> which) {
        working.stream().filter(which).forEach(Work::letGo);
        working.removeIf(w -> w.letGo);
    }

    // How far work is (W9), and that it is to end (W10)

    /** Something was said by work, on whatever thread. */
    void later(Progress progress) {
        loop.later(() -> told(progress));
    }

    /** What work said last is shown, between events. */
    private void told(Progress progress) {
        if (running || !departed && !atRest() || isWorking() && topWait().progress != progress) {
            postponed.add(() -> told(progress));
            return;
        }
        progress.arrived();
        if (!departed && goesOn(progress)) {
            run(progress.of, () -> shown(progress).forEach(progress::showIn));
        }
    }

    private boolean goesOn(Progress progress) {
        return isWorking() ? topWait().progress == progress : working.stream().anyMatch(w -> w.progress == progress);
    }

    /** The parts of the window whose work it is; where that has none, those of every window. */
    private List<WorkShown> shown(Progress progress) {
        List<WorkShown> own = progress.of == null ? List.of() : progress.of.showing(progress.task);
        return own.isEmpty()
                ? windows.stream()
                        .flatMap(w -> w.showing(progress.task).stream())
                        .toList()
                : own;
    }

    /** Whether the work that a part shows can be asked to end. */
    public boolean canCancel(WorkShown part) {
        return !cancellable(part).isEmpty();
    }

    private List<Progress> cancellable(WorkShown part) {
        Stream<Progress> all =
                isWorking() ? Stream.of(topWait().progress) : working.stream().map(w -> w.progress);
        return all.filter(p -> design.mayBeCancelled(p.task) && !p.isCancelled() && shown(p).contains(part))
                .toList();
    }

    /** A person asks the work that a part shows to end: the one thing that can be done while work is waited for (B3). */
    public void cancel(DeskWindow window, WorkShown part) {
        boolean hears = windows.contains(window) && !window.isHidden() && (isWorking() || !blocked(window));
        if (!running && !departed && atRest() && hears && canCancel(part)) {
            run(window, () -> cancellable(part).forEach(Progress::cancel));
        }
    }

    /** Whether a window shows work that is waited for, and can be asked to end. */
    public boolean isCancelling(DeskWindow window) {
        return isWorking() && window.showing().stream().anyMatch(this::canCancel);
    }

    /** Leaving a window asks the work to end that it shows and that is waited for; answers whether it did. */
    boolean isCancelledByLeaving(DeskWindow window) {
        Optional<WorkShown> part =
                isWorking() ? window.showing().stream().filter(this::canCancel).findFirst() : Optional.empty();
        part.ifPresent(p -> cancel(window, p));
        return part.isPresent();
    }

    /** The background runs of a task are asked to end. */
    public void cancelTask(String task) {
        working.stream()
                .map(w -> w.progress)
                .filter(p -> p.task.equals(task) && design.mayBeCancelled(task))
                .forEach(Progress::cancel);
    }

    /** The system is asked for something that it may fail to do (O7). */
    public Tried attempt(DeskWindow of, String what, Callable<Tried> body) {
        Ending tried = work(of, what, progress -> body.call());
        return tried instanceof Broke(String reason) ? new Tried.CouldNot(reason) : (Tried) tried;
    }

    /** Where the design says nothing of what then: fault X1. */
    public RuntimeException failed(String what, String reason) {
        return new Fault("X1", what + " failed: " + reason);
    }

    // Holdings (H1, H2)

    /** Takes a holding for a window, or for the application where {@code of} is null (H1). */
    public void take(DeskWindow of, String holding, Runnable giveBack) {
        if (isHeld(of, holding)) {
            throw new Fault("X4", holding + " is held already");
        }
        held.push(new Held(holding, of, giveBack));
        act("takes " + holding);
    }

    public boolean isHeld(DeskWindow of, String holding) {
        return held.stream().anyMatch(h -> h.of() == of && h.name().equals(holding));
    }

    public void giveBack(DeskWindow of, String holding) {
        Held one = theHeld(of, holding);
        held.remove(one);
        giveBack(one);
    }

    /** It has been given back already (H2). */
    public void givenBack(DeskWindow of, String holding) {
        held.remove(theHeld(of, holding));
        act("gives back " + holding);
    }

    /** It could not be given back, and is held no more (H2). */
    public void lose(DeskWindow of, String holding) {
        held.remove(theHeld(of, holding));
    }

    private Held theHeld(DeskWindow of, String holding) {
        return held.stream()
                .filter(h -> h.of() == of && h.name().equals(holding))
                .findFirst()
                .orElseThrow(() -> new Fault("X4", holding + " is not held"));
    }

    private void giveBackAllOf(DeskWindow of) {
        for (Held one : List.copyOf(held)) {
            if (one.of() == of) {
                held.remove(one);
                giveBack(one);
            }
        }
    }

    private void giveBack(Held one) {
        try {
            one.giveBack().run();
        } catch (RuntimeException fault) {
            fault(fault); // the rest are given back all the same (H2)
        }
        act("gives back " + one.name());
    }

    // Timers (V4)

    /** Turns a timer on, or on anew. */
    public void startTimer(DeskWindow of, String name, double seconds, boolean once, Runnable fires) {
        if (!(seconds > 0)) {
            throw new Fault("X3", "the timer " + name + " has no length");
        }
        stopTimer(of, name);
        timers.add(new Timed(name, of, once, fires, loop.every(seconds, () -> timerFires(of, name))));
    }

    public void stopTimer(DeskWindow of, String name) {
        timer(of, name).ifPresent(t -> {
            t.ticking().stop();
            timers.remove(t);
        });
    }

    private Optional<Timed> timer(DeskWindow of, String name) {
        return timers.stream()
                .filter(t -> t.of() == of && t.name().equals(name))
                .findFirst();
    }

    /** A timer's time has come; it does its script between events, also for a blocked window. */
    public void timerFires(DeskWindow of, String name) {
        whenFree(of, () -> timer(of, name).ifPresent(t -> {
            if (t.once()) {
                stopTimer(of, name);
            }
            t.fires().run();
        }));
    }

    /** What is due between events: a day that passes. */
    public void between(Runnable what) {
        whenFree(null, what);
    }

    // What is seen

    public void note(String text) {
        act("notes " + text);
    }

    public void linkFollowed(String address) {
        act("follows " + address);
    }

    public void keptSaved() {
        act("saves kept values");
    }

    private void act(String what) {
        watcher.act(what);
    }
}

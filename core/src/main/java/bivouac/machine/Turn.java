package bivouac.machine;

import bivouac.state.Layout;
import bivouac.state.State;
import bivouac.state.Values;
import bivouac.state.Walk;

/** One situation laid open, with all families of rules at work on it. Serves one thread, event after event. */
final class Turn {

    final Run run;
    final Walk walk;
    final Possible possible;
    final Happening happening;
    final Settling settling;
    private final Holdings holdings;
    private final Blocking blocking;
    private final Tasks tasks;
    private final Progressing progressing;
    private final EventList events = new EventList();

    /** @param entries what is typed where events are listed */
    Turn(Layout layout, Values values, Entries entries) {
        this.run = new Run(layout.program(), values);
        this.walk = new Walk(layout);
        this.tasks = new Tasks(run);
        this.progressing = new Progressing(run, tasks, entries);
        this.holdings = new Holdings(run);
        this.blocking = new Blocking(run, tasks);
        var endings = new Endings(run);
        var opening = new Opening(run, new Targets(run));
        var requests = new Requests(run, endings, holdings, tasks, opening);
        var ends = new ScriptEnds(run, requests);
        var removals = new RowRemovals(run);
        var rows = new RowEvents(run, removals);
        var readyMade = new ReadyMadeEvents(run, requests, endings);
        var scripts =
                new Scripts(run, requests, ends, tasks, progressing, holdings, opening, new RowSteps(run, removals));
        var fromOutside = new FromOutside(run, blocking, tasks);
        this.possible = new Possible(
                layout.readsToday(), entries, run, blocking, tasks, opening, readyMade, rows, progressing, fromOutside);
        this.happening = new Happening(
                run,
                entries,
                requests,
                holdings,
                opening,
                readyMade,
                rows,
                new TaskEnds(run, tasks, requests, ends, holdings),
                progressing,
                fromOutside);
        this.settling = new Settling(run, requests, scripts, ends, tasks);
    }

    void open(State state) {
        walk.open(state, run);
    }

    /** Puts the situation, which is at rest, into its canonical order, and packs it. */
    State close() {
        return walk.close(run);
    }

    /** Starts for the first time. */
    void start(int today, int files) {
        run.clear();
        run.today = today;
        run.files = files;
        holdings.leaveNoTraces();
        settling.begin(new int[run.kept.length]);
        settling.settle(false);
    }

    /** D7: starts again, with what outlived the run before. */
    void startAgain() {
        int today = run.today;
        int files = run.files;
        int traces = run.traces;
        int[] kept = run.kept.clone();
        run.clear();
        run.today = today;
        run.files = files;
        run.traces = traces;
        settling.begin(kept);
        settling.settle(false);
    }

    /** An event that is possible, and all that it causes. */
    void take(Event event) {
        if (event instanceof Event.StartAgain) {
            startAgain();
            return;
        }
        boolean unseen = settling.isUnseen();
        happening.take(event);
        settling.settle(unseen);
    }

    /** The same, of one that was listed here. */
    void take(long event) {
        if (NumberedEvent.kind(event) == NumberedEvent.Kind.START_AGAIN) {
            startAgain();
            return;
        }
        boolean unseen = settling.isUnseen();
        happening.take(event);
        settling.settle(unseen);
    }

    /** Every event that is possible now; used again by the next call. */
    EventList events() {
        possible.events(events);
        return events;
    }

    Scene scene() {
        return new SceneMaker(run, blocking, tasks, progressing).make();
    }
}

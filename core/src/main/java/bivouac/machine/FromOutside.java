package bivouac.machine;

import bivouac.design.Outside;
import bivouac.design.PretendFiles;
import bivouac.expression.Value;
import bivouac.plan.Heard;
import bivouac.plan.ScriptPlan;
import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;

/** What comes from outside: when it can, and which script it begins (F1 to F3). */
final class FromOutside {

    /** As many single files are listed; any others can come as well. */
    private static final int MOST_LISTED = 3;

    /** As many files come at once. */
    private static final int MOST_AT_ONCE = 1_000;

    private final Run run;
    private final Blocking blocking;
    private final Tasks tasks;
    private final boolean isHeard;

    FromOutside(Run run, Blocking blocking, Tasks tasks) {
        this.run = run;
        this.blocking = blocking;
        this.tasks = tasks;
        this.isHeard = run.program.isHearing();
    }

    // What can happen

    void offer(EventList events) {
        if (!isHeard) {
            return; // as in most designs, whose steps make no objects
        }
        if (hears(Outside.FILES_OPENED, null) && run.departure() == null) {
            offer(NumberedEvent.Kind.OPEN_FILES, 0, worthTrying().size(), events);
        }
        for (int i = 0; i < run.instances.size(); i++) {
            Inst inst = run.instances.get(i);
            if (hears(Outside.FILES_DROPPED, inst) && isReached(inst)) {
                offer(NumberedEvent.Kind.DROP_FILES, i, worthTrying().size(), events);
            }
            if (!inst.closing) {
                int open = inst.plan.fileSlots().isEmpty() ? 0 : open(inst).size();
                offer(NumberedEvent.Kind.FILE_CHANGES, i, hears(Outside.FILE_CHANGED, inst) ? open : 0, events);
                offer(NumberedEvent.Kind.FILE_GOES, i, hears(Outside.FILE_GONE, inst) ? open : 0, events);
            }
        }
    }

    private static void offer(NumberedEvent.Kind kind, int instance, int count, EventList events) {
        for (int item = 0; item < count; item++) {
            events.add(kind, instance, 0, item);
        }
    }

    boolean isPossible(Event.OpenFiles event) {
        return !tasks.isForeground()
                && run.departure() == null
                && hears(Outside.FILES_OPENED, null)
                && areFiles(event.paths());
    }

    boolean isPossible(Inst inst, Event.DropFiles event) {
        return hears(Outside.FILES_DROPPED, inst) && areFiles(event.paths());
    }

    boolean isPossible(Event.FileChanges event) {
        if (tasks.isForeground() || event.instance() < 0 || event.instance() >= run.instances.size()) {
            return false;
        }
        Inst inst = run.instances.get(event.instance());
        return !inst.closing
                && hears(Outside.ofOpenFile(event.gone()), inst)
                && open(inst).contains(event.path());
    }

    private boolean isReached(Inst inst) {
        return !inst.isHidden() && !blocking.isBlocked(inst);
    }

    private static boolean areFiles(List<String> paths) {
        return !paths.isEmpty()
                && paths.size() <= MOST_AT_ONCE
                && paths.stream().allMatch(PretendFiles::isPath);
    }

    /** Whether its script is there, and not on its way already (F1). */
    private boolean hears(Outside what, Inst inst) {
        Optional<Heard> heard = heard(what, inst);
        return heard.isPresent() && !isOnItsWay(heard.get().script(), inst);
    }

    private Optional<Heard> heard(Outside what, Inst inst) {
        return what.ofWindow() ? inst.plan.hears(what) : run.program.hears(what);
    }

    private boolean isOnItsWay(ScriptPlan script, Inst inst) {
        return run.stack.stream().anyMatch(f -> f instanceof Frame.OfScript s && s.script == script && s.me == inst);
    }

    /** The files that a window has open and that are there, each once. */
    private List<String> open(Inst inst) {
        List<String> there = run.paths();
        var open = new LinkedHashSet<String>();
        for (int slot : inst.plan.fileSlots()) {
            String path = inst.value(slot).shown();
            if (there.contains(path)) {
                open.add(path);
            }
        }
        return List.copyOf(open);
    }

    /** A few files that are there, one by one and together, and one that is gone before anybody reads it. */
    private List<List<String>> worthTrying() {
        List<String> there = run.paths();
        List<String> some =
                there.stream().filter(p -> !p.endsWith("/")).limit(MOST_LISTED).toList();
        var all = new ArrayList<List<String>>();
        some.forEach(path -> all.add(List.of(path)));
        if (some.size() > 1) {
            all.add(some);
        }
        all.add(List.of(PretendFiles.begin(there, "") + "gone"));
        return all;
    }

    /** What a number means where it was listed. */
    Event event(NumberedEvent.Kind kind, int instance, int item) {
        return switch (kind) {
            case OPEN_FILES -> new Event.OpenFiles(worthTrying().get(item));
            case DROP_FILES -> new Event.DropFiles(instance, worthTrying().get(item));
            case FILE_CHANGES ->
                new Event.FileChanges(instance, openIn(instance).get(item), false);
            case FILE_GOES -> new Event.FileChanges(instance, openIn(instance).get(item), true);
            default -> throw new IllegalArgumentException(kind + " does not come from outside");
        };
    }

    private List<String> openIn(int instance) {
        return open(run.instances.get(instance));
    }

    // What it does

    void take(Event.OpenFiles event) {
        begin(Outside.FILES_OPENED, null, list(event.paths()));
    }

    void take(Inst inst, Event.DropFiles event) {
        run.raise(inst);
        begin(Outside.FILES_DROPPED, inst, list(event.paths()));
    }

    /** F3: a file that is gone is there no longer. */
    void take(Inst inst, Event.FileChanges event) {
        if (event.gone()) {
            run.files = run.number(list(
                    run.paths().stream().filter(p -> !p.equals(event.path())).toList()));
        }
        begin(Outside.ofOpenFile(event.gone()), inst, Value.of(event.path()));
    }

    private static Value list(List<String> paths) {
        return new Value.Items(paths.stream().map(Value::of).toList());
    }

    private void begin(Outside what, Inst inst, Value value) {
        Heard heard = heard(what, inst).orElseThrow();
        int number = run.number(value);
        run.push(heard.script(), inst, frame -> heard.handed().ifPresent(slot -> frame.locals[slot] = number));
    }
}

package bivouac.desktop.work;

import bivouac.check.Checked;
import bivouac.check.finding.Finding;
import bivouac.check.known.Beside;
import bivouac.check.known.Place;
import bivouac.check.ways.Repair;
import bivouac.closing.Closings;
import bivouac.closing.Departing;
import bivouac.design.Application;
import bivouac.design.Copies;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.History;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.format.DesignFile;
import bivouac.format.FileVersion;
import bivouac.format.Savable;
import bivouac.format.Unreadable;
import bivouac.machine.Event;
import bivouac.plan.Program;
import bivouac.rehearsal.ClosingTried;
import bivouac.rehearsal.DepartureTried;
import bivouac.rehearsal.Expectation;
import bivouac.rehearsal.Moment;
import bivouac.rehearsal.NamedEvent;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.Tour;
import bivouac.rehearsal.Walk;
import bivouac.rehearsal.WayThere;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * The design being worked on. Every change is a whole new design, taken in one swap and told in one notice; compiling,
 * checking and replaying follow on another thread, and the latest change wins. All methods belong to one thread, the
 * one that {@code here} runs tasks on.
 */
public final class Work {

    /** What stands for a design until it is compiled. */
    private static final Program NOTHING = Program.of(new Design(
            new Application("", Application.About.NOTHING, List.of(), Script.EMPTY, new DepartureRule.OnlyWhenTold()),
            List.of()));

    private final Executor compiling;
    private final Background background;
    /** For what takes longer than a moment, so that no edit waits for it. */
    private final Executor saving;

    private final Executor longer = java.util.concurrent.ForkJoinPool.commonPool();

    private final LocalDate today;
    private final List<Consumer<Situation>> listeners = new ArrayList<>();
    private History history;
    /** One for each design that is worked on; a save sets it where it writes, so that the next one behind it knows. */
    private AtomicReference<Optional<OnDisk>> onDisk;

    private int designs = 1;

    /** How many saves are under way, and what waits for them; of the interface thread. */
    private int saves;

    private final List<Runnable> afterSaves = new ArrayList<>();
    private final Executor here;
    private final Savable savable = new Savable();
    private volatile Situation now;
    private Clip clip = new Clip.Nothing();
    private Runnable went = () -> {};
    /** What the person last acted out; each change of the design is replayed on from here, so nothing is lost to one. */
    private Rehearsal acted;

    /** Read by the background too, which leaves out what was overtaken. */
    private volatile long changes;

    /**
     * Begins with a design.
     *
     * @param file where it was read, and what that held; empty for one that has no file
     * @param compiling where designs are compiled and files are read, one after the other
     * @param saving where files are written, one after the other: a save waits for no compiling
     * @param here runs tasks on the interface thread
     */
    public Work(
            Design design, Optional<OnDisk> file, LocalDate today, Executor compiling, Executor saving, Executor here) {
        this(design, file, today, compiling, saving, here, what -> {});
    }

    /** The same, where all of it is done one after the other. */
    public Work(Design design, Optional<OnDisk> file, LocalDate today, Executor compiling, Executor here) {
        this(design, file, today, compiling, compiling, here, what -> {});
    }

    /** @param before asked before each piece of work in the background; for tests that let it fail */
    Work(
            Design design,
            Optional<OnDisk> file,
            LocalDate today,
            Executor compiling,
            Executor saving,
            Executor here,
            Consumer<String> before) {
        this.compiling = compiling;
        this.saving = saving;
        this.here = here;
        this.background = new Background(here, this::trouble, before);
        this.today = today;
        this.history = new History(design);
        this.onDisk = new AtomicReference<>(file);
        this.now = begun(design, file.map(OnDisk::file), true, Screen.OVERVIEW, Situation.Foot.QUIET);
        compile(design);
    }

    /** A file, and what it held when it was read or written last. */
    public record OnDisk(Path file, FileVersion version) {

        /** Where a design that was opened is saved: its file, but none for an example that cannot be written. */
        public static Optional<OnDisk> of(Path file, DesignFile.Opened opened) {
            return Examples.isShipped(file) ? Optional.empty() : Optional.of(new OnDisk(file, opened.version()));
        }
    }

    /** A design just taken up: nothing compiled, nothing acted out, nothing to undo. */
    private Situation begun(Design design, Optional<Path> file, boolean saved, Screen screen, Situation.Foot foot) {
        acted = Rehearsal.start(NOTHING, today);
        return new Situation(
                design,
                NOTHING,
                Checked.NOTHING,
                acted,
                Optional.empty(),
                Rehearsed.NOTHING,
                screen,
                first(design),
                foot,
                file,
                saved,
                Optional.empty(),
                Optional.empty(),
                now == null ? Optional.empty() : now.trouble(),
                Looked.NOT_YET);
    }

    private static Chosen first(Design design) {
        return design.windows().isEmpty()
                ? Chosen.APPLICATION
                : Chosen.window(design.windows().getFirst().name().shown());
    }

    public Situation now() {
        return now;
    }

    /** Tells {@code listener} each new situation until the answer is run. */
    public Runnable listen(Consumer<Situation> listener) {
        listeners.add(listener);
        return () -> listeners.remove(listener);
    }

    /** How many listen; for the test that counts them. */
    public int listenerCount() {
        return listeners.size();
    }

    /** Done when the last change is compiled, checked and replayed, and all else that is on its way has arrived. */
    public CompletableFuture<Void> settled() {
        return background.settled();
    }

    private void become(Situation next) {
        now = next;
        List.copyOf(listeners).forEach(l -> l.accept(next));
    }

    // Changing the design

    /** Takes a changed design. {@code did} says what was done, for the foot strip and undo. */
    public void change(Design design, String did) {
        change(design, did, now.chosen(), "");
    }

    /** As {@link #change(Design, String)}, with something else chosen afterwards. */
    public void change(Design design, String did, Chosen chosen) {
        change(design, did, chosen, "");
    }

    /** As {@link #change(Design, String)}; changes in a row with the same key are undone together. */
    public void change(Design design, String did, Chosen chosen, String merge) {
        changed(design, did, chosen, merge);
    }

    /** As {@link #change(Design, String, Chosen)}; answers why it is not done, in a sentence, where it is not. */
    public Optional<String> changed(Design design, String did, Chosen chosen) {
        return changed(design, did, chosen, "");
    }

    private Optional<String> changed(Design design, String did, Chosen chosen, String merge) {
        if (design.equals(now.design())) {
            choose(chosen);
            return Optional.empty();
        }
        Optional<String> refused = savable.why(design).map(why -> "Not done: " + why);
        refused.ifPresentOrElse(this::say, () -> {
            history.change(design, did, merge);
            take(did, true, chosen);
        });
        return refused;
    }

    public void undo() {
        Optional<String> did = history.undoable();
        if (did.isPresent()) {
            history.undo();
            take("Undone: " + did.get() + ".", false, now.chosen());
        }
    }

    public void redo() {
        Optional<String> did = history.redoable();
        if (did.isPresent()) {
            history.redo();
            take("Done again: " + did.get() + ".", true, now.chosen());
        }
    }

    private void take(String did, boolean canBeTakenBack, Chosen chosen) {
        Design design = history.design();
        String sentence = did.endsWith(".") ? did : Character.toUpperCase(did.charAt(0)) + did.substring(1) + ".";
        become(now.changed(design, chosen.in(design), new Situation.Foot(sentence, canBeTakenBack), history.isSaved())
                .with(history.undoable(), history.redoable()));
        compile(design);
    }

    private void compile(Design design) {
        long change = changes + 1;
        changes = change;
        Rehearsal before = acted;
        Beside beside =
                now.file().map(f -> Beside.in(f.toAbsolutePath().getParent())).orElse(Beside.UNKNOWN);
        background.run(
                compiling,
                "compiling and checking the design",
                () -> change == changes ? Optional.of(Compiled.of(design, before, beside)) : Optional.<Compiled>empty(),
                c -> c.ifPresent(made -> arrive(change, before, made)));
    }

    private void arrive(long change, Rehearsal before, Compiled c) {
        if (change == changes && acted != before) {
            compile(now.design());
        } else if (change == changes) {
            // the very same list where nothing else was found, so that screens see that they need no drawing
            Checked checked = c.checked().equals(now.checked()) ? now.checked() : c.checked();
            become(now.compiled(c.program(), checked, c.rehearsal(), c.said()));
            walk(change);
        }
    }

    /** Plays the walkthroughs on the changed design, quietly; one that broke is told of. */
    private void walk(long change) {
        Situation begun = now;
        background.run(
                compiling,
                "playing the walkthroughs",
                () -> change == changes
                        ? Optional.of(Rehearsed.played(
                                begun.program(),
                                begun.rehearsal(),
                                begun.rehearsed().ticked()))
                        : Optional.<Rehearsed>empty(),
                played -> played.filter(p -> change == changes).ifPresent(this::walked));
    }

    private void walked(Rehearsed played) {
        int before = now.rehearsed().broken().size();
        // the very same coverage where it is equal, so that screens see that they need no drawing
        Rehearsed current = played.ticking(now.rehearsed().ticked())
                .acted(now.program(), now.rehearsal().moments())
                .coveredAs(now.rehearsed().covered());
        become(now.rehearsed(current));
        if (current.broken().size() > before) {
            Walk broken = current.broken().getFirst();
            say("“" + broken.walkthrough().name() + "” does not hold any more. "
                    + broken.broken().orElseThrow().sentence());
        }
    }

    /** The exploration of the program has come further. */
    void looking(Looked looked) {
        become(now.looking(looked, now.checked()));
    }

    /** The exploration is done, and tells more than the design as it is written. */
    void looked(Looked looked, Checked checked) {
        become(now.looking(looked, checked.equals(now.checked()) ? now.checked() : checked));
    }

    /** Does something that takes long, beside the work on changes; {@code then} is told on the screen's thread. */
    <T> void beside(String what, Supplier<T> task, Consumer<T> then) {
        background.run(longer, what, task, then);
    }

    /** For work of the screens off the interface thread. */
    public Background background() {
        return background;
    }

    /** Something that Bivouac itself could not do; it is told until it is put away, and the tool goes on. */
    public void trouble(Background.Trouble trouble) {
        become(now.troubled(Optional.of(trouble)));
    }

    /** Something failed where nobody was to hear of it. */
    public void trouble(Throwable failure) {
        trouble(Background.Trouble.of("what was just done", failure));
    }

    /** The person has seen it. */
    public void putTroubleAway() {
        become(now.troubled(Optional.empty()));
    }

    void touring(Optional<Tour.Proposal> tour) {
        become(now.rehearsed(now.rehearsed().touring(tour)));
    }

    /** What has to be seen at which moments of a rehearsal, for walkthroughs that will be kept. */
    void tick(Map<List<NamedEvent>, Set<Expectation>> ticked) {
        become(now.rehearsed(now.rehearsed().ticking(ticked)));
    }

    /** Keeps a copy of something, and says so. */
    public void copy(Clip copied, String what) {
        clip = copied;
        say(what + " copied; Ctrl+V puts it in.");
    }

    /** What was copied last. */
    public Clip clip() {
        return clip;
    }

    /** Takes a copy; the foot strip lists what it still names that is not part of it. */
    public void paste(Copies.Copied copied, String what, Chosen chosen) {
        String still = copied.still().isEmpty() ? "" : "; as before it " + String.join(", ", copied.still());
        change(copied.design(), what + still, chosen);
    }

    /** Ends merging: what is typed next is undone by itself. */
    public void pause() {
        history.pause();
    }

    // Going about

    public void show(Screen screen) {
        become(with(screen, now.chosen(), now.foot()));
    }

    public void choose(Chosen chosen) {
        become(with(now.screen(), chosen.in(now.design()), now.foot()));
    }

    /** Goes to a window, or a script of it, on the Window screen; the keyboard goes along. */
    public void goTo(Chosen chosen) {
        become(with(Screen.WINDOW, chosen.in(now.design()), now.foot()));
        went.run();
    }

    /** What puts the keyboard where a person goes on after having gone somewhere. */
    public void whenGone(Runnable focus) {
        went = focus;
    }

    /** Goes to where a finding is. */
    public void goTo(Finding finding) {
        Place place = finding.place();
        Optional<ScriptPlace> part = place.window().flatMap(w -> place.part().map(p -> new ScriptPlace.AtPart(w, p)));
        Optional<ScriptPlace> script = place.script().or(() -> part);
        goTo(new Chosen(
                place.window(),
                script.or(() -> place.window().isEmpty() ? Optional.of(new ScriptPlace.Start()) : Optional.empty())));
    }

    public void say(String sentence) {
        become(with(now.screen(), now.chosen(), new Situation.Foot(sentence, false)));
    }

    private Situation with(Screen screen, Chosen chosen, Situation.Foot foot) {
        return now.showing(screen, chosen, foot);
    }

    // Rehearsing

    /** Does an event on the desk. */
    public void act(Event event) {
        if (now.rehearsal().machine().isPossible(now.rehearsal().present().state(), event)) {
            Rehearsal rehearsal = now.rehearsal();
            Rehearsal next = event instanceof Event.Edit edit ? rehearsal.type(edit) : rehearsal.act(event);
            rehearse(next.settled());
        }
    }

    /** Shows a window on the desk, however far it is; says how it was reached. */
    public void rehearseFrom(String window) {
        Rehearsal from = now.rehearsal();
        WayThere.Known known = now.looked().ways(now.program(), from.today());
        background.run(compiling, "looking for a way to " + window, () -> WayThere.to(from, window, known), f -> {
            if (now.rehearsal() == from) {
                found(f);
            }
        });
    }

    /** Shows a window on the desk, and closes it in one of its ways. */
    public void rehearseClosing(Closings.Row row, Closings.Column column) {
        Rehearsal from = now.rehearsal();
        String window = row.window().name().shown();
        background.run(
                compiling, "looking for a way to close " + window, () -> ClosingTried.by(from, row, column), f -> {
                    if (now.rehearsal() == from) {
                        found(f);
                    }
                });
    }

    /** Asks for the end of the application on the desk. */
    public void rehearseDeparture(Departing.Asker asker) {
        Rehearsal from = now.rehearsal();
        background.run(compiling, "playing the departure", () -> DepartureTried.by(from, asker), f -> {
            if (now.rehearsal() == from) {
                found(f);
            }
        });
    }

    /** Shows what a search came to, if it came to anything. */
    private void found(WayThere.Found found) {
        found.rehearsal().ifPresent(this::rehearse);
        become(with(
                found.rehearsal().isPresent() ? Screen.REHEARSAL : now.screen(),
                now.chosen(),
                new Situation.Foot(found.sentence(), false)));
    }

    public void goToMoment(int moment) {
        rehearse(now.rehearsal().goTo(moment));
    }

    /** Changes to another way that was gone from a moment of the trail. */
    public void otherWay(int moment) {
        rehearse(now.rehearsal().otherWay(moment));
        say("Another way from " + (moment == 0 ? "the start" : "event " + moment) + "; the one before is kept.");
    }

    /** Acts a trail out, from the start, on the Rehearsal screen. */
    public void playTrail(List<String> lines, String said) {
        if (now.isCompiled()) {
            rehearse(Rehearsal.replay(now.program(), today, Walk.events(lines)).rehearsal());
            show(Screen.REHEARSAL);
            say(said);
        }
    }

    public void startAgain() {
        rehearse(now.rehearsal().again());
    }

    public void rehearse(Rehearsal rehearsal) {
        // an event that was just done is all that is new; anything else may show a whole trail
        boolean oneMore = rehearsal.moments().size() == acted.moments().size() + 1
                && rehearsal.now() == rehearsal.moments().size() - 1;
        List<Moment> unseen = oneMore ? List.of(rehearsal.present()) : rehearsal.moments();
        acted = rehearsal;
        become(now.compiled(now.program(), now.checked(), rehearsal, Optional.empty())
                .rehearsed(now.rehearsed().acted(now.program(), unseen)));
    }

    // Files

    /** How many designs were begun here: another number is another design, of which nothing was typed yet. */
    public int designs() {
        return designs;
    }

    /** Works on another design, which has no file, from here on; what was there is left, so ask first. */
    public void take(Design design, String foot) {
        takeUnsaved(design, Optional.empty(), foot);
    }

    /** As {@link #take}, on a design whose file holds something else. */
    void takeUnsaved(Design design, Optional<OnDisk> file, String foot) {
        history = new History(design);
        history.markUnsaved();
        begin(design, file, false, foot);
    }

    private void begin(Design design, Optional<OnDisk> file, boolean saved, String foot) {
        onDisk = new AtomicReference<>(file);
        designs++;
        become(begun(design, file.map(OnDisk::file), saved, now.screen(), new Situation.Foot(foot, false)));
        compile(design);
    }

    /** Does what puts a finding right. */
    public void putRight(Finding finding, Repair repair) {
        change(repair.in(now.design()), "put right: " + finding.what());
    }

    /** Opens a file; if it cannot be read, says why, and the design on the screen stays as it is. */
    public void open(Path file) {
        Situation asked = now;
        background.run(compiling, "opening " + file, () -> Read.of(file), read -> {
            switch (read) {
                case Read.Failed(String sentence) -> say(sentence);
                case Read.Done(var opened) -> {
                    if (!now.saved() && now.design() != asked.design()) {
                        say(file.getFileName()
                                + " is not opened, for the design here was changed meanwhile; open it again.");
                    } else {
                        history = new History(opened.design());
                        begin(opened.design(), OnDisk.of(file, opened), true, file.getFileName() + " opened.");
                    }
                }
            }
        });
    }

    /** What became of reading a file. */
    private sealed interface Read {
        record Done(DesignFile.Opened opened) implements Read {}

        record Failed(String sentence) implements Read {}

        static Read of(Path file) {
            try {
                return new Done(DesignFile.open(file));
            } catch (Unreadable e) {
                return new Failed(e.getMessage());
            }
        }
    }

    /** What the file of the design held when it was read or written last. */
    Optional<OnDisk> onDisk() {
        return onDisk.get();
    }

    /**
     * Saves. A file that is not any more what it was when it was read here is written over only if {@code over} says so;
     * if it cannot be written, why is said, and the work stays unsaved.
     *
     * @param then told what became of it
     */
    public void save(Path file, boolean over, Consumer<Saving> then) {
        Design design = now.design();
        long revision = history.revision();
        AtomicReference<Optional<OnDisk>> disk = onDisk;
        Optional<OnDisk> atPress = disk.get();
        saves++;
        CompletableFuture<Void> done = background.run(
                saving,
                "saving " + file.getFileName(),
                () -> {
                    Optional<FileVersion> expected =
                            over ? Optional.empty() : version(disk.get(), file).or(() -> version(atPress, file));
                    Saving saving = Saving.of(file, design, expected);
                    if (saving instanceof Saving.Done(FileVersion version)) {
                        disk.set(Optional.of(new OnDisk(file, version)));
                    }
                    return saving;
                },
                saving -> {
                    if (disk == onDisk) {
                        saved(file, revision, saving);
                        then.accept(saving);
                    } else {
                        then.accept(left(saving));
                    }
                });
        done.whenComplete((v, failure) -> here.execute(this::wasSaved));
    }

    /** Does something once no save is under way any more: what is being saved right now is not unsaved. */
    public void afterSaving(Runnable then) {
        if (saves == 0) {
            then.run();
        } else {
            say("Saving…");
            afterSaves.add(then);
        }
    }

    private void wasSaved() {
        saves--;
        if (saves == 0) {
            List<Runnable> waiting = List.copyOf(afterSaves);
            afterSaves.clear();
            waiting.forEach(Runnable::run);
        }
    }

    private static Optional<FileVersion> version(Optional<OnDisk> known, Path of) {
        return known.filter(d -> d.file().equals(of)).map(OnDisk::version);
    }

    /** What became of saving a design that is not worked on any more: nobody can be asked about it, so it is said. */
    private Saving left(Saving saving) {
        return switch (saving) {
            case Saving.Done done -> done;
            case Saving.Failed failed -> {
                say(failed.sentence());
                yield failed;
            }
            case Saving.Changed changed -> {
                String sentence = changed.file().getFileName()
                        + " was left as it is: somebody else has changed it, and another design is worked on here now.";
                say(sentence);
                yield new Saving.Failed(sentence);
            }
        };
    }

    private void saved(Path file, long revision, Saving saving) {
        switch (saving) {
            case Saving.Done done -> {
                history.markSaved(revision);
                become(now.savedAs(file, history.isSaved(), new Situation.Foot(file.getFileName() + " saved.", false)));
            }
            case Saving.Failed(String sentence) -> say(sentence);
            case Saving.Changed changed -> {
                // who asked to save asks the person
            }
        }
    }

    /** Takes what is on disk in place of the design here, as a change that can be undone. */
    public void takeFromDisk(DesignFile.Opened there) {
        onDisk.get().ifPresent(d -> {
            onDisk.set(Optional.of(new OnDisk(d.file(), there.version())));
            history.change(there.design(), "what is on disk taken", "");
            history.markSaved(history.revision());
            take("What is on disk taken; undo brings back what was here.", true, now.chosen());
        });
    }
}

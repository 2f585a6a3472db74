package bivouac.rehearsal;

import bivouac.expression.Compiled;
import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.plan.Program;
import bivouac.plan.Reading;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A design being acted out: the trail so far, and where in it we stand. Immutable: acting, going back and replaying
 * each answer another rehearsal. States are kept, so going to any moment is a look-up. Going another way from an earlier
 * moment keeps the way that was gone before, and one can change between them.
 */
public final class Rehearsal {

    private final Machine machine;
    private final LocalDate today;
    private final Trail trail;
    private final int now;
    private final Ways ways;

    private Rehearsal(Machine machine, LocalDate today, Trail trail, int now, Ways ways) {
        this.machine = machine;
        this.today = today;
        this.trail = trail;
        this.now = now;
        this.ways = ways;
    }

    /** A rehearsal that has just begun. */
    public static Rehearsal start(Program program, LocalDate today) {
        var machine = new Machine(program);
        var begun = new Trail("", List.of(Moment.start(machine, today)));
        return new Rehearsal(machine, today, begun, 0, Ways.NONE);
    }

    /** The events of the trail up to the present moment, as the machine has them. */
    public List<Event> events() {
        var events = new ArrayList<Event>();
        for (int i = 1; i <= now; i++) {
            Scene before = machine.scene(moments().get(i - 1).state());
            events.add(EventNames.resolve(before, moments().get(i).event().orElseThrow())
                    .orElseThrow());
        }
        return List.copyOf(events);
    }

    /** Whether a condition of the application holds after an event of the trail; 0 is the start. */
    public boolean holds(int moment, Compiled<Reading> condition) {
        return machine.holds(moments().get(moment).state(), condition);
    }

    /** Whether the application has ended by itself then. */
    public boolean hasEnded(int moment) {
        return machine.scene(moments().get(moment).state()).ended().isPresent();
    }

    /** All moments of the trail, those after the present one included. */
    public List<Moment> moments() {
        return trail.moments();
    }

    /** What the person calls the way on which this stands; empty for nothing. */
    public String name() {
        return trail.name();
    }

    /** The number of the present moment; 0 is the start. */
    public int now() {
        return now;
    }

    public Moment present() {
        return moments().get(now);
    }

    public Machine machine() {
        return machine;
    }

    public Scene scene() {
        return machine.scene(present().state());
    }

    /** Every event possible now. */
    public List<Event> possible() {
        return machine.events(present().state());
    }

    /** What would be seen if an event that is possible happened now; nothing happens. */
    public List<Sighting> preview(Event event) {
        var seen = new ArrayList<Sighting>();
        machine.step(present().state(), event, seen::add);
        return seen;
    }

    /** The names of the events that led to the present moment. */
    public List<NamedEvent> trail() {
        return trail.events().subList(0, now);
    }

    /** The names of all events of the trail, those after the present moment included. */
    public List<NamedEvent> trailToItsEnd() {
        return trail.events();
    }

    /** What {@code app.today} is here. */
    public LocalDate today() {
        return today;
    }

    /** Does an event that is possible now; {@link IllegalArgumentException} else. */
    public Rehearsal act(Event event) {
        NamedEvent name = EventNames.name(scene(), event);
        if (isFollowedBy(now, name)) {
            return goTo(now + 1);
        }
        Optional<Trail> gone = ways.from(trail, now, name);
        if (gone.isPresent()) {
            return changeTo(gone.get(), now + 1);
        }
        return longer(moments().subList(0, now + 1), event, name);
    }

    private boolean isAtEnd() {
        return now == trail.size() - 1;
    }

    private boolean isFollowedBy(int moment, NamedEvent event) {
        return moment + 1 < trail.size() && moments().get(moment + 1).event().equals(Optional.of(event));
    }

    /** The way that is left keeps its name; the one that parts from it has none yet. */
    private Rehearsal longer(List<Moment> before, Event event, NamedEvent name) {
        var longer = new ArrayList<Moment>(before.size() + 1);
        longer.addAll(before);
        longer.add(before.getLast().after(machine, event, name));
        return new Rehearsal(
                machine,
                today,
                new Trail(isAtEnd() ? trail.name() : "", longer),
                longer.size() - 1,
                isAtEnd() ? ways : ways.leaving(trail));
    }

    private Rehearsal changeTo(Trail other, int moment) {
        return new Rehearsal(machine, today, other, moment, ways.without(other).leaving(trail));
    }

    /** This rehearsal with a name for the way on which it stands. */
    public Rehearsal named(String name) {
        return new Rehearsal(machine, today, trail.named(name), now, ways);
    }

    /** This rehearsal with a name for another of its ways. */
    public Rehearsal naming(Trail other, String name) {
        return new Rehearsal(machine, today, trail, now, ways.naming(other, name));
    }

    /** How many ways were gone from a moment of this trail; more than one where another was tried. */
    public int waysFrom(int moment) {
        long others = ways.from(trail, moment).stream()
                .map(o -> o.moments().get(moment + 1).event().orElseThrow())
                .distinct()
                .filter(e -> !isFollowedBy(moment, e))
                .count();
        return (int) others + (moment + 1 < trail.size() ? 1 : 0);
    }

    /** The next of the other ways gone from a moment, standing there; this one where there is none. */
    public Rehearsal otherWay(int moment) {
        return ways.from(trail, moment).stream()
                .filter(o -> !isFollowedBy(
                        moment, o.moments().get(moment + 1).event().orElseThrow()))
                .findFirst()
                .map(o -> changeTo(o, moment))
                .orElse(this);
    }

    /**
     * Types a text into a field. Typing on in the same field is one event of the trail, as a person would tell it; so
     * the event before is done again with the whole text.
     */
    public Rehearsal type(Event.Edit edit) {
        NamedEvent.Typed name = (NamedEvent.Typed) EventNames.name(scene(), edit);
        boolean goesOn = now > 0
                && present().event().orElseThrow() instanceof NamedEvent.Typed before
                && before.window().equals(name.window())
                && before.part().equals(name.part());
        if (!goesOn) {
            return act(edit);
        }
        List<Moment> before = moments().subList(0, now);
        Event again = EventNames.resolve(machine.scene(before.getLast().state()), name)
                .orElseThrow();
        return longer(before, again, name);
    }

    /** The other ways that were gone. */
    public List<Trail> otherWays() {
        return ways.others();
    }

    /** This rehearsal on another of its ways, at its end. */
    public Rehearsal onWay(Trail other) {
        return changeTo(other, other.size() - 1);
    }

    /** Stands at another moment of the trail. */
    public Rehearsal goTo(int moment) {
        return new Rehearsal(machine, today, trail, Math.clamp(moment, 0, trail.size() - 1), ways);
    }

    /** Brings a window to the front on the desk; no event, and the state stays equal (S1). */
    public Rehearsal raise(int instance) {
        var changed = new ArrayList<>(moments());
        Moment m = present();
        changed.set(now, new Moment(m.event(), m.seen(), machine.raise(m.state(), instance)));
        return new Rehearsal(machine, today, new Trail(trail.name(), changed), now, ways);
    }

    /** A rehearsal from the start again; what was acted out is kept as another way. */
    public Rehearsal again() {
        var begun = new Trail("", moments().subList(0, 1));
        return new Rehearsal(machine, today, begun, 0, ways.leaving(trail)).settled();
    }

    /**
     * What a replay came to.
     *
     * @param stopped where it stopped, if it did; the rehearsal then stands before that event
     */
    public record Replay(Rehearsal rehearsal, Optional<Stopped> stopped) {}

    /**
     * An event that was not possible.
     *
     * @param why in words
     * @param after how many events come after it, and were not played either
     */
    public record Stopped(NamedEvent event, String why, int after) {}

    /** Plays events by name from the start of another program, as far as they are possible. */
    public static Replay replay(Program program, LocalDate today, List<NamedEvent> events) {
        // one list for all of it: a rehearsal for each event would copy the trail each time
        var machine = new Machine(program);
        var moments = new ArrayList<>(List.of(Moment.start(machine, today)));
        Optional<Stopped> stopped = Optional.empty();
        for (int i = 0; i < events.size() && stopped.isEmpty(); i++) {
            Moment at = moments.getLast();
            Scene scene = machine.scene(at.state());
            Optional<Event> event = EventNames.possible(machine, at.state(), scene, events.get(i));
            if (event.isPresent()) {
                moments.add(at.after(machine, event.get(), EventNames.name(scene, event.get())));
            } else {
                String why = WhyNot.of(program.design(), scene, events.get(i));
                stopped = Optional.of(new Stopped(events.get(i), why, events.size() - i - 1));
            }
        }
        var trail = new Trail("", moments);
        return new Replay(new Rehearsal(machine, today, trail, trail.size() - 1, Ways.NONE), stopped);
    }

    /**
     * This rehearsal on a changed design: the whole trail is replayed, and it stands where it stood.
     */
    public Replay on(Program changed) {
        Replay replay = replay(changed, today, trail.events());
        Rehearsal made = replay.rehearsal();
        Ways kept = Ways.NONE;
        for (Trail other : ways.others()) {
            Trail again = replay(changed, today, other.events()).rehearsal().trail;
            kept = kept.leaving(again.named(other.name()));
        }
        return new Replay(
                new Rehearsal(
                        made.machine,
                        today,
                        made.trail.named(trail.name()),
                        Math.min(now, made.trail.size() - 1),
                        kept),
                replay.stopped());
    }

    /** Whether nothing was done yet, not even what happens by itself. */
    public boolean isFresh() {
        return trail.size() == 1 && ways.others().isEmpty();
    }

    /** As many usual endings are taken by themselves; a script that tries again for ever is stopped there. */
    private static final int MOST_USUAL = 50;

    /**
     * This rehearsal with the usual endings of what is waited for, as far as the design says them, so that a person
     * goes on where there is something to decide.
     */
    public Rehearsal settled() {
        Rehearsal at = this;
        Optional<Event> usual = at.usualEnding();
        for (int i = 0; usual.isPresent() && i < MOST_USUAL; i++) {
            at = at.isAtEnd()
                    ? at.longer(at.moments(), usual.get(), EventNames.name(at.scene(), usual.get()))
                    : at.act(usual.get());
            usual = at.usualEnding();
        }
        return at;
    }

    /** How the task that is waited for usually ends; a holding is usually taken, and its failing is another way. */
    private Optional<Event> usualEnding() {
        return scene().tasks().stream()
                .filter(t -> t.place() < 0)
                .flatMap(t -> usualEnding(t).stream())
                .findFirst();
    }

    private Optional<Event> usualEnding(Scene.Working task) {
        if (task.work() instanceof Scene.Work.Taking || task.work() instanceof Scene.Work.GivingBack) {
            return Optional.of(new Event.TaskEnds(task.place(), 0));
        }
        return machine.program().design().application().tasks().stream()
                .filter(d -> task.work().equals(new Scene.Work.OfTask(d.name().shown())))
                // what is to be seen, and can be cancelled, does not end before anybody sees it
                .filter(d -> d.told().isEmpty())
                .flatMap(d -> d.usually().stream())
                .filter(task.endings()::contains)
                .map(u ->
                        (Event) new Event.TaskEnds(task.place(), task.endings().indexOf(u)))
                .findFirst();
    }
}

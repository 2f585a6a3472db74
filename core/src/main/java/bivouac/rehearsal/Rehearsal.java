package bivouac.rehearsal;

import bivouac.machine.Event;
import bivouac.machine.Machine;
import bivouac.machine.Program;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.machine.State;
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
    private final List<Moment> moments;
    private final int now;
    private final Ways ways;

    private Rehearsal(Machine machine, LocalDate today, List<Moment> moments, int now, Ways ways) {
        this.machine = machine;
        this.today = today;
        this.moments = moments;
        this.now = now;
        this.ways = ways;
    }

    /** A rehearsal that has just begun. */
    public static Rehearsal start(Program program, LocalDate today) {
        var machine = new Machine(program);
        var seen = new ArrayList<Sighting>();
        State state = machine.start(today, seen::add);
        return new Rehearsal(machine, today, List.of(new Moment(Optional.empty(), seen, state)), 0, Ways.NONE);
    }

    /** All moments of the trail, those after the present one included. */
    public List<Moment> moments() {
        return moments;
    }

    /** The number of the present moment; 0 is the start. */
    public int now() {
        return now;
    }

    public Moment present() {
        return moments.get(now);
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

    /** The names of the events that led to the present moment. */
    public List<NamedEvent> trail() {
        return moments.subList(1, now + 1).stream()
                .map(m -> m.event().orElseThrow())
                .toList();
    }

    /** The names of all events of the trail, those after the present moment included. */
    public List<NamedEvent> trailToItsEnd() {
        return events(moments);
    }

    /** What {@code app.today} is here. */
    public LocalDate today() {
        return today;
    }

    /** Does an event that is possible now; {@link IllegalArgumentException} else. */
    public Rehearsal act(Event event) {
        NamedEvent name = EventNames.name(scene(), event);
        if (now + 1 < moments.size() && moments.get(now + 1).event().equals(Optional.of(name))) {
            return goTo(now + 1);
        }
        Optional<List<Moment>> gone = ways.from(moments, now, name);
        if (gone.isPresent()) {
            return changeTo(gone.get(), now + 1);
        }
        Ways kept = now + 1 < moments.size() ? ways.leaving(moments) : ways;
        return longer(moments.subList(0, now + 1), event, name, kept);
    }

    private Rehearsal longer(List<Moment> before, Event event, NamedEvent name, Ways kept) {
        var seen = new ArrayList<Sighting>();
        State next = machine.step(before.getLast().state(), event, seen::add);
        var longer = new ArrayList<>(before);
        longer.add(new Moment(Optional.of(name), seen, next));
        return new Rehearsal(machine, today, java.util.Collections.unmodifiableList(longer), longer.size() - 1, kept);
    }

    private Rehearsal changeTo(List<Moment> trail, int moment) {
        return new Rehearsal(machine, today, trail, moment, ways.without(trail).leaving(moments));
    }

    /** How many ways were gone from a moment of this trail; more than one where another was tried. */
    public int waysFrom(int moment) {
        long others = ways.from(moments, moment).stream()
                .map(o -> o.get(moment + 1).event())
                .distinct()
                .filter(e -> moment + 1 >= moments.size()
                        || !moments.get(moment + 1).event().equals(e))
                .count();
        return (int) others + (moment + 1 < moments.size() ? 1 : 0);
    }

    /** The next of the other ways gone from a moment, standing there; this one where there is none. */
    public Rehearsal otherWay(int moment) {
        return ways.from(moments, moment).stream()
                .filter(o -> moment + 1 >= moments.size()
                        || !o.get(moment + 1)
                                .event()
                                .equals(moments.get(moment + 1).event()))
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
        Ways kept = now + 1 < moments.size() ? ways.leaving(moments) : ways;
        List<Moment> before = moments.subList(0, now);
        Event again = EventNames.resolve(machine.scene(before.getLast().state()), name)
                .orElseThrow();
        return longer(before, again, name, kept);
    }

    /** The other ways that were gone, each a whole trail from the start. */
    public List<List<Moment>> otherWays() {
        return ways.others();
    }

    /** This rehearsal on another of its ways, at its end. */
    public Rehearsal onWay(List<Moment> other) {
        return changeTo(other, other.size() - 1);
    }

    /** Stands at another moment of the trail. */
    public Rehearsal goTo(int moment) {
        return new Rehearsal(machine, today, moments, Math.clamp(moment, 0, moments.size() - 1), ways);
    }

    /** Brings a window to the front on the desk; no event, and the state stays equal (S1). */
    public Rehearsal raise(int instance) {
        var changed = new ArrayList<>(moments);
        Moment m = present();
        changed.set(now, new Moment(m.event(), m.seen(), machine.raise(m.state(), instance)));
        return new Rehearsal(machine, today, java.util.Collections.unmodifiableList(changed), now, ways);
    }

    /** A rehearsal from the start again; what was acted out is kept as another way. */
    public Rehearsal again() {
        return new Rehearsal(machine, today, moments.subList(0, 1), 0, ways.leaving(moments));
    }

    /**
     * What a replay came to.
     *
     * @param stopped the first event that is no longer possible, if any; the rehearsal then stands before it
     * @param lost how many events after that one were left out
     */
    public record Replay(Rehearsal rehearsal, Optional<NamedEvent> stopped, int lost) {}

    /** Plays events by name from the start of another program, as far as they are possible. */
    public static Replay replay(Program program, LocalDate today, List<NamedEvent> events) {
        Rehearsal rehearsal = start(program, today);
        for (int i = 0; i < events.size(); i++) {
            Optional<Event> event = EventNames.resolve(rehearsal.scene(), events.get(i));
            if (event.isEmpty()
                    || !rehearsal.machine.isPossible(rehearsal.present().state(), event.get())) {
                return new Replay(rehearsal, Optional.of(events.get(i)), events.size() - i - 1);
            }
            rehearsal = rehearsal.act(event.get());
        }
        return new Replay(rehearsal, Optional.empty(), 0);
    }

    /** This rehearsal on a changed design: the whole trail is replayed, and it stands where it stood. */
    public Replay on(Program changed) {
        List<NamedEvent> events = events(moments);
        Replay replay = replay(changed, today, events);
        Rehearsal made = replay.rehearsal();
        Ways kept = Ways.NONE;
        for (List<Moment> other : ways.others()) {
            kept = kept.leaving(replay(changed, today, events(other)).rehearsal().moments);
        }
        return new Replay(
                new Rehearsal(made.machine, today, made.moments, Math.min(now, made.moments.size() - 1), kept),
                replay.stopped(),
                replay.lost());
    }

    private static List<NamedEvent> events(List<Moment> trail) {
        return trail.subList(1, trail.size()).stream()
                .map(m -> m.event().orElseThrow())
                .toList();
    }

    /** How the task that is waited for ends by itself here, if the design says how it usually does. */
    public Optional<Event> usualEnding() {
        var tasks = machine.program().design().application().tasks();
        return scene().tasks().stream()
                .filter(t -> t.place() < 0)
                .flatMap(t -> tasks.stream()
                        .filter(d -> d.name().shown().equals(t.task()))
                        .flatMap(d -> d.usually().stream())
                        .filter(t.endings()::contains)
                        .map(u -> (Event)
                                new Event.TaskEnds(t.place(), t.endings().indexOf(u))))
                .findFirst();
    }
}

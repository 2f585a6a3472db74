package bivouac.state;

import java.util.ArrayList;
import java.util.List;

/**
 * A situation as it was before an event, kept in the objects that it is made of; so that it can be had back, event after
 * event, without being read again.
 */
public final class Saved {

    private final Situation s;
    private final List<Inst> instances = new ArrayList<>();
    private final List<Frame> stack = new ArrayList<>();
    private final List<Frame.Dormant> dormant = new ArrayList<>();
    private final List<Frame.OfScript> background = new ArrayList<>();
    private final List<Held> held = new ArrayList<>();
    private final int[] variables;
    private final int[] kept;
    private final int[] timers;
    private int phase;
    private int exitCode;
    private boolean faulted;
    private boolean hasClosed;
    private int today;
    private int files;
    private int traces;

    public Saved(Situation situation) {
        this.s = situation;
        this.variables = new int[situation.variables.length];
        this.kept = new int[situation.kept.length];
        this.timers = new int[situation.timers.length];
    }

    /** Remembers the situation as it is. */
    public void save() {
        phase = s.phase;
        exitCode = s.exitCode;
        faulted = s.faulted;
        hasClosed = s.hasClosed;
        today = s.today;
        files = s.files;
        traces = s.traces;
        System.arraycopy(s.variables, 0, variables, 0, variables.length);
        System.arraycopy(s.kept, 0, kept, 0, kept.length);
        System.arraycopy(s.timers, 0, timers, 0, timers.length);
        copy(s.instances, instances);
        copy(s.stack, stack);
        copy(s.dormant, dormant);
        copy(s.background, background);
        copy(s.held, held);
        for (int i = 0; i < instances.size(); i++) {
            instances.get(i).save();
        }
        for (int i = 0; i < stack.size(); i++) {
            stack.get(i).save();
        }
        for (int i = 0; i < dormant.size(); i++) {
            dormant.get(i).save();
        }
        for (int i = 0; i < background.size(); i++) {
            background.get(i).save();
        }
        s.saveTaken();
    }

    /** The situation is again as it was. */
    public void restore() {
        s.phase = phase;
        s.exitCode = exitCode;
        s.faulted = faulted;
        s.hasClosed = hasClosed;
        s.today = today;
        s.files = files;
        s.traces = traces;
        System.arraycopy(variables, 0, s.variables, 0, variables.length);
        System.arraycopy(kept, 0, s.kept, 0, kept.length);
        System.arraycopy(timers, 0, s.timers, 0, timers.length);
        copy(instances, s.instances);
        copy(stack, s.stack);
        copy(dormant, s.dormant);
        copy(background, s.background);
        copy(held, s.held);
        s.stacking.clear();
        for (int i = 0; i < instances.size(); i++) {
            instances.get(i).restore(i);
        }
        for (int i = 0; i < stack.size(); i++) {
            stack.get(i).restore();
        }
        for (int i = 0; i < dormant.size(); i++) {
            dormant.get(i).restore();
        }
        for (int i = 0; i < background.size(); i++) {
            background.get(i).restore();
        }
        s.restoreTaken();
    }

    private static <T> void copy(List<T> from, List<T> to) {
        to.clear();
        for (int i = 0; i < from.size(); i++) {
            to.add(from.get(i));
        }
    }
}

package bivouac.machine;

import bivouac.state.Frame;
import bivouac.state.Inst;
import java.util.List;
import java.util.Optional;

/** Which windows get no user event, and why (B1 to B6). Follows from the state at every moment (B4). */
final class Blocking {

    private final Run run;
    private final Tasks tasks;

    Blocking(Run run, Tasks tasks) {
        this.run = run;
        this.tasks = tasks;
    }

    /** What blocks a window; empty if nothing does. */
    Optional<Scene.Blocker> of(Inst inst) {
        if (tasks.isForeground()) {
            return Optional.of(new Scene.Blocker(
                    Optional.empty(),
                    "blocked while “" + tasks.work(tasks.foreground()).words() + "” goes on"));
        }
        Inst waitedFor = byWaited(inst);
        if (waitedFor != null) {
            Sighting.Which which = Sighting.Which.of(waitedFor);
            return Optional.of(new Scene.Blocker(Optional.of(which), "blocked by " + which));
        }
        if (byRequest(inst)) {
            Optional<Sighting.Which> asking = topmostWaited().map(Sighting.Which::of);
            return Optional.of(new Scene.Blocker(
                    asking, asking.map(a -> "blocked by " + a).orElse("blocked while closing is decided")));
        }
        return Optional.ofNullable(byScript(inst)).map(s -> {
            Optional<Sighting.Which> awaited = Optional.ofNullable(s.awaits).map(Sighting.Which::of);
            return new Scene.Blocker(
                    awaited,
                    awaited.map(a -> "blocked: its script waits for " + a).orElse("blocked: its script waits"));
        });
    }

    boolean isBlocked(Inst inst) {
        return tasks.isForeground() || byWaited(inst) != null || byScript(inst) != null || byRequest(inst);
    }

    private Optional<Inst> topmostWaited() {
        for (int i = run.stack.size() - 1; i >= 0; i--) {
            if (run.stack.get(i) instanceof Frame.OfScript s && s.awaits != null) {
                return Optional.of(s.awaits);
            }
        }
        return Optional.empty();
    }

    /** B1: a window waited for blocks its owners, or all but what it owns and what is waited for after it. */
    private Inst byWaited(Inst inst) {
        Inst found = null;
        List<Inst> all = run.instances;
        for (int i = 0; i < all.size(); i++) {
            Inst w = all.get(i);
            if (w.waits != Inst.WAITS_NOT && w != inst && blocks(w, inst) && (found == null || isNearer(w, found))) {
                found = w;
            }
        }
        return found;
    }

    /** Which of two that block a window a person would deal with first. */
    private static boolean isNearer(Inst one, Inst other) {
        return one.rank > other.rank || one.rank == other.rank && one.isOwnedBy(other);
    }

    private static boolean blocks(Inst waited, Inst inst) {
        return waited.waits == Inst.WAITS_FOR_OWNER
                ? waited.isOwnedBy(inst)
                : !inst.isOwnedBy(waited) && !isUnderLater(inst, waited);
    }

    private static boolean isUnderLater(Inst inst, Inst waited) {
        for (Inst at = inst; at != null; at = at.owner) {
            if (at.waits != Inst.WAITS_NOT && at.rank > waited.rank) {
                return true;
            }
        }
        return false;
    }

    /** B5: a script of the window waits on the stack. */
    private Frame.OfScript byScript(Inst inst) {
        for (int i = 0; i < run.stack.size(); i++) {
            if (run.stack.get(i) instanceof Frame.OfScript s && s.me == inst) {
                return s;
            }
        }
        return null;
    }

    /** B6: it was asked, or is still to be asked, by what is undecided. */
    private boolean byRequest(Inst inst) {
        for (int i = 0; i < run.stack.size(); i++) {
            if (run.stack.get(i) instanceof Frame.OfRequest r && !r.closing && reaches(r, inst) && !opened(i, inst)) {
                return true;
            }
        }
        return false;
    }

    private static boolean reaches(Frame.OfRequest request, Inst inst) {
        return request.departure || inst == request.target || inst.isOwnedBy(request.target);
    }

    /** Whether the scripts of the request at {@code index} opened it waiting, or it is owned by such a window. */
    private boolean opened(int index, Inst inst) {
        for (Inst at = inst; at != null; at = at.owner) {
            for (int i = index + 1; i < run.stack.size(); i++) {
                if (run.stack.get(i) instanceof Frame.OfScript s && s.awaits == at) {
                    return true;
                }
            }
        }
        return false;
    }
}

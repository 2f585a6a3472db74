package bivouac.machine;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/** Which windows get no user event, and why (B1 to B6). Follows from the state at every moment (B4). */
final class Blocking {

    private final Run run;

    Blocking(Run run) {
        this.run = run;
    }

    /** What blocks a window; empty if nothing does. */
    Optional<Scene.Blocker> of(Inst inst) {
        Optional<Frame.OfScript> working = Tasks.foreground(run);
        if (working.isPresent()) {
            return Optional.of(new Scene.Blocker(
                    Optional.empty(), "blocked while “" + new Tasks(run).name(working.get()) + "” goes on"));
        }
        Optional<Inst> waitedFor = byWaited(inst);
        if (waitedFor.isPresent()) {
            Sighting.Which which = waitedFor.get().which();
            return Optional.of(new Scene.Blocker(Optional.of(which), "blocked by " + which));
        }
        if (byRequest(inst)) {
            Optional<Sighting.Which> asking = topmostWaited().map(Inst::which);
            return Optional.of(new Scene.Blocker(
                    asking, asking.map(a -> "blocked by " + a).orElse("blocked while closing is decided")));
        }
        return byScript(inst).map(s -> {
            Optional<Sighting.Which> awaited = Optional.ofNullable(s.awaits).map(Inst::which);
            return new Scene.Blocker(
                    awaited,
                    awaited.map(a -> "blocked: its script waits for " + a).orElse("blocked: its script waits"));
        });
    }

    boolean isBlocked(Inst inst) {
        return Tasks.foreground(run).isPresent()
                || byWaited(inst).isPresent()
                || byScript(inst).isPresent()
                || byRequest(inst);
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
    private Optional<Inst> byWaited(Inst inst) {
        Inst found = null;
        for (Inst w : run.instances) {
            if (w != inst && blocks(w, inst) && (found == null || w.rank > found.rank)) {
                found = w;
            }
        }
        return Optional.ofNullable(found);
    }

    private boolean blocks(Inst waited, Inst inst) {
        return switch (waited.waits) {
            case Inst.WAITS_FOR_OWNER -> waited.isOwnedBy(inst);
            case Inst.WAITS_FOR_APPLICATION -> !inst.isOwnedBy(waited) && !isUnderLater(inst, waited);
            default -> false;
        };
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
    private Optional<Frame.OfScript> byScript(Inst inst) {
        for (Frame frame : run.stack) {
            if (frame instanceof Frame.OfScript s && s.me == inst) {
                return Optional.of(s);
            }
        }
        return Optional.empty();
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
        Set<Inst> waited = new HashSet<>();
        for (Frame frame : run.stack.subList(index + 1, run.stack.size())) {
            if (frame instanceof Frame.OfScript s && s.awaits != null) {
                waited.add(s.awaits);
            }
        }
        for (Inst at = inst; at != null; at = at.owner) {
            if (waited.contains(at)) {
                return true;
            }
        }
        return false;
    }
}

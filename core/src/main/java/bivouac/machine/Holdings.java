package bivouac.machine;

import bivouac.design.Holding;
import bivouac.expression.Value;
import bivouac.state.Frame;
import bivouac.state.Held;
import bivouac.state.Inst;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What is held, in the order of taking: how it is taken, and given back, the last taken first (H1, H2). */
final class Holdings {

    private final Run run;
    private final int none;

    Holdings(Run run) {
        this.run = run;
        this.none = traces(List.of());
    }

    private Holding design(int number) {
        return run.program.holdings().get(number);
    }

    String name(int number) {
        return design(number).name().shown();
    }

    /** H1: whose it is where a script takes it. */
    private Inst owner(int number, Frame.OfScript by) {
        return design(number).ofApplication() ? null : by.me;
    }

    /** X4: what is held already cannot be taken. */
    void checkFree(int number, Frame.OfScript by) {
        if (find(number, owner(number, by)).isPresent()) {
            throw new StepFault(Fault.Rule.X4, name(number) + " is held already");
        }
    }

    boolean mayFail(int number) {
        return design(number).mayFail();
    }

    /** H2: giving it back by a step may fail. */
    boolean mayStay(int number) {
        return design(number).mayStay();
    }

    /** X4: what is not held cannot be given back. */
    void checkHeld(int number, Frame.OfScript by) {
        toGiveBack(number, by);
    }

    private Held toGiveBack(int number, Frame.OfScript by) {
        return find(number, owner(number, by))
                .orElseThrow(() -> new StepFault(Fault.Rule.X4, name(number) + " is not held"));
    }

    /** It could not be given back, and is lost: nobody holds it any more. */
    void lose(int number, Frame.OfScript by) {
        find(number, owner(number, by)).ifPresent(run.held::remove);
    }

    void take(int number, Frame.OfScript by) {
        run.held.add(new Held(number, owner(number, by)));
        run.see(new Sighting.Taken(name(number)));
    }

    /** A step gives back what its window, or the application, holds; else it is fault X4. */
    void giveBack(int number, Frame.OfScript by) {
        giveBack(toGiveBack(number, by));
    }

    private Optional<Held> find(int number, Inst owner) {
        return run.held.reversed().stream()
                .filter(h -> h.holding() == number && h.owner() == owner)
                .findFirst();
    }

    private void giveBack(Held held) {
        run.held.remove(held);
        run.see(new Sighting.GivenBack(name(held.holding())));
    }

    /** C5, and D5 for the application, whose windows have closed before: all of it, the last taken first. */
    void giveBackAllOf(Inst owner) {
        for (int i = run.held.size() - 1; i >= 0; i--) {
            if (run.held.get(i).owner() == owner) {
                giveBack(run.held.get(i));
            }
        }
    }

    /** D7: what a killed run leaves behind; nothing is given back. */
    void leaveTraces() {
        if (run.held.isEmpty()) {
            leaveNoTraces();
            return;
        }
        run.traces = traces(run.held.stream()
                .filter(h -> design(h.holding()).leavesTrace())
                .sorted(Comparator.comparingInt(Held::holding))
                .map(h -> Value.of(name(h.holding())))
                .toList());
        run.held.clear();
    }

    /** D7: a run that ended gave everything back, and leaves nothing behind. */
    void leaveNoTraces() {
        run.traces = none;
    }

    private int traces(List<Value> names) {
        return run.number(new Value.Items(names));
    }
}

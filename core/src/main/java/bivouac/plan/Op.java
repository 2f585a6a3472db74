package bivouac.plan;

import bivouac.expression.Compiled;
import bivouac.expression.TextTemplate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/** One operation of a planned script. */
public sealed interface Op {

    /** A value to be handed over or given: into which slot, of which take or give, from which expression. */
    record Hand(int index, String name, bivouac.design.Type type, Compiled<Reading> value) {}

    /**
     * Opens a window.
     *
     * @param window its number in the program
     * @param resultSlot where the values of its ending go, in the order of that ending's gives
     * @param keptAt where the instance is kept, if it is (O9)
     * @param branches where each ending goes on, by the ending's number from 1
     * @param couldNot where it goes on if the window could not be created (O7), or -1
     * @param after where the script goes on where there is no branch
     */
    record Open(
            StepRef ref,
            int window,
            How how,
            Optional<Whom> ownedBy,
            List<Hand> handOver,
            int resultSlot,
            Optional<KeptAt> keptAt,
            Map<Integer, Integer> branches,
            int couldNot,
            int after)
            implements MayFail {}

    /** It is done, and leads to the next one in its list: it opens, closes and ends nothing, and runs no task. */
    sealed interface Plain extends Op {}

    /** It only says which one of its list comes next. */
    sealed interface Course extends Op {}

    /** Something that the system may fail to do (O7): the script waits for the event that tells. */
    sealed interface MayFail extends Op {
        StepRef ref();

        /** Where the reason is kept in its branch. */
        int resultSlot();

        /** Where the script goes on if it failed, or -1. */
        int couldNot();
    }

    /** @param holding its number in the design */
    record TakeHolding(StepRef ref, int holding, int resultSlot, int couldNot, int after) implements MayFail {}

    /** @param holding its number in the design */
    record GiveBack(StepRef ref, int holding, int resultSlot, int couldNot, int after) implements MayFail {}

    /** The manner of an opening (O8, B1, W2, W3). */
    sealed interface How {
        record WaitsForOwner() implements How {}

        record WaitsForApplication() implements How {}

        record Alongside() implements How {}

        /** @param gives what the closing window gives */
        record InPlace(int ending, List<Hand> gives) implements How {}
    }

    /**
     * Asks a window to close.
     *
     * Asks for every instance that it means one after the other.
     */
    record Close(StepRef ref, Whom whom, Optional<String> ending, List<Hand> gives, int after, int refused)
            implements Op {}

    /**
     * Does a named script of other windows, each on the stack above this one (W12). What follows it is always the
     * {@link Answered} that they are done in.
     *
     * @param scripts of the windows that can be meant; of those with another number of their own there are none
     */
    record DoIn(StepRef ref, Whom whom, List<bivouac.design.ScriptPlace.Named> scripts, List<Hand> handOver)
            implements Op {}

    /**
     * Stands here while scripts of other windows are done, and goes on where their answer leads (W11, W12).
     *
     * @param until the endings, by number, at which those that are left are not done; any where only one is done
     * @param branches where each ending goes on, by its number from 0
     * @param results how many values each ending gives
     */
    record Answered(
            StepRef ref,
            boolean every,
            java.util.Set<Integer> until,
            List<bivouac.design.ScriptPlace.Named> scripts,
            Map<Integer, Integer> branches,
            List<Integer> results,
            int resultSlot,
            int after)
            implements Course {
        /** Whether an ending is the answer of the step, so that no more are done. */
        public boolean stopsAt(int ending) {
            return !every || until.contains(ending);
        }
    }

    /**
     * Goes on where the answer leads of a script that is done in the place of its step (W11).
     *
     * @param results how many values its ending gives, from that slot on
     */
    record Return(StepRef ref, int resultSlot, int results, List<Hand> gives, int to) implements Course {
        Return to(int other) {
            return new Return(ref, resultSlot, results, gives, other);
        }
    }

    /** Ends a script that was done for another window's, with its answer (W11, W12). */
    record Answer(StepRef ref, int ending, List<Hand> gives) implements Course {}

    record StayOpen(StepRef ref) implements Plain {}

    record Set(StepRef ref, String path, Access access, Compiled<Reading> value) implements Plain {}

    /** Sets the same in every instance that is meant, the newest first (R2); {@code access} reads from each of them. */
    record SetIn(StepRef ref, String member, Whom whom, Access access, Compiled<Reading> value) implements Plain {}

    record JumpUnless(StepRef ref, Compiled<Reading> condition, int to) implements Course {}

    record Jump(int to) implements Course {}

    /** An <em>if</em> goes into one of its scripts, or a script that was done has answered. */
    record Into(StepRef ref, int inner) implements Plain {}

    record End(
            StepRef ref,
            Optional<Compiled<Reading>> code,
            Optional<TextTemplate<Reading>> saying,
            int after,
            int refused)
            implements Op {}

    /**
     * Runs a task.
     *
     * @param takesSlot where what it takes is kept, for what it gives
     * @param results how many values its endings give at the most
     * @param branches where each ending goes on, by its number from 0
     * @param tells whether it shows how far it is (W9)
     * @param answered whether the design has a branch for one of them (W5, X2); what the application does for all is none
     */
    record RunTask(
            StepRef ref,
            String name,
            boolean background,
            boolean mayBeStopped,
            List<Hand> handOver,
            int takesSlot,
            int resultSlot,
            int results,
            List<Outcome> outcomes,
            Map<Integer, Integer> branches,
            boolean tells,
            boolean answered,
            int after)
            implements Op {

        /** The number of the ending that nobody wrote (W8): the last; -1 where one of that name was written. */
        public int broke() {
            int last = outcomes.size() - 1;
            return last >= 0 && outcomes.get(last).breaks() ? last : -1;
        }

        /** Whether it is said what happens when the work breaks (W8). */
        public boolean answersBreaking() {
            return branches.containsKey(broke());
        }

        /** The number of the ending that it has only once it was asked to end (W10); -1 where it is never asked. */
        public int cancelled() {
            return IntStream.range(0, outcomes.size())
                    .filter(o -> outcomes.get(o).cancels())
                    .findFirst()
                    .orElse(-1);
        }

        public boolean mayBeCancelled() {
            return cancelled() >= 0;
        }
    }

    /**
     * How a task can end: what it gives in a rehearsal, and the file that is there then.
     *
     * @param breaks whether that is its work having thrown (W8)
     * @param cancels whether it ends so only where it was asked to (W10)
     */
    record Outcome(
            String ending, List<Hand> gives, Optional<Compiled<Reading>> writes, boolean breaks, boolean cancels) {}

    /**
     * The script ends here as by a fault, without being one: the work broke, and the application has said so (W8), or it was
     * cancelled, and the script counts on its being done (W10).
     */
    record GiveUp(StepRef ref) implements Plain {}

    record StopTask(StepRef ref, String task) implements Plain {}

    record CancelTask(StepRef ref, String task) implements Plain {}

    record Reach(StepRef ref, bivouac.design.Step.Reach.How how, Whom whom) implements Plain {}

    /** Turns a timer on or off; {@code ofWindow} says whether it is one of the script's window. */
    record TurnTimer(StepRef ref, bivouac.design.Step.TurnTimer.How how, TimerPlan timer, boolean ofWindow)
            implements Plain {}

    record Focus(StepRef ref, ListIn part) implements Plain {}

    /**
     * Adds a row.
     *
     * @param columns of the list, in order
     * @param values by the column's number
     */
    record AddRow(StepRef ref, ListIn list, List<bivouac.design.Type.Column> columns, List<Hand> values)
            implements Plain {}

    /** Changes the selected row. */
    record ChangeRow(StepRef ref, ListIn list, List<Hand> values) implements Plain {}

    record RemoveRow(StepRef ref, ListIn list, boolean unasked) implements Plain {}

    record KeepRow(StepRef ref) implements Plain {}

    record Let(StepRef ref, String name, int slot, bivouac.design.Type type, Compiled<Reading> value)
            implements Plain {}

    /** Back to where the repeat begins. */
    record Again(StepRef ref, int to) implements Course {}

    record KeptValues(StepRef ref, bivouac.design.Step.KeptValues.How how) implements Plain {}

    /** @param said what a person is told, a sentence */
    record NotThereYet(StepRef ref, String said) implements Plain {}

    record Note(StepRef ref, TextTemplate<Reading> text) implements Plain {}

    /** A step that cannot be run because something in it is wrong, as a finding says too. */
    record Broken(StepRef ref, String why) implements Plain {}

    /** The end of the script. */
    record Finish() implements Course {}

    /** The step of the design that it comes from; empty where it is none. */
    default Optional<StepRef> step() {
        return switch (this) {
            case Open o -> Optional.of(o.ref());
            case Close c -> Optional.of(c.ref());
            case DoIn d -> Optional.of(d.ref());
            case Answered a -> Optional.of(a.ref());
            case Answer a -> Optional.of(a.ref());
            case Return r -> Optional.of(r.ref());
            case StayOpen s -> Optional.of(s.ref());
            case Reach r -> Optional.of(r.ref());
            case TurnTimer t -> Optional.of(t.ref());
            case Focus f -> Optional.of(f.ref());
            case RunTask r -> Optional.of(r.ref());
            case TakeHolding t -> Optional.of(t.ref());
            case GiveBack g -> Optional.of(g.ref());
            case StopTask s -> Optional.of(s.ref());
            case CancelTask c -> Optional.of(c.ref());
            case NotThereYet n -> Optional.of(n.ref());
            case AddRow a -> Optional.of(a.ref());
            case ChangeRow c -> Optional.of(c.ref());
            case RemoveRow r -> Optional.of(r.ref());
            case KeepRow k -> Optional.of(k.ref());
            case Let l -> Optional.of(l.ref());
            case Again a -> Optional.of(a.ref());
            case KeptValues k -> Optional.of(k.ref());
            case SetIn s -> Optional.of(s.ref());
            case Set s -> Optional.of(s.ref());
            case JumpUnless j -> Optional.of(j.ref());
            case End e -> Optional.of(e.ref());
            case Note n -> Optional.of(n.ref());
            case GiveUp g -> Optional.of(g.ref());
            case Broken b -> Optional.of(b.ref());
            case Jump j -> Optional.empty();
            case Into i -> Optional.empty();
            case Finish f -> Optional.empty();
        };
    }
}

package bivouac.handover.script;

import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Type;
import bivouac.handover.meaning.Here;
import bivouac.handover.meaning.Outcome;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/** Calls whose result is looked at: a branch for each ending that has one (W4). */
abstract class ScriptAnswers extends ScriptValues {

    ScriptAnswers(ScriptOf of) {
        super(of);
    }

    /** A branch of the design, and the ending at which it is gone. */
    record Answer(Outcome outcome, Step.Branch branch, StepPath at) {}

    /** Something whose ending is looked at, as far as there are branches for it. */
    boolean answers(Asked asked, List<Answer> branches, List<Outcome> all, Optional<String> as) {
        List<Answer> written = branches.stream()
                .filter(a -> !a.branch().script().doesNothing())
                .toList();
        if (written.isEmpty()) {
            return act(new Act.Ask(asked));
        }
        if (written.size() == 1 && (all.size() > 1 || asked.mayBeNone())) {
            return act(new Act.AskForOne(asked, branch(written.getFirst(), as)));
        }
        if (all.size() == 1) {
            Asked.Branch only = branch(written.getFirst(), as);
            if (only.bound().isEmpty()) {
                if (!(asked instanceof Asked.Came)) {
                    act(new Act.Ask(asked));
                }
                out.addAll(only.block().acts());
                return only.block().goesOn();
            }
            return forAll(asked, List.of(only));
        }
        var each = new ArrayList<Asked.Branch>();
        for (Outcome outcome : all) {
            each.add(written.stream()
                    .filter(a -> a.outcome().equals(outcome))
                    .findFirst()
                    .map(a -> branch(a, as))
                    .orElseGet(() -> new Asked.Branch(outcome, Map.of(), new Block(List.of(), true))));
        }
        return forAll(asked, each);
    }

    private boolean forAll(Asked asked, List<Asked.Branch> branches) {
        act(new Act.AskForAll(asked, branches));
        return asked.mayBeNone() || branches.stream().anyMatch(b -> b.block().goesOn());
    }

    /** What is done at an ending, with its values under names of their own. */
    Asked.Branch branch(Answer answer, Optional<String> as) {
        Here before = here;
        var bound = new HashMap<String, String>();
        var locals = new HashMap<>(before.locals());
        locals.keySet().removeIf(k -> k.startsWith("result."));
        for (Outcome.Given given : answer.outcome().gives()) {
            String name = names.local(given.name());
            bound.put(given.name(), name);
            locals.put("result." + given.name(), name);
            as.ifPresent(a -> locals.put(a + "." + given.name(), name));
        }
        here = new Here(place, before.path(), locals, before.kept());
        Block block = block(() -> steps(answer.branch().script(), answer.at()));
        here = before;
        bound.values().removeIf(n -> !used.contains(n));
        return new Asked.Branch(answer.outcome(), bound, block);
    }

    /** O7, H2: what the system may fail to do, and what is done then. */
    boolean tried(Act.Trial trial, Optional<Answer> couldNot, BooleanSupplier then) {
        if (couldNot.isEmpty()) {
            act(new Act.Try(trial, names.local("reason")));
            return then.getAsBoolean();
        }
        Asked.Branch branch = branch(couldNot.get(), Optional.empty());
        Block otherwise = block(then);
        act(new Act.TryOr(trial, reason(branch), branch.block(), otherwise));
        return branch.block().goesOn() || otherwise.goesOn();
    }

    static final String REASON = "reason";

    /** The local that holds why the system could not; absent where nobody reads it. */
    static Optional<String> reason(Asked.Branch branch) {
        return Optional.ofNullable(branch.bound().get(REASON));
    }

    static Optional<Answer> couldNot(List<Step.Branch> branches, int at, StepPath path) {
        return at < 0
                ? Optional.empty()
                : Optional.of(new Answer(
                        new Outcome(
                                new Outcome.Source.OfTrial(),
                                branches.get(at).ending(),
                                List.of(new Outcome.Given(REASON, Type.TEXT))),
                        branches.get(at),
                        path.into(at, 0)));
    }
}

package bivouac.machine;

import bivouac.expression.EvaluationFault;

/** A list of some window, to be found when a step needs it. */
record ListIn(PartPlan.Whose whose, String part) {

    Inst instance(Reading reading) {
        return whose.in(reading);
    }

    PartPlan list(Inst inst) {
        return inst.plan.part(part).orElseThrow(() -> new EvaluationFault(inst.which() + " has no list " + part));
    }
}

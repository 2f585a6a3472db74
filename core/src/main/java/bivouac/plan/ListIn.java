package bivouac.plan;

import bivouac.expression.EvaluationFault;

/** A list of some window, to be found when a step needs it. */
public record ListIn(PartPlan.Whose whose, String part) {

    public Instance instance(Reading reading) {
        return whose.in(reading);
    }

    public PartPlan list(Instance inst) {
        return inst.plan().part(part).orElseThrow(() -> new EvaluationFault(inst.named() + " has no list " + part));
    }
}

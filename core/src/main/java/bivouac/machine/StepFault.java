package bivouac.machine;

/** A step cannot be done; its script ends there. */
final class StepFault extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final Fault.Rule rule;

    StepFault(Fault.Rule rule, String message) {
        super(message, null, false, false);
        this.rule = rule;
    }

    Fault.Rule rule() {
        return rule;
    }
}

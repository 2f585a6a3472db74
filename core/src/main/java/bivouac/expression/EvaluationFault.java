package bivouac.expression;

/** A value was read that is not there, or a conversion or calculation has no result: fault X3, in plain words. */
public final class EvaluationFault extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public EvaluationFault(String message) {
        super(message, null, false, false);
    }
}

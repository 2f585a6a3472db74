package bivouac.expression;

/** A value is not there or cannot be made: fault X3. */
public final class EvaluationFault extends NoValue {
    private static final long serialVersionUID = 1L;

    public EvaluationFault(String message) {
        super(message);
    }
}

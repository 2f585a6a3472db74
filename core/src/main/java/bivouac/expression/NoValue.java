package bivouac.expression;

/** An expression or text has no value where it is evaluated. The message says why, and continues a sentence. */
public abstract sealed class NoValue extends RuntimeException permits EvaluationFault, TooMuchWork {
    private static final long serialVersionUID = 1L;

    NoValue(String message) {
        // thrown in the course of an ordinary rehearsal, and told by its message alone
        super(message, null, false, false);
    }
}

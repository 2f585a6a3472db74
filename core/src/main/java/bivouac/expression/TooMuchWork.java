package bivouac.expression;

/** What was asked for costs more time or memory than one event may take: fault X6, and no value. */
public final class TooMuchWork extends NoValue {
    private static final long serialVersionUID = 1L;

    public TooMuchWork(String message) {
        super(message);
    }
}

package desk;

/** Something that the rules call a fault: a value that is not there, a window opened twice (X1 to X11). */
@SuppressWarnings("serial")
public final class Fault extends RuntimeException {

    public Fault(String rule, String message) {
        super(rule + ": " + message);
    }
}

package bivouac.design;

/**
 * Something that the application takes and has to give back: a connection, a lock, a device (H1). A holding belongs to
 * the window whose script takes it, and is given back when that window closes, at the latest.
 *
 * @param ofApplication it is the application's, whoever takes it, and given back in the departure (D5)
 * @param mayFail taking it may fail (O7)
 * @param leavesTrace a killed run leaves something behind that the next one can find in {@code app.traces} (D7)
 * @param mayStay giving it back by a step may fail (H2)
 */
public record Holding(Name name, boolean ofApplication, boolean mayFail, boolean leavesTrace, boolean mayStay) {

    /** One that belongs to who takes it, cannot fail, and leaves nothing behind. */
    public static Holding of(String name) {
        return new Holding(Name.of(name), false, false, false, false);
    }

    public Holding ofTheApplication() {
        return new Holding(name, true, mayFail, leavesTrace, mayStay);
    }

    public Holding failing() {
        return new Holding(name, ofApplication, true, leavesTrace, mayStay);
    }

    public Holding leavingATrace() {
        return new Holding(name, ofApplication, mayFail, true, mayStay);
    }

    public Holding failingToGoBack() {
        return new Holding(name, ofApplication, mayFail, leavesTrace, true);
    }
}

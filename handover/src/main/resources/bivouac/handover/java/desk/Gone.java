package desk;

/** Ends a script whose window has gone, or that the departure lets go (W6, D3). Only the desk catches it. */
@SuppressWarnings("serial")
final class Gone extends RuntimeException {

    /** The window that has gone; null where the application ends. */
    final transient DeskWindow window;

    Gone(DeskWindow window) {
        super(null, null, false, false);
        this.window = window;
    }
}

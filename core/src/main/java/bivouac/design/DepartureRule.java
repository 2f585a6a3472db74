package bivouac.design;

/** When the application ends without being told (D1). */
public sealed interface DepartureRule {

    /** When the last window has closed. */
    record LastWindow() implements DepartureRule {}

    /** With a main window, by its shown name: a request to close it is the request for departure. */
    record WithWindow(String window) implements DepartureRule {}

    /** Only by the step <em>end the application</em>, or the session ending. */
    record OnlyWhenTold() implements DepartureRule {}
}

package bivouac.plan;

/** A place in which a running application, or one of its scripts, keeps something that a name can mean. */
public sealed interface Cell {

    /** A variable of the application, by its number. */
    record OfApplication(int variable) implements Cell {}

    /** A slot of the windows of a plan, by its number. */
    record OfWindow(int window, int slot) implements Cell {}

    /** A slot of the script in which it is named. */
    record OfScript(int slot) implements Cell {}

    /** What the application has beside its variables. */
    enum OfRun implements Cell {
        TODAY,
        TRACES
    }
}

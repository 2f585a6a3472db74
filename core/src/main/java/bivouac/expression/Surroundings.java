package bivouac.expression;

/** Where an expression is evaluated: from there its names are read, and its work is paid. */
public interface Surroundings {

    /** From what the work of evaluating is taken. */
    Budget budget();
}

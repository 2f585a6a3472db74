package bivouac.plan;

import bivouac.design.Part;
import bivouac.expression.Surroundings;
import bivouac.expression.Value;
import java.time.LocalDate;
import java.util.List;

/**
 * From where an expression reads its values, and where a step sets them: the application as it stands, seen from a
 * window or from one of its scripts.
 */
public interface Reading extends Surroundings {

    /** The window in whose scope it stands; {@link bivouac.expression.EvaluationFault} where that is the application's. */
    Instance me();

    /** The number in a slot of the script that evaluates it. */
    int local(int slot);

    /** The window that the script keeps in a slot (O9); fault X3 if it is not open any more. */
    Instance kept(int slot);

    /** Whether the window that the script keeps in a slot is open (O9, R3). */
    boolean isKept(int slot);

    /** The value of a number (see {@link #local}). */
    Value value(int number);

    /** {@code app.today} (V4). */
    LocalDate today();

    /** {@code app.traces} (D7). */
    Value traces();

    /** A variable of the application, by its number. */
    Value variable(int variable);

    void setVariable(int variable, Value value);

    /** The one open window of a plan; fault X3 if there is none, or more than one (R1). */
    Instance theOnly(WindowPlan plan);

    /** Whether a window of a plan is open (R3). */
    boolean isOpen(WindowPlan plan);

    /**
     * The same application seen from a text or condition of a window; {@link bivouac.expression.EvaluationFault} where
     * windows that read each other in a ring would never come to an end.
     */
    Reading of(Instance other);

    /** The same where it is of one of the rows for each of which there is a part (P5). */
    Reading of(Instance other, Value row);

    /** That row. */
    Value row();

    /** The open windows of a plan, in the order of their opening, or by their keys. */
    List<Instance> open(WindowPlan plan);

    /** The rows of a list beyond {@code last} are gone: scripts about them lose their row (V4). */
    void rowsEnd(Instance inst, Part list, int last);
}

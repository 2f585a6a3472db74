package bivouac.check.ways;

import java.util.List;
import java.util.function.Supplier;

/**
 * Ways to put a finding right that were looked for. Whatever goes wrong while they are looked for loses the way, and never
 * the finding: it is told in it.
 *
 * @param remark what went wrong, as the end of why the finding matters; empty if nothing did
 */
public record Sought(List<Repair> ways, String remark) {

    public static Sought by(Supplier<List<Repair>> search) {
        try {
            return new Sought(search.get(), "");
        } catch (RuntimeException ours) {
            return new Sought(
                    List.of(),
                    " (A way to put it right could not be looked for, which is a fault of Bivouac: " + ours + ")");
        }
    }
}

package bivouac.check;

import bivouac.design.Design;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Ways to put a finding right with one press. Every one is an ordinary change of the design, and can be undone. */
public final class Repairs {

    private Repairs() {}

    /** @param words what stands on the button */
    public record Repair(String words, UnaryOperator<Design> edit) {}

    /** How a finding can be put right, if that needs no decision. */
    public static Optional<Repair> of(Finding finding) {
        boolean ofWindow = finding.place().part().isEmpty();
        return finding.kind() == Finding.Kind.NAMING && ofWindow
                ? finding.place()
                        .window()
                        .map(w -> new Repair("Put the names of " + w + " right", d -> PartNames.putRight(d, w)))
                : Optional.empty();
    }
}

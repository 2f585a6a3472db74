package bivouac.design;

import java.util.List;
import java.util.stream.Stream;

/** Edits that take something away, and what each leaves dangling. */
public final class Removal {

    private Removal() {}

    /** What else a removal touches, one sentence a place. */
    public record Touched(List<String> sentences) {
        public Touched {
            sentences = List.copyOf(sentences);
        }
    }

    /** The design without the window; steps that open it stay, and become findings. */
    public static Design window(Design design, String shownName) {
        return new Design(
                design.application(),
                design.windows().stream()
                        .filter(w -> !w.name().shown().equals(shownName))
                        .toList(),
                design.walkthroughs(),
                design.accepted(),
                design.promises());
    }

    public static Touched touchedByWindow(Design design, String shownName) {
        return new Touched(Stream.concat(
                        WaysIn.into(design, shownName).stream()
                                .map(w -> w.place().words() + " opens it"),
                        design.walkthroughs().stream()
                                .filter(w -> w.names(shownName))
                                .map(w -> "the walkthrough “" + w.name() + "” goes there"))
                .distinct()
                .toList());
    }

    /** The design without the part; its script goes with it. */
    public static Design part(Design design, String window, String part) {
        return design.changingFace(
                window,
                w -> w.mapParts(p ->
                        p.name().expression().equals(part) ? java.util.Optional.empty() : java.util.Optional.of(p)));
    }
}

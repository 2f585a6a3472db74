package bivouac.rehearsal;

import bivouac.design.Quoted;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.machine.Sighting.Which;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Whether a part can be used, is to be seen, or can be changed (P1). */
public record PartQuality(Which window, String part, Quality quality, boolean is) implements Expectation.OfScene {

    /** What a part can be or not, with the words for both. */
    public enum Quality {
        ENABLED("enabled", "disabled", Scene.SeenPart::enabled),
        VISIBLE("visible", "invisible", Scene.SeenPart::visible),
        READ_ONLY("read-only", "changeable", Scene.SeenPart::readOnly);

        private final String yes;
        private final String no;
        private final Predicate<Scene.SeenPart> of;

        Quality(String yes, String no, Predicate<Scene.SeenPart> of) {
            this.yes = yes;
            this.no = no;
            this.of = of;
        }

        String word(boolean is) {
            return is ? yes : no;
        }

        boolean of(Scene.SeenPart part) {
            return of.test(part);
        }
    }

    @Override
    public Optional<String> unmet(Scene scene, List<Sighting> seen) {
        return Expectations.ofPart(
                scene,
                window,
                part,
                found -> Expectations.unless(quality.of(found) == is, () -> part + " is " + quality.word(!is)));
    }

    @Override
    public String toString() {
        return "see " + quality.word(is) + " " + Quoted.of(part) + TrailFile.of(window);
    }
}

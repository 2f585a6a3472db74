package bivouac.rehearsal;

import bivouac.design.Quoted;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.machine.Sighting.Which;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The font or colour of a part, as pickers write it; empty for its window's (P1). */
public record PartLook(Which window, String part, Look look, String value) implements Expectation.OfScene {

    /** How a part looks. */
    public enum Look {
        FONT("font", Scene.SeenPart::font),
        COLOUR("colour", Scene.SeenPart::colour);

        private final String word;
        private final Function<Scene.SeenPart, String> of;

        Look(String word, Function<Scene.SeenPart, String> of) {
            this.word = word;
            this.of = of;
        }

        String word() {
            return word;
        }

        String of(Scene.SeenPart part) {
            return of.apply(part);
        }
    }

    @Override
    public Optional<String> unmet(Scene scene, List<Sighting> seen) {
        return Expectations.ofPart(
                scene,
                window,
                part,
                found -> Expectations.unless(
                        look.of(found).equals(value), () -> look.word() + " “" + look.of(found) + "”"));
    }

    @Override
    public String toString() {
        return "see " + look.word() + " " + Quoted.of(value) + " in " + Quoted.of(part) + TrailFile.of(window);
    }
}

package bivouac.check.ways;

import bivouac.design.AccessKey;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Renames;
import bivouac.design.Window;
import bivouac.design.Wording;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Ways to put right the parts of a window. */
public sealed interface PartRepair extends Repair {

    /** A part becomes another one; what was changed otherwise meanwhile stays as it is. */
    record Change(String window, Part before, Part after, String words, String about) implements PartRepair {
        @Override
        public Design in(Design design) {
            String name = before.name().expression();
            boolean same = design.faced(window)
                    .flatMap(f -> f.part(name))
                    .filter(before::equals)
                    .isPresent();
            return same ? design.changingFace(window, f -> f.changingPart(name, after)) : design;
        }
    }

    /** The row of a part stands in the window itself, and on no page (P8). */
    record OffPage(String window, String part) implements PartRepair {
        @Override
        public String words() {
            return "Take it off the page";
        }

        @Override
        public String about() {
            return "Its row then stands in " + window + " itself.";
        }

        @Override
        public Design in(Design design) {
            return design.changingFace(window, f -> f.changingRowOf(part, r -> r.on(Optional.empty())));
        }
    }

    /** A part gets an access key that no other part of its window has: the first of its letters that is free, else none. */
    record AnotherAccessKey(String window, String part) implements PartRepair {
        @Override
        public String words() {
            return "Give it another key";
        }

        @Override
        public String about() {
            return "The first of its letters that no other part of " + window
                    + " has becomes its access key; none if all" + " are taken.";
        }

        @Override
        public Design in(Design design) {
            return design.faced(window)
                    .flatMap(f -> f.part(part).map(p -> with(design, f, p)))
                    .orElse(design);
        }

        private Design with(Design design, FacedWindow face, Part changed) {
            Set<Character> taken = face.parts().stream()
                    .filter(p -> p != changed)
                    .flatMap(p -> key(AccessKey.textOn(p)).stream())
                    .collect(Collectors.toSet());
            String text = AccessKey.textOn(changed);
            String of = design.window(window).map(Window::name).orElseThrow().expression() + "." + part + ".";
            return Wording.of(design).stream()
                    .filter(w -> w.key().startsWith(of) && w.text().equals(text))
                    .findFirst()
                    .map(w -> Wording.changed(design, Map.of(w.key(), keyed(AccessKey.without(text), taken))))
                    .orElse(design);
        }

        private static Optional<Character> key(String text) {
            var at = AccessKey.position(text);
            return at.isEmpty()
                    ? Optional.empty()
                    : Optional.of(Character.toUpperCase(AccessKey.without(text).charAt(at.getAsInt())));
        }

        private static String keyed(String plain, Set<Character> taken) {
            for (int i = 0; i < plain.length(); i++) {
                char letter = plain.toUpperCase(Locale.ROOT).charAt(i);
                if (Character.isLetterOrDigit(letter) && !taken.contains(letter)) {
                    return doubled(plain.substring(0, i)) + "&" + doubled(plain.substring(i));
                }
            }
            return doubled(plain);
        }

        /** An and that is read stands twice in a text with access keys. */
        private static String doubled(String plain) {
            return plain.replace("&", "&&");
        }
    }

    /**
     * A part is named after what it says, as the application names its parts.
     *
     * @param part its name in expressions now
     * @param name the same then
     * @param shown the name that people read then
     */
    record NameAfterText(String window, String part, String name, String shown) implements PartRepair {
        @Override
        public String words() {
            return "Call it " + name;
        }

        @Override
        public String about() {
            return "“" + part + "” of " + window + " is renamed, and all that names it goes along.";
        }

        @Override
        public Design in(Design design) {
            return design.faced(window)
                    .filter(f -> f.part(part).isPresent() && f.part(name).isEmpty())
                    .map(f -> Renames.part(design, window, part, new Name(shown, name)))
                    .orElse(design);
        }
    }
}

package bivouac.check.texts;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.PartRepair;
import bivouac.check.ways.Repair;
import bivouac.design.AccessKey;
import bivouac.design.FacedWindow;
import bivouac.design.Menu;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** One access key that means two things at once: on a window, in a menu, in the row of menus, in a message box. */
public final class AccessKeyFindings {

    private static final String WHY =
            "Which of the two it presses differs from toolkit to toolkit; give one another key.";

    private AccessKeyFindings() {}

    /** Something with an access key. */
    private record Keyed(String text, String shown, Place place, Optional<Repair> repair) {}

    public static void into(List<Finding> found, MessageBox box) {
        Place place = Place.window(box.name().shown());
        twice(
                found,
                box.name().shown(),
                box.answers().stream()
                        .map(a -> new Keyed(a.text(), AccessKey.without(a.text()), place, Optional.empty()))
                        .toList());
    }

    public static void into(List<Finding> found, FacedWindow face) {
        String window = face.name().shown();
        twice(
                found,
                window,
                face.parts().stream()
                        .map(p -> keyed(window, p, AccessKey.textOn(p)))
                        .toList());
        twice(
                found,
                "the menus of " + window,
                face.menus().stream()
                        .map(m -> new Keyed(
                                m.text(), AccessKey.without(m.text()), Place.window(window), Optional.empty()))
                        .toList());
        for (Menu menu : face.menus()) {
            twice(
                    found,
                    "the menu " + AccessKey.without(menu.text()) + " of " + window,
                    menu.commands().stream()
                            .filter(c -> c.each().isOnce()) // what stands on those has no access key (P5)
                            .map(c -> keyed(window, c, c.text()))
                            .toList());
        }
    }

    private static Keyed keyed(String window, Part part, String text) {
        String name = part.name().expression();
        return new Keyed(
                text,
                part.displayName(),
                Place.part(window, name),
                part instanceof Part.MenuCommand
                        ? Optional.empty()
                        : Optional.of(new PartRepair.AnotherAccessKey(window, name)));
    }

    private static void twice(List<Finding> found, String where, List<Keyed> all) {
        Map<Character, Keyed> before = new HashMap<>();
        for (Keyed one : all) {
            AccessKey.position(one.text()).ifPresent(at -> {
                char key = Character.toUpperCase(AccessKey.without(one.text()).charAt(at));
                Keyed other = before.putIfAbsent(key, one);
                if (other != null) {
                    found.add(new Finding(
                            Weight.RISKY,
                            Kind.PART,
                            "Alt+" + key + " on " + where + " means both " + other.shown() + " and " + one.shown()
                                    + ".",
                            WHY,
                            one.place(),
                            one.repair().stream().toList()));
                }
            });
        }
    }
}

package bivouac.check.ending;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.DesignRepair;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.WaysIn;
import java.util.List;

/** A departure that is tied to a window (D1) which is never there, or of which there are many. */
public final class DepartureFindings {

    private DepartureFindings() {}

    public static void into(List<Finding> found, Design design) {
        if (!(design.application().departure() instanceof DepartureRule.WithWindow(String name))) {
            return;
        }
        design.faced(name).filter(f -> f.of() == FacedWindow.Kind.MAIN).ifPresent(face -> {
            if (WaysIn.into(design, name).isEmpty()) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.NEVER_ENDS,
                        "The application is to end with " + name + ", which nothing opens.",
                        "It would never end by itself (D1); open it, or let the application end with its last window.",
                        Place.APPLICATION,
                        List.of(new DesignRepair.EndsWithLastWindow())));
            } else if (face.instancesOrUsual() instanceof Instances.Many) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.WRONG_END,
                        "The application ends with " + name
                                + ", of which many can be open: closing one ends it with all.",
                        "A person who closes one of several expects the others to stay (D1); let it end with its last window,"
                                + " or let there be one only.",
                        Place.APPLICATION,
                        List.of(new DesignRepair.EndsWithLastWindow())));
            }
        });
    }
}

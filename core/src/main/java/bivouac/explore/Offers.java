package bivouac.explore;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Promise;
import bivouac.design.Variable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Promises that many would make of a design, as far as they fit it and are not made yet. */
public final class Offers {

    private Offers() {}

    /** In the order in which they are worth making. */
    public static List<Promise> of(Design design) {
        var offers = new ArrayList<Promise>();
        offers.add(new Promise.Possible(Optional.empty()));
        for (Variable variable : design.application().variables()) {
            String name = variable.name().expression();
            if (variable.saysUnsaved()) {
                main(design)
                        .ifPresent(main -> offers.add(new Promise.Never(new Expression(
                                "app." + name + " && !isOpen(" + main.name().expression() + ")"))));
                offers.add(Promise.nothingUnsaved(variable));
            }
        }
        offers.removeAll(design.promises());
        return List.copyOf(offers);
    }

    /** The window with which the application ends, else its only main window. */
    private static Optional<FacedWindow> main(Design design) {
        List<FacedWindow> mains = design.windows().stream()
                .filter(FacedWindow.class::isInstance)
                .map(FacedWindow.class::cast)
                .filter(f -> f.of() == FacedWindow.Kind.MAIN)
                .toList();
        return design.application().departure() instanceof DepartureRule.WithWindow(String name)
                ? design.faced(name)
                : mains.size() == 1 ? Optional.of(mains.getFirst()) : Optional.empty();
    }
}

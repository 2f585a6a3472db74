package bivouac.desktop.widget;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import javafx.scene.control.ChoiceBox;

/** The departure rule (D1), to be chosen wherever it is seen. */
public final class DepartureChoice extends ChoiceBox<String> {

    private static final String LAST = "when the last window has closed";
    private static final String TOLD = "only when told";
    private static final String WITH = "with ";

    /**
     * @param now the design as it is when a rule is chosen
     * @param change takes the changed design, and what was done
     */
    public DepartureChoice(Supplier<Design> now, String id, BiConsumer<Design, String> change) {
        Design design = now.get();
        setId(id);
        setAccessibleText("When the application ends");
        getItems().addAll(LAST, TOLD);
        design.windows().stream()
                .filter(w -> w instanceof FacedWindow f && f.of() == FacedWindow.Kind.MAIN)
                .forEach(w -> getItems().add(WITH + w.name().shown()));
        setValue(
                switch (design.application().departure()) {
                    case DepartureRule.LastWindow l -> LAST;
                    case DepartureRule.OnlyWhenTold o -> TOLD;
                    case DepartureRule.WithWindow(String window) -> WITH + window;
                });
        setOnAction(e -> {
            Design changing = now.get();
            change.accept(
                    changing.with(changing.application().departing(rule(getValue()))),
                    "the application ends " + getValue());
        });
    }

    private static DepartureRule rule(String words) {
        return switch (words) {
            case LAST -> new DepartureRule.LastWindow();
            case TOLD -> new DepartureRule.OnlyWhenTold();
            default -> new DepartureRule.WithWindow(words.substring(WITH.length()));
        };
    }
}

package bivouac.desktop.widget;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.ChoiceBox;

/** The departure rule (D1), to be chosen wherever it is seen. */
public final class DepartureChoice extends ChoiceBox<String> {

    /**
     * @param now the design as it is when a rule is chosen
     * @param change takes the changed design, and what was done
     */
    public DepartureChoice(Supplier<Design> now, String id, BiConsumer<Design, String> change) {
        Design design = now.get();
        setId(id);
        setAccessibleText("When the application ends");
        getItems().setAll(choices(design));
        setValue(design.application().departure().words());
        setOnAction(e -> {
            Design changing = now.get();
            change.accept(
                    changing.with(changing.application()
                            .departing(DepartureRule.of(getValue()).orElseThrow())),
                    "the application ends " + getValue());
        });
    }

    /** The rules that a design can have, in words. */
    public static List<String> choices(Design design) {
        return Stream.concat(
                        Stream.of(new DepartureRule.LastWindow().words(), new DepartureRule.OnlyWhenTold().words()),
                        design.windows().stream()
                                .filter(w -> w instanceof FacedWindow f && f.of() == FacedWindow.Kind.MAIN)
                                .map(w -> new DepartureRule.WithWindow(w.name().shown()).words()))
                .toList();
    }
}

package bivouac.desktop.window;

import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.desktop.work.Work;
import javafx.scene.control.ChoiceBox;

/** Where one way of closing a window leads, to be chosen: an ending, and for close box and Escape nothing or a button. */
public final class WayChoice extends ChoiceBox<String> {

    private static final String ABSENT = "nothing";
    private static final String PRESSING = "press ";

    public WayChoice(Work work, FacedWindow face, Way way, String id) {
        setId(id);
        setAccessibleText(way.words() + " leads to");
        face.endings().forEach(e -> getItems().add(e.name()));
        if (face.ending(WaysOut.CLOSED).isEmpty() && !way.isOfTheUser()) {
            getItems().add(WaysOut.CLOSED);
        }
        if (way.isOfTheUser()) {
            getItems().add(ABSENT);
            face.parts().stream().filter(Part.Button.class::isInstance).forEach(p -> getItems()
                    .add(PRESSING + p.name().expression()));
        }
        setValue(
                switch (WaysOut.of(face, way)) {
                    case WayOut.Absent a -> ABSENT;
                    case WayOut.AsPressing(String part) -> PRESSING + part;
                    case WayOut.LeadsTo l -> l.ending();
                });
        setOnAction(e -> take(work, face, way, getValue()));
    }

    private static void take(Work work, FacedWindow face, Way way, String value) {
        WayOut out = value.equals(ABSENT)
                ? new WayOut.Absent()
                : value.startsWith(PRESSING)
                        ? new WayOut.AsPressing(value.substring(PRESSING.length()))
                        : WaysOut.leadingTo(face, way, value);
        String name = face.name().shown();
        work.change(
                work.now().design().changingFace(name, f -> f.leaving(way, out)),
                way.words() + " of " + name + ": " + value);
    }
}

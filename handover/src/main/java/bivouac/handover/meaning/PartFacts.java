package bivouac.handover.meaning;

import bivouac.design.Braces;
import bivouac.design.Each;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Setting;
import bivouac.plan.PartPlan;
import java.util.Optional;

/** What of a part is said once, what is brought up to date, and what a person sets off, whatever the toolkit. */
public final class PartFacts {

    /** What stands on the button of a progress. */
    public static final String CANCEL = "Cancel";

    private PartFacts() {}

    /** Whether a setting is told from the beginning, since it is not what it usually is. */
    public static boolean isFixed(Setting setting, boolean told) {
        return setting instanceof Setting.Fixed(boolean yes) && yes == told;
    }

    /** Whether a text, a font, a colour or a file is told from the beginning. */
    public static boolean isFixed(String text) {
        return !text.isEmpty() && !Braces.isLive(text);
    }

    /** The text, or the file of a picture, that is brought up to date at rest (P3); a field's is its first one only. */
    public static Optional<String> live(Part part) {
        boolean isField =
                part instanceof Part.TextField || part instanceof Part.ValueField || part instanceof Part.Choice;
        return Optional.of(PartPlan.content(part)).filter(t -> !isField && Braces.isLive(t));
    }

    /** Whether those of which there is one for each can carry a tick (P5): of windows, where its own is among them. */
    public static boolean ticks(FacedWindow face, Part part) {
        return switch (part.each()) {
            case Each.OfRows(var rows, var ticked) -> ticked.isPresent();
            case Each.OfWindows(String window) ->
                part instanceof Part.MenuCommand && window.equals(face.name().shown());
            case Each.Once once -> false;
        };
    }

    /** The method that answers what can be chosen in a choice that follows a list (P5). */
    public static String items(Part.Choice choice) {
        return choice.name().expression() + "Items";
    }

    /** Whether something runs when a person does what the part's kind is for. */
    public static boolean isTriggered(Part part) {
        boolean does = part.trigger()
                .map(Part.Trigger::script)
                .filter(s -> !s.doesNothing())
                .isPresent();
        return does || part instanceof Part.Link l && !l.address().isEmpty();
    }
}

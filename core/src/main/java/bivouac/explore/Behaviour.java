package bivouac.explore;

import bivouac.design.Application;
import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.Window;
import bivouac.plan.Cell;
import bivouac.plan.Cells;
import bivouac.plan.PartPlan;
import bivouac.plan.Program;
import bivouac.plan.WindowPlan;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;

/**
 * What a design does, without what is only seen in it or said about it: its walkthroughs and accepted findings, facts about
 * the application, sizes, how severe a message box looks, and texts without braces that no expression reads. Two designs
 * that agree in it get into the same situations by the same events; so the one need not be explored again for the other.
 *
 * @param of the design with all that left out; what is told of it names the other
 */
public record Behaviour(Design of) {

    public static Behaviour of(Program program) {
        Design design = program.design();
        var windows = new ArrayList<Window>();
        for (WindowPlan plan : program.windows()) {
            windows.add(of(plan, program.cells()));
        }
        return new Behaviour(new Design(
                design.application().about(Application.About.NOTHING),
                windows,
                List.of(),
                List.of(),
                design.promises()));
    }

    private static Window of(WindowPlan plan, Cells cells) {
        return switch (plan.window()) {
            case FacedWindow face -> {
                // the plan has its parts in the order in which they are passed here
                Iterator<PartPlan> parts = plan.parts().iterator();
                yield face.titled(seen(face.title(), new Cell.OfWindow(plan.number, WindowPlan.TITLE), cells))
                        .sized(FacedWindow.Size.BY_CONTENTS, true)
                        .mapParts(p -> Optional.of(of(p, parts.next().cell(), cells)));
            }
            case MessageBox box ->
                new MessageBox(
                        box.name(),
                        seen(box.title(), new Cell.OfWindow(plan.number, WindowPlan.TITLE), cells),
                        MessageBox.Severity.values()[0],
                        seen(box.text(), new Cell.OfWindow(plan.number, WindowPlan.TEXT), cells),
                        box.takes(),
                        box.answers(),
                        box.byDefault(),
                        box.escape(),
                        box.place());
            case FileDialog dialog -> dialog;
            case Picker picker -> picker;
        };
    }

    private static Part of(Part part, Cell cell, Cells cells) {
        return switch (part) {
            case Part.Caption c ->
                new Part.Caption(c.name(), seen(c.text(), cell, cells), Part.TextSize.NORMAL, c.traits());
            case Part.Button b ->
                new Part.Button(
                        b.name(), seen(b.text(), cell, cells), b.isDefault(), b.each(), b.pressed(), b.traits());
            case Part.Link l ->
                new Part.Link(l.name(), seen(l.text(), cell, cells), l.address(), l.followed(), l.traits());
            // what else they say is what they hold, or what they are called by
            case Part.MenuCommand m -> m.tool(false);
            case Part.TextField f -> f;
            case Part.ValueField f -> f;
            case Part.Choice c -> c;
            case Part.ListOfRows l -> l;
            case Part.Picture p -> p;
            case Part.Progress p -> p;
            case Part.TickBox b -> b;
        };
    }

    /** Nothing, for a text that is only seen. */
    private static String seen(String text, Cell cell, Cells cells) {
        return Braces.isLive(text) || cells.matters(cell) ? text : "";
    }
}

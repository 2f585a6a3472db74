package bivouac.testkit;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Designs of any size of which it is known how many situations they have. */
public final class Families {

    private static final String ASK = "Ask";

    private Families() {}

    /**
     * A main window, and {@code n} windows alongside, each clean or changed, each asking before it closes when changed.
     * The main window has no way out, and when the session ends all goes unasked.
     */
    public static Design changedWindows(int n) {
        var windows = new ArrayList<Window>();
        var openers = new ArrayList<Row>();
        for (int i = 1; i <= n; i++) {
            openers.add(Row.of(Part.Button.of("open" + i, "Open " + i)
                    .triggering(Script.of(Step.Open.of("Sheet " + i, new Manner.Alongside())))));
            windows.add(sheet("Sheet " + i));
        }
        windows.addFirst(FacedWindow.of(FacedWindow.Kind.MAIN, "Desk")
                .withRows(openers)
                .leaving(Way.CLOSE_BOX, new WayOut.Absent()));
        windows.add(new MessageBox(
                Name.of(ASK),
                ASK,
                MessageBox.Severity.QUESTION,
                "Throw the changes away?",
                List.of(),
                List.of(MessageBox.Answer.of("Throw away"), MessageBox.Answer.of("Stay")),
                Optional.empty(),
                Optional.empty()));
        var application = new Application(
                "Family",
                Application.About.NOTHING,
                List.of(),
                Script.of(Step.Open.of("Desk", new Manner.Alongside())),
                new DepartureRule.OnlyWhenTold());
        return new Design(application, windows);
    }

    private static FacedWindow sheet(String name) {
        var asks = Step.Open.of(
                ASK, new Manner.WaitsForApplication(), new Step.Branch("stay", Script.of(new Step.StayOpen())));
        var unasked = new WayOut.LeadsTo(WaysOut.CLOSED, List.of(), true);
        return FacedWindow.of(FacedWindow.Kind.CHILD, name)
                .withRows(List.of(Row.of(Part.Button.of("change", "Change")
                        .triggering(Script.of(Step.SetValue.of("me.changed", "true"))))))
                .holding(List.of(Variable.of("changed", Type.YESNO, "false")))
                .at(
                        FacedWindow.Moment.BEFORE_CLOSING,
                        Script.of(new Step.If(
                                List.of(new Step.If.Case(new Expression("me.changed"), Script.of(asks))),
                                Optional.empty())))
                .leaving(Way.DEPARTURE, unasked)
                .leaving(Way.SESSION_ENDING, unasked);
    }

    /** How many situations {@link #changedWindows} has: none asks, or one of the changed ones does; and ended, and killed. */
    public static long situations(int n) {
        long others = Math.round(Math.pow(3, n - 1));
        return others * (3 + n) + 2;
    }
}

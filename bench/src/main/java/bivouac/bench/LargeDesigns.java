package bivouac.bench;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Window;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Designs of any number of windows that are like real ones: fields, buttons, live captions, dialogs with results. */
public final class LargeDesigns {

    private LargeDesigns() {}

    /** A desk that opens child windows, each of which opens its own dialog and shows what came back. */
    public static Design of(int windows) {
        var all = new ArrayList<Window>();
        int pairs = Math.max(1, (windows - 1) / 2);
        var openers = new ArrayList<Row>();
        for (int i = 0; i < pairs; i++) {
            openers.add(Row.of(Part.Button.of("open " + i, "Open " + i)
                    .triggering(Script.of(Step.Open.of("Sheet " + i, new Manner.Alongside())))));
        }
        openers.add(Row.of(
                Part.Caption.of("shown", "{app.count} so far"),
                Part.Button.of("count", "Count")
                        .triggering(Script.of(Step.SetValue.of("app.count", "app.count + 1")))));
        all.add(FacedWindow.of(FacedWindow.Kind.MAIN, "Desk").withRows(openers));
        for (int i = 0; i < pairs; i++) {
            all.add(sheet(i));
            all.add(dialog(i));
        }
        var application = new Application(
                "Large",
                Application.About.NOTHING,
                List.of(Variable.of("count", Type.WHOLE, "0")),
                Script.of(Step.Open.of("Desk", new Manner.Alongside())),
                new DepartureRule.LastWindow());
        return new Design(application, all);
    }

    private static Window sheet(int i) {
        var open = Step.Open.of(
                        "Entry " + i,
                        new Manner.WaitsForOwner(),
                        new Step.Branch(
                                "ok",
                                Script.of(
                                        Step.SetValue.of("me.shown", "result.text"),
                                        Step.SetValue.of("app.count", "app.count + 1"))),
                        new Step.Branch("cancelled", Script.EMPTY))
                .handing(Given.of("start", "me.name"));
        return FacedWindow.of(FacedWindow.Kind.CHILD, "Sheet " + i)
                .living(Optional.of(new Instances.Single()), false)
                .withRows(List.of(
                        Row.of(Part.TextField.of("name", "Name")),
                        Row.of(Part.ValueField.of("number", "Number")),
                        Row.of(Part.TickBox.of("sure", "Sure")),
                        Row.of(
                                Part.Caption.of("shown", "nothing yet"),
                                Part.Caption.of("live", "{me.name} of {app.count}")),
                        Row.of(Part.Button.of("ask", "Ask").triggering(Script.of(open)))));
    }

    private static Window dialog(int i) {
        var check = new Step.If(
                List.of(new Step.If.Case(
                        new bivouac.design.Expression("blank(me.text) || !me.number.given"),
                        Script.of(new Step.Note("Something is missing.")))),
                Optional.of(Script.of(Step.Close.me("ok", Given.of("text", "me.text + \" \" + shown(me.number)")))));
        return FacedWindow.of(FacedWindow.Kind.DIALOG, "Entry " + i)
                .taking(List.of(Take.of("start", Type.TEXT)))
                .withRows(List.of(
                        Row.of(Part.TextField.of("text", "Text")),
                        Row.of(Part.ValueField.of("number", "Number")),
                        Row.of(
                                Part.Button.of("ok", "OK").triggering(Script.of(check)),
                                Part.Button.of("cancel", "Cancel").triggering(Script.of(Step.Close.me("cancelled"))))))
                .ending(List.of(Ending.of("ok", Ending.Give.of("text", Type.TEXT)), Ending.of("cancelled")));
    }
}

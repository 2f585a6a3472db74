package bivouac.handover;

import static bivouac.machine.Play.*;

import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Holding;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Task;
import bivouac.design.Timer;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;

/** A design in which most of what a step can name is there, and scripts of it as they read in a language. */
final class ScriptFixture {

    private ScriptFixture() {}

    static final ScriptPlace GO = new ScriptPlace.AtPart("Desk", "go");

    private static FacedWindow form() {
        return dialog("Form", button("done", close("ok")))
                .taking(List.of(
                        Take.of("who", Type.TEXT),
                        new Take(Name.of("nights"), Type.WHOLE, Optional.of(new Expression("1")))))
                .ending(List.of(
                        Ending.of("admitted", Ending.Give.of("guest", Type.TEXT), Ending.Give.of("nights", Type.WHOLE)),
                        Ending.of("cancelled")));
    }

    /** A design in which most of what a step can name is there. */
    private static Design design(FacedWindow desk) {
        var task = new Task(
                Name.of("write book"),
                List.of(Take.of("at", Type.TEXT)),
                List.of(
                        Task.Outcome.of("written"),
                        new Task.Outcome(
                                Ending.of("failed", Ending.Give.of("reason", Type.TEXT)), List.of(), Optional.empty())),
                Optional.empty());
        return withMain(
                        desk,
                        form(),
                        child("Plan"),
                        child("Map").failing(true),
                        box("Sure", "Yes", "No"),
                        FileDialog.of(Name.of("Keep"), FileDialog.Asks.SAVE))
                .variable("n", Type.WHOLE, "0")
                .variable("paid", Type.NUMBER, "0.0")
                .variable("file", Type.TEXT, "''")
                .works(task)
                .holds(Holding.of("lock"), Holding.of("pump").failing())
                .does(NamedScript.of("keep", note("kept at {takes.at}")).taking(List.of(Take.of("at", Type.TEXT))))
                .design();
    }

    /** The design whose button {@code go} does these steps. */
    static Program program(Step... steps) {
        Part list = Part.ListOfRows.of(
                "guests", "", new Type.Column("name", Type.TEXT), new Type.Column("nights", Type.WHOLE));
        FacedWindow desk = main("Desk", Part.TextField.of("name", "Name"), list, button("go", steps))
                .with(new bivouac.design.Routines(List.of(), List.of(Timer.of("tick", "5"))))
                .holding(List.of(Variable.of("seen", Type.YESNO, "false")));
        return Program.of(design(desk));
    }

    static String code(Toolkit toolkit, Step... steps) {
        return Handover.script(program(steps), GO, toolkit).strip();
    }

    static String lines(String... lines) {
        return String.join("\n", lines);
    }
}

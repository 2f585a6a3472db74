package bivouac.handover;

import static bivouac.machine.Play.*;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Editing;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Menu;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.design.Part;
import bivouac.design.Picker;
import bivouac.design.PretendFiles;
import bivouac.design.Routines;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Target;
import bivouac.design.Task;
import bivouac.design.Timer;
import bivouac.design.Traits;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Walkthrough;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WorkBreaking;
import bivouac.machine.Play;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * Small designs with a trail each, which together meet every rule that a written program has to obey. Each is played by the
 * rehearsal first; the lines that begin with <em>see</em> say what is meant.
 */
final class Conformance {

    /**
     * A design with its trails.
     *
     * @param rules the ids of those that it is about
     */
    record Case(String name, List<String> rules, Design design, List<List<String>> trails) {

        /** The design with its trails as walkthroughs. */
        Design walked() {
            var walks = new ArrayList<Walkthrough>();
            for (List<String> trail : trails) {
                walks.add(new Walkthrough(name + " " + (walks.size() + 1), Play.TODAY, trail));
            }
            return new Design(design.application(), design.windows(), walks);
        }
    }

    private Conformance() {}

    @SafeVarargs
    @SuppressWarnings("varargs")
    private static Case of(String name, String rules, Design design, List<String>... trails) {
        return new Case(name, List.of(rules.split(" ")), design, List.of(trails));
    }

    static List<Case> all() {
        return List.of(
                parts(),
                pages(),
                eachRow(),
                eachWindow(),
                choiceOfRows(),
                lists(),
                instances(),
                keyed(),
                owners(),
                blocking(),
                heldBack(),
                branches(),
                tasks(),
                background(),
                backgroundInScripts(),
                brokenWork(),
                brokenWorkThatNobodyAnswers(),
                progress(),
                changed(),
                selection(),
                readOnlySelection(),
                editMenu(),
                fromOutside(),
                answers(),
                elsewhere(),
                ownClose(),
                others(),
                everyOne(),
                refusals(),
                closingOrder(),
                waysOut(),
                makingRoom(),
                hiding(),
                dialogs(),
                departureWith(),
                departureLast(),
                plan(),
                session(),
                kept(),
                keptRows(),
                inPlaceThatMayFail(),
                killed(),
                holdings(),
                mayFail(),
                faults(),
                timers(),
                scripts(),
                values(),
                keptWindows(),
                notThereYet());
    }

    private static Case selection() {
        Step says = note("{me.body.selection.from}-{me.body.selection.to} {me.body.selection.text} {me.body.changed}");
        Step area =
                note("{me.lines.selection.from}-{me.lines.selection.to} {me.lines.selection.text} {me.lines.changed}");
        FacedWindow desk = main(
                "Desk",
                new Part.TextField(
                        Name.of("body"),
                        "Body",
                        "a 🌾 field",
                        OptionalInt.of(12),
                        Part.Entry.ONE_LINE,
                        Script.of(note("changed")),
                        Traits.USUAL),
                new Part.TextField(
                        Name.of("lines"),
                        "Lines",
                        "one\n🌾 two\nthree",
                        OptionalInt.empty(),
                        Part.Entry.SEVERAL_LINES,
                        Script.EMPTY,
                        Traits.USUAL),
                button("says", says, area),
                button(
                        "find",
                        Step.SetValue.of("me.body.selection.from", "2"),
                        Step.SetValue.of("me.body.selection.to", "3"),
                        Step.SetValue.of("me.lines.selection.to", "me.lines.indexOf(\"three\") + 5"),
                        Step.SetValue.of("me.lines.selection.from", "me.lines.indexOf(\"two\")"),
                        says,
                        area),
                button(
                        "swap",
                        Step.SetValue.of("me.body.selection.text", "\"wide barley\""),
                        Step.SetValue.of("me.lines.selection.text", "\"2\\n3\""),
                        says,
                        area,
                        note("{me.body}|{me.lines}")),
                button("beyond", Step.SetValue.of("me.body.selection.from", "14"), note("never")),
                button("same", Step.SetValue.of("me.body", "me.body"), says),
                button(
                        "other",
                        Step.SetValue.of("me.body", "\"hay\""),
                        Step.SetValue.of("me.lines", "\"x\""),
                        says,
                        area),
                button("form", waits("Form")));
        return of(
                "what is selected in a text",
                "P7",
                withMain(desk)
                        .with(dialog(
                                "Form",
                                button(
                                        "owners",
                                        note("{owner.lines.selection.text}"),
                                        new Step.SetIn(
                                                "lines.selection.text",
                                                new Target.Every("Desk"),
                                                new Expression("\"y\"")),
                                        note("{owner.lines}"))))
                        .design(),
                List.of(
                        "press \"says\" of \"Desk\"",
                        "see note \"0-0  no\"",
                        "press \"find\" of \"Desk\"",
                        "see note \"2-3 🌾 no\"",
                        "press \"swap\" of \"Desk\"",
                        "see note \"a wide field|one\\n🌾 2\\n3\"",
                        "select from 2 to 6 in \"body\" of \"Desk\"",
                        "select from 4 to 7 in \"lines\" of \"Desk\"",
                        "press \"says\" of \"Desk\"",
                        "see note \"2-6 wide yes\"",
                        "press \"same\" of \"Desk\"",
                        "press \"form\" of \"Desk\"",
                        "press \"owners\" of \"Form\"",
                        "Escape of \"Form\"",
                        "press \"says\" of \"Desk\"",
                        "type \"new\" into \"body\" of \"Desk\"",
                        "type \"two\\nlines\" into \"lines\" of \"Desk\"",
                        "press \"says\" of \"Desk\"",
                        "see note \"3-3  yes\"",
                        "press \"other\" of \"Desk\"",
                        "see note \"0-0  no\"",
                        "press \"find\" of \"Desk\"",
                        "see fault X3"));
    }

    private static Case readOnlySelection() {
        var fixed = new Traits(Setting.YES, Setting.YES, Setting.YES, "", "");
        FacedWindow desk = main(
                "Desk",
                Part.TextField.of("body", "Body").with(fixed),
                button("fill", Step.SetValue.of("me.body", "\"hay\"")),
                button("swap", Step.SetValue.of("me.body.selection.text", "\"oats\""), note("{me.body}")),
                button("beyond", Step.SetValue.of("me.body.selection.to", "9"), note("never")));
        return of(
                "what is selected in a field that takes no change",
                "P7 X3",
                withMain(desk).design(),
                List.of(
                        "press \"fill\" of \"Desk\"",
                        "select from 1 to 3 in \"body\" of \"Desk\"",
                        "press \"swap\" of \"Desk\"",
                        "see note \"hoats\"",
                        "press \"beyond\" of \"Desk\"",
                        "see fault X3"));
    }

    private static Case fromOutside() {
        Step says = note("{size(takes.files)} {takes.files[0]}");
        FacedWindow text = main(
                        "Text",
                        Part.TextField.of("path", "Path"),
                        button("open", Step.SetValue.of("me.file", "me.path")),
                        button("ask", waits("Sure")),
                        button("work", Step.RunTask.of("write")))
                .holding(List.of(
                        new Variable(Name.of("file"), Type.Plain.FILE, Optional.empty(), false),
                        new Variable(Name.of("copy"), Type.Plain.FILE, Optional.empty(), false)));
        text = text.with(text.routines()
                .withScripts(List.of(
                        NamedScript.of(
                                        Outside.FILES_DROPPED.script(),
                                        note("dropped"),
                                        says,
                                        run("read", when("found", note("found {takes.files[0]}")))
                                                .inBackground(true))
                                .taking(List.of(Outside.FILES_DROPPED.take())),
                        NamedScript.of(Outside.FILE_CHANGED.script(), waits("Changed"), note("read {takes.file}"))
                                .taking(List.of(Outside.FILE_CHANGED.take())),
                        NamedScript.of(
                                        Outside.FILE_GONE.script(),
                                        note("gone {takes.file}"),
                                        Step.SetValue.of("me.file", "\"\""))
                                .taking(List.of(Outside.FILE_GONE.take())))));
        Design design = withMain(text)
                .with(box("Sure", "yes"), box("Changed", "fine"))
                .works(Task.of("write"), task("read", "found", "none"))
                .does(NamedScript.of(Outside.FILES_OPENED.script(), waits("Sure"), says)
                        .taking(List.of(Outside.FILES_OPENED.take())))
                .design();
        design = design.with(
                design.application().pretending(new PretendFiles(List.of("/moor.txt", "/tarn.txt"), List.of(), false)));
        return of(
                "what comes from outside",
                "F1 F2 F3",
                design,
                List.of(
                        "open files \"/moor.txt\", \"/a b/elsewhere.txt\"",
                        "answer \"yes\" of \"Sure\"",
                        "see note \"2 /moor.txt\"",
                        "drop \"/tarn.txt\" on \"Text\"",
                        "see note \"1 /tarn.txt\"",
                        "press \"ask\" of \"Text\"",
                        "answer \"yes\" of \"Sure\"",
                        "task \"read\" ends \"found\" of \"Text\"",
                        "see note \"found /tarn.txt\"",
                        "type \"/moor.txt\" into \"path\" of \"Text\"",
                        "press \"open\" of \"Text\"",
                        "press \"ask\" of \"Text\"",
                        "file \"/moor.txt\" changes of \"Text\"",
                        "answer \"fine\" of \"Changed\"",
                        "see note \"read /moor.txt\"",
                        "answer \"yes\" of \"Sure\"",
                        "press \"work\" of \"Text\"",
                        "task \"write\" ends \"done\" of \"Text\"",
                        "file \"/moor.txt\" is gone of \"Text\"",
                        "see note \"gone /moor.txt\""));
    }

    private static Case editMenu() {
        List<Part.MenuCommand> commands = Stream.of(Editing.values())
                .map(e -> Part.MenuCommand.of(e.words().replace(" ", ""), e.text(), e.shortcut())
                        .doing(Optional.of(e)))
                .toList();
        FacedWindow desk = main(
                        "Desk",
                        Part.TextField.of("body", "Body"),
                        button("say", note("{me.body}")),
                        button(
                                "off",
                                Step.SetValue.of("me.cut.enabled", "false"),
                                Step.SetValue.of("me.redo.visible", "false")))
                .withMenus(List.of(new Menu("&Edit", commands)));
        return of(
                "edit commands",
                "P6",
                withMain(desk).design(),
                List.of(
                        "type \"hay\" into \"body\" of \"Desk\"",
                        "press \"off\" of \"Desk\"",
                        "press \"say\" of \"Desk\""));
    }

    private static Case changed() {
        Step says =
                note("{me.body.changed} {me.lines.changed} {me.nights.changed} {me.board.changed} {me.hay.changed}");
        FacedWindow desk = main(
                        "Desk",
                        Part.TextField.of("body", "Body"),
                        new Part.TextField(
                                Name.of("lines"),
                                "Lines",
                                "",
                                OptionalInt.empty(),
                                Part.Entry.SEVERAL_LINES,
                                Script.EMPTY,
                                Traits.USUAL),
                        Part.ValueField.of("nights", "Nights", Part.Holds.WHOLE),
                        Part.Choice.of("board", "Board", "full", "half"),
                        Part.TickBox.of("hay", "Hay"),
                        button("say", says),
                        button("saved", Step.SetValue.of("me.body.changed", "false"), says),
                        button(
                                "set",
                                Step.SetValue.of("me.body", "me.body"),
                                Step.SetValue.of("me.lines", "\"x\""),
                                Step.SetValue.of("me.nights", "2"),
                                Step.SetValue.of("me.board", "\"half\""),
                                Step.SetValue.of("me.hay", "true"),
                                says),
                        button("other", waits("Form")))
                .at(FacedWindow.Moment.OPENED, Script.of(Step.SetValue.of("me.lines", "\"began\""), says));
        return of(
                "what a person has changed",
                "P1 P2",
                withMain(desk)
                        .with(dialog(
                                "Form",
                                button(
                                        "asks",
                                        note("{owner.body.changed}"),
                                        new Step.SetIn("body", new Target.Every("Desk"), new Expression("\"y\"")),
                                        note("{owner.body.changed}"))))
                        .design(),
                List.of(
                        "press \"say\" of \"Desk\"",
                        "see note \"no no no no no\"",
                        "type \"a\" into \"body\" of \"Desk\"",
                        "type \"two lines\" into \"lines\" of \"Desk\"",
                        "type \"7\" into \"nights\" of \"Desk\"",
                        "select \"half\" in \"board\" of \"Desk\"",
                        "tick \"hay\" of \"Desk\"",
                        "press \"say\" of \"Desk\"",
                        "see note \"yes yes yes yes yes\"",
                        "press \"saved\" of \"Desk\"",
                        "see note \"no yes yes yes yes\"",
                        "type \"ab\" into \"body\" of \"Desk\"",
                        "press \"other\" of \"Desk\"",
                        "press \"asks\" of \"Form\"",
                        "see note \"yes\"",
                        "see note \"no\"",
                        "Escape of \"Form\"",
                        "press \"set\" of \"Desk\"",
                        "see note \"no no no no no\""));
    }

    private static NamedScript answering(String name, Step... steps) {
        return NamedScript.of(name, steps)
                .ending(List.of(
                        bivouac.design.Ending.of("saved", bivouac.design.Ending.Give.of("at", Type.TEXT)),
                        bivouac.design.Ending.of("given up")));
    }

    private static Step saved(String at) {
        return Step.Return.of("saved", Given.of("at", at));
    }

    private static Step sure(Step... no) {
        return waits("Sure", when("no", no));
    }

    private static Case answers() {
        Step.Do save = Step.Do.of("save", Given.of("to", "\"a\" + me.title"));
        Step.Do both = new Step.Do(
                "save",
                Optional.empty(),
                List.of(),
                save.handOver(),
                Optional.of("mine"),
                List.of(when("saved", note("{mine.at}")), when("given up", note("given up"))));
        NamedScript script = answering(
                        "save",
                        new Step.Repeat(Script.of(sure(
                                new Step.If(
                                        List.of(new Step.If.Case(
                                                new Expression("app.n == 0"),
                                                Script.of(Step.SetValue.of("app.n", "1"), new Step.Again()))),
                                        Optional.empty()),
                                Step.Return.of("given up")))),
                        Step.Do.of("fetching"),
                        saved("takes.to + app.found"),
                        note("never"))
                .taking(List.of(Take.of("to", Type.TEXT)));
        NamedScript own = answering("ask", sure(new Step.StayOpen()), note("asked"));
        FacedWindow desk = main(
                        "Desk",
                        button("both", both, note("after")),
                        button("one", save.when(when("given up", note("no"))), note("after")),
                        button("none", save, note("after")),
                        button("own", Step.Do.of("ask").when(when("saved", note("never"))), note("after")))
                .with(new Routines(List.of(own), List.of()));
        return of(
                "scripts that answer",
                "W11 W4 W5 W7 C2",
                withMain(before(desk, Step.Do.of("ask").when(when("given up", new Step.StayOpen()))))
                        .variable("n", Type.WHOLE, "0")
                        .variable("found", Type.TEXT, "\"\"")
                        .with(box("Sure", "Yes", "No"))
                        .works(task("fetch", "found", "lost"))
                        .does(
                                script,
                                NamedScript.of(
                                        "fetching",
                                        run("fetch", when("found", Step.SetValue.of("app.found", "\"!\"")))
                                                .inBackground(true)))
                        .design(),
                List.of(
                        "press \"both\" of \"Desk\"",
                        "answer \"no\" of \"Sure\"",
                        "answer \"no\" of \"Sure\"",
                        "see note \"given up\"",
                        "see note \"after\"",
                        "press \"both\" of \"Desk\"",
                        "answer \"yes\" of \"Sure\"",
                        "see \"Desk\" blocked",
                        "task \"fetch\" ends \"found\" of \"Desk\"",
                        "see note \"after\"",
                        "press \"one\" of \"Desk\"",
                        "answer \"yes\" of \"Sure\"",
                        "task \"fetch\" ends \"found\" of \"Desk\"",
                        "press \"one\" of \"Desk\"",
                        "answer \"no\" of \"Sure\"",
                        "see note \"no\"",
                        "press \"none\" of \"Desk\"",
                        "answer \"no\" of \"Sure\"",
                        "see note \"after\""),
                List.of(
                        "press \"own\" of \"Desk\"",
                        "answer \"no\" of \"Sure\"",
                        "press \"own\" of \"Desk\"",
                        "answer \"yes\" of \"Sure\"",
                        "see note \"asked\"",
                        "see note \"after\"",
                        "close box of \"Desk\"",
                        "answer \"no\" of \"Sure\"",
                        "see \"Desk\" free",
                        "close box of \"Desk\"",
                        "answer \"yes\" of \"Sure\""));
    }

    private static Case elsewhere() {
        Step fetch = run("fetch", when("found", note("fetched"))).inBackground(true);
        NamedScript save = answering(
                        "save",
                        sure(Step.Return.of("given up")),
                        note("{takes.to} {takes.nr} {me.title}"),
                        fetch,
                        saved("me.title"))
                .taking(List.of(Take.of("to", Type.TEXT)));
        NamedScript away = NamedScript.of("away", sure(new Step.StayOpen()), close("closed"), note("never"));
        NamedScript late = NamedScript.of("late", fetch, note("late"));
        FacedWindow text = child("Text")
                .living(Optional.of(new Instances.Many()), false)
                .taking(List.of(new Take(Name.of("nr"), Type.WHOLE, Optional.of(new Expression("7")))))
                .with(new Routines(List.of(save, away, late), List.of()));
        NamedScript tell = answering("tell", note("told {takes.what}"), saved("takes.what + \"!\""))
                .taking(List.of(Take.of("what", Type.TEXT)));
        Step.Do all = Step.Do.of("save", Given.of("to", "app.to"))
                .in(new Target.Every("Text"), "given up")
                .when(when("given up", note("stopped")));
        FacedWindow desk = main(
                        "Desk",
                        button("open", alongside("Text")),
                        button("all", all, note("after")),
                        button("late", Step.Do.of("late").in(new Target.Every("Text")), note("after")),
                        button("away", Step.Do.of("away").in(new Target.Every("Text")), note("after")),
                        button("one", Step.Do.of("ask").in(new Target.Single("Panel")), note("after")),
                        button("panel", alongside("Panel")))
                .with(new Routines(List.of(tell), List.of()));
        FacedWindow panel = child(
                        "Panel",
                        button("all", all, note("after")),
                        button(
                                "tell",
                                Step.Do.of("tell", Given.of("what", "\"so\""))
                                        .in(new Target.Owner())
                                        .when(when("saved", note("{result.at}")))))
                .with(new Routines(List.of(NamedScript.of("ask", sure(), note("asked"))), List.of()));
        return of(
                "scripts done in other windows",
                "W12 W11 B5 R2 W6 C2 X3",
                withMain(before(desk, all, note("leaving")))
                        .departs(new DepartureRule.WithWindow("Desk"))
                        .variable("to", Type.TEXT, "\"there\"")
                        .with(
                                text,
                                owned(panel),
                                box("Sure", "Yes", "No"),
                                dialog(
                                        "Form",
                                        button(
                                                "shut",
                                                new Step.Close(
                                                        new Target.Single("Panel"),
                                                        Optional.empty(),
                                                        List.of(),
                                                        Script.EMPTY))))
                        .works(task("fetch", "found", "lost"))
                        .design(),
                List.of(
                        "press \"all\" of \"Desk\"",
                        "see note \"after\"",
                        "press \"open\" of \"Desk\"",
                        "press \"open\" of \"Desk\"",
                        "press \"open\" of \"Desk\"",
                        "press \"all\" of \"Desk\"",
                        "see \"Text\" blocked",
                        "answer \"yes\" of \"Sure\"",
                        "task \"fetch\" ends \"found\" of \"Text\" 3",
                        "answer \"no\" of \"Sure\"",
                        "see note \"stopped\"",
                        "see note \"after\"",
                        "see \"Text\" free",
                        "press \"late\" of \"Desk\"",
                        "task \"fetch\" ends \"found\" of \"Text\" 3",
                        "see note \"late\"",
                        "task \"fetch\" ends \"found\" of \"Text\" 2",
                        "task \"fetch\" ends \"found\" of \"Text\"",
                        "see note \"after\"",
                        "press \"away\" of \"Desk\"",
                        "answer \"yes\" of \"Sure\"",
                        "answer \"no\" of \"Sure\"",
                        "close box of \"Desk\"",
                        "answer \"no\" of \"Sure\"",
                        "see note \"stopped\"",
                        "see note \"leaving\""),
                List.of(
                        "press \"panel\" of \"Desk\"",
                        "press \"one\" of \"Desk\"",
                        "see \"Panel\" blocked",
                        "answer \"yes\" of \"Sure\"",
                        "see note \"asked\"",
                        "press \"tell\" of \"Panel\"",
                        "see note \"told so\"",
                        "see note \"so!\"",
                        "press \"open\" of \"Desk\"",
                        "press \"open\" of \"Desk\"",
                        "press \"all\" of \"Panel\"",
                        "answer \"yes\" of \"Sure\"",
                        "task \"fetch\" ends \"lost\" of \"Text\" 2",
                        "answer \"yes\" of \"Sure\"",
                        "task \"fetch\" ends \"found\" of \"Text\"",
                        "see note \"after\""),
                List.of("press \"one\" of \"Desk\"", "see fault X3"));
    }

    /** A trigger with nothing behind it says so, and goes on; where it stands in a named script, of the script's own. */
    private static Case notThereYet() {
        FacedWindow desk = main(
                        "Desk",
                        Part.Button.of("later", "&Count {sheep}")
                                .triggering(Script.of(new Step.NotThereYet(), note("on"))),
                        button("other", new Step.Do("later on", List.of())))
                .with(new Routines(
                        List.of(new NamedScript(Name.of("later on"), List.of(), Script.of(new Step.NotThereYet()))),
                        List.of()));
        return of(
                "not there yet",
                "P2 W7",
                withMain(desk).design(),
                List.of("press \"later\" of \"Desk\"", "press \"other\" of \"Desk\""));
    }

    private static Part.TextField field(String name) {
        return Part.TextField.of(name, name);
    }

    private static Case parts() {
        var command = new Part.MenuCommand(
                Name.of("show"),
                "&Show",
                "Ctrl+H",
                true,
                false,
                Each.ONCE,
                Optional.empty(),
                Script.of(note("ticked {me.show.ticked}")),
                Traits.USUAL);
        FacedWindow desk = main(
                        "Desk",
                        new Part.TextField(
                                Name.of("name"),
                                "Name",
                                "a{app.n}",
                                OptionalInt.of(5),
                                Part.Entry.ONE_LINE,
                                Script.of(note("changed to {me.name}")),
                                Traits.USUAL),
                        Part.ValueField.of("nights", "Nights", Part.Holds.WHOLE),
                        Part.ValueField.of("paid", "Paid"),
                        new Part.Choice(
                                Name.of("board"),
                                "Board",
                                List.of("none", "full"),
                                java.util.Optional.empty(),
                                "none",
                                Script.of(note("board {me.board}")),
                                Traits.USUAL),
                        new Part.TickBox(
                                Name.of("loft"), "&Loft", true, Script.of(note("loft {me.loft}")), Traits.USUAL),
                        Part.Caption.of("live", "{app.n} and {me.nights.typed} {{as it is}"),
                        new Part.Link(
                                Name.of("more"), "more", "hut.example", Script.of(note("followed")), Traits.USUAL),
                        new Part.Button(
                                Name.of("go"),
                                "&Go",
                                true,
                                Each.ONCE,
                                Script.of(
                                        set("app.n", "app.n + 1"),
                                        set("me.name", "'long enough'"),
                                        set("me.paid", "2.50"),
                                        set("me.title", "'Desk ' + shown(app.n)"),
                                        set("me.quiet.enabled", "!me.quiet.enabled")),
                                Traits.USUAL.enabled(
                                        new Setting.Follows(new Expression("me.nights.given && me.nights > 1")))),
                        button("quiet", note("quiet")))
                .withMenus(List.of(new Menu("&View", List.of(command))));
        return of(
                "parts",
                "P1 P2 P3 P4 E1 E2 E3 S1 V1 V2",
                withMain(desk).variable("n", Type.WHOLE, "1").design(),
                List.of(
                        "see \"a1\" in \"name\" of \"Desk\"",
                        "type \"abcdefg\" into \"name\" of \"Desk\"",
                        "see \"abcde\" in \"name\" of \"Desk\"",
                        "type \"x\" into \"nights\" of \"Desk\"",
                        "see disabled \"go\" of \"Desk\"",
                        "type \"2\" into \"nights\" of \"Desk\"",
                        "press \"go\" of \"Desk\"",
                        "see \"long \" in \"name\" of \"Desk\"",
                        "Enter of \"Desk\"",
                        "press \"quiet\" of \"Desk\"",
                        "select \"full\" in \"board\" of \"Desk\"",
                        "tick \"loft\" of \"Desk\"",
                        "press \"show\" of \"Desk\"",
                        "press \"more\" of \"Desk\"",
                        "press \"show\" of \"Desk\""));
    }

    /** Pages, with pages on one of them, a group, and a list to follow; radio buttons, tools and a status line (P8). */
    private static Case pages() {
        var detail = Part.Choice.of("detail", "", "Guests", "Notes \"&\" more")
                .drawn(Part.ChoiceLook.PAGES)
                .triggering(Script.of(note("page {me.detail}")));
        var inner = Part.Choice.of("inner", "Inner", "one", "two").drawn(Part.ChoiceLook.PAGES);
        var open = Part.Choice.of("open", "Open")
                .following("app.texts")
                .drawn(Part.ChoiceLook.PAGES)
                .triggering(Script.of(note("shows {me.open}")));
        var board = Part.Choice.of("board", "Board", "none", "half", "full")
                .drawn(Part.ChoiceLook.RADIO_BUTTONS)
                .triggering(Script.of(note("board {me.board}")));
        var list = Part.ListOfRows.of("names", "Names", new Type.Column("name", Type.TEXT))
                .starting(List.of(List.of("Orla"), List.of("Tam")));
        var more = Optional.of(new Row.Page("detail", "Notes \"&\" more"));
        var status = new Part.Caption(
                Name.of("status"),
                "{me.detail}: {me.board.anyChosen ? me.board : \"-\"}",
                Part.TextSize.STATUS_LINE,
                Traits.USUAL);
        var save = Part.MenuCommand.of("save", "&Save", "Ctrl+S").tool(true).triggering(Script.of(note("saved")));
        var bold = Part.MenuCommand.of("bold", "&Bold", "")
                .ticking(true)
                .tool(true)
                .triggering(Script.of(note("bold {me.bold.ticked}")))
                .with(Traits.USUAL.enabled(new Setting.Follows(new Expression("me.inner == \"two\""))));
        FacedWindow desk = main("Desk")
                .withMenus(List.of(new Menu("&File", List.of((Part.MenuCommand) save, (Part.MenuCommand) bold))))
                .withRows(List.of(
                        Row.of(board),
                        Row.of(detail),
                        Row.of(Part.TextField.of("who", "Who"), button("add", note("added {me.who}")))
                                .on(Optional.of(new Row.Page("detail", "Guests"))),
                        Row.of(list).on(Optional.of(new Row.Page("detail", "Guests"))),
                        Row.of(inner).on(more),
                        Row.of(Part.TickBox.of("wet", "&Wet")).in("Weather").on(more),
                        Row.of(Part.TickBox.of("cold", "&Cold")).in("Weather").on(more),
                        Row.of(button("deep", note("deep"), set("me.detail", "\"\"")))
                                .on(Optional.of(new Row.Page("inner", "two"))),
                        Row.of(
                                open,
                                button("close", set("app.texts", "app.texts.filter(t, t != me.open)")),
                                button(
                                        "hide",
                                        set("me.detail.visible", "!me.detail.visible"),
                                        set("me.board", "\"half\""))),
                        Row.of(status)));
        return of(
                "pages and tools",
                "P8 P4 P5",
                withMain(desk)
                        .variable("texts", new Type.ListOf(Type.TEXT), "[\"a\", \"b\", \"c\"]")
                        .design(),
                List.of(
                        "see invisible \"deep\" of \"Desk\"",
                        "select \"full\" in \"board\" of \"Desk\"",
                        "press \"save\" of \"Desk\"",
                        "type \"Ilva\" into \"who\" of \"Desk\"",
                        "press \"add\" of \"Desk\"",
                        "select \"Notes \\\"&\\\" more\" in \"detail\" of \"Desk\"",
                        "see invisible \"who\" of \"Desk\"",
                        "see \"Notes \\\"&\\\" more: full\" in \"status\" of \"Desk\"",
                        "tick \"cold\" of \"Desk\"",
                        "select \"two\" in \"inner\" of \"Desk\"",
                        "press \"bold\" of \"Desk\"",
                        "press \"deep\" of \"Desk\"",
                        "see invisible \"deep\" of \"Desk\"",
                        "select \"c\" in \"open\" of \"Desk\"",
                        "press \"close\" of \"Desk\"",
                        "see \"a\" in \"open\" of \"Desk\"",
                        "press \"close\" of \"Desk\"",
                        "press \"hide\" of \"Desk\"",
                        "see invisible \"add\" of \"Desk\"",
                        "see \"half\" in \"board\" of \"Desk\"",
                        "press \"hide\" of \"Desk\"",
                        "press \"add\" of \"Desk\""));
    }

    /** Commands and buttons for each row: of a list of texts, of rows, of numbers, with conditions, hidden and disabled. */
    private static Case eachRow() {
        var plan = Part.ListOfRows.of(
                        "plan", "Plan", new Type.Column("guest", Type.TEXT), new Type.Column("nights", Type.WHOLE))
                .starting(List.of(List.of("Orla & Tam", "3"), List.of("Maba_", "1")));
        Part pick = Part.Button.of("pick", "{row.guest}: {row.nights}")
                .forEach(new Each.OfRows("me.plan.rows.sortBy(r, r.nights)"))
                .triggering(Script.of(
                        set("me.plan.rows", "me.plan.rows.filter(r, r != row)"),
                        waits("Sure", when("yes", note("gone {row.guest} after {row.nights}"))),
                        note("{row.nights + 1}")))
                .with(Traits.USUAL.enabled(new Setting.Follows(new Expression("row.nights < 3 || app.all"))));
        Part number = Part.Button.of(
                        "number",
                        "{row} {[1, 2].map(row, [row].map(row, row + 1).size()).filter(class, class > 0).size()}")
                .forEach(new Each.OfRows("[app.n, app.n * 2]"))
                .triggering(Script.of(set("app.n", "row + 1")));
        var recent = new Part.MenuCommand(
                Name.of("recent"),
                "Open {row}, {app.n}",
                "Ctrl+1",
                false,
                true,
                new Each.OfRows(
                        new Expression("app.files"), Optional.of(new Expression("row == app.now && app.n > 0"))),
                Optional.empty(),
                Script.of(
                        set("app.now", "row"),
                        set("app.files", "[row] + app.files.filter(f, f != row)"),
                        note("opens {row}")),
                Traits.USUAL);
        FacedWindow desk = main(
                        "Desk",
                        plan,
                        pick,
                        number,
                        button(
                                "all",
                                set("app.all", "!app.all"),
                                set("me.number.enabled", "!me.number.enabled"),
                                set("me.recent.visible", "!me.recent.visible"),
                                set("app.files", "app.files + ['a & b_c.txt']")),
                        button("none", set("app.files", "[]"), set("me.plan.rows", "[]")))
                .withMenus(List.of(new Menu(
                        "&File", List.of(command("first", note("first")), recent, command("last", note("last"))))));
        return of(
                "each row",
                "P5 P1 P3",
                withMain(desk)
                        .variable("files", new Type.ListOf(Type.TEXT), "['a.txt', 'b.txt']")
                        .variable("now", Type.TEXT, "'b.txt'")
                        .variable("n", Type.WHOLE, "1")
                        .variable("all", Type.YESNO, "false")
                        .with(box("Sure", "Yes", "No"))
                        .design(),
                List.of(
                        "see \"Open a.txt, 1; Open b.txt, 1\" in \"recent\" of \"Desk\"",
                        "press row 2 in \"recent\" of \"Desk\"",
                        "press row 2 in \"recent\" of \"Desk\"",
                        "press \"all\" of \"Desk\"",
                        "press row 2 in \"pick\" of \"Desk\"",
                        "answer \"yes\" of \"Sure\"",
                        "see \"Maba_: 1\" in \"pick\" of \"Desk\"",
                        "press \"all\" of \"Desk\"",
                        "press row 3 in \"recent\" of \"Desk\"",
                        "press row 2 in \"number\" of \"Desk\"",
                        "press row 1 in \"number\" of \"Desk\"",
                        "press \"none\" of \"Desk\"",
                        "see \"\" in \"recent\" of \"Desk\"",
                        "press \"last\" of \"Desk\"",
                        "press \"all\" of \"Desk\"",
                        "press \"all\" of \"Desk\"",
                        "press row 1 in \"recent\" of \"Desk\""));
    }

    /** A choice that follows a list: chosen by hand and by a step, gone from the list and back, and set in the same script. */
    private static Case choiceOfRows() {
        Part guest = new Part.Choice(
                Name.of("guest"),
                "Guest",
                List.of(),
                Optional.of(new Expression("app.guests")),
                "Ilva",
                Script.of(note("chose {me.guest}")),
                Traits.USUAL);
        FacedWindow desk = main(
                        "Desk",
                        guest,
                        Part.Caption.of("any", "{me.guest.anyChosen ? me.guest : 'nobody'}"),
                        button(
                                "arrive",
                                set("app.guests", "app.guests + ['Bero']"),
                                set("me.guest", "'Bero'"),
                                note("{me.guest}")),
                        button("leave", set("app.guests", "app.guests.filter(g, g != me.guest)")),
                        button("back", set("app.guests", "['Ilva', 'Maba', 'Bero']")))
                .at(FacedWindow.Moment.OPENED, Script.of(note("{me.guest}")));
        return of(
                "choice of rows",
                "P4 P5",
                withMain(desk)
                        .variable("guests", new Type.ListOf(Type.TEXT), "['Maba', 'Ilva']")
                        .design(),
                List.of(
                        "see \"Ilva\" in \"guest\" of \"Desk\"",
                        "select \"Maba\" in \"guest\" of \"Desk\"",
                        "press \"leave\" of \"Desk\"",
                        "see \"nobody\" in \"any\" of \"Desk\"",
                        "press \"arrive\" of \"Desk\"",
                        "see \"Bero\" in \"guest\" of \"Desk\"",
                        "press \"leave\" of \"Desk\"",
                        "press \"back\" of \"Desk\"",
                        "see \"Bero\" in \"any\" of \"Desk\"",
                        "select \"Maba\" in \"guest\" of \"Desk\""));
    }

    private static Part.MenuCommand command(String name, Step... steps) {
        return (Part.MenuCommand) Part.MenuCommand.of(name, name, "").triggering(Script.of(steps));
    }

    /** A Window menu in each of several windows, and buttons for those of which there is one for each key. */
    private static Case eachWindow() {
        Step.Reach front = new Step.Reach(Step.Reach.How.BRING_TO_FRONT, new Target.Kept(Each.ROW));
        var windows = (Part.MenuCommand) Part.MenuCommand.of("windows", "", "Ctrl+1")
                .forEach(new Each.OfWindows("Sheet"))
                .triggering(Script.of(note("to {row.title}"), front));
        FacedWindow sheet = child("Sheet", button("rename", set("me.title", "'Renamed'")))
                .living(Optional.of(new Instances.Many()), false)
                .withMenus(List.of(new Menu("&Window", List.of(windows))));
        FacedWindow card = child("Card", button("leave", close("closed")))
                .titled("Card {takes.n}")
                .taking(List.of(Take.of("n", Type.WHOLE)))
                .living(Optional.of(new Instances.OneForEach("n")), false);
        Part cards = Part.Button.of("cards", "")
                .forEach(new Each.OfWindows("Card"))
                .triggering(Script.of(
                        new Step.Close(new Target.Kept(Each.ROW), Optional.empty(), List.of(), Script.EMPTY),
                        onlyIf("!isOpen(row)", note("gone"))))
                .with(Traits.USUAL.enabled(new Setting.Follows(new Expression("app.n != 1"))));
        FacedWindow desk = main(
                        "Desk",
                        cards,
                        button("sheet", alongside("Sheet")),
                        button(
                                "card",
                                set("app.n", "app.n - 1"),
                                alongside("Card").handing(Given.of("n", "app.n"))))
                .withMenus(List.of(new Menu("&Window", List.of(windows))));
        return of(
                "each window",
                "P5 O9 R2",
                withMain(desk).variable("n", Type.WHOLE, "4").with(sheet, card).design(),
                List.of(
                        "press \"sheet\" of \"Desk\"",
                        "press \"sheet\" of \"Desk\"",
                        "press \"rename\" of \"Sheet\" 2",
                        "see \"Sheet; Renamed\" in \"windows\" of \"Sheet\"",
                        "press row 2 in \"windows\" of \"Sheet\"",
                        "press row 1 in \"windows\" of \"Sheet\" 2",
                        "close box of \"Sheet\"",
                        "see \"Renamed\" in \"windows\" of \"Sheet\" 2",
                        "press \"card\" of \"Desk\"",
                        "press \"card\" of \"Desk\"",
                        "see \"Card 2; Card 3\" in \"cards\" of \"Desk\"",
                        "press row 2 in \"cards\" of \"Desk\"",
                        "see \"Card 2\" in \"cards\" of \"Desk\"",
                        "press \"card\" of \"Desk\"",
                        "press \"card\" of \"Desk\"",
                        "press row 1 in \"cards\" of \"Desk\""));
    }

    private static Case lists() {
        Part.ListOfRows list = Part.ListOfRows.of(
                        "guests", "Guests", new Type.Column("name", Type.TEXT), new Type.Column("nights", Type.WHOLE))
                .starting(List.of(List.of("Orla", "1"), List.of("Tam", "3"), List.of("Maba", "x")))
                .removedByHand(true)
                .at(Part.RowMoment.ACTIVATED, Script.of(note("activated {row.name}")))
                .at(
                        Part.RowMoment.BEFORE_REMOVING,
                        Script.of(new Step.If(
                                List.of(new Step.If.Case(
                                        new Expression("row.nights > 2"),
                                        Script.of(waits("Sure", when("no", new Step.KeepRow()))))),
                                Optional.empty())));
        FacedWindow desk = main(
                "Desk",
                list,
                button("add", new Step.AddRow("me.guests", List.of(Given.of("name", "'new'")))),
                button(
                        "change",
                        new Step.ChangeRow("me.guests", List.of(Given.of("nights", "me.guests.selected.nights + 1")))),
                button("remove", new Step.RemoveRow("me.guests", false)),
                button("past", new Step.RemoveRow("me.guests", true)),
                button("first", set("me.guests.selectedNumber", "1")),
                button("all", set("me.guests.rows", "me.guests.rows.filter(r, r.nights < 3)")),
                Part.Caption.of("sum", "{me.guests.anySelected ? me.guests.selected.name : 'none'}"));
        return of(
                "lists",
                "P2 C2 V3",
                withMain(desk, box("Sure", "Yes", "No")).design(),
                List.of(
                        "select row 2 in \"guests\" of \"Desk\"",
                        "activate row in \"guests\" of \"Desk\"",
                        "press \"change\" of \"Desk\"",
                        "press \"remove\" of \"Desk\"",
                        "answer \"no\" of \"Sure\"",
                        "remove rows in \"guests\" of \"Desk\"",
                        "answer \"yes\" of \"Sure\"",
                        "press \"add\" of \"Desk\"",
                        "press \"first\" of \"Desk\"",
                        "press \"past\" of \"Desk\"",
                        "press \"all\" of \"Desk\""));
    }

    private static Case instances() {
        FacedWindow plan = child(
                        "Plan", button("count", set("me.n", "me.n + 1")), Part.Caption.of("shows", "{me.n} {takes.t}"))
                .holding(List.of(Variable.of("n", Type.WHOLE, "0")))
                .taking(List.of(Take.of("t", Type.TEXT)))
                .living(Optional.of(new Instances.Single()), false)
                .at(FacedWindow.Moment.BROUGHT_BACK, Script.of(note("back with {takes.t}")))
                .at(FacedWindow.Moment.OPENED, Script.of(note("opened with {takes.t}")));
        return of(
                "instances",
                "O1 O2 O3 O4 O6",
                withMain(
                                main(
                                        "Desk",
                                        button("one", alongside("Plan").handing(Given.of("t", "'first'"))),
                                        button("two", alongside("Plan").handing(Given.of("t", "'second'"))),
                                        button("many", alongside("Card"))),
                                plan,
                                child("Card").living(Optional.of(new Instances.Many()), false))
                        .design(),
                List.of(
                        "press \"one\" of \"Desk\"",
                        "press \"count\" of \"Plan\"",
                        "press \"two\" of \"Desk\"",
                        "see \"1 second\" in \"shows\" of \"Plan\"",
                        "close box of \"Plan\"",
                        "press \"one\" of \"Desk\"",
                        "see \"0 first\" in \"shows\" of \"Plan\"",
                        "press \"many\" of \"Desk\"",
                        "press \"many\" of \"Desk\"",
                        "close box of \"Card\"",
                        "press \"many\" of \"Desk\"",
                        "see \"Card\" 3 open"));
    }

    private static Case keyed() {
        FacedWindow card = before(
                child("Card", button("put", set("me.seen", "true")), Part.Caption.of("whose", "{takes.who} {me.seen}"))
                        .taking(List.of(Take.of("who", Type.TEXT)))
                        .holding(List.of(Variable.of("seen", Type.YESNO, "false")))
                        .living(Optional.of(new Instances.OneForEach("who")), false),
                note("asks {takes.who}"));
        Target keyed = new Target.Keyed("Card", new Expression("me.name"));
        return of(
                "keyed windows",
                "O3 R2 D2 R3",
                withMain(
                                main(
                                        "Desk",
                                        field("name"),
                                        button("open", alongside("Card").handing(Given.of("who", "me.name"))),
                                        button("mark", new Step.SetIn("seen", keyed, new Expression("true"))),
                                        button(
                                                "all",
                                                new Step.SetIn(
                                                        "seen", new Target.Every("Card"), new Expression("false"))),
                                        button("front", new Step.Reach(Step.Reach.How.BRING_TO_FRONT, keyed)),
                                        button(
                                                "close",
                                                new Step.Close(keyed, Optional.empty(), List.of(), Script.EMPTY)),
                                        button(
                                                "closeAll",
                                                new Step.Close(
                                                        new Target.Every("Card"),
                                                        Optional.empty(),
                                                        List.of(),
                                                        Script.of(note("refused")))),
                                        Part.Caption.of("isOpen", "{isOpen(desk)}")),
                                card)
                        .design(),
                List.of(
                        "type \"b\" into \"name\" of \"Desk\"",
                        "press \"open\" of \"Desk\"",
                        "type \"a\" into \"name\" of \"Desk\"",
                        "press \"open\" of \"Desk\"",
                        "press \"open\" of \"Desk\"",
                        "press \"mark\" of \"Desk\"",
                        "see \"a yes\" in \"whose\" of \"Card\" 2",
                        "press \"all\" of \"Desk\"",
                        "press \"front\" of \"Desk\"",
                        "press \"close\" of \"Desk\"",
                        "press \"open\" of \"Desk\"",
                        "press \"closeAll\" of \"Desk\""));
    }

    private static Case owners() {
        FacedWindow form = dialog(
                        "Form",
                        button("up", set("owner.n", "owner.n + 1"), set("opener.n", "opener.n + 1")),
                        Part.Caption.of("of", "{owner.n}"),
                        button("done", close("ok")))
                .living(Optional.empty(), true);
        return of(
                "owners",
                "O5 R1 B1 C4",
                withMain(
                                main("Desk", button("plan", alongside("Plan")), button("ask", waitsForOwner("Form")))
                                        .holding(List.of(Variable.of("n", Type.WHOLE, "0"))),
                                owned(child("Plan", button("set", set("desk.n", "desk.n + 10")))),
                                form)
                        .design(),
                List.of(
                        "press \"plan\" of \"Desk\"",
                        "see \"Plan\" owned by \"Desk\"",
                        "press \"set\" of \"Plan\"",
                        "press \"ask\" of \"Desk\"",
                        "see \"Desk\" blocked",
                        "see \"Plan\" free",
                        "press \"up\" of \"Form\"",
                        "see \"12\" in \"of\" of \"Form\"",
                        "press \"set\" of \"Plan\"",
                        "press \"done\" of \"Form\"",
                        "close box of \"Desk\""));
    }

    private static Case blocking() {
        return of(
                "blocking",
                "B1 B2 B4 B5 B7",
                withMain(
                                main("Desk", button("plan", alongside("Plan")), button("form", waits("Form"))),
                                child("Plan", button("form", waits("Form"))),
                                dialog(
                                        "Form",
                                        button("more", alongside("Note")),
                                        button("again", waits("Inner")),
                                        button("done", close("ok"))),
                                owned(child("Note")),
                                dialog("Inner", button("done", close("ok"))))
                        .design(),
                List.of(
                        "press \"plan\" of \"Desk\"",
                        "press \"form\" of \"Desk\"",
                        "see \"Plan\" blocked",
                        "press \"more\" of \"Form\"",
                        "see \"Note\" free",
                        "press \"again\" of \"Form\"",
                        "see \"Form\" blocked",
                        "see \"Note\" blocked",
                        "press \"done\" of \"Inner\"",
                        "close box of \"Note\"",
                        "Escape of \"Form\"",
                        "see \"Plan\" free"));
    }

    private static Case heldBack() {
        FacedWindow form = dialog("Form", button("done", close("ok")));
        FacedWindow other = dialog("Other", button("done", close("ok")));
        return of(
                "two waits that end out of order",
                "W1 W2 W4",
                withMain(
                                main(
                                        "Desk",
                                        button("plan", alongside("Plan")),
                                        button(
                                                "form",
                                                waitsForOwner("Form", when("ok", note("form is done"))),
                                                note("after"))),
                                child(
                                        "Plan",
                                        button("other", waitsForOwner("Other", when("ok", note("other is done"))))),
                                form,
                                other)
                        .design(),
                List.of(
                        "press \"plan\" of \"Desk\"",
                        "press \"form\" of \"Desk\"",
                        "press \"other\" of \"Plan\"",
                        "press \"done\" of \"Form\"",
                        "see \"Desk\" blocked",
                        "press \"done\" of \"Other\"",
                        "see note \"form is done\"",
                        "see \"Desk\" free"));
    }

    private static Case branches() {
        FacedWindow card = child("Card", field("text"), button("give", close("given", Given.of("text", "me.text"))))
                .ending(List.of(
                        bivouac.design.Ending.of("given", bivouac.design.Ending.Give.of("text", Type.TEXT)),
                        bivouac.design.Ending.of("closed")))
                .living(Optional.of(new Instances.Many()), false);
        return of(
                "branches of windows opened alongside",
                "W3 C6 X2",
                withMain(
                                main(
                                        "Desk",
                                        button(
                                                "card",
                                                alongside("Card", when("given", note("got {result.text}"))),
                                                note("on")),
                                        button("plan", alongside("Plan"))),
                                child("Plan", button("card", alongside("Card", when("closed", note("closed"))))),
                                card)
                        .design(),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "press \"card\" of \"Desk\"",
                        "type \"second\" into \"text\" of \"Card\" 2",
                        "press \"give\" of \"Card\" 2",
                        "see note \"got second\"",
                        "close box of \"Card\"",
                        "press \"plan\" of \"Desk\"",
                        "press \"card\" of \"Plan\"",
                        "close box of \"Card\"",
                        "see note \"closed\""));
    }

    private static Task giving() {
        return new Task(
                Name.of("fetch"),
                List.of(Take.of("what", Type.TEXT)),
                List.of(
                        new Task.Outcome(
                                bivouac.design.Ending.of("found", bivouac.design.Ending.Give.of("words", Type.TEXT)),
                                List.of(Given.of("words", "takes.what + ' of ' + shown(app.n)")),
                                Optional.empty()),
                        Task.Outcome.of("none")),
                Optional.empty());
    }

    private static Case tasks() {
        var run = Step.RunTask.of(
                        "fetch",
                        when("found", note("{result.words}"), set("app.n", "app.n + 1")),
                        when("none", note("none")))
                .handing(Given.of("what", "'song'"));
        return of(
                "tasks that are waited for",
                "W5 B3",
                withMain(main("Desk", button("go", run, note("after"))), child("Plan"))
                        .variable("n", Type.WHOLE, "7")
                        .works(giving())
                        .design(),
                List.of(
                        "press \"go\" of \"Desk\"",
                        "see \"Desk\" blocked",
                        "task \"fetch\" ends \"found\" of \"Desk\"",
                        "see note \"song of 7\"",
                        "press \"go\" of \"Desk\"",
                        "task \"fetch\" ends \"none\" of \"Desk\"",
                        "see note \"after\""));
    }

    private static Case background() {
        var run = Step.RunTask.of("fetch", when("found", note("{result.words}")), when("none", close("closed")))
                .handing(Given.of("what", "'tale'"))
                .inBackground(true);
        return of(
                "tasks in the background",
                "W5 X8 E2",
                withMain(
                                main(
                                        "Desk",
                                        button("card", alongside("Card")),
                                        button("stop", new Step.StopTask("fetch"))),
                                child("Card", button("go", run, note("at last"))))
                        .variable("n", Type.WHOLE, "1")
                        .works(giving())
                        .design(),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "press \"go\" of \"Card\"",
                        "press \"card\" of \"Desk\"",
                        "task \"fetch\" ends \"found\" of \"Card\"",
                        "see note \"at last\"",
                        "press \"go\" of \"Card\"",
                        "task \"fetch\" ends \"none\" of \"Card\"",
                        "see \"Card\" closed"),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "press \"go\" of \"Card\"",
                        "press \"stop\" of \"Desk\"",
                        "press \"go\" of \"Card\"",
                        "close box of \"Card\"",
                        "close box of \"Desk\""));
    }

    /** Work that broke: where its step says what then, and where the application says it for all. */
    private static Case brokenWork() {
        var fetch = Step.RunTask.of("fetch").handing(Given.of("what", "'song'"));
        var answered = Step.RunTask.of(
                        "fetch", when("found", note("{result.words}")), when("broke", note("broke: {result.reason}")))
                .handing(Given.of("what", "'song'"));
        NamedScript told = NamedScript.of(WorkBreaking.ANSWER, note("{takes.task}: {takes.reason}"), waits("Sure"))
                .taking(List.of(Take.of("task", Type.TEXT), Take.of("reason", Type.TEXT)));
        return of(
                "work that breaks",
                "W8 P2 C2 C5 D4",
                withMain(
                                main(
                                        "Desk",
                                        button("here", answered, note("on")),
                                        button("all", fetch, note("never")),
                                        button("apart", answered.inBackground(true), note("over")),
                                        button("quiet", fetch.inBackground(true), note("never")),
                                        Part.ListOfRows.of("guests", "Guests", new Type.Column("name", Type.TEXT))
                                                .starting(List.of(List.of("Orla"), List.of("Tam")))
                                                .removedByHand(true)
                                                .at(Part.RowMoment.BEFORE_REMOVING, Script.of(fetch)),
                                        button(
                                                "remove",
                                                new Step.RemoveRow("me.guests", false),
                                                note("removed or not")),
                                        button("card", alongside("Card"))),
                                after(before(child("Card"), fetch), fetch, note("never")),
                                box("Sure", "Yes", "No"))
                        .does(told)
                        .variable("n", Type.WHOLE, "1")
                        .works(giving())
                        .planning(fetch, note("planned"))
                        .design(),
                List.of(
                        "press \"here\" of \"Desk\"",
                        "task \"fetch\" ends \"broke\" of \"Desk\"",
                        "see note \"broke: the work failed\"",
                        "see note \"on\"",
                        "press \"all\" of \"Desk\"",
                        "task \"fetch\" ends \"broke\" of \"Desk\"",
                        "see note \"fetch: the work failed\"",
                        "answer \"yes\" of \"Sure\"",
                        "press \"apart\" of \"Desk\"",
                        "task \"fetch\" ends \"broke\" of \"Desk\"",
                        "see note \"over\"",
                        "press \"quiet\" of \"Desk\"",
                        "task \"fetch\" ends \"broke\" of \"Desk\"",
                        "answer \"no\" of \"Sure\"",
                        "press \"quiet\" of \"Desk\"",
                        "task \"fetch\" ends \"found\" of \"Desk\"",
                        "see note \"never\""),
                List.of(
                        "select row 1 in \"guests\" of \"Desk\"",
                        "press \"remove\" of \"Desk\"",
                        "task \"fetch\" ends \"broke\" of \"Desk\"",
                        "answer \"yes\" of \"Sure\"",
                        "see \"Orla; Tam\" in \"guests\" of \"Desk\"",
                        "remove rows in \"guests\" of \"Desk\"",
                        "task \"fetch\" ends \"broke\" of \"Desk\"",
                        "answer \"no\" of \"Sure\"",
                        "see \"Orla; Tam\" in \"guests\" of \"Desk\"",
                        "press \"remove\" of \"Desk\"",
                        "task \"fetch\" ends \"found\" of \"Desk\"",
                        "see \"Tam\" in \"guests\" of \"Desk\""),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "close box of \"Card\"",
                        "task \"fetch\" ends \"broke\" of \"Card\"",
                        "answer \"no\" of \"Sure\"",
                        "see \"Card\" open",
                        "close box of \"Card\"",
                        "task \"fetch\" ends \"none\" of \"Card\"",
                        "task \"fetch\" ends \"broke\" of \"Card\"",
                        "see \"Card\" closed",
                        "close box of \"Desk\"",
                        "task \"fetch\" ends \"broke\"",
                        "answer \"yes\" of \"Sure\"",
                        "see note \"planned\""));
    }

    /** How far work is, in its own window or in every one, and cancelled by its part, by leaving and by a step. */
    private static Case progress() {
        var fetch = Step.RunTask.of("fetch").handing(Given.of("what", "'song'"));
        var answered = fetch.withBranches(
                List.of(when("cancelled", note("cancelled")), when("found", note("{result.words}"))));
        Part bar = Part.Progress.of("bar", "Fetching", "fetch");
        return of(
                "work that tells how far it is, and is cancelled",
                "W9 W10 B3 P1 C2 P2",
                withMain(
                                main(
                                        "Desk",
                                        bar,
                                        Part.Caption.of("far", "{me.bar} {me.bar.text}"),
                                        button("here", answered, note("on")),
                                        button("all", fetch, note("on")),
                                        button("apart", answered.inBackground(true)),
                                        button("stop", new Step.CancelTask("fetch")),
                                        button("let go", new Step.StopTask("fetch")),
                                        Part.ListOfRows.of("guests", "Guests", new Type.Column("name", Type.TEXT))
                                                .starting(List.of(List.of("Orla"), List.of("Tam")))
                                                .removedByHand(true)
                                                .at(Part.RowMoment.BEFORE_REMOVING, Script.of(fetch)),
                                        button("card", alongside("Card")),
                                        button("form", waits("Form", when("ok", note("ok"))))),
                                before(child("Card", button("go", answered.inBackground(true))), fetch),
                                dialog("Form", bar, button("go", fetch, note("on")), button("done", close("ok"))))
                        .variable("n", Type.WHOLE, "1")
                        .works(giving().telling(EnumSet.allOf(Task.Told.class)))
                        .design(),
                List.of(
                        "press \"here\" of \"Desk\"",
                        "task \"fetch\" tells 40 \"Ilva Tarn\" of \"Desk\"",
                        "see \"40 % Ilva Tarn\" in \"bar\" of \"Desk\"",
                        "see \"40 Ilva Tarn\" in \"far\" of \"Desk\"",
                        "task \"fetch\" tells 400 \"\" of \"Desk\"",
                        "see \"100 %\" in \"bar\" of \"Desk\"",
                        "task \"fetch\" ends \"found\" of \"Desk\"",
                        "see note \"on\"",
                        "press \"here\" of \"Desk\"",
                        "see \"0 %\" in \"bar\" of \"Desk\"",
                        "cancel \"bar\" of \"Desk\"",
                        "see \"Desk\" blocked",
                        "task \"fetch\" tells 7 \"still\" of \"Desk\"",
                        "task \"fetch\" ends \"cancelled\" of \"Desk\"",
                        "see note \"cancelled\"",
                        "see note \"on\"",
                        "press \"all\" of \"Desk\"",
                        "close box of \"Desk\"",
                        "task \"fetch\" ends \"cancelled\" of \"Desk\"",
                        "see \"Desk\" free",
                        "press \"all\" of \"Desk\"",
                        "Escape of \"Desk\"",
                        "task \"fetch\" ends \"found\" of \"Desk\"",
                        "see note \"on\""),
                List.of(
                        "press \"apart\" of \"Desk\"",
                        "task \"fetch\" tells 30 \"song\" of \"Desk\"",
                        "press \"form\" of \"Desk\"",
                        "task \"fetch\" tells 60 \"more\" of \"Desk\"",
                        "see \"60 % more\" in \"bar\" of \"Desk\"",
                        "see \"0 %\" in \"bar\" of \"Form\"",
                        "press \"go\" of \"Form\"",
                        "task \"fetch\" tells 10 \"form\" of \"Form\"",
                        "see \"10 % form\" in \"bar\" of \"Form\"",
                        "Escape of \"Form\"",
                        "task \"fetch\" ends \"cancelled\" of \"Form\"",
                        "see \"Form\" free",
                        "press \"done\" of \"Form\"",
                        "press \"stop\" of \"Desk\"",
                        "task \"fetch\" ends \"cancelled\" of \"Desk\"",
                        "see note \"cancelled\""),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "press \"go\" of \"Card\"",
                        "task \"fetch\" tells 55 \"card\" of \"Card\"",
                        "see \"55 % card\" in \"bar\" of \"Desk\"",
                        "cancel \"bar\" of \"Desk\"",
                        "task \"fetch\" ends \"cancelled\" of \"Card\"",
                        "see note \"cancelled\"",
                        "close box of \"Card\"",
                        "task \"fetch\" tells 5 \"closing\" of \"Card\"",
                        "cancel \"bar\" of \"Desk\"",
                        "task \"fetch\" ends \"cancelled\" of \"Card\"",
                        "see \"Card\" open",
                        "select row 1 in \"guests\" of \"Desk\"",
                        "remove rows in \"guests\" of \"Desk\"",
                        "cancel \"bar\" of \"Desk\"",
                        "task \"fetch\" ends \"cancelled\" of \"Desk\"",
                        "see \"Orla; Tam\" in \"guests\" of \"Desk\"",
                        "press \"apart\" of \"Desk\"",
                        "press \"letGo\" of \"Desk\""));
    }

    private static Case brokenWorkThatNobodyAnswers() {
        var fetch = Step.RunTask.of("fetch").handing(Given.of("what", "'song'"));
        return of(
                "work that breaks, and nobody says what then",
                "W8 X11",
                withMain(main("Desk", button("go", fetch, note("never"))))
                        .variable("n", Type.WHOLE, "1")
                        .works(giving())
                        .design(),
                List.of("press \"go\" of \"Desk\"", "task \"fetch\" ends \"broke\" of \"Desk\""));
    }

    /** What a named script runs in the background: its caller goes on when that has ended, and at closing all is waited for. */
    private static Case backgroundInScripts() {
        var run = Step.RunTask.of("fetch", when("found", note("{result.words}")))
                .handing(Given.of("what", "'tale'"))
                .inBackground(true);
        NamedScript look = NamedScript.of("look", run, note("looked"));
        NamedScript twice = NamedScript.of("twice", Step.Do.of("look"), note("once more"), Step.Do.of("look"));
        return of(
                "tasks in the background of named scripts",
                "W5 W7",
                withMain(
                                main(
                                        "Desk",
                                        button("card", alongside("Card")),
                                        button("look", Step.Do.of("look"), note("on")),
                                        button("twice", Step.Do.of("twice"), note("over")),
                                        button(
                                                "watch",
                                                alongside("Card", when("closed", run, note("told"))),
                                                note("out")),
                                        button("may", note("else"))),
                                before(child("Card"), Step.Do.of("twice"), waits("Sure", when("no", stay()))),
                                box("Sure", "Yes", "No"))
                        .does(look, twice)
                        .variable("n", Type.WHOLE, "1")
                        .works(giving())
                        .planning(Step.Do.of("look"), note("planned"))
                        .design(),
                List.of(
                        "press \"look\" of \"Desk\"",
                        "press \"may\" of \"Desk\"",
                        "task \"fetch\" ends \"found\" of \"Desk\"",
                        "see note \"on\"",
                        "press \"twice\" of \"Desk\"",
                        "task \"fetch\" ends \"found\" of \"Desk\"",
                        "task \"fetch\" ends \"none\" of \"Desk\"",
                        "see note \"over\""),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "close box of \"Card\"",
                        "task \"fetch\" ends \"found\" of \"Card\"",
                        "task \"fetch\" ends \"found\" of \"Card\"",
                        "answer \"no\" of \"Sure\"",
                        "see \"Card\" open",
                        "close box of \"Card\"",
                        "task \"fetch\" ends \"none\" of \"Card\"",
                        "task \"fetch\" ends \"found\" of \"Card\"",
                        "answer \"yes\" of \"Sure\"",
                        "see \"Card\" closed",
                        "close box of \"Desk\"",
                        "task \"fetch\" ends \"found\"",
                        "see exit code 0"),
                List.of(
                        "press \"watch\" of \"Desk\"",
                        "close box of \"Card\"",
                        "task \"fetch\" ends \"none\" of \"Card\"",
                        "task \"fetch\" ends \"none\" of \"Card\"",
                        "answer \"yes\" of \"Sure\"",
                        "task \"fetch\" ends \"none\" of \"Desk\"",
                        "see note \"told\""),
                List.of(
                        "press \"look\" of \"Desk\"",
                        "press \"twice\" of \"Desk\"",
                        "task \"fetch\" ends \"none\" of \"Desk\"",
                        "see note \"on\"",
                        "press \"twice\" of \"Desk\"",
                        "see fault X8"));
    }

    private static Case ownClose() {
        FacedWindow card = before(
                child(
                        "Card",
                        Part.TickBox.of("stay", "Stay"),
                        button("close", close("closed"), note("after the close")),
                        button("end", end(), note("after the end"))),
                new Step.If(List.of(new Step.If.Case(new Expression("me.stay"), Script.of(stay()))), Optional.empty()));
        return of(
                "closing itself",
                "W6 C2 D1",
                withMain(main("Desk", button("card", alongside("Card"))), card)
                        .departs(new DepartureRule.OnlyWhenTold())
                        .design(),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "tick \"stay\" of \"Card\"",
                        "press \"close\" of \"Card\"",
                        "see note \"after the close\"",
                        "press \"end\" of \"Card\"",
                        "see note \"after the end\"",
                        "tick \"stay\" of \"Card\"",
                        "press \"close\" of \"Card\"",
                        "see \"Card\" closed",
                        "press \"card\" of \"Desk\"",
                        "press \"end\" of \"Card\"",
                        "see exit code 0"));
    }

    private static Case others() {
        FacedWindow plan = before(child("Plan", Part.TickBox.of("stay", "Stay")), waits("Sure", when("no", stay())));
        return of(
                "closing others",
                "W6 R2 C3 B6 C7",
                withMain(
                                main(
                                        "Desk",
                                        button("plan", alongside("Plan")),
                                        button("close", closes("Plan", note("refused")), note("on"))),
                                plan,
                                escaping(box("Sure", "Yes", "No"), "no"))
                        .design(),
                List.of(
                        "press \"close\" of \"Desk\"",
                        "press \"plan\" of \"Desk\"",
                        "press \"close\" of \"Desk\"",
                        "see \"Desk\" blocked",
                        "see \"Plan\" blocked",
                        "Escape of \"Sure\"",
                        "see note \"refused\"",
                        "close box of \"Plan\"",
                        "close box of \"Sure\"",
                        "press \"close\" of \"Desk\"",
                        "answer \"yes\" of \"Sure\"",
                        "see \"Plan\" closed"));
    }

    /** Those that open while <i>close every</i> asks are asked too; who closes itself by that goes no further. */
    private static Case everyOne() {
        var opensOne = new Step.If(
                List.of(new Step.If.Case(
                        new Expression("app.n == 0"), Script.of(set("app.n", "1"), alongside("Card")))),
                Optional.empty());
        var all =
                new Step.Close(new Target.Every("Card"), Optional.of("closed"), List.of(), Script.of(note("refused")));
        FacedWindow card = before(
                        child("Card", Part.TickBox.of("stay", "Stay"), button("all", all, note("after all"))),
                        opensOne,
                        new Step.If(
                                List.of(new Step.If.Case(new Expression("me.stay"), Script.of(stay()))),
                                Optional.empty()))
                .living(Optional.of(new Instances.Many()), false);
        return of(
                "closing every one",
                "R2 W6",
                withMain(main("Desk", button("card", alongside("Card")), button("all", all, note("done"))), card)
                        .variable("n", Type.WHOLE, "0")
                        .design(),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "press \"card\" of \"Desk\"",
                        "press \"all\" of \"Desk\"",
                        "see note \"done\"",
                        "see \"Card\" closed"),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "press \"card\" of \"Desk\"",
                        "press \"card\" of \"Desk\"",
                        "press \"all\" of \"Card\" 2",
                        "see \"Card\" open"),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "press \"card\" of \"Desk\"",
                        "tick \"stay\" of \"Card\"",
                        "press \"all\" of \"Desk\"",
                        "see note \"refused\""));
    }

    private static Case refusals() {
        FacedWindow inner = before(
                owned(child("Inner", Part.TickBox.of("stay", "Stay"))),
                new Step.If(List.of(new Step.If.Case(new Expression("me.stay"), Script.of(stay()))), Optional.empty()),
                note("Inner by {way} to {ending}"));
        return of(
                "one refusal refuses all",
                "C2 C4 D2",
                withMain(
                                main("Desk", button("plan", alongside("Plan"))),
                                before(child("Plan", button("inner", alongside("Inner"))), note("Plan by {way}")),
                                inner)
                        .design(),
                List.of(
                        "press \"plan\" of \"Desk\"",
                        "press \"inner\" of \"Plan\"",
                        "tick \"stay\" of \"Inner\"",
                        "close box of \"Plan\"",
                        "see \"Plan\" open",
                        "session ends",
                        "tick \"stay\" of \"Inner\"",
                        "close box of \"Plan\"",
                        "see closed \"Inner\" before closed \"Plan\""));
    }

    private static Case closingOrder() {
        FacedWindow plan = after(
                child("Plan", button("inner", alongside("Inner")))
                        .at(
                                FacedWindow.Moment.OPENED,
                                Script.of(Step.TakeHolding.of("lock"), Step.TakeHolding.of("pump"))),
                note("Plan after {way}, {ending}"));
        return of(
                "the order of closing",
                "C5 C6 H1 H2",
                withMain(
                                main("Desk", button("plan", alongside("Plan", when("closed", note("told"))))),
                                plan,
                                after(owned(child("Inner")), note("Inner after {way}")))
                        .holds(Holding.of("lock"), Holding.of("pump"))
                        .design(),
                List.of(
                        "press \"plan\" of \"Desk\"",
                        "press \"inner\" of \"Plan\"",
                        "close box of \"Plan\"",
                        "see given back \"pump\" before given back \"lock\"",
                        "see note \"told\""));
    }

    private static Case waysOut() {
        FacedWindow card = before(
                child("Card", button("other", close("other"), note("not reached")))
                        .ending(List.of(bivouac.design.Ending.of("closed"), bivouac.design.Ending.of("other"))),
                note("asked by {way} for {ending}"));
        card = card.leaving(Way.ESCAPE, new WayOut.AsPressing("other"))
                .leaving(Way.CLOSE_BOX, new WayOut.LeadsTo("other", List.of(), true));
        FacedWindow still = child("Still").leaving(Way.CLOSE_BOX, new WayOut.Absent());
        return of(
                "ways out",
                "C1 C2",
                withMain(
                                main("Desk", button("card", alongside("Card")), button("still", alongside("Still"))),
                                card,
                                still)
                        .design(),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "Escape of \"Card\"",
                        "press \"card\" of \"Desk\"",
                        "close box of \"Card\"",
                        "press \"still\" of \"Desk\"",
                        "see cannot close box of \"Still\"",
                        "session ends",
                        "see exit code 0"));
    }

    private static Case makingRoom() {
        FacedWindow plan = before(
                child("Plan", Part.TickBox.of("stay", "Stay"), button("map", inPlace("Map"), note("refused"))),
                new Step.If(List.of(new Step.If.Case(new Expression("me.stay"), Script.of(stay()))), Optional.empty()));
        return of(
                "in place",
                "O8",
                withMain(
                                main("Desk", button("plan", alongside("Plan", when("closed", note("plan closed"))))),
                                plan,
                                child("Map", button("plan", inPlace("Plan"))))
                        .design(),
                List.of(
                        "press \"plan\" of \"Desk\"",
                        "tick \"stay\" of \"Plan\"",
                        "press \"map\" of \"Plan\"",
                        "see note \"refused\"",
                        "tick \"stay\" of \"Plan\"",
                        "press \"map\" of \"Plan\"",
                        "see opened \"Map\" before closed \"Plan\"",
                        "press \"plan\" of \"Map\""));
    }

    private static Case hiding() {
        return of(
                "hidden windows",
                "C9 D8",
                withMain(
                                main(
                                        "Desk",
                                        button("plan", alongside("Plan")),
                                        button("hide", hide("Plan")),
                                        button("show", new Step.Reach(Step.Reach.How.SHOW, new Target.Single("Plan")))),
                                child("Plan", button("inner", alongside("Inner"))),
                                owned(child("Inner")))
                        .design(),
                List.of(
                        "press \"plan\" of \"Desk\"",
                        "press \"inner\" of \"Plan\"",
                        "press \"hide\" of \"Desk\"",
                        "see \"Inner\" hidden",
                        "press \"show\" of \"Desk\"",
                        "press \"hide\" of \"Desk\"",
                        "press \"plan\" of \"Desk\"",
                        "see \"Plan\" shown"));
    }

    private static Case dialogs() {
        var save = new FileDialog(
                Name.of("Keep"),
                FileDialog.Asks.SAVE,
                "Keep {app.n}",
                List.of(),
                List.of(new FileDialog.Filter("Tables", List.of("*.csv"))),
                true,
                "txt",
                "",
                false);
        return of(
                "file dialogs and pickers",
                "C8 C3",
                withMain(
                                main(
                                        "Desk",
                                        button(
                                                "keep",
                                                waits(
                                                        "Keep",
                                                        when("chosen", note("{result.path} as {result.filter}")),
                                                        when("cancelled", note("not")))),
                                        button("day", waits("Day", when("picked", note("{result.value}")))),
                                        button("tint", waits("Tint", when("picked", note("{result.value}"))))),
                                save,
                                Picker.of(Name.of("Day"), Picker.Of.DATE),
                                Picker.of(Name.of("Tint"), Picker.Of.COLOUR))
                        .variable("n", Type.WHOLE, "3")
                        .design(),
                List.of(
                        "press \"keep\" of \"Desk\"",
                        "session ends",
                        "see \"Keep\" open",
                        "choose \"/Hut/list\" as \"Tables\" of \"Keep\"",
                        "see note \"/Hut/list.csv as Tables\"",
                        "press \"keep\" of \"Desk\"",
                        "Escape of \"Keep\"",
                        "press \"day\" of \"Desk\"",
                        "pick \"2026-12-24\" of \"Day\"",
                        "press \"tint\" of \"Desk\"",
                        "close box of \"Tint\"",
                        "press \"tint\" of \"Desk\"",
                        "pick \"#2f5d50\" of \"Tint\""));
    }

    private static Case departureWith() {
        FacedWindow card = before(
                child("Card").living(Optional.of(new Instances.Many()), false),
                note("Card by {way}"),
                waits("Sure", when("no", stay())));
        return of(
                "departure with a window",
                "D1 D2 D3 C3 B6",
                withMain(
                                before(
                                        main("Desk", button("card", alongside("Card")), button("quit", ends(3, "bye"))),
                                        note("Desk by {way}")),
                                card,
                                child("Plan"),
                                escaping(box("Sure", "Yes", "No"), "no"))
                        .departs(new DepartureRule.WithWindow("Desk"))
                        .askingFirst("Card")
                        .design(),
                List.of(
                        "press \"card\" of \"Desk\"",
                        "press \"card\" of \"Desk\"",
                        "close box of \"Desk\"",
                        "see \"Desk\" blocked",
                        "answer \"yes\" of \"Sure\"",
                        "answer \"no\" of \"Sure\"",
                        "see \"Card\" 2 open",
                        "press \"quit\" of \"Desk\"",
                        "answer \"no\" of \"Sure\"",
                        "close box of \"Desk\"",
                        "answer \"yes\" of \"Sure\"",
                        "answer \"yes\" of \"Sure\"",
                        "see exit code 0"),
                List.of("press \"quit\" of \"Desk\"", "see exit code 3"));
    }

    private static Case departureLast() {
        return of(
                "departure with the last window",
                "D1",
                withMain(
                                main(
                                        "Desk",
                                        button("plan", alongside("Plan")),
                                        button("enter", alongside("Plan"), close("closed"))),
                                child("Plan"))
                        .design(),
                List.of(
                        "press \"plan\" of \"Desk\"",
                        "close box of \"Desk\"",
                        "see \"Plan\" open",
                        "close box of \"Plan\"",
                        "see exit code 0"),
                List.of("press \"enter\" of \"Desk\"", "close box of \"Plan\"", "see exit code 0"));
    }

    private static Case plan() {
        return of(
                "the departure plan",
                "D4 D5 D6",
                withMain(main("Desk", button("quit", ends(2, "first"))))
                        .start(Step.TakeHolding.of("radio"), Step.TakeHolding.of("light"), alongside("Desk"))
                        .holds(
                                Holding.of("radio").ofTheApplication(),
                                Holding.of("light").ofTheApplication())
                        .works(task("write", "done", "failed"))
                        .planning(
                                run("write", when("failed", waits("Sure", when("yes", ends(4, "written badly"))))),
                                note("over"))
                        .with(box("Sure", "Yes", "No"))
                        .kept("n", Type.WHOLE, "0")
                        .design(),
                List.of(
                        "press \"quit\" of \"Desk\"",
                        "task \"write\" ends \"failed\"",
                        "answer \"yes\" of \"Sure\"",
                        "see exit code 4",
                        "see saying \"written badly\""),
                List.of("close box of \"Desk\"", "task \"write\" ends \"done\"", "see exit code 0"));
    }

    private static Case session() {
        return of(
                "the session ends under a wait",
                "D1 D3 W6",
                withMain(
                                before(
                                        main(
                                                "Desk",
                                                button("form", waits("Form", when("ok", note("ok"))), note("after"))),
                                        note("Desk by {way}")),
                                dialog(
                                        "Form",
                                        button("done", close("ok")),
                                        button("ask", waits("Sure", when("yes", note("yes"))))),
                                box("Sure", "Yes", "No"))
                        .design(),
                List.of("press \"form\" of \"Desk\"", "press \"ask\" of \"Form\"", "session ends", "see exit code 0"));
    }

    private static Case kept() {
        return of(
                "kept values",
                "D6 D7",
                withMain(main(
                                "Desk",
                                button("more", set("app.n", "app.n + 1"), set("app.words", "app.words + ['x, \\n y']")),
                                button("save", new Step.KeptValues(Step.KeptValues.How.SAVE)),
                                button("load", new Step.KeptValues(Step.KeptValues.How.LOAD)),
                                Part.Caption.of("shows", "{app.n} {app.words.size()} {app.half} {app.day} {app.yes}")))
                        .kept("n", Type.WHOLE, "1")
                        .kept("half", Type.NUMBER, "0.5")
                        .kept("day", Type.DATE, "app.today")
                        .kept("yes", Type.YESNO, "true")
                        .kept("words", new Type.ListOf(Type.TEXT), "[]")
                        .design(),
                List.of(
                        "press \"more\" of \"Desk\"",
                        "press \"save\" of \"Desk\"",
                        "press \"more\" of \"Desk\"",
                        "press \"load\" of \"Desk\"",
                        "press \"more\" of \"Desk\"",
                        "close box of \"Desk\"",
                        "start again",
                        "see \"3 2 0.5 2026-11-23 yes\" in \"shows\" of \"Desk\""));
    }

    private static final Type.RowOf GUEST = new Type.RowOf(List.of(
            new Type.Column("name", Type.TEXT),
            new Type.Column("nights", Type.WHOLE),
            new Type.Column("paid", Type.YESNO),
            new Type.Column("days", new Type.ListOf(Type.DATE))));

    private static Case keptRows() {
        return of(
                "kept rows and lists",
                "D6 P1",
                withMain(main(
                                "Desk",
                                button(
                                        "more",
                                        set("app.sizes", "app.sizes + [app.sizes.size(), 7]"),
                                        set("app.halves", "[0.5, 2.0]"),
                                        set(
                                                "app.guests",
                                                "app.guests + [{'name': 'Orla, \\n Fenn', 'nights': app.sizes.size(), 'paid': true, 'days': [app.today]}]"),
                                        set("app.last", "app.guests[0]")),
                                button("fewer", set("app.sizes", "[9]"), set("app.guests", "[app.last]")),
                                button("save", new Step.KeptValues(Step.KeptValues.How.SAVE)),
                                button("load", new Step.KeptValues(Step.KeptValues.How.LOAD)),
                                Part.Caption.of("sizes", "{app.sizes.map(s, shown(s)).join(' ')}"),
                                Part.Caption.of(
                                        "guests",
                                        "{app.guests.map(g, g.name + shown(g.nights) + shown(g.paid) + shown(g.days.size())).join('; ')}"),
                                Part.Caption.of("last", "{app.last.name} {app.last.nights} {app.halves.size()}")))
                        .kept("sizes", new Type.ListOf(Type.WHOLE), "[]")
                        .kept("halves", new Type.ListOf(Type.NUMBER), "[]")
                        .kept("guests", new Type.ListOf(GUEST), "[]")
                        .kept("last", GUEST, "{'name': 'nobody', 'nights': 0, 'paid': false, 'days': []}")
                        .design(),
                List.of(
                        "see \"nobody 0 0\" in \"last\" of \"Desk\"",
                        "press \"more\" of \"Desk\"",
                        "press \"more\" of \"Desk\"",
                        "press \"save\" of \"Desk\"",
                        "press \"fewer\" of \"Desk\"",
                        "see \"9\" in \"sizes\" of \"Desk\"",
                        "press \"load\" of \"Desk\"",
                        "see \"0 7 2 7\" in \"sizes\" of \"Desk\"",
                        "press \"fewer\" of \"Desk\"",
                        "close box of \"Desk\"",
                        "start again",
                        "see \"9\" in \"sizes\" of \"Desk\"",
                        "press \"more\" of \"Desk\""));
    }

    private static Case inPlaceThatMayFail() {
        FacedWindow first = main(
                "Desk",
                Part.TickBox.of("stay", "Stay"),
                button(
                        "other",
                        new Step.Open(
                                "Board",
                                new Manner.InPlace("", List.of()),
                                Optional.empty(),
                                List.of(),
                                Optional.empty(),
                                List.of(when("could not", note("no: {result.reason}")))),
                        note("still here")),
                button("bare", inPlace("Board")));
        return of(
                "in place of what may fail to open",
                "O7 O8",
                withMain(
                                before(
                                        first,
                                        new Step.If(
                                                List.of(new Step.If.Case(new Expression("me.stay"), Script.of(stay()))),
                                                Optional.empty())),
                                main("Board").failing(true))
                        .design(),
                List.of(
                        "tick \"stay\" of \"Desk\"",
                        "press \"other\" of \"Desk\"",
                        "tick \"stay\" of \"Desk\"",
                        "press \"other\" of \"Desk\"",
                        "task \"opening Board\" ends \"could not\" of \"Desk\"",
                        "press \"other\" of \"Desk\"",
                        "task \"opening Board\" ends \"done\" of \"Desk\"",
                        "close box of \"Board\""),
                List.of("press \"bare\" of \"Desk\"", "task \"opening Board\" ends \"could not\" of \"Desk\""));
    }

    private static Case killed() {
        return of(
                "killed, and what is left",
                "D7 W2",
                withMain(
                                main(
                                                "Desk",
                                                button("form", waits("Form")),
                                                Part.Caption.of("left", "{app.traces.join(', ')}"))
                                        .at(FacedWindow.Moment.OPENED, Script.of(Step.TakeHolding.of("lock"))),
                                dialog("Form"))
                        .holds(Holding.of("lock").leavingATrace())
                        .kept("n", Type.WHOLE, "1")
                        .design(),
                List.of(
                        "see \"\" in \"left\" of \"Desk\"",
                        "press \"form\" of \"Desk\"",
                        "killed",
                        "start again",
                        "see \"lock\" in \"left\" of \"Desk\"",
                        "close box of \"Desk\"",
                        "start again",
                        "see \"\" in \"left\" of \"Desk\""));
    }

    private static Case holdings() {
        return of(
                "holdings",
                "H1 H2 X4 O7",
                withMain(main(
                                "Desk",
                                button(
                                        "take",
                                        Step.TakeHolding.of("pump", when("could not", note("{result.reason}"))),
                                        note("on")),
                                button(
                                        "back",
                                        new Step.GiveBack(
                                                "pump", List.of(when("could not", note("stays: {result.reason}"))))),
                                button("twice", new Step.GiveBack("pump"))))
                        .holds(Holding.of("pump").failing().failingToGoBack())
                        .design(),
                List.of(
                        "press \"take\" of \"Desk\"",
                        "task \"taking pump\" ends \"could not\" of \"Desk\"",
                        "press \"take\" of \"Desk\"",
                        "task \"taking pump\" ends \"done\" of \"Desk\"",
                        "press \"back\" of \"Desk\"",
                        "task \"giving back pump\" ends \"could not\" of \"Desk\"",
                        "see not held \"pump\"",
                        "press \"take\" of \"Desk\"",
                        "task \"taking pump\" ends \"done\" of \"Desk\"",
                        "press \"back\" of \"Desk\"",
                        "task \"giving back pump\" ends \"done\" of \"Desk\""));
    }

    private static Case mayFail() {
        return of(
                "windows that may fail to open",
                "O7 X1",
                withMain(
                                main(
                                        "Desk",
                                        button(
                                                "map",
                                                alongside("Map", when("could not", note("{result.reason}"))),
                                                note("on")),
                                        button("bare", alongside("Map"))),
                                child("Map").failing(true))
                        .design(),
                List.of(
                        "press \"map\" of \"Desk\"",
                        "task \"opening Map\" ends \"could not\" of \"Desk\"",
                        "press \"map\" of \"Desk\"",
                        "task \"opening Map\" ends \"done\" of \"Desk\"",
                        "press \"map\" of \"Desk\"",
                        "see \"Map\" open",
                        "close box of \"Map\"",
                        "press \"bare\" of \"Desk\"",
                        "task \"opening Map\" ends \"could not\" of \"Desk\""));
    }

    private static Case faults() {
        return of(
                "faults end a script and the code is 1",
                "X3 X5 X6 X7 X9 X10",
                withMain(
                                main(
                                        "Desk",
                                        field("text"),
                                        button("number", set("app.n", "whole(me.text)")),
                                        button("plan", alongside("Plan"), waits("Plan")),
                                        button("hide", hide("Desk"))),
                                child("Plan"))
                        .variable("n", Type.WHOLE, "0")
                        .design(),
                List.of(
                        "type \"7\" into \"text\" of \"Desk\"",
                        "press \"number\" of \"Desk\"",
                        "type \"x\" into \"text\" of \"Desk\"",
                        "press \"number\" of \"Desk\""),
                List.of("press \"plan\" of \"Desk\""),
                List.of("press \"hide\" of \"Desk\""));
    }

    private static Case timers() {
        FacedWindow desk = main(
                        "Desk",
                        button("start", new Step.TurnTimer(Step.TurnTimer.How.START, "tick")),
                        button("stop", new Step.TurnTimer(Step.TurnTimer.How.STOP, "tick")),
                        button("form", waits("Form")),
                        Part.Caption.of("day", "{app.today}"))
                .with(new bivouac.design.Routines(
                        List.of(),
                        List.of(Timer.of("tick", "app.n * 2")
                                .firing(Script.of(set("app.n", "app.n + 1"), note("tick {app.n}"))))));
        return of(
                "timers and days",
                "V4",
                withMain(desk, dialog("Form"))
                        .ticks(Timer.of("once", "5").onlyOnce().firing(Script.of(note("once"))))
                        .start(new Step.TurnTimer(Step.TurnTimer.How.START, "once"), alongside("Desk"))
                        .variable("n", Type.WHOLE, "1")
                        .design(),
                List.of(
                        "timer \"once\" fires",
                        "press \"start\" of \"Desk\"",
                        "press \"form\" of \"Desk\"",
                        "timer \"tick\" of \"Desk\" fires",
                        "Escape of \"Form\"",
                        "timer \"tick\" of \"Desk\" fires",
                        "a day passes",
                        "see \"2026-11-24\" in \"day\" of \"Desk\"",
                        "press \"stop\" of \"Desk\""));
    }

    private static Case scripts() {
        NamedScript ask = NamedScript.of("ask", waits("Sure", when("no", stay())), note("{takes.what} agreed"))
                .taking(List.of(Take.of("what", Type.TEXT)));
        NamedScript count = NamedScript.of(
                "count",
                new Step.Repeat(Script.of(
                        set("app.n", "app.n + 1"),
                        new Step.If(
                                List.of(new Step.If.Case(new Expression("app.n < 3"), Script.of(new Step.Again()))),
                                Optional.of(Script.of(note("at {app.n}")))))));
        FacedWindow card = before(
                child("Card").with(new bivouac.design.Routines(List.of(NamedScript.of("own", note("own"))), List.of())),
                Step.Do.of("own"),
                Step.Do.of("ask", Given.of("what", "'Card'")));
        return of(
                "named scripts",
                "W7",
                withMain(
                                main("Desk", button("card", alongside("Card")), button("count", Step.Do.of("count"))),
                                card,
                                box("Sure", "Yes", "No"))
                        .does(ask, count)
                        .variable("n", Type.WHOLE, "0")
                        .design(),
                List.of(
                        "press \"count\" of \"Desk\"",
                        "see note \"at 3\"",
                        "press \"card\" of \"Desk\"",
                        "close box of \"Card\"",
                        "answer \"no\" of \"Sure\"",
                        "see \"Card\" open",
                        "close box of \"Card\"",
                        "answer \"yes\" of \"Sure\"",
                        "see \"Card\" closed"));
    }

    private static Case values() {
        var notes = new ArrayList<Step>();
        for (String expression : List.of(
                "7 / 2",
                "7.0 / 2.0",
                "-7 % 4",
                "1 + 2 * 3 - 4",
                "0.1 + 0.2",
                "shown(2.0)",
                "shown(2.345, 2)",
                "'a' + 'b' == 'ab' && !(1 > 2) || false",
                "'häuschen'.substring(1, 3) + 'x'.upper() + 'Y'.lower()",
                "'a-b-c'.split('-').join('+')",
                "'a.b'.replace('.', '!')",
                "' x '.trim().size()",
                "'hut'.contains('u') && 'hut'.startsWith('h') && 'hut'.endsWith('t')",
                "'hut'.indexOf('t')",
                "[1, 2, 3].map(x, x * 2).filter(x, x > 2).size()",
                "[1, 2].all(x, x > 0) && [1, 2].exists(x, x == 2) && [1, 2].exists_one(x, x == 2)",
                "['b', 'a', 'c'].sort().slice(0, 2).join('+') + shown([1, 2, 1].distinct().size())",
                "[3, 1, 2].sortBy(x, 0 - x).reverse()[0] + ['bb', 'a'].sortBy(x, x.size()).size()",
                "2 in [1, 2]",
                "'b' in ['a', 'b']",
                "[1, 2, 3][1]",
                "[1] + [2, 3] == [1, 2, 3]",
                "whole(' 12 ') + int(2.9)",
                "number('2.50')",
                "double(3)",
                "isWhole('x') || isNumber('1.5') && isDate('2026-02-28')",
                "year(date('2026-02-28'))",
                "days(date('2026-02-01'), date('2026-03-01'))",
                "fileName('/a/b.CSV') + fileExtension('/a/b.CSV')",
                "blank('  ') ? 'blank' : 'not'",
                "1 < 1.5 && 2 == 2.0",
                "date('2026-01-01') < app.today",
                "'a' < 'b'",
                "string(7) + string(true)",
                "'abc'.matches('b+')",
                "(true || whole('x') > 1) && !(false && whole('x') > 1)",
                "(whole('x') > 1 || true) ? 'decided' : ''")) {
            notes.add(note("{" + expression + "}"));
        }
        return of(
                "values and expressions",
                "V1 V2 V3 V5",
                withMain(main(
                                "Desk",
                                new Part.Button(
                                        Name.of("go"), "go", false, Each.ONCE, new Script(notes), Traits.USUAL)))
                        .design(),
                List.of("press \"go\" of \"Desk\"", "see note \"decided\""));
    }

    private static Case keptWindows() {
        var keep = new Step.Open(
                "Card", new Manner.Alongside(), Optional.empty(), List.of(), Optional.of("card"), List.of());
        FacedWindow desk = main(
                        "Desk",
                        button("open", keep),
                        button("set", new Step.SetIn("n", new Target.Kept("card"), new Expression("7"))),
                        button(
                                "close",
                                new Step.Close(new Target.Kept("card"), Optional.empty(), List.of(), Script.EMPTY)),
                        Part.Caption.of("there", "{isOpen(card) ? shown(card.n) : 'none'}"))
                .holding(List.of(new Variable(Name.of("card"), new Type.WindowOf("Card"), Optional.empty(), false)));
        return of(
                "windows that are kept",
                "O9 R1 R3",
                withMain(
                                desk,
                                child("Card", button("up", set("me.n", "me.n + 1")))
                                        .holding(List.of(Variable.of("n", Type.WHOLE, "1")))
                                        .living(Optional.of(new Instances.Many()), false))
                        .design(),
                List.of(
                        "see \"none\" in \"there\" of \"Desk\"",
                        "press \"open\" of \"Desk\"",
                        "press \"set\" of \"Desk\"",
                        "press \"up\" of \"Card\"",
                        "see \"8\" in \"there\" of \"Desk\"",
                        "press \"open\" of \"Desk\"",
                        "see \"1\" in \"there\" of \"Desk\"",
                        "press \"close\" of \"Desk\"",
                        "see \"none\" in \"there\" of \"Desk\"",
                        "see \"Card\" open"));
    }
}

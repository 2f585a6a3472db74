package bivouac.testkit;

import bivouac.design.Application;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.Leaving;
import bivouac.design.Manner;
import bivouac.design.Menu;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.NamingHabit;
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
import bivouac.design.Window;
import bivouac.design.WindowFrame;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;

/** Designs that use every kind of thing, many of them wrong. The same random numbers make the same design. */
public final class RandomDesigns {

    private static final List<String> WORDS = List.of(
            "Desk",
            "Form",
            "Plan",
            "Card",
            "Sure",
            "a",
            "Ünï \"q\"",
            "日本 語",
            "me",
            "x\\y",
            "line\nbreak",
            "مرحبا",
            "{{b}}",
            "{app.n}",
            "",
            "{me.title}",
            "ok",
            "closed",
            "\uD83D\uDE00",
            "tab\t");
    private static final List<String> EXPRESSIONS = List.of(
            "1",
            "app.n + 1",
            "me.a",
            "\"t\"",
            "true",
            "app.n > 2",
            "result.x",
            "broken(",
            "1 / 0",
            "owner.a",
            "isOpen(plan)",
            "shown(1.5)");

    private final RandomGenerator random;

    public RandomDesigns(RandomGenerator random) {
        this.random = random;
    }

    public Design design() {
        var windows = new ArrayList<Window>();
        for (int i = 0; i < 1 + random.nextInt(5); i++) {
            windows.add(random.nextInt(3) == 0 ? readyMade() : face());
        }
        var application = new Application(
                word(),
                random.nextBoolean() ? Application.About.NOTHING : new Application.About("1", word(), word(), ""),
                random.nextBoolean()
                        ? List.of()
                        : List.of(
                                new Variable(Name.of("n"), Type.WHOLE, maybe(this::expression), random.nextBoolean())),
                script(2),
                pick(List.of(
                        new DepartureRule.LastWindow(),
                        new DepartureRule.OnlyWhenTold(),
                        new DepartureRule.WithWindow(word()))),
                random.nextBoolean()
                        ? PretendFiles.NONE
                        : new PretendFiles(
                                List.of("/a/b.csv", "/c d/ü.txt"), List.of("/a/b.csv"), random.nextBoolean()),
                random.nextBoolean() ? List.of() : List.of(task()),
                random.nextBoolean() ? List.of() : List.of(holding()),
                pick(List.of(NamingHabit.values())),
                new Leaving(random.nextBoolean() ? List.of() : List.of("Desk", word()), script(1)),
                routines());
        return new Design(
                application,
                windows,
                random.nextBoolean()
                        ? List.of()
                        : List.of(new Walkthrough(
                                word(),
                                java.time.LocalDate.of(2026, 11, 23),
                                List.of("press \"a\" of \"B\"", "see \"B\" open", word()))));
    }

    private FacedWindow face() {
        var kind = pick(List.of(FacedWindow.Kind.values()));
        Map<Way, WayOut> ways = new EnumMap<>(Way.class);
        for (Way way : Way.values()) {
            if (random.nextInt(4) == 0) {
                ways.put(
                        way,
                        way.isOfTheUser() && random.nextBoolean()
                                ? pick(List.of(new WayOut.Absent(), new WayOut.AsPressing(word())))
                                : new WayOut.LeadsTo(word(), givens(), random.nextBoolean()));
            }
        }
        Map<FacedWindow.Moment, Script> moments = new EnumMap<>(FacedWindow.Moment.class);
        for (var moment : FacedWindow.Moment.values()) {
            Script script = script(1);
            if (!script.isEmpty()) {
                moments.put(moment, script);
            }
        }
        return new FacedWindow(
                kind,
                name(),
                word(),
                random.nextBoolean()
                        ? FacedWindow.Size.BY_CONTENTS
                        : new FacedWindow.Size(random.nextInt(900), random.nextInt(700)),
                random.nextBoolean(),
                maybe(() -> pick(List.of(new Instances.Many(), new Instances.Single(), new Instances.OneForEach("k")))),
                random.nextBoolean(),
                takes(),
                random.nextBoolean()
                        ? List.of()
                        : List.of(new Variable(name(), type(2), maybe(this::expression), false)),
                random.nextInt(3) == 0 ? List.of(new Menu(word(), List.of(command()))) : List.of(),
                rows(),
                maybe(this::endings),
                ways,
                moments,
                random.nextBoolean()
                        ? WindowFrame.usual(kind)
                        : new WindowFrame(
                                new FacedWindow.Size(random.nextInt(900), 0),
                                random.nextBoolean(),
                                random.nextBoolean(),
                                random.nextBoolean(),
                                word(),
                                pick(List.of(WindowFrame.Place.values()))),
                random.nextInt(4) == 0,
                routines());
    }

    private List<Row> rows() {
        var rows = new ArrayList<Row>();
        for (int i = 0; i < random.nextInt(4); i++) {
            rows.add((random.nextBoolean() ? Row.of(part()) : Row.of(part(), part()))
                    .in(pick(List.of("", "", "Board", "ü")))
                    .on(random.nextInt(4) == 0 ? Optional.of(new Row.Page(word(), word())) : Optional.empty()));
        }
        return rows;
    }

    private Part part() {
        return switch (random.nextInt(10)) {
            case 9 -> new Part.Progress(name(), word(), random.nextBoolean() ? "work" : word(), traits());
            case 0 -> new Part.Caption(name(), word(), pick(List.of(Part.TextSize.values())), traits());
            case 1 ->
                new Part.TextField(
                        name(),
                        word(),
                        word(),
                        random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(1 + random.nextInt(50)),
                        pick(List.of(Part.Entry.values())),
                        script(1),
                        traits());
            case 2 ->
                new Part.ValueField(name(), word(), pick(List.of(Part.Holds.values())), word(), script(1), traits());
            case 3 -> new Part.TickBox(name(), word(), random.nextBoolean(), script(1), traits());
            case 4 ->
                new Part.Choice(
                        name(),
                        word(),
                        random.nextBoolean() ? List.of() : List.of("a", word()),
                        random.nextInt(4) == 0 ? Optional.of(expression()) : Optional.empty(),
                        pick(List.of("", "a")),
                        pick(List.of(Part.ChoiceLook.values())),
                        script(1),
                        traits());
            case 5 -> new Part.Link(name(), word(), word(), script(1), traits());
            case 7 ->
                new Part.ListOfRows(
                        name(),
                        word(),
                        random.nextBoolean()
                                ? List.of()
                                : List.of(new Type.Column("c", Type.TEXT), new Type.Column("n", type(1))),
                        random.nextBoolean() ? List.of() : List.of(List.of(word(), "2"), List.of("x")),
                        random.nextBoolean(),
                        random.nextBoolean(),
                        script(1),
                        java.util.Map.of(
                                Part.RowMoment.ACTIVATED, script(1), Part.RowMoment.BEFORE_REMOVING, script(1)),
                        traits());
            case 6 -> new Part.Picture(name(), word(), traits());
            default -> new Part.Button(name(), word(), random.nextBoolean(), each(false), script(2), traits());
        };
    }

    private Part.MenuCommand command() {
        if (random.nextInt(8) == 0) {
            return Part.MenuCommand.of(word(), word(), "")
                    .doing(Optional.of(pick(List.of(bivouac.design.Editing.values()))));
        }
        return new Part.MenuCommand(
                name(),
                word(),
                pick(List.of("", "Ctrl+N")),
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextInt(3) == 0,
                each(true),
                Optional.empty(),
                script(2),
                traits());
    }

    /** @param ticks whether it can carry a tick */
    private Each each(boolean ticks) {
        return switch (random.nextInt(6)) {
            case 0 -> new Each.OfRows(new Expression("[" + expression().source() + "]"), Optional.empty());
            case 1 ->
                new Each.OfRows(
                        new Expression("[1, 2]"),
                        Optional.of(new Expression("row > 1")).filter(t -> ticks));
            case 2 -> new Each.OfWindows(word());
            default -> Each.ONCE;
        };
    }

    private Traits traits() {
        return random.nextInt(3) == 0
                ? Traits.USUAL
                : new Traits(
                        setting(),
                        setting(),
                        setting(),
                        pick(List.of("", "Inter 12", "{app.f}")),
                        pick(List.of("", "#2f5d50")));
    }

    private Setting setting() {
        return pick(List.of(Setting.YES, new Setting.Fixed(false), new Setting.Follows(expression())));
    }

    private Task task() {
        return new Task(
                Name.of("work"),
                takes(),
                List.of(
                        new Task.Outcome(
                                Ending.of("done", Ending.Give.of("x", type(1))), givens(), maybe(this::expression)),
                        Task.Outcome.of(word())),
                maybe(() -> "done"),
                random.nextBoolean() ? Set.of() : Set.of(pick(List.of(Task.Told.values()))));
    }

    private Window readyMade() {
        return switch (random.nextInt(3)) {
            case 0 ->
                new FileDialog(
                        name(),
                        pick(List.of(FileDialog.Asks.values())),
                        word(),
                        takes(),
                        random.nextBoolean()
                                ? List.of()
                                : List.of(
                                        new FileDialog.Filter(word(), List.of("*.csv", "a?b")),
                                        new FileDialog.Filter(word(), List.of())),
                        random.nextBoolean(),
                        pick(List.of("", "txt")),
                        word(),
                        random.nextBoolean());
            case 1 -> new Picker(name(), pick(List.of(Picker.Of.values())), word(), takes(), maybe(this::expression));
            default -> box();
        };
    }

    private MessageBox box() {
        return new MessageBox(
                name(),
                word(),
                pick(List.of(MessageBox.Severity.values())),
                word(),
                takes(),
                List.of(MessageBox.Answer.of("OK"), new MessageBox.Answer(word(), word())),
                maybe(() -> "ok"),
                maybe(this::word),
                pick(MessageBox.PLACES));
    }

    private static final List<String> HOLDINGS = List.of("lock", "none");

    private Holding holding() {
        return new Holding(
                Name.of("lock"),
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean());
    }

    private List<Ending> endings() {
        return List.of(Ending.of("ok", Ending.Give.of("x", type(1))), Ending.of(word()));
    }

    private Routines routines() {
        return random.nextInt(3) > 0
                ? Routines.NONE
                : new Routines(
                        List.of(new NamedScript(
                                Name.of("tidy"), takes(), random.nextBoolean() ? List.of() : endings(), script(1))),
                        List.of(new Timer(
                                Name.of("clock"),
                                new Expression(pick(List.of("60", "0.5", "0", "app.n"))),
                                random.nextBoolean(),
                                script(1))));
    }

    private Script script(int deep) {
        var steps = new ArrayList<Step>();
        for (int i = 0; i < random.nextInt(3); i++) {
            Step step = step(deep);
            steps.add(random.nextInt(8) == 0 ? new Step.Off(step) : step);
        }
        return new Script(steps);
    }

    private Step step(int deep) {
        return switch (random.nextInt(deep > 0 ? 24 : 19)) {
            case 0 -> new Step.Close(target(), maybe(this::word), givens(), Script.EMPTY);
            case 1 -> new Step.StayOpen();
            case 2 -> new Step.SetValue(pick(List.of("app.n", "me.title", "me.a", "nothing")), expression());
            case 3 -> new Step.Note(word());
            case 4 ->
                new Step.EndApplication(maybe(this::expression), maybe(this::word), script(Math.max(0, deep - 1)));
            case 5 -> new Step.NotThereYet();
            case 6 -> new Step.Reach(pick(List.of(Step.Reach.How.values())), target());
            case 7 ->
                random.nextBoolean()
                        ? new Step.StopTask(pick(List.of("work", "none")))
                        : new Step.CancelTask(pick(List.of("work", "none")));
            case 8 -> new Step.AddRow(pick(List.of("me.a", "nothing")), givens());
            case 9 -> new Step.RemoveRow(pick(List.of("me.a", "nothing")), random.nextBoolean());
            case 10 -> new Step.ChangeRow(pick(List.of("me.a", "nothing")), givens());
            case 11 -> new Step.KeepRow();
            case 12 -> Step.Let.of(pick(List.of("sum", "no name")), expression().source());
            case 13 -> new Step.Again();
            case 14 -> new Step.KeptValues(pick(List.of(Step.KeptValues.How.values())));
            case 15 -> new Step.GiveBack(pick(HOLDINGS));
            case 16 ->
                random.nextBoolean()
                        ? new Step.Return(pick(List.of("ok", "none")), givens())
                        : new Step.Do(
                                pick(List.of("tidy", "none")),
                                maybe(this::target),
                                random.nextBoolean() ? List.of() : List.of("ok"),
                                random.nextBoolean() ? givens() : List.of(),
                                maybe(() -> "kept"),
                                deep == 0 || random.nextBoolean()
                                        ? List.of()
                                        : List.of(new Step.Branch("ok", script(deep - 1))));
            case 17 -> new Step.TurnTimer(pick(List.of(Step.TurnTimer.How.values())), pick(List.of("clock", "none")));
            case 18 -> new Step.Focus(pick(List.of("me.a", "owner.a", "nothing")));
            case 20 ->
                new Step.TakeHolding(
                        pick(HOLDINGS),
                        random.nextBoolean() ? List.of() : List.of(new Step.Branch("could not", script(deep - 1))));
            case 21 -> new Step.Repeat(script(deep - 1));
            case 22 ->
                new Step.RunTask(
                        pick(List.of("work", "none")),
                        random.nextBoolean(),
                        random.nextBoolean(),
                        givens(),
                        maybe(() -> "kept"),
                        random.nextBoolean() ? List.of() : List.of(new Step.Branch("done", script(deep - 1))));
            case 19 ->
                new Step.If(
                        List.of(
                                new Step.If.Case(expression(), script(deep - 1)),
                                new Step.If.Case(expression(), script(deep - 1))),
                        maybe(() -> script(deep - 1)));
            default ->
                new Step.Open(
                        word(),
                        manner(),
                        maybe(this::target),
                        givens(),
                        maybe(() -> "kept"),
                        random.nextBoolean()
                                ? List.of()
                                : List.of(
                                        new Step.Branch("ok", script(deep - 1)),
                                        new Step.Branch("closed", script(deep - 1))));
        };
    }

    private Manner manner() {
        return pick(List.of(
                new Manner.Alongside(),
                new Manner.WaitsForOwner(),
                new Manner.WaitsForApplication(),
                new Manner.InPlace("", List.of()),
                new Manner.InPlace("closed", List.of())));
    }

    private Target target() {
        return pick(List.of(
                new Target.Me(),
                new Target.Owner(),
                new Target.Opener(),
                new Target.Single("Desk"),
                new Target.Kept("kept"),
                new Target.Keyed("Desk", expression()),
                new Target.Every(word())));
    }

    private List<Take> takes() {
        return random.nextBoolean() ? List.of() : List.of(new Take(Name.of("k"), type(2), maybe(this::expression)));
    }

    private List<Given> givens() {
        return random.nextBoolean() ? List.of() : List.of(new Given("k", expression()), new Given("x", expression()));
    }

    private Type type(int deep) {
        return switch (random.nextInt(deep > 0 ? 8 : 5)) {
            case 0 -> Type.TEXT;
            case 1 -> Type.WHOLE;
            case 2 -> Type.NUMBER;
            case 3 -> Type.YESNO;
            case 4 -> Type.DATE;
            case 5 -> new Type.ChoiceOf(List.of("a", "b \"c\", \\d"));
            case 6 -> new Type.ListOf(type(deep - 1));
            default -> new Type.RowOf(List.of(new Type.Column("c", type(deep - 1)), new Type.Column("d", Type.TEXT)));
        };
    }

    private Name name() {
        return random.nextInt(3) == 0 ? new Name(word(), "own" + random.nextInt(3)) : Name.of(word());
    }

    private String word() {
        return pick(WORDS);
    }

    private Expression expression() {
        return new Expression(pick(EXPRESSIONS));
    }

    private <T> Optional<T> maybe(Supplier<T> value) {
        return random.nextBoolean() ? Optional.empty() : Optional.of(value.get());
    }

    private <T> T pick(List<? extends T> from) {
        return from.get(random.nextInt(from.size()));
    }
}

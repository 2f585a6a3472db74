package bivouac.testkit;

import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Each;
import bivouac.design.Ending;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Given;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.Name;
import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.design.Part;
import bivouac.design.PretendFiles;
import bivouac.design.Routines;
import bivouac.design.Row;
import bivouac.design.Script;
import bivouac.design.Setting;
import bivouac.design.Step;
import bivouac.design.Take;
import bivouac.design.Target;
import bivouac.design.Traits;
import bivouac.design.Type;
import bivouac.design.Variable;
import bivouac.design.Window;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;

/**
 * Random designs with more in them than {@link SmallDesigns}: named scripts, a value that is kept, a file dialog, a window of
 * which there is one for each key, lists, and scripts at bringing back.
 */
public final class WideDesigns extends SmallDesigns {

    /** Whether a named script is made, which does no other one. */
    private boolean named;
    /** Whether that script has endings (W11). */
    private boolean answers;

    public WideDesigns(RandomGenerator random) {
        super(random);
    }

    @Override
    public Design design() {
        Design small = super.design();
        var windows = new ArrayList<Window>(small.windows());
        windows.add(2, note());
        windows.add(FileDialog.of(Name.of("File"), FileDialog.Asks.ONE));
        Application application = small.application();
        return new Design(
                new Application(
                        application.name(),
                        application.about(),
                        List.of(new Variable(Name.of("n"), Type.WHOLE, Optional.of(new Expression("0")), true)),
                        application.start(),
                        application.departure(),
                        new PretendFiles(List.of("/a.txt"), List.of(), false),
                        application.tasks(),
                        application.holdings(),
                        application.names(),
                        application.leaving(),
                        new Routines(
                                named("shared", Optional.empty(), Outside.FILES_OPENED),
                                application.routines().timers())),
                windows);
    }

    private FacedWindow note() {
        return more(face(FacedWindow.Kind.CHILD, "Note")
                .taking(List.of(Take.of("k", Type.WHOLE)))
                .living(Optional.of(new Instances.OneForEach("k")), random.nextBoolean()));
    }

    /** A script to be done by name, and every third time one that answers what comes from outside (F1). */
    private List<NamedScript> named(String name, Optional<String> of, Outside what) {
        NamedScript first = doing(name, of);
        return random.nextInt(3) == 0
                ? List.of(first, new NamedScript(Name.of(what.script()), List.of(), script(of, 1)))
                : List.of(first);
    }

    private NamedScript doing(String name, Optional<String> of) {
        named = true;
        answers = random.nextBoolean();
        Script script = script(of, 1);
        List<Ending> endings = answers ? List.of(Ending.of("yes"), Ending.of("no")) : List.of();
        named = false;
        answers = false;
        return new NamedScript(Name.of(name), List.of(), endings, script);
    }

    @Override
    FacedWindow more(FacedWindow face) {
        Optional<String> of = Optional.of(face.name().shown());
        var rows = new ArrayList<>(face.rows());
        Part.ListOfRows list = Part.ListOfRows.of("rows", "", new Type.Column("name", Type.TEXT))
                .starting(List.of(List.of("x"), List.of("y")))
                .removedByHand(random.nextBoolean())
                .at(Part.RowMoment.BEFORE_REMOVING, beforeRemoving(face));
        rows.add(Row.of(random.nextInt(3) == 0 ? list.triggering(script(of, 1)) : list));
        if (random.nextInt(3) == 0) {
            rows.add(Row.of(eachRow(of)));
        }
        if (random.nextInt(3) == 0) {
            rows.add(Row.of(eachWindow(of)));
        }
        FacedWindow with = face.withRows(rows).with(new Routines(named("own", of, Outside.FILES_DROPPED), List.of()));
        if (face.name().shown().equals("Desk") && random.nextInt(3) == 0) {
            // several to do something in (W12)
            Step card = Step.Open.of("Card", new Manner.Alongside());
            with = with.at(FacedWindow.Moment.OPENED, Script.of(card, card));
        }
        return random.nextInt(3) == 0 ? with.at(FacedWindow.Moment.BROUGHT_BACK, script(of, 1)) : with;
    }

    /** P5: of the rows that are called x none can be used; its script says it before and after all else. */
    private Part eachRow(Optional<String> of) {
        var steps = new ArrayList<Step>(List.of(new Step.Note("{row.name}")));
        steps.addAll(script(of, 1).steps());
        steps.add(onRows());
        steps.add(new Step.Note("{row.name}"));
        return Part.Button.of("of row", "({row.name})")
                .forEach(new Each.OfRows("me.rows.rows"))
                .triggering(new Script(steps))
                .with(Traits.USUAL.enabled(new Setting.Follows(new Expression("row.name != 'x'"))));
    }

    private Part eachWindow(Optional<String> of) {
        var steps = new ArrayList<Step>(List.of(new Step.Note("{row.title}")));
        steps.addAll(script(of, 1).steps());
        var row = new Target.Kept(Each.ROW);
        steps.add(
                switch (random.nextInt(3)) {
                    case 0 -> new Step.Reach(Step.Reach.How.BRING_TO_FRONT, row);
                    case 1 -> new Step.Reach(Step.Reach.How.SHOW, row);
                    default -> new Step.Close(row, Optional.of("closed"), List.of(), Script.EMPTY);
                });
        return Part.Button.of("of window", "")
                .forEach(new Each.OfWindows(pick(List.of("Card", "Note", "Plan"))))
                .triggering(new Script(steps));
    }

    /** After closing nothing is opened (X10); whether a row that is removed there may ask is not settled by the rules. */
    private Script beforeRemoving(FacedWindow face) {
        boolean removesAfterwards =
                !face.moment(FacedWindow.Moment.AFTER_CLOSING).isEmpty();
        return switch (random.nextInt(removesAfterwards ? 3 : 4)) {
            case 0 -> Script.EMPTY;
            case 1 -> Script.of(new Step.Note("kept"), new Step.KeepRow());
            case 2 -> Script.of(new Step.Note("goes"));
            default ->
                Script.of(Step.Open.of(
                        "Sure", new Manner.WaitsForOwner(), new Step.Branch("no", Script.of(new Step.KeepRow()))));
        };
    }

    @Override
    Optional<Step> more(Optional<String> of) {
        if (random.nextInt(3) > 0) {
            return Optional.empty();
        }
        if (answers && random.nextInt(2) == 0) {
            return Optional.of(Step.Return.of(pick(List.of("yes", "no"))));
        }
        return Optional.of(
                switch (random.nextInt(11)) {
                    // of two scripts the window's own does that of the application, and no other does one
                    case 0 ->
                        named && of.isEmpty()
                                ? new Step.Note("{app.n}")
                                : Step.Do.of("shared").when(answered(of));
                    case 1 ->
                        named || of.isEmpty()
                                ? new Step.Note("{app.n}")
                                : Step.Do.of("own").when(answered(of));
                    case 9, 10 -> named ? new Step.Note("{app.n}") : doneIn(of);
                    case 2 -> new Step.KeptValues(pick(List.of(Step.KeptValues.How.values())));
                    case 3 ->
                        Step.Open.of(
                                "File",
                                pick(List.of(new Manner.WaitsForApplication(), new Manner.WaitsForOwner())),
                                branches(of, 0, Ending.of("chosen"), Ending.of("cancelled"))
                                        .toArray(Step.Branch[]::new));
                    case 4 -> openNote(of);
                    case 5 -> onNote();
                    case 6 ->
                        new Step.Close(
                                new Target.Every(pick(List.of("Card", "Note"))),
                                Optional.of("closed"),
                                List.of(),
                                random.nextBoolean() ? Script.EMPTY : Script.of(new Step.Note("refused")));
                    case 7 -> of.isEmpty() ? new Step.Note("{app.n}") : onRows();
                    default -> new Step.Note("{app.n}");
                });
    }

    private Step.Branch[] answered(Optional<String> of) {
        return branches(of, 0, Ending.of("yes"), Ending.of("no")).toArray(Step.Branch[]::new);
    }

    /** W12. */
    private Step doneIn(Optional<String> of) {
        Step.Do own = Step.Do.of("own").when(answered(of));
        return switch (random.nextInt(4)) {
            case 0 -> own.in(new Target.Single(pick(List.of("Desk", "Plan"))));
            case 1 -> own.in(new Target.Every("Card"), "yes");
            case 2 -> own.in(new Target.Every(pick(List.of("Note", "Card"))), "no", "yes");
            default -> own.in(new Target.Every("Form"));
        };
    }

    private String key() {
        return String.valueOf(1 + random.nextInt(2));
    }

    private Step openNote(Optional<String> of) {
        Manner manner = pick(List.of(new Manner.Alongside(), new Manner.Alongside(), new Manner.WaitsForOwner()));
        return Step.Open.of("Note", manner, branches(of, 0, Ending.of("closed")).toArray(Step.Branch[]::new))
                .handing(Given.of("k", key()));
    }

    private Step onNote() {
        var note = new Target.Keyed("Note", new Expression(key()));
        return random.nextInt(3) == 0
                ? new Step.Reach(pick(List.of(Step.Reach.How.HIDE, Step.Reach.How.SHOW)), note)
                : new Step.Close(note, Optional.of("closed"), List.of(), Script.EMPTY);
    }

    private Step onRows() {
        return switch (random.nextInt(3)) {
            case 0 -> new Step.AddRow("me.rows", List.of(Given.of("name", "'new'")));
            case 1 -> new Step.RemoveRow("me.rows", random.nextBoolean());
            default -> Step.SetValue.of("me.rows.selectedNumber", String.valueOf(random.nextInt(3)));
        };
    }
}

package bivouac.check.closing;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.known.Said;
import bivouac.check.ways.ClosingRepair;
import bivouac.check.ways.ReadyMadeRepair;
import bivouac.check.ways.Repair;
import bivouac.check.ways.StepRepair;
import bivouac.design.AccessKey;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.ReadyMade;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Task;
import bivouac.design.Window;
import java.util.List;
import java.util.Optional;

/**
 * What the answers of a question come to where it is asked: one that is not waited for, an Escape that acts, an Enter that
 * loses, a save that saves nothing, a row that is removed whatever is said.
 */
public final class AnswerFindings {

    private final List<Finding> found;
    private final Design design;

    private AnswerFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
    }

    public static void into(List<Finding> found, Design design) {
        var findings = new AnswerFindings(found, design);
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    switch (step) {
                        case Step.Open open ->
                            design.window(open.window())
                                    .ifPresent(w -> findings.asked(new Asked(place, path, open, w), script));
                        case Step.RunTask run ->
                            design.application().task(run.task()).ifPresent(t -> findings.task(place, path, run, t));
                        case Step.Close _,
                                Step.If _,
                                Step.EndApplication _,
                                Step.Repeat _,
                                Step.Off _,
                                Step.Plain _,
                                Step.Branching _ -> {
                            // asks nothing, and waits for nothing
                        }
                    }
                }));
    }

    /** What an answer comes to. */
    private enum Comes {
        /** All stays as it was. */
        NOTHING,
        /** What was asked about goes on, and nothing is done for it: the window closes, the row is removed. */
        PASSES,
        ACTS
    }

    /** A step that opens a window, and which. */
    private record Asked(ScriptPlace place, StepPath path, Step.Open open, Window window) {

        boolean isClosing() {
            return place.isAt(FacedWindow.Moment.BEFORE_CLOSING);
        }

        boolean isRemoving() {
            return place.isAt(Part.RowMoment.BEFORE_REMOVING);
        }

        Script at(String ending) {
            return open.branches().stream()
                    .filter(b -> b.ending().equals(ending))
                    .map(Step.Branch::script)
                    .findFirst()
                    .orElse(Script.EMPTY);
        }

        /** A note is taken for what the program will do there. */
        Comes comes(String ending) {
            List<Step> live = at(ending).steps().stream()
                    .filter(s -> !(s instanceof Step.Off))
                    .toList();
            if (live.isEmpty()) {
                return isClosing() || isRemoving() ? Comes.PASSES : Comes.NOTHING;
            }
            // also in a named script, which may be done where something is asked (W7)
            return live.stream().allMatch(s -> refuses(s) || s instanceof Step.Note)
                            && live.stream().anyMatch(AnswerFindings::refuses)
                    ? Comes.NOTHING
                    : Comes.ACTS;
        }

        /** Whether an answer only leaves: it closes, ends, or begins again. */
        boolean onlyLeaves(String ending) {
            List<Step> live = at(ending).steps().stream()
                    .filter(s -> !(s instanceof Step.Off || s instanceof Step.Note))
                    .toList();
            return !live.isEmpty()
                    && live.stream()
                            .allMatch(s -> s instanceof Step.Close
                                    || s instanceof Step.EndApplication
                                    || s instanceof Step.Again);
        }

        /** Whether something in what an answer does refuses, or may do so by a named script. */
        boolean canRefuse(String ending) {
            return Steps.any(at(ending), s -> refuses(s) || s instanceof Step.Do);
        }

        Optional<Ending> other(String than, Comes comes) {
            return window.endings().stream()
                    .filter(e -> !e.name().equals(than) && comes(e.name()) == comes)
                    .findFirst();
        }
    }

    private static boolean refuses(Step step) {
        return step instanceof Step.StayOpen || step instanceof Step.KeepRow;
    }

    private void asked(Asked asked, Script script) {
        if (design.goesOnBeside(asked.open())) {
            notAwaited(asked);
            return;
        }
        saysOtherwise(asked);
        boolean decides = asked.window().endings().size() > 1
                && !asked.open().branches().isEmpty()
                && asked.open().as().isEmpty();
        if (!decides || !(asked.window() instanceof ReadyMade)) {
            return;
        }
        boolean settledLater = isFollowed(asked.path(), script);
        boolean same = !settledLater && sameWhatever(asked);
        if (asked.window() instanceof MessageBox box) {
            escapeActs(asked, box);
            if (!settledLater && !same) {
                box.answers().forEach(a -> promisesNothing(asked, box, a));
            }
            if (asked.isClosing() && !settledLater) {
                enterLoses(asked, box);
            }
            if (asked.isRemoving() && !settledLater) {
                removesAllTheSame(asked, box);
            }
        }
    }

    /** Whether something is done after a step on the same way, which may look at what was answered. */
    private static boolean isFollowed(StepPath path, Script script) {
        for (int by = 1; ; by++) {
            Optional<Step> next = path.next(by).in(script);
            if (next.isEmpty()) {
                return path.outer().map(outer -> isFollowed(outer, script)).orElse(false);
            }
            if (!(next.get() instanceof Step.Off || next.get() instanceof Step.Note)) {
                return true;
            }
        }
    }

    private void add(
            Asked asked, Weight weight, Kind kind, String what, String why, Optional<? extends Repair> repair) {
        Place place = Place.step(asked.place(), asked.path());
        found.add(new Finding(
                weight,
                kind,
                place.words(design) + ": " + what,
                why,
                place,
                repair.<List<Repair>>map(List::of).orElse(List.of())));
    }

    /** B2, W3: alongside blocks nothing, and the script goes on before there is an answer that could refuse. */
    private void notAwaited(Asked asked) {
        boolean refuses =
                asked.open().branches().stream().anyMatch(b -> Steps.any(b.script(), AnswerFindings::refuses));
        if (!refuses || !asked.isClosing() && !asked.isRemoving()) {
            return;
        }
        add(
                asked,
                Weight.WRONG,
                Kind.NOT_AWAITED,
                "“" + asked.window().name() + "” is opened alongside, and "
                        + (asked.isClosing()
                                ? asked.place().ofWindow().orElseThrow() + " closes"
                                : "the row is removed")
                        + " before it is answered.",
                "Alongside blocks nothing (B2), and nothing waits for how it ends (W3); let it wait.",
                Optional.of(new ClosingRepair.WaitForApplication(asked.place(), asked.path())));
    }

    /** C7: message boxes, file dialogs and pickers are always waited for, whatever the step says. */
    private void saysOtherwise(Asked asked) {
        if (asked.open().manner() instanceof Manner.Alongside) {
            add(
                    asked,
                    Weight.HINT,
                    Kind.MESSAGE,
                    "“" + asked.window().name() + "” is to be opened alongside, and is waited for all the same.",
                    "A " + asked.window().kind()
                            + " is always waited for (C7); who reads the step takes it for something else.",
                    Optional.of(new ClosingRepair.WaitForApplication(asked.place(), asked.path())));
        }
    }

    /** Whether it is so, and said. */
    private boolean sameWhatever(Asked asked) {
        List<String> endings =
                asked.window().endings().stream().map(Ending::name).toList();
        boolean nothing = endings.stream().allMatch(e -> asked.comes(e) == Comes.NOTHING);
        boolean same = !asked.isClosing()
                && !asked.isRemoving()
                && endings.stream().map(asked::at).distinct().count() == 1;
        if (nothing || same) {
            add(
                    asked,
                    Weight.RISKY,
                    Kind.MISSING_BRANCH,
                    "“" + asked.window().name() + "” is asked, and "
                            + (nothing ? "nothing is done" : "the same is done") + " whatever is answered.",
                    "Who is asked takes it that the answer matters; write what it does, or do not ask.",
                    Optional.of(new StepRepair.RemoveStep(asked.place(), asked.path())));
        }
        return nothing || same;
    }

    /** C7: who presses Escape wants nothing to happen. What destroys by its words, or closes unasked, is said elsewhere. */
    private void escapeActs(Asked asked, MessageBox box) {
        Optional<String> escape = box.escapeEnding()
                .filter(e -> asked.comes(e) == Comes.ACTS && !asked.onlyLeaves(e))
                .filter(e -> !Said.DESTROYS.by(box.said(e)))
                .filter(e -> !asked.isClosing() || asked.canRefuse(e));
        escape.flatMap(e -> asked.other(e, Comes.NOTHING))
                .ifPresent(quiet -> add(
                        asked,
                        Weight.RISKY,
                        Kind.ESCAPE_DESTROYS,
                        "Escape in “" + box.name() + "” means “" + box.said(escape.get())
                                + "”, which does something, and “" + box.said(quiet.name()) + "” does nothing.",
                        "Who presses Escape wants nothing to happen (C7); let it mean the answer that does nothing.",
                        Optional.of(new ReadyMadeRepair.Means(
                                box.name().shown(), ReadyMadeRepair.Means.Key.ESCAPE, quiet.name()))));
    }

    /** An answer that promises to do something, at which nothing is done. */
    private void promisesNothing(Asked asked, MessageBox box, MessageBox.Answer answer) {
        String text = AccessKey.without(answer.text());
        boolean closes = asked.isClosing();
        boolean promises = Said.PROMISES.by(text) || closes && Said.KEEPS.by(text) && !Said.STAYS.by(text);
        // another answer that does as little: then not only the words say that one of the two was forgotten
        boolean twice = box.answers().stream()
                        .filter(a -> asked.comes(a.ending()) == asked.comes(answer.ending()))
                        .count()
                > 1;
        // where no branch is written, that is said instead
        boolean written = asked.open().answers(answer.ending());
        // the one answer at which a row goes promises just that, whatever it calls it
        boolean isTheOneThatRemoves = asked.isRemoving() && !twice;
        if (promises
                && written
                && !isTheOneThatRemoves
                && asked.at(answer.ending()).doesNothing()) {
            add(
                    asked,
                    !twice ? Weight.HINT : closes ? Weight.WRONG : Weight.RISKY,
                    closes ? Kind.CLOSES_ALL_THE_SAME : Kind.MISSING_BRANCH,
                    "“" + text + "” in “" + box.name() + "” does nothing"
                            + (closes ? ", and " + asked.place().ofWindow().orElseThrow() + " closes." : "."),
                    closes
                            ? "Who answers so takes it to be kept; run what keeps it there, and stay open where that fails (C2)."
                            : "Who answers so waits for something to happen; write what does.",
                    Optional.of(new StepRepair.NotThereYet(asked.place(), Optional.of(asked.path()), answer.ending())));
        }
    }

    private void enterLoses(Asked asked, MessageBox box) {
        box.byDefault()
                .filter(e -> asked.comes(e) == Comes.PASSES)
                .filter(e -> !Said.DESTROYS.by(box.said(e)))
                .flatMap(e -> asked.other(e, Comes.ACTS))
                .ifPresent(keeps -> add(
                        asked,
                        Weight.RISKY,
                        Kind.ESCAPE_DESTROYS,
                        "Enter in “" + box.name() + "” means “"
                                + box.said(box.byDefault().orElseThrow()) + "”, at which "
                                + asked.place().ofWindow().orElseThrow() + " closes and nothing is done.",
                        "Enter is pressed without reading; let it be the answer that loses nothing.",
                        Optional.of(new ReadyMadeRepair.Means(
                                box.name().shown(), ReadyMadeRepair.Means.Key.ENTER, keeps.name()))));
    }

    /** P2: only <em>keep row</em> keeps a row that is about to be removed. */
    private void removesAllTheSame(Asked asked, MessageBox box) {
        boolean always = box.answers().stream().noneMatch(a -> asked.canRefuse(a.ending()));
        Optional<String> escape = box.escapeEnding();
        Optional<String> certain = escape.filter(e -> !asked.canRefuse(e));
        // where Escape keeps the row, the other of two answers is the one that removes it, whatever it is called
        boolean told =
                escape.isPresent() && (certain.isPresent() || box.answers().size() <= 2);
        Optional<String> wrong = certain.or(() -> box.answers().stream()
                .filter(a -> !told && !asked.canRefuse(a.ending()))
                .filter(a -> Said.KEEPS_THE_ROW.by(a.text()))
                .map(MessageBox.Answer::ending)
                .findFirst());
        if (always || wrong.isPresent()) {
            add(
                    asked,
                    always || certain.isPresent() ? Weight.WRONG : Weight.HINT,
                    Kind.REMOVES_UNASKED,
                    always
                            ? "whatever “" + box.name() + "” is answered, the row is removed."
                            : "“" + box.said(wrong.get()) + "” in “" + box.name() + "” removes the row all the same.",
                    "Only “keep the row” keeps a row that is about to be removed (P2); write it where the answer is no.",
                    wrong.map(e -> new ClosingRepair.RefuseWhen(asked.place(), asked.path(), e)));
        }
    }

    /** An error that is shown where all went well: the branches are mixed up. */
    private void task(ScriptPlace place, StepPath path, Step.RunTask run, Task task) {
        String usual = task.usually().orElseGet(() -> task.endings().getFirst().name());
        run.branches().stream()
                .filter(b -> b.ending().equals(usual))
                .flatMap(b -> b.script().steps().stream())
                .filter(s -> !(s instanceof Step.Off || s instanceof Step.Note))
                .findFirst()
                .filter(Step.Open.class::isInstance)
                .flatMap(s -> design.window(((Step.Open) s).window()))
                .filter(w -> w instanceof MessageBox box && box.severity() == MessageBox.Severity.ERROR)
                .ifPresent(box -> found.add(new Finding(
                        Weight.RISKY,
                        Kind.MESSAGE,
                        Place.step(place, path).words(design) + ": when “" + task.name() + "” ends " + usual
                                + ", as it usually does, “" + box.name() + "” is shown, which is an error.",
                        "The branches are mixed up, or the message is no error.",
                        Place.step(place, path),
                        run.branches().stream()
                                .map(Step.Branch::ending)
                                .filter(e -> !e.equals(usual))
                                .limit(1)
                                .<Repair>map(e -> new StepRepair.SwapBranches(place, path, usual, e))
                                .toList())));
    }
}

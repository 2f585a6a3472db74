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
import bivouac.closing.MovedQuestion;
import bivouac.closing.Questions;
import bivouac.closing.Trigger;
import bivouac.closing.Triggers;
import bivouac.design.AccessKey;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.MessageBox;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import bivouac.design.Window;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Questions that decide nothing, whose Escape destroys, or that the Delete key goes past. */
public final class QuestionFindings {

    private final List<Finding> found;
    private final Design design;

    private QuestionFindings(List<Finding> found, Design design) {
        this.found = found;
        this.design = design;
    }

    public static void into(List<Finding> found, Design design, Triggers triggers) {
        var findings = new QuestionFindings(found, design);
        for (Window window : design.windows()) {
            switch (window) {
                case MessageBox box -> findings.escape(box);
                case FacedWindow face -> findings.lists(face, triggers);
                default -> {
                    // a file dialog or picker destroys nothing
                }
            }
        }
        findings.branches();
    }

    private void escape(MessageBox box) {
        if (box.answers().size() < 2) {
            return;
        }
        box.escapeEnding()
                .flatMap(e ->
                        box.answers().stream().filter(a -> a.ending().equals(e)).findFirst())
                .filter(a -> Said.DESTROYS.by(a.text()) && !Questions.doesNothingAt(design, box, a.ending()))
                .ifPresent(a -> found.add(new Finding(
                        Weight.RISKY,
                        Kind.ESCAPE_DESTROYS,
                        box.name() + ": Escape and the close box mean “" + AccessKey.without(a.text())
                                + "”, which cannot be taken back.",
                        "Who presses Escape wants nothing to happen (C7); let it mean another answer.",
                        Place.window(box.name().shown()),
                        box.answers().stream()
                                .filter(other -> !Said.DESTROYS.by(other.text()))
                                .map(MessageBox.Answer::ending)
                                .limit(1)
                                .<Repair>map(e -> new ReadyMadeRepair.Means(
                                        box.name().shown(), ReadyMadeRepair.Means.Key.ESCAPE, e))
                                .toList())));
    }

    /** A question that no answer of which is looked at. */
    private void branches() {
        design.scripts()
                .forEach((place, script) -> Steps.walk(script, (path, step) -> {
                    Optional<Window> asked = Questions.asked(design, step);
                    if (asked.isPresent()
                            && asked.get() instanceof MessageBox box
                            && ((Step.Open) step).branches().isEmpty()) {
                        found.add(new Finding(
                                Weight.RISKY,
                                Kind.MISSING_BRANCH,
                                place.words() + " asks “" + box.name() + "”, and does the same whatever is answered.",
                                "Write what happens at each answer, or “nothing, on purpose”.",
                                Place.step(place, path),
                                box.answers().stream()
                                        .<Repair>map(a -> new StepRepair.AddBranch(place, path, a.ending()))
                                        .toList()));
                    }
                }));
    }

    /** P2: the Delete key removes rows; a question in a trigger is not met by it. */
    private void lists(FacedWindow face, Triggers triggers) {
        String window = face.name().shown();
        for (Part part : face.parts()) {
            if (part instanceof Part.ListOfRows list) {
                String name = list.name().expression();
                List<Trigger> all = triggers.to(new Triggers.Goal.Removing(window, name));
                boolean asksBefore = !list.at(Part.RowMoment.BEFORE_REMOVING).doesNothing();
                all.stream()
                        .filter(t -> !t.asks().isEmpty() && !asksBefore)
                        .findFirst()
                        .ifPresent(t -> goesPast(face, list, t, all));
                if (asksBefore) {
                    actsUnasked(window, list);
                    all.forEach(t -> besideTheQuestion(face, list, t));
                }
            }
        }
    }

    /** P2: before removing is there to ask; where it only closes or runs something, that is done for every row, at one key. */
    private void actsUnasked(String window, Part.ListOfRows list) {
        Script before = list.at(Part.RowMoment.BEFORE_REMOVING);
        boolean acts = Steps.any(before, s -> s instanceof Step.Close || s instanceof Step.RunTask);
        boolean asks =
                Steps.any(before, s -> s instanceof Step.Open || s instanceof Step.KeepRow || s instanceof Step.Do);
        if (acts && !asks) {
            var place = new ScriptPlace.AtRow(window, list.name().expression(), Part.RowMoment.BEFORE_REMOVING);
            found.add(new Finding(
                    Weight.HINT,
                    Kind.REMOVES_UNASKED,
                    place.words() + ": a row of " + list.displayName()
                            + " is removed, and what goes with it, and nobody is asked.",
                    "One press too many takes it away; ask before, and keep the row where the answer is no (P2).",
                    Place.script(place),
                    List.of(new ClosingRepair.AskAboutTheRow(window, list.name().expression()))));
        }
    }

    /** P2: a trigger that goes past what before removing asks, or asks the same again. */
    private void besideTheQuestion(FacedWindow face, Part.ListOfRows list, Trigger trigger) {
        ScriptPlace place = trigger.place();
        Script script = place.in(design);
        StepPath path = trigger.closes().getFirst();
        boolean unasked = path.in(script)
                .filter(s -> s instanceof Step.RemoveRow r && r.unasked())
                .isPresent();
        Set<String> before = asked(list.at(Part.RowMoment.BEFORE_REMOVING));
        Optional<String> again =
                trigger.asks().stream().filter(before::contains).findFirst();
        boolean asksTwice = !unasked && !trigger.asks().isEmpty() && !before.isEmpty();
        String asks = before.isEmpty() ? "its script" : "“" + before.iterator().next() + "”";
        if (unasked && trigger.asks().isEmpty() && !before.isEmpty()) {
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.REMOVES_UNASKED,
                    place.words() + ": a row of " + list.displayName() + " is removed without the question " + asks
                            + ", which before removing asks.",
                    "Who presses it is not asked, and whoever presses the Delete key is (P2); take “unasked” away.",
                    Place.step(place, path),
                    List.of(new StepRepair.RemoveAsked(place, path))));
        } else if (asksTwice) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.ASKED_TWICE,
                    place.words() + " asks “"
                            + again.orElse(trigger.asks().iterator().next()) + "”, and before removing of "
                            + list.displayName() + " asks " + asks + " then.",
                    "Before removing is met by every way (P2); ask there only.",
                    Place.step(place, path),
                    List.of(new StepRepair.OnlyRemove(place, list.name().expression()))));
        }
    }

    private Set<String> asked(Script script) {
        var asked = new LinkedHashSet<String>();
        Steps.walk(script, (path, step) -> Questions.asked(design, step)
                .ifPresent(w -> asked.add(w.name().shown())));
        return asked;
    }

    private void goesPast(FacedWindow face, Part.ListOfRows list, Trigger asking, List<Trigger> all) {
        String window = face.name().shown();
        String name = list.name().expression();
        Optional<String> past = list.byHand()
                ? Optional.of("the Delete key")
                : all.stream()
                        .filter(t -> t.asks().isEmpty())
                        .map(t -> t.place().ownWords(design, Part::displayName))
                        .findFirst();
        ScriptPlace place = asking.place();
        past.ifPresent(who -> found.add(new Finding(
                Weight.WRONG,
                Kind.REMOVES_UNASKED,
                place.words() + ": " + who + " removes a row of " + list.displayName() + " without the question “"
                        + asking.asks().iterator().next() + "”.",
                "Before removing of the list is met by every way (P2); ask there.",
                Place.step(place, asking.closes().getFirst()),
                MovedQuestion.beforeRemoving(design, window, name, place).isPresent()
                        ? List.of(new ClosingRepair.AskBeforeRemoving(window, name, place))
                        : List.of())));
    }
}

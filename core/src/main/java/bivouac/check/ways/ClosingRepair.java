package bivouac.check.ways;

import bivouac.closing.MovedQuestion;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Part;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Way;
import bivouac.design.WayOut;
import bivouac.design.WaysOut;
import bivouac.design.Window;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Ways to put right how windows close, and what is asked before. */
public sealed interface ClosingRepair extends Repair {

    /** The question moves from a trigger to before closing. */
    record AskOnEveryWay(String window, ScriptPlace trigger, String question) implements ClosingRepair {
        @Override
        public String words() {
            return "Ask on every way";
        }

        @Override
        public String about() {
            return "“" + question + "” moves from the trigger to before closing, where every way out of " + window
                    + " meets it.";
        }

        @Override
        public Design in(Design design) {
            return MovedQuestion.beforeClosing(design, window, trigger).orElse(design);
        }
    }

    /** A way out loses the mark <em>unasked</em>. */
    record AskHereToo(String window, Way way) implements ClosingRepair {
        @Override
        public String words() {
            return "Ask here too";
        }

        @Override
        public String about() {
            return "The " + way.words() + " of " + window + " loses the mark unasked.";
        }

        @Override
        public Design in(Design design) {
            return design.changingFace(
                    window,
                    f -> WaysOut.of(f, way) instanceof WayOut.LeadsTo(String ending, List<Given> gives, boolean u)
                            ? f.leaving(way, new WayOut.LeadsTo(ending, gives, false))
                            : f);
        }
    }

    /** Close box or Escape does what pressing a part does, or does nothing any more. */
    record LeaveBy(String window, Way way, Optional<String> part) implements ClosingRepair {
        @Override
        public String words() {
            return part.map(p -> "Let it press " + p).orElse("Take this way out");
        }

        @Override
        public String about() {
            return part.map(p -> "The " + way.words() + " of " + window + " then does what pressing " + p + " does.")
                    .orElse("The " + way.words() + " of " + window + " then does nothing.");
        }

        @Override
        public Design in(Design design) {
            WayOut out = part.<WayOut>map(WayOut.AsPressing::new).orElseGet(WayOut.Absent::new);
            return design.changingFace(window, f -> f.leaving(way, out));
        }
    }

    /** A branch ends with <em>stay open</em>, or before a row is removed with <em>keep the row</em>; it is made where there is none. */
    record RefuseWhen(ScriptPlace place, StepPath path, String ending) implements ClosingRepair {
        @Override
        public String words() {
            return (keepsRow() ? "Keep the row when " : "Stay open when ") + ending;
        }

        @Override
        public String about() {
            return "The branch “" + ending + "” then ends with “" + (keepsRow() ? "keep the row" : "stay open") + "”.";
        }

        private boolean keepsRow() {
            return place.isAt(Part.RowMoment.BEFORE_REMOVING);
        }

        @Override
        public Design in(Design design) {
            return Changed.step(design, place, path, step -> {
                if (!(step instanceof Step.Branching branching)) {
                    return step;
                }
                var branches = new ArrayList<Step.Branch>();
                for (Step.Branch b : branching.branches()) {
                    branches.add(b.ending().equals(ending) ? new Step.Branch(ending, staying(b.script())) : b);
                }
                if (!branching.answers(ending)) {
                    branches.add(new Step.Branch(ending, staying(Script.EMPTY)));
                }
                return branching.withBranches(branches);
            });
        }

        private Script staying(Script script) {
            var steps = new ArrayList<>(script.steps());
            steps.add(keepsRow() ? new Step.KeepRow() : new Step.StayOpen());
            return new Script(steps);
        }
    }

    /** A step that opens a window waits for the whole application. */
    record WaitForApplication(ScriptPlace place, StepPath path) implements ClosingRepair {
        @Override
        public String words() {
            return "Wait for the application";
        }

        @Override
        public String about() {
            return "No other window can be used while it is asked.";
        }

        @Override
        public Design in(Design design) {
            return Changed.step(
                    design,
                    place,
                    path,
                    step -> step instanceof Step.Open o
                            ? new Step.Open(
                                    o.window(),
                                    new Manner.WaitsForApplication(),
                                    o.ownedBy(),
                                    o.handOver(),
                                    o.as(),
                                    o.branches())
                            : step);
        }
    }

    /** A trigger only closes; the question that it asked is asked before closing anyway. */
    record OnlyClose(ScriptPlace place, Step.Close close) implements ClosingRepair {
        @Override
        public String words() {
            return "Ask once";
        }

        @Override
        public String about() {
            return "The trigger then only closes; before closing asks, whatever the way.";
        }

        @Override
        public Design in(Design design) {
            return place.put(design, Script.of(close));
        }
    }

    /** Ways out lead to another ending, asked or unasked as before. */
    record LeadTo(String window, List<Way> ways, String ending) implements ClosingRepair {
        @Override
        public String words() {
            return "Let " + (ways.size() == 1 ? "it" : "them") + " lead to " + ending;
        }

        @Override
        public String about() {
            return ways.stream().map(Way::words).collect(Collectors.joining(", ")) + " of " + window + " then end"
                    + (ways.size() == 1 ? "s" : "") + " with “" + ending + "”.";
        }

        @Override
        public Design in(Design design) {
            return design.changingFace(window, f -> {
                FacedWindow changed = f;
                for (Way way : ways) {
                    changed = changed.leaving(way, WaysOut.leadingTo(changed, way, ending));
                }
                return changed;
            });
        }
    }

    /** The list asks before any row is removed, as a trigger does now. */
    record AskBeforeRemoving(String window, String list, ScriptPlace trigger) implements ClosingRepair {
        @Override
        public String words() {
            return "Ask before removing";
        }

        @Override
        public String about() {
            return "The question moves to before removing of " + list + ", where the Delete key meets it too.";
        }

        @Override
        public Design in(Design design) {
            return MovedQuestion.beforeRemoving(design, window, list, trigger).orElse(design);
        }
    }

    /**
     * A window asks before it closes while something in it is unsaved; of a value of the application, every main window.
     *
     * @param window whose value it is; none for one of the application
     * @param value as expressions name it, without {@code me} or {@code app}
     */
    record AskBeforeLosing(Optional<String> window, String value) implements ClosingRepair {

        private static final String LEAVE = "leave unsaved";
        private static final String STAY = "stay";

        @Override
        public String words() {
            return "Ask before it is lost";
        }

        @Override
        public String about() {
            return window.map(w -> w + " then asks before it closes").orElse("Main windows then ask before they close")
                    + " while " + path() + " is yes: leave unsaved, or stay. A save can be written beside them.";
        }

        private String path() {
            return (window.isPresent() ? "me." : "app.") + value;
        }

        private boolean asks(FacedWindow face) {
            return window.map(w -> w.equals(face.name().shown())).orElse(face.of() == FacedWindow.Kind.MAIN);
        }

        @Override
        public Design in(Design design) {
            Name box = design.freeName(window.map(w -> "Unsaved " + w).orElse("Unsaved work"));
            Design now = design.adding(new MessageBox(
                    box,
                    design.application().name(),
                    MessageBox.Severity.QUESTION,
                    "Not all is saved. Leave all the same?",
                    List.of(),
                    List.of(MessageBox.Answer.of("Leave unsaved"), MessageBox.Answer.of("Stay")),
                    Optional.of(STAY),
                    Optional.of(STAY)));
            Step asks = Step.Open.of(
                    box.shown(),
                    new Manner.WaitsForApplication(),
                    new Step.Branch(LEAVE, Script.EMPTY),
                    new Step.Branch(STAY, Script.of(new Step.StayOpen())));
            var first =
                    new Step.If(List.of(new Step.If.Case(new Expression(path()), Script.of(asks))), Optional.empty());
            for (Window one : design.windows()) {
                if (one instanceof FacedWindow f && asks(f)) {
                    var before = new ScriptPlace.AtMoment(f.name().shown(), FacedWindow.Moment.BEFORE_CLOSING);
                    now = before.put(now, StepPath.of(0).insert(before.in(now), first));
                }
            }
            return now;
        }
    }

    /** A list asks before a row is removed, before anything is done for it. */
    record AskAboutTheRow(String window, String list) implements ClosingRepair {
        @Override
        public String words() {
            return "Ask first";
        }

        @Override
        public String about() {
            return "A question is asked before removing; what is done now is done where it is answered with yes.";
        }

        @Override
        public Design in(Design design) {
            var before = new ScriptPlace.AtRow(window, list, Part.RowMoment.BEFORE_REMOVING);
            Name box = design.freeName("Remove from " + list);
            Step asks = Step.Open.of(
                    box.shown(),
                    new Manner.WaitsForApplication(),
                    new Step.Branch("remove", before.in(design)),
                    new Step.Branch("keep", Script.of(new Step.KeepRow())));
            Design now = design.adding(new MessageBox(
                    box,
                    design.application().name(),
                    MessageBox.Severity.QUESTION,
                    "Remove the row?",
                    List.of(),
                    List.of(MessageBox.Answer.of("Remove"), MessageBox.Answer.of("Keep")),
                    Optional.of("keep"),
                    Optional.of("keep")));
            return before.put(now, Script.of(asks));
        }
    }

    /** A window that refuses to close says why, wherever it does. */
    record SayWhy(String window) implements ClosingRepair {
        @Override
        public String words() {
            return "Say why";
        }

        @Override
        public String about() {
            return "A message box is shown before each “stay open” of " + window
                    + "; write into it what is to be done.";
        }

        @Override
        public Design in(Design design) {
            var before = new ScriptPlace.AtMoment(window, FacedWindow.Moment.BEFORE_CLOSING);
            if (design.faced(window).isEmpty()) {
                return design;
            }
            Name box = design.freeName(window + " stays open");
            Design now = design.adding(new MessageBox(
                    box,
                    window,
                    MessageBox.Severity.INFO,
                    window + " cannot be closed yet.",
                    List.of(),
                    List.of(MessageBox.Answer.of("OK")),
                    Optional.empty(),
                    Optional.empty()));
            return before.put(now, saying(before.in(now), Step.Open.of(box.shown(), new Manner.WaitsForApplication())));
        }

        /** Only where nothing is shown in the same list before. */
        private static Script saying(Script script, Step says) {
            var steps = new ArrayList<Step>();
            boolean shown = false;
            for (Step step : script.steps()) {
                if (step instanceof Step.StayOpen && !shown) {
                    steps.add(says);
                }
                shown |= step instanceof Step.Open;
                steps.add(
                        step.inner().isEmpty() || step instanceof Step.Open
                                ? step
                                : step.withInner(step.inner().stream()
                                        .map(i -> saying(i.script(), says))
                                        .toList()));
            }
            return new Script(steps);
        }
    }
}

package bivouac.check;

import bivouac.closing.MovedQuestion;
import bivouac.design.Application;
import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.FacedWindow;
import bivouac.design.Given;
import bivouac.design.Holding;
import bivouac.design.Instances;
import bivouac.design.Manner;
import bivouac.design.MessageBox;
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

/** A way to put a finding right with one press. Every one is an ordinary change of the design, and can be undone. */
public sealed interface Repair {

    /** What stands on the button. */
    String words();

    /** What it changes, in one sentence. */
    String about();

    /** The design put right; the same design where what it is about has gone meanwhile. */
    Design in(Design design);

    /** The question moves from a trigger to before closing. */
    record AskOnEveryWay(String window, ScriptPlace trigger, String question) implements Repair {
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
    record AskHereToo(String window, Way way) implements Repair {
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
    record LeaveBy(String window, Way way, Optional<String> part) implements Repair {
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
    record RefuseWhen(ScriptPlace place, StepPath path, String ending) implements Repair {
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
            return changing(design, place, path, step -> {
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
    record WaitForApplication(ScriptPlace place, StepPath path) implements Repair {
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
            return changing(
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
    record OnlyClose(ScriptPlace place, Step.Close close) implements Repair {
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

    /** Enter, or Escape with the close box, means another answer of a message box. */
    record Means(String box, Key key, String ending) implements Repair {

        /** A key that a message box gives a meaning. */
        public enum Key {
            ENTER("Enter"),
            ESCAPE("Escape");

            private final String word;

            Key(String word) {
                this.word = word;
            }
        }

        @Override
        public String words() {
            return "Let " + key.word + " mean " + ending;
        }

        @Override
        public String about() {
            return (key == Key.ENTER ? "Enter in " + box : "Escape and the close box of " + box) + " then answer “"
                    + ending + "”.";
        }

        @Override
        public Design in(Design design) {
            return design.changing(box, w -> w instanceof MessageBox b ? meaning(b) : w);
        }

        private MessageBox meaning(MessageBox b) {
            return key == Key.ENTER
                    ? b.answering(b.answers(), Optional.of(ending), b.escape())
                    : b.answering(b.answers(), b.byDefault(), Optional.of(ending));
        }
    }

    /** A step goes, with all in it. */
    record RemoveStep(ScriptPlace place, StepPath path) implements Repair {
        @Override
        public String words() {
            return "Remove the step";
        }

        @Override
        public String about() {
            return "What it does was done before.";
        }

        @Override
        public Design in(Design design) {
            Script script = place.in(design);
            return path.in(script).isPresent() ? place.put(design, path.remove(script)) : design;
        }
    }

    /** Ways out lead to another ending, asked or unasked as before. */
    record LeadTo(String window, List<Way> ways, String ending) implements Repair {
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

    /** The application ends with a code that is not zero. */
    record EndWithCode(ScriptPlace place, StepPath path) implements Repair {
        @Override
        public String words() {
            return "End with code 1";
        }

        @Override
        public String about() {
            return "Who started the application can tell then that it failed.";
        }

        @Override
        public Design in(Design design) {
            return changing(
                    design,
                    place,
                    path,
                    step -> step instanceof Step.EndApplication e
                            ? new Step.EndApplication(Optional.of(new Expression("1")), e.saying(), e.refused())
                            : step);
        }
    }

    /** A step that closes the window ends the application instead, or the other way round. */
    record Instead(ScriptPlace place, StepPath path, boolean ends) implements Repair {
        @Override
        public String words() {
            return ends ? "End the application" : "Close this window";
        }

        @Override
        public String about() {
            return ends
                    ? "The step then ends the application, which asks every window first."
                    : "The step then closes only the window whose script it is.";
        }

        @Override
        public Design in(Design design) {
            return changing(
                    design,
                    place,
                    path,
                    step -> ends
                            ? new Step.EndApplication(Optional.empty(), Optional.empty(), Script.EMPTY)
                            : new Step.Close(
                                    new bivouac.design.Target.Me(), Optional.empty(), List.of(), Script.EMPTY));
        }
    }

    /** The list asks before any row is removed, as a trigger does now. */
    record AskBeforeRemoving(String window, String list, ScriptPlace trigger) implements Repair {
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

    /** What nobody uses goes. */
    record RemoveHolding(String holding) implements Repair {
        @Override
        public String words() {
            return "Remove it";
        }

        @Override
        public String about() {
            return "The holding “" + holding + "” goes from the application.";
        }

        @Override
        public Design in(Design design) {
            Application app = design.application();
            List<Holding> left = app.holdings().stream()
                    .filter(h -> !h.name().shown().equals(holding))
                    .toList();
            return design.with(app.withHoldings(left));
        }
    }

    /** The names of a window's parts are put right. */
    record PutNamesRight(String window) implements Repair {
        @Override
        public String words() {
            return "Put the names of " + window + " right";
        }

        @Override
        public String about() {
            return "Parts are named as the application's habit says, and all that names them goes along.";
        }

        @Override
        public Design in(Design design) {
            return PartNames.putRight(design, window);
        }
    }

    /** A window is open once, or once for each value of a take, and comes to the front when it is opened again. */
    record OneAtATime(String window, Optional<String> key) implements Repair {
        @Override
        public String words() {
            return key.map(k -> "One for each " + k).orElse("One only");
        }

        @Override
        public String about() {
            return window + " then comes to the front when it is opened again"
                    + key.map(k -> " for the same " + k).orElse("") + ".";
        }

        @Override
        public Design in(Design design) {
            return design.changingFace(
                    window,
                    f -> f.living(
                            Optional.of(key.<Instances>map(Instances.OneForEach::new)
                                    .orElseGet(Instances.Single::new)),
                            f.owned()));
        }
    }

    /** A child window stays above the window that opens it. */
    record OwnedByOpener(String window) implements Repair {
        @Override
        public String words() {
            return "Owned by its opener";
        }

        @Override
        public String about() {
            return window + " then stays above the window that opens it, and goes with it.";
        }

        @Override
        public Design in(Design design) {
            return design.changingFace(window, f -> f.living(f.instances(), true));
        }
    }

    /** A message box is changed as the Messages screen would. */
    record ChangeBox(String box, MessageRules.Rule rule, String words) implements Repair {
        @Override
        public String about() {
            return box + " then keeps to what the other message boxes do.";
        }

        @Override
        public Design in(Design design) {
            Optional<MessageRules.Repair> repair = MessageRules.of(design).stream()
                    .filter(k -> k.rule() == rule)
                    .flatMap(k -> k.differ().stream())
                    .filter(r -> r.box().equals(box))
                    .flatMap(r -> r.repair().stream())
                    .findFirst();
            return repair.map(r -> design.changing(box, w -> boxed(w, r))).orElse(design);
        }

        private static Window boxed(Window window, MessageRules.Repair repair) {
            return window instanceof MessageBox b ? repair.edit().apply(b) : window;
        }
    }

    private static Design changing(
            Design design, ScriptPlace place, StepPath path, java.util.function.UnaryOperator<Step> edit) {
        Script script = place.in(design);
        Optional<Step> step = path.in(script);
        return step.map(s -> place.put(design, path.replace(script, edit.apply(s))))
                .orElse(design);
    }
}

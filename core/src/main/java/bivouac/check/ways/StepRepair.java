package bivouac.check.ways;

import bivouac.design.Design;
import bivouac.design.Expression;
import bivouac.design.Manner;
import bivouac.design.Script;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.StepPath;
import bivouac.design.Steps;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Ways to put right a step or its branches. */
public sealed interface StepRepair extends Repair {

    /** A step goes, with all in it. */
    record RemoveStep(ScriptPlace place, StepPath path) implements StepRepair {
        @Override
        public String words() {
            return "Remove the step";
        }

        @Override
        public String about() {
            return "It goes, with all in it.";
        }

        @Override
        public Design in(Design design) {
            Script script = place.in(design);
            return path.in(script).isPresent() ? place.put(design, path.remove(script)) : design;
        }
    }

    /** A script that is done in every window is done no further at an ending (W12). */
    record Until(ScriptPlace place, StepPath path, String ending) implements StepRepair {
        @Override
        public String words() {
            return "Stop at " + ending;
        }

        @Override
        public String about() {
            return "The windows that are left are not asked any more then, and its branch is run.";
        }

        @Override
        public Design in(Design design) {
            return Changed.step(
                    design,
                    place,
                    path,
                    step -> step instanceof Step.Do d
                            ? new Step.Do(
                                    d.script(),
                                    d.in(),
                                    Stream.concat(d.until().stream(), Stream.of(ending))
                                            .distinct()
                                            .toList(),
                                    d.handOver(),
                                    d.as(),
                                    d.branches())
                            : step);
        }
    }

    /** A named script ends with an answer (W11). */
    record ReturnAtTheEnd(ScriptPlace place, String ending) implements StepRepair {
        @Override
        public String words() {
            return "Return " + ending + " at its end";
        }

        @Override
        public String about() {
            return "Who does the script goes on in that branch then.";
        }

        @Override
        public Design in(Design design) {
            Script script = place.in(design);
            return place.put(
                    design,
                    new Script(Stream.concat(script.steps().stream(), Stream.of((Step) Step.Return.of(ending)))
                            .toList()));
        }
    }

    /** The application ends with a code that is not zero. */
    record EndWithCode(ScriptPlace place, StepPath path) implements StepRepair {
        @Override
        public String words() {
            return "End with code 1";
        }

        @Override
        public String about() {
            return "Who started the application can tell then that it failed, and is told so.";
        }

        @Override
        public Design in(Design design) {
            return Changed.step(
                    design,
                    place,
                    path,
                    step -> step instanceof Step.EndApplication e
                            ? new Step.EndApplication(
                                    Optional.of(new Expression("1")),
                                    e.saying().or(() -> Optional.of(SaySomething.COULD_NOT)),
                                    e.refused())
                            : step);
        }
    }

    /** An end says why it comes. */
    record SaySomething(ScriptPlace place, StepPath path) implements StepRepair {

        static final String COULD_NOT = "It could not be started.";

        @Override
        public String words() {
            return "Say why";
        }

        @Override
        public String about() {
            return "A text for whoever started it is written, to be worded.";
        }

        @Override
        public Design in(Design design) {
            return Changed.step(
                    design,
                    place,
                    path,
                    step -> step instanceof Step.EndApplication e
                            ? new Step.EndApplication(e.code(), Optional.of(COULD_NOT), e.refused())
                            : step);
        }
    }

    /** A step that closes the window ends the application instead, or the other way round. */
    record Instead(ScriptPlace place, StepPath path, boolean ends) implements StepRepair {
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
            return Changed.step(
                    design,
                    place,
                    path,
                    step -> ends
                            ? new Step.EndApplication(Optional.empty(), Optional.empty(), Script.EMPTY)
                            : new Step.Close(
                                    new bivouac.design.Target.Me(), Optional.empty(), List.of(), Script.EMPTY));
        }
    }
    /** A branch is written that does nothing, where nothing said what happens at an ending. */
    record AddBranch(ScriptPlace place, StepPath path, String ending) implements StepRepair {
        @Override
        public String words() {
            return "Nothing, on purpose";
        }

        @Override
        public String about() {
            return "A branch for “" + ending + "” is written, and does nothing until steps are typed in it.";
        }

        @Override
        public Design in(Design design) {
            return Changed.branches(design, place, path, all -> {
                boolean there = all.stream().anyMatch(b -> b.ending().equals(ending));
                return there
                        ? all
                        : Stream.concat(all.stream(), Stream.of(new Step.Branch(ending, Script.EMPTY)))
                                .toList();
            });
        }
    }

    /** Nothing is done at an answer, on purpose. */
    record EmptyBranch(ScriptPlace place, StepPath path, String ending) implements StepRepair {
        @Override
        public String words() {
            return "Do nothing there";
        }

        @Override
        public String about() {
            return "The branch for “" + ending + "” becomes empty.";
        }

        @Override
        public Design in(Design design) {
            return Changed.branch(design, place, path, ending, Script.EMPTY);
        }
    }

    /** A branch goes that answers an ending which there is not. */
    record RemoveBranch(ScriptPlace place, StepPath path, String ending) implements StepRepair {
        @Override
        public String words() {
            return "Remove the branch";
        }

        @Override
        public String about() {
            return "The branch for “" + ending + "” goes, with all in it.";
        }

        @Override
        public Design in(Design design) {
            return Changed.branches(design, place, path, all -> all.stream()
                    .filter(b -> !b.ending().equals(ending))
                    .toList());
        }
    }

    /** Two branches change places. */
    record SwapBranches(ScriptPlace place, StepPath path, String one, String other) implements StepRepair {
        @Override
        public String words() {
            return "Swap the branches";
        }

        @Override
        public String about() {
            return "What is done at “" + one + "” is done at “" + other + "” then, and the other way round.";
        }

        @Override
        public Design in(Design design) {
            return Changed.branches(design, place, path, all -> all.stream()
                    .map(b -> new Step.Branch(
                            b.ending().equals(one) ? other : b.ending().equals(other) ? one : b.ending(), b.script()))
                    .toList());
        }
    }

    /** A step is done only where a condition holds. */
    record OnlyIf(ScriptPlace place, StepPath path, String condition) implements StepRepair {
        @Override
        public String words() {
            return "Ask first";
        }

        @Override
        public String about() {
            return "The step is done only if " + condition + ".";
        }

        @Override
        public Design in(Design design) {
            return Changed.step(
                    design,
                    place,
                    path,
                    step -> new Step.If(
                            List.of(new Step.If.Case(new Expression(condition), Script.of(step))), Optional.empty()));
        }
    }

    /** A script that does nothing, or a branch of it, says that it is not there yet. */
    record NotThereYet(ScriptPlace place, Optional<StepPath> path, String ending) implements StepRepair {

        /** A whole script. */
        public NotThereYet(ScriptPlace place) {
            this(place, Optional.empty(), "");
        }

        @Override
        public String words() {
            return "Say that it is not there yet";
        }

        @Override
        public String about() {
            return "It says so when it is reached, and stands in the list of what is to be written.";
        }

        @Override
        public Design in(Design design) {
            var saying = Script.of(new Step.NotThereYet());
            return path.map(p -> Changed.branch(design, place, p, ending, saying))
                    .orElseGet(() -> Steps.isDead(place.in(design)) ? place.put(design, saying) : design);
        }
    }

    /** A timer is turned on at the end of a script. */
    record StartTimer(ScriptPlace place, String timer) implements StepRepair {
        @Override
        public String words() {
            return "Start it";
        }

        @Override
        public String about() {
            return "“start timer " + timer + "” is added to: " + place.words() + ".";
        }

        @Override
        public Design in(Design design) {
            Script script = place.in(design);
            var steps = new ArrayList<>(script.steps());
            steps.add(new Step.TurnTimer(Step.TurnTimer.How.START, timer));
            return place.put(design, new Script(steps));
        }
    }

    /** The second of two cases that ask the same goes, which is never reached. */
    record RemoveCase(ScriptPlace place, StepPath path, int number) implements StepRepair {
        @Override
        public String words() {
            return "Remove the second";
        }

        @Override
        public String about() {
            return "The case that is never reached goes, with all in it.";
        }

        @Override
        public Design in(Design design) {
            return Changed.step(design, place, path, step -> {
                if (!(step instanceof Step.If choice)
                        || number >= choice.cases().size()) {
                    return step;
                }
                var left = new ArrayList<>(choice.cases());
                left.remove(number);
                return new Step.If(left, choice.otherwise());
            });
        }
    }

    /** A step is written in, at a place that may be the end of its script. */
    record Write(ScriptPlace place, StepPath path, Step step, String words, String about) implements StepRepair {
        @Override
        public Design in(Design design) {
            Script script = place.in(design);
            boolean isThere = path.last() == 0 || path.next(-1).in(script).isPresent();
            return isThere ? place.put(design, path.insert(script, step)) : design;
        }
    }

    /** A window opens beside the one that opens it, which stays. */
    record Beside(ScriptPlace place, StepPath path) implements StepRepair {
        @Override
        public String words() {
            return "Open it alongside";
        }

        @Override
        public String about() {
            return "The window that opens it stays.";
        }

        @Override
        public Design in(Design design) {
            return Changed.step(
                    design,
                    place,
                    path,
                    step -> step instanceof Step.Open o
                            ? new Step.Open(
                                    o.window(), new Manner.Alongside(), o.ownedBy(), o.handOver(), o.as(), o.branches())
                            : step);
        }
    }

    /** A task is waited for. */
    record InForeground(ScriptPlace place, StepPath path) implements StepRepair {
        @Override
        public String words() {
            return "Wait for it";
        }

        @Override
        public String about() {
            return "Nothing else can be used while the task runs, so that who began it is still there.";
        }

        @Override
        public Design in(Design design) {
            return Changed.step(
                    design,
                    place,
                    path,
                    step -> step instanceof Step.RunTask r
                            ? new Step.RunTask(r.task(), false, r.mayBeStopped(), r.handOver(), r.as(), r.branches())
                            : step);
        }
    }

    /** A step is kept, and does nothing. */
    record SwitchOff(ScriptPlace place, StepPath path) implements StepRepair {
        @Override
        public String words() {
            return "Switch the step off";
        }

        @Override
        public String about() {
            return "It stays where it is, and does nothing until it is switched on.";
        }

        @Override
        public Design in(Design design) {
            return Changed.step(design, place, path, step -> step instanceof Step.Off ? step : new Step.Off(step));
        }
    }

    /** Rows are removed as every other way removes them: before removing is asked. */
    record RemoveAsked(ScriptPlace place, StepPath path) implements StepRepair {
        @Override
        public String words() {
            return "Ask here too";
        }

        @Override
        public String about() {
            return "The step loses the word unasked, and before removing is asked for each row.";
        }

        @Override
        public Design in(Design design) {
            return Changed.step(
                    design,
                    place,
                    path,
                    step -> step instanceof Step.RemoveRow r ? new Step.RemoveRow(r.list(), false) : step);
        }
    }

    /** The script does nothing but remove the rows: what it asks, before removing asks. */
    record OnlyRemove(ScriptPlace place, String list) implements StepRepair {
        @Override
        public String words() {
            return "Only remove";
        }

        @Override
        public String about() {
            return "The script removes the row, and the question is asked once, before removing.";
        }

        @Override
        public Design in(Design design) {
            return place.put(design, Script.of(new Step.RemoveRow("me." + list, false)));
        }
    }

    /** What stands behind a check goes into its else, so that it is done only where nothing was wrong. */
    record IntoElse(ScriptPlace place, StepPath path) implements StepRepair {
        @Override
        public String words() {
            return "Only where all is right";
        }

        @Override
        public String about() {
            return "The steps behind the check move into its else.";
        }

        @Override
        public Design in(Design design) {
            Script script = place.in(design);
            if (!(path.in(script).orElse(null) instanceof Step.If choice)) {
                return design;
            }
            var steps = new ArrayList<>(choice.otherwise().map(Script::steps).orElse(List.of()));
            StepPath behind = path.next(1);
            for (Optional<Step> next = behind.in(script); next.isPresent(); next = behind.in(script)) {
                steps.add(next.get());
                script = behind.remove(script);
            }
            var checked = new Step.If(choice.cases(), Optional.of(new Script(steps)));
            return place.put(design, path.replace(script, checked));
        }
    }
}

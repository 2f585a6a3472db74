package bivouac.check.ways;

import bivouac.check.known.PartNames;
import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.Instances;
import bivouac.design.ScriptPlace;
import bivouac.design.Variable;
import bivouac.design.WorkBreaking;
import java.util.List;
import java.util.Optional;

/** Ways to put right windows, and when the application ends. */
public sealed interface DesignRepair extends Repair {

    /** The names of a window's parts are put right. */
    record PutNamesRight(String window) implements DesignRepair {
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
    record OneAtATime(String window, Optional<String> key) implements DesignRepair {
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
    record OwnedByOpener(String window) implements DesignRepair {
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

    /**
     * A window is made that something opens and that there is not.
     *
     * @param endings what the step that opens it answers; none for those of its kind
     */
    record MakeWindow(String window, FacedWindow.Kind kind, List<String> endings) implements DesignRepair {
        @Override
        public String words() {
            return "Make it";
        }

        @Override
        public String about() {
            return "A " + kind.words() + " “" + window + "” is added, with nothing on it yet.";
        }

        @Override
        public Design in(Design design) {
            FacedWindow made = FacedWindow.of(kind, window);
            boolean usual = endings.stream().allMatch(e -> made.ending(e).isPresent());
            return design.window(window).isPresent()
                    ? design
                    : design.adding(
                            usual
                                    ? made
                                    : made.ending(
                                            endings.stream().map(Ending::of).toList()));
        }
    }

    /** One message box says of all work that breaks which task it was, and why (W8). */
    record SayWhenWorkBreaks() implements DesignRepair {
        @Override
        public String words() {
            return "Say it, for all tasks";
        }

        @Override
        public String about() {
            return "A message box is made, and the script “" + WorkBreaking.ANSWER
                    + "” of the application, which shows it.";
        }

        @Override
        public Design in(Design design) {
            return WorkBreaking.answered(design);
        }
    }

    /** The application ends when its last window has closed. */
    record EndsWithLastWindow() implements DesignRepair {
        @Override
        public String words() {
            return "End with the last window";
        }

        @Override
        public String about() {
            return "The application ends when its last window has closed (D1).";
        }

        @Override
        public Design in(Design design) {
            return design.with(design.application().departing(new DepartureRule.LastWindow()));
        }
    }

    /** A value that keeps a window begins with none. */
    record BeginsEmpty(String window, String variable) implements DesignRepair {
        @Override
        public String words() {
            return "Let it begin empty";
        }

        @Override
        public String about() {
            return "“" + variable + "” of " + window + " then holds no window at first.";
        }

        @Override
        public Design in(Design design) {
            return design.changingFace(
                    window,
                    f -> f.holding(f.variables().stream()
                            .map(v -> v.name().expression().equals(variable)
                                    ? new Variable(v.name(), v.type(), Optional.empty(), v.kept())
                                    : v)
                            .toList()));
        }
    }

    /** A window has the icon of the application. */
    record UsualIcon(String window) implements DesignRepair {
        @Override
        public String words() {
            return "Take the application's icon";
        }

        @Override
        public String about() {
            return window + " then names no icon of its own.";
        }

        @Override
        public Design in(Design design) {
            return design.changingFace(window, f -> f.framed(f.frame().showing("")));
        }
    }

    /** What is done when the window has opened is done when it is brought back, too. */
    record AsWhenOpened(String window) implements DesignRepair {
        @Override
        public String words() {
            return "Do it when brought back, too";
        }

        @Override
        public String about() {
            return "The steps of “opened” are written in “brought back” as well.";
        }

        @Override
        public Design in(Design design) {
            var back = new ScriptPlace.AtMoment(window, FacedWindow.Moment.BROUGHT_BACK);
            return design.faced(window)
                    .map(f -> back.put(design, f.moment(FacedWindow.Moment.OPENED)))
                    .orElse(design);
        }
    }
}

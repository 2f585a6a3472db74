package bivouac.check;

import bivouac.design.DepartureRule;
import bivouac.design.Design;
import bivouac.design.Ending;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.Instances;
import bivouac.design.MessageBox;
import bivouac.design.Window;
import java.util.List;
import java.util.Optional;

/** Ways to put right windows, message boxes and when the application ends. */
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

    /** Enter, or Escape with the close box, means another answer of a message box. */
    record Means(String box, Key key, String ending) implements DesignRepair {

        /** A key that a message box gives a meaning. */
        public enum Key {
            ENTER("Enter"),
            ESCAPE("Escape");

            final String word;

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

    /** Enter, or Escape with the close box, means no answer of a message box any more. */
    record MeansNothing(String box, Means.Key key) implements DesignRepair {
        @Override
        public String words() {
            return "Let " + key.word + " mean nothing";
        }

        @Override
        public String about() {
            return key.word + " then answers nothing in " + box + ".";
        }

        @Override
        public Design in(Design design) {
            return design.changing(box, w -> w instanceof MessageBox b ? without(b) : w);
        }

        private MessageBox without(MessageBox b) {
            return key == Means.Key.ENTER
                    ? b.answering(b.answers(), Optional.empty(), b.escape())
                    : b.answering(b.answers(), b.byDefault(), Optional.empty());
        }
    }

    /** A message box is changed as the Messages screen would. */
    record ChangeBox(String box, MessageRules.Rule rule, String words) implements DesignRepair {
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

    /** A pattern of a file dialog's filter becomes one for all files of a kind: csv, .csv and a/b.csv become *.csv. */
    record MendPattern(String dialog, String pattern) implements DesignRepair {
        @Override
        public String words() {
            return "Make it " + mended();
        }

        @Override
        public String about() {
            return "The filter of " + dialog + " then shows files that fit " + mended() + ".";
        }

        private String mended() {
            return "*." + pattern.substring(Math.max(pattern.lastIndexOf('.'), lastFolder(pattern)) + 1);
        }

        private static int lastFolder(String pattern) {
            return Math.max(pattern.lastIndexOf('/'), pattern.lastIndexOf('\\'));
        }

        @Override
        public Design in(Design design) {
            return design.changing(
                    dialog,
                    w -> w instanceof FileDialog d
                            ? d.filtering(
                                    d.filters().stream()
                                            .map(f -> new FileDialog.Filter(
                                                    f.label(),
                                                    f.patterns().stream()
                                                            .map(p -> p.equals(pattern) ? mended() : p)
                                                            .toList()))
                                            .toList(),
                                    d.allFiles())
                            : w);
        }
    }

    /** A save dialog asks before it answers with a file that is there. */
    record AskToReplace(String dialog) implements DesignRepair {
        @Override
        public String words() {
            return "Let it ask";
        }

        @Override
        public String about() {
            return dialog + " then asks before it replaces a file (C8).";
        }

        @Override
        public Design in(Design design) {
            return design.changing(dialog, w -> w instanceof FileDialog d ? d.replacing(true) : w);
        }
    }
}

package bivouac.check.ways;

import bivouac.check.known.MessageRules;
import bivouac.design.Design;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Window;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Ways to put right message boxes and file dialogs. */
public sealed interface ReadyMadeRepair extends Repair {

    /** Enter, or Escape with the close box, means another answer of a message box. */
    record Means(String box, Key key, String ending) implements ReadyMadeRepair {

        /** A key that a message box gives a meaning. */
        public enum Key {
            ENTER("Enter"),
            ESCAPE("Escape");

            public final String word;

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
    record MeansNothing(String box, Means.Key key) implements ReadyMadeRepair {
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
    record ChangeBox(String box, MessageRules.Rule rule, String words) implements ReadyMadeRepair {
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
    record MendPattern(String dialog, String pattern) implements ReadyMadeRepair {
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
            return changed(
                    design,
                    dialog,
                    d -> d.filtering(
                            d.filters().stream()
                                    .map(f -> new FileDialog.Filter(
                                            f.label(),
                                            f.patterns().stream()
                                                    .map(p -> p.equals(pattern) ? mended() : p)
                                                    .toList()))
                                    .toList(),
                            d.allFiles()));
        }
    }

    /** A save dialog asks before it answers with a file that is there. */
    record AskToReplace(String dialog) implements ReadyMadeRepair {
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
            return changed(design, dialog, d -> d.replacing(true));
        }
    }

    /** A message box has a text, made of its name, that can be changed afterwards. */
    record SayItsName(String box) implements ReadyMadeRepair {
        @Override
        public String words() {
            return "Let it say “" + box + "”";
        }

        @Override
        public String about() {
            return "Its name is its text then, until another is typed.";
        }

        @Override
        public Design in(Design design) {
            return design.changing(
                    box, w -> w instanceof MessageBox b && b.text().isBlank() ? b.saying(box + ".") : w);
        }
    }

    /** A message box can be answered. */
    record AddButton(String box) implements ReadyMadeRepair {
        @Override
        public String words() {
            return "Give it OK";
        }

        @Override
        public String about() {
            return box + " then has the button OK, which Enter and Escape press.";
        }

        @Override
        public Design in(Design design) {
            var ok = MessageBox.Answer.of("OK");
            return design.changing(
                    box,
                    w -> w instanceof MessageBox b && b.answers().isEmpty()
                            ? b.answering(List.of(ok), Optional.of(ok.ending()), Optional.of(ok.ending()))
                            : w);
        }
    }

    /** A filter goes from a file dialog. */
    record RemoveFilter(String dialog, String label) implements ReadyMadeRepair {
        @Override
        public String words() {
            return "Remove the filter";
        }

        @Override
        public String about() {
            return "“" + label + "” goes from " + dialog + ".";
        }

        @Override
        public Design in(Design design) {
            return changed(
                    design,
                    dialog,
                    d -> d.filtering(
                            d.filters().stream()
                                    .filter(f -> !f.label().equals(label)
                                            || !f.patterns().isEmpty())
                                    .toList(),
                            d.allFiles()));
        }
    }

    /** A save dialog adds an extension to a name that is typed without one. */
    record AddExtension(String dialog, String extension) implements ReadyMadeRepair {
        @Override
        public String words() {
            return "Add ." + extension;
        }

        @Override
        public String about() {
            return dialog + " then adds ." + extension + " to a name typed without an extension (C8).";
        }

        @Override
        public Design in(Design design) {
            return changed(design, dialog, d -> d.adding(extension));
        }
    }

    private static Design changed(Design design, String dialog, UnaryOperator<FileDialog> edit) {
        return design.changing(dialog, w -> w instanceof FileDialog d ? edit.apply(d) : w);
    }
}

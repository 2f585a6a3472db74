package bivouac.check.known;

import bivouac.check.ways.Repair;
import bivouac.closing.Questions;
import bivouac.design.AccessKey;
import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.MessageBox;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * The house rules that a design's message boxes suggest: what most of them do alike, and which differ. People
 * see message boxes one at a time, and so notice last that two of them speak differently.
 */
public final class MessageRules {

    private static final int FEWEST_FOR_A_HABIT = 3;

    private MessageRules() {}

    /** What message boxes can have in common. */
    public enum Rule {
        TITLE,
        SENTENCE,
        QUESTION,
        SAFE_DEFAULT,
        ESCAPE,
        CAPITALS
    }

    /** A change of one box that makes it keep a rule, and what stands on the button that does it. */
    public record Repair(String words, UnaryOperator<MessageBox> edit) {}

    /** That a box does not keep a rule, in a sentence. */
    public record Remark(String box, Rule rule, String sentence, Optional<Repair> repair) {}

    /**
     * A rule with the boxes it is about.
     *
     * @param words the rule as people say it
     */
    public record Kept(Rule rule, String words, List<String> keep, List<Remark> differ) {
        public Kept {
            keep = List.copyOf(keep);
            differ = List.copyOf(differ);
        }
    }

    /** The rules that apply to at least one box, each with those that keep it and those that do not. */
    public static List<Kept> of(Design design) {
        List<MessageBox> boxes = design.windows().stream()
                .filter(MessageBox.class::isInstance)
                .map(MessageBox.class::cast)
                .toList();
        var rules = new ArrayList<Kept>();
        usualTitle(boxes)
                .ifPresent(title -> rules.add(
                        kept(Rule.TITLE, "The title is “" + title + "”", boxes, b -> true, b -> title(b, title))));
        rules.add(kept(
                Rule.SENTENCE,
                "The text ends like a sentence",
                boxes,
                b -> !b.text().isBlank(),
                MessageRules::sentence));
        rules.add(kept(
                Rule.QUESTION,
                "A question asks something",
                boxes,
                b -> b.severity() == MessageBox.Severity.QUESTION && !b.text().isBlank(),
                MessageRules::question));
        rules.add(kept(
                Rule.SAFE_DEFAULT,
                "Enter destroys nothing",
                boxes,
                b -> b.answers().size() > 1,
                b -> safe(design, b)));
        rules.add(kept(
                Rule.ESCAPE, "Escape leads somewhere", boxes, b -> b.answers().size() > 1, MessageRules::escape));
        rules.add(kept(
                Rule.CAPITALS,
                "Buttons begin with a capital",
                boxes,
                b -> !b.answers().isEmpty(),
                MessageRules::capitals));
        return rules.stream()
                .filter(k -> !k.keep().isEmpty() || !k.differ().isEmpty())
                .toList();
    }

    private interface Check {
        Optional<Remark> of(MessageBox box);
    }

    private static Kept kept(
            Rule rule,
            String words,
            List<MessageBox> boxes,
            java.util.function.Predicate<MessageBox> applies,
            Check check) {
        var keep = new ArrayList<String>();
        var differ = new ArrayList<Remark>();
        boxes.stream().filter(applies).forEach(b -> check.of(b)
                .ifPresentOrElse(differ::add, () -> keep.add(b.name().shown())));
        return new Kept(rule, words, keep, differ);
    }

    private static Remark remark(MessageBox box, Rule rule, String sentence, Repair repair) {
        return new Remark(box.name().shown(), rule, sentence, Optional.ofNullable(repair));
    }

    /** The title of most, where there are enough boxes to speak of a habit. */
    private static Optional<String> usualTitle(List<MessageBox> boxes) {
        Map<String, Integer> titles = new LinkedHashMap<>();
        boxes.forEach(b -> titles.merge(b.title(), 1, Integer::sum));
        return titles.entrySet().stream()
                .filter(t -> t.getValue() >= FEWEST_FOR_A_HABIT && 2 * t.getValue() > boxes.size())
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private static Optional<Remark> title(MessageBox box, String usual) {
        return box.title().equals(usual)
                ? Optional.empty()
                : Optional.of(remark(
                        box,
                        Rule.TITLE,
                        "Its title is “" + box.title() + "”; most say “" + usual + "”.",
                        new Repair("Title it “" + usual + "”", b -> b.titled(usual))));
    }

    private static Optional<Remark> sentence(MessageBox box) {
        String text = box.text().strip();
        boolean ends = ".?!…:".indexOf(text.charAt(text.length() - 1)) >= 0 || text.endsWith("}");
        String sign = box.severity() == MessageBox.Severity.QUESTION ? "?" : ".";
        return ends
                ? Optional.empty()
                : Optional.of(remark(
                        box,
                        Rule.SENTENCE,
                        "Its text ends without a full stop or question mark.",
                        new Repair(
                                "End it with “" + sign + "”",
                                b -> b.saying(b.text().strip() + sign))));
    }

    private static Optional<Remark> question(MessageBox box) {
        boolean asks = Braces.isLive(box.text()) && box.text().endsWith("}")
                || box.text().contains("?");
        return asks
                ? Optional.empty()
                : Optional.of(remark(
                        box,
                        Rule.QUESTION,
                        "It is a question that asks nothing.",
                        box.answers().size() > 1
                                ? null
                                : new Repair("Make it an information", b -> b.of(MessageBox.Severity.INFO))));
    }

    private static Optional<Remark> safe(Design design, MessageBox box) {
        Optional<MessageBox.Answer> pressed = box.byDefault()
                .flatMap(d ->
                        box.answers().stream().filter(a -> a.ending().equals(d)).findFirst());
        if (pressed.filter(a -> Said.DESTROYS.by(a.text()) && !Questions.doesNothingAt(design, box, a.ending()))
                .isEmpty()) {
            return Optional.empty();
        }
        Optional<MessageBox.Answer> other =
                box.answers().stream().filter(a -> !Said.DESTROYS.by(a.text())).findFirst();
        return Optional.of(remark(
                box,
                Rule.SAFE_DEFAULT,
                "Enter means “" + AccessKey.without(pressed.get().text()) + "”, which cannot be taken back.",
                other.map(o -> new Repair(
                                "Let Enter mean “" + AccessKey.without(o.text()) + "”",
                                b -> b.answering(b.answers(), Optional.of(o.ending()), b.escape())))
                        .orElse(null)));
    }

    private static Optional<Remark> escape(MessageBox box) {
        if (box.escapeEnding().isPresent()) {
            return Optional.empty();
        }
        MessageBox.Answer last = box.answers().getLast();
        return Optional.of(remark(
                box,
                Rule.ESCAPE,
                "Escape and the close box do nothing (C7).",
                new Repair(
                        "Let Escape mean “" + AccessKey.without(last.text()) + "”",
                        b -> b.answering(b.answers(), b.byDefault(), Optional.of(last.ending())))));
    }

    private static Optional<Remark> capitals(MessageBox box) {
        return box.answers().stream()
                .map(a -> AccessKey.without(a.text()))
                .filter(t -> !t.isEmpty() && Character.isLowerCase(t.codePointAt(0)))
                .findFirst()
                .map(t -> remark(
                        box,
                        Rule.CAPITALS,
                        "The button “" + t + "” begins with a small letter.",
                        new Repair("Write capitals", MessageRules::withCapitals)));
    }

    private static MessageBox withCapitals(MessageBox box) {
        var answers = box.answers().stream()
                .map(a -> new MessageBox.Answer(capital(a.text()), a.ending()))
                .toList();
        return box.answering(answers, box.byDefault(), box.escape());
    }

    private static String capital(String text) {
        int at = text.startsWith("&") ? 1 : 0;
        return at >= text.length()
                ? text
                : text.substring(0, at) + Character.toUpperCase(text.charAt(at)) + text.substring(at + 1);
    }
}

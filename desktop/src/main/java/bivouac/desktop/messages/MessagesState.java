package bivouac.desktop.messages;

import bivouac.check.known.MessageRules;
import bivouac.design.Design;
import bivouac.design.MessageBox;
import bivouac.design.ScriptPlace;
import bivouac.design.Step;
import bivouac.design.WaysIn;
import bivouac.sentence.Sentences;
import java.util.ArrayList;
import java.util.List;

/** What the Messages screen shows, without any node: the boxes by severity, and what they have in common. */
record MessagesState(List<Group> groups, List<MessageRules.Kept> rules) {

    /** The boxes of one severity. */
    record Group(MessageBox.Severity severity, String title, List<Card> cards) {}

    /**
     * One box.
     *
     * @param usedAt who opens it
     * @param follows what each answer does, where it is used once
     */
    record Card(MessageBox box, List<Use> usedAt, List<String> follows, List<MessageRules.Remark> remarks) {}

    /** A place that opens a box, in words. */
    record Use(ScriptPlace place, String words) {}

    static MessagesState of(Design design) {
        List<MessageRules.Kept> rules = MessageRules.of(design);
        var groups = new ArrayList<Group>();
        for (MessageBox.Severity severity : List.of(
                MessageBox.Severity.QUESTION,
                MessageBox.Severity.WARNING,
                MessageBox.Severity.ERROR,
                MessageBox.Severity.INFO,
                MessageBox.Severity.NONE)) {
            List<Card> cards = design.windows().stream()
                    .filter(MessageBox.class::isInstance)
                    .map(MessageBox.class::cast)
                    .filter(b -> b.severity() == severity)
                    .map(b -> card(design, b, rules))
                    .toList();
            if (!cards.isEmpty()) {
                groups.add(new Group(severity, title(severity), cards));
            }
        }
        return new MessagesState(List.copyOf(groups), rules);
    }

    int count() {
        return groups.stream().mapToInt(g -> g.cards().size()).sum();
    }

    private static String title(MessageBox.Severity severity) {
        return switch (severity) {
            case QUESTION -> "Questions";
            case WARNING -> "Warnings";
            case ERROR -> "Errors";
            case INFO -> "Information";
            case NONE -> "Without icon";
        };
    }

    private static Card card(Design design, MessageBox box, List<MessageRules.Kept> rules) {
        String name = box.name().shown();
        List<WaysIn.WayIn> ways = WaysIn.into(design, name);
        return new Card(
                box,
                ways.stream()
                        .map(w -> new Use(w.place(), w.place().words()))
                        .distinct()
                        .toList(),
                ways.size() == 1 ? follows(ways.getFirst().open()) : List.of(),
                rules.stream()
                        .flatMap(k -> k.differ().stream())
                        .filter(r -> r.box().equals(name))
                        .toList());
    }

    private static List<String> follows(Step.Open open) {
        return open.branches().stream()
                .map(b -> b.ending() + ": "
                        + (b.script().isEmpty()
                                ? "nothing, on purpose"
                                : Sentences.line(b.script().steps().getFirst())
                                        + (b.script().steps().size() > 1 ? " …" : "")))
                .toList();
    }
}

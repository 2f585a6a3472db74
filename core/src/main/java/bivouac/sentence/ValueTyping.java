package bivouac.sentence;

import bivouac.design.Expression;
import bivouac.design.Step;
import bivouac.design.Target;
import java.util.List;
import java.util.Optional;

/** Reads the typed steps that are about values and rows. */
final class ValueTyping {

    private ValueTyping() {}

    /** The step, if the line begins one of these. */
    static Optional<Step> read(Words words) {
        if (words.take("set")) {
            String[] two = words.splitAtArrow();
            return Optional.of(set(two[0], two[1]));
        }
        if (words.take("let")) {
            String name = words.longestOf(List.of(), List.of(" be ", " ← ", " <- ", " = "));
            boolean joined = words.take("be") || words.take("←") || words.take("<-") || words.take("=");
            return Optional.of(Step.Let.of(name, joined ? words.rest() : ""));
        }
        if (words.take("enable")) {
            return Optional.of(usable(words, "true"));
        }
        if (words.take("disable")) {
            return Optional.of(usable(words, "false"));
        }
        if (words.take("add row to")) {
            return Optional.of(new Step.AddRow(list(words), values(words)));
        }
        if (words.take("change row of")) {
            return Optional.of(new Step.ChangeRow(list(words), values(words)));
        }
        if (words.take("remove row of")) {
            String list = words.longestOf(List.of(), List.of(" unasked"));
            return Optional.of(new Step.RemoveRow(list, words.take("unasked")));
        }
        return words.take("keep the row") || words.take("keep row")
                ? Optional.of(new Step.KeepRow())
                : Optional.empty();
    }

    /** {@code set notes of every Guest card ← …}, {@code set notes of Guest card for KEY ← …}, or what expressions name. */
    private static Step set(String what, String to) {
        int of = what.indexOf(" of ");
        if (of < 0) {
            return Step.SetValue.of(what, to);
        }
        String member = what.substring(0, of).strip();
        String whose = what.substring(of + 4).strip();
        int key = whose.lastIndexOf(" for ");
        Target target = whose.startsWith("every ")
                ? new Target.Every(whose.substring(6).strip())
                : key > 0
                        ? new Target.Keyed(
                                whose.substring(0, key).strip(),
                                new Expression(whose.substring(key + 5).strip()))
                        : new Target.Single(whose);
        return new Step.SetIn(member, target, new Expression(to));
    }

    /** {@code enable PART} is a short way to set what P1 calls enabled. */
    private static Step usable(Words words, String to) {
        String part = words.rest();
        if (part.isBlank()) {
            return Step.SetValue.of("", to);
        }
        return Step.SetValue.of((part.contains(".") ? part : "me." + part) + ".enabled", to);
    }

    private static String list(Words words) {
        return words.longestOf(List.of(), List.of(" with "));
    }

    private static List<bivouac.design.Given> values(Words words) {
        return words.take("with") ? words.givens() : List.of();
    }
}

package bivouac.expression;

import java.util.ArrayList;
import java.util.List;

/**
 * What {@code indexOf}, {@code substring}, {@code replace}, {@code split} and {@code join} do. Places are counted in
 * characters as people see them written (code points), from 0; a text is never made longer than a text may be.
 */
final class TextParts {

    private TextParts() {}

    /** Where {@code part} first stands; -1 where it does not. */
    static long indexOf(String text, String part) {
        int at = text.indexOf(part);
        return at < 0 ? -1 : text.codePointCount(0, at);
    }

    static String substring(String text, long from) {
        return substring(text, from, text.codePointCount(0, text.length()));
    }

    /** @throws EvaluationFault where the text has no such part */
    static String substring(String text, long from, long to) {
        int size = text.codePointCount(0, text.length());
        if (from < 0 || to < from || to > size) {
            throw new EvaluationFault("a text of " + size + " characters has no part from " + from + " to " + to);
        }
        int begin = text.offsetByCodePoints(0, (int) from);
        return text.substring(begin, text.offsetByCodePoints(begin, (int) (to - from)));
    }

    static String replace(String text, String old, String by) {
        if (old.isEmpty()) {
            throw new EvaluationFault("what is to be replaced is empty");
        }
        var out = new StringBuilder();
        int from = 0;
        for (int at = text.indexOf(old); at >= 0; at = text.indexOf(old, from)) {
            out.append(text, from, at).append(by);
            from = at + old.length();
            Texts.checkLength(out.length());
        }
        return out.append(text, from, text.length()).toString();
    }

    /** The pieces between the separators; each character where the separator is empty. */
    static Value split(String text, String separator, Budget budget) {
        var pieces = new ArrayList<Value>();
        int from = 0;
        while (from <= text.length()) {
            int at = separator.isEmpty() ? next(text, from) : text.indexOf(separator, from);
            budget.spend(1);
            if (at < 0) {
                pieces.add(Value.of(text.substring(from)));
                break;
            }
            pieces.add(Value.of(text.substring(from, at)));
            from = at + separator.length();
        }
        return Calls.list(pieces, budget);
    }

    private static int next(String text, int from) {
        int next = from < text.length() ? text.offsetByCodePoints(from, 1) : -1;
        return next == text.length() ? -1 : next;
    }

    static Value join(List<Value> items, String separator, Budget budget) {
        var out = new StringBuilder();
        for (int i = 0; i < items.size(); i++) {
            out.append(i == 0 ? "" : separator).append(items.get(i).shown());
            Texts.checkLength(out.length());
            budget.spend(1);
        }
        budget.spend(out.length() / Budget.CHARACTERS);
        return Value.of(out.toString());
    }
}

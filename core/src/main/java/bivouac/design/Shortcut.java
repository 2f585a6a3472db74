package bivouac.design;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The keys that choose a menu command: {@code Ctrl+S}, {@code Ctrl+Shift+S}, {@code F5}, {@code Delete}. */
public final class Shortcut {

    private static final Pattern ONE = Pattern.compile(
            "((Ctrl|Alt|Meta)\\+)+(Shift\\+)?([A-Z0-9]|F([1-9]|1[0-2])|Delete|Insert|Home|End|Left|Right|Up|Down|Enter|Plus|Minus)"
                    + "|(Shift\\+)?(F([1-9]|1[0-2])|Delete|Insert)");

    /** As it stands on many keyboards. */
    private static final List<String> SHORT = List.of("Del", "Ins");

    private Shortcut() {}

    /** Whether keys would choose a command by it. */
    public static boolean isOne(String keys) {
        return ONE.matcher(keys).matches();
    }

    /**
     * The shortcut that a word at the end of a typed line is, as it is written. Whole words that may end what stands in
     * a menu, <em>Delete</em> and <em>Insert</em>, are none by themselves: <em>Del</em> and <em>Ins</em> are.
     */
    public static Optional<String> typed(String word) {
        String written = Stream.of(word.split("\\+", -1)).map(Shortcut::key).collect(Collectors.joining("+"));
        boolean alone = !word.contains("+");
        boolean meant = !alone || SHORT.stream().anyMatch(word::equalsIgnoreCase) || word.matches("[Ff][0-9]{1,2}");
        boolean begins = word.matches("(?i)(Ctrl|Alt|Shift|Meta)\\+\\S+");
        return meant && isOne(written) ? Optional.of(written) : begins ? Optional.of(word) : Optional.empty();
    }

    private static String key(String typed) {
        String lower = typed.toLowerCase(Locale.ROOT);
        return switch (lower) {
            case "del" -> "Delete";
            case "ins" -> "Insert";
            case "" -> "";
            default -> lower.substring(0, 1).toUpperCase(Locale.ROOT) + lower.substring(1);
        };
    }
}

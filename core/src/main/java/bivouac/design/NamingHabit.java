package bivouac.design;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** How an application names its parts: in a big program a default name tells nobody anything. */
public enum NamingHabit {
    /** The kind follows: {@code admitButton}. */
    SUFFIX("the kind at the end"),
    /** A short word for the kind leads: {@code btnAdmit}. */
    PREFIX("a short kind in front"),
    /** Names say nothing of the kind. */
    NONE("no kind in names");

    /** What a name says of each kind: at its end, and in front. */
    private static final Map<String, List<String>> WORDS = Map.ofEntries(
            Map.entry("caption", List.of("caption", "cap")),
            Map.entry("picture", List.of("picture", "pic")),
            Map.entry("link", List.of("link", "lnk")),
            Map.entry("progress", List.of("progress", "prg")),
            Map.entry("text field", List.of("field", "txt")),
            Map.entry("number field", List.of("number", "num")),
            Map.entry("whole-number field", List.of("number", "num")),
            Map.entry("date field", List.of("date", "dat")),
            Map.entry("choice", List.of("choice", "cho")),
            Map.entry("list", List.of("list", "lst")),
            Map.entry("tick box", List.of("tick", "chk")),
            Map.entry("button", List.of("button", "btn")),
            Map.entry("menu command", List.of("command", "cmd")));

    private final String words;

    NamingHabit(String words) {
        this.words = words;
    }

    /** As screens and files say it. */
    public String words() {
        return words;
    }

    /** The shown name of a part of a kind that is called {@code words}; itself where it follows the habit already. */
    public String name(String kind, String words) {
        Optional<String> word = wordOf(kind);
        if (word.isEmpty() || follows(kind, Names.propose(words))) {
            return words;
        }
        String bare = this == SUFFIX ? without(kind, words, PREFIX) : without(kind, words, SUFFIX);
        return this == SUFFIX ? bare + " " + word.get() : word.get() + " " + bare;
    }

    /** Whether an expression name says the kind as this habit has it. */
    public boolean follows(String kind, String expressionName) {
        Optional<String> word = wordOf(kind);
        if (word.isEmpty()) {
            return true;
        }
        String w = word.get();
        int before = expressionName.length() - w.length();
        return this == SUFFIX
                ? before > 0 && expressionName.endsWith(Character.toUpperCase(w.charAt(0)) + w.substring(1))
                : before > 0
                        && expressionName.startsWith(w)
                        && Character.isUpperCase(expressionName.charAt(w.length()));
    }

    /** Whether an expression name is no more than what its kind is called, with a number or without. */
    public static boolean isDefault(String kind, String expressionName) {
        String bare = expressionName.replaceFirst("[0-9]+$", "");
        return bare.equals(Names.propose(kind))
                || bare.equals("unnamed")
                || WORDS.getOrDefault(kind, List.of()).contains(bare);
    }

    private Optional<String> wordOf(String kind) {
        List<String> both = WORDS.get(kind);
        return both == null || this == NONE ? Optional.empty() : Optional.of(both.get(this == SUFFIX ? 0 : 1));
    }

    /** A shown name without what another habit has put there. */
    private static String without(String kind, String words, NamingHabit other) {
        if (!other.follows(kind, Names.propose(words))) {
            return words;
        }
        String word = other.wordOf(kind).orElse("");
        String lower = words.toLowerCase(java.util.Locale.ROOT);
        return other == PREFIX && lower.startsWith(word + " ")
                ? words.substring(word.length() + 1)
                : other == SUFFIX && lower.endsWith(" " + word)
                        ? words.substring(0, words.length() - word.length() - 1)
                        : words;
    }

    public static Optional<NamingHabit> of(String words) {
        for (NamingHabit habit : values()) {
            if (habit.words.equals(words)) {
                return Optional.of(habit);
            }
        }
        return Optional.empty();
    }
}

package bivouac.desktop.widget;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A line of source in pieces, each of one kind.
 *
 * @param pieces put together, they are the line
 */
public record SourceLine(List<Piece> pieces) {

    /** What a piece is; it decides the colour. */
    public enum Kind {
        PLAIN,
        WORD,
        TYPE,
        TEXT,
        REMARK
    }

    public record Piece(Kind kind, String text) {}

    /** In what a source is written; it decides which words are the language's. */
    public enum Language {
        JAVA(".java", "//.*|/\\*.*|^\\s*\\*.*|^#.*", """
                package import static final class record enum interface sealed extends implements private protected \
                public return new if else switch case default while for break continue throw try catch this super null \
                true false void boolean long int double instanceof var throws"""),
        PYTHON(".py", "#.*|\"\"\".*?(\"\"\"|$)", """
                from import class def return if elif else match case while for in is not and or break continue raise try \
                except finally with as lambda pass self cls None True False int str float bool list nonlocal"""),
        C_SHARP(".cs", "//.*", """
                using namespace static sealed class enum interface abstract private protected internal public readonly \
                return new if else switch case default while for foreach in break continue throw try catch finally this \
                base null true false void bool long int double string object var is as override get set params const"""),
        OTHER("", "#.*", "");

        private final String end;
        private final Pattern pieces;
        private final Set<String> words;

        /** @param end how the names of its files end */
        Language(String end, String remark, String words) {
            this.end = end;
            this.pieces = Pattern.compile(
                    "(?<remark>" + remark + ")|(?<text>\"(?:[^\"\\\\]|\\\\.)*\")|(?<name>@?[\\p{L}_][\\p{L}\\d_]*)");
            this.words = Set.of(words.split(" "));
        }

        /** As the name of a file says. */
        public static Language of(String path) {
            return Arrays.stream(values())
                    .filter(l -> path.endsWith(l.end))
                    .findFirst()
                    .orElse(OTHER);
        }
    }

    public static List<SourceLine> of(String source, Language language) {
        return source.lines().map(l -> line(l, language)).toList();
    }

    private static SourceLine line(String line, Language language) {
        var pieces = new ArrayList<Piece>();
        Matcher m = language.pieces.matcher(line);
        int from = 0;
        while (m.find()) {
            add(pieces, Kind.PLAIN, line.substring(from, m.start()));
            add(pieces, kind(m, language), m.group());
            from = m.end();
        }
        add(pieces, Kind.PLAIN, line.substring(from));
        return new SourceLine(List.copyOf(pieces));
    }

    private static Kind kind(Matcher m, Language language) {
        if (m.group("remark") != null) {
            return Kind.REMARK;
        }
        if (m.group("text") != null) {
            return Kind.TEXT;
        }
        String name = m.group("name");
        return language.words.contains(name) || name.startsWith("@")
                ? Kind.WORD
                : Character.isUpperCase(name.charAt(0)) ? Kind.TYPE : Kind.PLAIN;
    }

    /** Pieces beside each other of one kind are one. */
    private static void add(List<Piece> pieces, Kind kind, String text) {
        if (text.isEmpty()) {
            return;
        }
        if (!pieces.isEmpty() && pieces.getLast().kind() == kind) {
            text = pieces.removeLast().text() + text;
        }
        pieces.add(new Piece(kind, text));
    }

    /** The number of the line at which reading begins: behind what a class imports or uses. */
    public static int begins(List<SourceLine> lines) {
        for (int i = 0; i < lines.size(); i++) {
            String text = lines.get(i).text();
            if (text.startsWith("/**") || text.startsWith("class ") || text.startsWith("namespace ")) {
                return i;
            }
        }
        return 0;
    }

    public String text() {
        var all = new StringBuilder();
        pieces.forEach(p -> all.append(p.text()));
        return all.toString();
    }
}

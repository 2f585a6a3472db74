package bivouac.desktop.widget;

import java.util.ArrayList;
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

    private static final Set<String> WORDS = Set.of(
            "package",
            "import",
            "static",
            "final",
            "class",
            "record",
            "enum",
            "interface",
            "sealed",
            "extends",
            "implements",
            "private",
            "protected",
            "public",
            "return",
            "new",
            "if",
            "else",
            "switch",
            "case",
            "default",
            "while",
            "for",
            "break",
            "continue",
            "throw",
            "try",
            "catch",
            "this",
            "super",
            "null",
            "true",
            "false",
            "void",
            "boolean",
            "long",
            "int",
            "double",
            "instanceof",
            "var",
            "throws");

    private static final Pattern PIECES = Pattern.compile(
            "(?<remark>//.*|/\\*.*|^\\s*\\*.*|^#.*)|(?<text>\"(?:[^\"\\\\]|\\\\.)*\")|(?<name>@?[\\p{L}_][\\p{L}\\d_]*)");

    public static List<SourceLine> of(String source) {
        return source.lines().map(SourceLine::line).toList();
    }

    private static SourceLine line(String line) {
        var pieces = new ArrayList<Piece>();
        Matcher m = PIECES.matcher(line);
        int from = 0;
        while (m.find()) {
            add(pieces, Kind.PLAIN, line.substring(from, m.start()));
            add(pieces, kind(m), m.group());
            from = m.end();
        }
        add(pieces, Kind.PLAIN, line.substring(from));
        return new SourceLine(List.copyOf(pieces));
    }

    private static Kind kind(Matcher m) {
        if (m.group("remark") != null) {
            return Kind.REMARK;
        }
        if (m.group("text") != null) {
            return Kind.TEXT;
        }
        String name = m.group("name");
        return WORDS.contains(name) || name.startsWith("@")
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

    /** The number of the line at which reading begins: behind what a class imports. */
    public static int begins(List<SourceLine> lines) {
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).text().startsWith("/**")) {
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

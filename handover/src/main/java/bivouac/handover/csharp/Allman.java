package bivouac.handover.csharp;

import bivouac.handover.braces.Lines;
import bivouac.handover.braces.LongLines;

/** Lines as C# has them: each brace stands on a line of its own. */
public final class Allman {

    private Allman() {}

    /** Lines whose braces stand at their ends, laid out. */
    public static String of(Lines lines) {
        var out = new StringBuilder();
        for (String line : lines.raw()) {
            String indent =
                    line.substring(0, line.length() - line.stripLeading().length());
            String rest = line.strip();
            if (rest.startsWith("} ")) {
                out.append(indent).append("}\n");
                rest = rest.substring(2);
            }
            boolean opens = rest.endsWith(" {");
            LongLines.wrap(out, rest.isEmpty() ? "" : indent + (opens ? rest.substring(0, rest.length() - 2) : rest));
            if (opens) {
                out.append(indent).append("{\n");
            }
        }
        return out.toString();
    }
}

package bivouac.handover.csharp;

import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The methods by which a window, or the application, hears of what comes from outside (F1). */
public final class CsHear {

    /** The files, in the method that hears of them, and the one where it is one. */
    public static final String FILES = "files";

    public static final String FILE = "files[0]";

    private CsHear() {}

    /**
     * Nothing where nothing is heard.
     *
     * @param access who may call them, as it is written
     * @param answer what is done with each
     */
    public static Lines write(String access, Map<Outside, NamedScript> heard, Function<Outside, Lines> answer) {
        var out = new Lines();
        if (heard.isEmpty()) {
            return out;
        }
        String hears = heard.keySet().stream()
                .map(what -> "what == Outside." + name(what))
                .collect(Collectors.joining(" || "));
        out.add(access + "bool Hears(Outside what) {");
        out.add("return " + hears + ";").add("}").blank();
        out.add(access + "void Hear(Outside what, IReadOnlyList<string> files) {");
        for (Outside what : heard.keySet()) {
            out.add("if (what == Outside." + name(what) + ") {")
                    .all(answer.apply(what))
                    .add("}");
        }
        return out.add("}").blank();
    }

    private static String name(Outside what) {
        return Spelling.upper(
                Spelling.camel(what.name().toLowerCase(Locale.ROOT).replace('_', ' ')));
    }
}

package bivouac.handover.jvm;

import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.handover.braces.Lines;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The methods by which a window, or the application, hears of what comes from outside (F1). */
final class HearMethods {

    /** The files, in the method that hears of them, and the one where it is one. */
    static final String FILES = "files";

    static final String FILE = "files.getFirst()";

    private HearMethods() {}

    /**
     * @param access who may call them, as it is written
     * @param answer what is done with each
     */
    static void write(Lines out, String access, Map<Outside, NamedScript> heard, Function<Outside, Lines> answer) {
        if (heard.isEmpty()) {
            return;
        }
        out.add("@Override");
        out.add(access + "boolean hears(Outside what) {");
        out.add("return "
                        + heard.keySet().stream()
                                .map(what -> "what == Outside." + what)
                                .collect(Collectors.joining(" || "))
                        + ";")
                .add("}")
                .blank();
        out.add("@Override");
        out.add(access + "void hear(Outside what, List<String> files) {");
        out.add("switch (what) {");
        for (Outside what : heard.keySet()) {
            out.add("case " + what + " -> {").all(answer.apply(what)).add("}");
        }
        if (heard.size() < Outside.values().length) {
            out.add("default -> {}");
        }
        out.add("}").add("}").blank();
    }
}

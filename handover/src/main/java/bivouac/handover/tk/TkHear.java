package bivouac.handover.tk;

import bivouac.design.NamedScript;
import bivouac.design.Outside;
import bivouac.handover.python.PyLines;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The methods by which a window, or the application, hears of what comes from outside (F1). */
final class TkHear {

    /** The files, in the method that hears of them, and the one where it is one. */
    static final String FILES = "files";

    static final String FILE = "files[0]";

    private TkHear() {}

    static PyLines hears(Map<Outside, NamedScript> heard) {
        return new PyLines()
                .add("return "
                        + heard.keySet().stream()
                                .map(what -> "what is Outside." + what)
                                .collect(Collectors.joining(" or ")));
    }

    /** @param answer what is done with each */
    static PyLines hear(Map<Outside, NamedScript> heard, Function<Outside, PyLines> answer) {
        var out = new PyLines();
        String begins = "if";
        for (Outside what : heard.keySet()) {
            out.add(begins + " what is Outside." + what + ":").inside(answer.apply(what));
            begins = "elif";
        }
        return out;
    }
}

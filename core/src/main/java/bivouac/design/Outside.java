package bivouac.design;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What comes from outside of all windows: files that the system, a start or a hand brings, and what becomes of files that are open
 * (F1 to F3). A design answers it by a named script of that name, the application's or a window's; where there is none it is no event.
 */
public enum Outside {
    FILES_OPENED("when files are opened", false, Take.of("files", new Type.ListOf(Type.Plain.FILE))),
    FILES_DROPPED("when files are dropped", true, Take.of("files", new Type.ListOf(Type.Plain.FILE))),
    FILE_CHANGED("when a file changes", true, Take.of("file", Type.Plain.FILE)),
    FILE_GONE("when a file is gone", true, Take.of("file", Type.Plain.FILE));

    private final String script;
    private final boolean ofWindow;
    private final Take take;

    Outside(String script, boolean ofWindow, Take take) {
        this.script = script;
        this.ofWindow = ofWindow;
        this.take = take;
    }

    /** The shown name of the script that answers it. */
    public String script() {
        return script;
    }

    /** Whether it happens to a window, and not to the application. */
    public boolean ofWindow() {
        return ofWindow;
    }

    /** What becomes of a file that a window has open (F3). */
    public static Outside ofOpenFile(boolean gone) {
        return gone ? FILE_GONE : FILE_CHANGED;
    }

    /** Whether it is about one file, which a window has open. */
    public boolean isOfOpenFile() {
        return take.type() == Type.Plain.FILE;
    }

    /** What its script can take: {@code files} or {@code file}. */
    public Take take() {
        return take;
    }

    /** Where its script stands. */
    public ScriptPlace.Named in(Optional<String> window) {
        return new ScriptPlace.Named(window, script);
    }

    /** The script of a window, or of the application, that answers it. */
    public Optional<NamedScript> answer(Design design, Optional<String> window) {
        return window.isPresent() == ofWindow
                ? ScriptPlace.routines(design, window).script(script)
                : Optional.empty();
    }

    /** What a named script of a window, or of the application, answers, if that comes from outside. */
    public static Optional<Outside> of(Optional<String> window, String script) {
        return Stream.of(values())
                .filter(o -> o.ofWindow == window.isPresent() && o.script.equals(script))
                .findFirst();
    }

    /** The number of what it hands among what a script takes; -1 where that takes it not, or as something else. */
    public int handed(NamedScript answer) {
        List<Take> takes = answer.takes();
        for (int i = 0; i < takes.size(); i++) {
            if (isHanded(takes.get(i))) {
                return i;
            }
        }
        return -1;
    }

    private boolean isHanded(Take other) {
        return other.name().expression().equals(take.name().expression())
                && other.type().equals(take.type());
    }

    /** What a script takes that nothing hands it. */
    public List<Take> notHanded(NamedScript answer) {
        return answer.takes().stream().filter(t -> !isHanded(t)).toList();
    }

    /** The design with a script that answers it, and in which nothing is written yet; as it is where there is one. */
    public Design answered(Design design, Optional<String> window) {
        if (answer(design, window).isPresent()) {
            return design;
        }
        return ScriptPlace.put(design, window, routines -> {
            var scripts = new ArrayList<>(routines.scripts());
            scripts.add(NamedScript.of(script, new Step.NotThereYet()).taking(List.of(take)));
            return routines.withScripts(scripts);
        });
    }

    /** What a window, or the application, answers, each with its script. */
    public static Map<Outside, NamedScript> heard(Design design, Optional<String> window) {
        Map<Outside, NamedScript> all = new EnumMap<>(Outside.class);
        for (Outside what : values()) {
            what.answer(design, window).ifPresent(s -> all.put(what, s));
        }
        return all;
    }
}

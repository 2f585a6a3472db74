package bivouac.rehearsal;

import bivouac.design.Braces;
import bivouac.design.Part;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.machine.Sighting.Which;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What can be looked for at a moment, and the lines of files that say it. */
public final class Expectations {

    private static final String N = TrailFile.NAME;
    private static final Pattern STATE = Pattern.compile("see " + N + "(?: ([0-9]{1,6}))? (open|closed|blocked|free)");
    private static final Pattern TITLE = Pattern.compile("see title " + N + TrailFile.OF);
    private static final Pattern SHOWS = Pattern.compile("see " + N + " in " + N + TrailFile.OF);
    private static final Pattern TICKED = Pattern.compile("see (ticked|unticked) " + N + TrailFile.OF);
    private static final Pattern SAID = Pattern.compile("see (message|note) " + N);
    private static final Pattern HELD = Pattern.compile("see (not )?held " + N);
    private static final Pattern CODE = Pattern.compile("see exit code ([0-9]{1,3})");

    private Expectations() {}

    static Optional<Scene.SeenPart> part(Scene scene, Which which, String name) {
        return scene.window(which).flatMap(w -> w.part(name));
    }

    /** What can be ticked at a moment: all that this knows to look for, the acts first. */
    public static List<Expectation> offered(Scene scene, List<Sighting> seen) {
        var all = new ArrayList<Expectation>();
        for (Sighting s : seen) {
            switch (s) {
                case Sighting.Asked a when !a.text().isEmpty() -> all.add(new Expectation.Message(a.text()));
                case Sighting.Noted n -> all.add(new Expectation.Note(n.text()));
                case Sighting.Closed c -> all.add(new Expectation.NotOpen(c.window()));
                case Sighting.GivenBack g -> all.add(new Expectation.Held(g.holding(), false));
                default -> {
                    // seen in the scene, or an explanation
                }
            }
        }
        scene.ended().ifPresent(code -> all.add(new Expectation.ExitCode(code)));
        scene.held().stream()
                .map(h -> new Expectation.Held(h.holding(), true))
                .distinct()
                .forEach(h -> {
                    all.remove(new Expectation.Held(h.holding(), false));
                    all.add(h);
                });
        for (Scene.OpenWindow w : scene.windows().reversed()) {
            all.add(new Expectation.Open(w.which()));
            all.add(new Expectation.Blocked(w.which(), w.blockedBy().isPresent()));
            all.add(new Expectation.Title(w.which(), w.title()));
            w.parts().stream().filter(p -> p.visible() && says(p)).forEach(p -> all.add(ofPart(w.which(), p)));
        }
        all.removeIf(e -> e instanceof Expectation.NotOpen(Which w) && all.contains(new Expectation.Open(w)));
        return List.copyOf(all);
    }

    /** What stands on a button or a command is the same all the time, unless it is live. */
    private static boolean says(Scene.SeenPart part) {
        return switch (part.design()) {
            case Part.Button b -> Braces.isLive(b.text());
            case Part.MenuCommand m -> m.ticking() || Braces.isLive(m.text());
            case Part.Picture p -> false;
            default -> true;
        };
    }

    private static Expectation ofPart(Which window, Scene.SeenPart part) {
        String name = part.design().name().expression();
        return switch (part.design()) {
            case Part.TickBox b -> new Expectation.Ticked(window, name, part.ticked());
            case Part.MenuCommand m when m.ticking() -> new Expectation.Ticked(window, name, part.ticked());
            default -> new Expectation.Shows(window, name, Expectation.Shows.shown(part));
        };
    }

    /** For people. */
    public static String words(Expectation expectation) {
        return switch (expectation) {
            case Expectation.Open(Which w) -> w + " is open";
            case Expectation.NotOpen(Which w) -> w + " is not open";
            case Expectation.Blocked(Which w, boolean blocked) -> w + (blocked ? " is blocked" : " is free");
            case Expectation.Title(Which w, String title) -> w + " is titled “" + title + "”";
            case Expectation.Shows(Which w, String part, String text) -> w + ": " + part + " shows “" + text + "”";
            case Expectation.Ticked(Which w, String part, boolean ticked) ->
                w + ": " + part + (ticked ? " is ticked" : " is not ticked");
            case Expectation.Message(String text) -> "the message “" + text + "”";
            case Expectation.Note(String text) -> "the note “" + text + "”";
            case Expectation.Held(String holding, boolean held) -> Expectation.Held.words(holding, held);
            case Expectation.ExitCode(long code) -> "exit code " + code;
        };
    }

    /** Reads a line; empty if it is none. */
    public static Optional<Expectation> read(String line) {
        Matcher m = STATE.matcher(line);
        if (m.matches()) {
            Which w = which(m, 1);
            return Optional.of(
                    switch (m.group(3)) {
                        case "open" -> new Expectation.Open(w);
                        case "closed" -> new Expectation.NotOpen(w);
                        case "blocked" -> new Expectation.Blocked(w, true);
                        default -> new Expectation.Blocked(w, false);
                    });
        }
        m = TITLE.matcher(line);
        if (m.matches()) {
            return Optional.of(new Expectation.Title(which(m, 2), TrailFile.plain(m.group(1))));
        }
        m = SHOWS.matcher(line);
        if (m.matches()) {
            return Optional.of(
                    new Expectation.Shows(which(m, 3), TrailFile.plain(m.group(2)), TrailFile.plain(m.group(1))));
        }
        m = TICKED.matcher(line);
        if (m.matches()) {
            return Optional.of(new Expectation.Ticked(
                    which(m, 3), TrailFile.plain(m.group(2)), m.group(1).equals("ticked")));
        }
        m = SAID.matcher(line);
        if (m.matches()) {
            String text = TrailFile.plain(m.group(2));
            return Optional.of(
                    m.group(1).equals("message") ? new Expectation.Message(text) : new Expectation.Note(text));
        }
        m = HELD.matcher(line);
        if (m.matches()) {
            return Optional.of(new Expectation.Held(TrailFile.plain(m.group(2)), m.group(1) == null));
        }
        m = CODE.matcher(line);
        return m.matches() ? Optional.of(new Expectation.ExitCode(Long.parseLong(m.group(1)))) : Optional.empty();
    }

    private static Which which(Matcher m, int group) {
        String serial = m.group(group + 1);
        return new Which(TrailFile.plain(m.group(group)), serial == null ? 1 : Integer.parseInt(serial));
    }
}

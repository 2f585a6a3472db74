package bivouac.rehearsal;

import bivouac.design.Braces;
import bivouac.design.Part;
import bivouac.design.Setting;
import bivouac.design.Traits;
import bivouac.machine.Scene;
import bivouac.machine.Sighting;
import bivouac.machine.Sighting.Which;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/** What can be looked for at a moment, and the lines of files that say it. */
public final class Expectations {

    private static final int LARGEST_CODE = 999;
    private static final String CANNOT = "see cannot ";

    /** How the lines are written that say what has to be seen. */
    private static final String FORMS =
            "see \"WINDOW\" open (or closed, blocked, free) · see title \"TITLE\" of \"WINDOW\""
                    + " · see \"TEXT\" in \"PART\" of \"WINDOW\" · see ticked (or unticked) \"PART\" of \"WINDOW\""
                    + " · see message \"TEXT\" · see note \"TEXT\" · see held (or not held) \"HOLDING\" · see exit code NUMBER"
                    + " · see \"WINDOW\" hidden (or shown, not owned, owned by \"WINDOW\")"
                    + " · see enabled (or disabled, visible, invisible, read-only, changeable) \"PART\" of \"WINDOW\""
                    + " · see font (or colour) \"VALUE\" in \"PART\" of \"WINDOW\" · see saying \"TEXT\""
                    + " · see given back \"HOLDING\" before closed \"WINDOW\" · see cannot EVENT";

    private Expectations() {}

    /** What is unmet of a window that has to be open. */
    static Optional<String> ofWindow(Scene scene, Which window, Function<Scene.OpenWindow, Optional<String>> unmet) {
        Optional<Scene.OpenWindow> open = scene.window(window);
        return open.isEmpty() ? Optional.of(window + " is not open") : unmet.apply(open.get());
    }

    /** What is unmet of a part that has to be there. */
    static Optional<String> ofPart(
            Scene scene, Which window, String part, Function<Scene.SeenPart, Optional<String>> unmet) {
        Optional<Scene.SeenPart> found = scene.window(window).flatMap(w -> w.part(part));
        return found.isEmpty() ? Optional.of(window + " shows no " + part) : unmet.apply(found.get());
    }

    /** What stands there instead; empty where it is so. */
    static Optional<String> unless(boolean isSo, Supplier<String> instead) {
        return isSo ? Optional.empty() : Optional.of(instead.get());
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
                case Sighting.Ended e when !e.saying().isEmpty() -> all.add(new Expectation.Saying(e.saying()));
                default -> {
                    // seen in the scene, or an explanation
                }
            }
        }
        orders(seen, all);
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
            ofRelations(w, all);
            w.parts().stream().filter(p -> p.visible() && says(p)).forEach(p -> all.add(ofPart(w.which(), p)));
            w.parts().forEach(p -> qualities(w.which(), p, all));
        }
        all.removeIf(e -> e instanceof Expectation.NotOpen(Which w) && all.contains(new Expectation.Open(w)));
        return List.copyOf(all);
    }

    /** Of acts right after each other, where one of them gives something back: that is what goes wrong. */
    private static void orders(List<Sighting> seen, List<Expectation> all) {
        List<ActOrder.Act> acts =
                seen.stream().flatMap(s -> ActOrder.Act.of(s).stream()).toList();
        for (int i = 1; i < acts.size(); i++) {
            ActOrder.Act before = acts.get(i - 1);
            ActOrder.Act then = acts.get(i);
            boolean gives = before.isGivingBack() || then.isGivingBack();
            if (gives && acts.indexOf(before) == i - 1 && acts.indexOf(then) == i) {
                all.add(new ActOrder(before, then));
            }
        }
    }

    private static void ofRelations(Scene.OpenWindow w, List<Expectation> all) {
        if (w.hidden()) {
            all.add(new Expectation.Hidden(w.which(), true));
        }
        w.owner().ifPresent(o -> all.add(new Expectation.OwnedBy(w.which(), Optional.of(o))));
        if (w.blockedBy().isPresent() && w.hasCloseBox()) {
            all.add(new CannotHappen(new NamedEvent.CloseBoxUsed(w.which())));
        }
    }

    /** What differs from how parts usually are, or follows a condition. */
    private static void qualities(Which window, Scene.SeenPart part, List<Expectation> all) {
        String name = part.design().name().expression();
        Traits traits = part.design().traits();
        quality(window, part, PartQuality.Quality.ENABLED, traits.enabled(), true, all);
        quality(window, part, PartQuality.Quality.VISIBLE, traits.visible(), true, all);
        quality(window, part, PartQuality.Quality.READ_ONLY, traits.readOnly(), false, all);
        for (PartLook.Look look : PartLook.Look.values()) {
            if (!look.of(part).isEmpty()) {
                all.add(new PartLook(window, name, look, look.of(part)));
            }
        }
    }

    private static void quality(
            Which window,
            Scene.SeenPart part,
            PartQuality.Quality quality,
            Setting setting,
            boolean usual,
            List<Expectation> all) {
        boolean is = quality.of(part);
        if (is != usual || setting instanceof Setting.Follows) {
            all.add(new PartQuality(window, part.design().name().expression(), quality, is));
        }
    }

    /** What stands on a button or a command is the same all the time, unless it is live. */
    private static boolean says(Scene.SeenPart part) {
        if (!part.design().each().isOnce()) {
            return true;
        }
        return switch (part.design()) {
            case Part.Button b -> Braces.isLive(b.text());
            case Part.MenuCommand m -> m.ticking() || Braces.isLive(m.text());
            case Part.Picture p -> false;
            case Part.Caption _,
                    Part.TextField _,
                    Part.ValueField _,
                    Part.Choice _,
                    Part.ListOfRows _,
                    Part.Link _,
                    Part.Progress _,
                    Part.TickBox _ -> true;
        };
    }

    private static Expectation ofPart(Which window, Scene.SeenPart part) {
        String name = part.design().name().expression();
        return switch (part.design()) {
            case Part.TickBox b -> new Expectation.Ticked(window, name, part.ticked());
            case Part.MenuCommand m
            when m.ticking() && m.each().isOnce() -> new Expectation.Ticked(window, name, part.ticked());
            case Part.Caption _,
                    Part.TextField _,
                    Part.ValueField _,
                    Part.Choice _,
                    Part.ListOfRows _,
                    Part.Link _,
                    Part.Picture _,
                    Part.Progress _,
                    Part.Button _,
                    Part.MenuCommand _ -> new Expectation.Shows(window, name, Expectation.Shows.shown(part));
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
            case Expectation.Saying(String text) -> "says “" + text + "” at the end";
            case Expectation.Hidden(Which w, boolean hidden) -> w + (hidden ? " is hidden" : " is to be seen");
            case Expectation.OwnedBy(Which w, var owner) -> Expectation.OwnedBy.words(w, owner);
            case PartQuality(Which w, String part, var quality, boolean is) ->
                w + ": " + part + " is " + quality.word(is);
            case PartLook(Which w, String part, var look, String value) ->
                w + ": " + part + " has the " + look.word() + " " + value;
            case ActOrder(var first, var then) -> first + " before " + then;
            case CannotHappen(NamedEvent event) -> "cannot happen: " + event;
        };
    }

    /** Reads a line; empty if it is none. */
    public static Optional<Expectation> read(String line) {
        if (line.startsWith(CANNOT)) {
            return TrailFile.parse(line.substring(CANNOT.length())).map(CannotHappen::new);
        }
        var in = new LineReader(line);
        in.must("see");
        Optional<Expectation> read = read(in);
        return in.whole() ? read : Optional.empty();
    }

    private static Optional<Expectation> read(LineReader in) {
        if (in.takes("title")) {
            String title = in.name();
            return Optional.of(new Expectation.Title(in.ofWindow(), title));
        }
        for (boolean ticked : List.of(true, false)) {
            if (in.takes(ticked ? "ticked" : "unticked")) {
                String part = in.name();
                return Optional.of(new Expectation.Ticked(in.ofWindow(), part, ticked));
            }
        }
        if (in.takes("message")) {
            return Optional.of(new Expectation.Message(in.name()));
        }
        if (in.takes("note")) {
            return Optional.of(new Expectation.Note(in.name()));
        }
        if (in.takes("held")) {
            return Optional.of(new Expectation.Held(in.name(), true));
        }
        if (in.takes("not held")) {
            return Optional.of(new Expectation.Held(in.name(), false));
        }
        if (in.takes("exit code")) {
            int code = in.number();
            return code > LARGEST_CODE ? Optional.empty() : Optional.of(new Expectation.ExitCode(code));
        }
        if (in.takes("saying")) {
            return Optional.of(new Expectation.Saying(in.name()));
        }
        return in.isAtName() ? ofWindow(in) : ofPart(in).or(() -> order(in));
    }

    private static Optional<Expectation> ofPart(LineReader in) {
        for (PartQuality.Quality quality : PartQuality.Quality.values()) {
            for (boolean is : List.of(true, false)) {
                if (in.takes(quality.word(is))) {
                    String part = in.name();
                    return Optional.of(new PartQuality(in.ofWindow(), part, quality, is));
                }
            }
        }
        for (PartLook.Look look : PartLook.Look.values()) {
            if (in.takes(look.word())) {
                String value = in.name();
                in.must("in");
                String part = in.name();
                return Optional.of(new PartLook(in.ofWindow(), part, look, value));
            }
        }
        return Optional.empty();
    }

    private static Optional<Expectation> order(LineReader in) {
        Optional<ActOrder.Act> first = ActOrder.Act.read(in);
        in.must("before");
        return first.flatMap(f -> ActOrder.Act.read(in).map(t -> new ActOrder(f, t)));
    }

    /** What begins with a name: a text in a part, or how a window is. */
    private static Optional<Expectation> ofWindow(LineReader in) {
        Which window = in.window();
        if (in.takes("in")) {
            String part = in.name();
            return Optional.of(new Expectation.Shows(in.ofWindow(), part, window.window()));
        }
        if (in.takes("open")) {
            return Optional.of(new Expectation.Open(window));
        }
        if (in.takes("closed")) {
            return Optional.of(new Expectation.NotOpen(window));
        }
        if (in.takes("owned by")) {
            return Optional.of(new Expectation.OwnedBy(window, Optional.of(in.window())));
        }
        if (in.takes("not owned")) {
            return Optional.of(new Expectation.OwnedBy(window, Optional.empty()));
        }
        for (boolean hidden : List.of(true, false)) {
            if (in.takes(hidden ? "hidden" : "shown")) {
                return Optional.of(new Expectation.Hidden(window, hidden));
            }
        }
        if (in.takes("blocked")) {
            return Optional.of(new Expectation.Blocked(window, true));
        }
        return in.takes("free") ? Optional.of(new Expectation.Blocked(window, false)) : Optional.empty();
    }

    /** What a line that cannot be read could be instead. */
    static String forms() {
        return FORMS;
    }
}

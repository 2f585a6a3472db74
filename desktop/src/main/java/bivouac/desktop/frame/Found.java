package bivouac.desktop.frame;

import bivouac.check.finding.Finding;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.ScriptPlace;
import bivouac.design.Window;
import bivouac.desktop.work.Chosen;
import bivouac.desktop.work.Screen;
import bivouac.desktop.work.Situation;
import bivouac.desktop.work.Walkthroughs;
import bivouac.desktop.work.Work;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What typing in {@code Ctrl+K} finds: windows, parts, findings and commands.
 *
 * @param isPlace whether it leads somewhere, where the keyboard is wanted then; a command says itself where
 */
public record Found(String text, String kind, Runnable go, boolean isPlace) {

    private Found(String text, String kind, Runnable go) {
        this(text, kind, go, true);
    }

    private static final int MOST = 12;

    private static final int NO_MATCH = 5;

    private static List<ScriptPlace> applications(Situation s) {
        var places = new ArrayList<ScriptPlace>(List.of(new ScriptPlace.Start(), new ScriptPlace.Plan()));
        places.addAll(
                ScriptPlace.routines(Optional.empty(), s.design().application().routines()));
        return places;
    }

    /**
     * The best matches: what is called so, then what begins with the words, then what holds them, then what has all of
     * them in its name or kind; among equals windows first.
     */
    public static List<Found> search(String typed, Situation s, Work work, List<Command> commands) {
        String wanted = typed.strip().toLowerCase(Locale.ROOT);
        var all = new ArrayList<Found>();
        for (Window window : s.design().windows()) {
            String name = window.name().shown();
            all.add(new Found(name, window.kind(), () -> work.goTo(Chosen.window(name))));
        }
        for (Window window : s.design().windows()) {
            String name = window.name().shown();
            if (window instanceof FacedWindow face) {
                for (var moment : FacedWindow.Moment.values()) {
                    var place = new ScriptPlace.AtMoment(name, moment);
                    all.add(new Found(moment.words() + " of " + name, "script", () -> work.goTo(Chosen.script(place))));
                }
                ScriptPlace.routines(Optional.of(name), face.routines())
                        .forEach(place -> all.add(new Found(
                                place.ownWords() + " of " + name, "script", () -> work.goTo(Chosen.script(place)))));
                for (Part part : face.parts()) {
                    var place = new ScriptPlace.AtPart(name, part.name().expression());
                    all.add(new Found(
                            part.displayName(),
                            part.kind() + " on " + name + ", me." + place.part(),
                            () -> work.goTo(Chosen.script(place))));
                }
            }
        }
        applications(s)
                .forEach(place -> all.add(new Found(
                        place.ownWords(), "script of the application", () -> work.goTo(Chosen.script(place)))));
        s.design()
                .walkthroughs()
                .forEach(w -> all.add(new Found(w.name(), "walkthrough", () -> {
                    work.show(Screen.REHEARSAL);
                    new Walkthroughs(work).play(w.name());
                })));
        all.add(new Found("Start", "script of the application", () -> work.goTo(Chosen.APPLICATION)));
        for (Command command : commands) {
            all.add(new Found(command.name(), command.keys(), command.action(), false));
        }
        for (Finding finding : s.findings()) {
            all.add(new Found(finding.what(), finding.weight().word(), () -> work.goTo(finding)));
        }
        return all.stream()
                .filter(f -> f.rank(wanted) < NO_MATCH)
                .sorted(Comparator.comparingInt(f -> f.rank(wanted)))
                .limit(MOST)
                .toList();
    }

    private int rank(String wanted) {
        String called = text.toLowerCase(Locale.ROOT);
        // what opens more says so by its dots, and nobody types them
        if (called.equals(wanted) || called.replaceAll("(…|\\.\\.\\.)$", "").equals(wanted)) {
            return 0;
        }
        if (called.startsWith(wanted)) {
            return 1;
        }
        if (called.contains(wanted)) {
            return 2;
        }
        String all = called + " " + kind.toLowerCase(Locale.ROOT);
        List<String> words = List.of(wanted.split(" +"));
        if (!words.stream().allMatch(all::contains)) {
            return NO_MATCH;
        }
        return called.startsWith(words.getFirst()) ? 3 : 4;
    }
}

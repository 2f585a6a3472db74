package bivouac.desktop.frame;

import bivouac.check.finding.Finding;
import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Picker;
import bivouac.design.Window;
import bivouac.desktop.work.Situation;
import bivouac.rehearsal.Covered;
import bivouac.sentence.NewWindow;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The lines of the roster: the application, the windows by kind, or what a name that is not there can be made as. */
record RosterState(List<Line> lines, List<Window> left) {

    /** A line of the roster. */
    sealed interface Line {

        /** @param count how many windows follow; empty where there is nothing to count */
        record Heading(String text, Optional<Integer> count) implements Line {}

        record OfApplication(About about) implements Line {}

        record OfWindow(Window window, About about) implements Line {}

        /** A window that Enter would make, drawn as what it would be. */
        record Makes(NewWindow kind, Window like) implements Line {}
    }

    /**
     * What stands beside a name.
     *
     * @param weights of its findings
     * @param rehearsed how much of it was; empty where nothing was yet
     */
    record About(boolean chosen, List<Finding.Weight> weights, Optional<Covered.Share> rehearsed) {}

    static RosterState of(Situation s, String filter) {
        String wanted = filter.strip().toLowerCase(Locale.ROOT);
        List<Window> left = s.design().windows().stream()
                .filter(w -> w.name().shown().toLowerCase(Locale.ROOT).contains(wanted))
                // Enter means the first: what is called so, before what begins so, before what holds the words
                .sorted(Comparator.comparingInt(w -> rank(w, wanted)))
                .toList();
        var lines = new ArrayList<Line>();
        Map<String, List<Finding.Weight>> weights = s.weights();
        Map<String, Covered.Share> shares = s.rehearsed().covered().shares();
        if (wanted.isEmpty()) {
            lines.add(new Line.OfApplication(about(s, Optional.empty(), weights, shares)));
        }
        Map<String, List<Line>> kinds = new LinkedHashMap<>();
        ORDER.forEach(kind -> kinds.put(kind, new ArrayList<>()));
        left.forEach(w -> kinds.get(heading(w))
                .add(new Line.OfWindow(w, about(s, Optional.of(w.name().shown()), weights, shares))));
        kinds.forEach((kind, windows) -> {
            if (!windows.isEmpty()) {
                lines.add(new Line.Heading(kind, Optional.of(windows.size())));
                lines.addAll(windows);
            }
        });
        if (left.isEmpty() && !wanted.isEmpty()) {
            String name = filter.strip();
            lines.add(new Line.Heading("Make “" + name + "” as a", Optional.empty()));
            NewWindow.all().forEach(kind -> lines.add(new Line.Makes(kind, kind.named(Name.of(name)))));
        }
        return new RosterState(List.copyOf(lines), left);
    }

    private static int rank(Window window, String wanted) {
        String name = window.name().shown().toLowerCase(Locale.ROOT);
        return name.equals(wanted) ? 0 : name.startsWith(wanted) ? 1 : 2;
    }

    private static final List<String> ORDER =
            List.of("Main window", "Child windows", "Dialogs", "Message boxes", "File dialogs", "Pickers");

    private static About about(
            Situation s,
            Optional<String> window,
            Map<String, List<Finding.Weight>> weights,
            Map<String, Covered.Share> shares) {
        String name = window.orElse("");
        return new About(
                s.chosen().window().equals(window),
                List.copyOf(weights.getOrDefault(name, List.of())),
                Optional.ofNullable(shares.get(name)).filter(share -> share.met() > 0));
    }

    private static String heading(Window window) {
        return switch (window) {
            case FacedWindow face ->
                switch (face.of()) {
                    case MAIN -> ORDER.get(0);
                    case CHILD -> ORDER.get(1);
                    case DIALOG -> ORDER.get(2);
                };
            case MessageBox box -> ORDER.get(3);
            case FileDialog dialog -> ORDER.get(4);
            case Picker picker -> ORDER.get(5);
        };
    }
}

package bivouac.desktop.handover;

import bivouac.design.Design;
import bivouac.handover.Change;
import bivouac.handover.Toolkit;
import bivouac.handover.WrittenFile;
import bivouac.handover.WrittenFile.Purpose;
import bivouac.handover.proof.Proof;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What the Handover screen shows, without any node.
 *
 * @param groups the files, by what they are for
 * @param counts how many files of each kind of change there are; none without a folder
 */
record HandoverState(List<Group> groups, List<Count> counts) {

    /** Files that are for one thing. */
    record Group(String title, List<WrittenFile> files) {}

    /** @param first some of the files */
    record Count(Change.Kind kind, int files, List<String> first) {}

    /** How many names stand beside a count. */
    private static final int NAMED = 3;

    static HandoverState of(Design design, List<WrittenFile> files, Optional<List<Change>> changes) {
        var application = new ArrayList<WrittenFile>();
        var windows = new ArrayList<WrittenFile>();
        var asked = new ArrayList<WrittenFile>();
        var own = new ArrayList<WrittenFile>();
        var rules = new ArrayList<WrittenFile>();
        var around = new ArrayList<WrittenFile>();
        for (WrittenFile file : files) {
            switch (file.purpose()) {
                case Purpose.OfWindow w -> (design.faced(w.window()).isPresent() ? windows : asked).add(file);
                case Purpose.Application a -> application.add(file);
                case Purpose.Own o -> own.add(file);
                case Purpose.Rules r -> rules.add(file);
                case Purpose.Around a -> around.add(file);
                case Purpose.Picture pic -> around.add(file);
            }
        }
        var groups = new ArrayList<Group>();
        add(groups, "The application", application);
        add(groups, "Windows", inOrder(design, windows));
        add(groups, "Asked and chosen", inOrder(design, asked));
        add(groups, "Yours to fill in", own);
        add(groups, "Texts, build and tests", around);
        add(groups, "The rules, the same in every program", rules);
        return new HandoverState(List.copyOf(groups), counts(changes.orElse(List.of())));
    }

    /** As the windows stand in the design. */
    private static List<WrittenFile> inOrder(Design design, List<WrittenFile> files) {
        return files.stream()
                .sorted(Comparator.comparingInt(f -> place(design, f.purpose())))
                .toList();
    }

    private static int place(Design design, Purpose purpose) {
        return purpose instanceof Purpose.OfWindow(String window)
                ? design.windows().indexOf(design.window(window).orElseThrow())
                : 0;
    }

    private static void add(List<Group> groups, String title, List<WrittenFile> files) {
        if (!files.isEmpty()) {
            groups.add(new Group(title, List.copyOf(files)));
        }
    }

    private static List<Count> counts(List<Change> changes) {
        var counts = new ArrayList<Count>();
        for (Change.Kind kind : Change.Kind.values()) {
            List<Change> of = changes.stream().filter(c -> c.kind() == kind).toList();
            if (!of.isEmpty()) {
                counts.add(new Count(
                        kind,
                        of.size(),
                        of.stream().limit(NAMED).map(c -> name(c.path())).toList()));
            }
        }
        return List.copyOf(counts);
    }

    /** The folder that is proposed for a program: beside the file of its design. */
    static Path beside(Path file, Toolkit toolkit) {
        return named(file, "-" + toolkit.word());
    }

    /** Whether a folder is there to be looked at: something of it was written before. */
    static boolean isThere(List<Change> changes) {
        return changes.stream().anyMatch(c -> c.kind() != Change.Kind.NEW);
    }

    /** The folder that is proposed for the documents of a design: beside its file. */
    static Path documentsBeside(Path file) {
        return named(file, "-documents");
    }

    private static Path named(Path file, String end) {
        return file.resolveSibling(file.getFileName().toString().replaceFirst("\\.[^.]*$", "") + end);
    }

    /** The last part of a path. */
    static String name(String path) {
        return path.substring(path.lastIndexOf('/') + 1);
    }

    /** The file that is looked at: the one that was, while there is one of that path, else the first window. */
    Optional<WrittenFile> file(String path) {
        List<WrittenFile> all = groups.stream().flatMap(g -> g.files().stream()).toList();
        return all.stream()
                .filter(f -> f.path().equals(path))
                .findFirst()
                .or(() -> groups.stream()
                        .filter(g -> g.title().equals("Windows"))
                        .flatMap(g -> g.files().stream())
                        .findFirst())
                .or(() -> all.stream().findFirst());
    }

    int files() {
        return groups.stream().mapToInt(g -> g.files().size()).sum();
    }

    /** What a proof came to, in a sentence. */
    static String sentence(List<Proof.Outcome> outcomes) {
        long equal = outcomes.stream().filter(o -> o.difference().isEmpty()).count();
        int events = outcomes.stream().mapToInt(Proof.Outcome::events).sum();
        if (outcomes.isEmpty()) {
            return "It compiles; there are no walkthroughs to drive it by.";
        }
        long slow = outcomes.stream()
                .filter(o -> o.verdict() == Proof.Verdict.TOO_LONG)
                .count();
        if (equal == outcomes.size()) {
            return equal + " of " + outcomes.size() + " walkthroughs identical, " + events + " events";
        }
        String differ = (outcomes.size() - equal - slow) + " of " + outcomes.size() + " walkthroughs differ";
        return slow == 0 ? differ : differ + ", " + slow + " took too long";
    }
}

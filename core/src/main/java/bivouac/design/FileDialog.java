package bivouac.design;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A file dialog (C8). Its title and its starting folder are read once, when it opens (P3). It ends as
 * <em>chosen</em>, with a path and the filter that was on, or as <em>cancelled</em>, with nothing.
 *
 * @param filters the kinds of files offered; with none every file is
 * @param allFiles whether “All files” is offered after the filters
 * @param extension added on saving where neither the name nor the chosen filter has one; without a dot, may be empty
 * @param startsIn where it shows files first; holds braces, empty for where it was used last
 * @param asksToReplace whether a save dialog asks before it answers with a file that is there
 */
public record FileDialog(
        Name name,
        Asks asks,
        String title,
        List<Take> takes,
        List<Filter> filters,
        boolean allFiles,
        String extension,
        String startsIn,
        boolean asksToReplace)
        implements ReadyMade {

    public static final String CHOSEN = "chosen";
    public static final String CANCELLED = "cancelled";

    /** The place of {@code path} or {@code paths} among what <em>chosen</em> gives. */
    public static final int PATH = 0;

    /** The place of {@code filter} among what <em>chosen</em> gives. */
    public static final int FILTER = 1;

    /** What the person is asked for. */
    public enum Asks {
        ONE("one file", "Open"),
        SEVERAL("several files", "Open"),
        SAVE("where to save", "Save"),
        FOLDER("a folder", "Choose");

        private final String words;
        private final String verb;

        Asks(String words, String verb) {
            this.words = words;
            this.verb = verb;
        }

        /** As in files and on screens. */
        public String words() {
            return words;
        }

        /** What stands on the button that ends it as chosen. */
        public String verb() {
            return verb;
        }

        public static Optional<Asks> of(String words) {
            for (Asks asks : values()) {
                if (asks.words.equals(words)) {
                    return Optional.of(asks);
                }
            }
            return Optional.empty();
        }
    }

    /** A kind of files: what people read, and the patterns of its names, for example {@code *.csv}. */
    public record Filter(String label, List<String> patterns) {
        public static final Filter ALL = new Filter("All files", List.of("*"));

        public Filter {
            patterns = List.copyOf(patterns);
        }

        /** Whether a file's name fits one of the patterns, capitals or not. */
        public boolean fits(String fileName) {
            return patterns.stream().anyMatch(p -> fits(p.toLowerCase(Locale.ROOT), fileName.toLowerCase(Locale.ROOT)));
        }

        /** A star stands for any letters, a question mark for one; walked without going back more than once. */
        private static boolean fits(String pattern, String name) {
            int p = 0;
            int n = 0;
            int star = -1;
            int from = 0;
            while (n < name.length()) {
                if (p < pattern.length()
                        && (pattern.charAt(p) == '?' || pattern.charAt(p) == name.charAt(n))
                        && pattern.charAt(p) != '*') {
                    p++;
                    n++;
                } else if (p < pattern.length() && pattern.charAt(p) == '*') {
                    star = p++;
                    from = n;
                } else if (star >= 0) {
                    p = star + 1;
                    n = ++from;
                } else {
                    return false;
                }
            }
            while (p < pattern.length() && pattern.charAt(p) == '*') {
                p++;
            }
            return p == pattern.length();
        }

        /** The extension that the first pattern names, without the dot; empty if it names none. */
        public String extension() {
            String first = patterns.isEmpty() ? "" : patterns.getFirst();
            String after = first.substring(first.lastIndexOf('.') + 1);
            return first.lastIndexOf('.') < 0 || after.contains("*") || after.contains("?") ? "" : after;
        }

        /** Whether it is a pattern of file names: something, and no folder in it. */
        public static boolean isPattern(String text) {
            return !text.isBlank() && text.chars().noneMatch(c -> "/\\:<>|\"".indexOf(c) >= 0 || c < ' ');
        }
    }

    public FileDialog {
        takes = List.copyOf(takes);
        filters = List.copyOf(filters);
    }

    /** One with nothing said but its name and what it asks for. */
    public static FileDialog of(Name name, Asks asks) {
        return new FileDialog(name, asks, name.shown(), List.of(), List.of(), asks != Asks.FOLDER, "", "", true);
    }

    @Override
    public List<Ending> endings() {
        Ending.Give path = asks == Asks.SEVERAL
                ? Ending.Give.of("paths", new Type.ListOf(Type.Plain.FILE))
                : Ending.Give.of("path", Type.Plain.FILE);
        Ending chosen = asks == Asks.FOLDER
                ? Ending.of(CHOSEN, path)
                : Ending.of(CHOSEN, path, Ending.Give.of("filter", Type.TEXT));
        return List.of(chosen, Ending.of(CANCELLED));
    }

    @Override
    public Optional<String> escapeEnding() {
        return Optional.of(CANCELLED);
    }

    /** The filters as they are offered; never none. */
    public List<Filter> offered() {
        if (!allFiles && !filters.isEmpty()) {
            return filters;
        }
        var all = new java.util.ArrayList<>(filters);
        all.add(Filter.ALL);
        return List.copyOf(all);
    }

    /** C8: a path typed to save at, with the filter's first extension, else the default, where the name has none. */
    public String completed(String path, int filter) {
        String file = path.substring(path.lastIndexOf('/') + 1);
        if (asks != Asks.SAVE || file.lastIndexOf('.') > 0) {
            return path;
        }
        String ofFilter =
                filter >= 0 && filter < offered().size() ? offered().get(filter).extension() : "";
        String added = ofFilter.isEmpty() ? extension : ofFilter;
        return added.isEmpty() ? path : path + "." + added;
    }

    @Override
    public FileDialog named(Name other) {
        return new FileDialog(other, asks, title, takes, filters, allFiles, extension, startsIn, asksToReplace);
    }

    @Override
    public FileDialog taking(List<Take> other) {
        return new FileDialog(name, asks, title, other, filters, allFiles, extension, startsIn, asksToReplace);
    }

    public FileDialog titled(String other) {
        return new FileDialog(name, asks, other, takes, filters, allFiles, extension, startsIn, asksToReplace);
    }

    public FileDialog asking(Asks other) {
        return new FileDialog(name, other, title, takes, filters, allFiles, extension, startsIn, asksToReplace);
    }

    public FileDialog filtering(List<Filter> other, boolean all) {
        return new FileDialog(name, asks, title, takes, other, all, extension, startsIn, asksToReplace);
    }

    public FileDialog adding(String otherExtension) {
        return new FileDialog(name, asks, title, takes, filters, allFiles, otherExtension, startsIn, asksToReplace);
    }

    public FileDialog startingIn(String folder) {
        return new FileDialog(name, asks, title, takes, filters, allFiles, extension, folder, asksToReplace);
    }

    public FileDialog replacing(boolean asksFirst) {
        return new FileDialog(name, asks, title, takes, filters, allFiles, extension, startsIn, asksFirst);
    }

    @Override
    public String kind() {
        return "file dialog";
    }
}

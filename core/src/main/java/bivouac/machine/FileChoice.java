package bivouac.machine;

import bivouac.design.FileDialog;
import bivouac.design.PretendFiles;
import java.util.List;
import java.util.Optional;

/**
 * What a person does in an open file dialog before it ends (C8): what it shows of a folder, what typed names mean, and
 * whether it asks before a file is replaced. The desk and generated programs go by this; the machine knows only how the
 * dialog ends.
 *
 * @param there the files that are there, as absolute paths
 */
public record FileChoice(FileDialog dialog, List<String> there) {

    public FileChoice {
        there = List.copyOf(there);
    }

    /** What the dialog says to a choice. */
    public sealed interface Answer {

        /** It ends, as <em>chosen</em>, with these. */
        record Ends(List<String> paths) implements Answer {}

        /** It stays, and says why in a sentence. */
        record Stays(String sentence) implements Answer {}

        /** It asks whether the file is to be replaced; if so it ends with these. */
        record AsksToReplace(List<String> paths) implements Answer {}
    }

    /** The paths shown of a folder, under the filter of that number among those offered. */
    public List<String> shown(String folder, int filter) {
        FileDialog.Filter on = filter < 0 || filter >= dialog.offered().size()
                ? FileDialog.Filter.ALL
                : dialog.offered().get(filter);
        return PretendFiles.inside(there, folder).stream()
                .filter(p -> p.endsWith("/") || !ofFolders() && on.fits(PretendFiles.nameOf(p)))
                .toList();
    }

    /** What is chosen by pressing the dialog's own button with a text typed in a folder. */
    public Answer choose(String folder, String typed, int filter) {
        if (typed.isBlank()) {
            return new Answer.Stays("Choose a file, or type a name.");
        }
        List<String> paths = meant(folder, typed.strip());
        Optional<String> missing = paths.stream().filter(p -> !canBeChosen(p)).findFirst();
        if (missing.isPresent()) {
            return new Answer.Stays("“" + missing.get() + "” is not there.");
        }
        boolean replaces = dialog.asks() == FileDialog.Asks.SAVE
                && dialog.asksToReplace()
                && there.contains(dialog.completed(paths.getFirst(), Math.max(0, filter)));
        return replaces ? new Answer.AsksToReplace(paths) : new Answer.Ends(paths);
    }

    private boolean canBeChosen(String path) {
        return switch (dialog.asks()) {
            case ONE, SEVERAL -> there.contains(path);
            case FOLDER -> PretendFiles.folders(there).contains(path);
            case SAVE -> true;
        };
    }

    /** The paths that typed names mean: several are parted by semicolons, and a path that begins with / is whole. */
    private List<String> meant(String folder, String typed) {
        return switch (dialog.asks()) {
            case FOLDER -> {
                String path = whole(folder, typed);
                yield List.of(path.endsWith("/") ? path : path + "/");
            }
            case SEVERAL ->
                List.of(typed.split("\\s*;\\s*")).stream()
                        .map(n -> whole(folder, n))
                        .toList();
            case ONE, SAVE -> List.of(whole(folder, typed));
        };
    }

    private static String whole(String folder, String name) {
        return name.startsWith("/") ? name : folder + name;
    }

    private boolean ofFolders() {
        return dialog.asks() == FileDialog.Asks.FOLDER;
    }
}

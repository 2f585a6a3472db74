package bivouac.design;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * The folder tree that file dialogs show in a rehearsal; no file of the user's is ever touched. Paths are absolute, with
 * slashes; a folder's path ends in one.
 *
 * @param paths files and folders; the folders that a file lies in need not be named
 * @param unreadable files among them that cannot be read
 * @param full whether the disk is full
 */
public record PretendFiles(List<String> paths, List<String> unreadable, boolean full) {

    public static final PretendFiles NONE = new PretendFiles(List.of(), List.of(), false);

    public PretendFiles {
        paths = List.copyOf(paths);
        unreadable = List.copyOf(unreadable);
    }

    /** Whether there is a file, or a new one, that cannot be written. */
    public boolean refuseSome() {
        return full || !unreadable.isEmpty();
    }

    /** Whether a file can be written: not where it cannot be read, nor a new one on a full disk. */
    public boolean canBeWritten(String path, List<String> there) {
        return !unreadable.contains(path) && (!full || there.contains(path));
    }

    /** Whether a text is a path: absolute, with slashes, and no two of them beside each other. */
    public static boolean isPath(String text) {
        return text.startsWith("/") && !text.contains("//");
    }

    /** What is there: what the design says, else a small tree with a file for each filter. */
    public static PretendFiles in(Design design) {
        PretendFiles said = design.application().files();
        if (!said.paths().isEmpty()) {
            return said;
        }
        Set<String> paths = new LinkedHashSet<>(List.of("/Home/Documents/letter.txt", "/Home/Pictures/tree.png"));
        design.windows().stream()
                .filter(FileDialog.class::isInstance)
                .map(FileDialog.class::cast)
                .flatMap(d -> d.filters().stream())
                .map(FileDialog.Filter::extension)
                .filter(e -> !e.isEmpty())
                .forEach(e -> paths.add("/Home/Documents/example." + e));
        return new PretendFiles(List.copyOf(paths), said.unreadable(), said.full());
    }

    /** What lies right in a folder, of a list of paths: folders first, each with a slash at its end, both in order. */
    public static List<String> inside(List<String> paths, String folder) {
        var folders = new java.util.TreeSet<String>();
        var files = new java.util.TreeSet<String>();
        for (String path : paths) {
            if (path.startsWith(folder) && path.length() > folder.length()) {
                String rest = path.substring(folder.length());
                int slash = rest.indexOf('/');
                if (slash >= 0) {
                    folders.add(folder + rest.substring(0, slash + 1));
                } else {
                    files.add(path);
                }
            }
        }
        var all = new ArrayList<>(folders);
        all.addAll(files);
        return List.copyOf(all);
    }

    /** Every folder of a list of paths, the root first. */
    public static List<String> folders(List<String> paths) {
        var folders = new java.util.TreeSet<String>();
        folders.add("/");
        for (String path : paths) {
            for (int at = path.indexOf('/', 1); at >= 0; at = path.indexOf('/', at + 1)) {
                folders.add(path.substring(0, at + 1));
            }
        }
        return List.copyOf(folders);
    }

    /** The folder that a dialog begins in: the one that is said, or of the file that is said, else the first with files. */
    public static String begin(List<String> paths, String said) {
        List<String> folders = folders(paths);
        String asFolder = said.endsWith("/") ? said : said + "/";
        if (!said.isEmpty() && folders.contains(asFolder)) {
            return asFolder;
        }
        String beside = folderOf(said);
        return !said.isEmpty() && folders.contains(beside)
                ? beside
                : paths.stream()
                        .sorted()
                        .findFirst()
                        .map(PretendFiles::folderOf)
                        .orElse("/");
    }

    /** The folder that a file or folder lies in. */
    public static String folderOf(String path) {
        int end = path.endsWith("/") ? path.length() - 1 : path.length();
        int slash = end == 0 ? -1 : path.lastIndexOf('/', end - 1);
        return slash < 0 ? "/" : path.substring(0, slash + 1);
    }

    /** A file's or folder's own name. */
    public static String nameOf(String path) {
        String whole = path.endsWith("/") ? path.substring(0, path.length() - 1) : path;
        return whole.substring(whole.lastIndexOf('/') + 1);
    }
}

package desk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Looks whether other programs have changed, or removed, what windows have open (F3). */
final class OpenFiles {

    private final Desk desk;
    /** What was last seen of each; empty of one that is not there. */
    private final Map<String, String> known = new HashMap<>();

    OpenFiles(Desk desk) {
        this.desk = desk;
    }

    /** What own work has written meanwhile is taken as it is. */
    void forget() {
        known.clear();
    }

    void look() {
        Map<String, String> now = new HashMap<>();
        for (DeskWindow window : List.copyOf(desk.windows())) {
            if (window.hears(Outside.FILE_CHANGED) || window.hears(Outside.FILE_GONE)) {
                window.openFiles().stream().filter(f -> !f.isEmpty()).distinct().forEach(file -> {
                    String is = now.computeIfAbsent(file, OpenFiles::stamp);
                    String was = known.getOrDefault(file, is);
                    if (!is.equals(was) && !was.isEmpty()) {
                        desk.fileChanges(window, file, is.isEmpty());
                    }
                });
            }
        }
        known.clear();
        known.putAll(now);
    }

    private static String stamp(String file) {
        try {
            Path path = Path.of(file);
            return Files.exists(path) ? Files.getLastModifiedTime(path) + " " + Files.size(path) : "";
        } catch (IOException | InvalidPathException gone) {
            return "";
        }
    }
}

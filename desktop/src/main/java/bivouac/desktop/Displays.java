package bivouac.desktop;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Whether there is a display, and what it needs on Linux. */
final class Displays {

    private Displays() {}

    static boolean hasDisplay() {
        if ("Headless".equals(System.getProperty("glass.platform"))) {
            return false;
        }
        boolean linux =
                System.getProperty("os.name").toLowerCase(java.util.Locale.ROOT).contains("linux");
        return !linux || isSet("DISPLAY") || isSet("WAYLAND_DISPLAY");
    }

    private static boolean isSet(String variable) {
        String value = System.getenv(variable);
        return value != null && !value.isBlank();
    }

    /** On Linux JavaFX draws through GTK 3; a sentence that says how to get it where it is missing. */
    static Optional<String> missingLibrary() {
        if (!System.getProperty("os.name").toLowerCase(java.util.Locale.ROOT).contains("linux")) {
            return Optional.empty();
        }
        boolean there = List.of(
                        "/usr/lib",
                        "/usr/lib64",
                        "/lib",
                        "/lib64",
                        "/usr/lib/x86_64-linux-gnu",
                        "/usr/lib/aarch64-linux-gnu")
                .stream()
                .anyMatch(folder -> Files.exists(Path.of(folder, "libgtk-3.so.0")));
        return there
                ? Optional.empty()
                : Optional.of(
                        "The display needs GTK 3, which is not installed here. Debian, Ubuntu: apt-get install libgtk-3-0; "
                                + "Fedora: dnf install gtk3.");
    }
}

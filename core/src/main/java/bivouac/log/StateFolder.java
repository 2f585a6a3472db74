package bivouac.log;

import java.nio.file.Path;
import java.util.Map;

/** Where Bivouac keeps for one user what is no design: unsaved work, what was opened last, the log. */
public final class StateFolder {

    private StateFolder() {}

    /** {@code bivouac} below the user's state folder. */
    public static Path usual() {
        String said = System.getProperty("bivouac.state", "");
        if (!said.isEmpty()) {
            return Path.of(said);
        }
        return of(System.getenv(), System.getProperty("user.home"));
    }

    /**
     * As the environment says it: {@code HOME} is what people and scripts set, and Java's own home does not heed it.
     *
     * @param home where neither is said
     */
    public static Path of(Map<String, String> environment, String home) {
        String state = environment.getOrDefault("XDG_STATE_HOME", "");
        String own = environment.getOrDefault("HOME", "");
        Path base = state.isBlank() ? Path.of(own.isBlank() ? home : own, ".local", "state") : Path.of(state);
        return base.resolve("bivouac");
    }
}

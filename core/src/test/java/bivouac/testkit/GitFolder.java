package bivouac.testkit;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** A folder that git keeps, to commit in. */
public record GitFolder(Path folder) {

    /** Begins to keep a folder. */
    public static GitFolder in(Path folder) throws IOException, InterruptedException {
        var git = new GitFolder(folder);
        git.does("init", "-q");
        return git;
    }

    /** Keeps all that is in it, as a commit of that day. */
    public void commit(String subject, String day) throws IOException, InterruptedException {
        does("add", "-A");
        does("commit", "-q", "--date=" + day + "T12:00:00", "-m", subject);
    }

    public void does(String... what) throws IOException, InterruptedException {
        var command = new ArrayList<>(List.of(
                "git", "-C", folder.toString(), "-c", "user.name=Ada Tern", "-c", "user.email=ada@example.org"));
        command.addAll(List.of(what));
        var builder = new ProcessBuilder(command).inheritIO();
        // one who runs the tests from within git may say by these which repository it works on
        builder.environment().keySet().removeIf(k -> k.startsWith("GIT_"));
        int code = builder.start().waitFor();
        if (code != 0) {
            throw new IOException("git ended with " + code + ": " + command);
        }
    }
}

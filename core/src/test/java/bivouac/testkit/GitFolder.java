package bivouac.testkit;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
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
        int code = git(what).inheritIO().start().waitFor();
        if (code != 0) {
            throw new IOException("git ended with " + code + ": " + String.join(" ", what));
        }
    }

    /** What git answers. */
    public String says(String... what) throws IOException, InterruptedException {
        Process git = git(what).redirectError(ProcessBuilder.Redirect.INHERIT).start();
        String said = new String(git.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (git.waitFor() != 0) {
            throw new IOException("git does not answer: " + String.join(" ", what));
        }
        return said;
    }

    private ProcessBuilder git(String... what) {
        var command = new ArrayList<>(List.of(
                "git", "-C", folder.toString(), "-c", "user.name=Ada Tern", "-c", "user.email=ada@example.org"));
        command.addAll(List.of(what));
        var builder = new ProcessBuilder(command);
        // one who runs the tests from within git may say by these which repository it works on
        builder.environment().keySet().removeIf(k -> k.startsWith("GIT_"));
        // nor does what they keep for themselves belong to a test
        builder.environment().put("GIT_CONFIG_GLOBAL", "/dev/null");
        builder.environment().put("GIT_CONFIG_NOSYSTEM", "1");
        return builder;
    }
}

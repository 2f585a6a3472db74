package bivouac.format;

import bivouac.design.Design;
import bivouac.design.Limits;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The versions of a design that version control keeps: those of its file in git, which is asked as a program of its own. */
public final class Commits {

    /** The last one, in git's words. */
    public static final String LAST = "HEAD";

    /** Longer git does not take, unless it waits for something that never comes. */
    private static final Duration LONGEST = Duration.ofSeconds(10);

    /** Whoever starts the tool from within git says by these which repository it works on; here the file says it. */
    private static final Set<String> OTHERS = Set.of(
            "GIT_DIR", "GIT_WORK_TREE", "GIT_INDEX_FILE", "GIT_PREFIX", "GIT_COMMON_DIR", "GIT_OBJECT_DIRECTORY");

    private static final String TAB = "\t";

    private final Path folder;
    private final String name;

    private Commits(Path file) {
        Path whole = file.toAbsolutePath();
        this.folder = whole.getParent() == null ? whole : whole.getParent();
        this.name = String.valueOf(whole.getFileName());
    }

    /**
     * A version in which the file was another than before.
     *
     * @param id as git names it, shortened
     * @param day as year, month and day
     * @param subject the first line of what was written about it
     */
    public record Commit(String id, String day, String subject) {}

    /** The commits that changed a file, the latest first; none where git keeps nothing of it, or is not there. */
    public static List<Commit> of(Path file, int most) {
        var commits = new Commits(file);
        return commits.asked(
                        "log",
                        "-n",
                        Integer.toString(most),
                        "--date=short",
                        "--format=%h" + TAB + "%ad" + TAB + "%s",
                        "--",
                        "./" + commits.name)
                .map(said -> said.toString(StandardCharsets.UTF_8)
                        .lines()
                        .flatMap(Commits::commit)
                        .toList())
                .orElse(List.of());
    }

    private static Stream<Commit> commit(String line) {
        String[] parts = line.split(TAB, 3);
        return parts.length == 3 ? Stream.of(new Commit(parts[0], parts[1], parts[2])) : Stream.empty();
    }

    /**
     * Reads a design as its file was in a version.
     *
     * @param revision whatever git takes for one: a commit, a branch, a tag
     */
    public static Design read(Path file, String revision) throws Unreadable {
        return new Commits(file).read(revision);
    }

    private Design read(String revision) throws Unreadable {
        if (asked("--version").isEmpty()) {
            throw new Unreadable("git is not there, which keeps earlier versions of " + name
                    + "; install it, or compare with a file.");
        }
        if (asked("rev-parse", "--git-dir").isEmpty()) {
            throw new Unreadable(
                    name + " lies in no folder of which git keeps earlier versions; compare it with a file.");
        }
        // what begins with a dash would be an option
        if (revision.startsWith("-")
                || asked("rev-parse", "--verify", "--quiet", revision + "^{commit}")
                        .isEmpty()) {
            throw new Unreadable("git knows no version “" + revision + "” where " + name
                    + " lies; git log lists those that there are.");
        }
        byte[] bytes = asked("show", revision + ":./" + name)
                .map(ByteArrayOutputStream::toByteArray)
                .orElseThrow(() -> new Unreadable(name + " is not in the version “" + revision + "”; git log -- " + name
                        + " lists those that have it."));
        try {
            return DesignFormat.read(bytes);
        } catch (Unreadable e) {
            throw new Unreadable(name + " as it was in “" + revision + "” could not be read. " + e.getMessage());
        }
    }

    /** What git answers; empty where it says no, is not there, or does not come to an end. */
    private Optional<ByteArrayOutputStream> asked(String... what) {
        var command = new ArrayList<>(List.of("git", "-C", folder.toString(), "--no-pager"));
        command.addAll(List.of(what));
        try {
            var builder = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD);
            builder.environment().keySet().removeAll(OTHERS);
            Process git = builder.start();
            git.getOutputStream().close();
            Executor later = CompletableFuture.delayedExecutor(LONGEST.toMillis(), TimeUnit.MILLISECONDS);
            later.execute(git::destroyForcibly);
            var said = new ByteArrayOutputStream();
            try (InputStream out = git.getInputStream()) {
                said.writeBytes(out.readNBytes((int) Limits.LARGEST_FILE + 1));
            }
            return git.waitFor() == 0 ? Optional.of(said) : Optional.empty();
        } catch (IOException notThere) {
            return Optional.empty();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
    }
}

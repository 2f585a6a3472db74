package bivouac.format;

import bivouac.design.Design;
import bivouac.design.Limits;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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

    /**
     * A repository says by its own configuration what git runs, and it may have come with a folder from anywhere. So whatever
     * would run or fetch something, ask somebody or write something is switched off for what is asked here: a hook, a monitor
     * of files, a check of signatures, a converter of texts, a remote that promises what is missing, and a repository inside the
     * folders of another.
     */
    private static final List<String> QUIET = List.of(
            "safe.bareRepository=explicit",
            "core.fsmonitor=false",
            "core.hooksPath=/dev/null",
            "core.sshCommand=false",
            "core.askPass=false",
            "core.editor=false",
            "core.alternateRefsCommand=false",
            "credential.helper=",
            "diff.external=",
            "log.showSignature=false",
            "gpg.program=false",
            "gpg.ssh.program=false",
            "gpg.x509.program=false",
            "protocol.allow=never");

    /** The same, where only the surroundings say it; no protocol is called so, and none but those named here may be used. */
    private static final Map<String, String> SURROUNDINGS = Map.of(
            "GIT_ALLOW_PROTOCOL", "none",
            "GIT_NO_LAZY_FETCH", "1",
            "GIT_NO_REPLACE_OBJECTS", "1",
            "GIT_OPTIONAL_LOCKS", "0",
            "GIT_TERMINAL_PROMPT", "0",
            "GIT_ASKPASS", "false",
            "SSH_ASKPASS", "false");

    private static final String TAB = "\t";

    private static final int MEGABYTE = 20;

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
                        "--no-show-signature",
                        "--no-ext-diff",
                        "--no-textconv",
                        "-n",
                        Integer.toString(most),
                        "--date=short",
                        "--format=%h" + TAB + "%ad" + TAB + "%s",
                        "--",
                        "./" + commits.name)
                .map(said -> new String(said, StandardCharsets.UTF_8)
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
            if (revision.equals(LAST)) {
                throw new Unreadable(
                        "git keeps no version of " + name + " yet; commit it first, or compare it with a file.");
            }
            throw new Unreadable("git knows no version “" + revision + "” where " + name
                    + " lies; git log lists those that there are.");
        }
        // the blob as it is: to show it would convert it by what the repository names
        byte[] bytes = asked("cat-file", "blob", revision + ":./" + name)
                .orElseThrow(() -> new Unreadable(name + " is not in the version “" + revision + "”; git log -- " + name
                        + " lists those that have it."));
        if (bytes.length > Limits.LARGEST_FILE) {
            throw new Unreadable(name + " as it was in “" + revision + "” is larger than "
                    + (Limits.LARGEST_FILE >> MEGABYTE) + " MB, which no design is.");
        }
        try {
            return DesignFormat.read(bytes);
        } catch (Unreadable e) {
            throw new Unreadable(name + " as it was in “" + revision + "” could not be read. " + e.getMessage());
        }
    }

    /** What git answers, as far as it is looked at; empty where it says no, is not there, or does not come to an end. */
    private Optional<byte[]> asked(String... what) {
        var command = new ArrayList<>(List.of("git", "-C", folder.toString(), "--no-pager"));
        QUIET.forEach(said -> command.addAll(List.of("-c", said)));
        command.addAll(List.of(what));
        try {
            var builder = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD);
            builder.environment().keySet().removeIf(name -> OTHERS.contains(name) || name.startsWith("GIT_CONFIG"));
            builder.environment().putAll(SURROUNDINGS);
            Process git = builder.start();
            git.getOutputStream().close();
            Executor later = CompletableFuture.delayedExecutor(LONGEST.toMillis(), TimeUnit.MILLISECONDS);
            later.execute(git::destroyForcibly);
            byte[] said;
            try (InputStream out = git.getInputStream()) {
                said = out.readNBytes((int) Limits.LARGEST_FILE + 1);
            }
            if (said.length > Limits.LARGEST_FILE) {
                // there is more, which nobody reads
                git.destroyForcibly();
                return Optional.of(said);
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

package bivouac.desktop.work;

import bivouac.design.Design;
import bivouac.design.TrailLine;
import bivouac.format.DesignFormat;
import bivouac.format.FileVersion;
import bivouac.format.Salvage;
import bivouac.format.Unreadable;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Optional;

/**
 * Unsaved work that a Bivouac left which does not run any more.
 *
 * @param journal where it is kept
 * @param of the design's file, and what it held when the work on it began; empty for one that was never saved
 * @param kept when it was written last
 * @param design as far as it can be read; empty if nothing of it can
 * @param damaged whether only a part of it, or nothing, could be read
 */
public record LeftWork(Path journal, Optional<Work.OnDisk> of, Instant kept, Optional<Design> design, boolean damaged) {

    /** Reads a journal, whatever state it is in. */
    static LeftWork read(Path journal) throws IOException {
        String text = new String(Files.readAllBytes(journal), StandardCharsets.UTF_8);
        int end = text.startsWith(Journal.HEAD) ? text.indexOf('\n') : -1;
        Optional<TrailLine> head =
                end < 0 ? Optional.empty() : TrailLine.of(text.substring(0, end).strip());
        String body = end < 0 ? text : text.substring(end + 1);
        Instant modified = Files.getLastModifiedTime(journal).toInstant();
        Optional<Work.OnDisk> of = head.flatMap(LeftWork::onDisk);
        Instant kept = head.flatMap(LeftWork::time).orElse(modified);
        try {
            return new LeftWork(journal, of, kept, Optional.of(DesignFormat.read(body)), false);
        } catch (Unreadable damaged) {
            return new LeftWork(journal, of, kept, Salvage.of(body), true);
        }
    }

    private static Optional<Work.OnDisk> onDisk(TrailLine head) {
        try {
            String version = head.name(5).map(TrailLine.Name::name).orElse("");
            return head.is(2, "of")
                    ? head.name(3).map(n -> new Work.OnDisk(Path.of(n.name()), new FileVersion(version)))
                    : Optional.empty();
        } catch (InvalidPathException damaged) {
            return Optional.empty();
        }
    }

    private static Optional<Instant> time(TrailLine head) {
        try {
            return head.words().isEmpty() || !(head.words().getLast() instanceof TrailLine.Plain plain)
                    ? Optional.empty()
                    : Optional.of(Instant.parse(plain.word()));
        } catch (DateTimeParseException damaged) {
            return Optional.empty();
        }
    }

    /** How the design is called. */
    public String name() {
        return design.map(d -> d.application().name())
                .filter(n -> !n.isBlank())
                .or(() -> of.map(d -> d.file().getFileName().toString()))
                .orElse("A design");
    }

    /** Whether it is of a file, by whatever path that is named. */
    public boolean isOf(Path file) {
        return of.filter(d -> Journals.real(d.file()).equals(Journals.real(file)))
                .isPresent();
    }
}

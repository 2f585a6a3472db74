package bivouac.handover;

import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.format.SafeFile;
import bivouac.format.Unreadable;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The pictures and icons of a design, taken along into the folder of a program, as files of it like others. */
public final class Pictures {

    /** A picture of a window is smaller than so many bytes. */
    private static final long LARGEST = 64L << 20;

    private Pictures() {}

    /**
     * What is taken along.
     *
     * @param missing those that are not there, or lead out of the folder of the design
     */
    public record Taken(List<WrittenFile> files, List<String> missing) {
        public Taken {
            files = List.copyOf(files);
            missing = List.copyOf(missing);
        }
    }

    /** Files beside the design that its windows show, with slashes; one that is found only when it runs is not among them. */
    static List<String> of(Design design) {
        return design.windows().stream()
                .filter(FacedWindow.class::isInstance)
                .map(FacedWindow.class::cast)
                .flatMap(f -> Stream.concat(
                        Stream.of(f.frame().icon()),
                        f.parts().stream()
                                .filter(Part.Picture.class::isInstance)
                                .map(p -> ((Part.Picture) p).file())))
                .filter(file -> !file.isBlank() && !Braces.isLive(file))
                .distinct()
                .toList();
    }

    /**
     * Reads them.
     *
     * @param beside the folder of the design
     */
    public static Taken beside(Path beside, Design design, Toolkit toolkit) throws Unreadable {
        var files = new ArrayList<WrittenFile>();
        var missing = new ArrayList<String>();
        String to = Handover.pictures(design, toolkit);
        for (String file : of(design)) {
            Optional<Path> source = source(beside, file);
            if (source.isEmpty()) {
                missing.add(file);
                continue;
            }
            try {
                String path = source.get()
                        .getFileSystem()
                        .getPath(to, file)
                        .normalize()
                        .toString()
                        .replace('\\', '/');
                files.add(WrittenFile.picture(path, Files.readAllBytes(source.get())));
            } catch (IOException e) {
                throw new Unreadable(file + " could not be taken along: " + SafeFile.why(e) + ".");
            }
        }
        return new Taken(files, missing);
    }

    /** The file that is meant, if it lies in the folder of the design, wherever links on the way to it lead. */
    private static Optional<Path> source(Path beside, String file) {
        try {
            if (!Record.isBelow(beside, file)) {
                return Optional.empty();
            }
            Path real = beside.resolve(file).toRealPath();
            boolean fits = real.startsWith(beside.toRealPath())
                    && Files.isRegularFile(real, LinkOption.NOFOLLOW_LINKS)
                    && Files.size(real) <= LARGEST;
            return fits ? Optional.of(real) : Optional.empty();
        } catch (IOException | InvalidPathException notThere) {
            return Optional.empty();
        }
    }
}

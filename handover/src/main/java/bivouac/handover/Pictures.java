package bivouac.handover;

import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.format.SafeFile;
import bivouac.format.Unreadable;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The pictures and icons of a design, taken along into the folder of a program. */
public final class Pictures {

    private Pictures() {}

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
     * Copies them.
     *
     * @param beside the folder of the design
     * @param program the folder in which a program of that kind looks for them ({@link Handover#pictures})
     * @return those that are not there, or lead out of the folder of the design
     */
    public static List<String> copy(Design design, Path beside, Path program) throws Unreadable {
        var missing = new ArrayList<String>();
        Path from = beside.toAbsolutePath().normalize();
        Path to = program.toAbsolutePath().normalize();
        for (String file : of(design)) {
            Path source = from.resolve(file).normalize();
            Path target = to.resolve(file).normalize();
            if (!source.startsWith(from) || !target.startsWith(to) || !Files.isRegularFile(source)) {
                missing.add(file);
                continue;
            }
            try {
                Files.createDirectories(target.getParent());
                SafeFile.replace(target, Files.readAllBytes(source));
            } catch (IOException e) {
                throw new Unreadable(file + " could not be taken along: " + SafeFile.why(e) + ".");
            }
        }
        return List.copyOf(missing);
    }
}

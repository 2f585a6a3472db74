package bivouac.check.texts;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Beside;
import bivouac.check.known.Place;
import bivouac.check.ways.DesignRepair;
import bivouac.check.ways.RemovalRepair;
import bivouac.check.ways.Repair;
import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Window;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** Pictures and icons that are missing, or are no images. */
public final class PictureFindings {

    private static final Pattern IMAGE =
            Pattern.compile(".*\\.(png|jpg|jpeg|gif|bmp|svg|ico)", Pattern.CASE_INSENSITIVE);

    private PictureFindings() {}

    public static void into(List<Finding> found, Design design, Beside beside) {
        for (Window window : design.windows()) {
            if (window instanceof FacedWindow face) {
                String name = face.name().shown();
                icon(found, name, face.frame().icon(), beside);
                for (Part part : face.parts()) {
                    if (part instanceof Part.Picture picture && !Braces.isLive(picture.file())) {
                        picture(found, name, picture, beside);
                    }
                }
            }
        }
    }

    private static void icon(List<Finding> found, String window, String file, Beside beside) {
        if (!file.isEmpty()) {
            wrong(file, beside)
                    .ifPresent(why -> found.add(new Finding(
                            Weight.WRONG,
                            Kind.PART,
                            "“" + file + "”, the icon of " + window + ", " + why + ".",
                            "The system would show its own; name a PNG, JPEG, GIF or ICO file beside the design.",
                            Place.window(window),
                            List.of(new DesignRepair.UsualIcon(window)))));
        }
    }

    private static void picture(List<Finding> found, String window, Part.Picture picture, Beside beside) {
        Place place = Place.part(window, picture.name().expression());
        List<Repair> gone =
                List.of(new RemovalRepair.RemovePart(window, picture.name().expression(), picture.displayName()));
        if (picture.file().isBlank()) {
            found.add(new Finding(
                    Weight.HINT,
                    Kind.PART,
                    picture.displayName() + " on " + window + " has no picture yet.",
                    "An empty frame would be shown; name a PNG, JPEG, GIF or SVG file beside the design.",
                    place,
                    gone));
            return;
        }
        wrong(picture.file(), beside)
                .ifPresent(why -> found.add(new Finding(
                        Weight.WRONG,
                        Kind.PART,
                        "“" + picture.file() + "” of " + picture.displayName() + " on " + window + " " + why + ".",
                        "An empty frame would be shown; name a PNG, JPEG, GIF or SVG file beside the design.",
                        place,
                        gone)));
    }

    private static Optional<String> wrong(String file, Beside beside) {
        return IMAGE.matcher(file).matches() ? beside.wrongPicture(file) : Optional.of("is no image");
    }
}

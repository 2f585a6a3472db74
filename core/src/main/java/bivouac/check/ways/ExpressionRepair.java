package bivouac.check.ways;

import bivouac.check.known.Place;
import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.Rewritten;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * An expression is written otherwise, or one in the braces of a text is.
 *
 * @param place where it stands
 * @param source the whole expression or text as it is there
 * @param from where the piece begins that is written otherwise, in UTF-16 units of the source
 * @param to where it ends, exclusive
 * @param instead what is written there
 * @param words what stands on the button
 */
public record ExpressionRepair(Place place, String source, int from, int to, String instead, String words)
        implements Repair {

    /** A whole expression. */
    public static ExpressionRepair whole(Place place, String source, String instead, String words) {
        return new ExpressionRepair(place, source, 0, source.length(), instead, words);
    }

    @Override
    public String about() {
        return "“" + source.substring(from, to).strip() + "” becomes “" + instead + "”.";
    }

    @Override
    public Design in(Design design) {
        Design changed = with(design, source, changed(source, 0));
        return changed.equals(design)
                ? inBraces()
                        .map(i -> with(design, i.source(), changed(i.source(), i.at())))
                        .orElse(design)
                : changed;
    }

    private String changed(String text, int at) {
        return text.substring(0, from - at) + instead + text.substring(to - at);
    }

    /** The expression of the text in which the piece is. */
    private Optional<Braces.Piece.Inserted> inBraces() {
        return Braces.pieces(source).stream()
                .filter(Braces.Piece.Inserted.class::isInstance)
                .map(Braces.Piece.Inserted.class::cast)
                .filter(i -> i.at() <= from && to <= i.at() + i.source().length())
                .findFirst();
    }

    private Design with(Design design, String before, String after) {
        UnaryOperator<String> edit = s -> s.equals(before) ? after : s;
        if (place.script().isPresent()) {
            return place.step()
                    .map(path -> Rewritten.step(design, place.script().get(), path, edit))
                    .orElse(design);
        }
        if (place.window().isEmpty()) {
            return Rewritten.application(design, edit);
        }
        String window = place.window().get();
        return place.part()
                .map(part -> Rewritten.part(design, window, part, edit))
                .orElseGet(() -> Rewritten.window(design, window, edit));
    }
}

package bivouac.handover.wording;

import bivouac.design.Braces;
import bivouac.design.Design;
import bivouac.design.Wording;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What a file of texts would change in a design, to be looked at before it is taken.
 *
 * @param changes the texts that would be others, in the order of the file
 * @param notTaken a sentence for each text that cannot be taken: its place is gone, it has changed here since, or its
 *     braces say something else
 */
public record TextChanges(List<Change> changes, List<String> notTaken) {

    /** One text that would be another. */
    public record Change(Wording now, String after) {}

    public TextChanges {
        changes = List.copyOf(changes);
        notTaken = List.copyOf(notTaken);
    }

    public static TextChanges of(Design design, List<Returned> returned) {
        Map<String, Wording> there =
                Wording.of(design).stream().collect(Collectors.toMap(Wording::key, Function.identity()));
        var changes = new LinkedHashMap<String, Change>();
        var notTaken = new ArrayList<String>();
        for (Returned text : returned) {
            Optional<Wording> now = Optional.ofNullable(there.get(text.key()));
            if (isSame(text.after(), text.before())
                    || now.filter(w -> isSame(w.text(), text.after())).isPresent()) {
                continue;
            }
            Optional<String> hindrance = hindrance(text, now);
            if (hindrance.isPresent()) {
                notTaken.add(hindrance.get());
            } else {
                changes.put(text.key(), new Change(now.orElseThrow(), text.after()));
            }
        }
        return new TextChanges(List.copyOf(changes.values()), notTaken);
    }

    /** A single closing brace and a doubled one are read alike (P3), and each format has one way to write them. */
    private static boolean isSame(String one, String other) {
        return Braces.normal(one).equals(Braces.normal(other));
    }

    private static Optional<String> hindrance(Returned text, Optional<Wording> now) {
        if (now.isEmpty()) {
            return Optional.of("“" + text.after() + "” has no place: the design has no text “" + text.key() + "”.");
        }
        String where = "The " + now.get().where();
        if (!isSame(now.get().text(), text.before())) {
            return Optional.of(where + " has changed since the file was written: it was “" + text.before()
                    + "”, and is “" + now.get().text() + "”.");
        }
        return braces(now.get().text(), text.after()).map(s -> where + ": " + s);
    }

    /** Why the braces of a text do not fit those of the one that it stands for; what they say may change its order. */
    private static Optional<String> braces(String before, String after) {
        var missing = new ArrayList<>(inserted(before));
        for (Braces.Piece piece : Braces.pieces(after)) {
            switch (piece) {
                case Braces.Piece.Plain p -> {}
                case Braces.Piece.Unclosed(String rest, int at) -> {
                    return Optional.of(
                            "in “" + after + "” a brace is not closed. Two braces stand for one that is read.");
                }
                case Braces.Piece.Inserted(String source, int at) -> {
                    if (!missing.remove(source)) {
                        return Optional.of("{" + source + "} in “" + after + "” does not stand in “" + before
                                + "”. What stands in braces is taken over as it is.");
                    }
                }
            }
        }
        return missing.isEmpty()
                ? Optional.empty()
                : Optional.of("{" + missing.getFirst() + "} is missing in “" + after
                        + "”. What stands in braces is taken over as it is.");
    }

    private static List<String> inserted(String text) {
        return Braces.pieces(text).stream()
                .filter(Braces.Piece.Inserted.class::isInstance)
                .map(p -> ((Braces.Piece.Inserted) p).source())
                .toList();
    }

    /** The design with these texts. */
    public Design applied(Design design) {
        return Wording.changed(
                design, changes.stream().collect(Collectors.toMap(c -> c.now().key(), Change::after)));
    }
}

package bivouac.handover.jvm;

import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.handover.braces.Lines;
import bivouac.handover.braces.Spelling;
import bivouac.handover.meaning.Placed;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * How the rows of a window are laid out, in the words that the frames of all toolkits for Java have: what stands on pages
 * first, the status line last (P8).
 *
 * @param parts the parts of a row, as they are laid out
 */
public record LaidOut(WindowWriting w, Function<List<Part>, String> parts) {

    /** All behind the menus. */
    public void into(Lines out) {
        if (!w.face().tools().isEmpty()) {
            out.add("tools(" + w.face().tools().stream().map(w::field).collect(Collectors.joining(", ")) + ");");
        }
        Placed.of(w.face()).forEach(placed -> into(out, placed));
        if (!w.face().statusLine().isEmpty()) {
            out.add("statusLine(" + parts.apply(w.face().statusLine()) + ");");
        }
    }

    private void into(Lines out, Placed placed) {
        List<String> lines =
                placed.rows().stream().map(r -> "line(" + of(r) + ")").toList();
        boolean framed = !placed.group().isEmpty();
        String title = framed ? w.text("group", placed.group()) + ", " + String.join(", ", lines) : "";
        if (placed.pages().isPresent()) {
            out.add("page(" + w.field(placed.pages().get()) + ", " + Spelling.literal(placed.page()) + ", "
                    + (framed ? "framed(" + title + ")" : lines.getFirst()) + ");");
        } else if (framed) {
            out.add("group(" + title + ");");
        } else {
            out.add("row(" + of(placed.rows().getFirst()) + ");");
        }
    }

    private String of(Row row) {
        return parts.apply(row.parts());
    }
}

package bivouac.handover.meaning;

import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Row;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Rows that are laid out together.
 *
 * @param pages the choice on whose page they stand; empty where they stand in the window itself (P8)
 * @param page the item of that page
 * @param rows of one group, or one row; none of them empty
 */
public record Placed(Optional<Part> pages, String page, List<Row> rows) {

    /** All but the status line: what stands on pages before what these stand in, the innermost first. */
    public static List<Placed> of(FacedWindow face) {
        Map<Optional<Row.Page>, List<Placed>> all = new LinkedHashMap<>();
        all.put(Optional.empty(), new ArrayList<>());
        for (List<Row> run : Row.runs(face.bodyRows())) {
            Optional<Row.Page> page = face.pageOf(run.getFirst());
            List<Row> rows = run.stream().filter(r -> !r.parts().isEmpty()).toList();
            if (!rows.isEmpty()) {
                all.computeIfAbsent(page, p -> new ArrayList<>())
                        .add(new Placed(
                                page.flatMap(p -> face.part(p.pages())),
                                page.map(Row.Page::item).orElse(""),
                                rows));
            }
        }
        return List.copyOf(all.values()).reversed().stream()
                .flatMap(List::stream)
                .toList();
    }

    public String group() {
        return rows.getFirst().group();
    }
}

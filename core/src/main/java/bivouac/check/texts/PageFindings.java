package bivouac.check.texts;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.ways.PartRepair;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Row;
import java.util.List;

/** What is wrong with the pages of a window, and with what stands on them (P8). */
final class PageFindings {

    private PageFindings() {}

    static void into(List<Finding> found, FacedWindow face) {
        for (Row row : face.rows()) {
            if (row.page().isPresent()
                    && face.pageOf(row).isEmpty()
                    && !row.parts().isEmpty()) {
                found.add(nowhere(face, row, row.page().get()));
            }
        }
        List<Row.Page> used =
                face.rows().stream().flatMap(r -> face.pageOf(r).stream()).toList();
        for (Row.Page page : face.pages()) {
            boolean others = used.stream().anyMatch(p -> p.pages().equals(page.pages()));
            if (others && !used.contains(page)) {
                found.add(empty(face, page));
            }
        }
    }

    private static Finding nowhere(FacedWindow face, Row row, Row.Page page) {
        Part first = row.parts().getFirst();
        return PartFindings.finding(
                Weight.WRONG,
                face.name().shown(),
                first,
                first.displayName() + " on " + face.name() + " stands on a page that is not there: “" + page.item()
                        + "” of " + page.pages() + ".",
                "A row stands on a page of pages above it that have items of their own (P8); it is shown in the window itself.",
                new PartRepair.OffPage(face.name().shown(), first.name().expression()));
    }

    private static Finding empty(FacedWindow face, Row.Page page) {
        Part pages = face.part(page.pages()).orElseThrow();
        return PartFindings.finding(
                Weight.HINT,
                face.name().shown(),
                pages,
                "Nothing stands on the page “" + page.item() + "” of " + pages.displayName() + " on " + face.name()
                        + ".",
                "Who chooses it sees an empty page; put a part there, for example: text field Notes on page "
                        + page.item() + ".");
    }
}

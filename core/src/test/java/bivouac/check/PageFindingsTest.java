package bivouac.check;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.check.finding.Finding;
import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Renames;
import bivouac.design.Row;
import bivouac.plan.Program;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is found on pages, and what goes along with them (P8). */
class PageFindingsTest {

    private static final Part.Choice PAGES =
            Part.Choice.of("detail", "Detail", "Guests", "Notes").drawn(Part.ChoiceLook.PAGES);

    private static Design desk(Row... rows) {
        return withMain(main("Desk").withRows(List.of(rows))).design();
    }

    private static Row on(String pages, String item) {
        return Row.of(button("go", note("went"))).on(Optional.of(new Row.Page(pages, item)));
    }

    private static List<String> found(Design design) {
        return Findings.of(Program.of(design)).stream()
                .map(Finding::what)
                .filter(w -> w.contains("page"))
                .toList();
    }

    @Test
    void a_page_that_is_not_there_is_found_and_left() {
        for (Design design : List.of(
                desk(Row.of(PAGES), on("detail", "Rooms")),
                desk(on("detail", "Guests"), Row.of(PAGES)),
                desk(Row.of(PAGES.drawn(Part.ChoiceLook.LIST)), on("detail", "Guests")))) {
            Finding only = Findings.of(Program.of(design)).stream()
                    .filter(f -> f.what().contains("stands on a page that is not there"))
                    .findFirst()
                    .orElseThrow();
            assertThat(only.weight()).isEqualTo(Finding.Weight.WRONG);
            assertThat(found(only.repairs().getFirst().in(design))).isEmpty();
        }
        assertThat(found(desk(Row.of(PAGES)))).isEmpty();
    }

    @Test
    void a_page_without_anything_is_a_hint_where_another_has_something() {
        assertThat(found(desk(Row.of(PAGES), on("detail", "Guests"))))
                .containsExactly("Nothing stands on the page “Notes” of Detail on Desk.");
    }

    @Test
    void what_stands_on_a_page_goes_along_with_its_name_and_with_the_name_of_the_pages() {
        Design design = desk(Row.of(PAGES.startingWith("Guests")), on("detail", "Guests"));
        Design other = Renames.items(design, "Desk", PAGES.startingWith("Guests"), List.of("People", "Notes"));
        FacedWindow face = other.faced("Desk").orElseThrow();
        assertThat(face.pageOf(face.rows().getLast())).contains(new Row.Page("detail", "People"));
        assertThat(((Part.Choice) face.part("detail").orElseThrow()).starts()).isEqualTo("People");
        Design renamed = Renames.part(other, "Desk", "detail", bivouac.design.Name.of("more"));
        FacedWindow there = renamed.faced("Desk").orElseThrow();
        assertThat(there.pageOf(there.rows().getLast())).contains(new Row.Page("more", "People"));
        // in another order each is still itself
        Design turned = Renames.items(design, "Desk", PAGES.startingWith("Guests"), List.of("Notes", "Guests"));
        FacedWindow same = turned.faced("Desk").orElseThrow();
        assertThat(same.pageOf(same.rows().getLast())).contains(new Row.Page("detail", "Guests"));
        // with more or fewer items nobody can say which has become which
        Design fewer = Renames.items(design, "Desk", PAGES, List.of("Notes"));
        assertThat(found(fewer)).anyMatch(w -> w.contains("stands on a page that is not there"));
    }

    @Test
    void an_unknown_first_page_is_found() {
        Design design = desk(Row.of(PAGES.startingWith("Rooms")));
        List<Finding> all = Findings.of(Program.of(design)).stream()
                .filter(f -> f.what().contains("Rooms"))
                .toList();
        assertThat(all).hasSize(1);
        assertThat(all.getFirst().repairs().getFirst().words()).isEqualTo("Start with the first");
    }
}

package bivouac.handover.document;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.Walkthrough;
import bivouac.format.DesignFile;
import bivouac.handover.WrittenFile;
import bivouac.plan.Program;
import java.io.StringReader;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;

class DocumentsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    private static List<WrittenFile> documents(Design design) {
        return Documents.of(Program.of(design), TODAY);
    }

    private static List<String> paths(Design design) {
        return documents(design).stream().map(WrittenFile::path).toList();
    }

    @Test
    void there_is_the_specification_the_overview_the_flow_and_a_drawing_for_each_walkthrough() throws Exception {
        Design design = DesignFile.read(Path.of("../examples/ferry-bell.bivouac"));
        assertThat(paths(design))
                .startsWith("specification.html", "overview.svg", "flow.scxml")
                .hasSize(3 + design.walkthroughs().size());
        for (WrittenFile file : documents(design)) {
            if (!file.path().endsWith(".html")) {
                DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(new InputSource(new StringReader(file.text())));
            }
        }
    }

    @Test
    void the_drawing_of_a_walkthrough_shows_its_windows() throws Exception {
        Design design = DesignFile.read(Path.of("../examples/ferry-bell.bivouac"));
        assertThat(documents(design))
                .filteredOn(f -> f.path().startsWith(Documents.LIFELINES))
                .allSatisfy(f -> assertThat(f.text()).contains(">Landing<"));
    }

    @Test
    void walkthroughs_whose_names_no_folder_takes_still_have_files_of_their_own() {
        Design design = Design.startingWith("Desk")
                .walked(List.of(
                        new Walkthrough("a/b: \"c\"", TODAY, List.of()),
                        new Walkthrough("A b c", TODAY, List.of()),
                        new Walkthrough("???", TODAY, List.of())));
        assertThat(paths(design)).contains("lifelines/a-b-c.svg", "lifelines/a-b-c-2.svg", "lifelines/walkthrough.svg");
    }

    @Test
    void the_same_design_gives_the_same_documents() throws Exception {
        Design design = DesignFile.read(Path.of("../examples/kiln-house.bivouac"));
        assertThat(documents(design)).isEqualTo(documents(design));
    }
}

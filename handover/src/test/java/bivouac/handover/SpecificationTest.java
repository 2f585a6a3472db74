package bivouac.handover;

import static bivouac.machine.Play.*;
import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Row;
import bivouac.design.Task;
import bivouac.design.Walkthrough;
import bivouac.design.Window;
import bivouac.handover.document.Specification;
import bivouac.plan.Program;
import java.io.StringReader;
import java.util.EnumSet;
import java.util.List;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;

/** The design as one page that works without a network. */
class SpecificationTest {

    private static String page(Design design) {
        return Specification.of(Program.of(design));
    }

    @Test
    void every_window_walkthrough_and_finding_of_the_example_is_in_it() throws Exception {
        Design hut = Projects.example("ridge-hut");
        String page = page(hut);
        for (Window window : hut.windows()) {
            assertThat(page).contains("id=\"window-" + window.name().expression() + "\"");
        }
        for (Walkthrough walk : hut.walkthroughs()) {
            assertThat(page).contains(walk.name().replace("'", "'"));
        }
        assertThat(page)
                .contains("<h2 id=\"closings\">Closings</h2>")
                .contains("asks Unsaved notes")
                .contains("Asked for by close box of Register")
                .contains("<span class=\"button default\">Arrive…</span>")
                .contains("Opened by Register, arrive");
    }

    @Test
    void nothing_in_it_is_fetched_and_every_link_leads_somewhere() throws Exception {
        String page = page(Projects.example("kiln-house"));
        assertThat(page).doesNotContain("http").doesNotContain("src=").doesNotContain("url(");
        var links = Pattern.compile("href=\"#([^\"]*)\"")
                .matcher(page)
                .results()
                .map(r -> r.group(1))
                .toList();
        assertThat(links).hasSize(8).allSatisfy(id -> assertThat(page).contains("id=\"" + id + "\""));
    }

    @Test
    void texts_of_the_design_are_no_markup_and_elements_are_closed() throws Exception {
        Design design = Design.startingWith("<script>alert(1)</script> & \"more\"");
        FacedWindow face = (FacedWindow) design.windows().getFirst();
        String page = page(design.changingFace(
                face.name().shown(),
                f -> f.withRows(List.of(
                        Row.of(Part.Caption.of("c", "<b>&amp;\u0000</b>"), Part.Button.of("b", "a <i> & b"))))));
        assertThat(page).doesNotContain("<script").doesNotContain("<b>").contains("&lt;b&gt;&amp;amp;\uFFFD&lt;/b&gt;");
        String body = page.substring(page.indexOf("<body>"), page.indexOf("</html>"));
        DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(body)));
    }

    @Test
    void a_task_says_that_it_shows_progress_and_may_be_cancelled() {
        Design design = withMain(main("Desk"))
                .works(task("write", "done").telling(EnumSet.allOf(Task.Told.class)))
                .design();
        assertThat(Specification.of(Program.of(design))).contains("done · shows progress · may be cancelled");
    }
}

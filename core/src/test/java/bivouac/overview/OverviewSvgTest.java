package bivouac.overview;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.design.FacedWindow;
import bivouac.format.DesignFile;
import bivouac.plan.Program;
import java.io.StringReader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;
import org.xml.sax.InputSource;

class OverviewSvgTest {

    private static Element drawn(Design design) throws Exception {
        String svg = OverviewSvg.of(Program.of(design));
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(svg)))
                .getDocumentElement();
    }

    private static List<Element> all(Element in, String name) {
        var found = new ArrayList<Element>();
        var nodes = in.getElementsByTagName(name);
        for (int i = 0; i < nodes.getLength(); i++) {
            found.add((Element) nodes.item(i));
        }
        return found;
    }

    private static List<String> words(Element svg) {
        return all(svg, "text").stream().map(Element::getTextContent).toList();
    }

    @Test
    void every_window_stands_in_it_with_what_opens_it_and_what_comes_back() throws Exception {
        Design hut = DesignFile.read(Path.of("src/test/resources/first-hut.bivouac"));
        Element svg = drawn(hut);
        assertThat(words(svg))
                .contains("Start", "Departure", "Register", "Bunk plan", "Guest card", "Arrival form", "Hut full")
                .contains("admitted", "cancelled", "session ending");
        Overview overview = Overview.of(hut);
        assertThat(all(svg, "polygon")).as("an arrow for each line").hasSameSizeAs(overview.lines());
        long waiting =
                overview.lines().stream().filter(l -> l.manner().isWaiting()).count();
        assertThat(all(svg, "polyline")).as("lines that wait are double").hasSize((int)
                (overview.lines().size() + waiting));
    }

    @Test
    void all_of_it_lies_within_the_page() throws Exception {
        Element svg = drawn(DesignFile.read(Path.of("../examples/ridge-hut.bivouac")));
        double width = Double.parseDouble(svg.getAttribute("width"));
        double height = Double.parseDouble(svg.getAttribute("height"));
        for (Element rect : all(svg, "rect")) {
            assertThat(number(rect, "x") + number(rect, "width")).isLessThanOrEqualTo(width + 1);
            assertThat(number(rect, "y") + number(rect, "height")).isLessThanOrEqualTo(height + 1);
            assertThat(number(rect, "x")).isGreaterThanOrEqualTo(0);
        }
        assertThat(all(svg, "text")).allSatisfy(t -> assertThat(number(t, "y")).isBetween(0.0, height));
    }

    private static double number(Element of, String name) {
        return Double.parseDouble(of.getAttribute(name));
    }

    @Test
    void names_that_are_markup_or_too_long_are_still_names() throws Exception {
        String name = "A <b> & \"c\" " + "long ".repeat(30);
        Design odd = Design.startingWith("Desk").adding(FacedWindow.of(FacedWindow.Kind.CHILD, name.strip()));
        Element svg = drawn(odd);
        assertThat(all(svg, "title")).extracting(Element::getTextContent).contains(name.strip());
        assertThat(words(svg)).anyMatch(t -> t.contains("A <b> & \"c\"") && t.endsWith("…"));
    }

    @Test
    void a_design_without_windows_says_so_on_its_wall() throws Exception {
        Element svg = drawn(new Design(Design.startingWith("x").application(), List.of()));
        assertThat(words(svg)).contains("none", "when the last window has", "one refusal stops it");
    }

    @Test
    void what_a_wall_says_at_length_is_told_in_lines_that_fit() throws Exception {
        Element svg = drawn(DesignFile.read(Path.of("../examples/ridge-hut.bivouac")));
        assertThat(all(svg, "text").stream()
                        .filter(t -> number(t, "x") < 180
                                && t.getElementsByTagName("title").getLength() > 0))
                .as("nothing at the start is cut")
                .isEmpty();
    }
}

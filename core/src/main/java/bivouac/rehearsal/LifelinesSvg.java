package bivouac.rehearsal;

import bivouac.design.Design;
import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Lifelines as a drawing that documents can hold; light, whatever the look of the tool. */
public final class LifelinesSvg {

    /** As wide as a page shows it without scrolling. */
    private static final double PAGE = 1200;

    private static final String INK = "#20302B";
    private static final String QUIET = "#5B6661";
    private static final String RAISED = "#FFFDF8";
    private static final String LINE = "#A9A290";
    private static final String EMBER = "#C8551F";
    private static final String LAKE = "#1D5A79";

    private final XMLStreamWriter xml;
    private final LifelinesPlan plan;

    private LifelinesSvg(XMLStreamWriter xml, LifelinesPlan plan) {
        this.xml = xml;
        this.plan = plan;
    }

    /** The drawing of a trail of a design. */
    public static String of(Design design, Lifelines lines, List<Moment> trail) {
        var text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            new LifelinesSvg(xml, LifelinesPlan.of(lines, PAGE)).draw(design, trail);
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("nothing fails while writing into a text", e);
        }
        return text.toString();
    }

    private void draw(Design design, List<Moment> trail) throws XMLStreamException {
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
        attribute("width", plan.width());
        attribute("height", plan.height());
        xml.writeAttribute("font-family", "Inter, sans-serif");
        xml.writeAttribute("font-size", "11");
        hatch();
        for (int event = 1; event < trail.size(); event++) {
            Optional<String> words = plan.heading(design, trail, event);
            if (words.isPresent()) {
                text(plan.x(event) + 2, 12, QUIET, words.get());
            }
        }
        List<Lifelines.Bar> bars = plan.lines().bars();
        for (int i = 0; i < bars.size(); i++) {
            bar(bars.get(i), plan.y(plan.rows().get(i)));
        }
        for (int i = 0; i < plan.lines().tasks().size(); i++) {
            Lifelines.Run run = plan.lines().tasks().get(i);
            double y = plan.y(plan.rows().get(bars.size() + i)) + LifelinesPlan.BAR / 2;
            line(plan.x(run.began()), y, plan.end(run.ended()), y, INK);
            text(plan.x(run.began()) + 2, y - 3, INK, run.words());
        }
        xml.writeEndElement();
    }

    private void hatch() throws XMLStreamException {
        xml.writeStartElement("defs");
        xml.writeStartElement("pattern");
        xml.writeAttribute("id", "blocked");
        attribute("width", 6);
        attribute("height", 6);
        xml.writeAttribute("patternUnits", "userSpaceOnUse");
        xml.writeAttribute("patternTransform", "rotate(45)");
        line(0, 0, 0, 6, EMBER);
        xml.writeEndElement();
        xml.writeEndElement();
    }

    private void bar(Lifelines.Bar bar, double y) throws XMLStreamException {
        double left = plan.x(bar.opened());
        double right = plan.end(bar.closed());
        rect(left, y, right - left, RAISED, bar.waits() ? EMBER : LINE);
        for (Lifelines.Stretch stretch : bar.blocked()) {
            double[] across = plan.across(bar, stretch);
            if (across[1] > across[0]) {
                rect(across[0], y, across[1] - across[0], "url(#blocked)", "none");
            }
        }
        text(left + 4, y + 12, INK, bar.which().toString());
        if (!bar.isOpen() && !bar.ending().isEmpty()) {
            text(right + 4, y + 12, QUIET, bar.ending());
            if (!bar.gives().isEmpty()) {
                text(right + 4, y + 23, LAKE, bar.gives());
            }
        }
    }

    private void rect(double x, double y, double width, String fill, String stroke) throws XMLStreamException {
        xml.writeEmptyElement("rect");
        attribute("x", x);
        attribute("y", y);
        attribute("width", Math.max(2, width));
        attribute("height", LifelinesPlan.BAR);
        attribute("rx", 3);
        xml.writeAttribute("fill", fill);
        xml.writeAttribute("stroke", stroke);
    }

    private void line(double x1, double y1, double x2, double y2, String stroke) throws XMLStreamException {
        xml.writeEmptyElement("line");
        attribute("x1", x1);
        attribute("y1", y1);
        attribute("x2", x2);
        attribute("y2", y2);
        xml.writeAttribute("stroke", stroke);
        xml.writeAttribute("stroke-width", "1.5");
    }

    private void text(double x, double y, String fill, String words) throws XMLStreamException {
        xml.writeStartElement("text");
        attribute("x", x);
        attribute("y", y);
        xml.writeAttribute("fill", fill);
        xml.writeCharacters(words.replaceAll("\\p{Cntrl}", " "));
        xml.writeEndElement();
    }

    private void attribute(String name, double value) throws XMLStreamException {
        xml.writeAttribute(name, String.format(Locale.ROOT, "%.0f", value));
    }
}

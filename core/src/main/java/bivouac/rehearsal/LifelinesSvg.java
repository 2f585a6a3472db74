package bivouac.rehearsal;

import bivouac.design.Design;
import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Lifelines as a drawing that documents can hold; light, whatever the look of the tool. */
public final class LifelinesSvg {

    /** As wide as a page shows it without scrolling. */
    private static final double PAGE = 1200;

    /** From the top of a line of words to what they stand on. */
    private static final double BASELINE = 12;
    /** How wide a character is at most on average, at the size of the drawing. */
    private static final double CHARACTER = 6;

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
        LifelinesDrawing drawing = LifelinesDrawing.of(design, plan, trail);
        for (LifelinesDrawing.Block block : drawing.blocks()) {
            block(block);
        }
        for (LifelinesDrawing.Words words : drawing.words()) {
            words(words);
        }
        xml.writeEndElement();
    }

    private void block(LifelinesDrawing.Block block) throws XMLStreamException {
        switch (block.kind()) {
            case TIE -> rect(block, EMBER, "none", 0);
            case BAR -> rect(block, RAISED, LINE, 3);
            case WAITED -> rect(block, RAISED, EMBER, 3);
            case BLOCKED -> rect(block, "url(#blocked)", "none", 3);
            case TASK, HOLDING -> rect(block, INK, "none", 0);
            case RING -> rect(block, RAISED, INK, 4);
        }
    }

    private void words(LifelinesDrawing.Words words) throws XMLStreamException {
        String fill =
                switch (words.saying()) {
                    case NAME, TASK, HOLDING -> INK;
                    case EVENT, ENDING -> QUIET;
                    case HANDED, GIVES -> LAKE;
                };
        text(words, fill);
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

    private void rect(LifelinesDrawing.Block block, String fill, String stroke, int corner) throws XMLStreamException {
        xml.writeEmptyElement("rect");
        attribute("x", block.x());
        attribute("y", block.y());
        attribute("width", block.width());
        attribute("height", block.height());
        attribute("rx", corner);
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

    /** Words are cut as on the screen; all of them are the title, which is shown to who points at them. */
    private void text(LifelinesDrawing.Words words, String fill) throws XMLStreamException {
        int fits = (int) Math.max(1, words.most() / CHARACTER);
        String text = words.text();
        xml.writeStartElement("text");
        attribute("x", words.x());
        attribute("y", words.y() + BASELINE);
        xml.writeAttribute("fill", fill);
        if (text.length() > fits) {
            xml.writeStartElement("title");
            xml.writeCharacters(XmlText.of(words.whole()));
            xml.writeEndElement();
            text = text.substring(
                            0, text.offsetByCodePoints(0, Math.min(fits, text.codePointCount(0, text.length())) - 1))
                    + "…";
        }
        xml.writeCharacters(XmlText.of(text));
        xml.writeEndElement();
    }

    private void attribute(String name, double value) throws XMLStreamException {
        xml.writeAttribute(name, String.format(Locale.ROOT, "%.0f", value));
    }
}

package bivouac.drawing;

import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/**
 * A drawing of rectangles, lines and words as SVG 1.1, for documents. All measures are pixels from the top left. Words are
 * cut to the room they have, since a document does not measure its letters; all of them are shown to who points at them.
 */
public final class Svg {

    private static final String NAMESPACE = "http://www.w3.org/2000/svg";

    /** From the top of a line of words to what they stand on. */
    private static final double BASELINE = 12;

    /** How wide a character is at most on average, at the size of the drawing. */
    private static final double CHARACTER = 6;

    private final XMLStreamWriter xml;

    private Svg(XMLStreamWriter xml) {
        this.xml = xml;
    }

    /** Something that is written and cannot fail, since it goes into a text. */
    private interface Writing {
        void into(XMLStreamWriter xml) throws XMLStreamException;
    }

    /** A drawing as a document of its own. */
    public static String of(double width, double height, Consumer<Svg> by) {
        var text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            new Svg(xml).page(width, height, by);
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("nothing fails while writing into a text", e);
        }
        return text.toString();
    }

    /** A drawing as a part of a page of HTML, which has no beginning of its own. */
    public static String inPage(String document) {
        return document.replaceFirst("^<\\?xml[^>]*>", "").replace(" xmlns=\"" + NAMESPACE + "\"", "");
    }

    private void page(double width, double height, Consumer<Svg> by) {
        write(x -> {
            x.writeStartElement("svg");
            x.writeDefaultNamespace(NAMESPACE);
            attribute("width", width);
            attribute("height", height);
            x.writeAttribute("viewBox", "0 0 " + whole(width) + " " + whole(height));
            x.writeAttribute("font-family", "Inter, sans-serif");
            x.writeAttribute("font-size", "11");
        });
        by.accept(this);
        write(XMLStreamWriter::writeEndElement);
    }

    private void write(Writing writing) {
        try {
            writing.into(xml);
        } catch (XMLStreamException e) {
            throw new IllegalStateException("nothing fails while writing into a text", e);
        }
    }

    /** A filling of slanted lines in a colour, to be used as {@code url(#name)}. */
    public void hatch(String name, Ink colour) {
        write(x -> {
            x.writeStartElement("defs");
            x.writeStartElement("pattern");
            x.writeAttribute("id", name);
            attribute("width", 6);
            attribute("height", 6);
            x.writeAttribute("patternUnits", "userSpaceOnUse");
            x.writeAttribute("patternTransform", "rotate(45)");
        });
        line(0, 0, 0, 6, colour);
        write(x -> {
            x.writeEndElement();
            x.writeEndElement();
        });
    }

    /** @param corner the radius of its corners */
    public void rect(double left, double top, double width, double height, Ink fill, Ink stroke, double corner) {
        rect(left, top, width, height, fill.paint(), stroke, corner);
    }

    /** The same, filled with a hatch that was made before. */
    public void hatched(double left, double top, double width, double height, String hatch, double corner) {
        rect(left, top, width, height, "url(#" + hatch + ")", Ink.NONE, corner);
    }

    private void rect(double left, double top, double width, double height, String fill, Ink stroke, double corner) {
        write(x -> {
            x.writeEmptyElement("rect");
            attribute("x", left);
            attribute("y", top);
            attribute("width", width);
            attribute("height", height);
            attribute("rx", corner);
            x.writeAttribute("fill", fill);
            x.writeAttribute("stroke", stroke.paint());
        });
    }

    public void line(double x1, double y1, double x2, double y2, Ink stroke) {
        write(x -> {
            x.writeEmptyElement("line");
            attribute("x1", x1);
            attribute("y1", y1);
            attribute("x2", x2);
            attribute("y2", y2);
            x.writeAttribute("stroke", stroke.paint());
            x.writeAttribute("stroke-width", "1.5");
        });
    }

    /** A corner of a line. */
    public record Point(double x, double y) {}

    /**
     * A line over corners.
     *
     * @param dashes how long its pieces and the gaps between them are; none where it is whole
     */
    public void way(List<Point> corners, Ink stroke, double thick, List<Integer> dashes) {
        write(x -> {
            x.writeEmptyElement("polyline");
            x.writeAttribute("points", points(corners));
            x.writeAttribute("fill", Ink.NONE.paint());
            x.writeAttribute("stroke", stroke.paint());
            x.writeAttribute("stroke-width", number(thick));
            if (!dashes.isEmpty()) {
                x.writeAttribute(
                        "stroke-dasharray",
                        String.join(" ", dashes.stream().map(String::valueOf).toList()));
            }
        });
    }

    /** A filled shape over corners. */
    public void shape(List<Point> corners, Ink fill) {
        write(x -> {
            x.writeEmptyElement("polygon");
            x.writeAttribute("points", points(corners));
            x.writeAttribute("fill", fill.paint());
        });
    }

    private static String points(List<Point> corners) {
        return String.join(
                " ",
                corners.stream().map(c -> number(c.x()) + "," + number(c.y())).toList());
    }

    /** Lines as the path language of SVG says them, moved to a place. */
    public void path(String path, double left, double top, Ink stroke, double thick) {
        write(x -> {
            x.writeEmptyElement("path");
            x.writeAttribute("d", path);
            x.writeAttribute("transform", "translate(" + number(left) + "," + number(top) + ")");
            x.writeAttribute("fill", Ink.NONE.paint());
            x.writeAttribute("stroke", stroke.paint());
            x.writeAttribute("stroke-width", number(thick));
        });
    }

    /** A line of words. @param most the room that they have */
    public void words(double left, double top, String text, double most, Ink fill) {
        words(left, top, text, text, most, fill, false);
    }

    /** The same, as a heading. */
    public void strong(double left, double top, String text, double most, Ink fill) {
        words(left, top, text, text, most, fill, true);
    }

    /** @param whole what is said to who points at words that are cut */
    public void words(double left, double top, String text, String whole, double most, Ink fill, boolean strong) {
        String shown = cut(text, most);
        write(x -> {
            x.writeStartElement("text");
            attribute("x", left);
            attribute("y", top + BASELINE);
            x.writeAttribute("fill", fill.paint());
            if (strong) {
                x.writeAttribute("font-weight", "600");
            }
            if (!shown.equals(text)) {
                x.writeStartElement("title");
                x.writeCharacters(XmlText.of(whole));
                x.writeEndElement();
            }
            x.writeCharacters(XmlText.of(shown));
            x.writeEndElement();
        });
    }

    private static String cut(String text, double most) {
        int fits = (int) Math.max(1, most / CHARACTER);
        return text.length() <= fits
                ? text
                : text.substring(
                                0,
                                text.offsetByCodePoints(0, Math.min(fits, text.codePointCount(0, text.length())) - 1))
                        + "…";
    }

    /** How much room words need, at most. */
    public static double room(String text) {
        return text.length() * CHARACTER;
    }

    private void attribute(String name, double value) throws XMLStreamException {
        xml.writeAttribute(name, whole(value));
    }

    private static String whole(double value) {
        return String.format(Locale.ROOT, "%.0f", value);
    }

    private static String number(double value) {
        return value == Math.rint(value) ? whole(value) : String.format(Locale.ROOT, "%.1f", value);
    }
}

package bivouac.handover.document;

import bivouac.drawing.Svg;
import bivouac.drawing.XmlText;

/** A page of HTML, written from top to bottom; every text is escaped. */
final class Html {

    private final StringBuilder out = new StringBuilder();

    /** Opens an element; {@code attributes} as they stand in it, their values escaped before. */
    Html open(String element, String... attributes) {
        out.append('<').append(element);
        for (String attribute : attributes) {
            out.append(' ').append(attribute);
        }
        out.append('>');
        return this;
    }

    Html close(String element) {
        out.append("</").append(element).append(">\n");
        return this;
    }

    Html text(String text) {
        out.append(escaped(text));
        return this;
    }

    /** A drawing that is a document of its own elsewhere. */
    Html drawing(String svg) {
        out.append(Svg.inPage(svg));
        return this;
    }

    /** An element with a text in it. */
    Html element(String element, String text, String... attributes) {
        return open(element, attributes).text(text).close(element);
    }

    Html row(String... cells) {
        open("tr");
        for (String cell : cells) {
            element("td", cell);
        }
        return close("tr");
    }

    Html heads(String... cells) {
        open("tr");
        for (String cell : cells) {
            element("th", cell);
        }
        return close("tr");
    }

    /** An attribute with a value. */
    static String attribute(String name, String value) {
        return name + "=\"" + escaped(value) + "\"";
    }

    static String escaped(String text) {
        return XmlText.of(text)
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    @Override
    public String toString() {
        return out.toString();
    }
}

package bivouac.handover.wording;

import bivouac.design.Braces;
import bivouac.design.Wording;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;

/**
 * Texts as XLIFF 2.1 (OASIS): one unit a text, its key as the unit's name, where it is read as a note; what stands in
 * braces is a placeholder, so that a translation tool keeps it as it is.
 */
public final class Xliff {

    private static final String SPACE = "urn:oasis:names:tc:xliff:document:2.0";
    private static final String XML = "http://www.w3.org/XML/1998/namespace";

    private Xliff() {}

    /**
     * A file to be translated.
     *
     * @param original the name of the design file
     * @param from the language of the texts, as in BCP 47 ({@code en}, {@code pt-BR})
     * @param into the language that they are to be in; none where the same language is to be gone over
     */
    public static String write(List<Wording> texts, String original, String from, Optional<String> into) {
        var out = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(out);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeCharacters("\n");
            xml.writeStartElement("xliff");
            xml.writeDefaultNamespace(SPACE);
            xml.writeAttribute("version", "2.1");
            xml.writeAttribute("srcLang", from);
            xml.writeAttribute("trgLang", into.orElse(from));
            xml.writeCharacters("\n  ");
            xml.writeStartElement("file");
            xml.writeAttribute("id", "texts");
            xml.writeAttribute("original", original);
            for (int i = 0; i < texts.size(); i++) {
                unit(xml, texts.get(i), i + 1);
            }
            xml.writeCharacters("\n  ");
            xml.writeEndElement();
            xml.writeCharacters("\n");
            xml.writeEndElement();
            xml.writeCharacters("\n");
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("A text was not written", e);
        }
        return out.toString();
    }

    private static void unit(XMLStreamWriter xml, Wording text, int number) throws XMLStreamException {
        List<String> kept = kept(text.text());
        xml.writeCharacters("\n    ");
        xml.writeStartElement("unit");
        xml.writeAttribute("id", "t" + number);
        xml.writeAttribute("name", text.key());
        xml.writeCharacters("\n      ");
        xml.writeStartElement("notes");
        xml.writeStartElement("note");
        xml.writeCharacters(readable(text.where()));
        xml.writeEndElement();
        xml.writeEndElement();
        if (!kept.isEmpty()) {
            xml.writeCharacters("\n      ");
            xml.writeStartElement("originalData");
            for (int i = 0; i < kept.size(); i++) {
                xml.writeStartElement("data");
                xml.writeAttribute("id", "d" + (i + 1));
                characters(xml, kept.get(i));
                xml.writeEndElement();
            }
            xml.writeEndElement();
        }
        xml.writeCharacters("\n      ");
        xml.writeStartElement("segment");
        xml.writeStartElement("source");
        xml.writeAttribute("xml", XML, "space", "preserve");
        content(xml, text.text());
        xml.writeEndElement();
        xml.writeEndElement();
        xml.writeCharacters("\n    ");
        xml.writeEndElement();
    }

    /** What a translation keeps as it is, in order. */
    private static List<String> kept(String text) {
        return Braces.pieces(text).stream().flatMap(p -> kept(p).stream()).toList();
    }

    private static Optional<String> kept(Braces.Piece piece) {
        return switch (piece) {
            case Braces.Piece.Plain p -> Optional.empty();
            case Braces.Piece.Inserted(String source, int at) -> Optional.of("{" + source + "}");
            case Braces.Piece.Unclosed(String rest, int at) -> Optional.of("{" + rest);
        };
    }

    private static void content(XMLStreamWriter xml, String text) throws XMLStreamException {
        int number = 0;
        for (Braces.Piece piece : Braces.pieces(text)) {
            if (piece instanceof Braces.Piece.Plain(String plain)) {
                characters(xml, plain);
                continue;
            }
            number++;
            xml.writeEmptyElement("ph");
            xml.writeAttribute("id", String.valueOf(number));
            xml.writeAttribute("dataRef", "d" + number);
            xml.writeAttribute("disp", readable(kept(piece).orElseThrow()));
        }
    }

    /** What XML cannot hold as a character stands as {@code cp} (XLIFF 2.1, 4.2.2.7). */
    private static void characters(XMLStreamWriter xml, String text) throws XMLStreamException {
        var plain = new StringBuilder();
        for (int i = 0; i < text.length(); i += Character.charCount(text.codePointAt(i))) {
            int c = whole(text.codePointAt(i));
            if (canBeRead(c)) {
                plain.appendCodePoint(c);
            } else {
                xml.writeCharacters(plain.toString());
                plain.setLength(0);
                xml.writeEmptyElement("cp");
                xml.writeAttribute("hex", "%04X".formatted(c));
            }
        }
        xml.writeCharacters(plain.toString());
    }

    /** Half of a pair is no character, and nothing could read it. */
    private static int whole(int c) {
        return c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE ? REPLACEMENT : c;
    }

    private static final int REPLACEMENT = 0xFFFD;

    private static String readable(String text) {
        return text.codePoints()
                .filter(Xliff::canBeRead)
                .mapToObj(Character::toString)
                .collect(Collectors.joining());
    }

    /** XML 1.0; a carriage return could be written, and would come back as a line feed. */
    private static boolean canBeRead(int c) {
        return c == '\t' || c == '\n' || c >= ' ' && c < 0xD800 || c > 0xDFFF && c < 0xFFFE || c > 0xFFFF;
    }

    /** The texts of a file that came back, in whichever encoding XML says it is; one without a target came back as it went. */
    public static List<Returned> read(byte[] file) throws NotTexts {
        var factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, true);
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(new StringReader(XmlBytes.text(file)));
            xml.nextTag();
            if (!xml.getLocalName().equals("xliff") || !SPACE.equals(xml.getNamespaceURI())) {
                throw new NotTexts("This is no XLIFF 2 file: it begins with <" + xml.getLocalName() + ">.");
            }
            var returned = new ArrayList<Returned>();
            while (xml.hasNext()) {
                if (xml.next() == XMLStreamConstants.START_ELEMENT
                        && xml.getLocalName().equals("unit")) {
                    returned.add(unit(xml));
                }
            }
            return List.copyOf(returned);
        } catch (XMLStreamException e) {
            throw new NotTexts("This is no XML: line " + e.getLocation().getLineNumber() + ", column "
                    + e.getLocation().getColumnNumber() + ".");
        }
    }

    /** A unit, whose sources and targets are put together where a tool has parted it into segments. */
    private static Returned unit(XMLStreamReader xml) throws XMLStreamException, NotTexts {
        int line = xml.getLocation().getLineNumber();
        String key = Optional.ofNullable(xml.getAttributeValue(null, "name"))
                .orElseThrow(
                        () -> new NotTexts("The unit in line " + line + " has no name; it says which text it is."));
        Map<String, String> data = new HashMap<>();
        var before = new StringBuilder();
        var after = new StringBuilder();
        String source = "";
        boolean answered = true;
        while (!(xml.next() == XMLStreamConstants.END_ELEMENT
                && xml.getLocalName().equals("unit"))) {
            if (xml.isStartElement()) {
                switch (xml.getLocalName()) {
                    case "data" -> data.put(xml.getAttributeValue(null, "id"), data(xml));
                    case "source" -> {
                        if (!answered) {
                            after.append(source);
                        }
                        source = text(xml, data);
                        before.append(source);
                        answered = false;
                    }
                    case "target" -> {
                        after.append(text(xml, data));
                        answered = true;
                    }
                    default -> {}
                }
            }
        }
        return new Returned(key, before.toString(), answered ? after.toString() : after + source);
    }

    /** A placeholder's text, as it stands. */
    private static String data(XMLStreamReader xml) throws XMLStreamException, NotTexts {
        return content(xml, UnaryOperator.identity(), Map.of());
    }

    /** A text as in the design: what was written as a brace is a brace that is read, a placeholder what it stands for. */
    private static String text(XMLStreamReader xml, Map<String, String> data) throws XMLStreamException, NotTexts {
        return content(xml, Braces::escape, data);
    }

    /** Everything up to the end of the element that the reader stands at. */
    private static String content(XMLStreamReader xml, UnaryOperator<String> plain, Map<String, String> data)
            throws XMLStreamException, NotTexts {
        var text = new StringBuilder();
        int depth = 1;
        while (depth > 0) {
            switch (xml.next()) {
                case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA, XMLStreamConstants.SPACE ->
                    text.append(plain.apply(xml.getText()));
                case XMLStreamConstants.START_ELEMENT -> {
                    depth++;
                    if (xml.getLocalName().equals("cp")) {
                        text.append(character(xml));
                    } else if (xml.getLocalName().equals("ph")) {
                        text.append(data.getOrDefault(xml.getAttributeValue(null, "dataRef"), ""));
                    }
                }
                case XMLStreamConstants.END_ELEMENT -> depth--;
                default -> {}
            }
        }
        return text.toString();
    }

    private static String character(XMLStreamReader xml) throws NotTexts {
        String hex = String.valueOf(xml.getAttributeValue(null, "hex"));
        int line = xml.getLocation().getLineNumber();
        int c;
        try {
            c = Integer.parseInt(hex, 16);
        } catch (NumberFormatException e) {
            throw new NotTexts("Line " + line + ": “" + hex + "” is no character in hexadecimal digits.");
        }
        boolean isHalf = c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE;
        if (!Character.isValidCodePoint(c) || c == 0 || isHalf) {
            throw new NotTexts("Line " + line + ": “" + hex + "” is no character that a text can hold.");
        }
        return Character.toString(c);
    }
}

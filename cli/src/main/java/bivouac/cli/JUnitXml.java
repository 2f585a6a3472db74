package bivouac.cli;

import bivouac.rehearsal.Walk;
import java.io.StringWriter;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** What was played, as the report that build servers read: a test case for each walkthrough. */
final class JUnitXml {

    private JUnitXml() {}

    /** @param design what the design is called */
    static String of(String design, List<Walk> walks) {
        var text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeCharacters("\n");
            xml.writeStartElement("testsuite");
            xml.writeAttribute("name", plain(design));
            xml.writeAttribute("tests", Integer.toString(walks.size()));
            xml.writeAttribute(
                    "failures",
                    Long.toString(
                            walks.stream().filter(w -> w.broken().isPresent()).count()));
            for (Walk walk : walks) {
                testCase(xml, design, walk);
            }
            xml.writeCharacters("\n");
            xml.writeEndElement();
            xml.writeCharacters("\n");
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("nothing fails while writing into a text", e);
        }
        return text.toString();
    }

    private static void testCase(XMLStreamWriter xml, String design, Walk walk) throws XMLStreamException {
        xml.writeCharacters("\n  ");
        xml.writeStartElement("testcase");
        xml.writeAttribute("classname", plain(design));
        xml.writeAttribute("name", plain(walk.walkthrough().name()));
        if (walk.broken().isPresent()) {
            Walk.Broken broken = walk.broken().get();
            xml.writeCharacters("\n    ");
            xml.writeStartElement("failure");
            xml.writeAttribute("message", plain(broken.sentence()));
            if (broken.line().isPresent()) {
                int line = broken.line().getAsInt();
                xml.writeCharacters("line " + (line + 1) + ": "
                        + plain(walk.walkthrough().lines().get(line)));
            }
            xml.writeEndElement();
            xml.writeCharacters("\n  ");
        }
        xml.writeEndElement();
    }

    /** XML has no place for control characters, not even escaped. */
    private static String plain(String text) {
        return text.replaceAll("[\\p{Cntrl}&&[^\\n\\t]]|[\\uFFFE\\uFFFF]", "\uFFFD");
    }
}

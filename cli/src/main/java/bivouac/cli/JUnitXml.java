package bivouac.cli;

import bivouac.rehearsal.Walk;
import bivouac.rehearsal.XmlText;
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
            xml.writeAttribute("name", XmlText.of(design));
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
        xml.writeAttribute("classname", XmlText.of(design));
        xml.writeAttribute("name", XmlText.of(walk.walkthrough().name()));
        if (walk.broken().isPresent()) {
            Walk.Broken broken = walk.broken().get();
            xml.writeCharacters("\n    ");
            xml.writeStartElement("failure");
            xml.writeAttribute("message", XmlText.of(broken.sentence()));
            if (broken.line().isPresent()) {
                int line = broken.line().getAsInt();
                xml.writeCharacters("line " + (line + 1) + ": "
                        + XmlText.of(walk.walkthrough().lines().get(line)));
            }
            xml.writeEndElement();
            xml.writeCharacters("\n  ");
        }
        xml.writeEndElement();
    }
}

package bivouac.cli;

import bivouac.drawing.XmlText;
import bivouac.format.MadeFile;
import bivouac.rehearsal.Rehearsal;
import bivouac.rehearsal.TrailWords;
import bivouac.rehearsal.Walk;
import java.io.StringWriter;
import java.util.List;
import java.util.Optional;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** What was played, as the report that build servers read: a test case for each walkthrough, or for a trail. */
final class JUnitXml {

    private JUnitXml() {}

    /** Something that was played. */
    record Case(String name, Optional<Failure> failure) {

        static Case of(Walk walk) {
            return new Case(
                    walk.walkthrough().name(), walk.broken().map(b -> new Failure(b.sentence(), line(walk, b))));
        }

        private static String line(Walk walk, Walk.Broken broken) {
            return broken.line().isEmpty()
                    ? "the start"
                    : "line " + (broken.line().getAsInt() + 1) + ": "
                            + walk.walkthrough().lines().get(broken.line().getAsInt());
        }

        static Case of(String trail, Rehearsal.Replay replay) {
            Optional<Failure> stopped = replay.stopped()
                    .map(s -> new Failure(
                            "Not possible: " + s.event() + " (" + s.why() + ")",
                            s.event().toString()));
            return new Case(trail, stopped.or(() -> replay.rehearsal().moments().stream()
                    .flatMap(m -> TrailWords.faults(m.seen()).stream())
                    .findFirst()
                    .map(fault -> new Failure(fault, fault))));
        }
    }

    /** @param where the line at which it broke */
    record Failure(String message, String where) {}

    /** @param design what the design is called */
    static String of(String design, List<Case> cases) {
        var text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeCharacters("\n");
            xml.writeComment(" " + MadeFile.MARK + " ");
            xml.writeCharacters("\n");
            xml.writeStartElement("testsuite");
            xml.writeAttribute("name", XmlText.of(design));
            xml.writeAttribute("tests", Integer.toString(cases.size()));
            xml.writeAttribute(
                    "failures",
                    Long.toString(
                            cases.stream().filter(c -> c.failure().isPresent()).count()));
            for (Case one : cases) {
                testCase(xml, design, one);
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

    private static void testCase(XMLStreamWriter xml, String design, Case one) throws XMLStreamException {
        xml.writeCharacters("\n  ");
        xml.writeStartElement("testcase");
        xml.writeAttribute("classname", XmlText.of(design));
        xml.writeAttribute("name", XmlText.of(one.name()));
        if (one.failure().isPresent()) {
            Failure failure = one.failure().get();
            xml.writeCharacters("\n    ");
            xml.writeStartElement("failure");
            xml.writeAttribute("message", XmlText.of(failure.message()));
            xml.writeCharacters(XmlText.of(failure.where()));
            xml.writeEndElement();
            xml.writeCharacters("\n  ");
        }
        xml.writeEndElement();
    }
}

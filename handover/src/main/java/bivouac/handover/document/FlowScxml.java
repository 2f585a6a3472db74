package bivouac.handover.document;

import bivouac.design.Names;
import bivouac.drawing.XmlText;
import bivouac.rehearsal.Flow;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/**
 * The flow of a design as SCXML (W3C, State Chart XML, 1 September 2015) with the null data model, so that any interpreter
 * of it reads it. A state is an arrangement of open windows; an event is named by its window, what is done, and the part or
 * the answer, as in {@code Arrival_form.press.admit}. Where values decide what comes of it, the event has a further name,
 * {@code .to.} and the state, or {@code .stays}: whoever drives the chart decides then.
 */
public final class FlowScxml {

    private static final String NAMESPACE = "http://www.w3.org/2005/07/scxml";
    private static final String ENDED = "ended";
    private static final String NO_WINDOW = "no_window";

    private final Flow flow;
    private final String name;
    private final List<String> states;
    private final Map<String, String> words = new HashMap<>();
    private final Set<String> given = new HashSet<>();

    /** How many outcomes an event has in a standing. */
    private final Map<Asked, Integer> outcomes = new HashMap<>();

    private record Asked(int standing, Flow.Happens by) {}

    /** @param name of the application */
    public FlowScxml(Flow flow, String name) {
        this.flow = flow;
        this.name = name;
        new TreeSet<>(flow.standings().stream()
                        .flatMap(s -> s.windows().stream().map(Flow.Open::window))
                        .toList())
                .forEach(this::word);
        flow.changes().forEach(c -> outcomes.merge(new Asked(c.from(), c.by()), 1, Integer::sum));
        var ids = new ArrayList<String>();
        var taken = new HashSet<String>();
        for (Flow.Standing standing : flow.standings()) {
            ids.add(unlike(id(standing), taken));
        }
        states = List.copyOf(ids);
    }

    /** The id of a standing, by its number. */
    public String state(int standing) {
        return states.get(standing);
    }

    /** The event of a change. */
    public String event(Flow.Change change) {
        Flow.Happens by = change.by();
        String event = Stream.of(by.on(), by.what(), by.with())
                .filter(w -> !w.isEmpty())
                .map(this::word)
                .collect(Collectors.joining("."));
        if (!needed(change)) {
            return event;
        }
        return event + (change.to() == change.from() ? ".stays" : ".to." + state(change.to()));
    }

    private String id(Flow.Standing standing) {
        if (standing.ended()) {
            return ENDED;
        }
        return standing.windows().isEmpty()
                ? NO_WINDOW
                : standing.windows().stream().map(w -> word(w.window())).collect(Collectors.joining("-"));
    }

    /** A name as XML and events can hold it, never the same for two names. */
    private String word(String shown) {
        String known = words.get(shown);
        if (known == null) {
            var plain = new StringBuilder();
            XmlText.of(shown)
                    .codePoints()
                    .forEach(c -> plain.appendCodePoint(Character.isLetterOrDigit(c) && c < 0x10000 ? c : '_'));
            if (plain.isEmpty() || !Character.isLetter(plain.charAt(0))) {
                plain.insert(0, 'w');
            }
            known = unlike(plain.toString(), given);
            words.put(shown, known);
        }
        return known;
    }

    private static String unlike(String wanted, Set<String> taken) {
        String name = Names.free(wanted, "_", taken);
        taken.add(name);
        return name;
    }

    /** The chart, as a document. */
    public String write() {
        var text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            line(xml, 0);
            chart(xml);
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("nothing fails while writing into a text", e);
        }
        return text.append('\n').toString();
    }

    private void chart(XMLStreamWriter xml) throws XMLStreamException {
        xml.writeStartElement("scxml");
        xml.writeDefaultNamespace(NAMESPACE);
        xml.writeAttribute("version", "1.0");
        xml.writeAttribute("name", word(name));
        xml.writeAttribute("datamodel", "null");
        xml.writeAttribute("initial", state(0));
        line(xml, 1);
        xml.writeComment(" A state is an arrangement of open windows. Where values decide what comes of an event, it is"
                + " there once for each, with .to. and the state, or .stays. "
                + (flow.isCut() ? "There are more arrangements than stand here. " : ""));
        Map<Integer, List<Flow.Change>> from =
                flow.changes().stream().collect(Collectors.groupingBy(Flow.Change::from));
        for (int i = 0; i < flow.standings().size(); i++) {
            line(xml, 1);
            standing(xml, i, from.getOrDefault(i, List.of()));
        }
        line(xml, 0);
        xml.writeEndElement();
    }

    private void standing(XMLStreamWriter xml, int number, List<Flow.Change> changes) throws XMLStreamException {
        Flow.Standing standing = flow.standings().get(number);
        if (standing.ended()) {
            xml.writeEmptyElement("final");
            xml.writeAttribute("id", state(number));
            return;
        }
        xml.writeStartElement("state");
        xml.writeAttribute("id", state(number));
        line(xml, 2);
        xml.writeComment(" " + said(standing).replace("--", "- -") + " ");
        for (Flow.Change change : changes) {
            if (change.to() != number || needed(change)) {
                line(xml, 2);
                xml.writeEmptyElement("transition");
                xml.writeAttribute("event", event(change));
                if (change.to() != number) {
                    xml.writeAttribute("target", state(change.to()));
                }
            }
        }
        line(xml, 1);
        xml.writeEndElement();
    }

    /** Whether values decide what comes of it; only then it is said that the windows may stay as they are. */
    private boolean needed(Flow.Change change) {
        return outcomes.get(new Asked(change.from(), change.by())) > 1;
    }

    private static String said(Flow.Standing standing) {
        return standing.windows().isEmpty()
                ? "no window is open"
                : standing.windows().stream()
                        .map(w -> XmlText.of(w.window()) + (w.blocked() ? ", blocked" : ""))
                        .collect(Collectors.joining("; "));
    }

    private static void line(XMLStreamWriter xml, int in) throws XMLStreamException {
        xml.writeCharacters("\n" + "  ".repeat(in));
    }
}

package pandel.files.report;

import java.io.StringWriter;
import java.util.List;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import pandel.core.check.Checked;
import pandel.core.check.finding.Finding;
import pandel.core.check.finding.Rule;
import pandel.core.check.finding.Unsettled;
import pandel.core.check.finding.Weight;
import pandel.core.cover.Replayed;
import pandel.core.model.Journey;
import pandel.core.model.Prototype;

/**
 * A test case for each rule and each journey, as build servers read it. A rule fails by a problem or a warning; notes
 * are its output; one that is not settled is skipped.
 */
final class JunitReport {

    private JunitReport() {}

    static String of(Checked checked) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("testsuites");
            xml.writeAttribute("name", Told.line(checked.prototype().title()));
            rules(xml, checked);
            journeys(xml, checked.prototype());
            xml.writeEndElement();
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("Writing to memory failed", e);
        }
        return text.append("\n").toString();
    }

    private static void rules(XMLStreamWriter xml, Checked checked) throws XMLStreamException {
        long failed = checked.findings().stream()
                .filter(JunitReport::fails)
                .map(Finding::rule)
                .distinct()
                .count();
        long skipped = checked.unsettled().stream()
                .map(Unsettled::rule)
                .distinct()
                .filter(r -> checked.findings(r).stream().noneMatch(JunitReport::fails))
                .count();
        suite(xml, "checks", Rule.values().length, failed, skipped);
        for (Rule rule : Rule.values()) {
            List<Finding> found = checked.findings(rule);
            List<Unsettled> open =
                    checked.unsettled().stream().filter(u -> u.rule() == rule).toList();
            testCase(xml, "checks", rule.id());
            if (found.stream().anyMatch(JunitReport::fails)) {
                xml.writeStartElement("failure");
                xml.writeAttribute("message", rule.title() + ": " + found.size());
                xml.writeAttribute(
                        "type",
                        found.stream()
                                .map(Finding::weight)
                                .min(Weight::compareTo)
                                .orElseThrow()
                                .word());
                xml.writeCharacters(sentences(found));
                xml.writeEndElement();
            } else if (!open.isEmpty()) {
                xml.writeEmptyElement("skipped");
                xml.writeAttribute(
                        "message",
                        "Not settled: "
                                + Told.line(
                                        open.stream().map(Unsettled::sentence).collect(Collectors.joining(" "))));
            }
            if (!found.isEmpty() && found.stream().noneMatch(JunitReport::fails)) {
                xml.writeStartElement("system-out");
                xml.writeCharacters(sentences(found));
                xml.writeEndElement();
            }
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }

    private static void journeys(XMLStreamWriter xml, Prototype prototype) throws XMLStreamException {
        List<Replayed> all = prototype.journeys().stream()
                .map(j -> Replayed.of(prototype, j))
                .toList();
        suite(
                xml,
                "journeys",
                all.size(),
                all.stream().filter(r -> r.broken().isPresent()).count(),
                0);
        for (Replayed each : all) {
            Journey journey = each.journey();
            testCase(xml, "journeys", Told.line(journey.title()));
            if (each.broken().isPresent()) {
                Replayed.Broken broken = each.broken().get();
                xml.writeStartElement("failure");
                xml.writeAttribute(
                        "message",
                        "It breaks at step " + broken.leg() + " of "
                                + journey.legs().size() + ".");
                xml.writeCharacters(Told.plain(broken.why()));
                xml.writeEndElement();
            }
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }

    private static boolean fails(Finding finding) {
        return finding.weight() != Weight.NOTE;
    }

    private static String sentences(List<Finding> found) {
        return found.stream().map(f -> Told.line(f.sentence())).collect(Collectors.joining("\n"));
    }

    private static void suite(XMLStreamWriter xml, String name, int tests, long failures, long skipped)
            throws XMLStreamException {
        xml.writeStartElement("testsuite");
        xml.writeAttribute("name", name);
        xml.writeAttribute("tests", String.valueOf(tests));
        xml.writeAttribute("failures", String.valueOf(failures));
        xml.writeAttribute("errors", "0");
        xml.writeAttribute("skipped", String.valueOf(skipped));
    }

    private static void testCase(XMLStreamWriter xml, String suite, String name) throws XMLStreamException {
        xml.writeStartElement("testcase");
        xml.writeAttribute("classname", suite);
        xml.writeAttribute("name", name);
    }
}

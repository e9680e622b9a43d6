package pandel.files.report;

import java.io.StringWriter;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
        Set<Rule> open = checked.unsettled().stream().map(Unsettled::rule).collect(Collectors.toSet());
        List<Rule> failed =
                Stream.of(Rule.values()).filter(r -> fails(checked.findings(r))).toList();
        failed.forEach(open::remove);
        suite(xml, "checks", Rule.values().length, failed.size(), open.size());
        for (Rule rule : Rule.values()) {
            List<Finding> found = checked.findings(rule);
            testCase(xml, "checks", rule.id());
            if (failed.contains(rule)) {
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
            } else {
                if (open.contains(rule)) {
                    xml.writeEmptyElement("skipped");
                    xml.writeAttribute("message", "Not settled: " + Told.line(questions(checked, rule)));
                }
                if (!found.isEmpty()) {
                    xml.writeStartElement("system-out");
                    xml.writeCharacters(sentences(found));
                    xml.writeEndElement();
                }
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

    private static boolean fails(List<Finding> found) {
        return found.stream().anyMatch(f -> f.weight() != Weight.NOTE);
    }

    private static String questions(Checked checked, Rule rule) {
        return checked.unsettled().stream()
                .filter(u -> u.rule() == rule)
                .map(Unsettled::sentence)
                .collect(Collectors.joining(" "));
    }

    private static String sentences(List<Finding> found) {
        return found.stream().map(f -> Told.line(f.sentence())).collect(Collectors.joining("\n"));
    }

    private static void suite(XMLStreamWriter xml, String name, int tests, long failures, int skipped)
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

package pandel.files.words;

import java.io.StringReader;
import java.io.StringWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import pandel.files.Unreadable;
import pandel.files.report.Told;

/** Words as XLIFF 2.1 (OASIS): a unit for each, its key as the unit's name, where it stands as a note. */
public final class WordsXliff {

    private static final String SPACE = "urn:oasis:names:tc:xliff:document:2.0";

    private WordsXliff() {}

    /**
     * The document.
     *
     * @param language of the words, as BCP 47 writes it
     */
    public static String of(List<Wording> all, String language) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter out = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            out.writeStartDocument("UTF-8", "1.0");
            out.writeStartElement("xliff");
            out.writeDefaultNamespace(SPACE);
            out.writeAttribute("version", "2.1");
            out.writeAttribute("srcLang", language);
            out.writeStartElement("file");
            out.writeAttribute("id", "prototype");
            for (int i = 0; i < all.size(); i++) {
                unit(out, i + 1, all.get(i));
            }
            out.writeEndElement();
            out.writeEndElement();
            out.writeEndDocument();
            out.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("A document in memory can always be written", e);
        }
        return text + "\n";
    }

    private static void unit(XMLStreamWriter out, int number, Wording each) throws XMLStreamException {
        out.writeCharacters("\n");
        out.writeStartElement("unit");
        out.writeAttribute("id", "u" + number);
        out.writeAttribute("name", Told.plain(each.key()));
        out.writeStartElement("notes");
        out.writeStartElement("note");
        out.writeCharacters(Told.line(each.where()));
        out.writeEndElement();
        out.writeEndElement();
        out.writeStartElement("segment");
        out.writeStartElement("source");
        out.writeAttribute("xml:space", "preserve");
        out.writeCharacters(Told.plain(each.words()));
        out.writeEndElement();
        out.writeEndElement();
        out.writeEndElement();
    }

    /** The targets, by key; units without one are left out. Nothing outside the document is asked for. */
    public static Map<String, String> read(String xml) throws Unreadable {
        XMLInputFactory safe = XMLInputFactory.newFactory();
        safe.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        safe.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        Map<String, String> words = new LinkedHashMap<>();
        boolean xliff = false;
        String key = "";
        StringBuilder target = new StringBuilder();
        boolean within = false;
        try {
            XMLStreamReader in = safe.createXMLStreamReader(new StringReader(xml));
            while (in.hasNext()) {
                switch (in.next()) {
                    case XMLStreamConstants.START_ELEMENT -> {
                        xliff |= in.getLocalName().equals("xliff") && SPACE.equals(in.getNamespaceURI());
                        if (in.getLocalName().equals("unit")) {
                            String name = in.getAttributeValue(null, "name");
                            key = name == null ? "" : name;
                            target.setLength(0);
                        }
                        within |= in.getLocalName().equals("target");
                    }
                    case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA, XMLStreamConstants.SPACE -> {
                        if (within) {
                            target.append(in.getText());
                        }
                    }
                    case XMLStreamConstants.END_ELEMENT -> {
                        within &= !in.getLocalName().equals("target");
                        if (in.getLocalName().equals("unit")
                                && !key.isEmpty()
                                && !target.toString().isBlank()) {
                            words.put(key, target.toString());
                        }
                    }
                    default -> {}
                }
            }
        } catch (XMLStreamException e) {
            throw new Unreadable(
                    "The words cannot be read: the document is no sound XML near line "
                            + e.getLocation().getLineNumber() + "; save it again.",
                    e);
        }
        if (!xliff) {
            throw new Unreadable("The document is no XLIFF 2; save it as XLIFF 2.0 or 2.1.");
        }
        return words;
    }
}

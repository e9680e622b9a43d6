package pandel.files.picture;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Attr;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;
import org.xml.sax.helpers.DefaultHandler;
import pandel.files.Unreadable;

/**
 * What an SVG says before anything of it is drawn: that it runs nothing and reads nothing outside itself, how large it
 * is, and what drawing it would cost. Looked at as elements and attributes, so that words in it are only words.
 */
final class DrawingSource {

    /** Elements drawn at most, those drawn again by reference counted each time. */
    private static final long MOST_DRAWN = 200_000;
    /** Of all blurs together: pixels of the drawing times the radius in pixels, each time one is used. */
    private static final double MOST_BLURRED = 1.5e9;

    private static final double WIDEST_BLUR = 250;
    /** Filters used at most: each one makes pictures as large as the drawing. */
    private static final double MOST_FILTERED = 1.2e8;

    private static final long MOST_EMBEDDED = 30_000_000;
    private static final Pattern OUTSIDE =
            Pattern.compile("url\\(\\s*[\"']?\\s*(?!#|data:)([^)\"'\\s]+)|@import\\s+[\"']?(?!#)([^\"';\\s]+)");
    private static final Pattern NUMBER = Pattern.compile("[-+]?[0-9]*\\.?[0-9]+(?:[eE][-+]?[0-9]+)?");

    /** @param width px; empty where the drawing does not say */
    record Size(Optional<Double> width, Optional<Double> height) {}

    private final String name;
    private final Document document;
    private final Map<String, Element> byId = new HashMap<>();

    private DrawingSource(String name, Document document) {
        this.name = name;
        this.document = document;
    }

    static DrawingSource of(byte[] bytes, String name) throws Unreadable {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
            factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
            factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
            factory.setExpandEntityReferences(false);
            factory.setNamespaceAware(true);
            DocumentBuilder builder = factory.newDocumentBuilder();
            builder.setErrorHandler(new DefaultHandler() {
                @Override
                public void fatalError(SAXParseException e) throws SAXException {
                    throw e;
                }
            });
            builder.setEntityResolver((publicId, systemId) -> new InputSource(new ByteArrayInputStream(new byte[0])));
            DrawingSource source = new DrawingSource(name, builder.parse(new ByteArrayInputStream(bytes)));
            source.look();
            return source;
        } catch (SAXException | IOException | ParserConfigurationException | RuntimeException | StackOverflowError e) {
            throw new Unreadable("“" + name + "” is damaged: it is no sound SVG; export it again.", e);
        }
    }

    private void look() throws Unreadable {
        if (document.getDoctype() != null
                && document.getDoctype().getInternalSubset() != null
                && document.getDoctype()
                        .getInternalSubset()
                        .toLowerCase(Locale.ROOT)
                        .contains("<!entity")) {
            throw new Unreadable(
                    "“" + name + "” declares entities, which a drawing has no need of; export it again without them.");
        }
        long embedded = 0;
        for (Element element : elements()) {
            byId.putIfAbsent(element.getAttribute("id"), element);
            String kind = kind(element);
            if (kind.equals("script")) {
                throw script();
            }
            if (kind.equals("style")) {
                outside(element.getTextContent());
            }
            for (int i = 0; i < element.getAttributes().getLength(); i++) {
                Attr attribute = (Attr) element.getAttributes().item(i);
                String attributeName =
                        attribute.getLocalName() == null ? attribute.getName() : attribute.getLocalName();
                String value = attribute.getValue().strip();
                if (attributeName.toLowerCase(Locale.ROOT).matches("on[a-z]+")
                        || value.toLowerCase(Locale.ROOT).startsWith("javascript:")) {
                    throw script();
                }
                // Where a plain link leads is never looked up.
                if ((attributeName.equals("href") || attributeName.equals("src"))
                        && !kind.equals("a")
                        && !value.startsWith("#")
                        && !value.startsWith("data:image/")
                        && !value.isEmpty()) {
                    throw fromOutside(value);
                }
                if (!attribute.getName().startsWith("xmlns")) {
                    outside(value);
                }
                if (value.startsWith("data:image/")) {
                    embedded += pixels(value);
                }
            }
        }
        if (drawn(document.getDocumentElement(), new HashMap<>(), new HashSet<>()) > MOST_DRAWN) {
            throw costly("draws the same parts over and over, more than " + MOST_DRAWN + " in all");
        }
        if (embedded > MOST_EMBEDDED) {
            throw new Unreadable(String.format(
                    Locale.ROOT,
                    "“%s” holds pictures of %,d pixels in all; the most is %,d. Make them smaller and export it again.",
                    name,
                    embedded,
                    MOST_EMBEDDED));
        }
    }

    private void outside(String text) throws Unreadable {
        Matcher found = OUTSIDE.matcher(text);
        if (found.find()) {
            throw fromOutside(Optional.ofNullable(found.group(1))
                    .or(() -> Optional.ofNullable(found.group(2)))
                    .orElse("a style sheet"));
        }
    }

    private Unreadable script() {
        return new Unreadable("“" + name + "” holds a script; export it as a plain drawing.");
    }

    private Unreadable fromOutside(String reference) {
        return new Unreadable("“" + name + "” shows something from outside itself, “"
                + (reference.length() > 60 ? reference.substring(0, 59) + "…" : reference.strip())
                + "”; put it into the drawing and export it again.");
    }

    /** Pixels of an embedded picture, as its header says; what cannot be read is not drawn either. */
    private static long pixels(String data) {
        int comma = data.indexOf(',');
        if (comma < 0 || !data.substring(0, comma).contains("base64")) {
            return 0;
        }
        try {
            byte[] bytes = Base64.getMimeDecoder().decode(data.substring(comma + 1));
            Pictures.Header header = Pictures.pixelHeader(bytes, "embedded");
            return (long) header.width() * header.height();
        } catch (IllegalArgumentException e) {
            return 0;
        } catch (Unreadable e) {
            return e.sentence().contains("pixels; the most") ? Long.MAX_VALUE / 4 : 0;
        }
    }

    static String kind(Element element) {
        return element.getLocalName() == null ? element.getTagName() : element.getLocalName();
    }

    Document document() {
        return document;
    }

    /** All elements, in document order, without recursion. */
    List<Element> elements() {
        return elements(document);
    }

    /** The same of any document. */
    static List<Element> elements(Document document) {
        List<Element> all = new ArrayList<>();
        Node node = document.getDocumentElement();
        while (node != null) {
            if (node instanceof Element element) {
                all.add(element);
            }
            Node next = node.getFirstChild();
            while (next == null && node != null && node != document.getDocumentElement()) {
                next = node.getNextSibling();
                node = next == null ? node.getParentNode() : node;
            }
            node = next;
        }
        return all;
    }

    /** The size it gives itself: px, or that of its view box where it only says a share. */
    Size size() {
        Element root = document.getDocumentElement();
        double[] box = NUMBER.matcher(root.getAttribute("viewBox"))
                .results()
                .mapToDouble(r -> Double.parseDouble(r.group()))
                .toArray();
        boolean boxed = box.length == 4 && box[2] > 0 && box[3] > 0;
        boolean shareOfWidth = isShare(root.getAttribute("width"));
        boolean shareOfHeight = isShare(root.getAttribute("height"));
        return boxed && (shareOfWidth || shareOfHeight)
                ? new Size(Optional.of(box[2]), Optional.of(box[3]))
                : new Size(Optional.empty(), Optional.empty());
    }

    private static boolean isShare(String length) {
        return length.strip().endsWith("%")
                || length.isBlank()
                || length.strip().equals("auto");
    }

    /**
     * Refuses a drawing that would cost more than a picture is worth.
     *
     * @param pixels of the whole drawing
     * @param scale picture pixels for a unit of it
     */
    void refuseCostly(double pixels, double scale) throws Unreadable {
        double blurred = 0;
        double filtered = 0;
        for (Element element : elements()) {
            String filter = element.getAttribute("filter") + element.getAttribute("style");
            Matcher id = Pattern.compile("url\\(\\s*[\"']?#([^)\"']+)").matcher(filter);
            if (!kind(element).equals("filter") && filter.contains("url(") && id.find()) {
                Element used = byId.get(id.group(1).strip());
                for (Node child = used == null ? null : used.getFirstChild();
                        child != null;
                        child = child.getNextSibling()) {
                    if (child instanceof Element primitive) {
                        filtered += pixels;
                        double radius = radius(primitive) * scale;
                        if (radius > WIDEST_BLUR) {
                            throw costly("blurs over " + Math.round(radius) + " pixels");
                        }
                        blurred += radius * pixels;
                    }
                }
            }
        }
        if (blurred > MOST_BLURRED || filtered > MOST_FILTERED * 4) {
            throw costly("uses more blurs and filters than can be drawn in a moment");
        }
    }

    private Unreadable costly(String why) {
        return new Unreadable("“" + name + "” " + why + "; export it as a PNG instead.");
    }

    private static double radius(Element primitive) {
        String said = primitive.getAttribute("stdDeviation") + " " + primitive.getAttribute("radius");
        return NUMBER.matcher(said)
                .results()
                .mapToDouble(r -> Math.abs(Double.parseDouble(r.group())))
                .max()
                .orElse(0);
    }

    /**
     * Elements drawn for one, those that it draws by reference among them; more than the most where it draws itself.
     */
    private long drawn(Element element, Map<Element, Long> known, Set<Element> within) {
        Long before = known.get(element);
        if (before != null) {
            return before;
        }
        if (within.size() > 500 || !within.add(element)) {
            return MOST_DRAWN + 1;
        }
        long all = 1;
        for (Node child = element.getFirstChild(); child != null && all <= MOST_DRAWN; child = child.getNextSibling()) {
            all += child instanceof Element inner ? drawn(inner, known, within) : 0;
        }
        if (kind(element).equals("use")) {
            String href = element.hasAttribute("href")
                    ? element.getAttribute("href")
                    : element.getAttributeNS("http://www.w3.org/1999/xlink", "href");
            Element used = byId.get(href.replaceFirst("^#", "").strip());
            all += used == null ? 0 : drawn(used, known, within);
        }
        within.remove(element);
        known.put(element, Math.min(all, MOST_DRAWN + 1));
        return known.get(element);
    }
}

package pandel.files.picture;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.xml.XMLConstants;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import pandel.core.model.screen.Area;
import pandel.files.Unreadable;

/**
 * A link in an SVG drawing: what stands in an {@code <a>} (SVG 2, 16.2).
 *
 * @param area around all that is drawn in it, in px of the drawing
 * @param title what it says of itself; may be empty
 */
public record DrawnLink(Area area, String href, String title) {

    /** So many are looked at; each is measured by drawing the rest away. */
    private static final int MOST = 200;

    private static final String XLINK = "http://www.w3.org/1999/xlink";
    /** What draws nothing itself, and may be needed by what does. */
    private static final Set<String> KEPT = Set.of(
            "defs",
            "style",
            "symbol",
            "clipPath",
            "mask",
            "filter",
            "linearGradient",
            "radialGradient",
            "pattern",
            "marker",
            "title");

    /** Those of a drawing; none where it is a picture of pixels. */
    public static List<DrawnLink> of(byte[] bytes, String name) throws Unreadable {
        if (!Drawing.isOne(bytes)) {
            return List.of();
        }
        List<Element> elements = DrawingSource.of(bytes, name).elements();
        if (elements.stream().noneMatch(e -> DrawingSource.kind(e).equals("a"))) {
            return List.of();
        }
        Drawing drawing = Drawing.of(bytes, name);
        Document document = drawing.source().document();
        List<DrawnLink> links = new ArrayList<>();
        int at = 0;
        for (Element element : elements) {
            if (DrawingSource.kind(element).equals("a") && links.size() < MOST) {
                String href = element.hasAttribute("href")
                        ? element.getAttribute("href")
                        : element.getAttributeNS(XLINK, "href");
                Optional<Area> area = href.isBlank() ? Optional.empty() : area(document, at, drawing);
                area.ifPresent(a -> links.add(new DrawnLink(a, href.strip(), title(element))));
            }
            at++;
        }
        return links;
    }

    private static String title(Element link) {
        for (Node child = link.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child instanceof Element e && DrawingSource.kind(e).equals("title")) {
                return e.getTextContent().strip();
            }
        }
        String shown = link.getTextContent().replaceAll("\\s+", " ").strip();
        return shown.length() <= 60 ? shown : "";
    }

    /** Measured by the library that draws it, in a copy from which everything beside it was taken away. */
    private static Optional<Area> area(Document document, int at, Drawing drawing) throws Unreadable {
        Document copy = (Document) document.cloneNode(true);
        Element link = DrawingSource.elements(copy).get(at);
        for (Node inside = link; inside.getParentNode() instanceof Element around; inside = around) {
            for (Node child = around.getFirstChild(); child != null; ) {
                Node next = child.getNextSibling();
                if (child != inside && !(child instanceof Element e && KEPT.contains(DrawingSource.kind(e)))) {
                    around.removeChild(child);
                }
                child = next;
            }
        }
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            TransformerFactory factory = TransformerFactory.newInstance();
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            factory.newTransformer().transform(new DOMSource(copy), new StreamResult(bytes));
            SVGDocument alone = Drawing.loaded(bytes.toByteArray());
            if (alone == null) {
                return Optional.empty();
            }
            Rectangle2D box = alone.computeShape(new ViewBox((float) drawing.wide(), (float) drawing.high()))
                    .getBounds2D();
            return box.getWidth() > 0 && box.getHeight() > 0
                    ? Optional.of(new Area(box.getX(), box.getY(), box.getWidth(), box.getHeight()))
                    : Optional.empty();
        } catch (TransformerException | RuntimeException | StackOverflowError e) {
            throw new Unreadable("The links of a drawing could not be measured; export it again.", e);
        }
    }
}

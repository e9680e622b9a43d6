package pandel.files.handon;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDBorderStyleDictionary;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Screen;
import pandel.files.store.PictureSource;

/** Screens as pages of a PDF (ISO 32000-2), a px to a point, of which the taps are links. */
final class StillPdf {

    private StillPdf() {}

    static byte[] of(Prototype prototype, PictureSource source, Course course) throws IOException {
        try (PDDocument document = new PDDocument(IOUtils.createTempFileOnlyStreamCache())) {
            PDDocumentInformation about = new PDDocumentInformation();
            about.setTitle(prototype.title());
            about.setCreator("Pandel");
            document.setDocumentInformation(about);
            PDDocumentOutline outline = new PDDocumentOutline();
            document.getDocumentCatalog().setDocumentOutline(outline);
            Map<String, PDPage> pages = new HashMap<>();
            Still.Making making = new Still.Making(prototype, source, course);
            Map<PDPage, List<Still.Tap>> taps = new LinkedHashMap<>();
            for (Screen screen : prototype.screens()) {
                Still still = making.of(screen);
                PDPage page = new PDPage(new PDRectangle((float) still.width(), (float) still.height()));
                document.addPage(page);
                pages.putIfAbsent(screen.id(), page);
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    content.drawImage(
                            LosslessFactory.createFromImage(document, still.picture()),
                            0,
                            0,
                            (float) still.width(),
                            (float) still.height());
                }
                PDOutlineItem item = new PDOutlineItem();
                item.setTitle(screen.shownTitle());
                item.setDestination(page);
                outline.addLast(item);
                taps.put(page, still.taps());
            }
            for (Map.Entry<PDPage, List<Still.Tap>> each : taps.entrySet()) {
                links(each.getKey(), each.getValue(), pages);
            }
            if (taps.isEmpty()) {
                document.addPage(new PDPage());
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private static void links(PDPage page, List<Still.Tap> taps, Map<String, PDPage> pages) throws IOException {
        float high = page.getMediaBox().getHeight();
        for (Still.Tap tap : taps) {
            PDAnnotationLink link = new PDAnnotationLink();
            link.setRectangle(new PDRectangle(
                    (float) tap.area().x(),
                    (float) (high - tap.area().y() - tap.area().height()),
                    (float) tap.area().width(),
                    (float) tap.area().height()));
            PDBorderStyleDictionary none = new PDBorderStyleDictionary();
            none.setWidth(0);
            link.setBorderStyle(none);
            if (!tap.title().isBlank()) {
                link.setContents(tap.title());
            }
            PDPage to = tap.screen().map(pages::get).orElse(null);
            if (to != null) {
                PDPageFitDestination whole = new PDPageFitDestination();
                whole.setPage(to);
                PDActionGoTo go = new PDActionGoTo();
                go.setDestination(whole);
                link.setAction(go);
            } else {
                PDActionURI leave = new PDActionURI();
                leave.setURI(tap.address());
                link.setAction(leave);
            }
            page.getAnnotations().add(link);
        }
    }
}

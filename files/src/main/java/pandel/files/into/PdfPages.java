package pandel.files.into;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.pdmodel.interactive.action.PDAction;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionNamed;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationWidget;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDNamedDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineNode;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import pandel.core.edit.linking.BroughtLink;
import pandel.core.model.screen.Area;
import pandel.files.Unreadable;

/**
 * The pages of a PDF (ISO 32000-2) as pictures, a point to a px, two pixels to each; its links as what leads where. Of
 * scripts and forms nothing is run.
 */
final class PdfPages {

    private static final int MOST_PAGES = 2_000;
    private static final int SCALE = 2;
    /** Pixels of a page at most; of a larger one each px has one pixel. */
    private static final double MOST_PIXELS = 40_000_000;

    private final PDDocument document;
    private final Path file;
    private final Bringing into;
    private final List<String> names = new ArrayList<>();
    private int asks;
    private int forms;

    private PdfPages(PDDocument document, Path file, Bringing into) {
        this.document = document;
        this.file = file;
        this.into = into;
    }

    static void bring(Path file, Bringing into) throws Unreadable, IOException {
        String name = "“" + file.getFileName() + "”";
        try (PDDocument document = Loader.loadPDF(file.toFile(), "", IOUtils.createTempFileOnlyStreamCache())) {
            if (document.getNumberOfPages() > MOST_PAGES) {
                throw new Unreadable(
                        name + " has more than " + MOST_PAGES + " pages; take it apart into several files.");
            }
            new PdfPages(document, file, into).pages();
        } catch (InvalidPasswordException e) {
            throw new Unreadable(name + " asks for a password; save it without one.", e);
        } catch (IOException | RuntimeException | StackOverflowError e) {
            throw new Unreadable(name + " is damaged: it is no sound PDF; export it again.", e);
        } catch (OutOfMemoryError e) {
            throw new Unreadable(name + " needs more memory than there is; export it smaller.", e);
        }
    }

    private void pages() throws IOException {
        Map<PDPage, String> titles = titles();
        PDFRenderer renderer = new PDFRenderer(document);
        renderer.setSubsamplingAllowed(true);
        String stem = file.getFileName().toString().replaceFirst("\\.[^.]*$", "");
        for (int i = 0; i < document.getNumberOfPages() && !into.isStopped(); i++) {
            PDPage page = document.getPage(i);
            PDRectangle box = page.getCropBox();
            int scale = (double) box.getWidth() * box.getHeight() * SCALE * SCALE > MOST_PIXELS ? 1 : SCALE;
            BufferedImage image = renderer.renderImage(i, scale, ImageType.RGB);
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(image, "png", png);
            String title = Optional.ofNullable(titles.get(page))
                    .filter(t -> !t.isBlank())
                    .orElse(stem + " page " + (i + 1));
            names.add(into.made(title, "@" + scale + "x.png", png.toByteArray()));
        }
        for (int i = 0; i < names.size(); i++) {
            links(i);
        }
        tellLeftOut();
    }

    /** What bookmarks call the pages; the first of a page counts. */
    private Map<PDPage, String> titles() throws IOException {
        Map<PDPage, String> titles = new HashMap<>();
        PDOutlineNode outline = document.getDocumentCatalog().getDocumentOutline();
        if (outline != null) {
            titles(outline, titles, 0);
        }
        return titles;
    }

    private void titles(PDOutlineNode node, Map<PDPage, String> into, int deep) throws IOException {
        for (PDOutlineItem item : node.children()) {
            if (into.size() > MOST_PAGES) {
                return;
            }
            PDPage page = item.findDestinationPage(document);
            if (page != null) {
                into.putIfAbsent(page, Optional.ofNullable(item.getTitle()).orElse(""));
            }
            if (deep < 8) {
                titles(item, into, deep + 1);
            }
        }
    }

    private void links(int here) throws IOException {
        PDPage page = document.getPage(here);
        String name = names.get(here);
        for (PDAnnotation annotation : page.getAnnotations()) {
            if (annotation instanceof PDAnnotationWidget) {
                forms++;
            } else if (annotation instanceof PDAnnotationLink link && annotation.getRectangle() != null) {
                Area area = area(page, annotation.getRectangle());
                String title =
                        Optional.ofNullable(link.getContents()).orElse("").strip();
                Optional<String> to = page(link, here).flatMap(this::name);
                if (to.isPresent()) {
                    into.link(BroughtLink.to(name, area, title, to.get()));
                } else if (link.getAction() instanceof PDActionURI uri
                        && uri.getURI() != null
                        && Outward.leads(uri.getURI())) {
                    into.link(BroughtLink.leaving(name, area, title, uri.getURI()));
                } else {
                    asks++;
                }
            }
        }
    }

    private Optional<String> name(int page) {
        return page >= 0 && page < names.size() ? Optional.of(names.get(page)) : Optional.empty();
    }

    /** The page it leads to within the document, from 0. */
    private Optional<Integer> page(PDAnnotationLink link, int here) throws IOException {
        PDDestination destination = link.getDestination();
        PDAction action = link.getAction();
        if (destination == null && action instanceof PDActionGoTo go) {
            destination = go.getDestination();
        } else if (destination == null && action instanceof PDActionNamed named && named.getN() != null) {
            return switch (named.getN()) {
                case "FirstPage" -> Optional.of(0);
                case "LastPage" -> Optional.of(names.size() - 1);
                case "NextPage" -> Optional.of(here + 1);
                case "PrevPage" -> Optional.of(here - 1);
                default -> Optional.empty();
            };
        }
        if (destination instanceof PDNamedDestination named) {
            destination = document.getDocumentCatalog().findNamedDestinationPage(named);
        }
        return destination instanceof PDPageDestination there
                ? Optional.of(there.retrievePageNumber()).filter(n -> n >= 0)
                : Optional.empty();
    }

    /** From points, counted from the bottom left of the page, to px of its picture. */
    private static Area area(PDPage page, PDRectangle at) {
        PDRectangle box = page.getCropBox();
        double left = Math.min(at.getLowerLeftX(), at.getUpperRightX()) - box.getLowerLeftX();
        double right = Math.max(at.getLowerLeftX(), at.getUpperRightX()) - box.getLowerLeftX();
        double low = Math.min(at.getLowerLeftY(), at.getUpperRightY()) - box.getLowerLeftY();
        double high = Math.max(at.getLowerLeftY(), at.getUpperRightY()) - box.getLowerLeftY();
        double w = Math.max(0.5, right - left);
        double h = Math.max(0.5, high - low);
        return switch (Math.floorMod(page.getRotation(), 360)) {
            case 90 -> new Area(low, left, h, w);
            case 180 -> new Area(box.getWidth() - right, low, w, h);
            case 270 -> new Area(box.getHeight() - high, box.getWidth() - right, h, w);
            default -> new Area(left, box.getHeight() - high, w, h);
        };
    }

    private void tellLeftOut() {
        String name = "“" + file.getFileName() + "”";
        if (asks > 0) {
            into.tell("Of " + name + (asks == 1 ? " one link was" : " " + asks + " links were")
                    + " left out: they lead nowhere that a prototype can show.");
        }
        if (forms > 0) {
            into.tell("The form in " + name + " is a picture now; its fields do nothing.");
        }
        if (document.getDocumentCatalog().getCOSObject().containsKey("OpenAction")
                && document.getDocumentCatalog().getCOSObject().toString().contains("JavaScript")) {
            into.tell("The scripts in " + name + " were left out.");
        }
    }
}

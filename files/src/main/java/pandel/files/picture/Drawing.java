package pandel.files.picture;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.view.FloatSize;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Component;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pandel.files.Unreadable;

/** An SVG drawing. It runs nothing, reads nothing outside itself and declares no entities: one that would is refused. */
final class Drawing {

    /** Picture pixels drawn for each px of the drawing. */
    static final int SCALE = 3;
    /** The first byte of UTF-8's mark of byte order. */
    private static final byte BYTE_ORDER_MARK = (byte) 0xEF;
    private static final int LOOKED_AT = 4096;
    private static final Pattern OUTSIDE = Pattern.compile("(?:href|src)\\s*=\\s*[\"']\\s*(?!#|data:image/)([^\"']+)[\"']|url\\(\\s*[\"']?\\s*(?!#|data:)([^)\"']+)|@import");
    private static final Pattern HANDLER = Pattern.compile("\\son\\w+\\s*=");
    private static final Pattern NAMESPACE = Pattern.compile("xmlns(?::\\w+)?\\s*=\\s*[\"'][^\"']*[\"']");

    /** The library tells its own log of each flaw, with stack traces; what matters is said in the sentence. Kept, lest it be forgotten. */
    private static final Logger LIBRARY = Logger.getLogger("com.github.weisj.jsvg");

    static {
        LIBRARY.setLevel(Level.OFF);
    }

    private final SVGDocument document;
    private final FloatSize size;

    private Drawing(SVGDocument document) {
        this.document = document;
        this.size = document.size();
    }

    /** Whether bytes look like a drawing rather than a picture of pixels. */
    static boolean isOne(byte[] bytes) {
        if (bytes.length > 0 && (bytes[0] < 0 && bytes[0] != BYTE_ORDER_MARK)) {
            // PNG and JPEG begin with such a byte.
            return false;
        }
        String start = new String(bytes, 0, Math.min(bytes.length, LOOKED_AT), StandardCharsets.UTF_8).toLowerCase(Locale.ROOT);
        return start.stripLeading().replace("\uFEFF", "").startsWith("<") && start.contains("<svg");
    }

    static Drawing of(byte[] bytes, String name) throws Unreadable {
        String text = new String(bytes, StandardCharsets.UTF_8);
        String lower = text.toLowerCase(Locale.ROOT);
        if (lower.contains("<!entity")) {
            throw new Unreadable("“" + name + "” declares entities, which a drawing has no need of; export it again without them.");
        }
        if (lower.contains("<script") || HANDLER.matcher(lower).find() || lower.contains("javascript:")) {
            throw new Unreadable("“" + name + "” holds a script; export it as a plain drawing.");
        }
        Matcher outside = OUTSIDE.matcher(NAMESPACE.matcher(text).replaceAll(""));
        if (outside.find()) {
            throw new Unreadable("“" + name + "” shows something from outside itself, “" + shortened(Optional.ofNullable(outside.group(1)).or(() -> Optional.ofNullable(outside.group(2)))
                    .orElse("a style sheet")) + "”; put it into the drawing and export it again.");
        }
        try {
            LoaderContext context = LoaderContext.builder().externalResourcePolicy(ResourcePolicy.DENY_EXTERNAL).build();
            SVGDocument document = new SVGLoader().load(new ByteArrayInputStream(bytes), null, context);
            if (document != null) {
                return new Drawing(document);
            }
        } catch (RuntimeException | StackOverflowError e) {
            throw new Unreadable("“" + name + "” is damaged: it is no sound SVG; export it again.", e);
        }
        throw new Unreadable("“" + name + "” is damaged: it is no sound SVG; export it again.");
    }

    private static String shortened(String reference) {
        return reference.length() > 60 ? reference.substring(0, 59) + "…" : reference.strip();
    }

    /** Pixels across when drawn. */
    long width() {
        return Math.round((double) size.width * SCALE);
    }

    long height() {
        return Math.round((double) size.height * SCALE);
    }

    Raster draw() {
        BufferedImage image = new BufferedImage((int) width(), (int) height(), BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        document.render((Component) null, g, new ViewBox(image.getWidth(), image.getHeight()));
        g.dispose();
        return Raster.of(image);
    }
}

package pandel.files.picture;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Component;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.jspecify.annotations.Nullable;
import pandel.files.Unreadable;

/**
 * An SVG drawing. It runs nothing, reads nothing outside itself and declares no entities: one that would is refused.
 */
final class Drawing {

    /** Picture pixels drawn for each px of the drawing. */
    static final int SCALE = 3;
    /** The first byte of UTF-8's mark of byte order. */
    private static final byte BYTE_ORDER_MARK = (byte) 0xEF;

    private static final int LOOKED_AT = 4096;
    /** Seconds that drawing may take; what it costs was reckoned before, so that it hardly ever does. */
    private static final int PATIENCE = 20;
    /** One is drawn after the other: each needs room. */
    private static final Semaphore DRAWING = new Semaphore(1);

    /**
     * The library tells its own log of each flaw, with stack traces; what matters is said in the sentence. Kept, lest
     * it be forgotten.
     */
    private static final Logger LIBRARY = Logger.getLogger("com.github.weisj.jsvg");

    static {
        LIBRARY.setLevel(Level.OFF);
    }

    private final String name;
    private final DrawingSource source;
    private final SVGDocument document;
    private final double wide;
    private final double high;

    private Drawing(String name, DrawingSource source, SVGDocument document) {
        this.name = name;
        this.source = source;
        this.document = document;
        this.wide = source.size().width().orElse((double) document.size().width);
        this.high = source.size().height().orElse((double) document.size().height);
    }

    /** Whether bytes look like a drawing rather than a picture of pixels. */
    static boolean isOne(byte[] bytes) {
        if (bytes.length > 0 && (bytes[0] < 0 && bytes[0] != BYTE_ORDER_MARK)) {
            // PNG and JPEG begin with such a byte.
            return false;
        }
        String start = new String(bytes, 0, Math.min(bytes.length, LOOKED_AT), StandardCharsets.UTF_8)
                .toLowerCase(Locale.ROOT);
        return start.stripLeading().replace("\uFEFF", "").startsWith("<") && start.contains("<svg");
    }

    /** Read by the library, which reads nothing outside it; null when it cannot. */
    static @Nullable SVGDocument loaded(byte[] bytes) {
        LoaderContext context = LoaderContext.builder()
                .externalResourcePolicy(ResourcePolicy.DENY_EXTERNAL)
                .build();
        return new SVGLoader().load(new ByteArrayInputStream(bytes), null, context);
    }

    static Drawing of(byte[] bytes, String name) throws Unreadable {
        DrawingSource source = DrawingSource.of(bytes, name);
        try {
            SVGDocument document = loaded(bytes);
            if (document != null) {
                return new Drawing(name, source, document);
            }
        } catch (RuntimeException | StackOverflowError e) {
            throw new Unreadable("“" + name + "” is damaged: it is no sound SVG; export it again.", e);
        }
        throw new Unreadable("“" + name + "” is damaged: it is no sound SVG; export it again.");
    }

    /** px across. */
    double wide() {
        return wide;
    }

    /** px down. */
    double high() {
        return high;
    }

    DrawingSource source() {
        return source;
    }

    /** Pixels across when drawn. */
    long width() {
        return Math.round(wide * SCALE);
    }

    long height() {
        return Math.round(high * SCALE);
    }

    /** Draws it, away from the caller's thread, and gives up after a while; what would cost too much is not begun. */
    Raster draw() throws Unreadable {
        source.refuseCostly((double) width() * height(), SCALE);
        FutureTask<Raster> drawing = new FutureTask<>(this::drawn);
        try {
            DRAWING.acquire();
            Thread.ofPlatform().daemon().name("drawing").start(() -> {
                try {
                    drawing.run();
                } finally {
                    DRAWING.release();
                }
            });
            return drawing.get(PATIENCE, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Unreadable("“" + name + "” was not drawn to its end.", e);
        } catch (TimeoutException e) {
            drawing.cancel(true);
            throw new Unreadable(
                    "“" + name + "” takes longer than " + PATIENCE + " seconds to draw; export it as a PNG instead.",
                    e);
        } catch (ExecutionException e) {
            throw new Unreadable(
                    e.getCause() instanceof OutOfMemoryError
                            ? "“" + name + "” needs more memory to draw than there is; export it as a PNG instead."
                            : "“" + name + "” cannot be drawn: it is no sound SVG; export it again.",
                    e);
        }
    }

    private Raster drawn() {
        BufferedImage image = new BufferedImage((int) width(), (int) height(), BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        document.render((Component) null, g, new ViewBox(image.getWidth(), image.getHeight()));
        g.dispose();
        return Raster.of(image);
    }
}

package pandel.desktop.picture;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingDeque;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pandel.files.Unreadable;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.store.PictureSource;

/**
 * Pictures ready to be shown, each at the width it is shown at. Decoding and shrinking happen on threads of their own,
 * the latest wish first; at most 256 MB are kept, those used least recently go.
 */
public final class PictureLibrary {

    private static final Logger LOG = LoggerFactory.getLogger(PictureLibrary.class);
    private static final long MOST_BYTES = 256L << 20;
    /** Pixels across, and times, of the blank paper that warms the decoder up. */
    private static final int WARM = 300;

    private static final int WARM_TIMES = 4;

    private record Key(String content, int width) {}

    private final Map<Key, Image> kept = new LinkedHashMap<>(64, 0.75f, true);
    private final Map<Key, List<Wish>> waiting = new LinkedHashMap<>();
    private final Thumbnails thumbnails;
    private final ExecutorService threads;
    private final LatestFirst queue = new LatestFirst();
    private final Deque<Key> ahead = new ArrayDeque<>();
    private final List<Runnable> postponed = new ArrayList<>();
    private boolean held;
    private volatile boolean paused;
    private volatile boolean idle = true;
    private long bytes;
    private PictureSource source = content -> Optional.empty();

    public PictureLibrary(Thumbnails thumbnails) {
        this.thumbnails = thumbnails;
        this.threads = new ThreadPoolExecutor(
                2,
                2,
                1,
                TimeUnit.SECONDS,
                queue,
                Thread.ofPlatform().name("pictures-", 0).daemon().factory());
        threads.execute(PictureLibrary::warmUp);
    }

    /**
     * The first picture decoded takes several times longer than the next: that is paid for while the file is still
     * being read.
     */
    private static void warmUp() {
        try {
            Raster paper = new Raster(WARM, WARM, new int[WARM * WARM]);
            byte[] png = Pictures.png(paper);
            for (int i = 0; i < WARM_TIMES; i++) {
                Pictures.decode(png, "paper").shrunkTo(WARM / 3);
            }
        } catch (IOException | Unreadable e) {
            LOG.debug("The decoder did not decode blank paper", e);
        }
    }

    /** Runs what was asked for last first: that is what the person looks at now. */
    private static final class LatestFirst extends LinkedBlockingDeque<Runnable> {
        @Override
        public boolean offer(Runnable task) {
            return offerFirst(task);
        }
    }

    /** Takes pictures from there from now on. */
    public void from(PictureSource newSource) {
        source = newSource;
    }

    /**
     * Gives a picture shrunk to a width, at once when it is kept, else later on the interface thread; never when it
     * cannot be read.
     *
     * @param width in device pixels; a picture that is narrower is given as it is
     */
    public void request(String content, int width, Consumer<Image> ready) {
        request(content, width, new Wish(() -> true, ready, () -> {}));
    }

    /**
     * Somebody who waits for a picture.
     *
     * @param wanted whether it is still waited for; asked from any thread
     * @param givenUp told, on the interface thread, when it was not and nothing was made ready
     */
    record Wish(BooleanSupplier wanted, Consumer<Image> ready, Runnable givenUp) {}

    /** The same, as long as it is wanted. */
    void request(String content, int width, Wish wish) {
        Consumer<Image> ready = wish.ready();
        Key key = new Key(content, width);
        Image image = kept.get(key);
        if (image != null) {
            ready.accept(image);
            return;
        }
        List<Wish> others = waiting.get(key);
        if (others != null) {
            others.add(wish);
            return;
        }
        waiting.put(key, new CopyOnWriteArrayList<>(List.of(wish)));
        idle = false;
        PictureSource from = source;
        List<Wish> wishes = waiting.get(key);
        Runnable task = () -> {
            // What was scrolled past meanwhile is not made ready for nobody.
            boolean wanted = wishes.stream().anyMatch(w -> w.wanted().getAsBoolean());
            Optional<Raster> raster = wanted ? load(from, content, width) : Optional.empty();
            Platform.runLater(() -> deliver(key, raster, !wanted));
        };
        if (paused) {
            postponed.add(task);
        } else {
            threads.execute(task);
        }
    }

    /**
     * Looks at a picture's pixels on a thread of its own, and tells on the interface thread what came of it; nothing
     * where it cannot be read. The picture itself is not kept.
     *
     * @param width in pixels that it is shrunk to
     * @param soon whether somebody waits for it; else it is looked at after all that is waited for
     */
    <T> void study(String content, int width, boolean soon, Function<Raster, T> look, Consumer<Optional<T>> told) {
        PictureSource from = source;
        Runnable task = () -> {
            Optional<T> found = load(from, content, width).map(look);
            Platform.runLater(() -> told.accept(found));
        };
        if (soon) {
            threads.execute(task);
        } else {
            queue.addLast(task);
        }
    }

    /** While a person scrolls nothing is decoded: what stays in sight is, as soon as they rest. */
    public void pause(boolean scrolling) {
        paused = scrolling;
        if (!paused) {
            postponed.forEach(threads::execute);
            postponed.clear();
        }
    }

    /** Makes pictures ready that may be asked for next, one after the other, in place of those named before. */
    public void expect(Collection<String> contents, ToIntFunction<String> width) {
        ahead.clear();
        contents.forEach(content -> ahead.add(new Key(content, width.applyAsInt(content))));
        nextAhead();
    }

    /** While something moves nothing is made ready: it would steal the time. */
    public void hold(boolean moving) {
        held = moving;
        nextAhead();
    }

    private void nextAhead() {
        while (!held && waiting.isEmpty() && !ahead.isEmpty()) {
            Key key = ahead.poll();
            request(key.content(), key.width(), ready -> {});
        }
    }

    /** Whether every picture asked for has been given or given up. */
    public boolean isIdle() {
        return waiting.isEmpty();
    }

    /**
     * Waits until nobody scrolls and every picture asked for is there, so that other work does not steal the time; at
     * most some ms. Not for the interface thread.
     */
    public void awaitRest(long most) {
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(most);
        try {
            while ((paused || !idle) && System.nanoTime() < end) {
                Thread.sleep(5);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void deliver(Key key, Optional<Raster> raster, boolean skipped) {
        Collection<Wish> wishes = Objects.requireNonNull(waiting.remove(key));
        idle = waiting.isEmpty();
        for (Wish wish : raster.isEmpty() ? wishes : List.<Wish>of()) {
            if (skipped && wish.wanted().getAsBoolean()) {
                // It came just after nobody had wanted it.
                request(key.content(), key.width(), wish);
            } else {
                wish.givenUp().run();
            }
        }
        raster.ifPresent(r -> {
            WritableImage image = new WritableImage(r.width(), r.height());
            image.getPixelWriter()
                    .setPixels(0, 0, r.width(), r.height(), PixelFormat.getIntArgbInstance(), r.argb(), 0, r.width());
            kept.put(key, image);
            bytes += size(image);
            kept.entrySet().removeIf(entry -> {
                boolean tooMuch = bytes > MOST_BYTES && entry.getValue() != image;
                bytes -= tooMuch ? size(entry.getValue()) : 0;
                return tooMuch;
            });
            wishes.forEach(wish -> wish.ready().accept(image));
        });
        nextAhead();
    }

    private static long size(Image image) {
        return (long) (image.getWidth() * image.getHeight() * 4);
    }

    private Optional<Raster> load(PictureSource from, String content, int width) {
        try {
            if (width <= Thumbnails.WIDE) {
                Optional<Raster> kept = thumbnails.find(content);
                if (kept.isPresent()) {
                    return kept.map(t -> t.shrunkTo(width));
                }
            }
            Optional<byte[]> file = from.read(content);
            if (file.isEmpty()) {
                return Optional.empty();
            }
            Raster whole = Pictures.decode(file.get(), content);
            if (width <= Thumbnails.WIDE) {
                Raster small = whole.shrunkTo(Thumbnails.WIDE);
                // Kept on disk after all that is waited for.
                queue.addLast(() -> thumbnails.keep(content, small));
                return Optional.of(small.shrunkTo(width));
            }
            return Optional.of(whole.shrunkTo(width));
        } catch (IOException | Unreadable | RuntimeException | OutOfMemoryError e) {
            LOG.warn("The picture {} cannot be shown: {}", content, e.getMessage());
            return Optional.empty();
        }
    }
}

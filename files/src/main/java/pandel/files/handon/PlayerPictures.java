package pandel.files.handon;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Collectors;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.Signs;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.OwnSign;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.Room;
import pandel.files.Unreadable;
import pandel.files.picture.Pictures;
import pandel.files.store.PictureSource;

/** The pictures that go along with a player, no larger than a device shows that has two pixels for each px. */
final class PlayerPictures {

    private static final double PIXELS = 2;
    /** A picture that is but little larger stays as it is. */
    private static final double WORTH = 1.15;

    private final PictureSource source;
    /** Pixels across that are needed, by content. */
    private final Map<String, Double> across = new LinkedHashMap<>();

    /**
     * A picture as it goes along.
     *
     * @param type its media type
     */
    record Kept(byte[] bytes, String type) {}

    PlayerPictures(Prototype prototype, PictureSource source) {
        this.source = source;
        for (Screen screen : prototype.screens()) {
            screen.allMocks()
                    .filter(Picture.class::isInstance)
                    .map(Picture.class::cast)
                    .forEach(p -> need(p.content(), 0));
            Look.all(screen).forEach(look -> prototype.devices().forEach(device -> shown(prototype, look, device)));
        }
        prototype.drawers().stream()
                .map(Drawer::picture)
                .flatMap(Optional::stream)
                .forEach(p -> need(p.content(), p.width()));
        Signs.drawings(prototype).forEach(content -> need(content, 0));
    }

    private void shown(Prototype prototype, Look look, Device device) {
        Width width = prototype.widths().of(device.width());
        look.mockFor(width)
                .filter(Picture.class::isInstance)
                .map(Picture.class::cast)
                .ifPresent(p -> need(
                        p.content(),
                        Placement.of(look, Room.whole(prototype.widths(), device.width()), device.height())
                                .width()));
    }

    private void need(String content, double px) {
        across.merge(content, px * PIXELS, Math::max);
    }

    /** All of them, side by side, in order; empty where one is not there or cannot be read. */
    Map<String, Optional<Kept>> kept(Course course) throws IOException {
        AtomicInteger ready = new AtomicInteger();
        try {
            Map<String, Optional<Kept>> kept = across.keySet().parallelStream()
                    .collect(Collectors.toConcurrentMap(Function.identity(), content -> {
                        try {
                            if (course.isStopped()) {
                                throw new InterruptedIOException("It was stopped");
                            }
                            Optional<Kept> one = kept(content);
                            course.ready(ready.incrementAndGet(), across.size());
                            return one;
                        } catch (IOException e) {
                            throw new UncheckedIOException(e);
                        }
                    }));
            Map<String, Optional<Kept>> inOrder = new LinkedHashMap<>();
            across.keySet().forEach(content -> inOrder.put(content, Objects.requireNonNull(kept.get(content))));
            return inOrder;
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    /** One of them; empty where it is none of them, or cannot be read. */
    Optional<Kept> one(String content) throws IOException {
        return across.containsKey(content) ? kept(content) : Optional.empty();
    }

    private Optional<Kept> kept(String content) throws IOException {
        Optional<byte[]> bytes = source.read(content);
        if (bytes.isEmpty()) {
            return Optional.empty();
        }
        if (content.endsWith(OwnSign.ENDING)) {
            return bytes.map(b -> new Kept(b, "image/svg+xml"));
        }
        String type = content.endsWith(".png") ? "image/png" : "image/jpeg";
        try {
            Pictures.Header header = Pictures.header(bytes.get(), content);
            int wanted = (int) Math.ceil(across.getOrDefault(content, 0.0));
            if (wanted > 0 && header.width() > wanted * WORTH) {
                byte[] small =
                        Pictures.png(Pictures.decode(bytes.get(), content).shrunkTo(wanted));
                if (small.length < bytes.get().length) {
                    return Optional.of(new Kept(small, "image/png"));
                }
            }
            return Optional.of(new Kept(bytes.get(), type));
        } catch (Unreadable e) {
            return Optional.empty();
        }
    }

    /** Whether all that is seen of a drawing is of one colour, so that it takes that of what it stands in. */
    static boolean isOfOneColour(PictureSource source, String content) throws IOException {
        Optional<byte[]> bytes = source.read(content);
        if (bytes.isEmpty()) {
            return true;
        }
        try {
            return Pictures.decode(bytes.get(), content).isOfOneColour();
        } catch (Unreadable e) {
            return true;
        }
    }
}

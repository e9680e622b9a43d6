package pandel.files.handon;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.Targets;
import pandel.core.model.device.Device;
import pandel.core.model.device.Gesture;
import pandel.core.model.device.Width;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Cause;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.files.Unreadable;
import pandel.files.picture.LaidWords;
import pandel.files.picture.Pictures;
import pandel.files.store.PictureSource;

/**
 * A screen as a picture that can only be tapped: its plain look on the first device, and where its taps lead.
 *
 * @param width px
 * @param height px
 * @param picture with the words that are laid on it
 * @param taps what is tapped, the upper ones last
 */
record Still(Screen screen, double width, double height, BufferedImage picture, List<Tap> taps) {

    /**
     * A hotspot of which a tap leads to another screen, or out.
     *
     * @param screen id of where it leads; empty: out
     * @param address where out
     */
    record Tap(Area area, String title, Optional<String> screen, String address) {}

    /** Makes those of a prototype, one at a time, in their order. */
    static final class Making {
        private final Prototype prototype;
        private final PictureSource source;
        private final Course course;
        private final Device device;
        private final Width width;
        private int done;

        Making(Prototype prototype, PictureSource source, Course course) {
            this.prototype = prototype;
            this.source = source;
            this.course = course;
            this.device = prototype.devices().getFirst();
            this.width = prototype.widths().of(device.width());
        }

        Still of(Screen screen) throws IOException {
            if (course.isStopped()) {
                throw new InterruptedIOException("It was stopped");
            }
            Optional<Picture> mock = Look.plain(screen)
                    .mockFor(width)
                    .filter(Picture.class::isInstance)
                    .map(Picture.class::cast);
            BufferedImage drawn = mock.isPresent()
                    ? picture(screen, mock.get())
                    : LaidWords.named(screen.shownTitle(), device.width(), device.height());
            course.ready(++done, prototype.screens().size());
            return new Still(
                    screen,
                    mock.map(Mock::width).orElse(device.width()),
                    mock.map(Mock::height).orElse(device.height()),
                    drawn,
                    taps(screen, mock));
        }

        private BufferedImage picture(Screen screen, Picture mock) throws IOException {
            try {
                Optional<byte[]> bytes = source.read(mock.content());
                if (bytes.isPresent()) {
                    BufferedImage image = LaidWords.image(Pictures.decode(bytes.get(), mock.source()));
                    LaidWords.on(image, mock.scale(), mock.patches());
                    return image;
                }
            } catch (Unreadable e) {
                // Told below, as one that is not there.
            }
            course.missing(mock.content());
            return LaidWords.named(screen.shownTitle(), mock.width(), mock.height());
        }

        private List<Tap> taps(Screen screen, Optional<Picture> mock) {
            List<Tap> taps = new ArrayList<>();
            for (Hotspot hotspot : prototype.index().hotspotsOn(screen.id())) {
                Optional<Area> area = Optional.ofNullable(
                        hotspot.areas().get(mock.map(Mock::on).orElse(width)));
                for (Link link : hotspot.links()) {
                    if (area.isPresent() && link.cause().equals(new Cause.Touch(Gesture.TAP))) {
                        tap(hotspot, area.get(), link).ifPresent(taps::add);
                    }
                }
            }
            return taps;
        }

        /** The first way it can turn out counts: nothing is remembered there. */
        private Optional<Tap> tap(Hotspot hotspot, Area area, Link link) {
            Optional<Branch> first = link.branches().stream().findFirst();
            Optional<String> address = first.stream()
                    .flatMap(b -> b.effects().stream())
                    .filter(Effect.Leave.class::isInstance)
                    .map(e -> ((Effect.Leave) e).address())
                    .findFirst();
            Optional<String> to = first.stream()
                    .flatMap(b -> b.effects().stream())
                    .flatMap(e -> target(e).stream())
                    .filter(id -> prototype.screen(id).isPresent())
                    .findFirst();
            return to.isPresent() || address.filter(a -> !a.isBlank()).isPresent()
                    ? Optional.of(new Tap(area, hotspot.title(), to, address.orElse("")))
                    : Optional.empty();
        }

        private Optional<String> target(Effect effect) {
            return effect instanceof Effect.SwitchTab to
                    ? prototype
                            .tabSetOf(to.tab())
                            .flatMap(s -> s.tab(to.tab()))
                            .map(t -> Targets.shownId(prototype, t.root()))
                    : effect.target().map(t -> Targets.shownId(prototype, t));
        }
    }
}

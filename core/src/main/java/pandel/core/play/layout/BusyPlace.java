package pandel.core.play.layout;

import java.util.Optional;
import pandel.core.model.Index;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.link.Link;
import pandel.core.model.link.Takes;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Hotspot;
import pandel.core.play.situation.AtWork;
import pandel.core.play.situation.Situation;

/**
 * The middle of the busy sign of a link that is at work.
 *
 * @param x px from the device's left edge
 * @param y px from its top
 */
public record BusyPlace(double x, double y) {

    /** px from the right of what was touched, where that is so wide that it need not stand on its words. */
    private static final double ASIDE = 44;

    private static final double ROOMY = 200;

    /** Where it stands; empty while nothing is at work, or the link says that it has none. */
    public static Optional<BusyPlace> of(Prototype prototype, Situation now) {
        if (now.work().isEmpty()) {
            return Optional.empty();
        }
        AtWork work = now.work().get();
        Optional<Index.Way> way = prototype.index().way(work.link());
        Takes.Sign sign =
                way.map(Index.Way::link).flatMap(Link::takes).map(Takes::sign).orElse(Takes.Sign.NONE);
        Under under = work.onList()
                ? Under.list(prototype, now).orElseGet(() -> Under.current(prototype, now))
                : Under.current(prototype, now);
        return switch (sign) {
            case NONE -> Optional.empty();
            case MIDDLE -> Optional.of(middle(now, under));
            case PLACED ->
                way.map(Index.Way::link)
                        .flatMap(Link::takes)
                        .map(t -> new BusyPlace(
                                under.room().x() + under.room().width() * t.at().x() / 100,
                                now.height() * t.at().y() / 100));
            case TOUCHED ->
                Optional.of(way.flatMap(Index.Way::hotspot)
                        .flatMap(h -> touched(prototype, under, h, work.row().number()))
                        .orElseGet(() -> middle(now, under)));
        };
    }

    private static BusyPlace middle(Situation now, Under under) {
        return new BusyPlace(under.room().x() + under.room().width() / 2, now.height() / 2);
    }

    private static Optional<BusyPlace> touched(Prototype prototype, Under under, Hotspot hotspot, int row) {
        Optional<Look> look = under.now().look(prototype);
        Optional<Area> area = look.flatMap(l -> under.hotspot(prototype, hotspot.id())
                .flatMap(h -> l.areaOf(h, under.room().on())));
        return area.flatMap(a -> under.placement(prototype).map(p -> {
            double high = a.height() / Math.max(1, hotspot.rows().size());
            double y = a.y() + (row > 0 ? (row - 0.5) * high : a.height() / 2);
            double shown = y * p.factor() - (y * p.factor() < p.fixedTop() ? 0 : under.scroll());
            double wide = a.width() * p.factor();
            double along = wide > ROOMY ? wide - ASIDE : wide / 2;
            return new BusyPlace(under.room().x() + p.x() + a.x() * p.factor() + along, p.y() + shown);
        }));
    }
}

package pandel.player.seen;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import pandel.core.model.frame.Drawer;
import pandel.core.model.link.Motion;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.PanelSide;
import pandel.core.play.layout.DrawerPlace;

/** A drawer with its items. */
final class DrawerMarks {

    private static final double EDGE = 20;
    private static final double ROUND = 14;
    private static final double SIGN = 22;

    private DrawerMarks() {}

    /** One that stays: all of it. */
    static Panel staying(DrawerPlace place) {
        List<Mark> marks = new ArrayList<>(held(place).marks());
        marks.addAll(1, rows(place).marks());
        List<Touchable> touches = new ArrayList<>(rows(place).touches());
        touches.addAll(held(place).touches());
        return new Panel(place.drawer().shownTitle(), place.area(), marks, touches);
    }

    /**
     * One that is out.
     *
     * @param rolled px that its rows are scrolled
     */
    static DrawerSeen out(DrawerPlace place, double deviceWidth, double rolled, Motion motion) {
        Drawer.Panel panel = place.drawer().panel();
        return new DrawerSeen(
                place.drawer().id(),
                panel.side() == PanelSide.RIGHT,
                place.area().width() + panel.gap(),
                held(place),
                rows(place),
                place.seen(),
                Math.clamp(rolled, 0, place.maxScroll()),
                place.drawer().movesAt(deviceWidth).name().toLowerCase(Locale.ROOT),
                panel.gap() + panel.rests(),
                panel.shrinks(),
                panel.shade(),
                panel.shadow(),
                panel.gap() > 0 ? ROUND : 0,
                panel.ground(),
                motion.ms(),
                motion.easing());
    }

    /** The ground and what is held at the bottom. */
    private static Panel held(DrawerPlace place) {
        Drawer.Panel panel = place.drawer().panel();
        Area at = place.area();
        List<Mark> marks = new ArrayList<>();
        List<Touchable> touches = new ArrayList<>();
        marks.add(Mark.box(at, panel.ground(), 1, panel.gap() > 0 ? ROUND : 0));
        if (!place.held().isEmpty()) {
            marks.add(Mark.box(
                    Mark.at(at.x() + EDGE, place.seen(), Math.max(1, at.width() - 2 * EDGE), 1), panel.ink(), 0.25, 0));
            place.held().forEach(r -> row(r, panel, marks, touches));
        }
        if (panel.gap() == 0 && panel.shadow() == 0) {
            double x = panel.side() == PanelSide.LEFT ? at.right() - 1 : at.x();
            marks.add(Mark.box(Mark.at(x, at.y(), 1, at.height()), panel.ink(), 0.25, 0));
        }
        return new Panel(place.drawer().shownTitle(), at, marks, touches);
    }

    private static Panel rows(DrawerPlace place) {
        Drawer.Panel panel = place.drawer().panel();
        Area at = place.area();
        List<Mark> marks = new ArrayList<>();
        List<Touchable> touches = new ArrayList<>();
        place.drawer()
                .picture()
                .ifPresent(p -> marks.add(Mark.picture(
                        Mark.at(at.x(), at.y(), at.width(), at.width() * p.height() / p.width()), p.content())));
        if (!place.words().isEmpty()) {
            marks.add(Mark.words(
                            Mark.at(
                                    at.x() + EDGE,
                                    at.y() + place.picture() + 12,
                                    Math.max(1, at.width() - 2 * EDGE),
                                    Math.max(1, place.head() - place.picture() - 24)),
                            place.words(),
                            18,
                            Mark.Align.FOOT,
                            panel.ink(),
                            true)
                    .wrapping());
        }
        place.rows().forEach(r -> row(r, panel, marks, touches));
        return new Panel(
                place.drawer().shownTitle(),
                Mark.at(at.x(), at.y(), at.width(), Math.max(1, place.seen() - at.y())),
                marks,
                touches);
    }

    private static void row(DrawerPlace.Row row, Drawer.Panel panel, List<Mark> marks, List<Touchable> touches) {
        String ink = row.here() ? panel.chosen() : panel.ink();
        Area at = row.area();
        double from = EDGE;
        Optional<String> sign = row.item().map(Drawer.Item::sign).filter(s -> !s.isEmpty());
        if (sign.isPresent()) {
            marks.add(Mark.sign(sign.get(), ink, SIGN, at.x() + EDGE + SIGN / 2, at.y() + at.height() / 2));
            from += SIGN + 14;
        }
        boolean item = row.item().isPresent();
        Mark words = Mark.words(
                Mark.at(at.x() + from, at.y(), Math.max(1, at.width() - from - EDGE / 2), at.height() - (item ? 0 : 6)),
                row.words(),
                item ? 16 : 12,
                item ? Mark.Align.LEFT : Mark.Align.FOOT,
                ink,
                row.here() || !item);
        marks.add(item ? words : words.faint(0.75));
        if (row.here()) {
            double x = panel.side() == PanelSide.LEFT ? at.x() : at.right() - 4;
            marks.add(Mark.box(Mark.at(x, at.y() + at.height() * 0.22, 4, at.height() * 0.56), ink));
        }
        row.item()
                .ifPresent(i -> touches.add(new Touchable(at, "item " + i.id(), "menuitem", row.words(), row.here())));
    }
}

package pandel.player.seen;

import java.util.ArrayList;
import java.util.List;
import pandel.core.model.frame.TabSet;
import pandel.core.model.screen.Area;
import pandel.core.play.layout.ButtonPlace;
import pandel.core.play.layout.StripPlace;

/** The strip of a tab set, and the button that floats over its places. */
final class StripMarks {

    private static final double BUTTON_SIGN = 0.4;
    private static final double LABEL = 14;
    private static final double INDENT = 20;

    private StripMarks() {}

    static Panel of(StripPlace place, double aside) {
        List<Mark> marks = new ArrayList<>();
        List<Touchable> touches = new ArrayList<>();
        TabSet.Strip look = place.set().strip();
        Area at = aside(place.area(), aside);
        boolean beside = place.look() != TabSet.Side.STRIP;
        marks.add(Mark.box(at, look.ground()));
        marks.add(Mark.box(
                beside
                        ? Mark.at(at.right() - 1, at.y(), 1, at.height())
                        : Mark.at(at.x(), look.edge() == TabSet.Edge.TOP ? at.bottom() - 1 : at.y(), at.width(), 1),
                look.ink(),
                0.3,
                0));
        for (StripPlace.Sign sign : place.signs()) {
            Area area = aside(sign.area(), aside);
            if (beside) {
                beside(marks, place, sign, area);
            } else {
                tab(marks, look, sign, area);
            }
            touches.add(new Touchable(
                    area, "tab " + sign.tab().id(), "tab", sign.tab().shownLabel(), sign.chosen()));
        }
        return new Panel(place.set().shownTitle(), at, marks, touches);
    }

    private static Area aside(Area area, double by) {
        return Mark.at(area.x() + by, area.y(), area.width(), area.height());
    }

    private static void beside(List<Mark> marks, StripPlace place, StripPlace.Sign sign, Area at) {
        TabSet.Strip look = place.set().strip();
        String ink = sign.chosen() ? look.chosen() : look.ink();
        double px = look.sizes().sign();
        boolean list = place.look() == TabSet.Side.SIDE_LIST;
        boolean signed = !sign.tab().sign().isEmpty();
        double middle = at.y() + at.height() / 2;
        if (sign.chosen()) {
            behind(
                    marks,
                    look,
                    Mark.at(at.x() + 8, at.y() + at.height() * 0.12, Math.max(1, at.width() - 16), at.height() * 0.76));
        }
        if (signed) {
            double x = at.x() + (list ? INDENT : (at.width() - px) / 2) + px / 2;
            marks.add(Mark.sign(sign.tab().sign(), ink, px, x, middle));
        }
        if (list || !signed) {
            double from = list ? signed ? INDENT + px + 12 : INDENT : 0;
            marks.add(Mark.words(
                    Mark.at(at.x() + from, at.y(), Math.max(1, at.width() - from - (list ? 8 : 0)), at.height()),
                    sign.tab().shownLabel(),
                    list ? 15 : 11,
                    list ? Mark.Align.LEFT : Mark.Align.CENTRE,
                    ink,
                    sign.chosen()));
        }
        if (sign.chosen() && look.sizes().behind().isEmpty()) {
            marks.add(Mark.box(Mark.at(at.x(), at.y() + at.height() * 0.3, 3, at.height() * 0.4), ink));
        }
    }

    private static void behind(List<Mark> marks, TabSet.Strip look, Area at) {
        if (!look.sizes().behind().isEmpty()) {
            marks.add(Mark.box(at, look.sizes().behind(), 1, at.height() / 2));
        }
    }

    private static void tab(List<Mark> marks, TabSet.Strip look, StripPlace.Sign sign, Area at) {
        String ink = sign.chosen() ? look.chosen() : look.ink();
        double px = look.sizes().sign();
        boolean signed = !sign.tab().sign().isEmpty();
        boolean labelled =
                !signed || look.labels() == TabSet.Labels.ALL || look.labels() == TabSet.Labels.CHOSEN && sign.chosen();
        double middleX = at.x() + at.width() / 2;
        double middle = at.y() + at.height() / 2;
        if (sign.chosen()) {
            double wide = Math.min(at.width() - 8, signed ? px * 2.6 : at.width());
            double high = signed ? px + 10 : at.height() - 16;
            double y = signed && labelled ? middle - LABEL / 2 : middle;
            behind(marks, look, Mark.at(middleX - wide / 2, y - high / 2, wide, high));
        }
        if (signed) {
            marks.add(Mark.sign(sign.tab().sign(), ink, px, middleX, labelled ? middle - LABEL / 2 : middle));
        }
        if (labelled) {
            Area words = signed ? Mark.at(at.x(), middle + (px - LABEL) / 2 + 1, at.width(), LABEL) : at;
            marks.add(Mark.words(
                    words, sign.tab().shownLabel(), signed ? 11 : 14, Mark.Align.CENTRE, ink, sign.chosen()));
        }
        if (sign.chosen() && look.sizes().behind().isEmpty()) {
            double wide = at.width() * 0.4;
            double y = look.edge() == TabSet.Edge.TOP ? at.bottom() - 3 : at.y();
            marks.add(Mark.box(Mark.at(middleX - wide / 2, y, wide, 3), ink));
        }
    }

    static Panel button(ButtonPlace place, double aside) {
        Area at = aside(place.area(), aside);
        TabSet.Strip look = place.set().strip();
        String sign = place.set()
                .button()
                .map(TabSet.Floating::sign)
                .filter(s -> !s.isEmpty())
                .orElse("cross");
        return new Panel(
                place.set().shownTitle(),
                at,
                List.of(
                        Mark.box(at, look.chosen(), 1, at.width() * 0.15),
                        Mark.sign(
                                sign,
                                look.ground(),
                                at.width() * BUTTON_SIGN,
                                at.x() + at.width() / 2,
                                at.y() + at.height() / 2)),
                List.of(new Touchable(
                        at,
                        "button " + place.set().id(),
                        "button",
                        "The button of " + place.set().shownTitle(),
                        false)));
    }
}

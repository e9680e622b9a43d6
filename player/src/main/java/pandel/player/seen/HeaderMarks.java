package pandel.player.seen;

import java.util.ArrayList;
import java.util.List;
import pandel.core.model.frame.Header;
import pandel.core.model.screen.Area;
import pandel.core.play.layout.HeaderPlace;

/** A header, and the list of those of its actions that do not fit. */
final class HeaderMarks {

    private static final double TITLE = 17;
    private static final double LARGE_TITLE = 28;
    private static final double WORDS = 15;
    private static final double SIGN = 22;
    private static final double INDENT = 16;

    private HeaderMarks() {}

    static Panel of(HeaderPlace place) {
        Header.Bar bar = place.header().bar();
        Area at = place.area();
        List<Mark> marks = new ArrayList<>();
        List<Touchable> touches = new ArrayList<>();
        marks.add(Mark.box(at, bar.ground()));
        marks.add(Mark.box(Mark.at(at.x(), at.bottom() - 1, at.width(), 1), bar.ink(), 0.16, 0));
        marks.add(Mark.words(
                place.title(), place.words(), place.large() ? LARGE_TITLE : TITLE, Mark.Align.LEFT, bar.ink(), true));
        place.left().ifPresent(s -> {
            Area a = s.area();
            marks.add(Mark.sign(s.sign(), bar.ink(), SIGN, a.x() + SIGN, a.y() + bar.height() / 2));
            if (!s.label().isEmpty()) {
                double from = 2 * SIGN - 4;
                marks.add(Mark.words(
                        Mark.at(a.x() + from, a.y(), Math.max(1, a.width() - from), bar.height()),
                        s.label(),
                        WORDS,
                        Mark.Align.LEFT,
                        bar.ink(),
                        false));
            }
            String label = s.label().isEmpty() ? s.sign().equals("back") ? "Back" : "Drawer" : s.label();
            touches.add(new Touchable(a, "sign " + s.id(), "button", label, false));
        });
        for (HeaderPlace.Sign s : place.actions()) {
            marks.add(
                    s.sign().isEmpty()
                            ? Mark.words(s.area(), s.label(), WORDS, Mark.Align.CENTRE, bar.ink(), false)
                            : Mark.sign(
                                    s.sign(),
                                    bar.ink(),
                                    SIGN,
                                    s.area().x() + s.area().width() / 2,
                                    s.area().y() + s.area().height() / 2));
            touches.add(new Touchable(s.area(), "sign " + s.id(), "button", s.label(), false));
        }
        place.more().ifPresent(a -> {
            marks.add(Mark.sign("dots", bar.ink(), SIGN, a.x() + a.width() / 2, a.y() + a.height() / 2));
            touches.add(new Touchable(a, "sign " + place.header().id(), "button", "More", false));
        });
        return new Panel(place.words(), at, marks, touches);
    }

    static Panel listed(HeaderPlace place) {
        Header.Bar bar = place.header().bar();
        Area first = place.gathered().getFirst().area();
        Area at = Mark.at(
                first.x(),
                first.y(),
                first.width(),
                place.gathered().getLast().area().bottom() - first.y());
        List<Mark> marks = new ArrayList<>(List.of(
                Mark.box(Mark.at(at.x() - 1, at.y() - 1, at.width() + 2, at.height() + 2), bar.ink(), 0.3, 9),
                Mark.box(at, bar.ground(), 1, 8)));
        List<Touchable> touches = new ArrayList<>();
        for (HeaderPlace.Sign s : place.gathered()) {
            Area a = s.area();
            boolean signed = !s.sign().isEmpty();
            if (signed) {
                marks.add(Mark.sign(s.sign(), bar.ink(), SIGN, a.x() + INDENT + SIGN / 2, a.y() + a.height() / 2));
            }
            double from = INDENT + (signed ? SIGN + 12 : 0);
            marks.add(Mark.words(
                    Mark.at(a.x() + from, a.y(), Math.max(1, a.width() - from - INDENT / 2), a.height()),
                    s.label(),
                    WORDS,
                    Mark.Align.LEFT,
                    bar.ink(),
                    false));
            touches.add(new Touchable(a, "sign " + s.id(), "menuitem", s.label(), false));
        }
        return new Panel("More", Mark.at(at.x() - 1, at.y() - 1, at.width() + 2, at.height() + 2), marks, touches);
    }
}

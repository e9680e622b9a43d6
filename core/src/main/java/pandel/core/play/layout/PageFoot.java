package pandel.core.play.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pandel.core.model.Look;
import pandel.core.model.Prototype;
import pandel.core.model.frame.AtPage;
import pandel.core.model.frame.Sequence;
import pandel.core.model.link.Event;
import pandel.core.model.link.PageTurn;
import pandel.core.model.screen.Area;
import pandel.core.play.rule.PageTurns;

/** Where the signs and words that turn pages stand, laid over the page of a sequence. */
public final class PageFoot {

    /** px from the foot of what is seen to the foot of the signs. */
    private static final double UP = 12;

    private static final double SIDE = 12;
    private static final double WORD_WIDE = 96;
    private static final double HIGH = 44;
    private static final double DOT_WIDE = 24;

    private PageFoot() {}

    /**
     * A sign or word.
     *
     * @param on what a tap on it is on; empty for words that only tell
     * @param area on the device, in px
     * @param words empty for a dot
     * @param here whether it is the dot of the page that is shown
     */
    public record Sign(Optional<Event.On> on, Area area, String words, boolean here) {}

    /**
     * The signs on a page as it looks on a device, in px from the left of its room.
     *
     * @param at where the sequence stands
     */
    public static List<Sign> on(Prototype prototype, Look look, Optional<AtPage> at, Room room, double deviceHeight) {
        Optional<Sequence> sequence = at.flatMap(a -> prototype.sequence(a.sequence()))
                .filter(s -> !s.laid().isEmpty());
        if (sequence.isEmpty()) {
            return List.of();
        }
        Placement p = Placement.of(look, room, deviceHeight);
        double left = Math.max(0, p.x());
        double right = Math.min(room.width(), p.x() + p.width());
        double foot = Math.min(deviceHeight, p.y() + p.height() - p.maxScroll()) - UP;
        List<Sign> signs = new ArrayList<>();
        Sequence.Laid laid = sequence.get().laid();
        int page = at.get().page();
        int pages = sequence.get().pages().size();
        double wide = Math.min(WORD_WIDE, (right - left) / 3);
        if (PageTurns.isLaid(sequence.get(), at.get(), new PageTurn.Previous())) {
            signs.add(new Sign(
                    Optional.of(new Event.On.OnTurn(new PageTurn.Previous())),
                    new Area(left + SIDE, foot - HIGH, wide, HIGH),
                    laid.previous(),
                    false));
        }
        if (PageTurns.isLaid(sequence.get(), at.get(), new PageTurn.Next())) {
            signs.add(new Sign(
                    Optional.of(new Event.On.OnTurn(new PageTurn.Next())),
                    new Area(right - SIDE - wide, foot - HIGH, wide, HIGH),
                    laid.onward(page == pages),
                    false));
        }
        if (PageTurns.skip(prototype, at.get()).isPresent()) {
            signs.add(new Sign(
                    Optional.of(new Event.On.OnSkip()),
                    new Area(right - SIDE - wide, Math.max(0, p.y()) + UP, wide, HIGH),
                    laid.skip(),
                    false));
        }
        if (laid.dots()) {
            dots(signs, pages, page, left + SIDE + wide, right - SIDE - wide, foot);
        }
        return signs;
    }

    /** Dots, or words that say the same where there is no room for so many. */
    private static void dots(List<Sign> signs, int pages, int page, double left, double right, double foot) {
        double wide = pages * DOT_WIDE;
        if (wide > right - left) {
            signs.add(new Sign(
                    Optional.empty(),
                    new Area(left, foot - HIGH, Math.max(1, right - left), HIGH),
                    page + " of " + pages,
                    true));
            return;
        }
        double x = (left + right - wide) / 2;
        for (int i = 1; i <= pages; i++) {
            signs.add(new Sign(
                    Optional.of(new Event.On.OnTurn(new PageTurn.To(i))),
                    new Area(x + (i - 1) * DOT_WIDE, foot - HIGH, DOT_WIDE, HIGH),
                    "",
                    i == page));
        }
    }
}

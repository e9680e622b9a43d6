package pandel.desktop.device;

import java.util.Optional;
import javafx.animation.Animation;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.Room;

/** A sheet that follows a finger up and down: between its stops, over what it scrolls, and off. */
final class SheetLift {

    /**
     * Where there is no page to turn to, a page gives so many times less than the finger, and so does a sheet that
     * cannot go.
     */
    static final double GIVES = 5;

    /** Share of what is seen of a sheet that it is drawn down until it goes. */
    private static final double GOES = 0.25;

    private static final double MS = 180;

    private final Touched.Lifts asked;
    private final LevelView sheet;
    private final double scale;
    private final Room room;
    private double at;

    SheetLift(Touched.Lifts asked, LevelView sheet, double scale) {
        this.asked = asked;
        this.sheet = sheet;
        this.scale = scale;
        this.room = Room.of(asked.prototype(), asked.now());
        this.at = asked.from();
    }

    /** @param by interface px that the finger was drawn */
    void follow(double by) {
        Placement p = asked.placement();
        double wanted = asked.from() - by / scale;
        at = wanted < 0 && asked.away().isEmpty() ? wanted / GIVES : wanted > p.maxScroll() ? p.maxScroll() : wanted;
        place(at);
    }

    private void place(double scroll) {
        sheet.place(room, asked.now().height(), scale, Math.max(0, scroll));
        sheet.mock().setTranslateY(scroll < 0 ? Math.rint(-scroll * scale) : 0);
    }

    /** Let go: off, or to where it comes to rest; the motion there, if it does not stay at once. */
    Optional<Animation> letGo(double by, boolean thrown) {
        Placement p = asked.placement();
        double seen = p.height() - p.maxScroll();
        if (at < 0 && asked.away().isPresent() && (thrown || -at > seen * GOES)) {
            asked.away().get().run();
            return Optional.empty();
        }
        double from = at;
        double to =
                at < 0 ? 0 : at >= p.rise() ? at : thrown ? by < 0 ? p.rise() : 0 : at > p.rise() / 2 ? p.rise() : 0;
        asked.to().accept(to);
        if (from == to) {
            return Optional.empty();
        }
        place(from);
        return Optional.of(Motions.between(from, to, MS, "ease-out", this::place));
    }
}

package pandel.core.play.layout;

import java.util.Optional;
import pandel.core.model.Look;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Mock;
import pandel.core.model.screen.Overlay;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Screen;

/**
 * Where a screen's mock stands on a device, in the device's px.
 *
 * @param x of its left edge
 * @param y of its top edge when not scrolled
 * @param factor device px for each px of the mock
 * @param width of the mock as it stands
 * @param height of the mock as it stands
 * @param maxScroll px it can be scrolled, 0 when all of it shows
 * @param rise px of that by which a sheet with a second stop is drawn up first
 * @param fixedTop px at its top that stay put when it is scrolled
 * @param fixedBottom px at its bottom that stay put when it is scrolled
 */
public record Placement(
        double x,
        double y,
        double factor,
        double width,
        double height,
        double maxScroll,
        double rise,
        double fixedTop,
        double fixedBottom) {

    private static final double NARROWEST = 0.75;
    private static final double WIDEST = 4.0 / 3;

    /** Width and height in px. */
    public record Size(double width, double height) {}

    /** The size of a screen's plain look. */
    public static Size sizeOf(Screen screen, Width width, double deviceWidth, double deviceHeight) {
        return sizeOf(Look.plain(screen), width, deviceWidth, deviceHeight);
    }

    /** The width a screen's hotspots are placed on when its plain look is seen on a device of a width. */
    public static Width areasOf(Screen screen, Width width) {
        return Look.plain(screen).areasOn(width);
    }

    /** Places a screen's plain look. */
    public static Placement of(Screen screen, Room room, double deviceHeight) {
        return of(Look.plain(screen), room, deviceHeight);
    }

    /** The size of a look's mock for a width; one that has none is taken as large as its form usually is. */
    public static Size sizeOf(Look look, Width width, double deviceWidth, double deviceHeight) {
        Screen screen = look.screen();
        Optional<Mock> mock = look.mockFor(width);
        if (mock.isPresent()) {
            return new Size(mock.get().width(), mock.get().height());
        }
        return switch (screen.form()) {
            case PAGE -> new Size(deviceWidth, deviceHeight);
            case DIALOG -> new Size(Math.rint(deviceWidth * 0.8), Math.rint(deviceWidth * 0.6));
            case SHEET -> new Size(deviceWidth, Math.rint(deviceHeight / 2));
            case PANEL -> new Size(Math.rint(deviceWidth * 0.8), deviceHeight);
        };
    }

    /**
     * Places a screen within the room there is on a device. PageTurns and sheets are scaled to the room's width when
     * that is ¾ to 4⁄3 of their own, and stand at their own size, centred, else; dialogs and panels stand at their own
     * size unless the room is narrower. A page stands between strips, and scrolls between them where it is higher. x is
     * from the room's left edge.
     */
    public static Placement of(Look look, Room room, double deviceHeight) {
        Screen screen = look.screen();
        double deviceWidth = room.width();
        Size size = sizeOf(look, room.on(), deviceWidth, deviceHeight);
        double ratio = deviceWidth / size.width();
        boolean near = fits(deviceWidth, size.width());
        Overlay overlay = screen.overlay();
        double share = deviceWidth * overlay.share() / 100;
        double factor = switch (screen.form()) {
            case PAGE, SHEET -> near ? ratio : 1;
            case DIALOG -> Math.min(1, ratio);
            case PANEL -> share > 0 && fits(share, size.width()) ? share / size.width() : Math.min(1, ratio);
        };
        double w = size.width() * factor;
        double h = size.height() * factor;
        boolean left = screen.form() == Form.PANEL && overlay.side() == PanelSide.LEFT;
        double x = left ? 0 : screen.form() == Form.PANEL ? deviceWidth - w : (deviceWidth - w) / 2;
        boolean sheet = screen.form() == Form.SHEET;
        double seen = sheet && overlay.share() > 0
                ? Math.min(h, deviceHeight * overlay.share() / 100)
                : Math.min(
                        h,
                        screen.form() == Form.PAGE
                                ? Math.max(1, deviceHeight - room.top() - room.foot())
                                : deviceHeight);
        double rise =
                sheet && overlay.stop() > 0 ? Math.max(0, Math.min(h, deviceHeight * overlay.stop() / 100) - seen) : 0;
        double y = switch (screen.form()) {
            case PAGE -> room.top();
            case PANEL -> 0;
            case SHEET -> deviceHeight - seen;
            case DIALOG -> Math.max(0, (deviceHeight - h) / 2);
        };
        Optional<Mock> mock = look.mockFor(room.on());
        double top = mock.map(Mock::fixedTop).orElse(0.0) * factor;
        double bottom = mock.map(Mock::fixedBottom).orElse(0.0) * factor;
        // Parts that would leave nothing between them to scroll do not stay put.
        boolean fixed = h > seen && top + bottom < seen;
        return new Placement(x, y, factor, w, h, Math.max(0, h - seen), rise, fixed ? top : 0, fixed ? bottom : 0);
    }

    /**
     * px that a sheet is drawn up when it is scrolled so far.
     *
     * @param scroll px of the device
     */
    public double raised(double scroll) {
        return Math.min(scroll, rise);
    }

    /**
     * A point of the device on the mock, in px of the mock, when it is scrolled down so far.
     *
     * @param scroll px of the device
     */
    public double mockY(double py, double scroll) {
        double raised = raised(scroll);
        double shown = py - y + raised;
        double seen = height - maxScroll + raised;
        if (shown < fixedTop) {
            return shown / factor;
        }
        return (shown >= seen - fixedBottom ? shown + maxScroll - raised : shown + scroll - raised) / factor;
    }

    /** Whether a mock is scaled to a device's width, which is ¾ to 4⁄3 of its own. */
    public static boolean fits(double deviceWidth, double mockWidth) {
        double ratio = deviceWidth / mockWidth;
        return ratio >= NARROWEST && ratio <= WIDEST;
    }

    /** Whether a point of the device lies on the mock as it stands when it is scrolled so far. */
    public boolean holds(double px, double py, double scroll) {
        return px >= x && px < x + width && py >= y - raised(scroll) && py < y + height;
    }
}

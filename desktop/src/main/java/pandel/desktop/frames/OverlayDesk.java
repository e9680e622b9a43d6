package pandel.desktop.frames;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.device.Device;
import pandel.core.model.screen.Closer;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Overlay;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Screen;
import pandel.core.play.layout.Placement;
import pandel.core.play.layout.Room;
import pandel.desktop.device.OverlayPreview;
import pandel.desktop.stage.PageHost;
import pandel.desktop.work.Work;

/**
 * How a screen stands where it is open above others: how much it takes, at which side, where it stops, the shade, and
 * what closes it. It stands open in the middle, and its edge and stop are dragged there.
 */
public final class OverlayDesk extends FrameDesk {

    private OverlayDesk(Work work, PageHost around, Screen screen) {
        super("overlay-page", about(screen.form()), work, around, screen.id());
    }

    private static String about(Form form) {
        return switch (form) {
            case PAGE -> "Opened above, a page fills the device: a takeover. What is set here holds then.";
            case DIALOG -> "A dialog stands in the middle, as large as its picture.";
            case SHEET ->
                "A sheet comes up from the foot. Drag its edge for the share of the height it takes, and the dashed "
                        + "line for the second stop, up to which it is drawn.";
            case PANEL -> "A panel stands at a side. Drag its edge for the share of the width it takes.";
        };
    }

    /** Shows how a screen stands above others. */
    public static void open(Work work, PageHost around, Screen screen) {
        around.stand(new OverlayDesk(work, around, screen));
    }

    @Override
    boolean isThere() {
        return work.prototype().screen(id).isPresent();
    }

    private Screen now() {
        return work.prototype().screen(id).orElseThrow();
    }

    private void put(String name, Overlay overlay) {
        change(ScreenEdits.overlay(now(), name, overlay));
    }

    @Override
    String first() {
        return "closed-by-device-back";
    }

    @Override
    void fill() {
        Screen screen = now();
        title(screen.shownTitle(), "a " + screen.form().word() + ", open above");
        heads("It is closed by");
        closers(screen);
        heads("It stands");
        stands(screen);
    }

    private void closers(Screen screen) {
        Saying line = say();
        for (Closer closer : Closer.values()) {
            line.put(closer(screen, closer));
        }
        if (screen.closedBy().isPresent()) {
            line.press(
                    "As usual for a " + screen.form().word(),
                    "closed-as-usual",
                    "",
                    () -> change(ScreenEdits.closers(now(), Closer.usualFor(now().form()))));
        }
    }

    private CheckBox closer(Screen screen, Closer closer) {
        boolean never = closer == Closer.OUTSIDE && screen.form() == Form.PAGE;
        CheckBox box = new CheckBox(
                switch (closer) {
                    case OUTSIDE -> "a tap beside it";
                    case AWAY -> "a swipe off";
                    case DEVICE_BACK -> "device back";
                });
        box.setId("closed-by-" + closer.word().replace(' ', '-'));
        box.setSelected(screen.closers().contains(closer));
        box.setMnemonicParsing(false);
        box.setDisable(never);
        box.setTooltip(new Tooltip(never ? "Nothing of a takeover is beside it" : "Whether it closes it"));
        box.setOnAction(e -> {
            Set<Closer> all = EnumSet.noneOf(Closer.class);
            all.addAll(now().closers());
            if (!all.remove(closer)) {
                all.add(closer);
            }
            change(ScreenEdits.closers(now(), all));
        });
        return box;
    }

    private void stands(Screen screen) {
        Overlay overlay = screen.overlay();
        boolean sheet = screen.form() == Form.SHEET;
        if (sheet || screen.form() == Form.PANEL) {
            Saying line = say().words("It takes")
                    .number(
                            "overlay-share",
                            sheet ? "% of the height" : "% of the width",
                            overlay.share(),
                            0,
                            100,
                            "Press and type hundredths; 0 takes as much as its picture",
                            n -> n == 0 ? "as much as its picture" : n + " %",
                            this::share)
                    .words(sheet ? "of the height" : "of the width");
            if (sheet) {
                line.words("and is drawn up to")
                        .number(
                                "overlay-stop",
                                "% second stop",
                                overlay.stop(),
                                0,
                                100,
                                "Press and type hundredths; 0: there is no second stop",
                                n -> n == 0 ? "no second stop" : n + " %",
                                this::stop);
            } else {
                line.one(
                        "overlay-side",
                        "The side it stands at",
                        List.of(PanelSide.values()),
                        overlay.side(),
                        side -> "at the " + side.word(),
                        side -> put(
                                "put “" + screen.shownTitle() + "” at the " + side.word(),
                                now().overlay().withSide(side)));
            }
        }
        say().words("What is beneath is shaded by")
                .number(
                        "overlay-shade",
                        "% shade beneath",
                        overlay.shade(),
                        0,
                        100,
                        "Press and type hundredths",
                        n -> n + " %",
                        n -> put(
                                "shade beneath “" + screen.shownTitle() + "” by " + n + " %",
                                now().overlay().withShade(n)));
    }

    private void share(int n) {
        put("let “" + now().shownTitle() + "” take " + n + " %", now().overlay().withShare(n));
    }

    private void stop(int n) {
        int share = now().overlay().share();
        if (n != 0 && (share == 0 || n <= share)) {
            around.say("A second stop lies above the share it takes at first, " + share + " %; " + n + " % does not.");
        } else {
            put(
                    "let “" + now().shownTitle() + "” be drawn up to " + n + " %",
                    now().overlay().withStop(n));
        }
    }

    /** A screen from which it is opened, to be seen beneath it. */
    private Optional<Screen> beneath(Screen screen) {
        return work.prototype().index().waysIn(screen.id()).stream()
                .map(Way::from)
                .flatMap(List::stream)
                .filter(s -> s.form() == Form.PAGE && !s.id().equals(screen.id()))
                .findFirst();
    }

    @Override
    Node seen(double wide, double high) {
        Screen screen = now();
        Device device = work.device();
        double across = fitting(device, wide, high - 24);
        OverlayPreview preview =
                new OverlayPreview(around.pictures(), work.prototype(), beneath(screen), screen, device, across);
        preview.setId("overlay-preview");
        Handles handles = new Handles(preview, across / device.width(), this::refresh);
        handles(handles, screen, device);
        VBox column = new VBox(6, handles, FrameWords.small("on " + device.title()));
        column.setAlignment(Pos.CENTER);
        return column;
    }

    private void handles(Handles handles, Screen screen, Device device) {
        Placement place = Placement.of(screen, Room.whole(work.prototype().widths(), device.width()), device.height());
        double high = device.height();
        Overlay overlay = screen.overlay();
        if (screen.form() == Form.SHEET) {
            handles.edge(new Handles.Edge(
                    "handle-share",
                    Handles.Way.UP_AND_DOWN,
                    place.y(),
                    high * 0.95,
                    0,
                    "Drag it for the share of the height it takes",
                    y -> taken(high - y, high) + " % of the height",
                    y -> share(taken(high - y, high))));
            if (overlay.stop() > 0) {
                handles.edge(new Handles.Edge(
                        "handle-stop",
                        Handles.Way.UP_AND_DOWN,
                        high * (100 - overlay.stop()) / 100,
                        high * (99 - overlay.share()) / 100,
                        0,
                        "Drag it for the second stop",
                        y -> "drawn up to " + taken(high - y, high) + " %",
                        y -> stop(taken(high - y, high))));
            }
        } else if (screen.form() == Form.PANEL) {
            boolean left = overlay.side() == PanelSide.LEFT;
            double wide = device.width();
            handles.edge(new Handles.Edge(
                    "handle-share",
                    Handles.Way.SIDEWAYS,
                    left ? place.width() : place.x(),
                    left ? wide * 0.05 : wide * 0.95,
                    left ? wide : 0,
                    "Drag it for the share of the width it takes",
                    x -> taken(left ? x : wide - x, wide) + " % of the width",
                    x -> share(taken(left ? x : wide - x, wide))));
        }
    }

    private static int taken(double px, double of) {
        return Math.clamp(Math.round(100 * px / of), 1, 100);
    }
}

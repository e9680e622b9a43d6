package pandel.desktop.frames;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.screen.Closer;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Overlay;
import pandel.core.model.screen.PanelSide;
import pandel.core.model.screen.Screen;
import pandel.desktop.device.OverlayPreview;
import pandel.desktop.stage.PageHost;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.work.Work;

/**
 * How a screen stands where it is open above others: how much it takes, at which side, where it stops, the shade, and
 * what closes it.
 */
public final class OverlayPage extends ThingPage {

    private static final double HIGHEST = 300;
    private static final double NUMBER = 60;

    private OverlayPage(Work work, PageHost around, Screen screen) {
        super("Open above: " + screen.shownTitle(), about(screen.form()), work, around, screen.id());
        setId("overlay-page");
        fill();
    }

    private static String about(Form form) {
        return switch (form) {
            case PAGE -> "Opened above, a page fills the device: a takeover. What is set here holds then.";
            case DIALOG -> "A dialog stands in the middle, as large as its picture.";
            case SHEET ->
                "A sheet comes up from the foot. It can take a share of the height, and be drawn up to a second stop.";
            case PANEL -> "A panel stands at a side, and can take a share of the width.";
        };
    }

    /** Shows how a screen stands above others. */
    public static void open(Work work, PageHost around, Screen screen) {
        around.show(new OverlayPage(work, around, screen));
    }

    private Screen now() {
        return work.prototype().screen(id).orElseThrow();
    }

    private void put(String name, Overlay overlay) {
        change(ScreenEdits.overlay(now(), name, overlay));
    }

    @Override
    void fill() {
        clear();
        Screen screen = now();
        VBox settings = new VBox(8);
        settings.getChildren().addAll(small("It is closed by"), closers(screen), small("It stands"), stands(screen));
        HBox.setHgrow(settings, Priority.ALWAYS);
        row(
                settings,
                new OverlayPreview(
                        around.pictures(),
                        work.prototype(),
                        beneath(screen),
                        screen,
                        work.device(),
                        previewed(HIGHEST)));
    }

    /** A screen from which it is opened, to be seen beneath it. */
    private Optional<Screen> beneath(Screen screen) {
        return work.prototype().index().waysIn(screen.id()).stream()
                .map(Way::from)
                .flatMap(List::stream)
                .filter(s -> s.form() == Form.PAGE && !s.id().equals(screen.id()))
                .findFirst();
    }

    private HBox closers(Screen screen) {
        HBox line = new HBox(14);
        line.setAlignment(Pos.CENTER_LEFT);
        for (Closer closer : Closer.values()) {
            boolean never = closer == Closer.OUTSIDE && screen.form() == Form.PAGE;
            boolean on = screen.closers().contains(closer);
            CheckBox box = new CheckBox(
                    switch (closer) {
                        case OUTSIDE -> "a tap beside it";
                        case AWAY -> "a swipe off";
                        case DEVICE_BACK -> "device back";
                    });
            box.setId("closed-by-" + closer.word().replace(' ', '-'));
            box.setSelected(on);
            box.setMnemonicParsing(false);
            box.setDisable(never);
            box.setOnAction(e -> {
                Set<Closer> all = EnumSet.noneOf(Closer.class);
                all.addAll(now().closers());
                if (!all.remove(closer)) {
                    all.add(closer);
                }
                change(ScreenEdits.closers(now(), all));
            });
            box.setTooltip(new Tooltip(never ? "Nothing of a takeover is beside it" : "Whether it closes it"));
            line.getChildren().add(box);
        }
        if (screen.closedBy().isPresent()) {
            line.getChildren()
                    .add(Buttons.smallWord(
                            "As usual for a " + screen.form().word(),
                            "closed-as-usual",
                            () -> change(ScreenEdits.closers(now(), Closer.usualFor(now().form())))));
        }
        return line;
    }

    private HBox stands(Screen screen) {
        Overlay overlay = screen.overlay();
        HBox line = new HBox(8);
        line.setAlignment(Pos.TOP_LEFT);
        if (screen.form() == Form.SHEET || screen.form() == Form.PANEL) {
            boolean sheet = screen.form() == Form.SHEET;
            line.getChildren()
                    .add(number(
                            "overlay-share",
                            sheet ? "% of the height" : "% of the width",
                            overlay.share(),
                            "0 takes as much as its picture",
                            n -> put(
                                    "let “" + screen.shownTitle() + "” take " + n + " %",
                                    now().overlay().withShare(n))));
            if (sheet) {
                line.getChildren()
                        .add(number(
                                "overlay-stop",
                                "% second stop",
                                overlay.stop(),
                                "To which it is drawn up; 0: there is none",
                                n -> {
                                    if (n != 0
                                            && (now().overlay().share() == 0
                                                    || n <= now().overlay().share())) {
                                        around.say("A second stop lies above the share it takes at first, "
                                                + now().overlay().share() + " %; " + n + " % does not.");
                                        fill();
                                    } else {
                                        put(
                                                "let “" + screen.shownTitle() + "” be drawn up to " + n + " %",
                                                now().overlay().withStop(n));
                                    }
                                }));
            } else {
                line.getChildren()
                        .add(ChoiceButton.of(
                                "overlay-side",
                                130,
                                "The side it stands at",
                                List.of(PanelSide.values()),
                                overlay.side(),
                                side -> "at the " + side.word(),
                                side -> put(
                                        "put “" + screen.shownTitle() + "” at the " + side.word(),
                                        now().overlay().withSide(side))));
            }
        }
        line.getChildren()
                .add(number(
                        "overlay-shade",
                        "% shade beneath",
                        overlay.shade(),
                        "How dark what is beneath gets",
                        n -> put(
                                "shade beneath “" + screen.shownTitle() + "” by " + n + " %",
                                now().overlay().withShade(n))));
        return line;
    }

    private Node number(String fieldId, String caption, int now, String tooltip, IntConsumer put) {
        TextField field = number(fieldId, caption, now, 0, 100, NUMBER, put);
        field.setTooltip(new Tooltip(tooltip));
        return captioned(field, caption);
    }
}

package pandel.desktop.shell.page;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.device.Device;
import pandel.core.model.device.Widths;
import pandel.core.model.rest.Rest;
import pandel.desktop.shell.notice.Toast;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** The devices the prototype will be seen on: those offered, and one's own. */
final class DevicesPage extends PageBox {

    private final Work work;
    private final Toast said;

    DevicesPage(Work work, Toast said, Runnable leave) {
        super(
                "Devices",
                "Checks look at every device named here; Play and the desk show the one chosen at the top. Sizes "
                        + "are px as CSS counts them.",
                leave);
        this.work = work;
        this.said = said;
        Button more = Buttons.plain("Also for…", "more-devices", () -> {});
        more.setOnAction(e -> offered().show(more, Side.TOP, 0, 0));
        offer(more);
        fill();
    }

    private ContextMenu offered() {
        ContextMenu menu = new ContextMenu();
        for (Device device : Device.OFFERED) {
            boolean there = work.prototype().devices().stream().anyMatch(d -> d.id().equals(device.id()));
            MenuItem item = Buttons.item(
                    device.title() + ", " + Math.round(device.width()) + " × " + Math.round(device.height()) + " px",
                    () -> add(device));
            item.setDisable(there);
            menu.getItems().add(item);
        }
        menu.getItems()
                .add(Buttons.item(
                        "One of your own",
                        () -> add(new Device(
                                work.freshId("device"),
                                "Own device",
                                480,
                                800,
                                2,
                                Device.Back.BUTTON,
                                Device.Pointing.TOUCH,
                                0,
                                Set.of(),
                                Rest.NONE))));
        return menu;
    }

    private void add(Device device) {
        List<Device> all = new ArrayList<>(work.prototype().devices());
        all.add(device);
        edit(all);
    }

    private void edit(List<Device> devices) {
        work.edit(ScreenEdits.devices(devices));
        fill();
    }

    private void change(Device device, UnaryOperator<Device> how) {
        edit(work.prototype().devices().stream()
                .map(d -> d.id().equals(device.id()) ? how.apply(d) : d)
                .toList());
    }

    private void fill() {
        clear();
        row(
                label("Name", 124, "quiet", "small"),
                label("Wide × high", 104, "quiet", "small"),
                label("Goes back by", 84, "quiet", "small"),
                label("Pointed at with", 116, "quiet", "small"),
                label("Shows above one another", 144, "quiet", "small"));
        for (Device d : work.prototype().devices()) {
            TextField name = field("device-name-" + d.id(), "Name of the device", d.title(), 124, typed -> {
                if (!typed.isEmpty()) {
                    change(d, x -> x.withTitle(typed));
                }
            });
            TextField size = field(
                    "device-size-" + d.id(),
                    "Size in px",
                    Math.round(d.width()) + " × " + Math.round(d.height()),
                    104,
                    typed -> size(d, typed));
            Button back = Buttons.plain(
                    word(d.back()), "device-back-" + d.id(), () -> change(d, x -> x.withBack(next(x.back()))));
            Button pointing = Buttons.plain(
                    d.pointing() == Device.Pointing.BOTH
                            ? "finger or mouse"
                            : d.pointing() == Device.Pointing.TOUCH ? "a finger" : "a mouse",
                    "device-pointing-" + d.id(),
                    () -> change(
                            d,
                            x -> x.withPointing(
                                    Device.Pointing.values()[(x.pointing().ordinal() + 1) % 3])));
            Button levels = Buttons.plain(
                    d.levels() == 0
                            ? "any number"
                            : d.levels() == 1 ? "the page alone" : d.levels() + ", the page counted",
                    "device-levels-" + d.id(),
                    () -> change(d, x -> x.withLevels((x.levels() + 1) % 5)));
            for (Button button : List.of(back, pointing)) {
                button.setMinWidth(button == back ? 84 : 116);
                button.setTooltip(new Tooltip("Press for the next choice"));
            }
            levels.setMinWidth(144);
            levels.setTooltip(new Tooltip("Press for the next choice; what is more is refused, and a check tells"));
            Button off = Buttons.smallWord(
                    "Take off",
                    "device-off-" + d.id(),
                    () -> edit(work.prototype().devices().stream()
                            .filter(x -> !x.id().equals(d.id()))
                            .toList()));
            off.setDisable(work.prototype().devices().size() == 1);
            Button refuses = Buttons.smallWord(
                    d.cannot().isEmpty() ? "refuses…" : d.cannot().size() + " refused…",
                    "device-refuses-" + d.id(),
                    () -> {});
            refuses.setOnAction(e -> refused(d).show(refuses, Side.BOTTOM, 0, 0));
            row(name, size, back, pointing, levels, spring(), refuses, off);
        }
        Widths widths = work.prototype().widths();
        row(
                label("Narrow under", 92),
                field(
                        "width-medium",
                        "px from which a device is no longer narrow",
                        String.valueOf(widths.medium()),
                        56,
                        typed -> widths(typed, String.valueOf(widths.wide()))),
                label("px, wide from", 92),
                field(
                        "width-wide",
                        "px from which a device is wide",
                        String.valueOf(widths.wide()),
                        56,
                        typed -> widths(String.valueOf(widths.medium()), typed)),
                label("px, medium between: pictures, strips and pairs go by that", 400));
    }

    private void widths(String medium, String wide) {
        try {
            Widths typed = new Widths(Integer.parseInt(medium), Integer.parseInt(wide));
            if (!typed.equals(work.prototype().widths())) {
                work.edit(ScreenEdits.widths(typed));
            }
        } catch (IllegalArgumentException e) {
            said.say("Medium begins at " + Widths.LEAST + " px or more, wide at more than that and " + Widths.MOST
                    + " at most: 640 and 1000, say. “" + medium + "” and “" + wide + "” do not.");
        }
        fill();
    }

    /** What else the device refuses, to be turned on and off. */
    private ContextMenu refused(Device d) {
        ContextMenu menu = new ContextMenu();
        for (Device.Cannot one : Device.Cannot.values()) {
            CheckMenuItem item = new CheckMenuItem(
                    one == Device.Cannot.DRAWERS ? "It has no drawers" : "It does not advance from a sequence");
            item.setId("device-cannot-" + one.word().replace(' ', '-'));
            item.setSelected(d.cannot().contains(one));
            item.setOnAction(e -> change(d, x -> {
                Set<Device.Cannot> cannot = new LinkedHashSet<>(x.cannot());
                if (!cannot.remove(one)) {
                    cannot.add(one);
                }
                return x.withCannot(cannot);
            }));
            menu.getItems().add(item);
        }
        return menu;
    }

    private void size(Device d, String typed) {
        String[] parts = typed.split("\\s*[×xX*]\\s*|\\s+");
        try {
            double width = Double.parseDouble(parts[0]);
            double height = Double.parseDouble(parts[1]);
            if (parts.length == 2
                    && width >= Device.LEAST
                    && height >= Device.LEAST
                    && width <= Device.MOST
                    && height <= Device.MOST) {
                change(d, x -> x.withSize(width, height));
                return;
            }
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
            // Told below, together with sizes that no device has.
        }
        said.say(String.format(
                Locale.ROOT,
                "A device is %.0f to %.0f px a side: 390 × 844, say. “%s” is not.",
                Device.LEAST,
                Device.MOST,
                typed));
        fill();
    }

    private static Device.Back next(Device.Back back) {
        return Device.Back.values()[(back.ordinal() + 1) % Device.Back.values().length];
    }

    private static String word(Device.Back back) {
        return switch (back) {
            case NONE -> "nothing";
            case BUTTON -> "a button";
            case SWIPE -> "a swipe";
            case SWIPE_FROM_RIGHT -> "a right swipe";
            case SWIPE_FROM_BOTH -> "both swipes";
        };
    }
}

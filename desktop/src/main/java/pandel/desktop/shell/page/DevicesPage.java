package pandel.desktop.shell.page;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.device.Widths;
import pandel.core.model.rest.Rest;
import pandel.desktop.shell.notice.Toast;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.work.Work;

/** The devices the prototype will be seen on: those offered, and one's own. */
final class DevicesPage extends PageBox {

    private static final int MOST_LEVELS = 6;

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
        getStyleClass().add("wider");
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
                label("Goes back by", 104, "quiet", "small"),
                label("Pointed at with", 116, "quiet", "small"),
                label("Shows above one another", 144, "quiet", "small"),
                label("Refuses", 136, "quiet", "small"));
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
            Button back = ChoiceButton.of(
                    "device-back-" + d.id(),
                    104,
                    "How it goes back by itself",
                    List.of(Device.Back.values()),
                    d.back(),
                    DevicesPage::word,
                    b -> change(d, x -> x.withBack(b)));
            Button pointing = ChoiceButton.of(
                    "device-pointing-" + d.id(),
                    116,
                    "What one points with",
                    List.of(Device.Pointing.values()),
                    d.pointing(),
                    DevicesPage::word,
                    p -> change(d, x -> x.withPointing(p)));
            Button levels = ChoiceButton.of(
                    "device-levels-" + d.id(),
                    144,
                    "How many it shows above one another",
                    IntStream.rangeClosed(0, Math.max(MOST_LEVELS, d.levels()))
                            .boxed()
                            .toList(),
                    d.levels(),
                    DevicesPage::above,
                    n -> change(d, x -> x.withLevels(n)));
            Button off = Buttons.smallWord(
                    "Take off",
                    "device-off-" + d.id(),
                    () -> edit(work.prototype().devices().stream()
                            .filter(x -> !x.id().equals(d.id()))
                            .toList()));
            off.setDisable(work.prototype().devices().size() == 1);
            Button refuses = ChoiceButton.opening(
                    "device-refuses-" + d.id(), 136, "What it refuses", refusedWords(d), () -> refused(d));
            row(name, size, back, pointing, levels, refuses, spring(), off);
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

    /** "nothing", "dialogs", "dialogs and 2 more". */
    private static String refusedWords(Device d) {
        return d.cannot().isEmpty()
                ? "nothing"
                : d.cannot().iterator().next().word()
                        + (d.cannot().size() == 1 ? "" : " and " + (d.cannot().size() - 1) + " more");
    }

    /** What the device refuses, all of it at a glance, to be turned on and off. */
    private Node refused(Device d) {
        return new HBox(
                24,
                part(d, "Verbs", Cannot.VERBS),
                part(d, "Frames, and what opens above", Cannot.FRAMES),
                part(d, "Gestures", Cannot.GESTURES));
    }

    private VBox part(Device d, String words, List<Cannot> all) {
        VBox part = new VBox(1, label(words, 190, "quiet", "small"));
        for (Cannot one : all) {
            CheckBox box = new CheckBox(one.word());
            box.setId("device-cannot-" + one.word().replace(' ', '-'));
            box.setSelected(d.refuses(one));
            box.setOnAction(e -> change(d, x -> {
                Set<Cannot> cannot = new LinkedHashSet<>(x.cannot());
                cannot.remove(one);
                if (box.isSelected()) {
                    cannot.add(one);
                }
                return x.withCannot(cannot);
            }));
            part.getChildren().add(box);
        }
        return part;
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
                "A device is %.0f to %.0f px a side: %.0f × %.0f, say. “%s” is not.",
                Device.LEAST,
                Device.MOST,
                d.width(),
                d.height(),
                typed));
        fill();
    }

    private static String above(int levels) {
        return levels == 0 ? "any number" : levels == 1 ? "the page alone" : levels + ", the page counted";
    }

    private static String word(Device.Pointing pointing) {
        return switch (pointing) {
            case TOUCH -> "a finger";
            case MOUSE -> "a mouse";
            case BOTH -> "finger or mouse";
        };
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

package pandel.desktop.serve;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.TextSize;
import pandel.desktop.theme.WrappedLabel;

/** Lets a phone beside the desk play what is open. */
public final class PhonePage extends PageBox {

    private final PhoneLine line;

    public PhonePage(PhoneLine line, Runnable leave) {
        super(
                "On a phone",
                "A browser plays what is open here, on a phone beside the desk or in another window; each edit is there "
                        + "at once, where the play stands. It ends with this window.",
                leave);
        this.line = line;
        fill();
    }

    private void fill() {
        clear();
        if (line.isOn()) {
            on();
        } else {
            offer(
                    "The network",
                    "For a phone in the same network. Whoever there has the address can look on, no one else.",
                    "phone-network",
                    true);
            offer("This machine only", "For a browser here.", "phone-here", false);
        }
    }

    private void offer(String title, String about, String id, boolean network) {
        Label told = new WrappedLabel(about);
        told.getStyleClass().add("quiet");
        told.setMinWidth(TextSize.px(360));
        told.setMaxWidth(TextSize.px(360));
        row(
                label(title, 160, "strong"),
                told,
                spring(),
                Buttons.plain("Begin", id, () -> line.begin(network, this::fill)));
    }

    private void on() {
        List<String> addresses = line.addresses();
        String address = addresses.getFirst();
        TextField shown = new TextField(address);
        shown.setId("phone-address");
        shown.setEditable(false);
        shown.setAccessibleText("The address");
        HBox.setHgrow(shown, Priority.ALWAYS);
        Button copy = Buttons.plain("Copy", "phone-copy", () -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(address);
            Clipboard.getSystemClipboard().setContent(content);
        });
        Label how = new WrappedLabel(
                line.isOnNetwork()
                        ? "Point the phone's camera at the code, or type the address there. The phone has to be in the "
                                + "same network as this machine."
                        : "Open the address in a browser on this machine. Other machines do not reach it.");
        how.setMaxWidth(TextSize.px(420));
        VBox told = new VBox(12, how, new HBox(8, shown, copy));
        if (line.isOnNetwork() && addresses.size() > 1) {
            Label others = new WrappedLabel("Or: " + String.join("  ", addresses.subList(1, addresses.size())));
            others.getStyleClass().addAll("quiet", "small");
            others.setMaxWidth(TextSize.px(420));
            told.getChildren().add(others);
        }
        CheckBox taps = new CheckBox("Play here stands where the phone does");
        taps.setId("phone-taps");
        taps.setSelected(line.isWished());
        taps.setOnAction(e -> line.wish(taps.isSelected()));
        told.getChildren().addAll(taps, Buttons.plain("End it", "phone-end", () -> {
            line.end();
            fill();
        }));
        told.setMinWidth(TextSize.px(430));
        told.setMaxWidth(TextSize.px(430));
        HBox both = line.isOnNetwork() ? new HBox(24, new QrView(address), told) : new HBox(told);
        row(both);
    }
}

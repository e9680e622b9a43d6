package pandel.desktop.frames;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import pandel.core.edit.frame.PairEdits;
import pandel.core.model.device.Device;
import pandel.core.model.device.Width;
import pandel.core.model.frame.Pair;
import pandel.core.play.words.LinkWords;
import pandel.desktop.device.PairPreview;
import pandel.desktop.stage.PageHost;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** A list beside its detail as it is seen on a wide device; the line between them is dragged. */
public final class PairPage extends ThingPage {

    private static final double WIDE = 470;

    private PairPage(Work work, PageHost around, String id) {
        super(
                "List and detail",
                "Where the device is " + work.prototype().widths().wide()
                        + " px wide or more they stand side by side, and both take gestures. Choosing on the list "
                        + "changes the detail; the trail is the same at every width.",
                work,
                around,
                id);
        setId("pair-page");
        offer(Buttons.word("Show them apart", "pair-remove", this::remove));
        fill();
    }

    /** Shows a pair above everything. */
    public static void open(Work work, PageHost around, String id) {
        work.prototype().pair(id).ifPresent(p -> around.show(new PairPage(work, around, id)));
    }

    private Pair now() {
        return work.prototype().pair(id).orElseThrow();
    }

    @Override
    void fill() {
        clear();
        Pair pair = now();
        row(
                new Label(LinkWords.screen(work.prototype(), pair.list()) + " beside "
                        + LinkWords.screen(work.prototype(), pair.detail())),
                spring(),
                field(
                        "pair-share",
                        "Hundredths of the width that the list takes",
                        String.valueOf(pair.share()),
                        52,
                        typed -> {
                            if (!typed.matches("\\d{1,3}")
                                    || Integer.parseInt(typed) < Pair.LEAST
                                    || Integer.parseInt(typed) > Pair.MOST) {
                                around.say("The list takes " + Pair.LEAST + " to " + Pair.MOST + " % of the width; “"
                                        + typed + "” is none of that.");
                                fill();
                            } else if (Integer.parseInt(typed) != pair.share()) {
                                share(Integer.parseInt(typed));
                            }
                        }),
                new Label("% for the list"));
        Device device = work.prototype().devices().stream()
                .filter(d -> work.prototype().widths().of(d.width()) == Width.WIDE && d.width() > d.height())
                .findFirst()
                .orElse(Device.TABLET_ON_ITS_SIDE.withSize(
                        work.prototype().widths().one(Width.WIDE), Device.TABLET_ON_ITS_SIDE.height()));
        PairPreview preview = new PairPreview(around.pictures(), work.prototype(), pair, device, WIDE, this::share);
        preview.setId("pair-preview");
        Tooltip.install(preview, new Tooltip("Drag the line between them"));
        VBox seen = new VBox(4, preview, small("on " + device.title()));
        seen.setAlignment(Pos.TOP_CENTER);
        row(spring(), seen, spring());
    }

    private void share(int share) {
        change(PairEdits.change("give the list " + share + " % of the width", now().withShare(share)));
    }

    private void remove() {
        Pair pair = now();
        around.dismiss();
        work.edit(PairEdits.remove(pair));
        around.say("They stand apart again; the screens stay. Ctrl+Z puts them side by side.");
    }
}

package pandel.desktop.frames;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import pandel.core.edit.PairEdits;
import pandel.core.model.Device;
import pandel.core.model.Pair;
import pandel.core.model.Screen;
import pandel.desktop.device.PairPreview;
import pandel.desktop.shell.Around;
import pandel.desktop.shell.PageBox;
import pandel.desktop.theme.Press;
import pandel.desktop.work.Work;

/** A list beside its detail as it is seen on a wide device; the line between them is dragged. */
public final class PairPage extends PageBox {

    private static final double WIDE = 470;

    private final Work work;
    private final Around around;
    private final String id;

    private PairPage(Work work, Around around, String id) {
        super("List and detail", "Where the device is 1000 px wide or more they stand side by side, and both take gestures. Choosing on the list changes the detail; the trail is the same at every width.", around::dismiss);
        setId("pair-page");
        this.work = work;
        this.around = around;
        this.id = id;
        offer(Press.word("Show them apart", "pair-remove", this::remove));
        fill();
    }

    /** Shows a pair above everything. */
    public static void open(Work work, Around around, String id) {
        work.prototype().pairs().stream().filter(p -> p.id().equals(id)).findFirst().ifPresent(p -> around.show(new PairPage(work, around, id)));
    }

    private Pair now() {
        return work.prototype().pairs().stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
    }

    private void fill() {
        clear();
        Pair pair = now();
        row(new Label(titled(pair.list()) + " beside " + titled(pair.detail())), spring(), field("pair-share", "Hundredths of the width that the list takes", String.valueOf(pair.share()), 52, typed -> {
            if (!typed.matches("\\d{1,3}") || Integer.parseInt(typed) < Pair.LEAST || Integer.parseInt(typed) > Pair.MOST) {
                around.say("The list takes " + Pair.LEAST + " to " + Pair.MOST + " % of the width; “" + typed + "” is none of that.");
                fill();
            } else if (Integer.parseInt(typed) != pair.share()) {
                share(Integer.parseInt(typed));
            }
        }), new Label("% for the list"));
        Device device = work.prototype().devices().stream().filter(d -> d.width() >= 1000 && d.width() > d.height()).findFirst().orElse(Device.TABLET_ON_ITS_SIDE);
        PairPreview preview = new PairPreview(around.pictures(), work.prototype(), pair, device, WIDE, this::share);
        preview.setId("pair-preview");
        Tooltip.install(preview, new Tooltip("Drag the line between them"));
        VBox seen = new VBox(4, preview, FramePage.small("on " + device.title()));
        seen.setAlignment(Pos.TOP_CENTER);
        row(spring(), seen, spring());
    }

    private void share(int share) {
        work.edit(PairEdits.change("give the list " + share + " % of the width", now().withShare(share)));
        fill();
    }

    private String titled(String screen) {
        return work.prototype().screen(screen).map(Screen::shownTitle).orElse(screen + " (removed)");
    }

    private void remove() {
        Pair pair = now();
        around.dismiss();
        work.edit(PairEdits.remove(pair));
        around.say("They stand apart again; the screens stay. Ctrl+Z puts them side by side.");
    }
}

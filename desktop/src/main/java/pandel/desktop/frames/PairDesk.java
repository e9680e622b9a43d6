package pandel.desktop.frames;

import javafx.geometry.Pos;
import javafx.scene.Node;
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
public final class PairDesk extends FrameDesk {

    private PairDesk(Work work, PageHost around, String id) {
        super("pair-page", "Drag the line between them for how much of the width each takes.", work, around, id);
    }

    /** Shows a pair on the desk. */
    public static void open(Work work, PageHost around, String id) {
        work.prototype().pair(id).ifPresent(p -> around.stand(new PairDesk(work, around, id)));
    }

    @Override
    boolean isThere() {
        return work.prototype().pair(id).isPresent();
    }

    private Pair now() {
        return work.prototype().pair(id).orElseThrow();
    }

    @Override
    String first() {
        return "pair-share";
    }

    @Override
    void fill() {
        Pair pair = now();
        title(
                LinkWords.screen(work.prototype(), pair.list()) + " beside "
                        + LinkWords.screen(work.prototype(), pair.detail()),
                "a list and its detail");
        offer(Buttons.word("Show them apart", "pair-remove", this::remove));
        say().words("The list takes")
                .number(
                        "pair-share",
                        "% for the list",
                        pair.share(),
                        Pair.LEAST,
                        Pair.MOST,
                        "Press and type how many hundredths",
                        n -> n + " %",
                        this::share)
                .words("of the width.");
        say(FrameWords.told("Where the device is " + work.prototype().widths().wide()
                + " px wide or more they stand side by side, and both take gestures. Choosing on the list changes the "
                + "detail; the trail is the same at every width."));
    }

    @Override
    Node seen(double wide, double high) {
        Pair pair = now();
        Device device = work.prototype().devices().stream()
                .filter(d -> work.prototype().widths().of(d.width()) == Width.WIDE && d.width() > d.height())
                .findFirst()
                .orElse(Device.TABLET_ON_ITS_SIDE.withSize(
                        work.prototype().widths().one(Width.WIDE), Device.TABLET_ON_ITS_SIDE.height()));
        double across = fitting(device, wide, high - 24);
        PairPreview preview = new PairPreview(around.pictures(), work.prototype(), pair, device, across);
        preview.setId("pair-preview");
        Handles handles = new Handles(preview, across / device.width(), this::refresh);
        handles.edge(new Handles.Edge(
                "handle-pair",
                Handles.Way.SIDEWAYS,
                device.width() * pair.share() / 100,
                device.width() * Pair.LEAST / 100,
                device.width() * Pair.MOST / 100,
                "Drag the line between them",
                x -> hundredths(x, device) + " % for the list",
                x -> share(hundredths(x, device))));
        VBox column = new VBox(6, handles, FrameWords.small("on " + device.title()));
        column.setAlignment(Pos.CENTER);
        return column;
    }

    private static int hundredths(double x, Device device) {
        return (int) Math.round(100 * x / device.width());
    }

    private void share(int share) {
        change(PairEdits.change("give the list " + share + " % of the width", now().withShare(share)));
    }

    private void remove() {
        change(PairEdits.remove(now()));
        around.say("They stand apart again; the screens stay. Ctrl+Z puts them side by side.");
    }
}

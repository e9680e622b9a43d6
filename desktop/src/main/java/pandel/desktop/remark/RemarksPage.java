package pandel.desktop.remark;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pandel.core.edit.whole.RemarkEdits;
import pandel.core.model.remark.Remark;
import pandel.core.play.words.RemarkWords;
import pandel.desktop.stage.PageBox;
import pandel.desktop.stage.StageWindow;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.TextSize;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Work;

/** All remarks of a prototype: those without a place first, then the open ones by screen, then what is settled. */
public final class RemarksPage extends PageBox {

    private final Work work;
    private final StageWindow around;
    private final Remarking remarking;

    /**
     * @param take asks for a file of remarks, and takes them in
     * @param save asks where to, and saves them
     */
    public RemarksPage(Work work, StageWindow around, Runnable take, Runnable save) {
        super(
                "Remarks",
                "Words that people pinned to screens, hotspots, links and moments of a play. Whoever has the page that "
                        + "plays pins some too, saves them as a small file and sends it; take it in here, as often "
                        + "as you like.",
                around::dismiss);
        this.work = work;
        this.around = around;
        this.remarking = new Remarking(work, around);
        getStyleClass().add("remarks-page");
        Button out = Buttons.plain("Save them as a file…", "save-remarks", save);
        out.setDisable(work.prototype().remarks().isEmpty());
        offer(Buttons.plain("Take remarks in…", "take-remarks", take));
        offer(out);
        fill();
    }

    private void fill() {
        clear();
        List<Remark> all = work.prototype().remarks();
        List<Remark> lost = all.stream()
                .filter(r -> !r.settled())
                .filter(r -> RemarkWords.missing(work.prototype(), r).isPresent())
                .toList();
        List<Remark> settled = all.stream().filter(Remark::settled).toList();
        List<Remark> open =
                all.stream().filter(r -> !r.settled() && !lost.contains(r)).toList();
        if (all.isEmpty()) {
            sentence(
                    "None yet. Ctrl+M pins one to the screen, hotspot or link that is chosen, or to where play stands.");
        }
        group(lost.size() + " without a place", lost);
        group(open.size() + " open", open);
        group(settled.size() + " settled", settled);
    }

    private void group(String title, List<Remark> remarks) {
        if (remarks.isEmpty()) {
            return;
        }
        heading(title);
        remarks.forEach(this::line);
    }

    private void line(Remark remark) {
        Label words = new WrappedLabel(remark.words());
        words.setMinWidth(0);
        Label place = new WrappedLabel(RemarkWords.missing(work.prototype(), remark)
                .map(why -> why + " " + RemarkCards.signed(remark))
                .orElseGet(() -> RemarkWords.place(work.prototype(), remark) + " · " + RemarkCards.signed(remark)));
        place.getStyleClass().addAll("quiet", "small");
        place.setMinWidth(0);
        VBox said = new VBox(2, words, place);
        said.setMinWidth(TextSize.px(460));
        said.setMaxWidth(TextSize.px(460));
        if (remark.settled()) {
            words.getStyleClass().add("quiet");
        }
        Button show = Buttons.smallWord(
                remark.step().isPresent() ? "Play up to it" : "Show where", "show-" + remark.id(), () -> {
                    around.dismiss();
                    remarking.show(remark);
                });
        show.setDisable(work.prototype().screen(remark.screen()).isEmpty());
        row(
                said,
                spring(),
                show,
                Buttons.smallWord(remark.settled() ? "Open again" : "Settle", "settle-" + remark.id(), () -> {
                    work.edit(RemarkEdits.settle(remark, !remark.settled()));
                    fill();
                }),
                Buttons.smallWord("Remove", "remove-" + remark.id(), () -> {
                    remarking.remove(remark);
                    fill();
                }));
        ((Region) said.getParent()).getStyleClass().add("remark-row");
    }
}

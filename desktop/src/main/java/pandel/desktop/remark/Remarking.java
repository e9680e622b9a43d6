package pandel.desktop.remark;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import pandel.core.check.finding.Walk;
import pandel.core.edit.whole.RemarkEdits;
import pandel.core.model.Prototype;
import pandel.core.model.remark.Remark;
import pandel.core.model.start.Start;
import pandel.core.play.words.RemarkWords;
import pandel.desktop.stage.StageWindow;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.work.Work;

/** Writes remarks and shows them. */
public final class Remarking {

    private final Work work;
    private final StageWindow around;

    public Remarking(Work work, StageWindow around) {
        this.work = work;
        this.around = around;
    }

    /** Asks for a remark on the chosen screen, or on what is chosen there. */
    public void here() {
        work.screen()
                .ifPresent(s -> write(Pin.on(
                        work.prototype(),
                        s.id(),
                        List.copyOf(work.selection().hotspots()),
                        Optional.of(work.selection().linkProperty().get()).filter(l -> !l.isEmpty()))));
    }

    /** Asks for a remark on where a play stands. */
    public void at(String screen, Optional<Remark.Step> step) {
        write(Pin.at(work.prototype(), screen, step));
    }

    private void write(List<Pin> pins) {
        around.show(RemarkBox.write(pins, around.preferred().now().name(), around::dismiss, written -> {
            around.dismiss();
            if (!written.by().equals(around.preferred().now().name())) {
                around.preferred().change(p -> p.named(written.by()));
            }
            work.edit(RemarkEdits.pin(written.pin()
                    .bare()
                    .withId(work.freshId("remark"))
                    .withWords(written.words())
                    .withBy(written.by())
                    .withMade(now())));
            around.say("Pinned to " + written.pin().title() + ".");
        }));
    }

    private static String now() {
        return Instant.now().truncatedTo(ChronoUnit.SECONDS).toString();
    }

    /**
     * Shows what one says.
     *
     * @param then after something was done about it, or nothing
     */
    public void read(Remark remark, Runnable then) {
        Prototype prototype = work.prototype();
        Optional<String> missing = RemarkWords.missing(prototype, remark);
        String place = "On " + RemarkWords.place(prototype, remark)
                + missing.map(why -> ". " + why).orElse("");
        around.show(RemarkBox.read(
                remark,
                place,
                prototype.screen(remark.screen()).isPresent(),
                new RemarkBox.Done() {
                    @Override
                    public void keep(String words) {
                        work.edit(RemarkEdits.reword(remark, words, now()));
                        leave();
                    }

                    @Override
                    public void settle(boolean settled) {
                        work.edit(RemarkEdits.settle(remark, settled));
                        leave();
                    }

                    @Override
                    public void remove() {
                        Remarking.this.remove(remark);
                        leave();
                    }

                    @Override
                    public void show() {
                        around.dismiss();
                        Remarking.this.show(remark);
                    }

                    private void leave() {
                        around.dismiss();
                        then.run();
                    }
                },
                () -> {
                    around.dismiss();
                    then.run();
                }));
    }

    void remove(Remark remark) {
        work.edit(RemarkEdits.remove(remark));
        around.say("The remark was removed. Ctrl+Z brings it back.");
    }

    /** Shows where one is pinned: plays up to its step, or shows its screen with what it is on chosen. */
    public void show(Remark remark) {
        Prototype prototype = work.prototype();
        Optional<Start> start = remark.step().flatMap(s -> prototype.start(s.start()));
        if (remark.step().isPresent() && start.isPresent()) {
            Remark.Step step = remark.step().get();
            around.play(remark.begins(), new Walk(prototype.device(step.device()), start.get(), step.events()), false);
            return;
        }
        work.selection().choose(remark.screen());
        around.go(WorkStage.LINKS);
        remark.hotspot().ifPresent(work.selection()::chooseHotspot);
        remark.link().filter(id -> prototype.index().way(id).isPresent()).ifPresent(work.selection()::chooseLink);
    }
}

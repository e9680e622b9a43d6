package pandel.desktop.shell.notice;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import javafx.beans.value.ObservableBooleanValue;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import pandel.desktop.theme.Pace;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Preferred;

/**
 * One passing sentence above the vitals, and above a page that is open; or the progress of long work that can be
 * stopped.
 */
public final class Toast extends HBox {

    private static final double LEAST = 3000;

    private final Label words = new WrappedLabel();
    private final ProgressBar bar = new ProgressBar();
    private final Button stop = new Button("Stop");
    private Optional<Pace.Wait> going = Optional.empty();

    private final Preferred preferred;
    private final ObservableBooleanValue pageOpen;
    private boolean plain;
    /** What waits to be offered, one after another; the first is shown unless a sentence or progress is. */
    private final Deque<Offer> offers = new ArrayDeque<>();

    private record Offer(String sentence, String what, Runnable action) {}

    /** @param pageOpen whether a page is open, which a plain sentence is said above, out of the way of its buttons */
    public Toast(Preferred preferred, ObservableBooleanValue pageOpen) {
        this.preferred = preferred;
        this.pageOpen = pageOpen;
        pageOpen.addListener((o, was, is) -> place(plain));
        place(false);
        getStyleClass().add("said");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        words.setMaxWidth(640);
        setVisible(false);
        setAccessibleText("Message");
    }

    /** At the lower right; a plain sentence above pages while they are open. */
    private void place(boolean asSentence) {
        plain = asSentence;
        boolean above = pageOpen.get() && plain;
        StackPane.setAlignment(this, above ? Pos.TOP_CENTER : Pos.BOTTOM_RIGHT);
        StackPane.setMargin(this, above ? new Insets(12, 0, 0, 0) : new Insets(0, 12, 72, 0));
        setViewOrder(above ? -1 : 0);
        setMouseTransparent(above);
    }

    public void say(String sentence) {
        place(true);
        words.setText(sentence);
        getChildren().setAll(words);
        setVisible(true);
        stay();
        going = Optional.of(Pace.of(this)
                .after(
                        LEAST
                                + 60_000.0
                                        * sentence.split("\\s+").length
                                        / preferred.now().wordsAMinute(),
                        this::next));
    }

    /** Says a sentence that something can be done about; it stays until it is done or left, and others wait. */
    void offer(String sentence, String what, Runnable action) {
        // What is offered anew stands for what was before.
        offers.removeIf(o -> o.what().equals(what));
        offers.add(new Offer(sentence, what, action));
        // A sentence is read to its end, unless the offer says it once more.
        boolean saying = isVisible() && plain && !sentence.startsWith(words.getText());
        if (offers.size() == 1 && !saying && !getChildren().contains(bar)) {
            next();
        }
    }

    /** The first of what is to be offered, if there is anything. */
    private void next() {
        stay();
        Offer first = offers.peek();
        if (first == null) {
            setVisible(false);
            getChildren().clear();
            return;
        }
        place(false);
        words.setText(first.sentence());
        Button take = new Button(first.what());
        take.setId("offer-take");
        take.setOnAction(e -> {
            offers.remove(first);
            next();
            first.action().run();
        });
        Button later = new Button("Not now");
        later.setId("offer-leave");
        later.setOnAction(e -> {
            offers.remove(first);
            next();
        });
        getChildren().setAll(words, take, later);
        setVisible(true);
    }

    /** Nothing that was said or offered counts any more. */
    public void clear() {
        offers.clear();
        if (!plain) {
            next();
        }
    }

    /** Shows how far long work is. */
    void progress(String sentence, double share, Runnable onStop) {
        place(false);
        stay();
        words.setText(sentence);
        bar.setProgress(share);
        stop.setOnAction(e -> onStop.run());
        if (!getChildren().contains(bar)) {
            getChildren().setAll(words, bar, stop);
        }
        setVisible(true);
    }

    private void stay() {
        going.ifPresent(Pace.Wait::stop);
    }

    public void done() {
        if (getChildren().contains(bar)) {
            getChildren().clear();
            next();
        }
    }
}

package pandel.desktop.shell;

import javafx.collections.ListChangeListener;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pandel.core.model.Prototype;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.WrappedLabel;
import pandel.desktop.work.Preferred;
import pandel.desktop.work.Work;

/**
 * Leads once through a first link, on the person's own pictures: what to press, what to type, how to play it. It stands
 * beside the mock, in the way of nothing, and says the next thing when the last is done.
 */
final class FirstLinks extends VBox {

    private static final double WIDE = 148;

    private final Work work;
    private final Preferred preferred;
    private final Stages stages;
    private final Label step = new Label();
    private final Label words = new WrappedLabel();
    /** Whether this prototype began without links while it was looked at: others are not anybody's first. */
    private boolean leads;

    FirstLinks(Work work, Preferred preferred, Stages stages) {
        this.work = work;
        this.preferred = preferred;
        this.stages = stages;
        setId("first-links");
        getStyleClass().add("first-links");
        step.getStyleClass().add("heading");
        Node leave = Buttons.smallWord("No more of this", "first-links-leave", this::end);
        getChildren().addAll(step, words, leave);
        setMinWidth(WIDE);
        setMaxSize(WIDE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(this, Pos.BOTTOM_LEFT);
        StackPane.setMargin(this, new Insets(0, 0, 150, 12));
        work.documentProperty().addListener((o, was, is) -> leads = false);
        work.prototypeProperty().addListener((o, was, is) -> tell());
        stages.node().getChildren().addListener((ListChangeListener<Node>) change -> tell());
        tell();
    }

    private void tell() {
        Prototype prototype = work.prototype();
        boolean drawn = prototype.screens().stream().anyMatch(s -> !s.mocks().isEmpty());
        boolean linked = !prototype.index().ways().isEmpty();
        leads = !preferred.now().led() && drawn && (leads || !linked);
        if (leads && linked && stages.shown() == WorkStage.PLAY) {
            end();
            return;
        }
        boolean onDesk = stages.isShown(WorkStage.LINKS);
        setVisible(leads && onDesk);
        setManaged(isVisible());
        step.setText(linked ? "First links, 2 of 2" : "First links, 1 of 2");
        words.setText(
                linked
                        ? "That is a link. Play, above, follows it; so does Ctrl+4. Go on with the next as you like."
                        : "Press what can be tapped on the picture: it is found by itself; a drag marks any other place. "
                                + "Then type some letters of the screen it leads to, and Enter.");
    }

    private void end() {
        leads = false;
        setVisible(false);
        setManaged(false);
        preferred.change(p -> p.led(true));
    }
}

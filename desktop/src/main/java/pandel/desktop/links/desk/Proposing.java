package pandel.desktop.links.desk;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.layout.Pane;

/**
 * The hand over the mock: what lies under it is proposed faintly, a press takes it, and a press at the same place takes
 * the next larger, or from the largest again the first.
 */
final class Proposing {

    /** A press so near to the one before is at the same place, in interface px. */
    private static final double SAME = 6;

    private final Pane paper;
    private final Proposals proposals;
    private final ProposalView view = new ProposalView();
    private Point2D last = Point2D.ZERO;
    private int taken = -1;

    Proposing(Pane paper, Proposals proposals) {
        this.paper = paper;
        this.proposals = proposals;
    }

    /** Proposes what lies under a point of the paper. */
    void hover(double x, double y, double scale) {
        proposals.hovered(x / scale, y / scale).ifPresentOrElse(m -> show(m, scale, false), this::rest);
    }

    /** @param all whether what is alike is as good as taken with it */
    void show(Marking marking, double scale, boolean all) {
        view.show(marking, scale, all);
        if (!paper.getChildren().contains(view)) {
            paper.getChildren().add(view);
        }
    }

    /** Proposes nothing. */
    void rest() {
        paper.getChildren().remove(view);
    }

    /**
     * What a press takes.
     *
     * @param again whether what the press before took is still there to be changed
     */
    Optional<Marking> press(double x, double y, double scale, boolean again) {
        List<Marking> offers = proposals.at(x / scale, y / scale);
        taken = again && taken >= 0 && last.distance(x, y) <= SAME && !offers.isEmpty()
                ? (taken + 1) % offers.size()
                : 0;
        last = new Point2D(x, y);
        return offers.isEmpty() ? Optional.empty() : Optional.of(offers.get(taken));
    }
}

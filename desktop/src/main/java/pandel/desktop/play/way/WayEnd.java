package pandel.desktop.play.way;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import pandel.core.model.Prototype;
import pandel.core.play.Standstill;
import pandel.core.play.Tape;
import pandel.desktop.theme.Buttons;

/** Tells that a play has come to rest, and what can be done then. Not to be seen while something goes on. */
public final class WayEnd extends HBox {

    /**
     * What it asks of play.
     *
     * @param back winds back one step
     * @param link shows the screen on the desk
     * @param end marks the screen as an end
     */
    public record Asked(Runnable startOver, Runnable back, Runnable link, Runnable end) {}

    private final Label told = new Label();
    private final HBox presses = new HBox(4);
    private final Asked asked;

    public WayEnd(Asked asked) {
        this.asked = asked;
        getStyleClass().add("way-end");
        setId("way-end");
        setAlignment(Pos.CENTER_LEFT);
        told.getStyleClass().add("strong");
        told.setMinWidth(0);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        presses.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(told, space, presses);
        shown(false);
    }

    private void shown(boolean is) {
        setVisible(is);
        setManaged(is);
    }

    /** Tells of a tape where it stands; one that has only begun, or is wound back, tells nothing. */
    public void show(Prototype prototype, Tape tape) {
        Optional<Standstill> rest =
                tape.at() < tape.ticks().size() - 1 ? Optional.empty() : Standstill.of(prototype, tape.now());
        shown(rest.isPresent());
        rest.ifPresent(still -> {
            String title = "“" + title(prototype, still.screen()) + "”";
            String steps = tape.at() == 0
                    ? "where it begins"
                    : tape.at() == 1 ? "after one step" : "after " + tape.at() + " steps";
            String begun =
                    "“" + title(prototype, tape.ticks().getFirst().after().screen()) + "”";
            told.setText(
                    switch (still) {
                        case Standstill.Left left -> "Left by device back from " + title + ", " + steps + ".";
                        case Standstill.End end ->
                            title + " is an end, " + steps + (tape.at() == 0 ? "" : " from " + begun) + ".";
                        case Standstill.Stuck stuck -> "Nothing leads on from " + title + ".";
                    });
            presses.getChildren().setAll(presses(still));
            if (tape.at() > 0) {
                presses.getChildren()
                        .addAll(
                                Buttons.smallWord("One step back", "end-back", asked.back()),
                                Buttons.smallWord("Start over", "end-start-over", asked.startOver()));
            }
        });
    }

    /** What mends it, where nothing leads on. */
    private List<Button> presses(Standstill still) {
        return still instanceof Standstill.Stuck
                ? List.of(
                        Buttons.smallWord("Link it", "end-link", asked.link()),
                        Buttons.smallWord("It is an end", "end-mark", asked.end()))
                : List.of();
    }

    private static String title(Prototype prototype, String id) {
        return prototype.titleOf(id);
    }
}

package pandel.desktop.play;

import javafx.scene.layout.VBox;
import pandel.core.model.Prototype;
import pandel.core.play.situation.Situation;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.play.way.TrailPane;
import pandel.desktop.remark.RemarkCards;
import pandel.desktop.remark.Remarking;

/** What stands beside the device: the trail, and what people said about what is shown. */
final class PlaySide extends VBox {

    private final TrailPane trail;
    private final RemarkCards remarks;

    PlaySide(PictureLibrary pictures, Remarking remarking, Runnable ask) {
        trail = new TrailPane(pictures);
        remarks = new RemarkCards(remarking, "play-remark", ask);
        getChildren().addAll(trail, remarks);
    }

    void show(Prototype prototype, Situation now) {
        trail.show(prototype, now);
        remarks.show(prototype, now.screen());
    }
}

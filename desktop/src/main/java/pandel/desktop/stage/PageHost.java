package pandel.desktop.stage;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.layout.Region;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.picture.PictureThings;

/** Shows pages above everything, and asks for a thing of a kind. */
public interface PageHost extends StageGuide {

    /** Shows any content above everything until it is dismissed. */
    void show(Region content);

    /** Closes what is shown above everything. */
    void dismiss();

    /** Shows a view in place of the stage, until it is left or a stage is gone to. */
    void stand(StageView view);

    /** Shows the stage again in whose place a view stands. */
    void leave();

    /** Asks for a name. */
    void askName(String what, String now, Consumer<String> then);

    /**
     * Asks for one of some screens.
     *
     * @param told what is to be said beside a title; may be empty
     */
    void pick(String what, List<Screen> screens, Function<Screen, String> told, Consumer<Screen> then);

    /**
     * Asks for a picture.
     *
     * @param what it is for
     * @param then told when it was taken in
     */
    void takePicture(String what, Consumer<Picture> then);

    PictureLibrary pictures();

    /** What stands on the pictures. */
    PictureThings things();
}

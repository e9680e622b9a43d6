package pandel.desktop.stage;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.model.Look;
import pandel.core.model.device.Width;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.screen.State;

/** Brings pictures to screens. */
public interface ScreenPictures {

    /** Starts taking pictures in. */
    void gather(List<Path> paths);

    /** Takes in the pictures on the clipboard. */
    void paste();

    /** Asks for a newer picture of a screen. */
    void replacePicture(Screen screen);

    /** Asks for the picture of a look for a width. */
    void putPicture(Screen screen, Optional<State> state, Width width);

    /** Places hotspots on the picture of a look that a width shows, where the likeness with another picture says. */
    void placeByLikeness(Look look, Set<String> hotspots, Width width);

    /** Asks what of a picture stays put when it scrolls. */
    void fixParts(Screen screen, Picture picture);

    /** Looks which screens have pictures that are alike; told when it is known, if anything changed. */
    void findAlike(Runnable told);
}

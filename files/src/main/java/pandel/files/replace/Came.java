package pandel.files.replace;

import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;

/**
 * A picture that came.
 *
 * @param screen what it becomes when it goes with nothing had: a new screen of that one picture
 */
public record Came(Screen screen) {

    public Picture picture() {
        return (Picture) screen.mocks().getFirst();
    }
}

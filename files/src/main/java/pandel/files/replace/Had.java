package pandel.files.replace;

import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;

/** A picture the prototype has. */
public record Had(Screen screen, Picture picture) {}

package pandel.files.replace;

import pandel.core.model.Picture;
import pandel.core.model.Screen;

/** A picture the prototype has. */
public record Had(Screen screen, Picture picture) {}

package pandel.core.version;

import java.util.Optional;

/**
 * One thing that is otherwise now.
 *
 * @param screen id of the screen it is about; empty when it is about the prototype as a whole
 * @param sentence one plain sentence
 */
public record Change(Optional<String> screen, String sentence) {}

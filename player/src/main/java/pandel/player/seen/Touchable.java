package pandel.player.seen;

import pandel.core.model.screen.Area;

/**
 * Something that can be touched, for keys and for who does not see it.
 *
 * @param at in px of the device
 * @param touch what is told when it is: a word for what it is, then its id
 * @param role as ARIA names it
 * @param label what it says
 * @param chosen whether it is the one that is shown
 */
public record Touchable(Area at, String touch, String role, String label, boolean chosen) {}

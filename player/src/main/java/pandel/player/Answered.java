package pandel.player;

import java.util.List;
import java.util.Optional;
import pandel.core.play.layout.Aim;
import pandel.player.seen.Seen;

/**
 * What something that was done came to.
 *
 * @param told one sentence about what did nothing, or led out; may be empty
 * @param ring whether a touch hit nothing
 * @param motion how what is seen comes; empty: at once
 * @param asks how the link turns out is to be chosen
 * @param types the field to be typed in
 * @param typed what stands in it
 * @param seen what is to be drawn now
 */
public record Answered(
        String told,
        boolean ring,
        Optional<Move> motion,
        Optional<Asked> asks,
        Optional<Aim.FieldAt> types,
        String typed,
        Seen seen) {

    /**
     * How something comes, or goes.
     *
     * @param kind none, fade, slide across, slide along, rise, grow
     * @param direction left, right, up, down
     * @param easing as CSS writes it
     * @param backward whether it is played in reverse
     */
    public record Move(String kind, String direction, int ms, String easing, boolean backward) {}

    /**
     * How a link turns out is to be chosen.
     *
     * @param what was done, in words
     * @param outcomes their names
     */
    public record Asked(String what, List<String> outcomes) {}
}

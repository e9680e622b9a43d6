package pandel.core.check.solve;

import pandel.core.check.relevance.FollowedScreens;

/**
 * How much the checks follow.
 *
 * @param followed how many screens that links return to are followed together at most
 * @param withFacts how many places, with everything that is remembered there, are all looked at; where there are more,
 *     some are, and the rest is settled by what could be at most
 */
public record Budget(int followed, int withFacts) {

    /**
     * Cells come to at most: where the screens are few, where they are many, and in proportion to them; some 200 MB.
     */
    private static final int ROOM_OF_FEW = 40_000;

    private static final int ROOM_OF_MANY = 150_000;
    private static final int ROOM_EACH_OF_FEW = 150;
    private static final int ROOM_EACH_OF_MANY = 15;
    /** Cells come to at most where nothing changes facts. */
    static int room(int screens) {
        return Math.max(
                Math.clamp((long) ROOM_EACH_OF_FEW * screens, ROOM_OF_FEW, ROOM_OF_MANY), ROOM_EACH_OF_MANY * screens);
    }

    /** As much as a person waits for. */
    public static final Budget USUAL = new Budget(FollowedScreens.MOST, 20_000);
}

package pandel.core.check;

/**
 * How much the checks follow.
 *
 * @param followed  how many screens that links return to are followed together at most
 * @param withFacts how many places, with everything that is remembered there, are all looked at; where there are more, some are, and the rest is
 *                  settled by what could be at most
 */
record Effort(int followed, int withFacts) {

    /** As much as a person waits for. */
    static final Effort USUAL = new Effort(Named.MOST, 6_000);
}

package pandel.core.areas;

/**
 * A sign near the upper edge, alone or before words, as it could stand on other pictures too.
 *
 * @param sign the sign alone
 * @param ink what it looks like
 * @param area it with its words, with room for a finger
 */
record Marked(Box sign, long ink, Box area) {}

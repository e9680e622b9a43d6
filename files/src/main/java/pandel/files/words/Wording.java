package pandel.files.words;

/**
 * Words that stand somewhere in a prototype.
 *
 * @param key tells it from all others, and stays the same as long as its thing does
 * @param where it stands, in words: “screen “Tool”, hotspot “Reserve””
 * @param words as they stand, with names of values in braces
 */
public record Wording(String key, String where, String words) {}

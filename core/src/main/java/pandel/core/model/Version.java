package pandel.core.model;

/**
 * How the prototype was at a named moment, kept in its file.
 *
 * @param title what people call it: "sent on 12 May"
 * @param made the day it was kept, as ISO 8601 writes it: 2026-05-12
 */
public record Version(String id, String title, String made, Content content) {

    /** What was kept. */
    public sealed interface Content {

        /** A prototype, that has no versions of its own. */
        record Kept(Prototype prototype) implements Content {}

        /**
         * What cannot be read by this Pandel. It is carried along unread.
         *
         * @param text as it stands in the file
         * @param why a sentence
         */
        record Unread(String text, String why) implements Content {}
    }
}

package pandel.files.replace;

import java.util.Optional;

/**
 * One line of the comparison: what was had, what came, and how the two stand to each other.
 *
 * @param had empty: it is new
 * @param came empty: it is gone
 */
public record Pairing(Kind kind, Optional<Had> had, Optional<Came> came) {

    /** How what came stands to what was had. */
    public enum Kind {
        /** Byte for byte. */
        SAME("same"),
        /** The same name, another picture. */
        CHANGED("changed"),
        /** Another name, and it looks alike or is the same. */
        RENAMED("renamed"),
        /** Another name, and it may be a newer one of that or another screen: a person is asked. */
        PERHAPS("perhaps"),
        /** Nothing had goes with it. */
        NEW("new"),
        /** Nothing that came goes with it. */
        GONE("gone");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    static Pairing of(Kind kind, Had had, Came came) {
        return new Pairing(kind, Optional.of(had), Optional.of(came));
    }

    public static Pairing fresh(Came came) {
        return new Pairing(Kind.NEW, Optional.empty(), Optional.of(came));
    }

    public static Pairing gone(Had had) {
        return new Pairing(Kind.GONE, Optional.of(had), Optional.empty());
    }

    /** The same two, put together by a person. */
    public static Pairing chosen(Had had, Came came) {
        boolean same = had.picture().content().equals(came.picture().content());
        return of(
                same ? Kind.SAME : had.picture().source().equals(came.picture().source()) ? Kind.CHANGED : Kind.RENAMED,
                had,
                came);
    }

    /** Whether the screen's mock becomes another picture. */
    public boolean replaces() {
        return had.isPresent()
                && came.isPresent()
                && !had.get().picture().content().equals(came.get().picture().content());
    }
}

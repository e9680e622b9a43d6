package pandel.files.handon;

/** Told how making something goes; off the interface thread, from several threads at once. */
public interface Course {

    /**
     * A picture is not there or cannot be read; its screens show their titles.
     *
     * @param content of the picture
     */
    void missing(String content);

    /** Something of it cannot be carried, in a sentence. */
    default void told(String sentence) {}

    /** So many of all pictures are ready. */
    default void ready(int pictures, int of) {}

    /** Whether it is to end; then nothing is made. */
    default boolean isStopped() {
        return false;
    }
}

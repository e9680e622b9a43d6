package pandel.files.picture;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import pandel.files.Unreadable;

/** Small pictures by content hash, kept on disk between sessions. Losing them loses nothing: they are made anew. */
public final class Thumbnails {

    /** Pixels that a thumbnail is wide at the most. */
    public static final int WIDE = 280;

    /** Another name whenever thumbnails are made otherwise, so that none made before is shown. */
    private static final String MADE_BY = "thumbnails-2";

    private final Path folder;

    public Thumbnails(Path folder) {
        this.folder = folder;
    }

    /** Those of this user, where the system keeps such things. */
    public static Thumbnails ofUser() {
        String cache = System.getenv("XDG_CACHE_HOME");
        Path base =
                cache != null && !cache.isBlank() ? Path.of(cache) : Path.of(System.getProperty("user.home"), ".cache");
        return new Thumbnails(base.resolve("pandel").resolve(MADE_BY));
    }

    /** The thumbnail of a picture, if it was made before. */
    public Optional<Raster> find(String content) {
        Path file = file(content);
        if (!Files.isRegularFile(file)) {
            return Optional.empty();
        }
        try {
            return Optional.of(Pictures.decode(Files.readAllBytes(file), content));
        } catch (IOException | Unreadable e) {
            return Optional.empty();
        }
    }

    /** Where the bytes of pictures are. */
    public interface Bytes {
        Optional<byte[]> read(String content) throws IOException;
    }

    /** The thumbnail of a picture, made where it is not there yet; empty when there is no such picture. */
    public Optional<Raster> findOrMake(String content, Bytes bytes) throws IOException, Unreadable {
        Optional<Raster> kept = find(content);
        if (kept.isPresent()) {
            return kept;
        }
        Optional<byte[]> file = bytes.read(content);
        return file.isEmpty() ? Optional.empty() : Optional.of(make(content, Pictures.decode(file.get(), content)));
    }

    /** Shrinks a picture and keeps the result; when it cannot be kept it is still given. */
    public Raster make(String content, Raster whole) {
        Raster small = whole.shrunkTo(WIDE);
        keep(content, small);
        return small;
    }

    /**
     * Keeps a picture that was shrunk to {@link #WIDE}. A full or read-only cache costs time next time, nothing else.
     */
    public void keep(String content, Raster small) {
        try {
            Files.createDirectories(folder);
            Path beside = Files.createTempFile(folder, "new", ".png");
            Files.write(beside, Pictures.png(small));
            Files.move(beside, file(content), StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            return;
        }
    }

    private Path file(String content) {
        return folder.resolve(content.replaceAll("\\..*$", "") + "-" + WIDE + ".png");
    }
}

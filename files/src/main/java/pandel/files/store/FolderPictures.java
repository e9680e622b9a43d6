package pandel.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;
import pandel.files.picture.Pictures;

/**
 * Pictures as files in a folder.
 *
 * @param inside nothing that lies outside of this folder is read, whatever links say
 */
record FolderPictures(Path folder, Path inside) implements PictureSource {

    FolderPictures(Path folder) {
        this(folder, folder);
    }

    @Override
    public Optional<byte[]> read(String content) throws IOException {
        Path file = folder.resolve(content);
        return folder.equals(file.getParent()) && isPlain(file, inside) && Files.size(file) <= Pictures.MOST_BYTES
                ? Optional.of(Files.readAllBytes(file))
                : Optional.empty();
    }

    /** Whether a file is there, and really lies inside a folder. */
    static boolean isPlain(Path file, Path inside) throws IOException {
        try {
            return Files.isRegularFile(file) && file.toRealPath().startsWith(inside.toRealPath());
        } catch (NoSuchFileException e) {
            return false;
        }
    }
}

package pandel.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.Optional;

/**
 * How a file was when it was last looked at, so that it shows when somebody else has written to it.
 *
 * @param key what the file system knows the file by, which another file in its place does not have; empty where it has
 *     none
 */
public record FileStamp(long size, FileTime modified, String key) {

    /** Of a file that is not there. */
    public static final FileStamp NONE = new FileStamp(-1, FileTime.fromMillis(0), "");

    /** How it is now; {@link #NONE} when it is not there. */
    public static FileStamp now(Path path) {
        return of(path).orElse(NONE);
    }

    /** Empty when it is not there or cannot be looked at. Of a folder its prototype.json counts. */
    public static Optional<FileStamp> of(Path path) {
        Path file = Files.isDirectory(path) ? path.resolve(PrototypeFile.JSON) : path;
        try {
            BasicFileAttributes is = Files.readAttributes(file, BasicFileAttributes.class);
            return Optional.of(new FileStamp(
                    is.size(),
                    is.lastModifiedTime(),
                    is.fileKey() == null ? "" : is.fileKey().toString()));
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}

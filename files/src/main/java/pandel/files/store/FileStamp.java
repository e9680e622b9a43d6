package pandel.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Optional;

/** How a file was when it was last looked at, so that it shows when somebody else has written to it. */
public record FileStamp(long size, FileTime modified) {

    /** Empty when it is not there or cannot be looked at. Of a folder its prototype.json counts. */
    public static Optional<FileStamp> of(Path path) {
        Path file = Files.isDirectory(path) ? path.resolve(PrototypeFile.JSON) : path;
        try {
            return Optional.of(new FileStamp(Files.size(file), Files.getLastModifiedTime(file)));
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}

package pandel.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** Pictures as files in a folder. */
record FolderPictures(Path folder) implements PictureSource {

    @Override
    public Optional<byte[]> read(String content) throws IOException {
        Path file = folder.resolve(content);
        return file.getParent().equals(folder) && Files.isRegularFile(file) ? Optional.of(Files.readAllBytes(file)) : Optional.empty();
    }
}

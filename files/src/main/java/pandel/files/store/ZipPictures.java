package pandel.files.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import pandel.files.picture.Pictures;

/** Pictures inside a prototype file. The file is opened for each picture, so that nothing keeps it from being replaced. */
record ZipPictures(Path file) implements PictureSource {

    @Override
    public Optional<byte[]> read(String content) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            ZipEntry entry = zip.getEntry(PrototypeFile.PICTURES + content);
            if (entry == null) {
                return Optional.empty();
            }
            try (InputStream in = zip.getInputStream(entry)) {
                byte[] bytes = in.readNBytes((int) Pictures.MOST_BYTES + 1);
                return bytes.length > Pictures.MOST_BYTES ? Optional.empty() : Optional.of(bytes);
            }
        } catch (NoSuchFileException e) {
            return Optional.empty();
        }
    }
}

package pandel.files.store;

import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import pandel.files.picture.Pictures;

/**
 * Pictures inside a prototype file. Where an open file may be replaced it is held open, so that pictures stay readable
 * when another program puts something else in its place; elsewhere it is opened for each picture, so that it can be
 * replaced at all.
 */
final class ZipPictures implements PictureSource, AutoCloseable {

    private static final boolean OPEN_FILES_MAY_BE_REPLACED = File.separatorChar == '/';

    private final Path file;
    private final Optional<ZipFile> held;

    ZipPictures(Path file) throws IOException {
        this.file = file.toAbsolutePath();
        this.held = OPEN_FILES_MAY_BE_REPLACED ? Optional.of(new ZipFile(file.toFile())) : Optional.empty();
    }

    Path file() {
        return file;
    }

    @Override
    public Optional<byte[]> read(String content) throws IOException {
        if (held.isPresent()) {
            try {
                return read(held.get(), content);
            } catch (IllegalStateException e) {
                // It was closed: another prototype is open, and nobody waits for this picture any more.
                return Optional.empty();
            }
        }
        try (ZipFile zip = new ZipFile(file.toFile())) {
            return read(zip, content);
        } catch (NoSuchFileException e) {
            return Optional.empty();
        }
    }

    private static Optional<byte[]> read(ZipFile zip, String content) throws IOException {
        ZipEntry entry = zip.getEntry(PrototypeFile.PICTURES + content);
        if (entry == null) {
            return Optional.empty();
        }
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes((int) Pictures.MOST_BYTES + 1);
            if (entry.getSize() >= 0 && bytes.length < entry.getSize()) {
                throw new IOException("“" + file(zip) + "” was cut short since it was opened");
            }
            return bytes.length > Pictures.MOST_BYTES ? Optional.empty() : Optional.of(bytes);
        }
    }

    private static String file(ZipFile zip) {
        return String.valueOf(Path.of(zip.getName()).getFileName());
    }

    /** Content names of all pictures in it. */
    List<String> contents() throws IOException {
        if (held.isPresent()) {
            return contents(held.get());
        }
        try (ZipFile zip = new ZipFile(file.toFile())) {
            return contents(zip);
        }
    }

    private static List<String> contents(ZipFile zip) {
        return zip.stream()
                .map(ZipEntry::getName)
                .filter(n -> n.startsWith(PrototypeFile.PICTURES))
                .map(n -> n.substring(PrototypeFile.PICTURES.length()))
                .toList();
    }

    @Override
    public void close() throws IOException {
        if (held.isPresent()) {
            held.get().close();
        }
    }
}
